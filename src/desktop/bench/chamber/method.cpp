#include "desktop/bench/chamber/method.hpp"

#include "desktop/bench/chamber/chamber_panels.hpp"
#include "desktop/bench/chamber/thoracic_gas_panel.hpp"
#include "desktop/bench/chamber/volume_panel.hpp"
#include "desktop/bench/method/reading_panels.hpp"
#include "report/base/words.hpp"

namespace fusain::desktop {

StepPanel* AtTheBench<ChamberMethod>::panel(Session& session, Step step) {
    using enum ChamberStep;
    const auto sheet = chamberSteps();
    const auto confirm = [&](const QStringList& items, const QString& done,
                             std::function<QString()> words = {}) {
        return new ConfirmPanel(session, sheet, step, items, done, std::move(words));
    };
    switch (step.as<ChamberStep>()) {
    case WarmUp:
        return confirm({QObject::tr("On for at least half an hour; the chamber's own manual comes first."),
                        QObject::tr("Room 21 to 27 °C and steady; doors and windows shut, ventilation quiet."),
                        QObject::tr("Chamber empty, door shut, nothing leaning on it."),
                        QObject::tr("Cap, towel and nose clip at hand.")},
                       QObject::tr("Warm and steady"), [&session] {
                           const QString words = session.wayOut(ChamberMethod::id);
                           return words.isEmpty()
                                      ? QObject::tr("Show how the door opens and agree a stop signal.")
                                      : QObject::tr("How a client gets out: %1").arg(words);
                       });
    case Scale:
        return new ScalePanel(session);
    case Calibration:
        return new CalibrationPanel(session);
    case Mass:
        return chamberMassPanel(session);
    case VolumeTrials:
        return new VolumePanel(session);
    case ThoracicGas:
        return new ThoracicGasPanel(session);
    case After:
        return confirm({QObject::tr("Wipe seat and handles; wash the cap."),
                        QObject::tr("Throw the filter of the tube away."),
                        QObject::tr("Leave the door ajar so that the chamber dries.")},
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

QList<QStringList> AtTheBench<ChamberMethod>::readings(const ChamberTest& test, UnitSystem units) {
    QList<QStringList> rows;
    if (test.mass)
        rows << readingRow(report::say("mass"), Dimension::Mass, test.mass->value, 3, units);
    for (const VolumeTrial& trial : test.trials)
        if (trial.counts() && trial.set == test.set)
            rows << readingRow(QObject::tr("trial %1").arg(trial.number), trial.volume.value(), 3,
                               QStringLiteral("L"));
    return rows;
}

QString AtTheBench<ChamberMethod>::valueOf(const ChamberTest& test, Step step, UnitSystem units) {
    using report::number, report::say;
    using enum ChamberStep;
    switch (step.as<ChamberStep>()) {
    case Scale:
        return test.scale() ? QObject::tr("%1 kg").arg(report::signedNumber(test.scale()->error().value(), 3))
                            : QString();
    case Calibration:
        return test.calibration()
                   ? QObject::tr("%1 L").arg(report::signedNumber(test.calibration()->error().value(), 3))
                   : QString();
    case Mass:
        return test.mass ? say(show(Kilograms(test.mass->value), units, 2)) : QString();
    case VolumeTrials:
        return countOf(test.trials.size());
    case ThoracicGas:
        return test.thoracicGas ? QObject::tr("%1 L").arg(number(test.thoracicGas->volume.value(), 2))
                                : QString();
    default:
        return {};
    }
}

} // namespace fusain::desktop
