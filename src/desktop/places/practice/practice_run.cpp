#include "desktop/places/practice/practice_run.hpp"

#include "desktop/places/practice/made_up_visits.hpp"
#include "desktop/services/water_book.hpp"
#include "link/simulation/all/simulated_lab.hpp"
#include "record/base/json.hpp"
#include "record/library/catalogue.hpp"
#include "report/base/words.hpp"

#include <algorithm>

namespace fusain::desktop {
namespace {

constexpr double minutesADay = 24.0 * 60.0;

QString answerWords(const readiness::Answer& answer, const readiness::Rule& rule) {
    if (answer.ago && rule.unit == "min")
        return QObject::tr("%1 minutes ago").arg(report::number(60.0 * answer.ago->value(), 0));
    if (answer.ago && *answer.ago >= Hours(48.0))
        return QObject::tr("%1 days ago").arg(report::number(answer.ago->value() / 24.0, 0));
    if (answer.ago)
        return QObject::tr("%1 hours ago").arg(report::number(answer.ago->value(), 1));
    if (answer.number)
        return report::number(*answer.number, 2) + QLatin1Char(' ') + QString::fromStdString(rule.unit);
    return answer.choice.empty() ? QObject::tr("I do not know") : report::say(std::string_view(answer.choice));
}

Expected<simulation::FaultScript> scriptOf(const PracticeCase& practice) {
    std::vector<simulation::ScriptedFault> faults;
    for (const PracticeFault& fault : practice.faults)
        faults.push_back({fault.name, fault.recordings});
    return simulation::FaultScript::from(std::move(faults));
}

} // namespace

std::optional<PracticeLog> practiceLogOf(store::LabBook& book, const std::string& testId) {
    const std::string kept = book.setting(std::string(practiceLogKey) + testId);
    if (kept.empty())
        return std::nullopt;
    const auto json = parseJson(kept, testId);
    const auto log = json ? practiceLogFromJson(*json, testId) : tl::unexpected(json.error());
    return log ? std::optional(*log) : std::nullopt;
}

// The tank of a case is fit to be in: what the water does to people is not what these cases teach.
const water::CareReading goodWater{MilligramsPerLitre(4.1), MilligramsPerLitre(0.2), 7.4, Celsius(35.1)};

PracticeRun::PracticeRun(Session& session, QObject* parent) : QObject(parent), session_(session) {
    connect(&session, &Session::changed, this, &PracticeRun::follow);
    follow();
}

void PracticeRun::setInstruments(simulation::SimulatedLab* instruments) {
    instruments_ = instruments;
    connect(instruments, &simulation::SimulatedLab::recordingBegun, this, &PracticeRun::noteRecording);
    takeUp();
}

bool PracticeRun::begin(const PracticeCase& practice, HelpLevel help) {
    auto script = scriptOf(practice);
    if (!script) // a case of the lab's own may name what the simulator does not know
        return session_.report(tl::unexpected(script.error()));
    const std::string id = session_.freshId("practice");
    const auto& mistaken = practice.mistaken;
    const Client person{id,
                        "P-" + id.substr(id.find('-') + 1),
                        mistaken ? mistaken->name : practice.name,
                        mistaken ? mistaken->birthDate : practice.birthDate,
                        practice.person->at("sex") == "male" ? Sex::Male : Sex::Female,
                        metresFromCentimetres(mistaken ? mistaken->height.value()
                                                       : practice.person->at("height_cm").get<double>()),
                        UnitSystem::Metric,
                        {},
                        false};
    auto done = session_.book().save(person, session_.atTheBench().id);
    if (done)
        done = session_.book().setSetting("truth." + id, practice.person->dump(), session_.atTheBench().id);
    if (done)
        done = makePast(practice, person);
    if (done)
        done = session_.startRun(person, {}, practice.method);
    if (!session_.report(done))
        return false;
    current_ = &practice;
    testId_ = session_.run()->record().id;
    log_ = {practice.id, session_.atTheBench().id, help, 0, {}, {}};
    if (instruments_)
        instruments_->setScript(std::move(*script));
    keep();
    follow();
    return true;
}

// What the lab knows of the person and of its instruments from before.
Expected<void> PracticeRun::makePast(const PracticeCase& practice, const Client& client) {
    for (const PracticeChecks& history : practice.checks) {
        const Instrument* instrument = session_.catalogue().instrument(history.instrument);
        const CheckDefinition* check = instrument ? instrument->check(history.check) : nullptr;
        if (!check)
            return failure(
                {FUSAIN_TEXT("There is no check \"{1}\" of {2}."), {history.check, history.instrument}});
        for (std::size_t i = 0; i < history.readings.size(); ++i) {
            const double daysAgo = static_cast<double>(history.readings.size() - 1 - i);
            const std::vector<double> readings(static_cast<std::size_t>(check->rule.readings),
                                               history.readings[i]);
            const auto verdict = quality::judgeCheck(readings, check->rule, check->unit, check->decimals);
            if (auto done = session_.book().save(Check{session_.freshId("check"),
                                                       instrument->id,
                                                       check->id,
                                                       session_.now().plusMinutes(-daysAgo * minutesADay),
                                                       check->rule.nominal,
                                                       verdict.mean,
                                                       verdict.passed,
                                                       session_.atTheBench().id,
                                                       {},
                                                       readings},
                                                 session_.atTheBench().id);
                !done)
                return done;
        }
    }
    if (practice.method == methodHydrostatic)
        if (auto done = session_.water().log({session_.now(), session_.atTheBench().id, goodWater, {}}); !done)
            return done;
    if (!practice.earlier)
        return {};
    ReadingVisit then;
    then.weeksAgo = practice.earlier->weeksAgo;
    then.method = practice.method;
    then.person = practice.earlier->person;
    simulation::Random random(1);
    const auto played = playVisit(session_, client, then, practice.person, random);
    return played ? Expected<void>() : tl::unexpected(played.error());
}

// The case on the bench is the one whose log belongs to the running test.
void PracticeRun::follow() {
    const bool running = session_.run() && session_.run()->record().state == TestState::Running;
    const std::string testId = running ? session_.run()->record().id : std::string();
    if (testId != testId_) {
        testId_ = testId;
        current_ = nullptr;
        session_.setClientSays({});
        if (instruments_) // what a case left unmended is no business of the next test
            instruments_->setScript({});
        takeUp();
    }
    if (current_ && !session_.clientSays())
        session_.setClientSays([practice = current_](const readiness::Rule& rule) {
            const auto own = practice->answers.find(rule.id);
            return answerWords(
                own == practice->answers.end() ? readiness::answerKeeping(rule, 0.2) : own->second, rule);
        });
    Q_EMIT changed();
}

void PracticeRun::takeUp() {
    const auto log = testId_.empty() ? std::nullopt : practiceLogOf(session_.book(), testId_);
    const auto& cases = session_.catalogue().practice;
    const auto practice = log ? std::ranges::find(cases, log->caseId, &PracticeCase::id) : cases.end();
    if (practice == cases.end())
        return;
    current_ = &*practice;
    log_ = *log;
    if (!instruments_)
        return;
    auto script = scriptOf(*current_).value_or(simulation::FaultScript{}); // it was begun: its faults are known
    for (const PracticeLog::Act& act : log_.acts)
        script.mend(act.id, 0);
    instruments_->setScript(std::move(script), static_cast<int>(log_.recordings.size()));
}

void PracticeRun::keep() {
    session_.report(session_.book().setSetting(std::string(practiceLogKey) + testId_, toJson(log_).dump(),
                                               session_.atTheBench().id));
}

void PracticeRun::noteRecording(int, const QStringList& spoiltBy) {
    if (!current_)
        return;
    PracticeLog::Recording recording{session_.now(), {}};
    for (const QString& fault : spoiltBy)
        recording.spoiltBy.push_back(fault.toStdString());
    log_.recordings.push_back(std::move(recording));
    keep();
}

std::vector<const PracticeAct*> PracticeRun::acts() const {
    std::vector<const PracticeAct*> offered;
    for (const PracticeAct& act : session_.catalogue().practiceActs)
        if (current_ && std::ranges::find(act.methods, current_->method) != act.methods.end())
            offered.push_back(&act);
    return offered;
}

bool PracticeRun::calledFor(const std::string& act) const {
    return std::ranges::any_of(current_->goals,
                               [&](const PracticeGoal& goal) { return goal.fact == "did." + act; }) ||
           std::ranges::any_of(current_->faults, [&](const PracticeFault& fault) {
               const auto* known = simulation::faultNamed(fault.name);
               return known && known->act == act;
           });
}

QString PracticeRun::act(const std::string& id) {
    const auto& acts = session_.catalogue().practiceActs;
    const auto act = std::ranges::find(acts, id, &PracticeAct::id);
    if (!current_ || act == acts.end())
        return {};
    const bool mended = instruments_ && instruments_->mend(id);
    const bool called = calledFor(id);
    // Asking who somebody is never is in vain.
    log_.acts.push_back({session_.now(), id, mended, called || id == "ask-name"});
    keep();
    Q_EMIT changed();
    const std::string& comes = mended || called ? act->helped : act->inVain;
    return report::say(std::string_view(comes))
        .replace(QLatin1String("{name}"), QString::fromStdString(current_->name))
        .replace(QLatin1String("{born}"), QString::fromStdString(longText(current_->birthDate)));
}

std::string PracticeRun::stepId() const {
    return session_.run() ? std::string(session_.run()->textOf(session_.run()->current()).id) : std::string();
}

QString PracticeRun::remark() const {
    if (!current_)
        return {};
    const auto found = std::ranges::find(current_->remarks, stepId(), &PracticeRemark::step);
    return found == current_->remarks.end() ? QString() : report::say(std::string_view(found->say));
}

QString PracticeRun::prompt() const {
    if (!current_ || log_.help != HelpLevel::Prompts)
        return {};
    const auto found = current_->hints.find(stepId());
    return found == current_->hints.end() ? QString() : report::say(std::string_view(found->second));
}

QString PracticeRun::hint() {
    if (!current_ || log_.help == HelpLevel::None)
        return {};
    ++log_.hints;
    keep();
    const auto found = current_->hints.find(stepId());
    return found == current_->hints.end() ? tr("Nothing to watch for at this step.")
                                          : report::say(std::string_view(found->second));
}

} // namespace fusain::desktop

#include "moc_practice_run.cpp"
