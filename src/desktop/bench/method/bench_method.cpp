#include "desktop/bench/method/bench_method.hpp"

#include "desktop/bench/method/closing_panels.hpp"
#include "desktop/bench/method/interpretation_panel.hpp"
#include "desktop/bench/method/questions_panel.hpp"
#include "desktop/bench/method/sign_panel.hpp"
#include "report/base/words.hpp"

namespace fusain::desktop {

QStringList readingRow(const QString& name, double value, int decimals, const QString& unit) {
    return {name, report::number(value, decimals) + QLatin1Char(' ') + unit};
}

QStringList readingRow(const QString& name, Dimension dimension, double kept, int decimals, UnitSystem units) {
    return readingRow(name, shownFromKept(dimension, kept, units), decimals,
                      report::plain(std::string(unitOf(dimension, units))));
}

QString countOf(std::size_t readings) {
    return readings > 0 ? QObject::tr("%1 taken").arg(readings) : QString();
}

QStringList inWords(const std::vector<std::string>& texts) {
    QStringList list;
    for (const std::string& text : texts)
        list << report::say(std::string_view(text));
    return list;
}

StepPanel* commonPanel(Session& session, std::span<const StepText> sheet, Step step) {
    const StepText& text = sheet[static_cast<std::size_t>(step.index())];
    switch (text.kind) {
    case StepKind::Screening:
    case StepKind::Readiness:
        return new QuestionsPanel(session, sheet, step);
    case StepKind::Interpretation:
        return new InterpretationPanel(session, sheet, step);
    case StepKind::Sign:
        return new SignPanel(session, sheet, step);
    case StepKind::Result:
        return new ResultPanel(session, sheet, step);
    case StepKind::Afterwards:
        return text.id == "report" ? new ReportPanel(session, sheet, step) : nullptr;
    case StepKind::Confirm:
    case StepKind::Reading:
    case StepKind::OptionalReading:
    case StepKind::Check:
        break;
    }
    return nullptr;
}

} // namespace fusain::desktop
