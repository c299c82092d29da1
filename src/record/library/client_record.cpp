#include "record/library/client_record.hpp"

#include "record/base/fields.hpp"
#include "record/lab/body_water.hpp"
#include "record/lab/plan_request.hpp"
#include "record/lab/screening.hpp"

#include <algorithm>

namespace fusain {
namespace {

constexpr int schema = 1;

// Sequence, subject and hash are given by the book that the record goes into.
const Fields<Event>& eventFields() {
    static const auto fields = Fields<Event>("event")
                                   .required("at", &Event::at, "when it happened")
                                   .required("by", &Event::by, "staff id")
                                   .required("kind", &Event::kind, "what happened, such as trial.accepted")
                                   .custom(
                                       {"data", "document", {}, {}, Presence::Required, "by the kind", {}, {}},
                                       [](const Json& json, Event& event) { event.data = json; },
                                       [](const Event& event) { return *event.data; });
    return fields;
}

// A nested document that is read by its own reader: its Problem becomes an exception of this one.
template <class Read>
auto nested(const Json& json, Read read) {
    auto value = read(json, "record");
    if (!value)
        throw Json::other_error::create(501, value.error().english(), &json);
    return std::move(*value);
}

// A paper that nobody could read afterwards is refused with its record.
void checkPapers(const std::map<std::string, Document>& papers) {
    if (const auto water = papers.find("body-water"); water != papers.end())
        static_cast<void>(nested(*water->second, waterSamplesFromJson));
    if (const auto screening = papers.find("screening"); screening != papers.end())
        static_cast<void>(nested(*screening->second, screeningFromJson));
    if (const auto plan = papers.find("plan"); plan != papers.end())
        static_cast<void>(nested(*plan->second, planRequestFromJson));
}

const Fields<ClientRecord::Test>& testFields() {
    using Test = ClientRecord::Test;
    static const auto fields =
        Fields<Test>("test")
            .custom(
                {"record", "raw record", {}, {}, Presence::Required, "as it is now", {}, {}},
                [](const Json& json, Test& test) { test.record = nested(json, anyTestFromJson); },
                [](const Test& test) { return toJson(test.record); })
            .list("events", &Test::events, eventFields(), "that led to it, in order", Presence::Required)
            .custom(
                {"results", "list of results", {}, {}, Presence::Required, "as they were stored", {}, {}},
                [](const Json& json, Test& test) { test.results.assign(json.begin(), json.end()); },
                [](const Test& test) {
                    Json results = Json::array();
                    for (const Document& result : test.results)
                        results.push_back(*result);
                    return results;
                })
            .check([](const Test& test) {
                return test.events.empty() || test.events.front().kind != "test.started"
                           ? std::string("the events of a test begin with test.started")
                           : std::string();
            });
    return fields;
}

std::string keyOf(std::string_view paper) {
    std::string key(paper);
    std::ranges::replace(key, '-', '_');
    return key;
}

// A plan is always named, as nothing where there is none.
void addPaper(Fields<ClientRecord>& fields, std::string_view paper) {
    const bool named = paper == "plan";
    fields.custom(
        {keyOf(paper),
         "document",
         {},
         {},
         named ? Presence::Optional : Presence::Sparse,
         "what is kept beside the entry; null where there is none",
         {},
         {}},
        [paper](const Json& json, ClientRecord& record) {
            if (!json.is_null())
                record.papers[std::string(paper)] = json;
        },
        [paper, named](const ClientRecord& record) -> std::optional<Json> {
            if (const auto found = record.papers.find(std::string(paper)); found != record.papers.end())
                return *found->second;
            return named ? std::optional<Json>(Json(nullptr)) : std::nullopt;
        });
}

Fields<ClientRecord> describedRecord() {
    const FieldNote number{"schema",           "whole number",  {}, between(1, schema),
                           Presence::Optional, "of the format", {}, {}};
    Fields<ClientRecord> fields("client's record");
    fields.constant("format", "fusain-client")
        .custom(
            number, [number](const Json& json, ClientRecord&) { checkVersion(json, number); },
            [](const ClientRecord&) { return Json(schema); })
        .custom(
            {"client", "client", {}, {}, Presence::Required, "the entry", {}, {}},
            [](const Json& json, ClientRecord& record) { record.client = nested(json, clientFromJson); },
            [](const ClientRecord& record) { return toJson(record.client); })
        .list("tests", &ClientRecord::tests, testFields(), "oldest first", Presence::Required);
    for (const std::string_view paper : clientPapers)
        addPaper(fields, paper);
    fields.check([](const ClientRecord& record) {
        checkPapers(record.papers);
        return std::ranges::all_of(record.tests,
                                   [&](const ClientRecord::Test& test) {
                                       return common(test.record).subject.clientId == record.client.id;
                                   })
                   ? std::string()
                   : std::string("a test belongs to somebody else");
    });
    return fields;
}

const Fields<ClientRecord>& recordFields() {
    static const auto fields = describedRecord();
    return fields;
}

} // namespace

Json toJson(const ClientRecord& record) {
    return recordFields().write(record);
}

Expected<ClientRecord> clientRecordFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] {
        ClientRecord record = recordFields().read(json);
        for (ClientRecord::Test& test : record.tests)
            for (Event& event : test.events)
                event.subject = common(test.record).id;
        return record;
    });
}

DocumentKind clientRecordKind() {
    return {"A client's whole record", recordFields().notes()};
}

} // namespace fusain
