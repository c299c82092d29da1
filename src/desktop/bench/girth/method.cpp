#include "desktop/bench/girth/method.hpp"

#include "desktop/bench/girth/girths_panel.hpp"
#include "desktop/bench/girth/tape_panel.hpp"
#include "desktop/bench/method/floor_scale.hpp"
#include "desktop/bench/method/reading_panels.hpp"
#include "report/base/words.hpp"

namespace fusain::desktop {
StepPanel* AtTheBench<GirthMethod>::panel(Session& session, Step step) {
    using enum GirthStep;
    const auto sheet = girthSteps();
    const auto confirm = [&](const QStringList& items, const QString& done) {
        return new ConfirmPanel(session, sheet, step, items, done);
    };
    switch (step.as<GirthStep>()) {
    case Tape:
        return new TapePanel(session);
    case Mass:
        return floorScalePanel<GirthMethod>(session, sheet, step);
    case Landmarks: {
        const Protocol& protocol = session.protocolFor(GirthMethod::id);
        return confirm(inWords(protocol.safety) + inWords(protocol.rehearsal), QObject::tr("Marked"));
    }
    case Girths:
        return new GirthsPanel(session);
    case After:
        return confirm({QObject::tr("Tape wiped; marks on the skin taken off."),
                        QObject::tr("Tape rolled up without a fold.")},
                       QObject::tr("Finish"));
    case Screening:
    case Readiness:
    case Result:
    case Interpretation:
    case Sign:
    case Report:
        break;
    }
    return commonPanel(session, sheet, step);
}

QList<QStringList> AtTheBench<GirthMethod>::readings(const GirthTest& test, UnitSystem units) {
    QList<QStringList> rows;
    if (test.mass)
        rows << readingRow(report::say("mass"), Dimension::Mass, test.mass->value, 2, units);
    for (const GirthReading& each : test.girths)
        if (each.counts())
            rows << readingRow(report::say(girth::textOf(each.site).name), Dimension::Height,
                               each.value.value(), 1, units);
    return rows;
}

QString AtTheBench<GirthMethod>::valueOf(const GirthTest& test, Step step, UnitSystem units) {
    using enum GirthStep;
    switch (step.as<GirthStep>()) {
    case Tape:
        return test.tape() ? QObject::tr("%1 cm").arg(report::signedNumber(test.tape()->error().value(), 1))
                           : QString();
    case Mass:
        return test.mass ? report::say(show(Kilograms(test.mass->value), units, 2)) : QString();
    case Girths:
        return countOf(static_cast<std::size_t>(test.girths.counting()));
    default:
        return {};
    }
}

} // namespace fusain::desktop
