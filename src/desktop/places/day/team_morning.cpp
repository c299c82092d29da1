#include "desktop/places/day/team_morning.hpp"

#include "desktop/services/computing.hpp"
#include "desktop/services/lab_policies.hpp"
#include "record/all/record.hpp"
#include "record/library/catalogue.hpp"
#include "report/base/words.hpp"

namespace fusain::desktop {

using enum ImpedanceStep;

std::vector<store::Visit> TeamMorning::visits() {
    auto today = session_.book().visitsBetween(report::startOfLocalDay(session_.now()),
                                               report::startOfLocalDay(session_.now(), 1));
    std::erase_if(today, [](const store::Visit& visit) {
        return visit.method != methodImpedance || !visit.note.starts_with("team");
    });
    return today;
}

TeamQueue TeamMorning::queue() {
    std::vector<TeamQueue::Entry> entries;
    for (const store::Visit& visit : visits())
        if (const auto client = session_.book().client(visit.clientId)) {
            const TeamState state = visit.state == "measured" || visit.state == "done"   ? TeamState::Done
                                    : visit.state == "aside" || visit.state == "refused" ? TeamState::Aside
                                                                                         : TeamState::Waiting;
            entries.push_back({visit.clientId, client->code, state});
        }
    return TeamQueue(std::move(entries));
}

ImpedanceProcedure* TeamMorning::running() const {
    Procedure* run = session_.run();
    return run && run->record().id == turn_ ? &runningAs<ImpedanceMethod>(*run) : nullptr;
}

std::vector<const readiness::Rule*> TeamMorning::groupQuestions() {
    const auto geometry = std::get<ImpedancePolicy>(session_.policies().inForce(methodImpedance)).geometry;
    std::vector<const readiness::Rule*> asked;
    for (const readiness::Rule& rule : session_.catalogue().protocolFor(methodImpedance).readiness)
        if (rule.mayAskGroup && ImpedanceProcedure::appliesToAnalyzer(rule.appliesIf, geometry).value_or(true))
            asked.push_back(&rule);
    return asked;
}

readiness::KeptAsTold TeamMorning::askedHow(const readiness::Rule& rule) const {
    return rule.mayAskGroup && groupAskedAt_ ? readiness::KeptAsTold::Group : readiness::KeptAsTold::List;
}

Expected<void> TeamMorning::begin(const Client& client, const store::Visit& visit) {
    const auto begun = visit.testId.empty() ? session_.startRun(client, visit.id, methodImpedance)
                                            : session_.resumeRun(visit.testId);
    if (!begun)
        return begun;
    turn_ = session_.run()->record().id;
    return makeReady(client);
}

Expected<void> TeamMorning::makeReady(const Client& client) {
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

std::vector<const readiness::Rule*> TeamMorning::openQuestions(readiness::KeptAsTold told) const {
    std::vector<const readiness::Rule*> open;
    for (const ImpedanceStep step : {Screening, Readiness})
        for (const readiness::Rule* rule : running()->questions(step))
            if (askedHow(*rule) == told && !running()->answerTo(rule->id))
                open.push_back(rule);
    return open;
}

Expected<void> TeamMorning::keepAll(readiness::KeptAsTold told) {
    const bool group = told == readiness::KeptAsTold::Group && !openQuestions(told).empty();
    auto done = running()->answerOpen([&](const readiness::Rule& rule) -> std::optional<readiness::Answer> {
        if (askedHow(rule) != told)
            return std::nullopt;
        readiness::Answer kept;
        kept.keptAsTold = told;
        return kept;
    });
    if (done && group)
        done = running()->addNote(NoteKind::ListAsked, report::clock(*groupAskedAt_).toStdString());
    return done;
}

Expected<void> TeamMorning::endTurn(const std::string& state) {
    Expected<void> kept;
    for (store::Visit visit : visits())
        if (kept && running() && visit.clientId == running()->record().subject.clientId) {
            visit.state = state;
            visit.testId = running()->record().id;
            kept = session_.book().save(visit, session_.atTheBench().id);
        }
    if (running())
        session_.closeRun();
    turn_.clear();
    return kept;
}

std::vector<ComputedTest> TeamMorning::measured() {
    std::vector<ComputedTest> tests;
    for (const store::Visit& visit : visits())
        if (visit.state == "measured" || visit.state == "done")
            if (const auto test = session_.book().test(visit.testId))
                if (auto result = session_.computing().computed(*test))
                    tests.push_back(std::move(*result));
    return tests;
}

std::vector<std::string> TeamMorning::measuredIds() {
    std::vector<std::string> ids;
    for (const store::Visit& visit : visits())
        if (visit.state == "measured" || visit.state == "done")
            ids.push_back(visit.testId);
    return ids;
}

int TeamMorning::signAll(const std::map<std::string, std::string>& sentences, const std::string& passphrase) {
    int signedTests = 0;
    for (const store::Visit& visit : visits()) {
        const auto sentence = sentences.find(visit.testId);
        if (visit.state != "measured" || sentence == sentences.end() ||
            !session_.report(session_.resumeRun(visit.testId)))
            continue;
        Procedure& run = *session_.run();
        Expected<void> done = run.confirm(Result);
        if (done)
            done = run.interpret(sentence->second);
        if (done)
            done = session_.signRun(session_.atTheBench(), session_.atTheBench(), passphrase);
        signedTests += session_.report(done);
    }
    session_.closeRun();
    return signedTests;
}

} // namespace fusain::desktop
