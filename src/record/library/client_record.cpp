#include "record/library/client_record.hpp"

#include "record/base/json_lists.hpp"
#include "record/lab/body_water.hpp"
#include "record/lab/screening.hpp"

#include <algorithm>

namespace fusain {
namespace {

constexpr std::string_view clientFormat = "fusain-client";
constexpr int schema = 1;

Json eventJson(const Event& event) {
    return {{"at", isoText(event.at)}, {"by", event.by}, {"kind", event.kind}, {"data", *event.data}};
}

Event eventFrom(const Json& json, const std::string& subject) {
    return {0,
            instantAt(json, "at"),
            json.at("by").get<std::string>(),
            json.at("kind").get<std::string>(),
            subject,
            json.at("data"),
            {}};
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
}

ClientRecord::Test testFrom(const Json& json) {
    ClientRecord::Test test{nested(json.at("record"), anyTestFromJson), {}, {}};
    for (const Json& event : json.at("events"))
        test.events.push_back(eventFrom(event, common(test.record).id));
    for (const Json& result : json.at("results"))
        test.results.push_back(result);
    if (test.events.empty() || test.events.front().kind != "test.started")
        throw Json::other_error::create(501, "the events of a test begin with test.started", &json);
    return test;
}

std::string keyOf(std::string_view paper) {
    std::string key(paper);
    std::ranges::replace(key, '-', '_');
    return key;
}

} // namespace

Json toJson(const ClientRecord& record) {
    Json tests = Json::array();
    for (const ClientRecord::Test& test : record.tests) {
        Json events = Json::array();
        for (const Event& event : test.events)
            events.push_back(eventJson(event));
        Json results = Json::array();
        for (const Document& result : test.results)
            results.push_back(*result);
        tests.push_back({{"record", toJson(test.record)}, {"events", events}, {"results", results}});
    }
    Json json{{"format", clientFormat},
              {"schema", schema},
              {"client", toJson(record.client)},
              {"tests", tests},
              {"plan", nullptr}};
    for (const auto& [paper, document] : record.papers)
        json[keyOf(paper)] = *document;
    return json;
}

Expected<ClientRecord> clientRecordFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] {
        if (!json.is_object() || json.value("format", "") != clientFormat)
            throw Json::other_error::create(501, "this is not a client's record (format \"fusain-client\")",
                                            &json);
        if (json.value("schema", 1) > schema)
            throw Json::other_error::create(501, "the record was written by a newer Fusain", &json);
        ClientRecord record;
        record.client = nested(json.at("client"), clientFromJson);
        readList(json, "tests", record.tests, testFrom);
        for (const ClientRecord::Test& test : record.tests)
            if (common(test.record).subject.clientId != record.client.id)
                throw Json::other_error::create(501, "a test belongs to somebody else", &json);
        for (const std::string_view paper : clientPapers)
            if (const auto found = json.find(keyOf(paper)); found != json.end() && !found->is_null())
                record.papers[std::string(paper)] = *found;
        checkPapers(record.papers);
        return record;
    });
}

} // namespace fusain
