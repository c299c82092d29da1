#include "desktop/bench/impedance/method.hpp"

#include "desktop/bench/impedance/impedance_panels.hpp"
#include "desktop/bench/impedance/sweep_panel.hpp"
#include "desktop/bench/method/floor_scale.hpp"
#include "desktop/bench/method/reading_panels.hpp"
#include "report/base/words.hpp"

namespace fusain::desktop {

StepPanel* AtTheBench<ImpedanceMethod>::panel(Session& session, Step step) {
    using enum ImpedanceStep;
    const auto sheet = impedanceSteps();
    const auto confirm = [&](const QStringList& items, const QString& done) {
        return new ConfirmPanel(session, sheet, step, items, done);
    };
    switch (step.as<ImpedanceStep>()) {
    case WarmUp:
        return confirm({QObject::tr("On for 10 to 15 minutes; the manual of the analyzer comes first."),
                        QObject::tr("Room 22 to 26 °C; the client has had time to adjust to it."),
                        QObject::tr("Cables apart from each other and from the mains.")},
                       QObject::tr("Warm and ready"));
    case Module:
        return new ModulePanel(session);
    case Identity:
        return new IdentityPanel(session);
    case Mass:
        return floorScalePanel<ImpedanceMethod>(session, sheet, step);
    case Electrodes:
        return confirm(
            {QObject::tr("Electrodes and plates cleaned since the last client."),
             QObject::tr("Socks and large metal off; skin wiped, no lotion; dry or callused skin moistened."),
             QObject::tr(
                 "Gel electrodes: sensing ones on the line of wrist and ankle, at least 5 cm from the others."),
             QObject::tr(
                 "Contacts: heels and balls of the feet on their plates, thumbs and fingers on theirs.")},
            QObject::tr("Electrodes are on"));
    case Posture:
        return confirm(
            {QObject::tr(
                 "Arms about 30° from the trunk, thighs not touching: a dry towel between them if need be."),
             QObject::tr(
                 "Lying: flat for 5 to 10 minutes, every time the same. Standing: upright for 5 minutes."),
             QObject::tr("No talking, no deep breaths until the sweep is done.")},
            QObject::tr("Posture is right"));
    case Sweep:
        return new SweepPanel(session);
    case After:
        return confirm({QObject::tr("Electrodes off, or plates wiped with what your local rules ask for."),
                        QObject::tr("Leads hung up, not wound round the analyzer.")},
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

QList<QStringList> AtTheBench<ImpedanceMethod>::readings(const ImpedanceTest& test, UnitSystem units) {
    QList<QStringList> rows;
    rows << readingRow(report::say("height"), Dimension::Height, centimetres(test.subject.height), 1, units);
    if (test.mass)
        rows << readingRow(report::say("mass"), Dimension::Mass, test.mass->value, 2, units);
    return rows;
}

QString AtTheBench<ImpedanceMethod>::valueOf(const ImpedanceTest& test, Step step, UnitSystem units) {
    using report::number, report::say;
    using enum ImpedanceStep;
    switch (step.as<ImpedanceStep>()) {
    case Module:
        return test.moduleCheck() ? QObject::tr("%1 %").arg(
                                        report::signedNumber(100.0 * test.moduleCheck()->relativeError(), 1))
                                  : QString();
    case Identity:
        return test.identity ? say(show(test.identity->height, units)) : QString();
    case Mass:
        return test.mass ? say(show(Kilograms(test.mass->value), units, 2)) : QString();
    case Sweep:
        return test.wholeBodyMagnitude()
                   ? QObject::tr("%1 Ω at 50 kHz").arg(number(test.wholeBodyMagnitude()->value(), 0))
                   : QString();
    default:
        return {};
    }
}

} // namespace fusain::desktop
