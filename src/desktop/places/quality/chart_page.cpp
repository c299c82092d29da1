#include "desktop/places/quality/chart_page.hpp"

#include "core/units/format.hpp"
#include "desktop/widgets/appearance.hpp"
#include "report/base/words.hpp"
#include "report/pages/quality_report.hpp"

#include <QVBoxLayout>

namespace fusain::desktop {
namespace {

constexpr std::size_t listedChecks = 200;

} // namespace

ChartPage::ChartPage(Session& session)
    : session_(session), chart_(new FigureView(tr("Control chart"), 260)), words_(label({}, "heading")),
      flags_(table({tr("when"), tr("value"), tr("rules")}, tr("Points that break a rule"))) {
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(words_);
    chart_->setStretching(70.0);
    layout->addWidget(chart_, 2);
    layout->addWidget(
        label(tr("Points that break a rule. Click a point, or activate a line, to open its check."), "soft"));
    layout->addWidget(flags_, 1);
    flags_->setColumnWidth(0, scaled(160));
    flags_->setColumnWidth(1, scaled(110));
    connect(flags_, &QTableWidget::cellActivated, this,
            [this](int row) { Q_EMIT checkOpened(flags_->item(row, 0)->data(Qt::UserRole).toString()); });
    connect(chart_, &FigureView::clicked, this, [this](const QPointF& place) {
        if (const auto point = report::controlPointAt(place, chart_->area(), model_))
            Q_EMIT checkOpened(charted_[*point]);
    });
}

void ChartPage::showChart(const CheckDefinition& definition, const ControlSeries& series) {
    model_ = report::chartOf(series, definition);
    charted_.clear();
    for (const Check& check : series.checks)
        charted_.push_back(report::plain(check.id));
    words_->setText(
        series.checks.empty() ? tr("No checks yet. The first ten make the baseline.")
        : !series.baseline
            ? tr("%1 of 10 values for the baseline; nothing is judged before.").arg(series.checks.size())
            : tr("Mean %1, SD %2 %3; %4 of %5 points out of control.")
                  .arg(report::number(series.baseline->mean, definition.decimals),
                       report::number(series.baseline->standardDeviation, definition.decimals + 1),
                       report::plain(definition.unit))
                  .arg(series.rejected())
                  .arg(series.points.size()));
    chart_->setPaint([model = model_, &palette = session_.palette()](QPainter& painter, const QRectF& area) {
        report::paintControlChart(painter, area, model, palette);
    });
    fillFlags(definition, series);
}

void ChartPage::fillFlags(const CheckDefinition& definition, const ControlSeries& series) {
    flags_->setRowCount(0);
    for (std::size_t i = series.points.size();
         i-- > 0 && flags_->rowCount() < static_cast<int>(listedChecks);) {
        if (series.points[i].rules.empty())
            continue;
        QStringList rules;
        for (const quality::ControlRule rule : series.points[i].rules)
            rules << report::say(quality::inWords(rule));
        setRow(flags_, flags_->rowCount(),
               {report::day(series.checks[i].at) + QStringLiteral("  ") + report::clock(series.checks[i].at),
                report::number(series.checks[i].reading, definition.decimals),
                rules.join(QStringLiteral("; "))});
        flags_->item(flags_->rowCount() - 1, 0)->setData(Qt::UserRole, charted_[i]);
    }
}

} // namespace fusain::desktop

#include "moc_chart_page.cpp"
