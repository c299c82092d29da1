#include "report/pages/quality_report.hpp"

#include "core/units/format.hpp"
#include "report/base/words.hpp"

#include <QCoreApplication>
#include <algorithm>

namespace fusain::report {
namespace {

double daysOf(Instant instant) {
    return static_cast<double>(instant.milliseconds) / 86400000.0;
}

void definitionLines(PageFlow& flow, const CheckDefinition& check) {
    flow.heading(say(std::string_view(check.title)));
    QString reference =
        tr("Reference: %1, %2 ± %3 %4")
            .arg(say(std::string_view(check.object)), number(check.rule.nominal, check.decimals),
                 number(check.uncertainty, 4), plain(check.unit));
    if (check.certificateUntil)
        reference += tr(", certificate until %1").arg(plain(isoText(*check.certificateUntil)));
    flow.paragraph(reference, 9);
    flow.paragraph(tr("Limits: %1").arg(say(std::string_view(check.source))), 9);
}

// What of a judged series lies in the period.
ControlSeries part(const ControlSeries& whole, const Period& period) {
    ControlSeries series;
    series.baseline = whole.baseline;
    series.stretches = whole.stretches;
    for (std::size_t i = 0; i < whole.checks.size(); ++i)
        if (period.contains(whole.checks[i].at)) {
            series.checks.push_back(whole.checks[i]);
            series.points.push_back(whole.points[i]);
        }
    std::ranges::copy_if(whole.services, std::back_inserter(series.services),
                         [&](Instant service) { return period.contains(service); });
    return series;
}

} // namespace

std::vector<Check> within(const Period& period, const std::vector<Check>& checks) {
    std::vector<Check> chosen;
    std::ranges::copy_if(checks, std::back_inserter(chosen),
                         [&](const Check& check) { return period.contains(check.at); });
    return chosen;
}

ControlChartModel chartOf(const ControlSeries& series, const CheckDefinition& definition) {
    ControlChartModel model;
    model.unit = plain(definition.unit);
    model.decimals = definition.decimals;
    for (const Check& check : series.checks) {
        model.days.push_back(daysOf(check.at));
        model.values.push_back(check.reading);
    }
    model.points = series.points;
    for (const ControlSeries::Stretch& stretch : series.stretches) // as far as they lie in the shown period
        if (const double from = std::max(daysOf(stretch.from), model.days.empty() ? 0.0 : model.days.front()),
            until = std::min(daysOf(stretch.until), model.days.empty() ? 0.0 : model.days.back());
            from <= until)
            model.limits.push_back({from, until, stretch.baseline});
    // Before there is a baseline the picture is drawn about the certified value and its limit.
    if (model.limits.empty() && !model.days.empty())
        model.limits.push_back(
            {model.days.front(),
             model.days.back(),
             {definition.rule.nominal,
              definition.rule.meanLimit.value_or(definition.rule.eachLimit.value_or(1.0)) / 3.0, 0}});
    for (const Instant service : series.services)
        model.services.push_back(daysOf(service));
    if (!series.checks.empty()) {
        model.firstDay = day(series.checks.front().at);
        model.lastDay = day(series.checks.back().at);
    }
    return model;
}

PageFlow qualityReport(const Letterhead& lab, const Instrument& instrument, const std::vector<Check>& history,
                       const Period& period, const std::function<std::string(const std::string&)>& nameOf) {
    const std::vector<Check> checks = within(period, history);
    PageFlow flow(tr("%1 · quality report").arg(plain(lab.name)), lab);
    flow.title(tr("Quality report: %1").arg(say(std::string_view(instrument.name))));
    if (!checks.empty())
        flow.paragraph(tr("%1 to %2, %3 entries")
                           .arg(longDay(checks.front().at), longDay(checks.back().at))
                           .arg(checks.size()),
                       10, printPalette().softInk);
    flow.rule();
    for (const CheckDefinition& definition : instrument.checks) {
        definitionLines(flow, definition);
        const ControlSeries series = part(controlSeries(definition, history), period);
        if (series.checks.empty()) {
            flow.paragraph(tr("Not made in this period."), 9);
            continue;
        }
        flow.figure(190, [model = chartOf(series, definition)](QPainter& painter, const QRectF& area) {
            painter.save();
            painter.translate(area.topLeft());
            painter.scale(0.7, 0.7);
            paintControlChart(painter, QRectF(0, 0, area.width() / 0.7, area.height() / 0.7), model,
                              printPalette());
            painter.restore();
        });
        const std::vector<double> columns{0.2, 0.13, 0.13, 0.12, 0.12, 0.3};
        const std::vector<int> numbers{1, 2};
        flow.row({tr("when"), tr("reading"), tr("error"), tr("verdict"), tr("by"), tr("rules")}, columns, true,
                 numbers);
        for (std::size_t i = 0; i < series.checks.size(); ++i) {
            const Check& check = series.checks[i];
            QStringList rules;
            for (const quality::ControlRule rule : series.points[i].rules)
                rules << say(quality::inWords(rule));
            flow.row(
                {day(check.at) + QLatin1Char(' ') + clock(check.at), number(check.reading, definition.decimals),
                 signedNumber(check.error(), definition.decimals), check.passed ? tr("passed") : tr("failed"),
                 plain(nameOf(check.by)), rules.join(QStringLiteral("; "))},
                columns, false, numbers, 8.5);
        }
    }
    for (const Check& check : checks)
        if (check.kind == "service")
            flow.paragraph(tr("Service on %1 by %2: %3")
                               .arg(longDay(check.at), plain(nameOf(check.by)), plain(check.note)),
                           9);
    return flow;
}

} // namespace fusain::report
