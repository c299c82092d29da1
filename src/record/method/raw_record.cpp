#include "record/method/raw_record.hpp"

#include "record/base/sex_words.hpp"
#include "record/method/reading_fields.hpp"
#include "record/method/record_fields.hpp"

#include <algorithm>

namespace fusain {
namespace {

using readiness::Action;
using readiness::Effect;
using readiness::KeptAsTold;

constexpr Named<TestState> states[] = {
    {"running", TestState::Running}, {"refused", TestState::Refused}, {"signed", TestState::Signed}};
constexpr Named<Action> actions[] = {{"go-on", Action::GoOn},
                                     {"note", Action::Note},
                                     {"wait", Action::Wait},
                                     {"rebook", Action::Rebook},
                                     {"blocked", Action::Blocked}};
constexpr Named<KeptAsTold> tellers[] = {{"list", KeptAsTold::List}, {"group", KeptAsTold::Group}};

const Fields<readiness::Answer>& answerFields() {
    using readiness::Answer;
    static const auto fields = Fields<Answer>("answer")
                                   .sparse("hours_since", &Answer::ago, "how long ago", atLeast(0.0))
                                   .sparse("never", &Answer::never, "it never happened")
                                   .sparse("number", &Answer::number, "in the unit of the rule")
                                   .sparse("choice", &Answer::choice, "one of the rule's choices")
                                   .word("kept_as_told_by", &Answer::keptAsTold, tellers,
                                         "who said that it was kept", Presence::Sparse);
    return fields;
}

const Fields<readiness::Finding>& findingFields() {
    using readiness::Finding;
    static const auto fields =
        Fields<Finding>("finding")
            .required("kept", &Finding::kept, "whether the rule was kept")
            .word("action", &Finding::action, actions, "what follows")
            .optional("wait_min", &Finding::wait, "how long until it is kept", atLeast(0.0));
    return fields;
}

const Fields<AnsweredQuestion>& answeredFields() {
    static const auto fields = [] {
        auto made = Fields<AnsweredQuestion>("answered question");
        made.required("rule", &AnsweredQuestion::rule, "id in the protocol")
            .optional("question", &AnsweredQuestion::question, "as it was asked")
            .word("effect", &AnsweredQuestion::effect, effectWords, "of breaking the rule on the fat estimate",
                  Presence::Optional)
            .part("answer", &AnsweredQuestion::answer, answerFields(), "as it was given")
            .flat(&AnsweredQuestion::finding, findingFields())
            .sparse("accepted_reason", &AnsweredQuestion::acceptedReason,
                    "why the test continued");
        made.custom(
            {"accepted_by", "text", {}, {}, Presence::Sparse, "staff id", {}, {}},
            [](const Json& json, AnsweredQuestion& question) { question.acceptedBy = json.get<std::string>(); },
            [](const AnsweredQuestion& question) {
                return question.acceptedReason.empty() ? std::nullopt
                                                       : std::optional<Json>(question.acceptedBy);
            });
        made.required("at", &AnsweredQuestion::at, "when it was answered");
        return made;
    }();
    return fields;
}

const Fields<TestSubject>& subjectFields() {
    static const auto fields =
        Fields<TestSubject>("subject")
            .required("client_id", &TestSubject::clientId, "stable within the lab book")
            .word("sex", &TestSubject::sex, sexWords, "of the group of the equations")
            .required("age_y", &TestSubject::age, "when the test began", between(0.0, 130.0))
            .required("height_m", &TestSubject::height, "when the test began", between(0.5, 2.5))
            .optional("repeat_test", &TestSubject::repeatTest, "whether there was a test before");
    return fields;
}

const Fields<Signature>& signatureFields() {
    static const auto fields =
        Fields<Signature>("signature")
            .required("technician", &Signature::technician, "staff id")
            .required("physiologist", &Signature::physiologist, "staff id; empty where none is asked for")
            .required("at", &Signature::at, "when it was signed");
    return fields;
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
    return std::string(wordFor(state, states));
}

const ReportedValue* ReportedValues::find(std::string_view quantity) const {
    const auto found = std::ranges::find(values, quantity, &ReportedValue::quantity);
    return found == values.end() ? nullptr : &*found;
}

const Fields<ReportedValue>& reportedValueFields() {
    static const auto fields =
        Fields<ReportedValue>("reported value")
            .required("quantity", &ReportedValue::quantity, "such as fat-percent, or the instrument's own word")
            .required("value", &ReportedValue::value, "as it was reported")
            .optional("unit", &ReportedValue::unit, "as it was reported");
    return fields;
}

const Fields<NumberedReading>& numberedFields() {
    static const auto fields =
        Fields<NumberedReading>("numbered reading")
            .with(attributionFields())
            .required("number", &NumberedReading::number, "1, 2, 3 … in the order of the work", atLeast(1))
            .sparse("set_aside", &NumberedReading::setAsideReason, "why it does not count");
    return fields;
}

const Fields<ReportedValues>& reportedValuesFields() {
    static const auto fields = Fields<ReportedValues>("reported values")
                                   .with(attributionFields())
                                   .optional("reading", &ReportedValues::reading,
                                             "number of the sweep or scan; 0 for none", atLeast(0))
                                   .list("values", &ReportedValues::values, reportedValueFields(), "one each");
    return fields;
}

Json toJson(const readiness::Answer& answer) {
    return answerFields().write(answer);
}
readiness::Answer answerFromJson(const Json& json) {
    return answerFields().read(json);
}
Json toJson(const AnsweredQuestion& question) {
    return answeredFields().write(question);
}
AnsweredQuestion answeredQuestionFromJson(const Json& json) {
    return answeredFields().read(json);
}
Json toJson(const ReportedValue& value) {
    return reportedValueFields().write(value);
}
ReportedValue reportedValueFromJson(const Json& json) {
    return reportedValueFields().read(json);
}
Json toJson(const ReportedValues& values) {
    return reportedValuesFields().write(values);
}
ReportedValues reportedValuesFromJson(const Json& json) {
    return reportedValuesFields().read(json);
}
Json toJson(const TestSubject& subject) {
    return subjectFields().write(subject);
}
TestSubject subjectFromJson(const Json& json) {
    return subjectFields().read(json);
}

namespace {

// A document that the record carries whole; absent where the record comes from elsewhere.
template <class Member>
void addDocument(Fields<RawTest>& fields, std::string key, Member member, std::string meaning) {
    const FieldNote note{std::move(key), "document", {}, {}, Presence::Sparse, std::move(meaning), {}, {}};
    fields.custom(
        note,
        [member, note](const Json& json, RawTest& test) {
            if (!json.is_object() && !json.is_null())
                refuse(json, note, "is " + std::string(json.type_name()));
            test.*member = json;
        },
        [member](const RawTest& test) {
            const Document& kept = test.*member;
            return kept->is_null() ? std::nullopt : std::optional<Json>(*kept);
        });
}

// What is known of a signed test, and of one that is not.
std::string stateProblem(const RawTest& test) {
    if (test.state == TestState::Signed && !test.signature)
        return "a signed test has a signature";
    return test.state == TestState::Refused && test.refusal.empty() ? "a refused test has a reason" : "";
}

} // namespace

Fields<RawTest> rawTestFields(std::string_view method) {
    auto fields = Fields<RawTest>("raw record");
    fields.constant("format", "fusain-raw-test");
    const FieldNote schema{"schema",           "whole number",     {}, between(1, RawTest::schemaVersion),
                           Presence::Required, "of this document", {}, {}};
    fields.custom(
        schema, [schema](const Json& json, RawTest&) { static_cast<void>(wholeNumberIn(json, schema)); },
        [](const RawTest&) { return Json(RawTest::schemaVersion); });
    fields.constant("method", method)
        .required("id", &RawTest::id, "stable within the lab book")
        .optional("version", &RawTest::version, "2, 3 … are amendments", atLeast(1))
        .optional("amendment_reason", &RawTest::amendmentReason, "empty for version 1")
        .part("subject", &RawTest::subject, subjectFields(), "who is tested, as the test began")
        .optional("policy", &RawTest::policyId, "id");
    addDocument(fields, "policy_document", &RawTest::policy, "the whole policy as the test began");
    fields.optional("protocol", &RawTest::protocolId, "id");
    addDocument(fields, "protocol_document", &RawTest::protocol, "the whole protocol as the test began");
    fields.optional("started_by", &RawTest::startedBy, "staff id")
        .required("started_at", &RawTest::startedAt, "when the test began")
        .word("state", &RawTest::state, states, "how far it is", Presence::Optional)
        .optional("refusal", &RawTest::refusal, "why the test was not done")
        .optional("done_steps", &RawTest::doneSteps, "steps without a reading that were confirmed")
        .list("answers", &RawTest::answers, answeredFields(), "to the questions of the protocol")
        .list("notes", &RawTest::notes, noteFields(), "what was remarked and decided")
        .optional("result_seen", &RawTest::resultSeen, "fingerprint of the result that was confirmed")
        .optional("interpretation", &RawTest::interpretation, "in the physiologist's own words")
        .optional("interpretation_of", &RawTest::interpretationOf, "fingerprint of the result it speaks of")
        .part("signature", &RawTest::signature, signatureFields(), "who signed")
        .check(stateProblem);
    return fields;
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

void checkReadings(const Json& json) {
    if (const int schema = json.at("schema").get<int>(); schema > RawTest::schemaVersion)
        throw Json::other_error::create(
            501, "schema " + std::to_string(schema) + " was written by a newer Fusain", &json);
    const Json& test = json.at("id");
    const Json& client = json.at("subject").at("client_id");
    forEachReading(json, [&](const Json& reading) {
        if (reading.value("test", test) != test || reading.value("client", client) != client)
            throw Json::other_error::create(501, "a reading belongs to another test", &reading);
    });
}

} // namespace fusain
