#include "store/book/verification.hpp"

#include "record/base/event.hpp"
#include "record/base/json.hpp"
#include "store/book/dialect.hpp"
#include "store/book/identity.hpp"
#include "store/book/migrations.hpp"
#include "store/book/projection.hpp"
#include "store/book/recordings.hpp"
#include "store/book/signatures.hpp"
#include "store/book/sql.hpp"
#include "store/book/tables.hpp"

#include <QCryptographicHash>
#include <QFile>
#include <QSaveFile>
#include <QUuid>
#include <utility>

namespace fusain::store {
namespace {

/// A database that is gone with this object.
class PassingDatabase {
public:
    PassingDatabase() : name_(QUuid::createUuid().toString()) {
        QSqlDatabase database = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), name_);
        database.setDatabaseName(QString()); // in memory, and beyond that in a file without a name
        database.open();
    }
    ~PassingDatabase() {
        QSqlDatabase::database(name_, false).close();
        QSqlDatabase::removeDatabase(name_);
    }
    PassingDatabase(const PassingDatabase&) = delete;
    PassingDatabase& operator=(const PassingDatabase&) = delete;
    [[nodiscard]] QSqlDatabase get() const { return QSqlDatabase::database(name_); }

private:
    QString name_;
};

const QString recordingsTable = QStringLiteral("recordings");

using Row = std::map<QString, QString>;

Row rowIn(const QSqlQuery& query, const QStringList& columns) {
    Row row;
    for (int column = 0; column < columns.size(); ++column)
        row[columns[column]] = query.value(column).toString();
    return row;
}

Row keyOf(const Table& table, const Row& row) {
    Row key;
    for (const QString& column : table.key)
        key[column] = row.at(column);
    return key;
}

// A whole row in a few bytes: the documents of a large book do not fit into memory twice.
QByteArray digest(const Row& row) {
    QCryptographicHash hash(QCryptographicHash::Blake2b_256);
    for (const auto& [column, value] : row) {
        hash.addData(value.toUtf8());
        hash.addData(QByteArrayView("\0", 1));
    }
    return hash.result();
}

// @param subject only the rows that are about it
Expected<QSqlQuery> rowsOf(const QSqlDatabase& database, const Table& table,
                           const std::optional<std::string>& subject) {
    const QString all =
        QStringLiteral("SELECT %1 FROM %2").arg(table.columns.join(QLatin1Char(',')), table.name);
    if (!subject)
        return run(database, all);
    return run(database, all + QStringLiteral(" WHERE %1 = ?").arg(table.key.front()), {text(*subject)});
}

Expected<void> compare(const Table& table, const QSqlDatabase& book, const QSqlDatabase& written,
                       std::vector<Difference>& found, const std::optional<std::string>& subject = {}) {
    std::map<Row, QByteArray> expected;
    auto rows = rowsOf(written, table, subject);
    while (rows && rows->next()) {
        const Row row = rowIn(*rows, table.columns);
        expected[keyOf(table, row)] = digest(row);
    }
    auto present = rowsOf(book, table, subject);
    if (!rows || !present)
        return tl::unexpected(rows ? present.error() : rows.error());
    while (present->next()) {
        const Row row = rowIn(*present, table.columns);
        const auto known = expected.find(keyOf(table, row));
        if (known == expected.end() || known->second != digest(row))
            found.push_back({table.name, keyOf(table, row), row, known != expected.end()});
        if (known != expected.end())
            expected.erase(known);
    }
    for (const auto& [key, unused] : expected)
        found.push_back({table.name, key, std::nullopt, true});
    return {};
}

// A block has no row of the kinds above: its name says what it holds.
Expected<void> compareRecordings(const QSqlDatabase& book, std::set<std::string> expected,
                                 std::vector<Difference>& found) {
    const auto present = blocksOf(book);
    if (!present)
        return tl::unexpected(present.error());
    for (const std::string& name : *present) {
        const bool named = expected.erase(name) > 0;
        if (!named || !blockIsWhole(book, name))
            found.push_back({recordingsTable, {{QStringLiteral("name"), text(name)}}, Row{}, named});
    }
    for (const std::string& name : expected)
        found.push_back({recordingsTable, {{QStringLiteral("name"), text(name)}}, std::nullopt, true});
    return {};
}

std::string nameOf(const QString& table) {
    static const std::map<QString, const char*> names{
        {"clients", FUSAIN_TEXT("client")},          {"staff", FUSAIN_TEXT("colleague")},
        {"visits", FUSAIN_TEXT("appointment")},      {"tests", FUSAIN_TEXT("raw record")},
        {"results", FUSAIN_TEXT("result")},          {"checks", FUSAIN_TEXT("check")},
        {"studies", FUSAIN_TEXT("precision study")}, {"settings", FUSAIN_TEXT("setting")},
        {recordingsTable, FUSAIN_TEXT("recording")}};
    return names.at(table);
}

// As the schema orders them.
QStringList keyColumns(const Difference& difference) {
    const Table* table = tableNamed(difference.table.toStdString());
    return table ? table->key : QStringList{QStringLiteral("name")};
}

Message faultOf(const Difference& difference) {
    QStringList key;
    for (const QString& column : keyColumns(difference))
        key << difference.key.at(column);
    const char* what = !difference.row ? FUSAIN_TEXT("The {1} {2} was written, and is not in the book.")
                       : difference.expected
                           ? FUSAIN_TEXT("The {1} {2} is not as it was written.")
                           : FUSAIN_TEXT("The {1} {2} is in the book, but no event wrote it.");
    return {what, {nameOf(difference.table), key.join(QLatin1Char('/')).toStdString()}};
}

// What stands in the journal, in order, with its numbers and hashes.
class Chain {
public:
    /// @param after how many events to pass over, and the hash of the last of them
    explicit Chain(const QSqlDatabase& database, std::int64_t after = 0, std::string head = {})
        : rows_(run(database,
                    QStringLiteral(
                        "SELECT sequence, at, staff, kind, subject, data, hash FROM journal WHERE sequence "
                        "> ? ORDER BY sequence"),
                    {qlonglong(after)})),
          count_(after), head_(std::move(head)) {}

    /// The next event; what is wrong with its place in the chain goes to `faults`. Nothing at the end, or where
    /// the chain breaks.
    std::optional<Event> next(std::vector<Fault>& faults) {
        if (!rows_ || !rows_->next())
            return std::nullopt;
        Event event = eventIn(*rows_);
        ++count_;
        if (event.sequence != count_) {
            faults.push_back(
                {{FUSAIN_TEXT("Event {1} of the journal is missing."), {std::to_string(count_)}}, event.at});
            return std::nullopt;
        }
        if (event.data->is_discarded() || chainHash(head_, event) != event.hash) {
            faults.push_back({{FUSAIN_TEXT("Event {1} of the journal was changed after it was written."),
                               {std::to_string(count_)}},
                              event.at});
            return std::nullopt;
        }
        head_ = event.hash;
        return event;
    }
    [[nodiscard]] std::int64_t count() const { return count_; }
    [[nodiscard]] const std::string& head() const { return head_; }

private:
    Expected<QSqlQuery> rows_;
    std::int64_t count_;
    std::string head_;
};

std::size_t eventsIn(const QSqlDatabase& database) {
    auto rows = run(database, QStringLiteral("SELECT count(*) FROM journal"));
    return rows && rows->next() ? rows->value(0).toULongLong() : 0;
}

std::map<QString, QString> metaOf(const QSqlDatabase& database) {
    std::map<QString, QString> meta;
    auto rows = run(database, QStringLiteral("SELECT key, value FROM meta"));
    while (rows && rows->next())
        meta[rows->value(0).toString()] = rows->value(1).toString();
    return meta;
}

// Only a book that has no table of a later schema: otherwise whoever changes that one word would have nothing
// more looked at.
bool isOfEarlierSchema(const QSqlDatabase& database, const std::map<QString, QString>& meta) {
    const auto said = meta.find("schema");
    const int schema = said == meta.end() ? 0 : said->second.toInt();
    const QStringList tables = database.tables();
    const auto later = [&](const char* table, int since) {
        return schema < since && tables.contains(QLatin1String(table));
    };
    return schema >= 1 && schema < newestSchema() && !later("recordings", 6) && !later("secrets", 7) &&
           !later("grants", 8);
}

void checkMeta(const std::map<QString, QString>& meta, const Chain& chain, std::vector<Fault>& faults) {
    const std::map<QString, QString> expected{{"format", formatOfBooks},
                                              {"schema", QString::number(newestSchema())},
                                              {"head", headText(chain.count(), chain.head())}};
    if (meta == expected)
        return;
    const auto head = meta.find("head");
    const bool cut = head != meta.end() && head->second != expected.at("head");
    faults.push_back(
        {{cut ? FUSAIN_TEXT("The journal does not end where the book says: events are missing at its end.")
              : FUSAIN_TEXT("What the book says of itself was changed."),
          {}},
         {}});
}

// How the engine keeps it: its file, its types, its tables and no other.
void checkEngine(const QSqlDatabase& database, std::vector<Fault>& faults) {
    const PassingDatabase fresh;
    const auto made = makeTables(fresh.get());
    if (!made)
        faults.push_back({made.error().what, {}});
    for (const Message& fault : dialectOf(database).faultsOf(database, fresh.get()))
        faults.push_back({fault, {}});
}

Fault notApplied(std::int64_t sequence, const Message& why) {
    return {{FUSAIN_TEXT("Event {1} of the journal cannot be applied: {2}"),
             {std::to_string(sequence), why.english()}},
            {}};
}

// @param written when each subject was last written
void addFaults(Verification& verification, const Expected<std::vector<Difference>>& found,
               const std::map<std::string, Instant>& written) {
    if (!found) {
        verification.faults.push_back({found.error().what, {}});
        return;
    }
    for (const Difference& difference : *found) {
        const auto at = written.find(difference.key.at(keyColumns(difference).front()).toStdString());
        verification.faults.push_back(
            {faultOf(difference), at == written.end() ? std::nullopt : std::optional(at->second)});
    }
}

// What the events of one subject lead to, against its rows.
Expected<std::vector<Difference>> differencesOf(const QSqlDatabase& database, const std::string& subject) {
    const auto events = journalOf(database, subject);
    const PassingDatabase fresh;
    auto done = events ? makeTables(fresh.get()) : Expected<void>(tl::unexpected(events.error()));
    Identities identities(fresh.get());
    if (done)
        done = identities.takeKeys(database);
    Projection projection(fresh.get(), identities, Projection::Documents::AtFlush);
    std::set<std::string> named;
    for (std::size_t i = 0; done && i < events->size(); ++i) {
        named.merge(blocksNamedIn(*(*events)[i].data));
        done = intoJournal(fresh.get(), (*events)[i]);
        if (done)
            done = projection.apply((*events)[i]);
    }
    if (done)
        done = projection.flush();
    std::vector<Difference> found;
    for (const Table& table : projectedTables())
        if (done)
            done = compare(table, database, fresh.get(), found, subject);
    if (!done)
        return tl::unexpected(done.error());
    for (const std::string& name : named)
        if (!blockIsWhole(database, name))
            found.push_back({recordingsTable, {{QStringLiteral("name"), text(name)}}, std::nullopt, true});
    return found;
}

// Whether an event is about the rows of others than its subject: then only all of the book can be compared.
bool reachesFurther(const Event& event) {
    return event.kind == kinds::rowFound || event.kind == kinds::importTakenBack;
}
// Whether something of this subject was only found, when the book was brought forward.
bool wasFound(const QSqlDatabase& database, const std::string& subject) {
    QStringList tables;
    for (const Table& table : projectedTables())
        tables << table.name;
    auto found = run(database,
                     QStringLiteral("SELECT 1 FROM journal WHERE subject IN ('%1') AND kind = 'row.found' AND "
                                    "replace(data, ?, '') <> data LIMIT 1")
                         .arg(tables.join(QStringLiteral("', '"))),
                     {text(Json(subject).dump())});
    return !found || found->next();
}

// The keys in force after so many events.
SignatureCheck keysUntil(const QSqlDatabase& database, std::int64_t events) {
    SignatureCheck check;
    auto rows =
        run(database,
            QStringLiteral("SELECT sequence, at, staff, kind, subject, data, hash FROM journal WHERE "
                           "subject >= 'key.' AND subject < 'key/' AND sequence <= ? ORDER BY sequence"),
            {qlonglong(events)});
    std::vector<Fault> seenBefore; // told when those events were looked at
    while (rows && rows->next())
        check.see(eventIn(*rows), {}, seenBefore);
    return check;
}

// What was written after an earlier verification; nothing where it cannot be told apart from the rest.
std::optional<Verification> onlyNewPart(const QSqlDatabase& database, const Verified& earlier) {
    const Transaction oneMoment(database, Transaction::Reads::OneMoment); // so never committed
    const auto meta = metaOf(database);
    const auto schema = meta.find("schema");
    auto end = run(database, QStringLiteral("SELECT hash FROM journal WHERE sequence = ?"),
                   {qlonglong(earlier.events)});
    if (schema == meta.end() || schema->second != QString::number(newestSchema()) || !end || !end->next() ||
        end->value(0).toString().toStdString() != earlier.head)
        return std::nullopt;
    Verification verification;
    Chain chain(database, earlier.events, earlier.head);
    SignatureCheck underTests = keysUntil(database, earlier.events);
    std::map<std::string, Instant> written;
    std::string before = chain.head();
    while (const auto event = chain.next(verification.faults)) {
        if (reachesFurther(*event))
            return std::nullopt;
        written[event->subject] = event->at;
        underTests.see(*event, std::exchange(before, chain.head()), verification.faults);
    }
    underTests.finish(verification.faults);
    verification.signatures = underTests.signatures();
    for (const auto& [subject, at] : written)
        if (wasFound(database, subject))
            return std::nullopt;
    verification.before = earlier.events;
    verification.events = chain.count();
    verification.head = chain.head();
    checkMeta(meta, chain, verification.faults);
    checkEngine(database, verification.faults);
    for (const auto& [subject, at] : written)
        addFaults(verification, differencesOf(database, subject), {{subject, at}});
    return verification;
}

} // namespace

std::optional<Instant> Verification::damagedSince() const {
    std::optional<Instant> since;
    for (const Fault& fault : faults)
        if (fault.written && (!since || *fault.written < *since))
            since = fault.written;
    return since;
}

Expected<std::vector<Difference>> differences(const QSqlDatabase& database,
                                              const std::function<void(std::int64_t, const Message&)>& tell,
                                              const std::function<bool(std::int64_t)>& wanted) {
    const PassingDatabase fresh;
    if (auto made = makeTables(fresh.get()); !made)
        return tl::unexpected(made.error());
    Identities identities(fresh.get());
    if (auto taken = identities.takeKeys(database); !taken)
        return tl::unexpected(taken.error());
    if (auto begun = run(fresh.get(), QStringLiteral("BEGIN")); !begun)
        return tl::unexpected(begun.error());
    Projection projection(fresh.get(), identities, Projection::Documents::AtFlush);
    Chain chain(database);
    std::vector<Fault> broken; // told by verifyBook
    std::set<std::string> named;
    while (const auto event = chain.next(broken)) {
        if (wanted && !wanted(event->sequence))
            return std::vector<Difference>{};
        named.merge(blocksNamedIn(*event->data));
        auto applied = intoJournal(fresh.get(), *event);
        if (applied)
            applied = projection.apply(*event);
        if (!applied)
            tell(event->sequence, applied.error().what);
    }
    std::vector<Difference> found;
    if (auto flushed = projection.flush(); !flushed)
        return tl::unexpected(flushed.error());
    for (const Table& table : projectedTables())
        if (auto compared = compare(table, database, fresh.get(), found); !compared)
            return tl::unexpected(compared.error());
    auto written = blocksOf(fresh.get()); // from events that have their recordings in them
    if (!written)
        return tl::unexpected(written.error());
    named.merge(*written);
    if (auto compared = compareRecordings(database, std::move(named), found); !compared)
        return tl::unexpected(compared.error());
    return found;
}

// All of it in one reading transaction: what the window writes meanwhile is neither seen nor mistaken for
// damage.
Verification verifyBook(const QSqlDatabase& database, Progress* progress) {
    const Transaction oneMoment(database, Transaction::Reads::OneMoment); // so never committed
    Verification verification;
    const std::size_t all = eventsIn(database);
    const auto wanted = [&](std::int64_t sequence, std::size_t before) {
        if (progress)
            progress->reached(before + static_cast<std::size_t>(sequence), 2 * all); // they are read twice
        verification.cancelled = progress && progress->cancelled();
        return !verification.cancelled;
    };
    Chain chain(database);
    SignatureCheck underTests;
    std::map<std::string, Instant> written;
    std::string before;
    while (const auto event = chain.next(verification.faults)) {
        if (!wanted(event->sequence, 0))
            return verification;
        written[event->subject] = event->at;
        underTests.see(*event, std::exchange(before, chain.head()), verification.faults);
    }
    underTests.finish(verification.faults);
    verification.signatures = underTests.signatures();
    verification.events = chain.count();
    verification.head = chain.head();
    const auto meta = metaOf(database);
    verification.earlierSchema = isOfEarlierSchema(database, meta);
    if (verification.earlierSchema)
        return verification;
    checkMeta(meta, chain, verification.faults);
    checkEngine(database, verification.faults);
    const auto found = differences(
        database,
        [&](std::int64_t sequence, const Message& why) {
            verification.faults.push_back(notApplied(sequence, why));
        },
        [&](std::int64_t sequence) { return wanted(sequence, all); });
    addFaults(verification, found, written);
    return verification;
}

Verification verifyNewPart(const QSqlDatabase& database, const Verified& earlier) {
    const auto apart = onlyNewPart(database, earlier);
    return apart ? *apart : verifyBook(database);
}

QString verifiedFile(const QString& path) {
    const auto address = BookAddress::read(path);
    return address && address->onServer() ? address->beside(QStringLiteral(".verified"))
                                          : path + QStringLiteral(".verified");
}

std::optional<Verified> verifiedUpTo(const QString& path) {
    QFile file(verifiedFile(path));
    if (!file.open(QIODevice::ReadOnly))
        return std::nullopt;
    const auto verified =
        readDocument("verified", [json = Json::parse(file.read(1024).toStdString(), nullptr, false)] {
            return Verified{json.at("events").get<std::int64_t>(), json.at("head").get<std::string>(),
                            instantFromIso(json.at("wholly").get<std::string>()).value_or(Instant{})};
        });
    return verified ? std::optional(*verified) : std::nullopt;
}

void rememberVerified(const QString& path, const Verified& verified) {
    QSaveFile file(verifiedFile(path));
    if (!file.open(QIODevice::WriteOnly))
        return;
    file.setPermissions(QFile::ReadOwner | QFile::WriteOwner);
    file.write(QByteArray::fromStdString(Json{
        {"events", verified.events},
        {"head", verified.head},
        {"wholly", isoText(verified.wholly)}}.dump()));
    file.commit();
}

} // namespace fusain::store
