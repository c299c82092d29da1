#include "store/book/lab_book.hpp"

#include "procedure/all/replay.hpp"
#include "record/all/record.hpp"
#include "record/base/json.hpp"
#include "store/book/client_index.hpp"
#include "store/book/known_tests.hpp"
#include "store/book/migrations.hpp"
#include "store/book/projection.hpp"
#include "store/book/recordings.hpp"
#include "store/book/sql.hpp"
#include "store/book/tables.hpp"

#include <QFile>
#include <QFileInfo>
#include <QSqlQuery>
#include <QUuid>
#include <QVariant>
#include <algorithm>
#include <map>

namespace fusain::store {
namespace {

Problem foreignFile(const QString& path) {
    return {{FUSAIN_TEXT("This file is not a lab book, or is damaged."), {}},
            path.toStdString(),
            {FUSAIN_TEXT("Nothing in it was changed."), {}},
            {FUSAIN_TEXT("Choose another file, or restore the newest daily copy."), {}}};
}

} // namespace

LabBook::LabBook(QString path)
    : path_(std::move(path)), connection_(QUuid::createUuid().toString()),
      known_(std::make_unique<KnownTests>()), index_(std::make_unique<ClientIndex>()) {}

LabBook::~LabBook() {
    projection_.reset();
    QSqlDatabase::database(connection_, false).close();
    QSqlDatabase::removeDatabase(connection_);
}

Expected<void> LabBook::connect(bool readOnly) {
    QSqlDatabase database = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), connection_);
    database.setDatabaseName(path_);
    database.setConnectOptions(readOnly ? QStringLiteral("QSQLITE_OPEN_READONLY")
                                        : QStringLiteral("QSQLITE_BUSY_TIMEOUT=3000"));
    if (!database.open())
        return failure({FUSAIN_TEXT("The lab book cannot be opened."), {}}, path_.toStdString(),
                       {FUSAIN_TEXT("Check that the folder exists and may be written."), {}});
    projection_ = std::make_unique<Projection>(database);
    QStringList pragmas{QStringLiteral("PRAGMA foreign_keys = ON")};
    if (!readOnly)
        pragmas << QStringLiteral("PRAGMA journal_mode = WAL") << QStringLiteral("PRAGMA synchronous = FULL");
    for (const QString& pragma : pragmas)
        if (auto done = run(database, pragma); !done)
            return tl::unexpected(done.error());
    return {};
}

Expected<std::unique_ptr<LabBook>> LabBook::open(const QString& path, Clock clock) {
    auto place = BookPlace::take(path);
    if (!place)
        return tl::unexpected(place.error());
    std::unique_ptr<LabBook> book(new LabBook(place->path()));
    book->place_ = std::move(*place);
    book->clock_ = clock;
    if (auto connected = book->connect(false); !connected)
        return tl::unexpected(connected.error());
    if (auto forward = book->bringForward(); !forward)
        return tl::unexpected(forward.error());
    return book;
}

// Made under another name and put in its place whole: a cut in the middle leaves no half book under this one.
Expected<std::unique_ptr<LabBook>> LabBook::create(const QString& path, Clock clock) {
    if (QFileInfo::exists(path))
        return failure({FUSAIN_TEXT("There is already a file here."), {}}, path.toStdString(),
                       {FUSAIN_TEXT("Choose a new name; nothing is ever overwritten."), {}});
    const QString partial = path + QStringLiteral(".partial");
    QFile::remove(partial);
    if (auto made = BookPlace::makeEmpty(partial); !made)
        return tl::unexpected(made.error());
    {
        LabBook book(partial);
        book.clock_ = clock;
        auto done = book.connect(false);
        if (done)
            done = book.migrate(0);
        if (done) // into the file itself, which is about to be renamed
            if (auto closed = run(QSqlDatabase::database(book.connection_),
                                  QStringLiteral("PRAGMA journal_mode = DELETE"));
                !closed)
                done = tl::unexpected(closed.error());
        if (!done)
            return tl::unexpected(done.error());
    }
    if (auto put = putInPlace(partial, path, Over::Nothing); !put)
        return tl::unexpected(put.error());
    return open(path, clock);
}

Expected<std::unique_ptr<LabBook>> LabBook::openForReading(const QString& path) {
    if (!QFileInfo::exists(path))
        return failure({FUSAIN_TEXT("There is no such file."), {}}, path.toStdString());
    std::unique_ptr<LabBook> book(new LabBook(path));
    if (auto connected = book->connect(true); !connected)
        return tl::unexpected(connected.error());
    const auto format = run(QSqlDatabase::database(book->connection_),
                            QStringLiteral("SELECT value FROM meta WHERE key = 'format'"));
    if (!format)
        return tl::unexpected(foreignFile(path));
    return book;
}

// The schema that the file says it has; 0 for an empty one.
Expected<int> LabBook::schemaOfFile() {
    const QSqlDatabase database = QSqlDatabase::database(connection_);
    const QStringList tables = database.tables();
    if (tables.isEmpty())
        return 0;
    if (!tables.contains(QLatin1String("meta")))
        return tl::unexpected(foreignFile(path_));
    auto found = run(database, QStringLiteral("SELECT key, value FROM meta"));
    if (!found)
        return tl::unexpected(found.error());
    std::map<QString, QString> meta;
    while (found->next())
        meta[found->value(0).toString()] = found->value(1).toString();
    if (meta["format"] != formatOfBooks)
        return tl::unexpected(foreignFile(path_));
    return meta["schema"].toInt();
}

Expected<void> LabBook::bringForward() {
    const auto version = schemaOfFile();
    if (!version)
        return tl::unexpected(version.error());
    if (*version > newestSchema())
        return failure(
            {FUSAIN_TEXT("This lab book was written by a newer Fusain (schema {1}; this one knows {2})."),
             {std::to_string(*version), std::to_string(newestSchema())}},
            path_.toStdString(), {FUSAIN_TEXT("Install the newer Fusain on this machine."), {}},
            {FUSAIN_TEXT("Nothing in it was changed."), {}});
    if (*version > 0 && *version < newestSchema())
        if (auto kept = backUp(path_ + QStringLiteral(".before-schema-%1").arg(*version + 1)); !kept)
            return kept;
    if (auto migrated = migrate(*version); !migrated)
        return migrated;
    return readHead();
}

Expected<void> LabBook::readHead() {
    auto last = run(QSqlDatabase::database(connection_),
                    QStringLiteral("SELECT sequence, hash FROM journal ORDER BY sequence DESC LIMIT 1"));
    if (!last)
        return tl::unexpected(last.error());
    if (last->next()) {
        lastSequence_ = last->value(0).toLongLong();
        lastHash_ = last->value(1).toString().toStdString();
    }
    return {};
}

// All steps in one transaction: a cut in the middle leaves the book of before.
Expected<void> LabBook::migrate(int version) {
    if (version == newestSchema())
        return {};
    const QSqlDatabase database = QSqlDatabase::database(connection_);
    Transaction transaction(database);
    for (const Migration& migration : migrations())
        for (const QString& statement :
             migration.version > version ? migration.statements : std::vector<QString>{})
            if (auto done = run(database, statement); !done)
                return tl::unexpected(done.error());
    for (const auto& [key, value] : {std::pair(QStringLiteral("format"), formatOfBooks),
                                     std::pair(QStringLiteral("schema"), QString::number(newestSchema()))})
        if (auto done = run(database, QStringLiteral("INSERT OR REPLACE INTO meta (key, value) VALUES (?, ?)"),
                            {key, value});
            !done)
            return tl::unexpected(done.error());
    auto done = readHead();
    if (done)
        done = setHead(database, lastSequence_, lastHash_);
    const bool older = version > 0;
    const auto asked = [&](bool Migration::*work) {
        return older && std::ranges::any_of(migrations(), [&](const Migration& step) {
                   return step.version > version && step.*work;
               });
    };
    if (done && asked(&Migration::replaysTests))
        done = replayAllTests();
    if (done && asked(&Migration::takesRecordingsOut))
        done = takeRecordingsOutOfAllTests();
    if (done && older)
        done = takeOver();
    return done ? transaction.commit() : done;
}

// What no event of an older schema explains is kept as it was found, by an event that says so; from here on
// every row follows from the journal.
Expected<void> LabBook::takeOver() {
    const auto found = differences(QSqlDatabase::database(connection_), [](std::int64_t, const Message&) {});
    if (!found)
        return tl::unexpected(found.error());
    for (const Difference& difference : *found) {
        if (!tableNamed(difference.table.toStdString()))
            continue; // a recording that is gone: nothing could be kept
        Json key, row;
        for (const auto& [column, value] : difference.key)
            key[column.toStdString()] = value.toStdString();
        if (difference.row)
            for (const auto& [column, value] : *difference.row)
                row[column.toStdString()] = value.toStdString();
        const std::string table = difference.table.toStdString();
        if (auto kept = keep(kinds::rowFound, table, "fusain", {{"table", table}, {"key", key}, {"row", row}});
            !kept)
            return kept;
    }
    return {};
}

// Writes the document of every version of every test anew from its events. What cannot be replayed stays as it
// is; `verify` names it.
Expected<void> LabBook::replayAllTests() {
    const QSqlDatabase database = QSqlDatabase::database(connection_);
    auto rows = run(database, QStringLiteral("SELECT subject FROM journal WHERE kind = 'test.started'"));
    if (!rows)
        return tl::unexpected(rows.error());
    while (rows->next()) {
        const std::string id = rows->value(0).toString().toStdString();
        const auto events = journalOf(database, id);
        if (!events)
            return tl::unexpected(events.error());
        for (std::size_t end = 1; end <= events->size(); ++end) {
            if (end < events->size() && (*events)[end].kind != "test.amended")
                continue;
            const auto replayed = replayTest(std::span(*events).first(end));
            if (!replayed)
                break;
            if (auto done =
                    run(database, QStringLiteral("UPDATE tests SET document = ? WHERE id = ? AND version = ?"),
                        {text(toJson(*replayed)), text(id), common(*replayed).version});
                !done)
                return tl::unexpected(done.error());
        }
    }
    return {};
}

// As they stand, whether their events lead to them or not: what does not is found by `takeOver`.
Expected<void> LabBook::takeRecordingsOutOfAllTests() {
    const QSqlDatabase database = QSqlDatabase::database(connection_);
    auto rows = run(database, QStringLiteral("SELECT rowid, document FROM tests"));
    if (!rows)
        return tl::unexpected(rows.error());
    while (rows->next()) {
        Json document = Json::parse(rows->value(1).toString().toStdString(), nullptr, false);
        if (!hasRecordings(document))
            continue;
        auto done = takeRecordingsOut(database, document);
        if (done)
            if (const auto written =
                    run(database, QStringLiteral("UPDATE tests SET document = ? WHERE rowid = ?"),
                        {text(document), rows->value(0)});
                !written)
                done = tl::unexpected(written.error());
        if (!done)
            return done;
    }
    return {};
}

std::string LabBook::name() const {
    return QFileInfo(path_).completeBaseName().toStdString();
}

std::optional<Problem> LabBook::clockWarning(Instant now) {
    auto last = run(QSqlDatabase::database(connection_),
                    QStringLiteral("SELECT at FROM journal ORDER BY sequence DESC LIMIT 1"));
    if (!last || !last->next())
        return std::nullopt;
    const auto at = instantFromIso(last->value(0).toString().toStdString());
    if (!at || minutesBetween(now, *at) < 2.0)
        return std::nullopt;
    return Problem{{FUSAIN_TEXT("The computer's clock says {1}, but the lab book was last written at {2}."),
                    {isoText(now), isoText(*at)}},
                   {},
                   {FUSAIN_TEXT("The order of the record is kept by its numbering, not by the clock."), {}},
                   {FUSAIN_TEXT("Set the clock before the next test."), {}}};
}

namespace {

// An event must not rely on what the book does not hold.
Expected<void> blocksAreThere(const QSqlDatabase& database, const Event& event) {
    for (const std::string& name : blocksNamedIn(*event.data))
        if (!blockIsWhole(database, name))
            return failure({FUSAIN_TEXT("A recording that this record names is not in the lab book."), {}},
                           event.subject, {FUSAIN_TEXT("Nothing was kept."), {}});
    return {};
}

} // namespace

// The event, its recordings, the rows that follow from it and the new end of the journal, in one transaction.
// It is returned as it was given: whoever keeps it goes on with what it recorded.
Expected<Event> LabBook::append(Event event) {
    if (auto problem = notOurs())
        return tl::unexpected(*problem);
    const QSqlDatabase database = QSqlDatabase::database(connection_);
    event.sequence = lastSequence_ + 1;
    Transaction transaction(database);
    Event kept = event;
    Expected<void> done = blocksAreThere(database, event);
    if (done)
        done = takeRecordingsOut(database, *kept.data);
    kept.hash = event.hash = chainHash(lastHash_, kept);
    if (done)
        done = intoJournal(database, kept);
    if (done)
        done = setHead(database, kept.sequence, kept.hash);
    if (done)
        done = projection_->apply(kept);
    if (done)
        done = transaction.commit();
    if (!done) {
        projection_->forget(event.subject);
        return tl::unexpected(done.error());
    }
    index_->after(event.kind);
    lastSequence_ = event.sequence;
    lastHash_ = event.hash;
    return event;
}

Expected<void> LabBook::together(const std::function<Expected<void>()>& work) {
    const auto sequence = lastSequence_;
    const auto hash = lastHash_;
    const auto asBefore = [&] {
        lastSequence_ = sequence;
        lastHash_ = hash;
        projection_->forget();
        index_->forget();
    };
    Transaction transaction(QSqlDatabase::database(connection_));
    try {
        const Expected<void> done = work();
        const Expected<void> committed = done ? transaction.commit() : done;
        if (!committed)
            asBefore();
        return committed;
    } catch (...) { // the window goes on after it, and so must the journal
        asBefore();
        throw;
    }
}

// Whether what is written now would still be in the lab book: the file may have been removed, replaced or lost
// with its disk, and somebody else may have written to it.
std::optional<Problem> LabBook::notOurs() const {
    if (!place_.holds())
        return Problem{
            {FUSAIN_TEXT("The lab book is not where it was opened: the file was removed or replaced, or "
                         "its disk is gone."),
             {}},
            path_.toStdString(),
            {FUSAIN_TEXT("Nothing more is accepted. Everything accepted so far is still in this window."), {}},
            {FUSAIN_TEXT("Save it as a new lab book, then look for this one."), {}}};
    auto head =
        run(QSqlDatabase::database(connection_), QStringLiteral("SELECT value FROM meta WHERE key = 'head'"));
    if (!head)
        return head.error();
    if (!head->next() || head->value(0).toString() != headText(lastSequence_, lastHash_))
        return Problem{{FUSAIN_TEXT("Another program has written to this lab book."), {}},
                       path_.toStdString(),
                       {FUSAIN_TEXT("Nothing more is accepted here. Both records are kept."), {}},
                       {FUSAIN_TEXT("Close this window, verify the lab book, and open it again."), {}}};
    return std::nullopt;
}

std::vector<Event> LabBook::eventsOf(const std::string& subject) {
    const QSqlDatabase database = QSqlDatabase::database(connection_);
    auto events = journalOf(database, subject).value_or(std::vector<Event>());
    for (Event& event : events)
        putRecordingsBack(database, *event.data);
    return events;
}

Expected<AnyTest> LabBook::withRecordings(const AnyTest& test) {
    Json document = toJson(test);
    if (blocksNamedIn(document).empty())
        return test;
    putRecordingsBack(QSqlDatabase::database(connection_), document);
    return anyTestFromJson(document, common(test).id);
}

std::int64_t LabBook::eventCount() {
    auto rows = run(QSqlDatabase::database(connection_), QStringLiteral("SELECT count(*) FROM journal"));
    return rows && rows->next() ? rows->value(0).toLongLong() : 0;
}

Verification LabBook::verify(const std::optional<Verified>& earlier, Progress* progress) {
    const QSqlDatabase database = QSqlDatabase::database(connection_);
    return earlier ? verifyNewPart(database, *earlier) : verifyBook(database, progress);
}

Expected<void> LabBook::keep(std::string_view kind, const std::string& subject, const std::string& by,
                             Json data) {
    const auto kept = append({0, clock_(), by, std::string(kind), subject, std::move(data), {}});
    return kept ? Expected<void>() : tl::unexpected(kept.error());
}

Expected<void> LabBook::save(const Client& client, const std::string& by) {
    if (!client.unreadable.empty())
        return failure(
            {FUSAIN_TEXT("This client's record is damaged. Saving would lose what is left of it."), {}},
            client.code, {FUSAIN_TEXT("Restore a copy of the lab book from before the damage."), {}});
    if (auto problem = problemWith(client, clock_()))
        return tl::unexpected(*problem);
    return keep(kinds::clientSaved, client.id, by, toJson(client));
}

Expected<void> LabBook::save(const Staff& staff, const std::string& by) {
    return keep(kinds::staffSaved, staff.id, by, toJson(staff));
}

Expected<void> LabBook::save(const Visit& visit, const std::string& by) {
    return keep(kinds::visitSaved, visit.id, by,
                {{"client", visit.clientId},
                 {"at", isoText(visit.at)},
                 {"method", visit.method},
                 {"state", visit.state},
                 {"test", visit.testId},
                 {"note", visit.note}});
}

Expected<void> LabBook::save(const StoredResult& result, const std::string& by) {
    return keep(kinds::resultStored, result.testId, by,
                {{"test_version", result.testVersion},
                 {"number", result.number},
                 {"at", isoText(result.at)},
                 {"document", *result.document}});
}

Expected<void> LabBook::save(const Check& check, const std::string& by) {
    return keep(kinds::checkSaved, check.id, by,
                {{"at", isoText(check.at)},
                 {"nominal", check.nominal},
                 {"reading", check.reading},
                 {"readings", check.readings},
                 {"passed", check.passed},
                 {"by", check.by},
                 {"note", check.note},
                 {"kind", check.kind},
                 {"instrument", check.instrument}});
}

Expected<void> LabBook::save(const Study& study, const std::string& by) {
    return keep(kinds::studySaved, study.id, by,
                {{"instrument", study.instrument},
                 {"at", isoText(study.at)},
                 {"quantity", study.quantity},
                 {"unit", study.unit},
                 {"by", study.by},
                 {"group", study.group},
                 {"design", study.betweenDays ? "between-days" : "same-day"},
                 {"population", toJson(study.population)},
                 {"people", study.people}});
}

Expected<void> LabBook::setSetting(const std::string& key, const std::string& value, const std::string& by) {
    return keep(kinds::settingChanged, key, by, {{"value", value}});
}

} // namespace fusain::store
