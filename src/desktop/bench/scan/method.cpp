#include "desktop/bench/scan/method.hpp"

#include "desktop/bench/method/floor_scale.hpp"
#include "desktop/bench/method/reading_panels.hpp"
#include "desktop/bench/scan/dxa_panels.hpp"
#include "desktop/bench/scan/scan_panel.hpp"
#include "report/base/words.hpp"

namespace fusain::desktop {

StepPanel* AtTheBench<ScanMethod>::panel(Session& session, Step step) {
    using enum DxaStep;
    const auto sheet = dxaSteps();
    const auto confirm = [&](const QStringList& items, const QString& done) {
        return new ConfirmPanel(session, sheet, step, items, done);
    };
    switch (step.as<DxaStep>()) {
    case Phantom:
        return new PhantomPanel(session);
    case Mass:
        return floorScalePanel<ScanMethod>(session, sheet, step);
    case Dose:
        return new DosePanel(session);
    case Positioning: {
        const Protocol& protocol = session.protocolFor(ScanMethod::id);
        return confirm(inWords(protocol.rehearsal) + inWords(protocol.safety), QObject::tr("Positioned"));
    }
    case Scan:
        return new ScanPanel(session);
    case Lines:
        return confirm(
            {QObject::tr("Chin: the head ends just under it."),
             QObject::tr("Shoulders: through the joint, hand and thigh apart."),
             QObject::tr("Trunk: spine and ribs, without the arms."),
             QObject::tr("Hips: slanting through the necks of the thigh bones, legs apart in the middle."),
             QObject::tr("Android and gynoid regions: they follow from the pelvis and chin lines.")},
            QObject::tr("Lines are right"));
    case After:
        return confirm({QObject::tr("Table wiped with what your local rules ask for."),
                        QObject::tr("The densitometer's own record is filed as your local rules require.")},
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

QList<QStringList> AtTheBench<ScanMethod>::readings(const DxaTest& test, UnitSystem units) {
    QList<QStringList> rows;
    rows << readingRow(report::say("height"), Dimension::Height, centimetres(test.subject.height), 1, units);
    if (test.mass)
        rows << readingRow(report::say("mass"), Dimension::Mass, test.mass->value, 2, units);
    if (test.dose)
        rows << readingRow(QObject::tr("dose with this scan"), test.dose->withThisScan().value(), 0,
                           QStringLiteral("µSv"));
    return rows;
}

QString AtTheBench<ScanMethod>::valueOf(const DxaTest& test, Step step, UnitSystem units) {
    using report::number, report::say;
    using enum DxaStep;
    switch (step.as<DxaStep>()) {
    case Phantom:
        return test.phantom()
                   ? QObject::tr("%1 %").arg(report::signedNumber(test.phantom()->error().value(), 1))
                   : QString();
    case Mass:
        return test.mass ? say(show(Kilograms(test.mass->value), units, 2)) : QString();
    case Dose:
        return test.dose ? QObject::tr("%1 µSv").arg(number(test.dose->withThisScan().value(), 0)) : QString();
    case Scan:
        return countOf(test.scans.size());
    default:
        return {};
    }
}

} // namespace fusain::desktop
