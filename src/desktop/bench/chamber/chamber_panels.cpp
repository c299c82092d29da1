#include "desktop/bench/chamber/chamber_panels.hpp"

#include "core/anthropometry/limits.hpp"
#include "desktop/services/instrument_checks.hpp"
#include "report/base/words.hpp"

#include <QHBoxLayout>
#include <algorithm>
#include <cmath>

namespace fusain::desktop {
namespace {} // namespace

ScalePanel::ScalePanel(Session& session)
    : MethodPanel(session, chamberSteps(), ChamberStep::Scale), live_(label({}, "live")),
      nominal_(new ValueField(tr("Reference masses, as marked"), tr("kg"))),
      reading_(new ValueField(tr("Shown with the reference masses"), tr("kg"))) {
    nominal_->setValue(20.0, 3);
    for (QWidget* widget : std::initializer_list<QWidget*>{live_, nominal_, reading_})
        body()->addWidget(widget);
    body()->addStretch();
    for (ValueField* field : {nominal_, reading_}) {
        connect(field, &ValueField::edited, this, &StepPanel::touched);
        connect(field, &ValueField::entered, this, &ScalePanel::primary);
    }
    connect(&session.hub(), &link::InstrumentHub::frameArrived, this, [this](const link::Frame& frame) {
        if (isVisible() && frame.role == "chamber-scale") {
            live_->setText(number(frame.value("kg"), 3) + QStringLiteral(" kg"));
            Q_EMIT touched();
        }
    });
}

std::optional<double> ScalePanel::reading() const {
    return reading_->edit()->text().isEmpty() ? live("chamber-scale", "kg") : reading_->value();
}

void ScalePanel::refresh() {
    live_->setVisible(session_.hub().isLive(QStringLiteral("chamber-scale")));
    if (isVisible())
        session_.hub().send(QStringLiteral("chamber-scale"),
                            QStringLiteral("cue reference %1").arg(nominal_->value().value_or(20.0)));
    if (const auto& check = own().test().scale)
        nominal_->setValue(check->nominal.value(), 3);
}

bool ScalePanel::primaryEnabled() const {
    return nominal_->value() && reading();
}

void ScalePanel::primary() {
    if (!primaryEnabled())
        return;
    const double nominal = *nominal_->value(), shown = *reading();
    if (!session_.report(own().checkScale(Kilograms(nominal), Kilograms(shown))))
        return;
    reading_->clear();
    session_.report(session_.keepCheck("chamber-scale", "reference-mass", nominal, {shown}));
}

QString ScalePanel::verdict() const {
    const auto& check = own().test().scale;
    if (check && !run().isDone(step()))
        return tr("Off by %1 kg, more than %2: repeat the check, or the physiologist decides (Ctrl+G).")
            .arg(QString::fromStdString(signedFixed(check->error().value(), 3)),
                 number(own().setting().policy.scaleTolerance.value(), 3));
    return StepPanel::verdict();
}

StandBack ScalePanel::standBack() const {
    const auto shown = reading();
    return {shown ? number(*shown, 3) + QStringLiteral(" kg") : QString(), verdict()};
}

QWidget* ScalePanel::firstField() const {
    return session_.hub().isLive(QStringLiteral("chamber-scale")) ? nullptr : reading_->edit();
}

CalibrationPanel::CalibrationPanel(Session& session)
    : MethodPanel(session, chamberSteps(), ChamberStep::Calibration),
      recorder_(new PressureRecorder(session, this)),
      certified_(new ValueField(tr("Cylinder, as certified"), tr("L"))),
      reading_(
          new ValueField(tr("Cylinder, as this chamber reads it"), tr("L (a chamber that calibrates itself)"))),
      progress_(label({}, "live")), state_(label({}, "heading")) {
    certified_->setValue(50.0, 3);
    for (QWidget* widget : std::initializer_list<QWidget*>{progress_, certified_, reading_, state_})
        body()->addWidget(widget);
    body()->addStretch();
    connect(recorder_, &PressureRecorder::finished, this, &CalibrationPanel::recorded);
    connect(recorder_, &PressureRecorder::sampled, this, [this] {
        progress_->setText(tr("%1 s").arg(number(recorder_->samples().back().time.value(), 0)));
        Q_EMIT touched();
    });
    connect(reading_, &ValueField::entered, this, &CalibrationPanel::primary);
}

void CalibrationPanel::refresh() {
    progress_->setVisible(recorder_->linked());
    reading_->setVisible(!recorder_->linked());
    const auto& calibration = own().test().calibration;
    QStringList lines;
    if (calibration)
        lines << (calibration->fromPressures
                      ? tr("Calibrated at %1: ratio %2 empty, %3 with the cylinder of %4 L.")
                            .arg(report::clock(calibration->at),
                                 number(calibration->fromPressures->empty.ratio, 5),
                                 number(calibration->fromPressures->cylinder.ratio, 5),
                                 number(calibration->cylinderCertified.value(), 3))
                      : tr("At %1 the chamber read %2 L for %3 L.")
                            .arg(report::clock(calibration->at),
                                 number(calibration->cylinderReading.value(), 3),
                                 number(calibration->cylinderCertified.value(), 3)));
    if (!empty_.empty())
        lines << tr("Empty chamber recorded. Now the cylinder: open, put it in, close.");
    state_->setText(lines.join(QLatin1Char('\n')));
}

QString CalibrationPanel::primaryText() const {
    if (!recorder_->linked())
        return tr("Keep the calibration");
    if (recorder_->recording())
        return tr("Recording…");
    return empty_.empty() ? tr("Record the empty chamber") : tr("Record with the cylinder");
}

void CalibrationPanel::primary() {
    if (recorder_->recording())
        return;
    if (recorder_->linked()) {
        recorder_->start(empty_.empty() ? QStringLiteral("cue empty") : QStringLiteral("cue cylinder"),
                         calibrationSeconds);
        Q_EMIT touched();
        return;
    }
    const auto certified = certified_->value(), read = reading_->value();
    session_.report(own().calibrateTyped(Litres(certified.value_or(0.0)), Litres(read.value_or(0.0))));
}

void CalibrationPanel::recorded() {
    if (!session_.run() || !isVisible())
        return;
    if (empty_.empty()) {
        empty_ = recorder_->samples();
        refresh();
        Q_EMIT touched();
        return;
    }
    const auto calibration =
        airdisplacement::calibrate(empty_, recorder_->samples(), Litres(certified_->value().value_or(0.0)),
                                   session_.checks().cylinderError());
    empty_.clear();
    if (!calibration) {
        session_.report(tl::unexpected(calibration.error()));
        refresh();
        Q_EMIT touched();
        return;
    }
    session_.report(own().calibrate(*calibration));
}

void CalibrationPanel::repeat() {
    recorder_->stop();
    empty_.clear();
    refresh();
    Q_EMIT touched();
}

QString CalibrationPanel::verdict() const {
    if (recorder_->recording())
        return empty_.empty() ? tr("Recording the empty chamber: nobody leans on it.")
                              : tr("Recording the cylinder: nobody leans on the chamber.");
    if (!empty_.empty())
        return tr("Put the cylinder in, close the door, then record again.");
    const auto& calibration = own().test().calibration;
    if (calibration && !run().isDone(step()))
        return tr("The chamber reads the cylinder %1 L off, more than %2: repeat.")
            .arg(QString::fromStdString(signedFixed(calibration->error().value(), 3)),
                 number(cylinderTolerance, 3));
    return StepPanel::verdict();
}

StandBack CalibrationPanel::standBack() const {
    return {recorder_->recording() ? progress_->text() : QString(), verdict()};
}

QWidget* CalibrationPanel::firstField() const {
    return recorder_->linked() ? nullptr : reading_->edit();
}

ReadingPanel* chamberMassPanel(Session& session) {
    return new ReadingPanel(session, chamberSteps(), ChamberStep::Mass,
                            {"chamber-scale", "kg", QObject::tr("Mass"), Dimension::Mass, 3,
                             QStringLiteral("cue step-on"),
                             [](Procedure& run, double value, Origin origin) {
                                 return runningAs<ChamberMethod>(run).weigh(Kilograms(value), origin);
                             },
                             [](const Procedure& run) { return runningAs<ChamberMethod>(run).test().mass; },
                             [](double value) {
                                 return anthropometry::plausibleMassInChamber.holds(Kilograms(value))
                                            ? QString()
                                            : QObject::tr("A mass lies between 10 and 250 kg.");
                             }});
}

} // namespace fusain::desktop

#include "moc_chamber_panels.cpp"
