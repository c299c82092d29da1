#pragma once
#include "record/any_test.hpp"
#include "record/event.hpp"
#include "record/people.hpp"

namespace fusain {

/// Everything that a lab book holds of one client: docs/formats/client-record.md. Sequence and hash of the
/// events belong to the book and are not part of it.
struct ClientRecord {
    Client client;
    struct Test {
        AnyTest record;
        std::vector<Event> events; ///< that led to it, in order
        std::vector<Json> results; ///< as they were stored: `number`, `version`, `at`, `document`
    };
    std::vector<Test> tests; ///< oldest first
    Json plan;               ///< null without one
};

[[nodiscard]] Json toJson(const ClientRecord& record);
/// Reads and checks a record whole. @return a Problem naming file and place
[[nodiscard]] Expected<ClientRecord> clientRecordFromJson(const Json& json, const std::string& where);

} // namespace fusain
