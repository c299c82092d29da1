#include "desktop/places/practice_place.hpp"

#include "report/words.hpp"

#include <QFileDialog>
#include <QHBoxLayout>
#include <QVBoxLayout>
#include <algorithm>

namespace fusain::desktop {
namespace {

const std::string runPrefix = "practice-run."; // test id → "case id|trainee"

QString answerWords(const readiness::Answer& answer, const readiness::Rule& rule) {
    if (answer.hoursSince && rule.unit == "min")
        return QObject::tr("%1 minutes ago").arg(number(60.0 * *answer.hoursSince, 0));
    if (answer.hoursSince)
        return QObject::tr("%1 hours ago").arg(number(*answer.hoursSince, 1));
    if (answer.number)
        return number(*answer.number, 2) + QLatin1Char(' ') + QString::fromStdString(rule.unit);
    return answer.choice.empty() ? QObject::tr("I do not know") : report::say(std::string_view(answer.choice));
}

} // namespace

PracticePlace::PracticePlace(Session& session)
    : Place(session), list_(new QListWidget), title_(label({}, "title")), story_(label({})),
      debrief_(label({})),
      progress_(table({tr("case"), tr("who"), tr("met"), tr("measured"), tr("truth"), tr("minutes")},
                      tr("What was practised"))) {
    list_->setAccessibleName(tr("Cases"));
    list_->setFixedWidth(330);
    auto* start = button(tr("Begin"), true);
    auto* sheet = button(tr("Sign-off sheet…"));
    auto* right = new QVBoxLayout;
    right->addWidget(title_);
    right->addWidget(story_);
    right->addLayout(inOneRow({start, sheet}));
    right->addWidget(label(tr("The last time"), "heading"));
    right->addWidget(debrief_);
    right->addWidget(label(tr("What was practised"), "heading"));
    right->addWidget(progress_, 1);
    progress_->setColumnWidth(0, 220);
    progress_->setColumnWidth(1, 150);
    for (const int column : {2, 3, 4, 5})
        progress_->setColumnWidth(column, 78);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(24, 16, 24, 16);
    layout->setSpacing(24);
    layout->addWidget(list_);
    layout->addLayout(right, 1);
    for (const PracticeCase& each : session.catalogue().practice)
        list_->addItem(QStringLiteral("%1\n%2, %3")
                           .arg(report::say(std::string_view(each.title)),
                                report::say(methodTitle(each.method)),
                                report::say(std::string_view(each.level))));
    connect(list_, &QListWidget::currentRowChanged, this, &PracticePlace::showCase);
    connect(list_, &QListWidget::itemActivated, start, &QPushButton::click);
    connect(start, &QPushButton::clicked, this, [this] {
        if (const PracticeCase* practice = chosen())
            begin(practice->id);
    });
    connect(sheet, &QPushButton::clicked, this, &PracticePlace::saveSheet);
    connect(&session, &Session::changed, this, &PracticePlace::followRun);
    list_->setCurrentRow(0);
}

const PracticeCase* PracticePlace::chosen() const {
    const auto& cases = session_.catalogue().practice;
    const int row = list_->currentRow();
    return row >= 0 && row < static_cast<int>(cases.size()) ? &cases[static_cast<std::size_t>(row)] : nullptr;
}

const PracticeCase* PracticePlace::caseOf(const std::string& testId) {
    const std::string kept = session_.book().setting(runPrefix + testId);
    const auto& cases = session_.catalogue().practice;
    const auto found = std::ranges::find(cases, kept.substr(0, kept.find('|')), &PracticeCase::id);
    return found == cases.end() ? nullptr : &*found;
}

bool PracticePlace::begin(const std::string& caseId) {
    const auto& cases = session_.catalogue().practice;
    const auto practice = std::ranges::find(cases, caseId, &PracticeCase::id);
    if (practice == cases.end())
        return false;
    const std::string id = session_.freshId("practice");
    const Client person{id,
                        "P-" + id.substr(id.find('-') + 1),
                        tr("Practice: %1").arg(report::say(std::string_view(practice->title))).toStdString(),
                        *dateFromIso("1990-01-01"),
                        practice->person.at("sex") == "male" ? Sex::Male : Sex::Female,
                        metresFromCentimetres(practice->person.at("height_cm").get<double>()),
                        UnitSystem::Metric,
                        {},
                        false};
    auto done = session_.book().save(person, session_.atTheBench().id);
    if (done)
        done = session_.book().setSetting("truth." + id, practice->person.dump(), session_.atTheBench().id);
    if (done)
        done = session_.startRun(person, {}, practice->method);
    if (done)
        done =
            session_.book().setSetting(runPrefix + session_.run()->record().id,
                                       practice->id + "|" + session_.atTheBench().id, session_.atTheBench().id);
    if (!session_.report(done))
        return false;
    Q_EMIT caseBegun(*practice, QString::fromStdString(id));
    followRun();
    Q_EMIT openBench();
    return true;
}

// The made-up client answers the question that is asked, and only that.
void PracticePlace::followRun() {
    const bool running = session_.run() && session_.run()->record().state == TestState::Running;
    const PracticeCase* practice = running ? caseOf(session_.run()->record().id) : nullptr;
    if (!practice) {
        session_.setClientSays({});
        return;
    }
    session_.setClientSays([practice](const readiness::Rule& rule) {
        const auto own = practice->answers.find(rule.id);
        return answerWords(own == practice->answers.end() ? readiness::answerKeeping(rule, 0.2) : own->second,
                           rule);
    });
}

std::vector<PracticePlace::Attempt> PracticePlace::attempts() {
    std::vector<Attempt> found;
    for (const auto& [key, value] : session_.book().settingsUnder(runPrefix)) {
        const std::string testId = key.substr(runPrefix.size());
        const PracticeCase* practice = caseOf(testId);
        const auto test = session_.book().test(testId);
        if (!practice || !test || common(*test).state == TestState::Running)
            continue;
        const auto computed = session_.computed(*test);
        const auto events = session_.book().eventsOf(testId);
        const Instant end = events.empty() ? common(*test).startedAt : events.back().at;
        found.push_back({practice, value.substr(value.find('|') + 1), *test,
                         debriefOf(*practice, *test, computed ? &*computed : nullptr, end)});
    }
    std::ranges::stable_sort(found, {}, [](const Attempt& each) { return common(each.test).startedAt; });
    return found;
}

QString PracticePlace::textOf(const Attempt& attempt) const {
    QStringList lines;
    for (const GoalOutcome& outcome : attempt.debrief.goals) {
        const PracticeGoal& goal = *outcome.goal;
        lines << (outcome.met ? QStringLiteral("✓ ") + report::say(std::string_view(goal.say))
                              : tr("▲ Missed: %1 Cost: %2. Practise: %3.")
                                    .arg(report::say(std::string_view(goal.say)),
                                         report::say(std::string_view(goal.cost)),
                                         report::say(std::string_view(goal.practise))));
    }
    if (attempt.debrief.measured)
        lines << tr("Measured %1 ± %2 % fat; the truth is %3 %: the interval %4.")
                     .arg(number(*attempt.debrief.measured, 1), number(*attempt.debrief.halfInterval, 1),
                          number(*attempt.debrief.truth, 1),
                          *attempt.debrief.holdsTruth() ? tr("holds it") : tr("does not hold it"));
    return lines.join(QLatin1Char('\n'));
}

void PracticePlace::showCase() {
    const PracticeCase* practice = chosen();
    title_->setText(practice ? report::say(std::string_view(practice->title)) : QString());
    story_->setText(practice ? report::say(std::string_view(practice->story)) : QString());
    const auto all = attempts();
    const auto last =
        std::find_if(all.rbegin(), all.rend(), [&](const Attempt& each) { return each.practice == practice; });
    debrief_->setText(last == all.rend()
                          ? tr("Not practised yet. Begin, act as with a client, and finish or end the "
                               "test; then come back.")
                          : textOf(*last));
    progress_->setRowCount(0);
    for (auto each = all.rbegin(); each != all.rend(); ++each)
        setRow(progress_, progress_->rowCount(),
               {report::say(std::string_view(each->practice->title)),
                QString::fromStdString(session_.staffName(each->trainee)),
                tr("%1 of %2").arg(each->debrief.met).arg(each->debrief.goals.size()),
                each->debrief.measured ? number(*each->debrief.measured, 1) : QStringLiteral("–"),
                number(each->debrief.truth.value_or(0.0), 1), number(each->debrief.minutes, 0)});
}

void PracticePlace::showCaseWith(const std::string& caseId) {
    const auto& cases = session_.catalogue().practice;
    const auto found = std::ranges::find(cases, caseId, &PracticeCase::id);
    list_->setCurrentRow(static_cast<int>(found - cases.begin()));
}

void PracticePlace::refresh() {
    showCase();
}

report::PageFlow PracticePlace::signOffSheet() {
    const Staff& trainee = session_.atTheBench();
    report::PageFlow flow(tr("%1 · practice").arg(QString::fromStdString(session_.labName())));
    flow.title(tr("Practice record of %1").arg(QString::fromStdString(trainee.name)));
    flow.paragraph(
        tr("Made-up people on made-up instruments. A case counts when its last attempt met every goal."));
    const auto all = attempts();
    for (const std::string_view method : methods) {
        flow.heading(report::say(methodTitle(method)));
        for (const PracticeCase& practice : session_.catalogue().practice) {
            if (practice.method != method)
                continue;
            const auto last = std::find_if(all.rbegin(), all.rend(), [&](const Attempt& each) {
                return each.practice == &practice && each.trainee == trainee.id;
            });
            flow.row({report::say(std::string_view(practice.title)),
                      report::say(std::string_view(practice.level)),
                      last == all.rend() ? tr("not yet")
                      : last->debrief.score() >= 1.0
                          ? tr("✓ met, %1").arg(report::day(common(last->test).startedAt))
                          : tr("%1 of %2").arg(last->debrief.met).arg(last->debrief.goals.size())},
                     {0.5, 0.2, 0.3});
        }
    }
    flow.gap(24);
    flow.paragraph(tr("Signed off by: ______________________     Date: ______________"));
    return flow;
}

void PracticePlace::saveSheet() {
    const QString path = QFileDialog::getSaveFileName(this, tr("Save the sheet"),
                                                      QStringLiteral("practice.pdf"), tr("PDF (*.pdf)"));
    if (!path.isEmpty())
        session_.report(report::writePdf(signOffSheet(), path, tr("Practice record")));
}

} // namespace fusain::desktop
