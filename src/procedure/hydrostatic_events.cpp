#include "procedure/hydrostatic_events.hpp"

#include <algorithm>
#include <map>
#include <set>

namespace fusain {
namespace {

using Apply = void (*)(HydrostaticTest&, const Event&);

WeighingTrial* trialNumbered(HydrostaticTest& test, const Json& data) {
    const int number = data.at("number").get<int>();
    const auto found = std::ranges::find(test.trials, number, &WeighingTrial::number);
    return found == test.trials.end() ? nullptr : &*found;
}

void started(HydrostaticTest& test, const Event& event) {
    test.id = event.subject;
    test.subject = subjectFromJson(event.data.at("subject"));
    test.policyId = event.data.at("policy").get<std::string>();
    test.policy = event.data.value("policy_document", Json());
    test.protocolId = event.data.at("protocol").get<std::string>();
    test.startedBy = event.by;
    test.startedAt = event.at;
}

void answered(HydrostaticTest& test, const Event& event) {
    AnsweredQuestion question = answeredQuestionFromJson(event.data);
    const auto found = std::ranges::find(test.answers, question.rule, &AnsweredQuestion::rule);
    if (found == test.answers.end())
        test.answers.push_back(std::move(question));
    else
        *found = std::move(question);
}

void deviationAccepted(HydrostaticTest& test, const Event& event) {
    const auto found =
        std::ranges::find(test.answers, event.data.at("rule").get<std::string>(), &AnsweredQuestion::rule);
    if (found == test.answers.end())
        return;
    found->acceptedReason = event.data.at("reason").get<std::string>();
    found->acceptedBy = event.by;
}

void amended(HydrostaticTest& test, const Event& event) {
    ++test.version;
    test.amendmentReason = event.data.at("reason").get<std::string>();
    test.state = TestState::Running;
    test.signature.reset();
    std::erase(test.doneSteps, "report");
}

void stepDone(HydrostaticTest& test, const Event& event) {
    const std::string step = event.data.at("step").get<std::string>();
    if (!test.done(step))
        test.doneSteps.push_back(step);
    if (const std::string reason = event.data.value("reason", ""); !reason.empty())
        test.notes.push_back(step + ": " + reason);
}

const std::map<std::string, Apply>& handlers() {
    static const std::map<std::string, Apply> table{
        {"test.started", started},
        {"step.done", stepDone},
        {"load-cell.checked",
         [](HydrostaticTest& t, const Event& e) { t.loadCell = loadCellCheckFromJson(e.data); }},
        {"water-temperature.read",
         [](HydrostaticTest& t, const Event& e) { t.waterTemperature = readingFromJson(e.data); }},
        {"question.answered", answered},
        {"deviation.accepted", deviationAccepted},
        {"dry-mass.read", [](HydrostaticTest& t, const Event& e) { t.dryMass = readingFromJson(e.data); }},
        {"room.read",
         [](HydrostaticTest& t, const Event& e) {
             t.roomTemperature = readingFromJson(e.data.at("temperature_c"));
             t.pressure = readingFromJson(e.data.at("pressure_mmhg"));
         }},
        {"vital-capacity.added",
         [](HydrostaticTest& t, const Event& e) { t.efforts.push_back(effortFromJson(e.data)); }},
        {"residual-volume.measured",
         [](HydrostaticTest& t, const Event& e) { t.residualVolume = measuredResidualVolumeFromJson(e.data); }},
        {"trial.accepted",
         [](HydrostaticTest& t, const Event& e) { t.trials.push_back(trialFromJson(e.data)); }},
        {"trial.set-aside",
         [](HydrostaticTest& t, const Event& e) {
             if (WeighingTrial* trial = trialNumbered(t, e.data))
                 trial->setAsideReason = e.data.at("reason").get<std::string>();
         }},
        {"trial.restored",
         [](HydrostaticTest& t, const Event& e) {
             if (WeighingTrial* trial = trialNumbered(t, e.data))
                 trial->setAsideReason.clear();
         }},
        {"note.added",
         [](HydrostaticTest& t, const Event& e) { t.notes.push_back(e.data.at("text").get<std::string>()); }},
        {"interpretation.written",
         [](HydrostaticTest& t, const Event& e) { t.interpretation = e.data.at("text").get<std::string>(); }},
        {"test.refused",
         [](HydrostaticTest& t, const Event& e) {
             t.state = TestState::Refused;
             t.refusal = e.data.at("reason").get<std::string>();
         }},
        {"test.signed",
         [](HydrostaticTest& t, const Event& e) {
             t.state = TestState::Signed;
             t.signature = Signature{e.data.at("technician").get<std::string>(),
                                     e.data.at("physiologist").get<std::string>(), e.at};
         }},
        {"test.amended", amended},
    };
    return table;
}

} // namespace

void applyEvent(HydrostaticTest& test, const Event& event) {
    if (const auto handler = handlers().find(event.kind); handler != handlers().end())
        handler->second(test, event);
}

std::vector<Event> effectiveEvents(std::span<const Event> events) {
    std::set<std::int64_t> undone;
    for (const Event& event : events)
        if (event.kind == "event.undone")
            undone.insert(event.data.value("sequence", std::int64_t{0}));
    std::vector<Event> effective;
    std::ranges::copy_if(events, std::back_inserter(effective), [&](const Event& event) {
        return event.kind != "event.undone" && !undone.contains(event.sequence);
    });
    return effective;
}

Expected<HydrostaticTest> replayHydrostaticTest(std::span<const Event> events) {
    HydrostaticTest test;
    for (const Event& event : effectiveEvents(events)) {
        const auto applied = readDocument("event " + std::to_string(event.sequence), [&] {
            applyEvent(test, event);
            return true;
        });
        if (!applied)
            return tl::unexpected(applied.error());
    }
    return test;
}

} // namespace fusain
