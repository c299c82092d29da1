#include "store/transfer/imports.hpp"

#include "record/all/record.hpp"
#include "record/base/json.hpp"

#include <algorithm>
#include <set>

namespace fusain::store {
namespace {

const std::string subject = "imports"; // of the events of all imports

} // namespace

Expected<void> asImport(LabBook& book, const ImportedFrom& from, const std::function<Expected<void>()>& work) {
    return book.together([&]() -> Expected<void> {
        const std::int64_t before = book.eventCount();
        const std::set<std::string> known = book.clientIds();
        if (auto done = work(); !done)
            return done;
        Json tests = Json::array(), clients = Json::array();
        for (const auto& [kind, id] : book.subjectsSince(before)) {
            if (kind == "test.started")
                tests.push_back(id);
            if (kind == kinds::clientSaved && !known.contains(id))
                clients.push_back(id);
        }
        const auto kept = book.append({0,
                                       from.at,
                                       from.by,
                                       std::string(kinds::importMade),
                                       subject,
                                       Json{{"file", from.file},
                                            {"file_hash", from.fileHash},
                                            {"tests", std::move(tests)},
                                            {"clients", std::move(clients)}},
                                       {}});
        return kept ? Expected<void>() : tl::unexpected(kept.error());
    });
}

std::vector<Import> imports(LabBook& book) {
    std::vector<Import> found;
    for (const Event& event : book.eventsOf(subject)) {
        const Json& data = *event.data;
        if (event.kind == kinds::importMade)
            found.push_back({event.sequence,
                             {event.by, event.at, data.value("file", ""), data.value("file_hash", "")},
                             data.value("tests", std::vector<std::string>{}),
                             data.value("clients", std::vector<std::string>{}),
                             false});
        const auto taken = std::ranges::find(found, data.value("import", std::int64_t{0}), &Import::number);
        if (event.kind == kinds::importTakenBack && taken != found.end())
            taken->takenBack = true;
    }
    std::ranges::reverse(found);
    return found;
}

std::optional<Problem> obstacleToTakingBack(LabBook& book, const Import& import) {
    const Message nothing{FUSAIN_TEXT("Nothing was taken back."), {}};
    if (import.takenBack)
        return Problem{{FUSAIN_TEXT("This import was taken back already."), {}}, import.from.file, {}, nothing};
    for (const std::string& test : import.tests)
        if (book.lastEventOf(test) > import.number)
            return Problem{{FUSAIN_TEXT("The test {1} of this import was worked on since."), {test}},
                           import.from.file,
                           nothing,
                           {FUSAIN_TEXT("Refuse or amend single tests on the bench instead."), {}}};
    for (const std::string& id : import.clients) {
        std::int64_t last = book.lastEventOf(id);
        for (const std::string_view paper : clientPapers)
            last = std::max(last, book.lastEventOf(paperKey(paper, id)));
        const auto tests = book.testsOf(id);
        const bool others = std::ranges::any_of(tests, [&](const AnyTest& test) {
            return std::ranges::find(import.tests, common(test).id) == import.tests.end();
        });
        if (others || !book.visitsOf(id).empty() || last > import.number) {
            const auto client = book.client(id);
            return Problem{{FUSAIN_TEXT("The client {1} of this import has been here since, or was changed."),
                            {client ? client->code : id}},
                           import.from.file,
                           nothing,
                           {}};
        }
    }
    return std::nullopt;
}

Expected<void> takeBack(LabBook& book, const Import& import, const std::string& by, Instant at) {
    if (auto obstacle = obstacleToTakingBack(book, import))
        return tl::unexpected(*obstacle);
    const auto kept =
        book.append({0,
                     at,
                     by,
                     std::string(kinds::importTakenBack),
                     subject,
                     Json{{"import", import.number}, {"tests", import.tests}, {"clients", import.clients}},
                     {}});
    return kept ? Expected<void>() : tl::unexpected(kept.error());
}

} // namespace fusain::store
