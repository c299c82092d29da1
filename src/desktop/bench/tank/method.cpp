#include "desktop/bench/tank/method.hpp"

#include "desktop/bench/method/reading_panels.hpp"
#include "desktop/bench/tank/lungs_panel.hpp"
#include "desktop/bench/tank/tank_panels.hpp"
#include "desktop/bench/tank/tank_strip.hpp"
#include "desktop/bench/tank/trials_panel.hpp"
#include "report/base/words.hpp"

#include <algorithm>

namespace fusain::desktop {

StepPanel* AtTheBench<TankMethod>::panel(Session& session, Step step) {
    using enum HydrostaticStep;
    const auto sheet = hydrostaticSteps();
    const auto confirm = [&](const QStringList& items, const QString& done,
                             std::function<QString()> words = {}) {
        return new ConfirmPanel(session, sheet, step, items, done, std::move(words));
    };
    switch (step.as<HydrostaticStep>()) {
    case TankReady:
        return confirm({QObject::tr("Surfaces disinfected for the full contact time."),
                        QObject::tr("Rinsed until the smell is gone."),
                        QObject::tr("Filled to below the overflow; filling takes 2 to 4 hours."),
                        QObject::tr("Water between 32 and 36 °C."),
                        QObject::tr("Floor dry, ladder fast, towel and robe at hand.")},
                       QObject::tr("The tank is ready"));
    case LoadCell:
        return new LoadCellPanel(session);
    case WaterTemperature:
        return waterTemperaturePanel(session);
    case DryMass:
        return dryMassPanel(session);
    case VitalCapacity:
        return new LungsPanel(session);
    case Rehearsal: {
        const Protocol& protocol = session.protocolFor(TankMethod::id);
        return confirm(
            inWords(protocol.safety) + inWords(protocol.rehearsal), QObject::tr("Rehearsed"), [&session] {
                const QString words = session.wayOut(TankMethod::id);
                return words.isEmpty() ? QObject::tr("Agree the signal to come up, and show the way out.")
                                       : QObject::tr("How a client gets out: %1").arg(words);
            });
    }
    case Trials:
        return new TrialsPanel(session);
    case OutSafely:
        return confirm({QObject::tr("Belt off before standing up."),
                        QObject::tr("One hand on the rail, you in front of the client."),
                        QObject::tr("Towel and robe; sit down for a minute if dizzy.")},
                       QObject::tr("The client is out"));
    case After:
        return confirm({QObject::tr("Drain the tank, or cover it for the next client."),
                        QObject::tr("Take the chair off the load cell."),
                        QObject::tr("Rinse the nose clip and the mouthpiece; put them to disinfect.")},
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

QWidget* AtTheBench<TankMethod>::strip(Session& session) {
    return new TankStrip(session);
}

void AtTheBench<TankMethod>::refreshStrip(QWidget& strip) {
    static_cast<TankStrip&>(strip).refresh();
}

QList<QStringList> AtTheBench<TankMethod>::readings(const HydrostaticTest& test, UnitSystem units) {
    QList<QStringList> rows;
    if (test.waterTemperature)
        rows << readingRow(report::say("water temperature"), test.waterTemperature->value, 2,
                           QStringLiteral("°C"));
    if (test.dryMass)
        rows << readingRow(report::say("dry mass"), Dimension::Mass, test.dryMass->value, 2, units);
    for (const VitalCapacityEffort& effort : test.efforts)
        rows << readingRow(QObject::tr("vital capacity"), effort.volume.value(), 2, QStringLiteral("L"));
    return rows;
}

QString AtTheBench<TankMethod>::valueOf(const HydrostaticTest& test, Step step, UnitSystem units) {
    using report::number, report::say;
    using enum HydrostaticStep;
    switch (step.as<HydrostaticStep>()) {
    case LoadCell:
        return test.loadCell()
                   ? QObject::tr("%1 kg").arg(report::signedNumber(test.loadCell()->error().value(), 3))
                   : QString();
    case WaterTemperature:
        return test.waterTemperature ? say(show(Celsius(test.waterTemperature->value))) : QString();
    case DryMass:
        return test.dryMass ? say(show(Kilograms(test.dryMass->value), units, 2)) : QString();
    case VitalCapacity:
        return test.residualVolume
                   ? QObject::tr("RV %1 L, measured").arg(number(test.residualVolume->volume.value(), 2))
               : test.efforts.empty()
                   ? QString()
                   : QObject::tr("%1 L").arg(number(
                         std::ranges::max(test.efforts, {}, &VitalCapacityEffort::volume).volume.value(), 2));
    case Trials:
        return countOf(test.trials.size());
    default:
        return {};
    }
}

} // namespace fusain::desktop
