#include "desktop/bench/method/trial_board.hpp"

#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/parts.hpp"
#include "report/base/words.hpp"
#include "report/figures/rule_figure.hpp"

#include <QHeaderView>
#include <QPainter>
#include <QPainterPath>
#include <QStyledItemDelegate>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace fusain::desktop {
namespace {

enum Column { Number, Value, Trace, Axis, Words };
constexpr double margin = 12.0;   // pixels between the axis and the edges of its column
constexpr double leastHalf = 5.0; // pixels of a lens

/// What the rows and the axis under them are drawn from.
struct Drawn {
    BoardModel model;
    const report::Palette* palette = &report::lightPalette();
    [[nodiscard]] double perUnit(const QRectF& cell) const {
        const auto [from, to] = axisOf(model);
        return (cell.width() - 2.0 * margin) / (to - from);
    }
    [[nodiscard]] double x(double value, const QRectF& cell) const {
        return cell.left() + margin + (value - axisOf(model).first) * perUnit(cell);
    }
};

void paintTrace(QPainter& painter, const QRectF& cell, const BoardTrial& trial,
                const report::Palette& palette) {
    if (trial.trace.size() < 2)
        return;
    const auto [least, most] = std::ranges::minmax(trial.trace);
    QPolygonF line;
    for (std::size_t i = 0; i < trial.trace.size(); ++i)
        line << QPointF(cell.left() + cell.width() * double(i) / double(trial.trace.size() - 1),
                        cell.bottom() -
                            cell.height() * (trial.trace[i] - least) / std::max(1e-9, most - least));
    painter.setPen(QPen(palette.softInk, 1.0));
    painter.drawPolyline(line);
}

void paintBracket(QPainter& painter, const QRectF& cell, const Drawn& drawn) {
    const auto bracket = bracketOf(drawn.model);
    if (!bracket)
        return;
    const double left = drawn.x(bracket->first, cell), right = drawn.x(bracket->second, cell);
    painter.fillRect(QRectF(left, cell.top(), right - left, cell.height()),
                     QBrush(drawn.palette->rule, Qt::BDiagPattern));
    painter.setPen(QPen(drawn.palette->softInk, 1.0));
    painter.drawLine(QPointF(left, cell.top()), QPointF(left, cell.bottom()));
    painter.drawLine(QPointF(right, cell.top()), QPointF(right, cell.bottom()));
}

// One that lies far off is a sign at the edge that it lies beyond.
void paintMark(QPainter& painter, const QRectF& cell, const BoardTrial& trial, const Drawn& drawn) {
    const report::Palette& palette = *drawn.palette;
    const double y = cell.center().y(), x = drawn.x(trial.value, cell);
    if (x < cell.left() || x > cell.right()) {
        painter.setPen(palette.softInk);
        painter.drawText(cell.adjusted(2, 0, -2, 0),
                         Qt::AlignVCenter | (x < cell.left() ? Qt::AlignLeft : Qt::AlignRight),
                         x < cell.left() ? QStringLiteral("◂") : QStringLiteral("▸"));
        return;
    }
    const double height = std::min(10.0, 0.4 * cell.height());
    if (trial.state == BoardTrial::State::Ready) {
        painter.setPen(QPen(palette.berry, 1.4, Qt::DashLine));
        painter.setBrush(Qt::NoBrush);
        painter.drawEllipse(QPointF(x, y), std::max(5.0, trial.half() * drawn.perUnit(cell)), height);
        painter.drawLine(QPointF(x, y - height), QPointF(x, y + height));
        return;
    }
    // A reading finer than the picture is a lens all the same; one without an interval is a bare line.
    const double half = trial.half() > 0.0 ? std::max(trial.half(), leastHalf / drawn.perUnit(cell)) : 0.0;
    report::paintSpindle(painter, {trial.value, half, trial.state != BoardTrial::State::Used},
                         cell.left() + margin - axisOf(drawn.model).first * drawn.perUnit(cell),
                         drawn.perUnit(cell), y, height, palette);
    if (trial.state == BoardTrial::State::Excluded) {
        painter.setPen(QPen(palette.softInk, 1.4));
        const double reach = std::max(9.0, trial.half() * drawn.perUnit(cell)) + 4.0;
        painter.drawLine(QPointF(x - reach, y), QPointF(x + reach, y));
    }
}

class BoardDelegate : public QStyledItemDelegate {
public:
    BoardDelegate(const Drawn& drawn, QObject* parent) : QStyledItemDelegate(parent), drawn_(drawn) {}
    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        QStyledItemDelegate::paint(painter, option, index);
        const auto row = static_cast<std::size_t>(index.row());
        if (row >= drawn_.model.trials.size())
            return;
        const BoardTrial& trial = drawn_.model.trials[row];
        painter->save();
        painter->setRenderHint(QPainter::Antialiasing);
        if (index.column() == Trace)
            paintTrace(*painter, QRectF(option.rect).adjusted(4, 5, -8, -5), trial, *drawn_.palette);
        if (index.column() == Axis) {
            paintBracket(*painter, option.rect, drawn_);
            paintMark(*painter, option.rect, trial, drawn_);
        }
        painter->restore();
    }

private:
    const Drawn& drawn_;
};

/// The graduations under the rows.
class BoardAxis : public QWidget {
public:
    BoardAxis(const QTableWidget& rows, QString unit) : rows_(rows), unit_(std::move(unit)) {
        setFixedHeight(scaled(24));
        setAttribute(Qt::WA_TransparentForMouseEvents);
    }
    Drawn drawn;

protected:
    void paintEvent(QPaintEvent* /*event*/) override {
        if (drawn.model.trials.empty())
            return;
        QPainter painter(this);
        const report::Palette& palette = *drawn.palette;
        const QRectF cell(rows_.columnViewportPosition(Axis) + 1, 0, rows_.columnWidth(Axis), height());
        painter.setPen(QPen(palette.ink, 1.0));
        painter.drawLine(QPointF(cell.left() + margin, 1), QPointF(cell.right() - margin, 1));
        const auto [from, to] = axisOf(drawn.model);
        const double step =
            report::graduation(to - from, std::max(2, static_cast<int>(cell.width() / scaled(58))));
        painter.setFont(report::numberFont(scaled(11)));
        const int decimals = step < 0.01 ? 3 : step < 0.1 ? 2 : 1;
        for (double value = std::ceil(from / step) * step; value <= to + 1e-9; value += step) {
            const double x = drawn.x(value, cell);
            painter.setPen(QPen(palette.ink, 1.0));
            painter.drawLine(QPointF(x, 1), QPointF(x, 5));
            painter.setPen(palette.softInk);
            painter.drawText(QRectF(x - 40, 6, 80, height() - 6), Qt::AlignHCenter | Qt::AlignTop,
                             report::number(value, decimals));
        }
        painter.setFont(report::textFont(scaled(11)));
        painter.drawText(QRectF(cell.right() + 8, 4, width() - cell.right() - 8, height() - 4), Qt::AlignLeft,
                         unit_);
    }

private:
    const QTableWidget& rows_;
    QString unit_;
};

} // namespace

std::pair<BoardTrial::State, QString> standingOnTheBoard(const std::string& excluded, bool used) {
    using enum BoardTrial::State;
    if (!excluded.empty())
        return {Excluded, QObject::tr("excluded: %1").arg(QString::fromStdString(excluded))};
    return used ? std::pair(Used, QObject::tr("used")) : std::pair(Counts, QObject::tr("valid, not used"));
}

double BoardTrial::half() const {
    constexpr double twoSided = 1.96;
    return twoSided * standardError;
}

std::optional<std::pair<double, double>> bracketOf(const BoardModel& model) {
    std::vector<double> values;
    for (const BoardTrial& trial : model.trials)
        if (trial.state != BoardTrial::State::Excluded)
            values.push_back(trial.value);
    std::ranges::sort(values);
    std::size_t most = 1;
    std::optional<std::pair<double, double>> agree;
    for (std::size_t first = 0; first < values.size(); ++first) {
        const auto last = std::ranges::upper_bound(values, values[first] + model.tolerance + 1e-9) - 1;
        if (const auto many = static_cast<std::size_t>(last - values.begin()) - first + 1;
            many > 1 && many >= most) {
            most = many;
            agree = {values[first], *last};
        }
    }
    if (!agree)
        return std::nullopt;
    const double middle = 0.5 * (agree->first + agree->second);
    return std::pair(middle - 0.5 * model.tolerance, middle + 0.5 * model.tolerance);
}

std::pair<double, double> axisOf(const BoardModel& model) {
    std::vector<double> ends;
    for (const BoardTrial& trial : model.trials)
        if (trial.state != BoardTrial::State::Excluded)
            ends.insert(ends.end(), {trial.value - trial.half(), trial.value + trial.half()});
    if (ends.empty())
        for (const BoardTrial& trial : model.trials)
            ends.push_back(trial.value);
    if (const auto bracket = bracketOf(model))
        ends.insert(ends.end(), {bracket->first, bracket->second});
    if (ends.empty())
        return {0.0, 1.0};
    const auto [least, most] = std::ranges::minmax(ends);
    const double missing = std::max({0.0, 3.0 * model.tolerance - (most - least), 1e-3 - (most - least)});
    const double air = 0.05 * (most - least);
    return {least - 0.5 * missing - air, most + 0.5 * missing + air};
}

TrialBoard::TrialBoard(const QString& accessibleName, const QString& unit)
    : rows_(table({tr("no."), unit, QString(), QString(), QString()}, accessibleName)),
      axis_(new BoardAxis(*rows_, unit)) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(rows_, 1);
    layout->addWidget(axis_);
    auto* header = rows_->horizontalHeader();
    header->setStretchLastSection(false);
    header->setMinimumSectionSize(scaled(30));
    header->setSectionResizeMode(Axis, QHeaderView::Stretch);
    for (const auto& [column, width] :
         {std::pair(Number, 42), std::pair(Value, 70), std::pair(Trace, 58), std::pair(Words, 124)})
        rows_->setColumnWidth(column, scaled(width));
    auto* delegate = new BoardDelegate(static_cast<BoardAxis*>(axis_)->drawn, this);
    rows_->setItemDelegate(delegate);
    rows_->setMinimumHeight(scaled(110));
    connect(rows_, &QTableWidget::currentCellChanged, this, &TrialBoard::chosenChanged);
    connect(header, &QHeaderView::sectionResized, axis_, qOverload<>(&QWidget::update));
}

void TrialBoard::showTrials(const BoardModel& model, const QString& rule, const report::Palette& palette) {
    auto& drawn = static_cast<BoardAxis*>(axis_)->drawn;
    const bool more = model.trials.size() > drawn.model.trials.size();
    drawn = {model, &palette};
    rows_->horizontalHeaderItem(Axis)->setText(rule);
    rows_->horizontalHeaderItem(Axis)->setToolTip(plainTip(rule));
    const QSignalBlocker blocker(rows_);
    rows_->setRowCount(static_cast<int>(model.trials.size()));
    for (int row = 0; row < rows_->rowCount(); ++row) {
        const BoardTrial& trial = model.trials[static_cast<std::size_t>(row)];
        const QString value = report::number(trial.value, model.decimals);
        setRow(rows_, row, {QString::number(trial.number), value, QString(), QString(), trial.words});
        QFont font =
            report::numberFont(scaled(13), trial.state == BoardTrial::State::Used ? report::Weight::SemiBold
                                                                                  : report::Weight::Regular);
        font.setStrikeOut(trial.state == BoardTrial::State::Excluded);
        rows_->item(row, Value)->setFont(font);
    }
    if (more || rows_->currentRow() >= rows_->rowCount())
        rows_->setCurrentCell(rows_->rowCount() - 1, 0);
    if (rows_->rowCount() > 0)
        rows_->scrollToBottom();
    axis_->update();
    rows_->viewport()->update();
}

int TrialBoard::chosen() const {
    const auto* item = rows_->item(rows_->currentRow(), Number);
    return item ? item->text().toInt() : 0;
}

} // namespace fusain::desktop

#include "moc_trial_board.cpp"
