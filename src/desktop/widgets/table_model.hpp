#pragma once
#include <QAbstractTableModel>
#include <QStringList>
#include <vector>

namespace fusain::desktop {

/// Rows of text, each with the id of what it is about, and what each cell is sorted by.
class TableModel : public QAbstractTableModel {
    Q_OBJECT
public:
    struct Cell {
        QString text;
        QVariant sort = {}; ///< a number or a time; the text itself where there is none
        QString tip = {};   ///< what the pointer shows; the text itself where there is none
        QVariant picture = {}; ///< drawn by the column's delegate
    };
    struct Row {
        QString id; ///< empty for a row that opens nothing
        std::vector<Cell> cells;
    };
    enum Roles { IdRole = Qt::UserRole, SortRole, PictureRole };

    explicit TableModel(QStringList columns, QObject* parent = nullptr)
        : QAbstractTableModel(parent), columns_(std::move(columns)) {}
    void setRows(std::vector<Row> rows);

    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

private:
    QStringList columns_;
    std::vector<Row> rows_;
};

} // namespace fusain::desktop
