#include "desktop/bench/tank/trials_panel.hpp"

#include "desktop/services/text_files.hpp"
#include "desktop/services/water_book.hpp"
#include "desktop/views/passphrase.hpp"
#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/flowing_row.hpp"
#include "exchange/tank/trace_csv.hpp"
#include "report/base/words.hpp"
#include "report/tank/trace_figure.hpp"

#include <QHBoxLayout>
#include <QTimer>
#include <algorithm>
#include <cmath>

namespace fusain::desktop {
namespace {

double gross(const hydrostatic::ForceSample& sample) {
    return sample.gross.value();
}

} // namespace

TrialsPanel::TrialsPanel(Session& session)
    : MethodPanel(session, hydrostaticSteps(), HydrostaticStep::Trials),
      plot_(new FigureView(tr("Load cell over time"), 190)), live_(label({}, "live")),
      traceWords_(label({}, "heading")), typed_(new ValueField(tr("Steady reading, typed"), tr("kg gross"))),
      board_(new TrialBoard(tr("Trials"), tr("kg net"))) {
    plot_->setStretching(46.0);
    auto* keep = button(tr("Accept typed trial"));
    auto* load = button(tr("Replay a trace…"));
    auto* save = button(tr("Save trace…"));
    auto* enough = button(tr("Use these trials…"));
    auto* reading = new QHBoxLayout;
    reading->addWidget(live_);
    reading->addWidget(traceWords_, 1);
    body()->addLayout(reading);
    body()->addWidget(plot_, 2);
    body()->addWidget(board_, 2);
    body()->addWidget(typed_);
    body()->addLayout(new FlowingRow({keep, load, save, enough}));
    live_->setMinimumWidth(scaled(230));
    connect(keep, &QPushButton::clicked, this, &TrialsPanel::acceptTyped);
    connect(typed_, &ValueField::entered, this, &TrialsPanel::acceptTyped);
    connect(load, &QPushButton::clicked, this, &TrialsPanel::loadTrace);
    connect(save, &QPushButton::clicked, this, &TrialsPanel::saveTrace);
    connect(enough, &QPushButton::clicked, this, &TrialsPanel::goOnWithWhatThereIs);
    connect(board_, &TrialBoard::chosenChanged, this, [this] { showTrace(); });
    whenRecorded([this] {
        const TrialRecording& trace = recording<TrialRecording>();
        const auto ready = trace.readable() ? std::optional(trace.reading().gross) : std::nullopt;
        if (std::exchange(ready_, ready) != ready)
            showBoard();
        showTrace();
        Q_EMIT touched();
    });
    whenFrame("load-cell", [this](const link::Frame& frame) {
        if (!recording<TrialRecording>().holds())
            live_->setText(number(frame.value("kg"), 2) + QStringLiteral(" kg"));
    });
}

void TrialsPanel::entered() {
    warnedAt_.reset(); // another client's dives are not this one's
    typed_->clear();
}

bool TrialsPanel::linked() const {
    return session_.hub().isLive(QStringLiteral("load-cell"));
}

Kilograms TrialsPanel::tare() const {
    const LoadCellCheck* check = own().test().loadCell();
    return check ? check->tare : Kilograms(0.0);
}

void TrialsPanel::showTrace() {
    const report::Palette& palette = session_.palette();
    const TrialRecording& trace = recording<TrialRecording>();
    if (!trace.holds()) {
        showKeptTrial();
        return;
    }
    const auto& reading = trace.reading();
    plot_->setPaint([samples = trace.samples(), reading, &palette](QPainter& painter, const QRectF& area) {
        report::paintTrace(painter, area, {samples, reading}, palette);
    });
    if (!trace.samples().empty())
        live_->setText(number((trace.readable() ? reading.gross : trace.samples().back().gross).value(), 2) +
                       QStringLiteral(" kg"));
    traceWords_->setText(report::say(reading.message()));
}

// Between trials the selected one stands in the picture.
void TrialsPanel::showKeptTrial() {
    const report::Palette& palette = session_.palette();
    const WeighingTrial* trial = own().test().trials.find(selectedTrial());
    plot_->setPaint({});
    traceWords_->clear();
    if (!trial)
        return;
    traceWords_->setText(tr("Trial %1").arg(trial->number));
    live_->setText(number(trial->gross.value(), 2) + QStringLiteral(" kg"));
    if (!trial->trace.samples.empty()) {
        plot_->setPaint([trace = trial->trace.samples, reading = readingOf(*trial),
                         &palette](QPainter& painter, const QRectF& area) {
            report::paintTrace(painter, area, {trace, reading}, palette);
        });
    }
}

// Read once: every change of the book comes by here.
const hydrostatic::TraceReading& TrialsPanel::readingOf(const WeighingTrial& trial) {
    const std::pair which(run().record().id, trial.number);
    if (std::exchange(readTrial_, which) != which)
        keptReading_ = hydrostatic::analyseTrace(trial.trace.samples, trial.tare);
    return keptReading_;
}

void TrialsPanel::refresh() {
    readWater();
    showBoard();
    live_->setVisible(linked() || recording<TrialRecording>().holds() || !own().test().trials.empty());
    showTrace();
}

// What is recorded and not accepted yet stands under the others.
void TrialsPanel::showBoard() {
    const auto& test = own().test();
    const auto judged = own().trials();
    BoardModel model;
    model.tolerance = own().setting().policy.trials.tolerance.value();
    for (const WeighingTrial& trial : test.trials) {
        const bool used = std::ranges::find(judged.used, trial.number) != judged.used.end();
        auto [state, words] = standingOnTheBoard(trial.setAsideReason, used);
        if (state == BoardTrial::State::Used && judged.verdict != hydrostatic::TrialVerdict::Enough)
            words = tr("used if accepted");
        model.trials.push_back({trial.number, trial.net().value(), trial.standardError.value(),
                                thinned(trial.trace.samples, gross), state, words});
    }
    if (const auto& trace = recording<TrialRecording>(); trace.readable()) {
        const auto& reading = trace.reading();
        model.trials.push_back({static_cast<int>(test.trials.size()) + 1, reading.net().value(),
                                reading.standardError.value(), thinned(trace.samples(), gross),
                                BoardTrial::State::Ready, tr("ready to accept")});
    }
    board_->showTrials(model, tr("must agree within %1 kg").arg(number(model.tolerance, 2)),
                       session_.palette());
}

QString TrialsPanel::primaryText() const {
    const TrialRecording& trace = recording<TrialRecording>();
    if (trace.readable())
        return tr("Accept trial: %1 kg").arg(number(trace.reading().gross.value(), 2));
    if (trace.holds())
        return tr("Reading…");
    if (linked())
        return tr("Start trial %1").arg(own().test().trials.size() + 1);
    return typedText();
}

QString TrialsPanel::typedText() const {
    const auto typed = typed_->value();
    return typed ? tr("Accept typed %1 kg").arg(number(*typed, 2)) : tr("Accept typed trial");
}

bool TrialsPanel::primaryEnabled() const {
    if (run().obstacleTo(HydrostaticStep::Trials))
        return false;
    const TrialRecording& trace = recording<TrialRecording>();
    return trace.holds() ? trace.readable() : linked() || typed_->value().has_value();
}

void TrialsPanel::primary() {
    if (!primaryEnabled())
        return;
    TrialRecording& trace = recording<TrialRecording>();
    if (trace.holds())
        return acceptTrace();
    if (!linked())
        return acceptTyped();
    if (mayDive())
        session_.report(trace.start(tare()));
}

bool TrialsPanel::mayDive() {
    readWater();
    return waterCleared() && rested();
}

// When something changed, not with each reading of the load cell.
void TrialsPanel::readWater() {
    const Instant now = session_.now();
    water_ = session_.water().obstacle(now);
    const auto state = session_.water().stateAt(now);
    waterRead_ = state && state->latest ? std::optional(state->latest->at) : std::nullopt;
}

// A reason holds for the reading that it was given for: a later bad one locks again.
std::optional<Problem> TrialsPanel::waterObstacle() const {
    const RawTest& record = run().record();
    const bool atTheStart =
        std::ranges::find(record.notes, NoteKind::WaterOverridden, &Note::kind) != record.notes.end() &&
        (!waterRead_ || *waterRead_ <= record.startedAt);
    return atTheStart || cleared_ == std::pair(record.id, waterRead_) ? std::nullopt : water_;
}

bool TrialsPanel::waterCleared() {
    const auto obstacle = waterObstacle();
    if (!obstacle)
        return true;
    if (!may(session_.atTheBench().role, Right::Override)) {
        session_.report(tl::unexpected(*obstacle));
        return false;
    }
    const QString reason =
        askReason(this, tr("Nobody in the water"),
                  report::say(*obstacle) + tr("\nWhy may this client be in the water anyway?"));
    if (reason.isEmpty() || !provesWhoItIs(session_, this, tr("Nobody in the water")) ||
        !session_.report(run().addNote(NoteKind::WaterOverridden, reason.toStdString())))
        return false;
    cleared_ = {run().record().id, waterRead_};
    return true;
}

// Asked once for each dive: whoever is under water again and again blacks out more easily.
bool TrialsPanel::rested() {
    const auto until = own().restUntil();
    const std::size_t dives = own().test().trials.size();
    if (!until || session_.now() >= *until || warnedAt_ == dives)
        return true;
    warnedAt_ = dives;
    session_.report(failure({FUSAIN_TEXT("Rest between dives: {1} s more."),
                             {fixed(std::ceil(60.0 * minutesBetween(session_.now(), *until)), 0)}},
                            {},
                            {FUSAIN_TEXT("Wait; start again only when the client says they are rested."), {}}));
    return false;
}

void TrialsPanel::acceptTrace() {
    TrialRecording& trace = recording<TrialRecording>();
    const auto reading = trace.reading();
    const auto accepted = own().acceptTrace(trace.samples(), trace.from());
    if (accepted) { // before the recording is cleared: that shows the kept trial
        readTrial_ = {run().record().id, own().test().trials.back().number};
        keptReading_ = reading;
    }
    if (accepted || !own().recordedUnderThisCheck(trace.from()))
        trace.clear(); // otherwise it is still here: accept again when the obstacle is gone
    session_.report(accepted);
}

void TrialsPanel::acceptTyped() {
    const auto gross = typed_->value();
    if (!gross) {
        session_.report(
            failure({FUSAIN_TEXT("\"{1}\" is not a number."), {typed_->edit()->text().toStdString()}}, {},
                    {FUSAIN_TEXT("Type kilograms with a point or a comma."), {}}));
        return;
    }
    if (session_.report(own().acceptTrial(Kilograms(*gross), own().setting().policy.typedReadingError)))
        typed_->clear();
}

void TrialsPanel::repeat() {
    TrialRecording& trace = recording<TrialRecording>();
    trace.clear();
    if (linked() && mayDive())
        session_.report(trace.start(tare()));
}

int TrialsPanel::selectedTrial() const {
    return board_->chosen();
}

void TrialsPanel::setAside() {
    excludeOrRestore(numbered(own().test().trials, selectedTrial()),
                     tr("Exclude trial %1").arg(selectedTrial()));
}

void TrialsPanel::goOnWithWhatThereIs() {
    const QString reason =
        askReason(this, tr("Use these trials"), tr("Why are they good enough? The result will carry a flag."));
    if (!reason.isEmpty())
        session_.report(run().confirm(HydrostaticStep::Trials, reason.toStdString()));
}

void TrialsPanel::replay(std::vector<hydrostatic::ForceSample> samples, std::string name) {
    recording<TrialRecording>().replay(std::move(samples), std::move(name), tare());
}

void TrialsPanel::loadTrace() {
    if (auto samples =
            chooseDocument(session_, this, tr("Replay a trace"), tr("Traces (*.csv)"), exchange::traceFromCsv))
        replay(std::move(*samples), "a saved trace");
}

void TrialsPanel::saveTrace() {
    const auto& trials = own().test().trials;
    const auto found = std::ranges::find(trials, selectedTrial(), &WeighingTrial::number);
    if (found == trials.end() || found->trace.samples.empty()) {
        session_.report(failure({FUSAIN_TEXT("The selected trial has no trace."), {}}, {},
                                {FUSAIN_TEXT("Select a trial that came from the load cell."), {}}));
        return;
    }
    saveChosen(session_, this, tr("Save the trace"), tr("trial-%1.csv").arg(found->number),
               tr("Traces (*.csv)"), exchange::traceToCsv(found->trace.samples));
}

QString TrialsPanel::verdict() const {
    if (auto obstacle = run().obstacleTo(HydrostaticStep::Trials))
        return report::say(*obstacle);
    const TrialRecording& trace = recording<TrialRecording>();
    if (const auto obstacle = waterObstacle(); obstacle && !trace.holds())
        return tr("Nobody in the water. ") + report::say(obstacle->what);
    if (trace.recording() && !trace.linked())
        return tr("Load cell disconnected. Data so far is kept. Reconnect, then press R.");
    if (trace.holds())
        return report::say(trace.reading().message()) + missingLinesWords(trace);
    return report::say(own().trials().message);
}

StandBack TrialsPanel::standBack() const {
    return {live_->text(), verdict()};
}

QWidget* TrialsPanel::firstField() const {
    return linked() ? nullptr : typed_->edit();
}

} // namespace fusain::desktop

#include "moc_trials_panel.cpp"
