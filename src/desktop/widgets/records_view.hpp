#pragma once
#include "desktop/widgets/table_model.hpp"

#include <QSortFilterProxyModel>
#include <QTableView>
#include <QTimer>

namespace fusain::desktop {

/// A table of records: sorted by a click on a column's head, several rows chosen at once, copied with Ctrl+C.
/// What is chosen is known by its id and stays chosen when rows come, go or change their order.
class RecordsView : public QTableView {
    Q_OBJECT
public:
    RecordsView(const QStringList& columns, const QString& accessibleName, QWidget* parent = nullptr);
    void setRows(std::vector<TableModel::Row> rows);
    /// Id of the row that the keyboard is on; empty without one.
    [[nodiscard]] QString current() const;
    void choose(const QString& id);
    /// What Ctrl+C takes: heads and the chosen rows, columns parted by tabs.
    [[nodiscard]] QString chosenAsText() const;
    [[nodiscard]] TableModel& rows() { return *model_; }
    /// Widths, order of the columns and sorting, to be kept and put back.
    [[nodiscard]] QByteArray columns() const;
    void setColumns(const QByteArray& columns);

Q_SIGNALS:
    void currentIdChanged(const QString& id);
    void activatedId(const QString& id);
    void columnsChanged();

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void currentChanged(const QModelIndex& current, const QModelIndex& previous) override;

private:
    TableModel* model_;
    QSortFilterProxyModel* sorted_;
    QTimer* settled_; ///< until the columns have come to rest
};

} // namespace fusain::desktop
