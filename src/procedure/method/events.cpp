#include "procedure/method/events.hpp"

#include "record/base/json.hpp"

#include <algorithm>
#include <set>

namespace fusain {
namespace {

void started(RawTest& test, const Event& event) {
    test.id = event.subject;
    test.subject = subjectFromJson(event.data->at("subject"));
    test.policyId = event.data->at("policy").get<std::string>();
    test.policy = event.data->value("policy_document", Json());
    test.protocolId = event.data->at("protocol").get<std::string>();
    test.protocol = event.data->value("protocol_document", Json());
    test.startedBy = event.by;
    test.startedAt = event.data->contains("taken_at") ? instantAt(event.data, "taken_at") : event.at;
}

void answered(RawTest& test, const Event& event) {
    AnsweredQuestion question = answeredQuestionFromJson(event.data);
    const auto found = std::ranges::find(test.answers, question.rule, &AnsweredQuestion::rule);
    if (found == test.answers.end())
        test.answers.push_back(std::move(question));
    else
        *found = std::move(question);
}

void deviationAccepted(RawTest& test, const Event& event) {
    const auto found =
        std::ranges::find(test.answers, event.data->at("rule").get<std::string>(), &AnsweredQuestion::rule);
    if (found == test.answers.end())
        return;
    found->acceptedReason = event.data->at("reason").get<std::string>();
    found->acceptedBy = event.by;
}

void amended(RawTest& test, const Event& event) {
    ++test.version;
    test.amendmentReason = event.data->at("reason").get<std::string>();
    test.state = TestState::Running;
    test.signature.reset();
    std::erase(test.doneSteps, "report");
}

void stepDone(RawTest& test, const Event& event) {
    const std::string step = event.data->at("step").get<std::string>();
    if (!test.done(step))
        test.doneSteps.push_back(step);
    if (event.data->contains("result"))
        test.resultSeen = event.data->at("result").get<std::string>();
    if (const std::string reason = event.data->value("reason", ""); !reason.empty())
        test.notes.push_back({NoteKind::StepPassed, step, reason});
}

const EventTable<RawTest>& commonHandlers() {
    static const EventTable<RawTest> table{
        {"test.started", started},
        {"step.done", stepDone},
        {"question.answered", answered},
        {"deviation.accepted", deviationAccepted},
        {"note.added", [](RawTest& t, const Event& e) { t.notes.push_back(noteFromJson(e.data)); }},
        {"interpretation.written",
         [](RawTest& t, const Event& e) {
             t.interpretation = e.data->at("text").get<std::string>();
             t.interpretationOf = e.data->value("result", "");
         }},
        {"test.refused",
         [](RawTest& t, const Event& e) {
             t.state = TestState::Refused;
             t.refusal = e.data->at("reason").get<std::string>();
         }},
        {"test.signed",
         [](RawTest& t, const Event& e) {
             t.state = TestState::Signed;
             t.signature = Signature{e.data->at("technician").get<std::string>(),
                                     e.data->at("physiologist").get<std::string>(), e.at};
         }},
        {"test.amended", amended},
        // Where the bench stood, results beside the record, and what effectiveEvents has seen to already.
        {"result.stored", [](RawTest&, const Event&) {}},
        {"step.shown", [](RawTest&, const Event&) {}},
        {"event.undone", [](RawTest&, const Event&) {}},
    };
    return table;
}

} // namespace

bool applyCommonEvent(RawTest& test, const Event& event) {
    const auto handler = commonHandlers().find(event.kind);
    if (handler == commonHandlers().end())
        return false;
    handler->second(test, event);
    return true;
}

void throwUnknownKind(const Event& event) {
    throw Json::other_error::create(501, "\"" + event.kind + "\" is an event that this version does not know",
                                    &*event.data);
}

Json withDefaults(const Event& event, Json defaults) {
    defaults.update(*event.data);
    return defaults;
}

void belongToTest(Attribution& reading, const RawTest& test, const Event& event) {
    if ((!reading.test.empty() && reading.test != test.id) ||
        (!reading.client.empty() && reading.client != test.subject.clientId))
        throw Json::other_error::create(501, "a reading belongs to another test", &*event.data);
    reading.test = test.id;
    reading.client = test.subject.clientId;
    if (reading.by.empty())
        reading.by = event.by;
}

int numberIn(const Event& event) {
    return event.data->at("number").get<int>();
}
std::string reasonIn(const Event& event) {
    return event.data->at("reason").get<std::string>();
}

std::vector<Event> effectiveEvents(std::span<const Event> events) {
    std::set<std::int64_t> undone;
    for (const Event& event : events)
        if (event.kind == "event.undone")
            undone.insert(event.data->value("sequence", std::int64_t{0}));
    std::vector<Event> effective;
    std::ranges::copy_if(events, std::back_inserter(effective), [&](const Event& event) {
        return event.kind != "event.undone" && !undone.contains(event.sequence);
    });
    return effective;
}

Expected<void> applyEach(std::span<const Event> events, const std::function<void(const Event&)>& apply) {
    for (const Event& event : effectiveEvents(events)) {
        const auto applied = readDocument("event " + std::to_string(event.sequence), [&] {
            apply(event);
            return true;
        });
        if (!applied)
            return tl::unexpected(applied.error());
    }
    return {};
}

} // namespace fusain
