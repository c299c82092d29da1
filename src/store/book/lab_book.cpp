#include "store/book/lab_book.hpp"

#include "procedure/all/replay.hpp"
#include "procedure/method/events.hpp"
#include "record/base/json.hpp"
#include "store/book/migrations.hpp"
#include "store/book/sql.hpp"

#include <QDir>
#include <QFileInfo>
#include <QSqlQuery>
#include <QUuid>
#include <QVariant>
#include <algorithm>

namespace fusain::store {
namespace {

constexpr auto signatureOfFormat = "fusain-lab-book";

Problem foreignFile(const QString& path) {
    return {{FUSAIN_TEXT("This file is not a lab book, or is damaged."), {}},
            path.toStdString(),
            {FUSAIN_TEXT("Nothing in it was changed."), {}},
            {FUSAIN_TEXT("Choose another file, or restore the newest daily copy."), {}}};
}

} // namespace

// An event is applied to the document in memory; the file then only takes the new text.
struct LabBook::OpenTests {
    std::map<std::string, AnyTest> tests;
};

LabBook::LabBook(QString path)
    : path_(std::move(path)), connection_(QUuid::createUuid().toString()),
      open_(std::make_unique<OpenTests>()) {}

LabBook::~LabBook() {
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
    QStringList pragmas{QStringLiteral("PRAGMA foreign_keys = ON")};
    if (!readOnly)
        pragmas << QStringLiteral("PRAGMA journal_mode = WAL") << QStringLiteral("PRAGMA synchronous = FULL");
    for (const QString& pragma : pragmas)
        if (auto done = run(database, pragma); !done)
            return tl::unexpected(done.error());
    return {};
}

Expected<std::unique_ptr<LabBook>> LabBook::open(const QString& path, Clock clock) {
    const QFileInfo file(path);
    // A file that is not SQLite must not even get a journal beside it.
    if (file.exists() && file.size() > 0) {
        QFile raw(path);
        if (!raw.open(QIODevice::ReadOnly) || !raw.read(16).startsWith("SQLite format 3"))
            return tl::unexpected(foreignFile(path));
    }
    std::unique_ptr<LabBook> book(new LabBook(path));
    book->clock_ = clock;
    if (auto connected = book->connect(false); !connected)
        return tl::unexpected(connected.error());
    if (auto migrated = book->migrate(clock); !migrated)
        return tl::unexpected(migrated.error());
    return book;
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

Expected<void> LabBook::migrate(Clock clock) {
    const QSqlDatabase database = QSqlDatabase::database(connection_);
    int version = 0;
    const QStringList tables = database.tables();
    if (tables.contains(QLatin1String("meta"))) {
        auto found = run(database, QStringLiteral("SELECT key, value FROM meta"));
        if (!found)
            return tl::unexpected(found.error());
        QString format;
        while (found->next()) {
            if (found->value(0).toString() == QLatin1String("format"))
                format = found->value(1).toString();
            else if (found->value(0).toString() == QLatin1String("schema"))
                version = found->value(1).toInt();
        }
        if (format != QLatin1String(signatureOfFormat))
            return tl::unexpected(foreignFile(path_));
    } else if (!tables.isEmpty()) {
        return tl::unexpected(foreignFile(path_));
    }
    if (version > newestSchema())
        return failure(
            {FUSAIN_TEXT("This lab book was written by a newer Fusain (schema {1}; this one knows {2})."),
             {std::to_string(version), std::to_string(newestSchema())}},
            path_.toStdString(), {FUSAIN_TEXT("Install the newer Fusain on this machine."), {}},
            {FUSAIN_TEXT("Nothing in it was changed."), {}});
    if (version > 0 && version < newestSchema())
        if (auto kept = backUp(path_ + QStringLiteral(".before-schema-%1").arg(version + 1)); !kept)
            return kept;
    for (const Migration& migration : migrations()) {
        if (migration.version <= version)
            continue;
        Transaction transaction(database);
        for (const QString& statement : migration.statements)
            if (auto done = run(database, statement); !done)
                return tl::unexpected(done.error());
        if (migration.replaysTests)
            if (auto done = replayAllTests(); !done)
                return done;
        if (migration.version == 1)
            if (auto done = run(
                    database,
                    QStringLiteral(
                        "INSERT INTO meta (key, value) VALUES ('format', ?), ('schema', '0'), ('created', ?)"),
                    {QLatin1String(signatureOfFormat), text(clock())});
                !done)
                return tl::unexpected(done.error());
        if (auto done = run(database, QStringLiteral("UPDATE meta SET value = ? WHERE key = 'schema'"),
                            {QString::number(migration.version)});
            !done)
            return tl::unexpected(done.error());
        if (auto done = transaction.commit(); !done)
            return done;
    }
    auto last =
        run(database, QStringLiteral("SELECT sequence, hash FROM journal ORDER BY sequence DESC LIMIT 1"));
    if (!last)
        return tl::unexpected(last.error());
    if (last->next()) {
        lastSequence_ = last->value(0).toLongLong();
        lastHash_ = last->value(1).toString().toStdString();
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

Expected<Event> LabBook::appendWithin(Event event) {
    event.sequence = lastSequence_ + 1;
    event.hash = chainHash(lastHash_, event);
    auto done = run(QSqlDatabase::database(connection_),
                    QStringLiteral("INSERT INTO journal (sequence, at, staff, kind, subject, data, hash) "
                                   "VALUES (?, ?, ?, ?, ?, ?, ?)"),
                    {qlonglong(event.sequence), text(event.at), text(event.by), text(event.kind),
                     text(event.subject), text(event.data), text(event.hash)});
    if (!done)
        return tl::unexpected(done.error());
    return event;
}

Expected<void> LabBook::keepTestDocument(const Event& event) {
    if (event.kind == "step.shown")
        return {};
    auto open = open_->tests.find(event.subject);
    if (event.kind == "event.undone" || (open == open_->tests.end() && event.kind != "test.started")) {
        const auto events =
            eventsOf(event.subject); // this one included: it was written in the same transaction
        if (events.empty() || events.front().kind != "test.started")
            return {}; // an event of something else than a test
        auto replayed = replayTest(events);
        if (!replayed)
            return tl::unexpected(replayed.error());
        open = open_->tests.insert_or_assign(event.subject, std::move(*replayed)).first;
    } else {
        if (open == open_->tests.end()) {
            auto empty = readDocument(event.subject, [&] {
                return emptyTest(event.data->value("method", std::string(methodHydrostatic)));
            });
            if (!empty)
                return tl::unexpected(empty.error());
            open = open_->tests.emplace(event.subject, std::move(*empty)).first;
        }
        applyEvent(open->second, event);
    }
    const RawTest& test = common(open->second);
    auto done = run(
        QSqlDatabase::database(connection_),
        QStringLiteral(
            "INSERT INTO tests (id, version, client, method, started_at, state, document) VALUES (?, ?, ?, "
            "?, ?, ?, ?) "
            "ON CONFLICT (id, version) DO UPDATE SET state = excluded.state, document = excluded.document"),
        {text(test.id), test.version, text(test.subject.clientId), text(std::string(methodOf(open->second))),
         text(test.startedAt), text(stateText(test.state)), text(toJson(open->second))});
    return done ? Expected<void>() : tl::unexpected(done.error());
}

// Writes the document of every version of every test anew from its events. What cannot be replayed stays as it
// is; `verify` names it.
Expected<void> LabBook::replayAllTests() {
    const QSqlDatabase database = QSqlDatabase::database(connection_);
    auto rows = run(database, QStringLiteral("SELECT DISTINCT id FROM tests"));
    if (!rows)
        return tl::unexpected(rows.error());
    while (rows->next()) {
        const std::string id = rows->value(0).toString().toStdString();
        const std::vector<Event> events = eventsOf(id);
        for (std::size_t end = 1; end <= events.size(); ++end) {
            if (end < events.size() && events[end].kind != "test.amended")
                continue;
            const auto replayed = replayTest(std::span(events).first(end));
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

Expected<Event> LabBook::append(Event event) {
    Transaction transaction(QSqlDatabase::database(connection_));
    const std::string subject = event.subject;
    auto written = appendWithin(std::move(event));
    const Expected<void> document = written ? keepTestDocument(*written) : tl::unexpected(written.error());
    const Expected<void> committed = document ? transaction.commit() : document;
    if (!committed) {
        open_->tests.erase(subject); // the copy may be ahead of the disk: read it again next time
        return tl::unexpected(committed.error());
    }
    lastSequence_ = written->sequence;
    lastHash_ = written->hash;
    return written;
}

Expected<void> LabBook::together(const std::function<Expected<void>()>& work) {
    const auto sequence = lastSequence_;
    const auto hash = lastHash_;
    Transaction transaction(QSqlDatabase::database(connection_));
    const Expected<void> done = work();
    const Expected<void> committed = done ? transaction.commit() : done;
    if (!committed) {
        lastSequence_ = sequence;
        lastHash_ = hash;
        open_->tests.clear(); // the copies may be ahead of the disk: read them again next time
    }
    return committed;
}

std::vector<Event> LabBook::eventsOf(const std::string& subject) {
    std::vector<Event> events;
    auto rows = run(
        QSqlDatabase::database(connection_),
        QStringLiteral(
            "SELECT sequence, at, staff, kind, data, hash FROM journal WHERE subject = ? ORDER BY sequence"),
        {text(subject)});
    while (rows && rows->next())
        events.push_back({rows->value(0).toLongLong(),
                          instantFromIso(rows->value(1).toString().toStdString()).value_or(Instant{}),
                          rows->value(2).toString().toStdString(), rows->value(3).toString().toStdString(),
                          subject, Json::parse(rows->value(4).toString().toStdString(), nullptr, false),
                          rows->value(5).toString().toStdString()});
    return events;
}

std::int64_t LabBook::eventCount() {
    auto rows = run(QSqlDatabase::database(connection_), QStringLiteral("SELECT count(*) FROM journal"));
    return rows && rows->next() ? rows->value(0).toLongLong() : 0;
}

Verification LabBook::verify() {
    Verification verification;
    const QSqlDatabase database = QSqlDatabase::database(connection_);
    auto integrity = run(database, QStringLiteral("PRAGMA integrity_check"));
    while (integrity && integrity->next())
        if (integrity->value(0).toString() != QLatin1String("ok"))
            verification.faults.push_back("file: " + integrity->value(0).toString().toStdString());
    auto rows = run(
        database,
        QStringLiteral("SELECT sequence, at, staff, kind, subject, data, hash FROM journal ORDER BY sequence"));
    if (!rows)
        verification.faults.push_back(rows.error().english());
    std::string previous;
    std::map<std::string, std::vector<Event>> tests;
    while (rows && rows->next()) {
        Event event{rows->value(0).toLongLong(),
                    instantFromIso(rows->value(1).toString().toStdString()).value_or(Instant{}),
                    rows->value(2).toString().toStdString(),
                    rows->value(3).toString().toStdString(),
                    rows->value(4).toString().toStdString(),
                    Json::parse(rows->value(5).toString().toStdString(), nullptr, false),
                    rows->value(6).toString().toStdString()};
        ++verification.events;
        if (event.sequence != verification.events)
            verification.faults.push_back("journal: event " + std::to_string(verification.events) +
                                          " is missing");
        if (event.data->is_discarded() || chainHash(previous, event) != event.hash) {
            verification.faults.push_back("journal: event " + std::to_string(event.sequence) +
                                          " was changed after it was written");
            break;
        }
        previous = event.hash;
        tests[event.subject].push_back(std::move(event));
    }
    // A book of an earlier schema, which is only looked at here, has documents of then.
    auto schema = run(database, QStringLiteral("SELECT value FROM meta WHERE key = 'schema'"));
    const bool present = schema && schema->next() && schema->value(0).toInt() == newestSchema();
    for (const auto& [subject, events] : tests) {
        if (!present || events.front().kind != "test.started")
            continue;
        const auto replayed = replayTest(events);
        const auto stored = test(subject);
        if (!replayed || !stored || toJson(*replayed) != toJson(*stored))
            verification.faults.push_back("test " + subject + ": the raw record differs from its events");
    }
    return verification;
}

// One change of a table together with its event, in one transaction.
Expected<void> LabBook::change(const std::string& kind, const std::string& subject, const std::string& by,
                               Json data, const QString& sql, const QVariantList& values) {
    const QSqlDatabase database = QSqlDatabase::database(connection_);
    Transaction transaction(database);
    if (auto done = run(database, sql, values); !done)
        return tl::unexpected(done.error());
    auto event = appendWithin({0, clock_(), by, kind, subject, std::move(data), {}});
    if (!event)
        return tl::unexpected(event.error());
    if (auto done = transaction.commit(); !done)
        return done;
    lastSequence_ = event->sequence;
    lastHash_ = event->hash;
    return {};
}

Expected<void> LabBook::save(const Client& client, const std::string& by) {
    if (auto problem = problemWith(client, clock_()))
        return tl::unexpected(*problem);
    return change("client.saved", client.id, by, toJson(client),
                  QStringLiteral("INSERT INTO clients (id, code, name, birth_date, document) VALUES (?, ?, ?, "
                                 "?, ?) ON CONFLICT (id) DO UPDATE SET "
                                 "code = excluded.code, name = excluded.name, birth_date = "
                                 "excluded.birth_date, document = excluded.document"),
                  {text(client.id), text(client.code), text(client.name), text(isoText(client.birthDate)),
                   text(toJson(client))});
}

Expected<void> LabBook::save(const Staff& staff, const std::string& by) {
    return change("staff.saved", staff.id, by, toJson(staff),
                  QStringLiteral("INSERT INTO staff (id, name, document) VALUES (?, ?, ?) ON CONFLICT (id) DO "
                                 "UPDATE SET name = excluded.name, "
                                 "document = excluded.document"),
                  {text(staff.id), text(staff.name), text(toJson(staff))});
}

Expected<void> LabBook::save(const Visit& visit, const std::string& by) {
    return change(
        "visit.saved", visit.id, by,
        {{"client", visit.clientId},
         {"at", isoText(visit.at)},
         {"method", visit.method},
         {"state", visit.state},
         {"test", visit.testId},
         {"note", visit.note}},
        QStringLiteral(
            "INSERT INTO visits (id, client, at, method, state, test, note) VALUES (?, ?, ?, ?, ?, ?, ?) ON "
            "CONFLICT (id) DO UPDATE "
            "SET at = excluded.at, method = excluded.method, state = excluded.state, test = excluded.test, "
            "note = excluded.note"),
        {text(visit.id), text(visit.clientId), text(visit.at), text(visit.method), text(visit.state),
         text(visit.testId), text(visit.note)});
}

Expected<void> LabBook::save(const StoredResult& result, const std::string& by) {
    return change(
        "result.stored", result.testId, by, {{"test_version", result.testVersion}, {"number", result.number}},
        QStringLiteral("INSERT INTO results (test, test_version, number, at, document) VALUES (?, ?, ?, ?, ?)"),
        {text(result.testId), result.testVersion, result.number, text(result.at), text(result.document)});
}

Expected<void> LabBook::save(const Check& check, const std::string& by) {
    const Json document{{"nominal", check.nominal},
                        {"reading", check.reading},
                        {"readings", check.readings},
                        {"passed", check.passed},
                        {"by", check.by},
                        {"note", check.note},
                        {"kind", check.kind},
                        {"instrument", check.instrument}};
    return change(
        "check.saved", check.id, by, document,
        QStringLiteral("INSERT INTO checks (id, instrument, kind, at, document) VALUES (?, ?, ?, ?, ?)"),
        {text(check.id), text(check.instrument), text(check.kind), text(check.at), text(document)});
}

Expected<void> LabBook::save(const Study& study, const std::string& by) {
    const Json document{{"quantity", study.quantity},
                        {"unit", study.unit},
                        {"by", study.by},
                        {"group", study.group},
                        {"people", study.people}};
    return change("study.saved", study.id, by, document,
                  QStringLiteral("INSERT INTO studies (id, instrument, at, document) VALUES (?, ?, ?, ?)"),
                  {text(study.id), text(study.instrument), text(study.at), text(document)});
}

Expected<void> LabBook::setSetting(const std::string& key, const std::string& value, const std::string& by) {
    return change("setting.changed", key, by, {{"value", value}},
                  QStringLiteral("INSERT INTO settings (key, value) VALUES (?, ?) ON CONFLICT (key) DO UPDATE "
                                 "SET value = excluded.value"),
                  {text(key), text(value)});
}

} // namespace fusain::store
