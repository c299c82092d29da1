#include "procedure/method/common_events.hpp"

namespace fusain {
namespace {

std::string textAt(const Event& event, const char* key) {
    return event.data->at(key).get<std::string>();
}

} // namespace

TestStarted TestStarted::read(const Event& event, const RawTest&) {
    onlyKeys(event, {"subject", "policy", "protocol"},
             {"method", "policy_document", "protocol_document", "taken_at"});
    const bool fromElsewhere = event.data->contains("taken_at");
    return {event.data->value("method", ""),
            subjectFromJson(event.data->at("subject")),
            textAt(event, "policy"),
            event.data->value("policy_document", Json()),
            textAt(event, "protocol"),
            event.data->value("protocol_document", Json()),
            fromElsewhere ? std::optional(instantAt(event.data, "taken_at")) : std::nullopt,
            event.subject,
            event.by,
            event.at};
}
Json TestStarted::data() const {
    Json data{{"method", method},           {"subject", toJson(subject)}, {"policy", policyId},
              {"policy_document", *policy}, {"protocol", protocolId},     {"protocol_document", *protocol}};
    if (takenAt)
        data["taken_at"] = isoText(*takenAt);
    return data;
}
void TestStarted::applyTo(RawTest& test) const {
    test.id = id;
    test.subject = subject;
    test.policyId = policyId;
    test.policy = policy;
    test.protocolId = protocolId;
    test.protocol = protocol;
    test.startedBy = by;
    test.startedAt = takenAt.value_or(at);
}

StepDone StepDone::read(const Event& event, const RawTest&) {
    onlyKeys(event, {"step"}, {"reason", "result"});
    return {textAt(event, "step"), event.data->value("reason", ""), event.data->value("result", "")};
}
Json StepDone::data() const {
    Json data{{"step", step}, {"reason", reason}};
    if (!result.empty())
        data["result"] = result;
    return data;
}
void StepDone::applyTo(RawTest& test) const {
    if (!test.done(step))
        test.doneSteps.push_back(step);
    if (!result.empty())
        test.resultSeen = result;
    if (!reason.empty())
        test.notes.push_back({NoteKind::StepPassed, step, reason});
}

StepShown StepShown::read(const Event& event, const RawTest&) {
    onlyKeys(event, {"step"});
    const Json& step = event.data->at("step");
    return step.is_string() ? StepShown{step.get<std::string>(), {}} : StepShown{{}, step.get<int>()};
}
Json StepShown::data() const {
    return {{"step", step}};
}

QuestionAnswered QuestionAnswered::read(const Event& event, const RawTest&) {
    return {answeredQuestionFromJson(event.data)};
}
Json QuestionAnswered::data() const {
    return toJson(question);
}
void QuestionAnswered::applyTo(RawTest& test) const {
    const auto found = std::ranges::find(test.answers, question.rule, &AnsweredQuestion::rule);
    if (found == test.answers.end())
        test.answers.push_back(question);
    else
        *found = question;
}

DeviationAccepted DeviationAccepted::read(const Event& event, const RawTest&) {
    onlyKeys(event, {"rule", "reason"});
    return {textAt(event, "rule"), textAt(event, "reason"), event.by};
}
Json DeviationAccepted::data() const {
    return {{"rule", rule}, {"reason", reason}};
}
void DeviationAccepted::applyTo(RawTest& test) const {
    const auto found = std::ranges::find(test.answers, rule, &AnsweredQuestion::rule);
    if (found == test.answers.end())
        return;
    found->acceptedReason = reason;
    found->acceptedBy = by;
}

NoteAdded NoteAdded::read(const Event& event, const RawTest&) {
    return {noteFromJson(event.data)};
}
Json NoteAdded::data() const {
    return toJson(note);
}
void NoteAdded::applyTo(RawTest& test) const {
    test.notes.push_back(note);
}

InterpretationWritten InterpretationWritten::read(const Event& event, const RawTest&) {
    onlyKeys(event, {"text"}, {"result"});
    return {textAt(event, "text"), event.data->value("result", "")};
}
Json InterpretationWritten::data() const {
    return {{"text", text}, {"result", result}};
}
void InterpretationWritten::applyTo(RawTest& test) const {
    test.interpretation = text;
    test.interpretationOf = result;
}

TestRefused TestRefused::read(const Event& event, const RawTest&) {
    onlyKeys(event, {"reason"});
    return {textAt(event, "reason")};
}
Json TestRefused::data() const {
    return {{"reason", reason}};
}
void TestRefused::applyTo(RawTest& test) const {
    test.state = TestState::Refused;
    test.refusal = reason;
}

TestSigned TestSigned::read(const Event& event, const RawTest&) {
    onlyKeys(event, {"technician", "physiologist"}, {"result"});
    return {textAt(event, "technician"), textAt(event, "physiologist"), event.data->value("result", ""),
            event.at};
}
Json TestSigned::data() const {
    return {{"technician", technician}, {"physiologist", physiologist}, {"result", result}};
}
void TestSigned::applyTo(RawTest& test) const {
    test.state = TestState::Signed;
    test.signature = Signature{technician, physiologist, at};
}

TestAmended TestAmended::read(const Event& event, const RawTest&) {
    onlyKeys(event, {"reason"});
    return {textAt(event, "reason")};
}
Json TestAmended::data() const {
    return {{"reason", reason}};
}
void TestAmended::applyTo(RawTest& test) const {
    ++test.version;
    test.amendmentReason = reason;
    test.state = TestState::Running;
    test.signature.reset();
    std::erase(test.doneSteps, "report");
}

EventUndone EventUndone::read(const Event& event, const RawTest&) {
    onlyKeys(event, {"sequence"});
    return {event.data->at("sequence").get<std::int64_t>()};
}
Json EventUndone::data() const {
    return {{"sequence", sequence}};
}

} // namespace fusain
