#include "desktop/bench/chamber/volume_panel.hpp"

#include "core/anthropometry/surface_area.hpp"
#include "desktop/services/text_files.hpp"
#include "exchange/chamber/pressure_csv.hpp"
#include "report/base/words.hpp"
#include "report/chamber/volume_figure.hpp"

#include <QHBoxLayout>
#include <algorithm>

namespace fusain::desktop {
namespace {

constexpr std::size_t judgeEvery = 100; // samples: once a second

} // namespace

VolumePanel::VolumePanel(Session& session)
    : MethodPanel(session, chamberSteps(), ChamberStep::VolumeTrials),
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
    return own().trials().verdict;
}

airdisplacement::VolumeReadingResult
VolumePanel::read(const std::vector<airdisplacement::PressureSample>& samples) const {
    const auto& test = own().test();
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
        for (const VolumeTrial& trial : own().test().trials)
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
    const auto& test = own().test();
    const auto judged = own().trials();
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
    if (!session_.report(own().acceptTrial(result_.volume, result_.standardError, Origin::Link,
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
    if (session_.report(own().acceptTrial(Litres(*volume), Litres(0.0), Origin::Typed)))
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
        session_.report(own().startOver(reason.toStdString()));
}

int VolumePanel::selectedTrial() const {
    const auto* item = table_->item(table_->currentRow(), 0);
    return item ? item->text().toInt() : 0;
}

void VolumePanel::setAside() {
    const auto& trials = own().test().trials;
    const auto found = std::ranges::find(trials, selectedTrial(), &VolumeTrial::number);
    if (found == trials.end())
        return;
    if (!found->counts()) {
        session_.report(own().restore(found->number));
        return;
    }
    const QString reason = askReason(this, tr("Set trial %1 aside").arg(found->number),
                                     tr("Why does it not count? It stays on the record and can be restored."));
    if (!reason.isEmpty())
        session_.report(own().setAside(found->number, reason.toStdString()));
}

void VolumePanel::replay(std::vector<airdisplacement::PressureSample> samples) {
    state_ = State::Judged;
    recorder_->replay(std::move(samples));
}

void VolumePanel::loadTrial() {
    if (auto samples = chooseDocument(session_, this, tr("Replay a trial"), tr("Pressures (*.csv)"),
                                      exchange::pressuresFromCsv))
        replay(std::move(*samples));
}

void VolumePanel::saveTrial() {
    const auto& trials = own().test().trials;
    const auto found = std::ranges::find(trials, selectedTrial(), &VolumeTrial::number);
    if (found == trials.end() || found->samples.empty()) {
        session_.report(failure({FUSAIN_TEXT("The selected trial has no recorded pressures."), {}}, {},
                                {FUSAIN_TEXT("Select a trial that came from the chamber."), {}}));
        return;
    }
    saveChosen(session_, this, tr("Save the trial"), tr("volume-%1.csv").arg(found->number),
               tr("Pressures (*.csv)"), exchange::pressuresToCsv(found->samples));
}

QString VolumePanel::verdict() const {
    if (auto obstacle = run().obstacleTo(step()))
        return report::say(*obstacle);
    if (state_ == State::Recording && !recorder_->linked())
        return tr("The chamber's cable: what came so far is kept. R repeats when it is back.");
    if (state_ != State::Idle)
        return report::say(result_.message());
    return report::say(own().trials().message);
}

StandBack VolumePanel::standBack() const {
    return {live_->text(), verdict()};
}

QWidget* VolumePanel::firstField() const {
    return recorder_->linked() ? nullptr : typed_->edit();
}

} // namespace fusain::desktop

#include "moc_volume_panel.cpp"
