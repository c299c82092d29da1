#include "store/transfer/client_transfer.hpp"

#include "record/base/json.hpp"

#include <algorithm>

namespace fusain::store {

namespace {

// What was taken back is named by its number in the book; outside it, by its place in the list, from 1.
void nameUndoneByPlace(std::vector<Event>& events) {
    for (Event& event : events)
        if (event.kind == "event.undone") {
            const auto undone =
                std::ranges::find(events, event.data->value("sequence", std::int64_t{0}), &Event::sequence);
            (*event.data)["sequence"] = undone == events.end() ? 0 : undone - events.begin() + 1;
        }
}

Expected<void> putInEvents(LabBook& book, const std::vector<Event>& events) {
    std::vector<std::int64_t> numbers{0};
    for (Event event : events) {
        if (event.kind == "event.undone") {
            const auto place = event.data->value("sequence", std::size_t{0});
            (*event.data)["sequence"] = place < numbers.size() ? numbers[place] : 0;
        }
        const auto kept = book.append(std::move(event));
        if (!kept)
            return tl::unexpected(kept.error());
        numbers.push_back(kept->sequence);
    }
    return {};
}

} // namespace

Expected<ClientRecord> takeOut(LabBook& book, const std::string& clientId) {
    if (book.identities().locked())
        return tl::unexpected(identitiesAreSealed());
    const auto client = book.client(clientId);
    if (!client)
        return failure({FUSAIN_TEXT("The lab book knows no client \"{1}\"."), {clientId}});
    ClientRecord record{*client, {}, {}};
    for (const AnyTest& test : book.testsOf(clientId)) {
        const std::string id = common(test).id;
        auto whole = book.withRecordings(test);
        if (!whole)
            return tl::unexpected(whole.error());
        ClientRecord::Test taken{std::move(*whole), book.eventsOf(id), {}};
        for (const StoredResult& result : book.resultsOf(id))
            taken.results.emplace_back(Json{{"version", result.testVersion},
                                            {"number", result.number},
                                            {"at", isoText(result.at)},
                                            {"document", *result.document}});
        // Looking at a step is nothing that anybody else needs; that a result was stored is said where it is.
        std::erase_if(taken.events, [](const Event& event) {
            return event.kind == "step.shown" || event.kind == "result.stored";
        });
        nameUndoneByPlace(taken.events);
        record.tests.push_back(std::move(taken));
    }
    for (const std::string_view paper : clientPapers)
        if (const std::string kept = book.setting(paperKey(paper, clientId)); !kept.empty())
            record.papers[std::string(paper)] = Json::parse(kept, nullptr, false);
    return record;
}

namespace {

Expected<void> noteImport(LabBook& book, const ClientRecord& record, const ImportedFrom& from) {
    Json ids = Json::array(); // what they were signed with stands elsewhere: no key of this book signs them
    for (const ClientRecord::Test& test : record.tests)
        ids.push_back(common(test.record).id);
    const auto kept = book.append(
        {0,
         from.at,
         from.by,
         "record.imported",
         record.client.id,
         Json{{"file", from.file}, {"file_hash", from.fileHash}, {"tests", record.tests.size()}, {"ids", ids}},
         {}});
    return kept ? Expected<void>() : tl::unexpected(kept.error());
}

Expected<void> putInAll(LabBook& book, const ClientRecord& record, const ImportedFrom& from) {
    const std::string& by = from.by;
    const auto there = [](Message what) {
        return failure(std::move(what), {}, {FUSAIN_TEXT("A record is put in once; nothing was changed."), {}});
    };
    if (book.client(record.client.id))
        return there({FUSAIN_TEXT("The client \"{1}\" is in this lab book already."), {record.client.code}});
    for (const Client& other : book.clients())
        if (other.code == record.client.code)
            return there(
                {FUSAIN_TEXT("The code \"{1}\" belongs to another client here."), {record.client.code}});
    for (const ClientRecord::Test& test : record.tests)
        if (book.test(common(test.record).id))
            return there(
                {FUSAIN_TEXT("The test \"{1}\" is in this lab book already."), {common(test.record).id}});
    Expected<void> done = book.save(record.client, by);
    if (done) // what follows carries the names of whoever did it elsewhere: who put it in stands here
        done = noteImport(book, record, from);
    for (const ClientRecord::Test& test : record.tests) {
        if (done)
            done = putInEvents(book, test.events);
        for (const Document& kept : test.results)
            if (const Json& result = *kept; done)
                done = book.save(StoredResult{common(test.record).id, result.value("version", 1),
                                              result.value("number", 1),
                                              instantFromIso(result.value("at", "")).value_or(Instant{}),
                                              result.value("document", Json())},
                                 by);
    }
    for (const auto& [paper, document] : record.papers)
        if (done)
            done = book.setSetting(paperKey(paper, record.client.id), document->dump(), by);
    return done;
}

} // namespace

Expected<void> putIn(LabBook& book, const ClientRecord& record, const ImportedFrom& from) {
    return asImport(book, from, [&] {
        const auto done = readDocument(from.file, [&] { return putInAll(book, record, from); });
        return done ? *done : Expected<void>(tl::unexpected(done.error()));
    });
}

} // namespace fusain::store
