#include "store/book/projection.hpp"

#include "procedure/all/replay.hpp"
#include "procedure/method/common_events.hpp"
#include "record/all/record.hpp"
#include "store/book/identity.hpp"
#include "store/book/recordings.hpp"
#include "store/book/sql.hpp"
#include "store/book/tables.hpp"

namespace fusain::store {
namespace {

using Done = Expected<void>;

Done write(const QSqlDatabase& database, const QString& sql, const QVariantList& values) {
    const auto done = run(database, sql, values);
    return done ? Done() : tl::unexpected(done.error());
}

std::string textAt(const Event& event, const char* key) {
    return event.data->at(key).get<std::string>();
}

// Each kind of event, and the row that it leaves. Events of schema 3 did not say everything: what they leave
// out stands in a "row.found" that was written when the book was brought forward.

// Of an entry that is sealed at rest the code alone is seen.
Done clientSaved(const QSqlDatabase& database, const Event& event) {
    const std::string code = textAt(event, "code");
    return write(
        database,
        QStringLiteral("INSERT INTO clients (id, code, name, birth_date, document) VALUES (?, ?, ?, ?, ?) "
                       "ON CONFLICT (id) DO UPDATE SET code = excluded.code, name = excluded.name, "
                       "birth_date = excluded.birth_date, document = excluded.document"),
        {text(event.subject), text(code), text(event.data->value("name", code)),
         text(event.data->value("birth_date", std::string())), text(event.data)});
}

Done clientErased(const QSqlDatabase& database, const Event& event) {
    Event left = event;
    left.kind = kinds::clientSaved;
    left.data = event.data->at("left");
    auto done = clientSaved(database, left);
    if (done)
        done = write(database, QStringLiteral("UPDATE visits SET note = '' WHERE client = ?"),
                     {text(event.subject)});
    for (const std::string_view paper : clientPapers)
        if (done)
            done = write(database, QStringLiteral("DELETE FROM settings WHERE key = ?"),
                         {text(paperKey(paper, event.subject))});
    return done;
}

Done staffSaved(const QSqlDatabase& database, const Event& event) {
    return write(database,
                 QStringLiteral("INSERT INTO staff (id, name, document) VALUES (?, ?, ?) ON CONFLICT (id) DO "
                                "UPDATE SET name = excluded.name, document = excluded.document"),
                 {text(event.subject), text(textAt(event, "name")), text(event.data)});
}

Done visitSaved(const QSqlDatabase& database, const Event& event) {
    return write(
        database,
        QStringLiteral("INSERT INTO visits (id, client, at, method, state, test, note) VALUES (?, ?, ?, "
                       "?, ?, ?, ?) ON CONFLICT (id) DO UPDATE SET at = excluded.at, method = "
                       "excluded.method, state = excluded.state, test = excluded.test, note = "
                       "excluded.note"),
        {text(event.subject), text(textAt(event, "client")), text(textAt(event, "at")),
         text(event.data->value("method", "hydrostatic")), text(textAt(event, "state")),
         text(event.data->value("test", "")), text(event.data->value("note", ""))});
}

Done resultStored(const QSqlDatabase& database, const Event& event) {
    if (!event.data->contains("document"))
        return {};
    return write(
        database,
        QStringLiteral("INSERT INTO results (test, test_version, number, at, document) VALUES (?, ?, ?, ?, ?)"),
        {text(event.subject), event.data->at("test_version").get<int>(), event.data->at("number").get<int>(),
         text(textAt(event, "at")), text(event.data->at("document"))});
}

// The document of a row is the data of its event, without what has a column of its own.
Json without(const Event& event, std::initializer_list<const char*> columns) {
    Json document = *event.data;
    for (const char* column : columns)
        document.erase(column);
    return document;
}

Done checkSaved(const QSqlDatabase& database, const Event& event) {
    return write(
        database,
        QStringLiteral("INSERT INTO checks (id, instrument, kind, at, document) VALUES (?, ?, ?, ?, ?)"),
        {text(event.subject), text(textAt(event, "instrument")), text(textAt(event, "kind")),
         text(event.data->value("at", isoText(event.at))), text(without(event, {"at"}))});
}

Done studySaved(const QSqlDatabase& database, const Event& event) {
    if (!event.data->contains("instrument"))
        return {};
    return write(database,
                 QStringLiteral("INSERT INTO studies (id, instrument, at, document) VALUES (?, ?, ?, ?)"),
                 {text(event.subject), text(textAt(event, "instrument")), text(textAt(event, "at")),
                  text(without(event, {"instrument", "at"}))});
}

Done settingChanged(const QSqlDatabase& database, const Event& event) {
    return write(
        database,
        QStringLiteral("INSERT INTO settings (key, value) VALUES (?, ?) ON CONFLICT (key) DO UPDATE SET "
                       "value = excluded.value"),
        {text(event.subject), text(textAt(event, "value"))});
}

// A row that no event explained when the book was brought forward, as it was found; or that an event wrote and
// nobody found.
Done rowFound(const QSqlDatabase& database, const Event& event) {
    const Table* table = tableNamed(event.data->at("table").get<std::string>());
    if (!table)
        throw Json::other_error::create(501, "there is no such table", &*event.data);
    QVariantList values;
    if (event.data->at("row").is_null()) {
        for (const QString& column : table->key)
            values << text(event.data->at("key").at(column.toStdString()).get<std::string>());
        return write(
            database,
            QStringLiteral("DELETE FROM %1 WHERE %2")
                .arg(table->name, table->key.join(QStringLiteral(" = ? AND ")) + QStringLiteral(" = ?")),
            values);
    }
    QStringList places, news;
    for (const QString& column : table->columns) {
        values << text(event.data->at("row").at(column.toStdString()).get<std::string>());
        places << QStringLiteral("?");
        news << QStringLiteral("%1 = excluded.%1").arg(column);
    }
    return write(database,
                 QStringLiteral("INSERT INTO %1 (%2) VALUES (%3) ON CONFLICT (%4) DO UPDATE SET %5")
                     .arg(table->name, table->columns.join(QStringLiteral(", ")),
                          places.join(QStringLiteral(", ")), table->key.join(QStringLiteral(", ")),
                          news.join(QStringLiteral(", "))),
                 values);
}

// What an import brought leaves the tables; a client's papers came with the client.
Done importTakenBack(const QSqlDatabase& database, const Event& event) {
    const auto remove = [&](const char* list, std::initializer_list<const char*> statements) -> Done {
        for (const Json& id : event.data->at(list))
            for (const char* statement : statements)
                if (auto done = write(database, QLatin1String(statement), {text(id.get<std::string>())}); !done)
                    return done;
        return {};
    };
    if (auto done = remove("tests", {"DELETE FROM results WHERE test = ?", "DELETE FROM tests WHERE id = ?"});
        !done)
        return done;
    for (const Json& id : event.data->at("clients"))
        for (const std::string_view paper : clientPapers)
            if (auto done = write(database, QStringLiteral("DELETE FROM settings WHERE key = ?"),
                                  {text(paperKey(paper, id.get<std::string>()))});
                !done)
                return done;
    return remove("clients", {"DELETE FROM clients WHERE id = ?"});
}

using Writer = Done (*)(const QSqlDatabase&, const Event&);
Writer writerOf(std::string_view kind) {
    static const std::map<std::string_view, Writer> writers{
        {kinds::clientSaved, clientSaved},   {kinds::clientErased, clientErased},
        {kinds::staffSaved, staffSaved},     {kinds::visitSaved, visitSaved},
        {kinds::resultStored, resultStored}, {kinds::checkSaved, checkSaved},
        {kinds::studySaved, studySaved},     {kinds::settingChanged, settingChanged},
        {kinds::rowFound, rowFound},         {kinds::importTakenBack, importTakenBack}};
    const auto found = writers.find(kind);
    return found == writers.end() ? nullptr : found->second;
}

// What throws inside becomes a Problem with the number of the event.
template <class Work>
Done reading(const Event& event, Work work) {
    auto done = readDocument("event " + std::to_string(event.sequence), work);
    return done ? *done : tl::unexpected(done.error());
}

} // namespace

// An event is applied to the record in memory; the row then only takes the new text.
struct Projection::OpenTests {
    std::map<std::string, AnyTest> tests;
};

Projection::Projection(QSqlDatabase database, const Identities& identities, Documents documents)
    : database_(std::move(database)), identities_(identities), documents_(documents),
      open_(std::make_unique<OpenTests>()) {}
Projection::~Projection() = default;

void Projection::forget() {
    open_->tests.clear();
    ahead_.clear();
}
void Projection::forget(const std::string& test) {
    open_->tests.erase(test);
    ahead_.erase(test);
}

Done Projection::apply(const Event& event) {
    return reading(event, [&]() -> Done {
        if (writerOf(event.kind))
            return writeRows(event);
        if (!hasRecordings(*event.data))
            return applyToTest(event);
        Event named = event; // books up to schema 5 wrote recordings into the events
        if (auto taken = takeRecordingsOut(database_, *named.data); !taken)
            return taken;
        return applyToTest(named);
    });
}

Done Projection::writeRows(const Event& event) {
    // These two stand over what the events of tests before them wrote.
    if (event.kind == kinds::rowFound || event.kind == kinds::importTakenBack) {
        if (auto written = flush(); !written)
            return written;
        forget();
    }
    // Of a client whose key is gone nothing can be written: either they were erased, or what their row holds is
    // seen to follow from no event.
    const auto row = identities_.asRow(event);
    return row ? writerOf(event.kind)(database_, *row) : Done();
}

Done Projection::applyToTest(const Event& event) {
    if (event.kind == StepShown::kind)
        return {};
    const auto open = open_->tests.find(event.subject);
    const bool begins = event.kind == TestStarted::kind;
    if (event.kind == EventUndone::kind || (open == open_->tests.end() && !begins))
        return replay(event);
    if (begins)
        open_->tests.insert_or_assign(event.subject,
                                      emptyTest(event.data->value("method", std::string(methodHydrostatic))));
    // The version before an amendment is complete.
    if (event.kind == TestAmended::kind && ahead_.contains(event.subject))
        if (auto written = write(event.subject); !written)
            return written;
    applyEvent(open_->tests.at(event.subject), event);
    ahead_.insert(event.subject);
    return documents_ == Documents::AtOnce ? write(event.subject) : Done();
}

// From its events, this one included: it is in the journal already.
Done Projection::replay(const Event& event) {
    auto events = journalOf(database_, event.subject);
    if (!events)
        return tl::unexpected(events.error());
    for (Event& each : *events)
        if (auto taken = takeRecordingsOut(database_, *each.data); !taken)
            return taken;
    if (events->empty() || events->front().kind != TestStarted::kind)
        return {}; // an event of something else than a test
    auto replayed = replayTest(*events);
    if (!replayed)
        return tl::unexpected(replayed.error());
    open_->tests.insert_or_assign(event.subject, std::move(*replayed));
    ahead_.insert(event.subject);
    return documents_ == Documents::AtOnce ? write(event.subject) : Done();
}

Done Projection::write(const std::string& id) {
    const AnyTest& open = open_->tests.at(id);
    const RawTest& test = common(open);
    ahead_.erase(id);
    return store::write(
        database_,
        QStringLiteral(
            "INSERT INTO tests (id, version, client, method, started_at, state, document) VALUES (?, ?, "
            "?, ?, ?, ?, ?) ON CONFLICT (id, version) DO UPDATE SET client = excluded.client, method = "
            "excluded.method, started_at = excluded.started_at, state = excluded.state, document = "
            "excluded.document"),
        {text(test.id), test.version, text(test.subject.clientId), text(std::string(methodOf(open))),
         text(test.startedAt), text(stateText(test.state)), text(toJson(open))});
}

Done Projection::flush() {
    for (const std::string& id : std::set(ahead_))
        if (auto written = write(id); !written)
            return written;
    return {};
}

Expected<std::vector<Event>> journalOf(const QSqlDatabase& database, const std::string& subject) {
    // A test that was imported, taken back and imported again has begun anew.
    auto rows =
        run(database,
            QStringLiteral("SELECT sequence, at, staff, kind, subject, data, hash FROM journal WHERE "
                           "subject = ? AND sequence >= coalesce((SELECT max(sequence) FROM journal WHERE "
                           "subject = ? AND kind = 'test.started'), 0) ORDER BY sequence"),
            {text(subject), text(subject)});
    if (!rows)
        return tl::unexpected(rows.error());
    std::vector<Event> events;
    while (rows->next())
        events.push_back(eventIn(*rows));
    return events;
}

Event eventIn(const QSqlQuery& row) {
    return {row.value(0).toLongLong(),
            instantFromIso(row.value(1).toString().toStdString()).value_or(Instant{}),
            row.value(2).toString().toStdString(),
            row.value(3).toString().toStdString(),
            row.value(4).toString().toStdString(),
            Json::parse(row.value(5).toString().toStdString(), nullptr, false),
            row.value(6).toString().toStdString()};
}

QString headText(std::int64_t sequence, const std::string& hash) {
    return QStringLiteral("%1 %2").arg(sequence).arg(text(hash));
}

Done setHead(const QSqlDatabase& database, std::int64_t sequence, const std::string& hash) {
    return write(database,
                 QStringLiteral("INSERT INTO meta (key, value) VALUES ('head', ?) ON CONFLICT (key) DO UPDATE "
                                "SET value = excluded.value"),
                 {headText(sequence, hash)});
}

Done intoJournal(const QSqlDatabase& database, const Event& event) {
    return write(
        database,
        QStringLiteral("INSERT INTO journal (sequence, at, staff, kind, subject, data, hash) VALUES (?, ?, "
                       "?, ?, ?, ?, ?)"),
        {qlonglong(event.sequence), text(event.at), text(event.by), text(event.kind), text(event.subject),
         text(event.data), text(event.hash)});
}

} // namespace fusain::store
