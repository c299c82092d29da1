#include "desktop/places/day/team_page.hpp"

#include "desktop/bench/method/step_panel.hpp"
#include "desktop/places/day/team_review.hpp"
#include "desktop/services/past_records.hpp"
#include "desktop/services/text_files.hpp"
#include "desktop/views/look_on.hpp"
#include "desktop/views/passphrase.hpp"
#include "desktop/views/starting.hpp"
#include "desktop/widgets/appearance.hpp"
#include "record/base/json.hpp"
#include "report/base/words.hpp"
#include "report/impedance/impedance_figures.hpp"

#include <QFileDialog>
#include <QKeyEvent>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace fusain::desktop {
namespace {

using enum ImpedanceStep;

constexpr std::size_t boardColumns = 7;

QString stateWords(TeamState state) {
    switch (state) {
    case TeamState::Done:
        return QObject::tr("✓ measured");
    case TeamState::Aside:
        return QObject::tr("called again later");
    case TeamState::Waiting:
        break;
    }
    return QObject::tr("waits");
}

} // namespace

TeamPage::TeamPage(Session& session)
    : session_(session), morning_(session), results_(session),
      list_(new RecordsView(
          {tr("code"), tr("name"), tr("state"), tr("signal"), tr("fat"), tr("change"), tr("look at")},
          tr("Queue"))),
      who_(label({}, "title")), instruction_(label({}, "heading")),
      questions_(table({tr("question"), tr("as asked")}, tr("Questions"))), live_(label({}, "live")),
      message_(label({}, "warning")), code_(new QLineEdit), primary_(button({}, true)), differs_(button({})),
      aside_(button(tr("Call again later…  [X]"))), arc_(new FigureView(tr("Arc of the whole body"), 190)),
      summary_(new FigureView(tr("Body fat of the group"), 150)), showValues_(button(tr("Show &values"))) {
    setFocusPolicy(Qt::StrongFocus);
    code_->setPlaceholderText(tr("code, scanned or typed, then Enter"));
    code_->setAccessibleName(tr("Code of the next person"));
    code_->setMaximumWidth(scaled(320));
    list_->setFixedWidth(scaled(640));
    for (const auto& [column, width] : {std::pair(0, 66), {1, 132}, {2, 90}, {3, 100}, {4, 70}, {5, 110}})
        list_->setColumnWidth(column, scaled(width));
    questions_->setColumnWidth(0, scaled(460));
    questions_->setFocusPolicy(Qt::NoFocus);
    auto* group = button(tr("Ask the group…"));
    auto* sign = button(tr("Review and sign…"));
    auto* save = button(tr("Group table…"));
    auto* back = button(tr("Back to the day"));
    auto* right = new QVBoxLayout;
    for (QWidget* widget :
         std::initializer_list<QWidget*>{who_, code_, instruction_, questions_, live_, message_})
        right->addWidget(widget);
    right->setStretchFactor(questions_, 1);
    right->addLayout(inOneRow({primary_, differs_, aside_}));
    right->addWidget(arc_);
    right->addWidget(summary_);
    right->addStretch();
    right->addLayout(inOneRow({showValues_, group, back}));
    right->addLayout(inOneRow({sign, save}));
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(24);
    layout->addWidget(list_);
    layout->addLayout(right, 1);
    connect(code_, &QLineEdit::returnPressed, this, &TeamPage::callByCode);
    connect(primary_, &QPushButton::clicked, this, &TeamPage::primary);
    connect(differs_, &QPushButton::clicked, this, &TeamPage::somethingDiffers);
    connect(aside_, &QPushButton::clicked, this, &TeamPage::setAside);
    connect(group, &QPushButton::clicked, this, [this] {
        if (stage_ == Stage::Code)
            go(Stage::AskGroup);
    });
    connect(sign, &QPushButton::clicked, this, &TeamPage::reviewAndSign);
    connect(showValues_, &QPushButton::clicked, this, [this] { showValues(!values_); });
    connect(&results_, &TeamResults::cameIn, this, &TeamPage::fillBoard);
    connect(save, &QPushButton::clicked, this, &TeamPage::saveGroup);
    connect(back, &QPushButton::clicked, this, &TeamPage::left);
    connect(&session.hub(), &link::InstrumentHub::frameArrived, this, [this](const link::Frame& frame) {
        if (stage_ == Stage::Mass && frame.role == "floor-scale" && isVisible())
            live_->setText(number(frame.value("kg"), 2) + QStringLiteral(" kg"));
    });
}

// Shows another stage, with the focus where its keys are read.
void TeamPage::go(Stage stage) {
    stage_ = stage;
    if (stage == Stage::Mass)
        session_.hub().send(QStringLiteral("floor-scale"), QStringLiteral("cue step-on"));
    refresh();
    (stage == Stage::Code ? static_cast<QWidget*>(code_) : this)->setFocus();
}

void TeamPage::refresh() {
    if (stage_ != Stage::AskGroup && !morning_.running())
        stage_ = Stage::Code; // the turn ended, here or at the bench
    queue_ = morning_.queue();
    results_.want(morning_.measuredIds());
    fillBoard();
    showStage();
    showSummary();
}

// Values are for who asks for them: the next person stands beside the screen.
void TeamPage::fillBoard() {
    std::map<std::string, std::string> testOf;
    for (const store::Visit& visit : morning_.visits())
        testOf[visit.clientId] = visit.testId;
    std::vector<TableModel::Row> rows;
    QString here;
    for (const TeamQueue::Entry& entry : queue_.entries()) {
        const bool isHere =
            onePersonIsHere() && morning_.running()->record().subject.clientId == entry.clientId;
        if (isHere)
            here = report::plain(entry.clientId);
        const auto client = session_.book().client(entry.clientId);
        const TeamResult* result =
            entry.state == TeamState::Done ? results_.of(testOf[entry.clientId]) : nullptr;
        TableModel::Row row{report::plain(entry.clientId),
                            {{report::plain(entry.code)},
                             {client ? session_.nameOf(*client) : QString()},
                             {isHere                       ? tr("▶ here")
                              : result && result->isSigned ? tr("✓ signed")
                                                           : stateWords(entry.state)}}};
        if (result)
            std::ranges::move(cellsOf(*result), std::back_inserter(row.cells));
        row.cells.resize(boardColumns);
        rows.push_back(std::move(row));
    }
    list_->setRows(std::move(rows));
    list_->choose(here);
}

std::vector<TableModel::Cell> TeamPage::cellsOf(const TeamResult& result) const {
    const auto hidden = [this](const QString& value) {
        return values_ || value.isEmpty() ? value : QStringLiteral("•••");
    };
    return {{result.signal.isEmpty() ? tr("clean") : tr("▲ not clean"), {}, result.signal},
            {hidden(result.fatPercent ? tr("%1 %").arg(number(*result.fatPercent, 1)) : QString()),
             values_ ? QVariant(result.fatPercent.value_or(-1.0)) : QVariant()},
            {hidden(result.change)},
            {result.toLook.isEmpty() ? QString() : QStringLiteral("▲"),
             {},
             values_ ? result.toLook.join(QLatin1Char('\n')) : QString()}};
}

void TeamPage::showValues(bool on) {
    values_ = on;
    showValues_->setText(on ? tr("Hide &values") : tr("Show &values"));
    fillBoard();
    showSummary();
}

// The sweep as it comes in.
void TeamPage::showArc() {
    report::ArcModel model;
    if (sweep_)
        if (const auto* whole = sweep_->sweep().of(impedance::Segment::WholeBody)) {
            model.points = whole->points;
            model.fit = impedance::fitCole(model.points);
        }
    arc_->setVisible(stage_ == Stage::Sweeping || stage_ == Stage::Again);
    arc_->setPaint([model, &palette = session_.palette()](QPainter& painter, const QRectF& area) {
        report::paintArc(painter, area, model, palette);
    });
}

void TeamPage::enter() {
    go(stage_);
}

bool TeamPage::onePersonIsHere() const {
    return stage_ != Stage::AskGroup && stage_ != Stage::Code && morning_.running();
}

void TeamPage::showStage() {
    const auto client = onePersonIsHere()
                            ? session_.book().client(morning_.running()->record().subject.clientId)
                            : std::nullopt;
    const auto* next = queue_.next();
    who_->setText(client ? session_.nameOf(*client)
                  : next ? tr("Next: %1, %2 left").arg(QString::fromStdString(next->code)).arg(queue_.left())
                         : tr("Everybody is measured."));
    code_->setVisible(stage_ == Stage::Code);
    primary_->setVisible(stage_ != Stage::Code);
    primary_->setEnabled(stage_ != Stage::Sweeping);
    const bool asking = stage_ == Stage::AskGroup || stage_ == Stage::Alone || stage_ == Stage::Group;
    questions_->setVisible(asking);
    differs_->setVisible(asking);
    differs_->setText(stage_ == Stage::AskGroup ? tr("Ask each alone  [D]") : tr("Something differs  [D]"));
    aside_->setVisible(onePersonIsHere());
    live_->setVisible(stage_ == Stage::Mass || stage_ == Stage::Sweeping);
    showArc();
    if (asking)
        showQuestions(stage_ == Stage::AskGroup ? morning_.groupQuestions()
                                                : morning_.openQuestions(toldAt(stage_)));
    const auto [instruction, action] = words();
    instruction_->setText(instruction);
    primary_->setText(action + tr("   [Space]"));
}

std::pair<QString, QString> TeamPage::words() const {
    switch (stage_) {
    case Stage::AskGroup:
        return {tr("Ask everybody together. Nothing private is on this list; each person is asked that alone."),
                tr("Asked: all say so")};
    case Stage::Code:
        return {queue_.next() ? tr("Scan the person's code.")
                              : tr("Sign the results, then save the group table. It contains no names."),
                {}};
    case Stage::Alone:
        return {tr("Ask this person alone, out of the others' hearing."), tr("All as asked")};
    case Stage::Group:
        return {tr("Does this person stand by what the group said?"), tr("Stands by it")};
    case Stage::Mass:
        return {tr("On the scale in light clothing."), tr("Accept the mass")};
    case Stage::Sweep:
        return {tr("Skin wiped, electrodes on, arms and thighs apart, silence."), tr("Start the sweep")};
    case Stage::Sweeping:
        return {tr("Keep still and silent."), tr("Reading…")};
    case Stage::Again:
        break;
    }
    return {findings_.empty() ? tr("Once more.") : report::say(findings_.front().remedy),
            tr("Repeat the sweep")};
}

void TeamPage::showQuestions(const std::vector<const readiness::Rule*>& rules) {
    questions_->setRowCount(static_cast<int>(rules.size()));
    for (int row = 0; row < questions_->rowCount(); ++row) {
        const readiness::Rule& rule = *rules[static_cast<std::size_t>(row)];
        setRow(questions_, row, {report::say(std::string_view(rule.question)), report::say(wantedText(rule))});
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
    for (const store::Visit& visit : morning_.visits())
        if (client && visit.clientId == client->id) {
            if (visit.testId.empty() && !mayStart(this, session_, *client, visit.id, methodImpedance))
                return;
            if (const auto begun = morning_.begin(*client, visit); !begun) {
                session_.report(begun);
                message_->setText(report::say(begun.error()));
                return;
            }
        }
    code_->clear();
    message_->clear();
    goOn();
}

// To the first stage that this person's test has not behind it.
void TeamPage::goOn() {
    const ImpedanceProcedure& run = *morning_.running();
    const auto open = [&](readiness::KeptAsTold told) { return !morning_.openQuestions(told).empty(); };
    if (run.isDone(ImpedanceStep::Sweep))
        return finishPerson();
    go(open(readiness::KeptAsTold::List)    ? Stage::Alone
       : open(readiness::KeptAsTold::Group) ? Stage::Group
       : !run.isDone(Mass)                  ? Stage::Mass
                                            : Stage::Sweep);
}

readiness::KeptAsTold TeamPage::toldAt(Stage stage) {
    return stage == Stage::Group ? readiness::KeptAsTold::Group : readiness::KeptAsTold::List;
}

void TeamPage::primary() {
    if (stage_ != Stage::AskGroup && !morning_.running())
        return go(Stage::Code); // another test was put on the bench meanwhile
    switch (stage_) {
    case Stage::AskGroup:
        morning_.setGroupAsked(session_.now());
        return go(Stage::Code);
    case Stage::Alone:
    case Stage::Group:
        if (session_.report(morning_.keepAll(toldAt(stage_))))
            goOn();
        return;
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

// One by one then: the group's questions for each person alone, or this person's at the ordinary bench.
void TeamPage::somethingDiffers() {
    if (stage_ == Stage::AskGroup) {
        morning_.setGroupAsked(std::nullopt);
        return go(Stage::Code);
    }
    if (stage_ != Stage::Alone && stage_ != Stage::Group)
        return;
    const std::string testId = morning_.running()->record().id;
    session_.report(morning_.endTurn("aside"));
    go(Stage::Code);
    if (openOnBench(session_, this, testId))
        Q_EMIT openBench();
}

void TeamPage::takeMass() {
    const auto frame = session_.hub().latest(QStringLiteral("floor-scale"));
    if (!frame || !frame->has("kg") || frame->value("stable", 1.0) == 0.0) {
        message_->setText(tr("The scale is not steady yet."));
        return;
    }
    const Kilograms mass(frame->value("kg"));
    const auto keptBecause = isThisPerson(mass, std::nullopt);
    if (!keptBecause)
        return;
    if (!session_.report(morning_.running()->weigh(
            mass,
            Attribution::overLink(morning_.running()->record().id, "floor-scale",
                                  session_.hub().address(QStringLiteral("floor-scale")).toStdString()),
            *keptBecause)))
        return;
    message_->clear();
    go(Stage::Sweep);
}

// Asks when the reading does not fit the last visit. @return why it is this person all the same, empty when
// nothing is doubtful; nothing when it is another person after all
std::optional<std::string> TeamPage::isThisPerson(std::optional<Kilograms> mass,
                                                  std::optional<Ohms> magnitude) {
    const auto last = lastFacts(pastTests<ImpedanceMethod>(session_.book(), morning_.running()->record()),
                                morning_.running()->record());
    QStringList reasons;
    if (!last)
        return std::string();
    // The height of the book is compared once, together with the mass.
    const Metres height = mass ? morning_.running()->record().subject.height : last->height;
    for (const impedance::IdentityDoubt& doubt : impedance::identityDoubts({height, mass, magnitude}, *last)) {
        const QString reason = askReason(this, tr("Is it this client?"),
                                         report::say(doubt.message()) + tr("\nWhy is it correct?"));
        if (reason.isEmpty())
            return std::nullopt;
        reasons << reason;
    }
    return reasons.join(QStringLiteral("; ")).toStdString();
}

// Each person's sweep is recorded for that person's test.
void TeamPage::recordFor(const Procedure& run) {
    sweep_ = std::make_unique<SweepRecording>(session_.hub(), recordedFor(run), nullptr);
    connect(sweep_.get(), &SweepRecording::advanced, this, [this] {
        const auto [done, total] = sweep_->progress();
        live_->setText(QStringLiteral("%1/%2").arg(done).arg(total));
        showArc();
    });
    connect(sweep_.get(), &SweepRecording::finished, this, &TeamPage::swept);
}

void TeamPage::startSweep() {
    if (!session_.hub().isLive(analyzerRole)) {
        message_->setText(tr("The analyzer is not connected."));
        return;
    }
    Expected<void> done;
    for (const ImpedanceStep step : {Electrodes, Posture})
        if (done && !morning_.running()->isDone(step))
            done = morning_.running()->confirm(step);
    if (!session_.report(done))
        return;
    recordFor(*morning_.running());
    if (!session_.report(sweep_->start()))
        return;
    stage_ = Stage::Sweeping;
    message_->clear();
    showStage();
}

void TeamPage::swept() {
    if (stage_ != Stage::Sweeping || !morning_.running())
        return;
    findings_ = morning_.running()->judge(sweep_->sweep());
    if (impedance::mustRepeat(findings_)) {
        message_->setText(report::say(findings_.front().what));
        stage_ = Stage::Again;
        return showStage();
    }
    const auto* whole = sweep_->sweep().of(impedance::Segment::WholeBody);
    const auto* point = whole ? whole->at(impedance::standardFrequency) : nullptr;
    const auto keptBecause = point ? isThisPerson(std::nullopt, point->magnitude) : std::string();
    if (!keptBecause ||
        !session_.report(morning_.running()->acceptSweep(sweep_->sweep(), sweep_->from(), {}, *keptBecause))) {
        stage_ = Stage::Again;
        return showStage();
    }
    finishPerson();
}

void TeamPage::finishPerson() {
    if (!session_.report(morning_.endTurn("measured")))
        return;
    message_->setText(tr("Measured. Wipe the electrodes for the next person."));
    go(Stage::Code);
}

void TeamPage::setAside() {
    if (!onePersonIsHere())
        return;
    const QString reason =
        askReason(this, tr("Call again later"),
                  tr("Why is this person called again later? What was done so far is kept."));
    if (reason.isEmpty() ||
        !session_.report(morning_.running()->addNote(NoteKind::TurnPassed, reason.toStdString())))
        return;
    sweep_.reset();
    session_.report(morning_.endTurn("aside"));
    go(Stage::Code);
}

void TeamPage::showSummary() {
    const report::GroupQuantity fat =
        quantityOf(tr("Body fat"), QStringLiteral("%"), &exchange::GroupRow::fatPercent);
    const bool enough = fat.figure.women.size() + fat.figure.men.size() >= exchange::leastGroup;
    summary_->setVisible(enough && values_);
    if (enough && values_)
        summary_->setPaint(
            [model = fat.figure, &palette = session_.palette()](QPainter& painter, const QRectF& area) {
                report::paintGroup(painter, area, model, palette);
            });
}

std::vector<exchange::GroupRow> TeamPage::groupRows() {
    std::vector<exchange::GroupRow> rows;
    for (const ComputedTest& test : morning_.measured())
        rows.push_back(exchange::groupRow(test));
    return rows;
}

report::GroupQuantity TeamPage::quantityOf(const QString& title, const QString& unit,
                                           std::optional<double> exchange::GroupRow::*value) {
    report::GroupQuantity quantity;
    quantity.figure.title = title;
    quantity.figure.unit = unit;
    const auto rows = groupRows();
    for (const exchange::GroupRow& row : rows)
        if (row.*value)
            (row.sex == Sex::Female ? quantity.figure.women : quantity.figure.men).push_back(*(row.*value));
    const auto summary = exchange::summaryOf(rows, value);
    quantity.count = summary.count;
    quantity.least = summary.least;
    quantity.median = summary.median;
    quantity.most = summary.most;
    return quantity;
}

// A quantity that only a few of the group have would show them: it is left out.
report::PageFlow TeamPage::groupPages() {
    std::vector<report::GroupQuantity> quantities{
        quantityOf(tr("Body fat"), QStringLiteral("%"), &exchange::GroupRow::fatPercent),
        quantityOf(tr("Fat-free mass index"), QStringLiteral("kg/m²"), &exchange::GroupRow::fatFreeMassIndex),
        quantityOf(tr("Phase angle"), QStringLiteral("°"), &exchange::GroupRow::phaseAngle),
        quantityOf(tr("Body water"), QStringLiteral("L"), &exchange::GroupRow::bodyWater)};
    std::erase_if(quantities, [](const report::GroupQuantity& each) {
        return each.count < static_cast<int>(exchange::leastGroup);
    });
    return report::groupPage(session_.letterhead(), tr("A group, %1").arg(report::longDay(session_.now())),
                             quantities);
}

// The physiologist answers for each of them; each test is signed by itself.
void TeamPage::reviewAndSign() {
    if (!may(session_.atTheBench().role, Right::Answer)) {
        session_.report(
            failure({FUSAIN_TEXT("The physiologist signs the results of a team morning."), {}}, {},
                    {FUSAIN_TEXT("Only a physiologist can do this. Ask one to take the bench."), {}}));
        return;
    }
    results_.finish();
    std::vector<TeamReview::Person> people;
    for (const store::Visit& visit : morning_.visits())
        if (const TeamResult* result = visit.state == "measured" ? results_.of(visit.testId) : nullptr)
            if (const auto client = session_.book().client(visit.clientId))
                people.push_back({report::plain(client->code), session_.nameOf(*client), *result});
    if (people.empty())
        return message_->setText(tr("No measured result waits for a signature."));
    TeamReview review(session_, std::move(people), this);
    if (review.exec() != QDialog::Accepted)
        return;
    const Staff signer = session_.atTheBench();
    const auto passphrase = passphraseOf(session_, this, signer, tr("Sign and lock"));
    if (!passphrase || session_.atTheBench().id != signer.id) // somebody else took the bench meanwhile
        return;
    const int signedTests = morning_.signAll(review.sentences(), *passphrase);
    refresh();
    message_->setText(tr("%n result(s) signed.", nullptr, signedTests));
}

void TeamPage::saveGroup() {
    auto rows = groupRows();
    if (rows.size() < exchange::leastGroup) {
        session_.report(
            failure({FUSAIN_TEXT("A group table needs at least {1} people: fewer would show single ones."),
                     {std::to_string(exchange::leastGroup)}}));
        return;
    }
    exchange::hideOrder(rows);
    const QString path =
        QFileDialog::getSaveFileName(this, tr("Group table without names"), QStringLiteral("group.xlsx"),
                                     tr("Page, workbook or table (*.pdf *.xlsx *.csv)"));
    if (path.isEmpty())
        return;
    if (path.endsWith(QLatin1String(".csv"))) {
        saveText(session_, path, exchange::groupToCsv(rows));
        return;
    }
    if (path.endsWith(QLatin1String(".pdf"))) {
        session_.report(report::writePdf(groupPages(), path, tr("Group")));
        return;
    }
    session_.report(exchange::groupToXlsx(rows, path.toStdString()));
}

void TeamPage::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Space)
        return primary();
    if (event->key() == Qt::Key_D)
        return somethingDiffers();
    if (event->key() == Qt::Key_X)
        return setAside();
    if (event->key() == Qt::Key_Escape)
        return Q_EMIT left();
    QWidget::keyPressEvent(event);
}

} // namespace fusain::desktop

#include "moc_team_page.cpp"
