#include "record/method/raw_record.hpp"

#include "record/base/json_lists.hpp"
#include "record/method/repeated.hpp"

#include <algorithm>
#include <array>

namespace fusain {
namespace {

TestState stateFrom(const std::string& text) {
    return text == "signed" ? TestState::Signed : text == "refused" ? TestState::Refused : TestState::Running;
}

std::string actionName(readiness::Action action) {
    static constexpr std::array names{"go-on", "note", "wait", "rebook", "blocked"};
    return names[static_cast<std::size_t>(action)];
}
readiness::Action actionFrom(const std::string& name) {
    for (const auto action : {readiness::Action::Note, readiness::Action::Wait, readiness::Action::Rebook,
                              readiness::Action::Blocked})
        if (actionName(action) == name)
            return action;
    return readiness::Action::GoOn;
}

constexpr std::array effectNames{"over", "under", "noise", "none"};

constexpr std::array<std::string_view, 3> toldNames{"", "list", "group"};

std::string effectName(readiness::Effect effect) {
    return effectNames[static_cast<std::size_t>(effect)];
}
readiness::Effect effectFrom(const std::string& name) {
    const auto found = std::ranges::find(effectNames, name);
    return found == effectNames.end() ? readiness::Effect::None
                                      : static_cast<readiness::Effect>(found - effectNames.begin());
}

/// Calls visit for every reading of a record, however deep: what carries the moment at which it was accepted.
template <class Node, class Visit>
void forEachReading(Node& node, const Visit& visit) {
    if (node.is_array())
        for (auto& each : node)
            forEachReading(each, visit);
    if (!node.is_object())
        return;
    if (node.contains("at"))
        visit(node);
    for (auto& [key, value] : node.items())
        if (key != "answers" && key != "signature" && key != "policy_document" && key != "protocol_document")
            forEachReading(value, visit);
}

} // namespace

bool RawTest::done(const std::string& step) const {
    return std::ranges::find(doneSteps, step) != doneSteps.end();
}

std::string handoverOf(const RawTest& test) {
    return std::to_string(test.version) + '/' + test.interpretationOf;
}

bool isHandedOver(const RawTest& test) {
    return test.state == TestState::Running && std::ranges::any_of(test.notes, [&](const Note& note) {
               return note.kind == NoteKind::HandedOver && note.step == handoverOf(test);
           });
}

const AnsweredQuestion* RawTest::answerTo(const std::string& rule) const {
    const auto found = std::ranges::find(answers, rule, &AnsweredQuestion::rule);
    return found == answers.end() ? nullptr : &*found;
}

std::string stateText(TestState state) {
    return state == TestState::Signed ? "signed" : state == TestState::Refused ? "refused" : "running";
}

const ReportedValue* ReportedValues::find(std::string_view quantity) const {
    const auto found = std::ranges::find(values, quantity, &ReportedValue::quantity);
    return found == values.end() ? nullptr : &*found;
}

Json toJson(const readiness::Answer& answer) {
    Json json = Json::object();
    if (answer.hoursSince)
        json["hours_since"] = *answer.hoursSince;
    if (answer.never)
        json["never"] = true;
    if (answer.number)
        json["number"] = *answer.number;
    if (!answer.choice.empty())
        json["choice"] = answer.choice;
    if (answer.keptAsTold != readiness::KeptAsTold::No)
        json["kept_as_told_by"] = toldNames[static_cast<std::size_t>(answer.keptAsTold)];
    return json;
}
readiness::Answer answerFromJson(const Json& json) {
    const std::string by = json.value("kept_as_told_by", "");
    const auto told = std::ranges::find(toldNames, by);
    if (told == toldNames.end())
        throw Json::other_error::create(501, "kept_as_told_by: unknown " + by, &json);
    return {optionalAt<double>(json, "hours_since"), json.value("never", false),
            optionalAt<double>(json, "number"), json.value("choice", ""),
            static_cast<readiness::KeptAsTold>(told - toldNames.begin())};
}

Json toJson(const AnsweredQuestion& question) {
    Json json{{"rule", question.rule},
              {"question", question.question},
              {"effect", effectName(question.effect)},
              {"answer", toJson(question.answer)},
              {"kept", question.finding.kept},
              {"action", actionName(question.finding.action)},
              {"wait_min", question.finding.waitMinutes},
              {"at", isoText(question.at)}};
    if (!question.acceptedReason.empty()) {
        json["accepted_reason"] = question.acceptedReason;
        json["accepted_by"] = question.acceptedBy;
    }
    return json;
}
AnsweredQuestion answeredQuestionFromJson(const Json& json) {
    return {json.at("rule").get<std::string>(),
            json.value("question", ""),
            effectFrom(json.value("effect", "none")),
            answerFromJson(json.at("answer")),
            {json.at("kept").get<bool>(), actionFrom(json.at("action").get<std::string>()),
             json.value("wait_min", 0.0)},
            json.value("accepted_reason", ""),
            json.value("accepted_by", ""),
            instantAt(json, "at")};
}

Json toJson(const ReportedValue& value) {
    return {{"quantity", value.quantity}, {"value", value.value}, {"unit", value.unit}};
}
ReportedValue reportedValueFromJson(const Json& json) {
    return {json.at("quantity").get<std::string>(), json.at("value").get<double>(), json.value("unit", "")};
}

Json toJson(const ReportedValues& values) {
    Json json = attributionJson(values);
    json["reading"] = values.reading;
    json["values"] = listOf(values.values);
    return json;
}
ReportedValues reportedValuesFromJson(const Json& json) {
    ReportedValues values{attributionFromJson(json), json.value("reading", 0), {}};
    readList(json, "values", values.values, reportedValueFromJson);
    return values;
}

Json toJson(const TestSubject& subject) {
    return {{"client_id", subject.clientId},
            {"sex", sexText(subject.sex)},
            {"age_y", subject.age.value()},
            {"height_m", subject.height.value()},
            {"repeat_test", subject.repeatTest}};
}
TestSubject subjectFromJson(const Json& json) {
    return {json.at("client_id").get<std::string>(), sexFromText(json.at("sex").get<std::string>()),
            Years(json.at("age_y").get<double>()), Metres(json.at("height_m").get<double>()),
            json.value("repeat_test", false)};
}

Json commonJson(const RawTest& test, std::string_view method) {
    Json json{{"format", "fusain-raw-test"},
              {"schema", RawTest::schemaVersion},
              {"method", method},
              {"id", test.id},
              {"version", test.version},
              {"amendment_reason", test.amendmentReason},
              {"subject", toJson(test.subject)},
              {"policy", test.policyId},
              {"protocol", test.protocolId},
              {"started_by", test.startedBy},
              {"started_at", isoText(test.startedAt)},
              {"state", stateText(test.state)},
              {"refusal", test.refusal},
              {"done_steps", test.doneSteps},
              {"answers", listOf(test.answers)},
              {"notes", listOf(test.notes)},
              {"result_seen", test.resultSeen},
              {"interpretation", test.interpretation},
              {"interpretation_of", test.interpretationOf}};
    if (!test.policy->is_null())
        json["policy_document"] = test.policy;
    if (!test.protocol->is_null())
        json["protocol_document"] = test.protocol;
    if (test.signature)
        json["signature"] = {{"technician", test.signature->technician},
                             {"physiologist", test.signature->physiologist},
                             {"at", isoText(test.signature->at)}};
    return json;
}

void bringCommonForward(Json& json) {
    json["schema"] = RawTest::schemaVersion;
    for (Json& note : json["notes"])
        note = {{"kind", "remark"}, {"text", note}};
    const Json test = json.at("id"), client = json.at("subject").at("client_id");
    forEachReading(json, [&](Json& reading) {
        reading["test"] = test;
        reading["client"] = client;
    });
}

void bringReportedForward(Json& json, int reading) {
    Json old = json.value("reported", Json::array());
    json["reported"] = Json::array();
    if (!old.empty())
        json["reported"].push_back({{"reading", reading},
                                    {"at", json.at("started_at")},
                                    {"test", json.at("id")},
                                    {"client", json.at("subject").at("client_id")},
                                    {"values", std::move(old)}});
}

void readCommon(const Json& json, RawTest& test) {
    if (const int schema = json.at("schema").get<int>(); schema > RawTest::schemaVersion)
        throw Json::other_error::create(
            501, "schema " + std::to_string(schema) + " was written by a newer Fusain", &json);
    test.id = json.at("id").get<std::string>();
    test.version = json.value("version", 1);
    test.amendmentReason = json.value("amendment_reason", "");
    test.subject = subjectFromJson(json.at("subject"));
    forEachReading(json, [&](const Json& reading) {
        if (reading.value("test", test.id) != test.id ||
            reading.value("client", test.subject.clientId) != test.subject.clientId)
            throw Json::other_error::create(501, "a reading belongs to another test", &reading);
    });
    test.policyId = json.value("policy", "");
    test.policy = json.value("policy_document", Json());
    test.protocolId = json.value("protocol", "");
    test.protocol = json.value("protocol_document", Json());
    test.startedBy = json.value("started_by", "");
    test.startedAt = instantAt(json, "started_at");
    test.state = stateFrom(json.value("state", "running"));
    test.refusal = json.value("refusal", "");
    test.doneSteps = json.value("done_steps", std::vector<std::string>{});
    readList(json, "answers", test.answers, answeredQuestionFromJson);
    readList(json, "notes", test.notes, noteFromJson);
    test.resultSeen = json.value("result_seen", "");
    test.interpretation = json.value("interpretation", "");
    test.interpretationOf = json.value("interpretation_of", "");
    if (json.contains("signature"))
        test.signature = Signature{json.at("signature").at("technician").get<std::string>(),
                                   json.at("signature").at("physiologist").get<std::string>(),
                                   instantAt(json.at("signature"), "at")};
}

Json numberedJson(const NumberedReading& reading) {
    Json json = attributionJson(reading);
    json["number"] = reading.number;
    if (!reading.setAsideReason.empty())
        json["set_aside"] = reading.setAsideReason;
    return json;
}
NumberedReading numberedFromJson(const Json& json) {
    return {attributionFromJson(json), json.at("number").get<int>(), json.value("set_aside", "")};
}

} // namespace fusain
