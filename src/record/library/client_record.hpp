#pragma once
#include "record/all/record.hpp"
#include "record/base/document.hpp"
#include "record/base/document_kind.hpp"
#include "record/base/event.hpp"
#include "record/base/people.hpp"

#include <map>

namespace fusain {

/// Everything that a lab book holds of one client: docs/formats/client-record.md. Sequence and hash of the
/// events belong to the book and are not part of it.
struct ClientRecord {
    Client client;
    struct Test {
        AnyTest record;
        std::vector<Event> events;     ///< that led to it, in order
        std::vector<Document> results; ///< as they were stored: `number`, `version`, `at`, `document`
    };
    std::vector<Test> tests;                     ///< oldest first
    std::map<std::string, Document> papers = {}; ///< those of clientPapers that there are
};

[[nodiscard]] Json toJson(const ClientRecord& record);
/// Reads and checks a record whole. @return a Problem naming file and place
[[nodiscard]] Expected<ClientRecord> clientRecordFromJson(const Json& json, const std::string& where);
[[nodiscard]] DocumentKind clientRecordKind();

} // namespace fusain
