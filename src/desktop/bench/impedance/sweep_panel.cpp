#include "desktop/bench/impedance/sweep_panel.hpp"

#include "desktop/bench/impedance/analyzer_setup.hpp"
#include "desktop/services/past_records.hpp"
#include "desktop/services/text_files.hpp"
#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/flowing_row.hpp"
#include "exchange/base/reported_text.hpp"
#include "exchange/impedance/impedance_csv.hpp"
#include "record/base/json.hpp"
#include "report/base/words.hpp"
#include "report/impedance/impedance_figures.hpp"

#include <QHBoxLayout>
#include <QInputDialog>
#include <QVBoxLayout>
#include <algorithm>

namespace fusain::desktop {

SweepPanel::SweepPanel(Session& session)
    : MethodPanel(session, impedanceSteps(), ImpedanceStep::Sweep),
      arc_(new FigureView(tr("Arc of the whole body"), 230)), live_(label({}, "live")),
      words_(label({}, "heading")),
      segments_(table({tr("segment"), tr("|Z|, Ω"), tr("phase, °"), tr("points")}, tr("Segments at 50 kHz"))),
      resistance_(new ValueField(tr("R typed"), tr("Ω"))), reactance_(new ValueField(tr("Xc typed"), tr("Ω"))),
      kept_(label({}, "soft")) {
    auto* keep = button(tr("Accept typed"));
    auto* load = button(tr("Import…"));
    auto* reported = button(tr("Reported values…"));
    auto* spite = button(tr("Override finding…"));
    auto* setup = button(tr("How it is connected…"));
    auto* reading = new QHBoxLayout;
    reading->addWidget(live_);
    reading->addWidget(words_, 1);
    auto* pictures = new QHBoxLayout;
    pictures->addWidget(arc_, 5);
    pictures->addWidget(segments_, 6);
    for (ValueField* field : {resistance_, reactance_})
        field->makeCompact();
    body()->addLayout(reading);
    body()->addLayout(pictures, 1);
    body()->addWidget(kept_);
    body()->addLayout(new FlowingRow({resistance_, reactance_, keep}));
    body()->addLayout(new FlowingRow({load, reported, spite, setup}));
    live_->setMinimumWidth(scaled(210));
    segments_->setMinimumHeight(scaled(210));
    wrapLines(*segments_);
    for (const auto& [column, width] : {std::pair(0, 102), std::pair(1, 56), std::pair(2, 62)}) // and the rest
        segments_->setColumnWidth(column, scaled(width));
    connect(keep, &QPushButton::clicked, this, &SweepPanel::acceptTyped);
    connect(reactance_, &ValueField::entered, this, &SweepPanel::acceptTyped);
    connect(load, &QPushButton::clicked, this, &SweepPanel::importSweep);
    connect(reported, &QPushButton::clicked, this, &SweepPanel::typeReported);
    connect(setup, &QPushButton::clicked, this, [this] {
        if (AnalyzerSetupDialog(session_, own(), this).exec() == QDialog::Accepted)
            recording<SweepRecording>().clear(); // it was taken with the set-up of before
    });
    connect(spite, &QPushButton::clicked, this, &SweepPanel::useInSpite);
    whenRecorded([this] {
        show();
        Q_EMIT touched();
    });
}

void SweepPanel::entered() {
    resistance_->clear();
    reactance_->clear();
}

SweepPanel::State SweepPanel::state() const {
    const SweepRecording& sweep = recording<SweepRecording>();
    return sweep.recording() ? State::Recording : sweep.complete() ? State::Judged : State::Idle;
}

std::vector<impedance::SignalFinding> SweepPanel::findings() const {
    const SweepRecording& sweep = recording<SweepRecording>();
    return sweep.complete() ? own().judge(sweep.sweep()) : std::vector<impedance::SignalFinding>{};
}

const impedance::Sweep* SweepPanel::shown() const {
    if (state() != State::Idle)
        return &recording<SweepRecording>().sweep();
    const ImpedanceSweep* kept = own().test().sweep();
    return kept ? &kept->readings : nullptr;
}

void SweepPanel::show() {
    const impedance::Sweep* sweep = shown();
    report::ArcModel model;
    segments_->setRowCount(0);
    live_->clear();
    if (sweep) {
        for (const impedance::Spectrum& spectrum : sweep->spectra) {
            const auto* point = spectrum.at(impedance::standardFrequency);
            setRow(segments_, segments_->rowCount(),
                   {report::say(impedance::segmentName(spectrum.segment)),
                    point ? number(point->magnitude.value(), 1) : QString(),
                    point && point->impedance ? number(impedance::phaseAngle(*point->impedance).value(), 1)
                                              : QString(),
                    QString::number(spectrum.points.size())});
            if (spectrum.segment == impedance::Segment::WholeBody) {
                model.points = spectrum.points;
                if (point)
                    live_->setText(number(point->magnitude.value(), 0) + QStringLiteral(" Ω"));
            }
        }
        model.fit = impedance::fitCole(model.points);
    }
    arc_->setPaint([model, &palette = session_.palette()](QPainter& painter, const QRectF& area) {
        report::paintArc(painter, area, model, palette);
    });
    const auto [done, total] = recording<SweepRecording>().progress();
    const auto found = findings();
    words_->setText(state() == State::Recording ? tr("Reading %1 of %2").arg(done).arg(total)
                    : state() == State::Idle    ? QString()
                    : found.empty()             ? tr("The signal is clean.")
                                                : report::say(found.front().what));
}

void SweepPanel::refresh() {
    const auto& test = own().test();
    QStringList lines;
    for (const ImpedanceSweep& sweep : test.sweeps)
        lines << (sweep.counts() ? (&sweep == test.sweep() ? tr("✓ sweep %1, used").arg(sweep.number)
                                                           : tr("sweep %1").arg(sweep.number))
                                 : tr("sweep %1 excluded: %2")
                                       .arg(sweep.number)
                                       .arg(QString::fromStdString(sweep.setAsideReason)));
    if (const auto reported = test.reportedValues(); !reported.empty())
        lines << tr("%1 values as reported by the instrument").arg(reported.size());
    kept_->setText(lines.join(QStringLiteral("; ")));
    show();
}

QString SweepPanel::primaryText() const {
    switch (state()) {
    case State::Idle:
        return recording<SweepRecording>().linked() ? tr("Start the sweep") : tr("Accept typed");
    case State::Recording:
        return tr("Reading…");
    case State::Judged:
        return impedance::mustRepeat(findings()) ? tr("Repeat the sweep") : tr("Accept the sweep");
    }
    return {};
}

bool SweepPanel::primaryEnabled() const {
    return !run().obstacleTo(step()) && state() != State::Recording;
}

void SweepPanel::primary() {
    if (!primaryEnabled())
        return;
    if (state() == State::Judged)
        return impedance::mustRepeat(findings()) ? repeat() : accept({});
    if (!recording<SweepRecording>().linked())
        return acceptTyped();
    session_.report(recording<SweepRecording>().start());
}

void SweepPanel::repeat() {
    SweepRecording& sweep = recording<SweepRecording>();
    sweep.clear();
    if (sweep.linked())
        session_.report(sweep.start());
}

// Mass and impedance against the last visit: whose turn is it?
std::vector<impedance::IdentityDoubt> SweepPanel::identityDoubts(const impedance::Sweep& sweep) const {
    const auto last = lastFacts(pastTests<ImpedanceMethod>(session_.book(), run().record()), run().record());
    const auto* whole = sweep.of(impedance::Segment::WholeBody);
    const auto* point = whole ? whole->at(impedance::standardFrequency) : nullptr;
    if (!last || !own().test().mass)
        return {};
    return impedance::identityDoubts({run().record().subject.height, Kilograms(own().test().mass->value),
                                      point ? std::optional(point->magnitude) : std::nullopt},
                                     *last);
}

// Every way in comes through here: recorded, typed or from a file. @return whether it is kept
bool SweepPanel::take(const impedance::Sweep& sweep, const Attribution& from,
                      const std::string& reasonInSpite) {
    QStringList words;
    for (const impedance::IdentityDoubt& doubt : identityDoubts(sweep))
        words << report::say(doubt.message());
    QString reason;
    if (!words.isEmpty()) {
        reason = askReason(this, tr("Is it this client?"),
                           words.join(QLatin1Char('\n')) + tr("\nWhy is it correct?"));
        if (reason.isEmpty())
            return false;
    }
    return session_.report(own().acceptSweep(sweep, from, reasonInSpite, reason.toStdString()));
}

void SweepPanel::accept(const std::string& reasonInSpite) {
    SweepRecording& sweep = recording<SweepRecording>();
    const impedance::Sweep recorded = sweep.sweep(); // its panel is drawn anew when it is kept
    if (take(recorded, sweep.from(), reasonInSpite))
        sweep.clear(); // otherwise it is still here: accept again when the obstacle is gone
}

void SweepPanel::useInSpite() {
    if (state() != State::Judged || !impedance::mustRepeat(findings())) {
        session_.report(failure({FUSAIN_TEXT("There is no sweep here that should be repeated."), {}}));
        return;
    }
    const QString reason =
        askReason(this, tr("Use this sweep anyway"),
                  report::say(findings().front().what) + tr("\nThe physiologist decides and says why."));
    if (!reason.isEmpty())
        accept(reason.toStdString());
}

void SweepPanel::acceptTyped() {
    const auto r = resistance_->value(), x = reactance_->value();
    if (!r || !x) {
        session_.report(
            failure({FUSAIN_TEXT("A typed reading needs resistance and reactance at 50 kHz."), {}}, {},
                    {FUSAIN_TEXT("Type ohms with a point or a comma; the reactance is positive."), {}}));
        return;
    }
    impedance::Sweep sweep;
    sweep.spectra.push_back({impedance::Segment::WholeBody,
                             {impedance::pointOf(impedance::standardFrequency, {Ohms(*r), Ohms(*x)})}});
    if (take(sweep, Attribution::typed())) {
        resistance_->clear();
        reactance_->clear();
    }
}

void SweepPanel::importSweep() {
    const auto sweep =
        chooseDocument(session_, this, tr("Import a sweep"), tr("Tables (*.csv)"), exchange::sweepFromCsv);
    if (sweep)
        take(*sweep, Attribution::fromFile(run().record().id, "analyzer", "an imported sweep"));
}

void SweepPanel::typeReported() {
    bool kept = false;
    const QString text =
        QInputDialog::getMultiLineText(this, tr("Values reported by the instrument"),
                                       tr("One a line: name, value, unit. Known names: fat-percent, "
                                          "fat-free-mass, body-water, lean.right-arm … "
                                          "They are stored separately from what is computed here."),
                                       {}, &kept);
    if (!kept)
        return;
    auto values = exchange::reportedFromText(text.toStdString());
    session_.report(values ? own().keepReported(std::move(*values)) : tl::unexpected(values.error()));
}

void SweepPanel::setAside() {
    if (const ImpedanceSweep* sweep = own().test().sweep())
        excludeOrRestore(sweep, tr("Exclude sweep %1").arg(sweep->number));
}

QString SweepPanel::verdict() const {
    if (auto obstacle = run().obstacleTo(step()))
        return report::say(*obstacle);
    if (state() == State::Recording && !recording<SweepRecording>().linked())
        return tr("Analyzer disconnected. Reconnect, then press R to repeat the sweep.");
    if (state() == State::Recording)
        return tr("Keep still and silent.");
    if (const auto found = findings(); !found.empty())
        return report::say(found.front().what) + QLatin1Char(' ') + report::say(found.front().remedy);
    if (state() == State::Judged)
        return tr("Every reading falls with frequency, sides and sums agree. Accept it.");
    return run().isDone(step()) ? tr("Done.") : StepPanel::verdict();
}

StandBack SweepPanel::standBack() const {
    const auto [done, total] = recording<SweepRecording>().progress();
    return {state() == State::Recording ? QStringLiteral("%1/%2").arg(done).arg(total) : live_->text(),
            verdict()};
}

QWidget* SweepPanel::firstField() const {
    return recording<SweepRecording>().linked() ? nullptr : resistance_->edit();
}

} // namespace fusain::desktop

#include "moc_sweep_panel.cpp"
