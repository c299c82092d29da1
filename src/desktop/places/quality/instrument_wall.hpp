#pragma once
#include "report/base/style.hpp"
#include "report/figures/control_chart_figure.hpp"

#include <QAbstractListModel>
#include <QListView>

namespace fusain::desktop {

/// One instrument on the wall.
struct InstrumentCard {
    QString id, name;
    QString verdict;   ///< one sentence, with its sign
    bool good = true;  ///< nothing to do
    double left = 0.0; ///< of the time for which the check holds, 1 … 0
    QString check;     ///< which check the picture and the clock are of
    QString others;    ///< its other checks, each with its sign; empty when there is one
    report::ControlChartModel chart;
};

/// The cards in the order of the lab's instruments.
class InstrumentCards : public QAbstractListModel {
    Q_OBJECT
public:
    using QAbstractListModel::QAbstractListModel;
    void setCards(std::vector<InstrumentCard> cards);
    [[nodiscard]] const InstrumentCard* at(int row) const;
    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;

private:
    std::vector<InstrumentCard> cards_;
};

/// All instruments at one look: name, the last twenty checks between their limits, how long the check still
/// holds, one verdict. Enter opens what is behind a card.
class InstrumentWall : public QListView {
    Q_OBJECT
public:
    explicit InstrumentWall(const report::Palette& palette);
    void showCards(std::vector<InstrumentCard> cards);
    void usePalette(const report::Palette& palette);
    void choose(const QString& id);

Q_SIGNALS:
    void opened(const QString& id);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    InstrumentCards* cards_;
    class CardDelegate* delegate_;
};

} // namespace fusain::desktop
