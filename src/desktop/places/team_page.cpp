#include "desktop/places/team_page.hpp"

#include "desktop/bench/step_panel.hpp"
#include "desktop/widgets/text_files.hpp"
#include "exchange/group_table.hpp"
#include "report/figures/group_figure.hpp"
#include "report/words.hpp"

#include <QFileDialog>
#include <QKeyEvent>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace fusain::desktop {
namespace {

using enum ImpedanceStep;

QString stateWords(TeamState state) {
    switch (state) {
    case TeamState::Done:
        return QObject::tr("✓ measured");
    case TeamState::Aside:
        return QObject::tr("set aside");
    case TeamState::Waiting:
        break;
    }
    return QObject::tr("waits");
}

// The answer that keeps a rule; for a whole group that was asked together.
readiness::Answer asAsked(const readiness::Rule& rule) {
    readiness::Answer answer;
    if (rule.type == readiness::AnswerType::Choice)
        answer.choice = rule.limitChoice;
    else if (rule.type == readiness::AnswerType::Number)
        answer.number = rule.limit;
    else
        answer.hoursSince = readiness::limitHours(rule);
    return answer;
}

} // namespace

TeamPage::TeamPage(Session& session)
    : session_(session), recorder_(new SweepRecorder(session, this)),
      list_(table({tr("code"), tr("name"), tr("state")}, tr("Queue"))), who_(label({}, "title")),
      instruction_(label({}, "heading")), live_(label({}, "live")), message_(label({}, "warning")),
      code_(new QLineEdit), primary_(button({}, true)),
      summary_(new FigureView(tr("Body fat of the group"), 150)) {
    setFocusPolicy(Qt::StrongFocus);
    code_->setPlaceholderText(tr("code, scanned or typed, then Enter"));
    code_->setAccessibleName(tr("Code of the next person"));
    code_->setMaximumWidth(320);
    list_->setFixedWidth(380);
    list_->setColumnWidth(0, 80);
    list_->setColumnWidth(1, 170);
    auto* aside = button(tr("Set aside…  [X]"));
    auto* sign = button(tr("Sign all measured…"));
    auto* save = button(tr("Group table…"));
    auto* back = button(tr("Back to the day"));
    auto* right = new QVBoxLayout;
    for (QWidget* widget : std::initializer_list<QWidget*>{who_, code_, instruction_, live_, message_})
        right->addWidget(widget);
    right->addLayout(inOneRow({primary_, aside}));
    right->addStretch();
    right->addWidget(summary_);
    right->addLayout(inOneRow({sign, save, back}));
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(24);
    layout->addWidget(list_);
    layout->addLayout(right, 1);
    connect(code_, &QLineEdit::returnPressed, this, &TeamPage::callByCode);
    connect(primary_, &QPushButton::clicked, this, &TeamPage::primary);
    connect(aside, &QPushButton::clicked, this, &TeamPage::setAside);
    connect(sign, &QPushButton::clicked, this, &TeamPage::signAll);
    connect(save, &QPushButton::clicked, this, &TeamPage::saveGroup);
    connect(back, &QPushButton::clicked, this, &TeamPage::left);
    connect(recorder_, &SweepRecorder::advanced, this, [this] {
        const auto [done, total] = recorder_->progress();
        live_->setText(QStringLiteral("%1/%2").arg(done).arg(total));
    });
    connect(recorder_, &SweepRecorder::finished, this, &TeamPage::swept);
    connect(&session.hub(), &link::InstrumentHub::frameArrived, this, [this](const link::Frame& frame) {
        if (stage_ == Stage::Mass && frame.role == "floor-scale" && isVisible())
            live_->setText(number(frame.value("kg"), 2) + QStringLiteral(" kg"));
    });
}

ImpedanceProcedure* TeamPage::running() const {
    return dynamic_cast<ImpedanceProcedure*>(session_.run());
}

// Today's impedance appointments whose note begins with "team".
std::vector<store::Visit> TeamPage::visits() {
    auto today = session_.book().visitsBetween(report::startOfLocalDay(session_.now()),
                                               report::startOfLocalDay(session_.now(), 1));
    std::erase_if(today, [](const store::Visit& visit) {
        return visit.method != methodImpedance || !visit.note.starts_with("team");
    });
    return today;
}

void TeamPage::refresh() {
    std::vector<TeamQueue::Entry> entries;
    QStringList names;
    for (const store::Visit& visit : visits()) {
        const auto client = session_.book().client(visit.clientId);
        if (!client)
            continue;
        const TeamState state = visit.state == "measured" || visit.state == "done"   ? TeamState::Done
                                : visit.state == "aside" || visit.state == "refused" ? TeamState::Aside
                                                                                     : TeamState::Waiting;
        entries.push_back({visit.clientId, client->code, state});
        names << session_.nameOf(*client);
    }
    queue_ = TeamQueue(std::move(entries));
    list_->setRowCount(static_cast<int>(queue_.entries().size()));
    for (int row = 0; row < list_->rowCount(); ++row) {
        const auto& entry = queue_.entries()[static_cast<std::size_t>(row)];
        const bool here =
            running() && stage_ != Stage::Code && running()->record().subject.clientId == entry.clientId;
        setRow(list_, row,
               {QString::fromStdString(entry.code), names[row], here ? tr("▶ here") : stateWords(entry.state)});
        if (here)
            list_->setCurrentCell(row, 0);
    }
    showStage();
    showSummary();
}

void TeamPage::enter() {
    refresh();
    (stage_ == Stage::Code ? static_cast<QWidget*>(code_) : this)->setFocus();
}

void TeamPage::showStage() {
    const auto client = running() && stage_ != Stage::Code
                            ? session_.book().client(running()->record().subject.clientId)
                            : std::nullopt;
    const auto* next = queue_.next();
    who_->setText(client ? session_.nameOf(*client)
                  : next ? tr("Next: %1, %2 left").arg(QString::fromStdString(next->code)).arg(queue_.left())
                         : tr("Everybody is measured."));
    code_->setVisible(stage_ == Stage::Code);
    primary_->setVisible(stage_ != Stage::Code);
    primary_->setEnabled(stage_ != Stage::Sweeping);
    live_->setVisible(stage_ == Stage::Mass || stage_ == Stage::Sweeping);
    const auto show = [&](const QString& instruction, const QString& action) {
        instruction_->setText(instruction);
        primary_->setText(action + tr("   [Space]"));
    };
    switch (stage_) {
    case Stage::Code:
        return show(next ? tr("Scan the person's code. Ask the whole group once about implants, food, drink "
                              "and training.")
                         : tr("Sign the results, then save the group table. It holds no names."),
                    {});
    case Stage::Questions:
        return show(tr("No implant, not pregnant, no fluid or fever; nothing eaten for 4 h, no training for 12 "
                       "h, bladder emptied? "
                       "Anything else: open the ordinary bench (Alt+B)."),
                    tr("All as asked"));
    case Stage::Mass:
        return show(tr("On the scale in light clothing."), tr("Accept the mass"));
    case Stage::Sweep:
        return show(tr("Skin wiped, electrodes on, arms and thighs apart, silence."), tr("Start the sweep"));
    case Stage::Sweeping:
        return show(tr("Keep still and silent."), tr("Reading…"));
    case Stage::Again:
        return show(findings_.empty() ? tr("Once more.") : report::say(findings_.front().remedy),
                    tr("Repeat the sweep"));
    }
}

void TeamPage::callByCode() {
    const auto called = queue_.byCode(code_->text().trimmed().toStdString());
    if (!called.problem.empty()) {
        message_->setText(report::say(called.problem));
        code_->selectAll();
        return;
    }
    const auto client = session_.book().client(called.entry->clientId);
    for (const store::Visit& visit : visits())
        if (client && visit.clientId == client->id)
            if (const auto begun = start(*client, visit); !begun) {
                session_.report(begun);
                message_->setText(report::say(begun.error()));
                return;
            }
    code_->clear();
    message_->clear();
    refresh();
    setFocus();
}

// A new test, or the one that was set aside, made ready with what holds for the whole morning.
Expected<void> TeamPage::start(const Client& client, const store::Visit& visit) {
    auto begun = visit.testId.empty() ? session_.startRun(client, visit.id, methodImpedance)
                                      : session_.resumeRun(visit.testId);
    if (begun)
        begun = makeReady(client);
    if (!begun)
        return begun;
    const ImpedanceProcedure& run = *running();
    stage_ = !run.isDone(Screening) || !run.isDone(Readiness) ? Stage::Questions
             : run.isDone(Mass)                               ? Stage::Sweep
                                                              : Stage::Mass;
    if (stage_ == Stage::Mass)
        session_.hub().send(QStringLiteral("floor-scale"), QStringLiteral("cue step-on"));
    return {};
}

Expected<void> TeamPage::makeReady(const Client& client) {
    ImpedanceProcedure& run = *running();
    Expected<void> done;
    if (!run.isDone(WarmUp))
        done = run.confirm(WarmUp);
    if (done && !run.isDone(Module)) {
        // The resistor was read this morning; the quality log has it, and no test starts without.
        for (const Check& check : session_.book().checks("analyzer"))
            if (check.kind == "resistor-500" && check.passed &&
                session_.now().milliseconds - check.at.milliseconds < 24LL * 3600 * 1000)
                done = run.checkModule(Ohms(check.nominal), Ohms(check.reading));
    }
    if (done && !run.isDone(Identity))
        done = run.confirmIdentity(client.code, client.code, run.record().subject.height);
    return done;
}

void TeamPage::primary() {
    if (!running())
        return;
    switch (stage_) {
    case Stage::Questions:
        return answerAsAsked();
    case Stage::Mass:
        return takeMass();
    case Stage::Sweep:
    case Stage::Again:
        return startSweep();
    case Stage::Code:
    case Stage::Sweeping:
        break;
    }
}

void TeamPage::answerAsAsked() {
    ImpedanceProcedure& run = *running();
    Expected<void> done;
    for (const ImpedanceStep step : {Screening, Readiness})
        for (const readiness::Rule* rule : run.questions(step))
            if (done && !run.answerTo(rule->id))
                done = run.answer(rule->id, asAsked(*rule));
    if (!session_.report(done))
        return;
    stage_ = Stage::Mass;
    session_.hub().send(QStringLiteral("floor-scale"), QStringLiteral("cue step-on"));
    refresh();
}

void TeamPage::takeMass() {
    const auto frame = session_.hub().latest(QStringLiteral("floor-scale"));
    if (!frame || !frame->has("kg") || frame->value("stable", 1.0) == 0.0) {
        message_->setText(tr("The scale is not steady yet."));
        return;
    }
    const Kilograms mass(frame->value("kg"));
    if (const auto last = session_.lastImpedance(running()->record())) {
        const auto doubts =
            impedance::identityDoubts({running()->record().subject.height, mass, std::nullopt}, *last);
        if (!doubts.empty()) {
            const QString reason =
                askReason(this, tr("Is it this person?"),
                          report::say(doubts.front()) + tr("\nWhy is it right all the same?"));
            if (reason.isEmpty() ||
                !session_.report(running()->addNote("identity doubted, kept because: " + reason.toStdString())))
                return;
        }
    }
    if (!session_.report(running()->weigh(mass, Origin::Link)))
        return;
    message_->clear();
    stage_ = Stage::Sweep;
    refresh();
}

void TeamPage::startSweep() {
    if (!recorder_->linked()) {
        message_->setText(tr("The analyzer is not connected."));
        return;
    }
    Expected<void> done;
    for (const ImpedanceStep step : {Electrodes, Posture})
        if (done && !running()->isDone(step))
            done = running()->confirm(step);
    if (!session_.report(done))
        return;
    stage_ = Stage::Sweeping;
    message_->clear();
    recorder_->start();
    showStage();
}

void TeamPage::swept() {
    if (stage_ != Stage::Sweeping || !running())
        return;
    findings_ = running()->judge(recorder_->sweep());
    if (impedance::mustRepeat(findings_)) {
        message_->setText(report::say(findings_.front().what));
        stage_ = Stage::Again;
        return showStage();
    }
    const auto last = session_.lastImpedance(running()->record());
    const auto* whole = recorder_->sweep().of(impedance::Segment::WholeBody);
    const auto* point = whole ? whole->at(impedance::standardFrequency) : nullptr;
    if (last && point)
        for (const Message& doubt :
             impedance::identityDoubts({last->height, std::nullopt, point->magnitude}, *last)) {
            const QString reason = askReason(this, tr("Is it this person?"),
                                             report::say(doubt) + tr("\nWhy is it right all the same?"));
            if (reason.isEmpty()) {
                stage_ = Stage::Again;
                return showStage();
            }
            session_.report(running()->addNote("identity doubted, kept because: " + reason.toStdString()));
        }
    if (!session_.report(running()->acceptSweep(recorder_->sweep(), Origin::Link))) {
        stage_ = Stage::Again;
        return showStage();
    }
    finishPerson();
}

void TeamPage::finishPerson() {
    setVisit("measured");
    message_->setText(tr("Measured. Wipe the electrodes for the next person."));
    stage_ = Stage::Code;
    session_.closeRun();
    enter();
}

void TeamPage::setVisit(const std::string& state) {
    for (store::Visit visit : visits())
        if (running() && visit.clientId == running()->record().subject.clientId) {
            visit.state = state;
            visit.testId = running()->record().id;
            session_.report(session_.book().save(visit, session_.atTheBench().id));
        }
}

void TeamPage::setAside() {
    if (!running() || stage_ == Stage::Code)
        return;
    const QString reason = askReason(
        this, tr("Set aside"), tr("Why is this person called again later? What was done so far is kept."));
    if (reason.isEmpty() || !session_.report(running()->addNote("set aside: " + reason.toStdString())))
        return;
    recorder_->stop();
    setVisit("aside");
    stage_ = Stage::Code;
    session_.closeRun();
    enter();
}

std::vector<ComputedTest> TeamPage::measured() {
    std::vector<ComputedTest> tests;
    for (const store::Visit& visit : visits())
        if (visit.state == "measured" || visit.state == "done")
            if (const auto test = session_.book().test(visit.testId))
                if (auto result = session_.computed(*test))
                    tests.push_back(std::move(*result));
    return tests;
}

void TeamPage::showSummary() {
    report::GroupModel model;
    model.title = tr("Body fat");
    model.unit = QStringLiteral("%");
    for (const ComputedTest& test : measured())
        if (const auto* composition = test.composition())
            (test.record().subject.sex == Sex::Female ? model.women : model.men)
                .push_back(composition->fatPercent.estimate().value());
    const bool enough = model.women.size() + model.men.size() >= exchange::leastGroup;
    summary_->setVisible(enough);
    if (enough)
        summary_->setPaint([model, &palette = session_.palette()](QPainter& painter, const QRectF& area) {
            report::paintGroup(painter, area, model, palette);
        });
}

// The physiologist answers for all of them with one sentence; each test is signed by itself.
void TeamPage::signAll() {
    if (session_.atTheBench().role != Role::Physiologist) {
        session_.report(failure({FUSAIN_TEXT("The physiologist signs the results of a team morning."), {}}, {},
                                {FUSAIN_TEXT("Change who is at the bench, then sign."), {}}));
        return;
    }
    const QString sentence = askReason(this, tr("Sign all measured"),
                                       tr("One sentence of interpretation for every page of this morning."));
    if (sentence.isEmpty())
        return;
    int signedTests = 0;
    for (const store::Visit& visit : visits()) {
        if (visit.state != "measured" || !session_.report(session_.resumeRun(visit.testId)))
            continue;
        Procedure& run = *session_.run();
        Expected<void> done = run.confirm(Result);
        if (done)
            done = run.interpret(sentence.toStdString());
        if (done)
            done = session_.signRun(session_.atTheBench(), session_.atTheBench());
        signedTests += session_.report(done);
    }
    session_.closeRun();
    message_->setText(tr("%1 results signed.").arg(signedTests));
    refresh();
}

void TeamPage::saveGroup() {
    std::vector<exchange::GroupRow> rows;
    for (const ComputedTest& test : measured())
        rows.push_back(exchange::groupRow(test));
    if (rows.size() < exchange::leastGroup) {
        session_.report(
            failure({FUSAIN_TEXT("A group table needs at least {1} people: fewer would show single ones."),
                     {std::to_string(exchange::leastGroup)}}));
        return;
    }
    exchange::hideOrder(rows);
    const QString path =
        QFileDialog::getSaveFileName(this, tr("Group table without names"), QStringLiteral("group.xlsx"),
                                     tr("Workbook or table (*.xlsx *.csv)"));
    if (path.isEmpty())
        return;
    if (path.endsWith(QLatin1String(".csv"))) {
        saveText(session_, path, exchange::groupToCsv(rows));
        return;
    }
    session_.report(exchange::groupToXlsx(rows, path.toStdString()));
}

void TeamPage::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Space)
        return primary();
    if (event->key() == Qt::Key_X)
        return setAside();
    if (event->key() == Qt::Key_Escape)
        return Q_EMIT left();
    QWidget::keyPressEvent(event);
}

} // namespace fusain::desktop
