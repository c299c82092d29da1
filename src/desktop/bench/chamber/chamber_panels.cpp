#include "desktop/bench/chamber/chamber_panels.hpp"

#include "core/anthropometry/limits.hpp"
#include "core/units/comparison.hpp"
#include "desktop/bench/method/floor_scale.hpp"
#include "desktop/services/instrument_checks.hpp"
#include "desktop/widgets/appearance.hpp"
#include "report/base/words.hpp"
#include "report/chamber/pressure_figure.hpp"
#include "report/figures/stations_figure.hpp"

#include <QHBoxLayout>
#include <algorithm>
#include <cmath>

namespace fusain::desktop {
ScalePanel::ScalePanel(Session& session)
    : MethodPanel(session, chamberSteps(), ChamberStep::Scale), live_(label({}, "live")),
      scale_(new CheckScale(session)), nominal_(new ValueField(tr("Reference masses, as marked"), tr("kg"))),
      reading_(new ValueField(tr("Shown with the reference masses"), tr("kg"))) {
    nominal_->setValue(20.0, 3);
    for (QWidget* widget : std::initializer_list<QWidget*>{live_, scale_, nominal_, reading_})
        body()->addWidget(widget);
    body()->addStretch();
    for (ValueField* field : {nominal_, reading_}) {
        connect(field, &ValueField::edited, this, [this] {
            if (session_.run())
                showScale();
            Q_EMIT touched();
        });
        connect(field, &ValueField::entered, this, &ScalePanel::primary);
    }
    whenFrame("chamber-scale", [this](const link::Frame& frame) {
        live_->setText(number(frame.value("kg"), 3) + QStringLiteral(" kg"));
        showScale();
        Q_EMIT touched();
    });
}

void ScalePanel::showScale() {
    report::CheckScaleModel errors;
    errors.limit = own().setting().policy.scaleTolerance.value();
    errors.unit = QStringLiteral("kg");
    const ScaleCheck* check = own().test().scale();
    if (const auto shown = reading(); shown && nominal_->value())
        errors.live = *shown - *nominal_->value();
    if (check && !typed())
        errors.errors = {check->error().value()};
    scale_->showErrors(std::move(errors));
}

QString ScalePanel::conclusion() const {
    const ScaleCheck* check = own().test().scale();
    return check ? checkConclusion(check->error().value(), own().setting().policy.scaleTolerance.value(), 3,
                                   QStringLiteral("kg"))
                 : QString();
}

std::optional<double> ScalePanel::reading() const {
    if (typed())
        return reading_->value();
    const auto frame = session_.hub().latest(QStringLiteral("chamber-scale"));
    return frame && frame->has("kg") && frame->value("stable", 1.0) != 0.0 ? std::optional(frame->value("kg"))
                                                                           : std::nullopt;
}

bool ScalePanel::typed() const {
    return !reading_->edit()->text().isEmpty();
}

void ScalePanel::entered() {
    reading_->clear();
    scale_->readEarlier("chamber-scale", "reference-mass");
    session_.hub().send(QStringLiteral("chamber-scale"),
                        QStringLiteral("cue reference %1").arg(nominal_->value().value_or(20.0)));
}

QString ScalePanel::primaryText() const {
    const auto shown = reading();
    return shown ? tr("Accept %1 kg").arg(number(*shown, 3)) : tr("Accept the reading");
}

void ScalePanel::refresh() {
    live_->setVisible(session_.hub().isLive(QStringLiteral("chamber-scale")));
    if (const ScaleCheck* check = own().test().scale())
        nominal_->setValue(check->nominal.value(), 3);
    showScale();
}

bool ScalePanel::primaryEnabled() const {
    return nominal_->value() && reading();
}

void ScalePanel::primary() {
    if (!primaryEnabled())
        return;
    const double nominal = *nominal_->value(), shown = *reading();
    if (!session_.report(own().checkScale(Kilograms(nominal), Kilograms(shown),
                                          typed() ? Attribution::typed() : overLink("chamber-scale"))))
        return;
    reading_->clear();
    session_.report(session_.keepCheck("chamber-scale", "reference-mass", nominal, {shown}));
}

QString ScalePanel::verdict() const {
    const ScaleCheck* check = own().test().scale();
    if (check && !run().isDone(step()))
        return tr("Error %1 kg (limit %2). Repeat the check, or ask the physiologist to override (Ctrl+G).")
            .arg(report::signedNumber(check->error().value(), 3),
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
      stations_(new FigureView(tr("Stations of the calibration"), 72)),
      strip_(new FigureView(tr("Pressures of the chamber"), 120)), scale_(new CheckScale(session)),
      certified_(new ValueField(tr("Cylinder, as certified"), tr("L"))),
      reading_(
          new ValueField(tr("Cylinder, as this chamber reads it"), tr("L (a chamber that calibrates itself)"))),
      progress_(label({}, "live")), state_(label({}, "heading")) {
    certified_->setValue(50.0, 3);
    for (QWidget* widget :
         std::initializer_list<QWidget*>{stations_, progress_, strip_, scale_, certified_, reading_, state_})
        body()->addWidget(widget);
    stations_->setMaximumHeight(scaled(72));
    strip_->setMaximumHeight(scaled(120));
    body()->addStretch();
    whenRecorded([this] {
        refresh();
        Q_EMIT touched();
    });
    connect(reading_, &ValueField::entered, this, &CalibrationPanel::primary);
}

void CalibrationPanel::entered() {
    reading_->clear();
    scale_->readEarlier("chamber", "cylinder-volume");
}

// Empty, the cylinder, the verdict; a chamber that calibrates itself has only its error on the scale.
void CalibrationPanel::showStations() {
    using enum report::Station::State;
    const CalibrationRecording& pressures = recording<CalibrationRecording>();
    const ChamberCalibration* calibration = own().test().calibration();
    const bool emptyDone = !pressures.empty().empty(), cylinderDone = pressures.complete();
    const bool settled = calibration && !emptyDone && pressures.samples().empty();
    const double error = settled ? calibration->error().value() : 0.0;
    const bool passes = std::abs(error) <= cylinderTolerance.value() + equality;
    std::vector<report::Station> stations{{tr("Empty chamber"), {}, emptyDone || settled ? Done : Now},
                                          {tr("With the cylinder"),
                                           {},
                                           cylinderDone || settled ? Done
                                           : emptyDone             ? Now
                                                                   : Waiting},
                                          {tr("Verdict"),
                                           settled ? tr("%1 L").arg(report::signedNumber(error, 3)) : QString(),
                                           !settled ? (cylinderDone ? Now : Waiting)
                                           : passes ? Done
                                                    : Failed}};
    const report::Palette& palette = session_.palette();
    stations_->setPaint([stations, &palette](QPainter& painter, const QRectF& area) {
        report::paintStations(painter, area, stations, palette);
    });
    report::PressureStripModel strip;
    strip.seconds = calibrationSeconds;
    strip.empty = emptyDone ? pressures.empty() : pressures.samples();
    if (emptyDone)
        strip.cylinder = pressures.samples();
    strip_->setPaint([strip, &palette](QPainter& painter, const QRectF& area) {
        report::paintPressureStrip(painter, area, strip, palette);
    });
    report::CheckScaleModel errors;
    errors.limit = cylinderTolerance.value();
    errors.unit = QStringLiteral("L");
    if (settled)
        errors.errors = {error};
    scale_->showErrors(std::move(errors));
}

QString CalibrationPanel::conclusion() const {
    const ChamberCalibration* calibration = own().test().calibration();
    return calibration ? checkConclusion(calibration->error().value(), cylinderTolerance.value(), 3,
                                         QStringLiteral("L"))
                       : QString();
}

void CalibrationPanel::refresh() {
    const CalibrationRecording& pressures = recording<CalibrationRecording>();
    progress_->setVisible(pressures.linked());
    progress_->setText(
        pressures.samples().empty()
            ? QString()
            : tr("%1 of %2 s")
                  .arg(number(pressures.samples().back().time.value(), 0), number(calibrationSeconds, 0)));
    reading_->setVisible(!pressures.linked());
    stations_->setVisible(pressures.linked());
    strip_->setVisible(pressures.linked());
    showStations();
    QStringList lines;
    if (const ChamberCalibration* calibration = own().test().calibration())
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
    if (!pressures.empty().empty() && !pressures.recording() && !pressures.complete())
        lines << tr("Empty chamber recorded. Now the cylinder: open, put it in, close.");
    state_->setText(lines.join(QLatin1Char('\n')));
}

QString CalibrationPanel::primaryText() const {
    const CalibrationRecording& pressures = recording<CalibrationRecording>();
    if (!pressures.linked() && !pressures.complete())
        return tr("Save the calibration");
    if (pressures.recording())
        return tr("Recording…");
    if (pressures.complete())
        return tr("Accept calibration");
    return pressures.empty().empty() ? tr("Record the empty chamber") : tr("Record with the cylinder");
}

bool CalibrationPanel::primaryEnabled() const {
    return !recording<CalibrationRecording>().recording();
}

void CalibrationPanel::primary() {
    CalibrationRecording& pressures = recording<CalibrationRecording>();
    if (pressures.recording())
        return;
    if (pressures.complete())
        return accept();
    if (pressures.linked()) {
        session_.report(pressures.startNext());
        return;
    }
    const auto certified = certified_->value(), read = reading_->value();
    if (!certified || !read) {
        session_.report(
            failure({FUSAIN_TEXT("A number is missing: the certified volume or what the chamber read."), {}},
                    {}, {FUSAIN_TEXT("Type litres with a point or a comma."), {}}));
        return;
    }
    session_.report(own().calibrateTyped(Litres(*certified), Litres(*read)));
}

void CalibrationPanel::accept() {
    CalibrationRecording& pressures = recording<CalibrationRecording>();
    const auto calibration = airdisplacement::calibrate(pressures.empty(), pressures.samples(),
                                                        Litres(certified_->value().value_or(0.0)),
                                                        session_.checks().cylinderError());
    const auto kept = calibration ? own().calibrate(*calibration, pressures.from())
                                  : Expected<void>(tl::unexpected(calibration.error()));
    pressures.startOver();
    if (kept)
        recording<VolumeRecording>().clear(); // it was taken under the calibration of before
    session_.report(kept);
}

void CalibrationPanel::repeat() {
    recording<CalibrationRecording>().startOver();
}

QString CalibrationPanel::verdict() const {
    const CalibrationRecording& pressures = recording<CalibrationRecording>();
    if (pressures.recording())
        return pressures.empty().empty() ? tr("Recording the empty chamber: nobody leans on it.")
                                         : tr("Recording the cylinder: nobody leans on the chamber.");
    if (pressures.complete())
        return tr("Cylinder recorded.");
    if (!pressures.empty().empty())
        return tr("Put the cylinder in, close the door, then record again.");
    const ChamberCalibration* calibration = own().test().calibration();
    if (calibration && !run().isDone(step()))
        return tr("Cylinder error %1 L (limit %2). Repeat the calibration.")
            .arg(report::signedNumber(calibration->error().value(), 3), number(cylinderTolerance.value(), 3));
    return StepPanel::verdict();
}

StandBack CalibrationPanel::standBack() const {
    return {recording<CalibrationRecording>().recording() ? progress_->text() : QString(), verdict()};
}

QWidget* CalibrationPanel::firstField() const {
    return recording<CalibrationRecording>().linked() ? nullptr : reading_->edit();
}

ReadingPanel* chamberMassPanel(Session& session) {
    return new ReadingPanel(
        session, chamberSteps(), ChamberStep::Mass,
        {"chamber-scale", "kg", QObject::tr("Mass"), Dimension::Mass, 3, QStringLiteral("cue step-on"),
         [](Procedure& run, double value, const Attribution& from, const std::string& keptBecause) {
             return runningAs<ChamberMethod>(run).weigh(Kilograms(value), from, keptBecause);
         },
         [](const Procedure& run) { return runningAs<ChamberMethod>(run).test().mass; },
         [&session](double value) {
             return massOutOfRange(Kilograms(value), anthropometry::plausibleMassInChamber, session.units());
         }});
}

} // namespace fusain::desktop

#include "moc_chamber_panels.cpp"
