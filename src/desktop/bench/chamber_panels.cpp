#include "desktop/bench/chamber_panels.hpp"

#include "core/anthropometry/surface_area.hpp"
#include "desktop/widgets/text_files.hpp"
#include "exchange/pressure_csv.hpp"
#include "report/figures/volume_figure.hpp"
#include "report/words.hpp"

#include <QFileDialog>
#include <QHBoxLayout>
#include <algorithm>
#include <cmath>

namespace fusain::desktop {
namespace {

constexpr std::size_t judgeEvery = 100; // samples: once a second

const QString chamberRole = QStringLiteral("chamber");

QString number(double value, int decimals) {
    return QString::fromStdString(fixed(value, decimals));
}

} // namespace

ScalePanel::ScalePanel(Session& session)
    : StepPanel(session, chamberSteps(), ChamberStep::Scale), live_(label({}, "live")),
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
    if (const auto& check = chamber().test().scale)
        nominal_->setValue(check->nominal.value(), 3);
}

bool ScalePanel::primaryEnabled() const {
    return nominal_->value() && reading();
}

void ScalePanel::primary() {
    if (!primaryEnabled())
        return;
    const double nominal = *nominal_->value(), shown = *reading();
    if (!session_.report(chamber().checkScale(Kilograms(nominal), Kilograms(shown))))
        return;
    reading_->clear();
    session_.report(session_.keepCheck("chamber-scale", "reference-mass", nominal, {shown}));
}

QString ScalePanel::verdict() const {
    const auto& check = chamber().test().scale;
    if (check && !run().isDone(step()))
        return tr("Off by %1 kg, more than %2: repeat the check, or the physiologist decides (Ctrl+G).")
            .arg(QString::fromStdString(signedFixed(check->error().value(), 3)),
                 number(chamber().setting().policy.scaleTolerance.value(), 3));
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
    : StepPanel(session, chamberSteps(), ChamberStep::Calibration),
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
    const auto& calibration = chamber().test().calibration;
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
    session_.report(chamber().calibrateTyped(Litres(certified.value_or(0.0)), Litres(read.value_or(0.0))));
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
    const auto calibration = airdisplacement::calibrate(
        empty_, recorder_->samples(), Litres(certified_->value().value_or(0.0)), session_.cylinderError());
    empty_.clear();
    if (!calibration) {
        session_.report(tl::unexpected(calibration.error()));
        refresh();
        Q_EMIT touched();
        return;
    }
    session_.report(chamber().calibrate(*calibration));
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
    const auto& calibration = chamber().test().calibration;
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

VolumePanel::VolumePanel(Session& session)
    : StepPanel(session, chamberSteps(), ChamberStep::VolumeTrials),
      recorder_(new PressureRecorder(session, this)), plot_(new FigureView(tr("Volume over time"), 170)),
      live_(label({}, "live")), words_(label({}, "heading")),
      typed_(new ValueField(tr("Raw volume, typed"), tr("L"))),
      table_(table({tr("trial"), tr("set"), tr("raw volume, L"), tr("state")}, tr("Volume trials"))) {
    auto* keep = button(tr("Accept typed volume"));
    auto* load = button(tr("Replay a trial…"));
    auto* save = button(tr("Save trial…"));
    auto* again = button(tr("Recalibrate…"));
    auto* row = new QHBoxLayout;
    for (QPushButton* each : {keep, load, save, again})
        row->addWidget(each);
    row->addStretch();
    auto* reading = new QHBoxLayout;
    reading->addWidget(live_);
    reading->addWidget(words_, 1);
    body()->addLayout(reading);
    body()->addWidget(plot_, 2);
    body()->addWidget(table_, 1);
    body()->addWidget(typed_);
    body()->addLayout(row);
    table_->setMinimumHeight(110);
    live_->setMinimumWidth(250);
    connect(keep, &QPushButton::clicked, this, &VolumePanel::acceptTyped);
    connect(typed_, &ValueField::entered, this, &VolumePanel::acceptTyped);
    connect(load, &QPushButton::clicked, this, &VolumePanel::loadTrial);
    connect(save, &QPushButton::clicked, this, &VolumePanel::saveTrial);
    connect(again, &QPushButton::clicked, this, &VolumePanel::startOver);
    connect(table_, &QTableWidget::currentCellChanged, this, [this] {
        if (session_.run() && isVisible())
            show();
    });
    connect(recorder_, &PressureRecorder::sampled, this, [this] {
        if (isVisible() && recorder_->samples().size() >= judgedSamples_ + judgeEvery)
            judge();
    });
    connect(recorder_, &PressureRecorder::finished, this, [this] {
        if (!session_.run() || !isVisible())
            return;
        state_ = State::Judged;
        judge();
    });
}

airdisplacement::TrialVerdict VolumePanel::judgement() const {
    return chamber().trials().verdict;
}

airdisplacement::VolumeReadingResult
VolumePanel::read(const std::vector<airdisplacement::PressureSample>& samples) const {
    const auto& test = chamber().test();
    const auto calibrations = [&] {
        std::vector<ChamberCalibration> all = test.earlierCalibrations;
        if (test.calibration)
            all.push_back(*test.calibration);
        return all;
    }();
    if (calibrations.empty() || !calibrations.back().fromPressures || !test.mass)
        return {};
    const Kilograms mass(test.mass->value);
    return airdisplacement::readVolume(samples, *calibrations.back().fromPressures,
                                       {mass, anthropometry::surfaceAreaDuBois1916(mass, test.subject.height)});
}

void VolumePanel::judge() {
    judgedSamples_ = recorder_->samples().size();
    result_ = read(recorder_->samples());
    show();
    Q_EMIT touched();
}

void VolumePanel::show() {
    // Between trials the selected one stands in the picture.
    auto shown = result_;
    if (state_ == State::Idle)
        for (const VolumeTrial& trial : chamber().test().trials)
            if (trial.number == selectedTrial() && !trial.samples.empty())
                shown = read(trial.samples);
    const bool any = !shown.windowVolumes.empty();
    live_->setText(!any                         ? QString()
                   : state_ == State::Recording ? number(shown.windowVolumes.back(), 2) + QStringLiteral(" L")
                                                : number(shown.volume.value(), 3) + QStringLiteral(" L"));
    words_->setText(state_ == State::Idle ? any ? tr("Trial %1").arg(selectedTrial()) : QString()
                                          : report::say(result_.message()));
    plot_->setVisible(recorder_->linked() || any);
    plot_->setPaint([shown, &palette = session_.palette()](QPainter& painter, const QRectF& area) {
        report::paintVolumeTrace(painter, area, shown, palette);
    });
}

void VolumePanel::refresh() {
    const auto& test = chamber().test();
    const auto judged = chamber().trials();
    const QSignalBlocker blocker(table_);
    table_->setRowCount(static_cast<int>(test.trials.size()));
    for (int i = 0; i < table_->rowCount(); ++i) {
        const VolumeTrial& trial = test.trials[static_cast<std::size_t>(i)];
        const bool used = std::ranges::find(judged.used, trial.number) != judged.used.end();
        setRow(table_, i,
               {QString::number(trial.number), QString::number(trial.set), number(trial.volume.value(), 3),
                !trial.counts()         ? tr("set aside: %1").arg(QString::fromStdString(trial.setAsideReason))
                : trial.set != test.set ? tr("before recalibrating")
                : used                  ? tr("✓ used by the rule")
                                        : tr("counts")});
    }
    if (table_->rowCount() > 0 && table_->currentRow() < 0)
        table_->setCurrentCell(table_->rowCount() - 1, 0);
    show();
}

QString VolumePanel::primaryText() const {
    if (judgement() == airdisplacement::TrialVerdict::Recalibrate && state_ == State::Idle)
        return tr("Recalibrate");
    if (!recorder_->linked() && state_ == State::Idle)
        return tr("Accept typed volume");
    switch (state_) {
    case State::Idle:
        return tr("Close the door, start");
    case State::Recording:
        return tr("Recording…");
    case State::Judged:
        return result_.readable() ? tr("Accept trial") : tr("Repeat the trial");
    }
    return {};
}

bool VolumePanel::primaryEnabled() const {
    if (run().obstacleTo(step()) || judgement() == airdisplacement::TrialVerdict::EndSession)
        return false;
    return state_ != State::Recording;
}

void VolumePanel::primary() {
    if (!primaryEnabled())
        return;
    if (state_ == State::Judged)
        return result_.readable() ? accept() : repeat();
    if (judgement() == airdisplacement::TrialVerdict::Recalibrate)
        return startOver();
    if (!recorder_->linked() || !typed_->edit()->text().isEmpty())
        return acceptTyped();
    result_ = {};
    judgedSamples_ = 0;
    state_ = State::Recording;
    recorder_->start(QStringLiteral("cue trial"), trialSeconds);
    show();
    Q_EMIT touched();
}

void VolumePanel::accept() {
    state_ = State::Idle;
    if (!session_.report(chamber().acceptTrial(result_.volume, result_.standardError, Origin::Link,
                                               result_.message().english(), recorder_->samples()))) {
        state_ = State::Judged; // the recording is still here: accept again when the obstacle is gone
        Q_EMIT touched();
    }
}

void VolumePanel::acceptTyped() {
    const auto volume = typed_->value();
    if (!volume) {
        session_.report(
            failure({FUSAIN_TEXT("\"{1}\" is not a number."), {typed_->edit()->text().toStdString()}}, {},
                    {FUSAIN_TEXT("Type litres with a point or a comma."), {}}));
        return;
    }
    if (session_.report(chamber().acceptTrial(Litres(*volume), Litres(0.0), Origin::Typed)))
        typed_->clear();
}

void VolumePanel::repeat() {
    recorder_->stop();
    state_ = State::Idle;
    result_ = {};
    if (recorder_->linked())
        primary();
    else
        Q_EMIT touched();
}

void VolumePanel::startOver() {
    const QString reason =
        askReason(this, tr("Recalibrate and start over"),
                  tr("Why? The trials so far stay on the record but do not count any more."));
    if (!reason.isEmpty())
        session_.report(chamber().startOver(reason.toStdString()));
}

int VolumePanel::selectedTrial() const {
    const auto* item = table_->item(table_->currentRow(), 0);
    return item ? item->text().toInt() : 0;
}

void VolumePanel::setAside() {
    const auto& trials = chamber().test().trials;
    const auto found = std::ranges::find(trials, selectedTrial(), &VolumeTrial::number);
    if (found == trials.end())
        return;
    if (!found->counts()) {
        session_.report(chamber().restore(found->number));
        return;
    }
    const QString reason = askReason(this, tr("Set trial %1 aside").arg(found->number),
                                     tr("Why does it not count? It stays on the record and can be restored."));
    if (!reason.isEmpty())
        session_.report(chamber().setAside(found->number, reason.toStdString()));
}

void VolumePanel::replay(std::vector<airdisplacement::PressureSample> samples) {
    state_ = State::Judged;
    recorder_->replay(std::move(samples));
}

void VolumePanel::loadTrial() {
    const auto chosen = chooseText(session_, this, tr("Replay a trial"), tr("Pressures (*.csv)"));
    if (!chosen)
        return;
    auto samples = exchange::pressuresFromCsv(chosen->text, chosen->path);
    if (samples)
        replay(std::move(*samples));
    else
        session_.report(tl::unexpected(samples.error()));
}

void VolumePanel::saveTrial() {
    const auto& trials = chamber().test().trials;
    const auto found = std::ranges::find(trials, selectedTrial(), &VolumeTrial::number);
    if (found == trials.end() || found->samples.empty()) {
        session_.report(failure({FUSAIN_TEXT("The selected trial has no recorded pressures."), {}}, {},
                                {FUSAIN_TEXT("Select a trial that came from the chamber."), {}}));
        return;
    }
    const QString path = QFileDialog::getSaveFileName(
        this, tr("Save the trial"), tr("volume-%1.csv").arg(found->number), tr("Pressures (*.csv)"));
    if (!path.isEmpty())
        saveText(session_, path, exchange::pressuresToCsv(found->samples));
}

QString VolumePanel::verdict() const {
    if (auto obstacle = run().obstacleTo(step()))
        return report::say(*obstacle);
    if (state_ == State::Recording && !recorder_->linked())
        return tr("The chamber's cable: what came so far is kept. R repeats when it is back.");
    if (state_ != State::Idle)
        return report::say(result_.message());
    return report::say(chamber().trials().message);
}

StandBack VolumePanel::standBack() const {
    return {live_->text(), verdict()};
}

QWidget* VolumePanel::firstField() const {
    return recorder_->linked() ? nullptr : typed_->edit();
}

} // namespace fusain::desktop
