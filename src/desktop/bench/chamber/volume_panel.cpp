#include "desktop/bench/chamber/volume_panel.hpp"

#include "desktop/services/text_files.hpp"
#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/flowing_row.hpp"
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
      plot_(new FigureView(tr("Volume over time"), 170)), live_(label({}, "live")),
      words_(label({}, "heading")), typed_(new ValueField(tr("Raw volume, typed"), tr("L"))),
      board_(new TrialBoard(tr("Volume trials"), tr("L, raw"))) {
    plot_->setStretching(54.0);
    auto* keep = button(tr("Accept typed volume"));
    auto* load = button(tr("Replay a trial…"));
    auto* save = button(tr("Save trial…"));
    auto* again = button(tr("Recalibrate…"));
    auto* reading = new QHBoxLayout;
    reading->addWidget(live_);
    reading->addWidget(words_, 1);
    body()->addLayout(reading);
    body()->addWidget(plot_, 2);
    body()->addWidget(board_, 2);
    body()->addWidget(typed_);
    body()->addLayout(new FlowingRow({keep, load, save, again}));
    live_->setMinimumWidth(scaled(250));
    connect(keep, &QPushButton::clicked, this, &VolumePanel::acceptTyped);
    connect(typed_, &ValueField::entered, this, &VolumePanel::acceptTyped);
    connect(load, &QPushButton::clicked, this, &VolumePanel::loadTrial);
    connect(save, &QPushButton::clicked, this, &VolumePanel::saveTrial);
    connect(again, &QPushButton::clicked, this, &VolumePanel::startOver);
    connect(board_, &TrialBoard::chosenChanged, this, [this] {
        if (session_.run() && isVisible())
            show();
    });
    whenRecorded([this] {
        const VolumeRecording& pressures = recording<VolumeRecording>();
        if (pressures.samples().size() < judgedSamples_)
            judgedSamples_ = 0;
        if (pressures.complete() || pressures.samples().empty() ||
            pressures.samples().size() >= judgedSamples_ + judgeEvery)
            judge();
    });
}

void VolumePanel::entered() {
    typed_->clear();
    judge();
}

airdisplacement::TrialVerdict VolumePanel::judgement() const {
    return own().trials().verdict;
}

VolumePanel::State VolumePanel::state() const {
    const VolumeRecording& pressures = recording<VolumeRecording>();
    return pressures.recording() ? State::Recording : pressures.complete() ? State::Judged : State::Idle;
}

void VolumePanel::judge() {
    const auto& samples = recording<VolumeRecording>().samples();
    judgedTest_ = run().record().id;
    judgedSamples_ = samples.size();
    result_ = own().read(samples).value_or(airdisplacement::VolumeReadingResult{});
    showBoard();
    show();
    Q_EMIT touched();
}

// A kept trial by its own calibration.
airdisplacement::VolumeReadingResult VolumePanel::readAgain(const VolumeTrial& trial) const {
    return own().readAgain(trial).value_or(airdisplacement::VolumeReadingResult{});
}

void VolumePanel::show() {
    // Between trials the selected one stands in the picture.
    auto shown = result_;
    if (state() == State::Idle)
        if (const VolumeTrial* trial = own().test().trials.find(selectedTrial());
            trial && !trial->pressures.samples.empty())
            shown = readAgain(*trial);
    const bool any = !shown.windowVolumes.empty();
    live_->setText(!any                          ? QString()
                   : state() == State::Recording ? number(shown.windowVolumes.back(), 2) + QStringLiteral(" L")
                                                 : number(shown.volume.value(), 3) + QStringLiteral(" L"));
    words_->setText(state() == State::Idle ? any ? tr("Trial %1").arg(selectedTrial()) : QString()
                                           : report::say(result_.message()));
    plot_->setVisible(linked() || any);
    plot_->setPaint([shown, &palette = session_.palette()](QPainter& painter, const QRectF& area) {
        report::paintVolumeTrace(painter, area, shown, palette);
    });
}

void VolumePanel::refresh() {
    showBoard();
    if (judgedTest_ != own().test().id || judgedSamples_ > recording<VolumeRecording>().samples().size())
        judge();
    show();
}

// What is recorded and not accepted yet stands under the others.
void VolumePanel::showBoard() {
    const auto& test = own().test();
    const auto judged = own().trials();
    BoardModel model;
    model.tolerance = own().setting().policy.trials.tolerance.value();
    for (const VolumeTrial& trial : test.trials) {
        const bool used = std::ranges::find(judged.used, trial.number) != judged.used.end();
        auto [state, words] = standingOnTheBoard(trial.setAsideReason, used);
        if (trial.counts() && trial.set != test.set) {
            state = BoardTrial::State::Excluded;
            words = tr("before recalibrating");
        }
        model.trials.push_back(
            {trial.number, trial.volume.value(), trial.standardError.value(),
             thinned(trial.pressures.samples, [](const auto& sample) { return sample.test.value(); }), state,
             words});
    }
    if (state() == State::Judged && result_.readable())
        model.trials.push_back({static_cast<int>(test.trials.size()) + 1, result_.volume.value(),
                                result_.standardError.value(), result_.windowVolumes, BoardTrial::State::Ready,
                                tr("ready to accept")});
    board_->showTrials(model, tr("two must agree within %1 L").arg(number(model.tolerance, 3)),
                       session_.palette());
}

QString VolumePanel::primaryText() const {
    if (judgement() == airdisplacement::TrialVerdict::Recalibrate && state() == State::Idle)
        return tr("Recalibrate");
    if (!linked() && state() == State::Idle) {
        const auto typed = typed_->value();
        return typed ? tr("Accept typed %1 L").arg(number(*typed, 3)) : tr("Accept typed volume");
    }
    switch (state()) {
    case State::Idle:
        return tr("Close the door, start");
    case State::Recording:
        return tr("Recording…");
    case State::Judged:
        return result_.readable() ? tr("Accept trial: %1 L").arg(number(result_.volume.value(), 3))
                                  : tr("Repeat the trial");
    }
    return {};
}

bool VolumePanel::primaryEnabled() const {
    if (run().obstacleTo(step()) || judgement() == airdisplacement::TrialVerdict::EndSession)
        return false;
    return state() != State::Recording;
}

void VolumePanel::primary() {
    if (!primaryEnabled())
        return;
    if (state() == State::Judged)
        return result_.readable() ? accept() : repeat();
    if (judgement() == airdisplacement::TrialVerdict::Recalibrate)
        return startOver();
    if (!linked())
        return acceptTyped();
    session_.report(recording<VolumeRecording>().start(QStringLiteral("cue trial"), trialSeconds));
}

void VolumePanel::accept() {
    VolumeRecording& pressures = recording<VolumeRecording>();
    const auto accepted = own().acceptPressures(pressures.samples(), pressures.from());
    if (accepted)
        pressures.clear(); // otherwise it is still here: accept again when the obstacle is gone
    session_.report(accepted);
}

void VolumePanel::acceptTyped() {
    const auto volume = typed_->value();
    if (!volume) {
        session_.report(
            failure({FUSAIN_TEXT("\"{1}\" is not a number."), {typed_->edit()->text().toStdString()}}, {},
                    {FUSAIN_TEXT("Type litres with a point or a comma."), {}}));
        return;
    }
    if (session_.report(own().acceptTrial(Litres(*volume), Litres(0.0))))
        typed_->clear();
}

void VolumePanel::repeat() {
    recording<VolumeRecording>().clear();
    if (linked())
        primary();
}

bool VolumePanel::linked() const {
    return session_.hub().isLive(chamberRole);
}

void VolumePanel::startOver() {
    const QString reason =
        askReason(this, tr("Recalibrate and start over"),
                  tr("Why? The trials so far stay on the record but do not count any more."));
    if (!reason.isEmpty())
        session_.report(own().startOver(reason.toStdString()));
}

int VolumePanel::selectedTrial() const {
    return board_->chosen();
}

void VolumePanel::setAside() {
    excludeOrRestore(numbered(own().test().trials, selectedTrial()),
                     tr("Exclude trial %1").arg(selectedTrial()));
}

void VolumePanel::replay(std::vector<airdisplacement::PressureSample> samples, std::string name) {
    recording<VolumeRecording>().replay(std::move(samples), std::move(name));
}

void VolumePanel::loadTrial() {
    if (auto samples = chooseDocument(session_, this, tr("Replay a trial"), tr("Pressures (*.csv)"),
                                      exchange::pressuresFromCsv))
        replay(std::move(*samples), "a saved trial");
}

void VolumePanel::saveTrial() {
    const auto& trials = own().test().trials;
    const auto found = std::ranges::find(trials, selectedTrial(), &VolumeTrial::number);
    if (found == trials.end() || found->pressures.samples.empty()) {
        session_.report(failure({FUSAIN_TEXT("The selected trial has no recorded pressures."), {}}, {},
                                {FUSAIN_TEXT("Select a trial that came from the chamber."), {}}));
        return;
    }
    saveChosen(session_, this, tr("Save the trial"), tr("volume-%1.csv").arg(found->number),
               tr("Pressures (*.csv)"), exchange::pressuresToCsv(found->pressures.samples));
}

QString VolumePanel::verdict() const {
    if (auto obstacle = run().obstacleTo(step()))
        return report::say(*obstacle);
    if (state() == State::Recording && !linked())
        return tr("Chamber disconnected. Data so far is kept. Reconnect, then press R.");
    if (state() != State::Idle)
        return report::say(result_.message()) + missingLinesWords(recording<VolumeRecording>());
    return report::say(own().trials().message);
}

StandBack VolumePanel::standBack() const {
    return {live_->text(), verdict()};
}

QWidget* VolumePanel::firstField() const {
    return linked() ? nullptr : typed_->edit();
}

} // namespace fusain::desktop

#include "moc_volume_panel.cpp"
