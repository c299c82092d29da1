#include "desktop/bench/tank/trials_panel.hpp"

#include "desktop/services/text_files.hpp"
#include "exchange/tank/trace_csv.hpp"
#include "report/base/words.hpp"
#include "report/tank/trace_figure.hpp"

#include <QHBoxLayout>
#include <QTimer>
#include <algorithm>

namespace fusain::desktop {
TrialsPanel::TrialsPanel(Session& session)
    : MethodPanel(session, hydrostaticSteps(), HydrostaticStep::Trials), replayTimer_(new QTimer(this)),
      plot_(new FigureView(tr("Load cell over time"), 190)), live_(label({}, "live")),
      traceWords_(label({}, "heading")), typed_(new ValueField(tr("Steady reading, typed"), tr("kg gross"))),
      table_(table({tr("trial"), tr("gross kg"), tr("net kg"), tr("state")}, tr("Trials"))) {
    auto* keep = button(tr("Accept typed trial"));
    auto* load = button(tr("Replay a trace…"));
    auto* save = button(tr("Save trace…"));
    auto* enough = button(tr("Go on with these"));
    auto* row = new QHBoxLayout;
    for (QPushButton* each : {keep, load, save, enough})
        row->addWidget(each);
    row->addStretch();
    auto* reading = new QHBoxLayout;
    reading->addWidget(live_);
    reading->addWidget(traceWords_, 1);
    body()->addLayout(reading);
    body()->addWidget(plot_, 2);
    body()->addWidget(table_, 1);
    body()->addWidget(typed_);
    body()->addLayout(row);
    table_->setMinimumHeight(110);
    live_->setMinimumWidth(230);
    connect(keep, &QPushButton::clicked, this, &TrialsPanel::acceptTyped);
    connect(typed_, &ValueField::entered, this, &TrialsPanel::acceptTyped);
    connect(load, &QPushButton::clicked, this, &TrialsPanel::loadTrace);
    connect(save, &QPushButton::clicked, this, &TrialsPanel::saveTrace);
    connect(enough, &QPushButton::clicked, this, &TrialsPanel::goOnWithWhatThereIs);
    connect(table_, &QTableWidget::currentCellChanged, this, [this] { showTrace(); });
    connect(&session.hub(), &link::InstrumentHub::frameArrived, this, &TrialsPanel::takeFrame);
    replayTimer_->setInterval(20);
    connect(replayTimer_, &QTimer::timeout, this, [this] {
        if (replayAt_ >= replayed_.size())
            return replayTimer_->stop();
        takeSample(replayed_[replayAt_++]);
    });
}

bool TrialsPanel::linked() const {
    return session_.hub().isLive(QStringLiteral("load-cell"));
}

void TrialsPanel::takeFrame(const link::Frame& frame) {
    if (frame.role != "load-cell" || !isVisible() || !session_.run() || replayTimer_->isActive())
        return;
    if (state_ != State::Recording) {
        if (state_ == State::Idle)
            live_->setText(number(frame.value("kg"), 2) + QStringLiteral(" kg"));
        return;
    }
    if (!startTime_)
        startTime_ = frame.value("t");
    takeSample({Seconds(frame.value("t") - *startTime_), Kilograms(frame.value("kg"))});
}

void TrialsPanel::takeSample(const hydrostatic::ForceSample& sample) {
    samples_.push_back(sample);
    analyzer_.add(sample);
    if (samples_.size() % 3 == 0)
        showTrace();
}

void TrialsPanel::showTrace() {
    const report::Palette& palette = session_.palette();
    if (state_ == State::Idle && selectedTrial() > 0 && session_.run()) {
        for (const WeighingTrial& trial : own().test().trials)
            if (trial.number == selectedTrial() && !trial.trace.empty()) {
                const auto reading = hydrostatic::analyseTrace(trial.trace);
                plot_->setPaint(
                    [trace = trial.trace, reading, &palette](QPainter& painter, const QRectF& area) {
                        report::paintTrace(painter, area, {trace, reading}, palette);
                    });
                traceWords_->setText(tr("Trial %1").arg(trial.number));
                live_->setText(number(trial.gross.value(), 2) + QStringLiteral(" kg"));
            }
        return;
    }
    const auto& reading = analyzer_.reading();
    plot_->setPaint([trace = samples_, reading, &palette](QPainter& painter, const QRectF& area) {
        report::paintTrace(painter, area, {trace, reading}, palette);
    });
    if (!samples_.empty())
        live_->setText(number(reading.verdict == hydrostatic::TraceVerdict::Readable
                                  ? reading.gross.value()
                                  : samples_.back().gross.value(),
                              2) +
                       QStringLiteral(" kg"));
    traceWords_->setText(report::say(reading.message()));
    Q_EMIT touched();
}

void TrialsPanel::refresh() {
    const auto& test = own().test();
    const auto judged = own().trials();
    const int before = table_->rowCount();
    const QSignalBlocker blocker(table_);
    table_->setRowCount(static_cast<int>(test.trials.size()));
    const Kilograms tare = test.loadCell ? test.loadCell->tare : Kilograms(0.0);
    for (int row = 0; row < table_->rowCount(); ++row) {
        const WeighingTrial& trial = test.trials[static_cast<std::size_t>(row)];
        const bool used = std::ranges::find(judged.used, trial.number) != judged.used.end();
        setRow(table_, row,
               {QString::number(trial.number), number(trial.gross.value(), 3),
                number((trial.gross - tare).value(), 3),
                !trial.counts() ? tr("set aside: %1").arg(QString::fromStdString(trial.setAsideReason))
                : used          ? tr("used by the rule")
                                : tr("counts")});
    }
    if (table_->rowCount() != before && table_->rowCount() > 0)
        table_->setCurrentCell(table_->rowCount() - 1, 0);
    table_->setColumnWidth(0, 60);
    live_->setVisible(linked() || !samples_.empty() || table_->rowCount() > 0);
    if (state_ == State::Idle)
        showTrace();
}

QString TrialsPanel::primaryText() const {
    if (state_ == State::Recording)
        return analyzer_.reading().verdict == hydrostatic::TraceVerdict::Readable ? tr("Accept trial")
                                                                                  : tr("Reading…");
    if (linked())
        return tr("Start trial %1").arg(own().test().trials.size() + 1);
    return tr("Accept typed trial");
}

bool TrialsPanel::primaryEnabled() const {
    if (run().obstacleTo(HydrostaticStep::Trials))
        return false;
    if (state_ == State::Recording)
        return analyzer_.reading().verdict == hydrostatic::TraceVerdict::Readable;
    return linked() || typed_->value().has_value();
}

void TrialsPanel::primary() {
    if (!primaryEnabled())
        return;
    if (state_ == State::Recording)
        return acceptTrace();
    return linked() && typed_->edit()->text().isEmpty() ? startTrial() : acceptTyped();
}

void TrialsPanel::startTrial() {
    samples_.clear();
    analyzer_ = hydrostatic::WeighingTraceAnalyzer();
    startTime_.reset();
    state_ = State::Recording;
    session_.hub().send(QStringLiteral("load-cell"), QStringLiteral("cue under"));
    showTrace();
}

void TrialsPanel::acceptTrace() {
    const auto reading = analyzer_.reading();
    replayTimer_->stop();
    state_ = State::Idle;
    session_.hub().send(QStringLiteral("load-cell"), QStringLiteral("cue out"));
    const auto accepted = own().acceptTrial(reading.gross, reading.standardError, Origin::Link,
                                            reading.message().english(), samples_);
    if (!session_.report(accepted)) {
        state_ = State::Recording; // the trace is still here: accept again when the obstacle is gone
        Q_EMIT touched();
    }
}

void TrialsPanel::acceptTyped() {
    const auto gross = typed_->value();
    if (!gross) {
        session_.report(
            failure({FUSAIN_TEXT("\"{1}\" is not a number."), {typed_->edit()->text().toStdString()}}, {},
                    {FUSAIN_TEXT("Type kilograms with a point or a comma."), {}}));
        return;
    }
    if (session_.report(
            own().acceptTrial(Kilograms(*gross), own().setting().policy.typedReadingError, Origin::Typed)))
        typed_->clear();
}

void TrialsPanel::repeat() {
    replayTimer_->stop();
    session_.hub().send(QStringLiteral("load-cell"), QStringLiteral("cue out"));
    state_ = State::Idle;
    samples_.clear();
    analyzer_ = hydrostatic::WeighingTraceAnalyzer();
    if (linked())
        startTrial();
    Q_EMIT touched();
}

int TrialsPanel::selectedTrial() const {
    const auto* item = table_->item(table_->currentRow(), 0);
    return item ? item->text().toInt() : 0;
}

void TrialsPanel::setAside() {
    const int trial = selectedTrial();
    const auto& trials = own().test().trials;
    const auto found = std::ranges::find(trials, trial, &WeighingTrial::number);
    if (found == trials.end())
        return;
    if (!found->counts()) {
        session_.report(own().restore(trial));
        return;
    }
    const QString reason = askReason(this, tr("Set trial %1 aside").arg(trial),
                                     tr("Why does it not count? It stays on the record and can be restored."));
    if (!reason.isEmpty())
        session_.report(own().setAside(trial, reason.toStdString()));
}

void TrialsPanel::goOnWithWhatThereIs() {
    const QString reason = askReason(this, tr("Go on with these trials"),
                                     tr("Why are they good enough? The result will carry a flag."));
    if (!reason.isEmpty())
        session_.report(run().confirm(HydrostaticStep::Trials, reason.toStdString()));
}

void TrialsPanel::replay(std::vector<hydrostatic::ForceSample> samples) {
    samples_.clear();
    analyzer_ = hydrostatic::WeighingTraceAnalyzer();
    replayed_ = std::move(samples);
    replayAt_ = 0;
    state_ = State::Recording;
    replayTimer_->start();
}

void TrialsPanel::loadTrace() {
    if (auto samples =
            chooseDocument(session_, this, tr("Replay a trace"), tr("Traces (*.csv)"), exchange::traceFromCsv))
        replay(std::move(*samples));
}

void TrialsPanel::saveTrace() {
    const auto& trials = own().test().trials;
    const auto found = std::ranges::find(trials, selectedTrial(), &WeighingTrial::number);
    if (found == trials.end() || found->trace.empty()) {
        session_.report(failure({FUSAIN_TEXT("The selected trial has no trace."), {}}, {},
                                {FUSAIN_TEXT("Select a trial that came from the load cell."), {}}));
        return;
    }
    saveChosen(session_, this, tr("Save the trace"), tr("trial-%1.csv").arg(found->number),
               tr("Traces (*.csv)"), exchange::traceToCsv(found->trace));
}

QString TrialsPanel::verdict() const {
    if (auto obstacle = run().obstacleTo(HydrostaticStep::Trials))
        return report::say(*obstacle);
    if (state_ == State::Recording &&
        session_.hub().status(QStringLiteral("load-cell")).state == link::LinkState::Connecting)
        return tr("The load cell's cable: what came so far is kept. R repeats when it is back.");
    if (state_ == State::Recording)
        return report::say(analyzer_.reading().message());
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
