#pragma once
#include "desktop/services/session.hpp"

#include <QAbstractTableModel>
#include <QDate>
#include <QTableView>

namespace fusain::desktop {

/// Words for where an instrument stands, by its kind: "Tank", or as the lab names it.
[[nodiscard]] QString laneName(const std::string& instrument, const LabCatalogue& catalogue);

/// Seven days side by side, what is booked on each from above; what is wrong with a day stands in its head.
class WeekModel : public QAbstractTableModel {
    Q_OBJECT
public:
    struct Day {
        QDate date;
        qsizetype problems = 0;
        QStringList appointments; ///< by the clock
    };
    explicit WeekModel(QObject* parent = nullptr) : QAbstractTableModel(parent) {}
    void setDays(std::vector<Day> days);

    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

private:
    std::vector<Day> days_;
};

/// The week of a day; Enter opens the day that the keyboard is on.
class WeekPage : public QTableView {
    Q_OBJECT
public:
    explicit WeekPage(Session& session);
    void showWeekOf(QDate day);
    [[nodiscard]] QDate first() const { return first_; }

Q_SIGNALS:
    void dayChosen(QDate day);

private:
    Session& session_;
    WeekModel* model_;
    QDate first_;
};

} // namespace fusain::desktop
