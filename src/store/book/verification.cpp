#include "store/book/verification.hpp"

#include "record/base/event.hpp"
#include "record/base/json.hpp"
#include "store/book/migrations.hpp"
#include "store/book/projection.hpp"
#include "store/book/sql.hpp"
#include "store/book/tables.hpp"

#include <QCryptographicHash>
#include <QUuid>

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

Expected<void> makeTables(const QSqlDatabase& database) {
    for (const Migration& migration : migrations())
        for (const QString& statement : migration.statements)
            if (auto done = run(database, statement); !done)
                return tl::unexpected(done.error());
    return {};
}

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

Expected<QSqlQuery> rowsOf(const QSqlDatabase& database, const Table& table) {
    return run(database, QStringLiteral("SELECT %1 FROM %2").arg(table.columns.join(QLatin1Char(',')), table.name));
}

Expected<void> compare(const Table& table, const QSqlDatabase& book, const QSqlDatabase& written,
                       std::vector<Difference>& found) {
    std::map<Row, QByteArray> expected;
    auto rows = rowsOf(written, table);
    while (rows && rows->next()) {
        const Row row = rowIn(*rows, table.columns);
        expected[keyOf(table, row)] = digest(row);
    }
    auto present = rowsOf(book, table);
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

std::string nameOf(const QString& table) {
    static const std::map<QString, const char*> names{
        {"clients", FUSAIN_TEXT("client")},          {"staff", FUSAIN_TEXT("colleague")},
        {"visits", FUSAIN_TEXT("appointment")},      {"tests", FUSAIN_TEXT("raw record")},
        {"results", FUSAIN_TEXT("result")},          {"checks", FUSAIN_TEXT("check")},
        {"studies", FUSAIN_TEXT("precision study")}, {"settings", FUSAIN_TEXT("setting")}};
    return names.at(table);
}

Message faultOf(const Difference& difference) {
    QStringList key;
    for (const QString& column : tableNamed(difference.table.toStdString())->key)
        key << difference.key.at(column);
    const char* what = !difference.row       ? FUSAIN_TEXT("The {1} {2} was written, and is not in the book.")
                       : difference.expected ? FUSAIN_TEXT("The {1} {2} is not as it was written.")
                                             : FUSAIN_TEXT("The {1} {2} is in the book, but no event wrote it.");
    return {what, {nameOf(difference.table), key.join(QLatin1Char('/')).toStdString()}};
}

// What stands in the journal, in order, with its numbers and hashes.
class Chain {
public:
    explicit Chain(const QSqlDatabase& database)
        : rows_(run(database,
                    QStringLiteral(
                        "SELECT sequence, at, staff, kind, subject, data, hash FROM journal ORDER BY sequence"))) {}

    /// The next event; what is wrong with its place in the chain goes to `faults`. Nothing at the end, or where
    /// the chain breaks.
    std::optional<Event> next(std::vector<Fault>& faults) {
        if (!rows_ || !rows_->next())
            return std::nullopt;
        Event event = eventIn(*rows_);
        ++count_;
        if (event.sequence != count_) {
            faults.push_back({{FUSAIN_TEXT("Event {1} of the journal is missing."), {std::to_string(count_)}}, event.at});
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
    std::int64_t count_ = 0;
    std::string head_;
};

void checkFile(const QSqlDatabase& database, std::vector<Fault>& faults) {
    auto integrity = run(database, QStringLiteral("PRAGMA integrity_check"));
    if (!integrity)
        faults.push_back({integrity.error().what, {}});
    while (integrity && integrity->next())
        if (const QString said = integrity->value(0).toString(); said != QLatin1String("ok"))
            faults.push_back({{FUSAIN_TEXT("The file is damaged: {1}"), {said.toStdString()}}, {}});
}

std::map<QString, QString> metaOf(const QSqlDatabase& database) {
    std::map<QString, QString> meta;
    auto rows = run(database, QStringLiteral("SELECT key, value FROM meta"));
    while (rows && rows->next())
        meta[rows->value(0).toString()] = rows->value(1).toString();
    return meta;
}

void checkMeta(const std::map<QString, QString>& meta, const Chain& chain, std::vector<Fault>& faults) {
    const std::map<QString, QString> expected{{"format", formatOfBooks},
                                              {"schema", QString::number(newestSchema())},
                                              {"head", headText(chain.count(), chain.head())}};
    if (meta == expected)
        return;
    const auto head = meta.find("head");
    const bool cut = head != meta.end() && head->second != expected.at("head");
    faults.push_back({{cut ? FUSAIN_TEXT("The journal does not end where the book says: events are missing at its end.")
                           : FUSAIN_TEXT("What the book says of itself was changed."),
                       {}},
                      {}});
}

// Every table, index and trigger as the schema makes it, and no other.
void checkSchema(const QSqlDatabase& database, std::vector<Fault>& faults) {
    const auto shape = [](const QSqlDatabase& of) {
        std::map<QString, QString> parts;
        auto rows = run(of, QStringLiteral("SELECT type || ' ' || name, sql FROM sqlite_master WHERE name NOT LIKE "
                                           "'sqlite_%'"));
        while (rows && rows->next())
            parts[rows->value(0).toString()] = rows->value(1).toString();
        return parts;
    };
    const PassingDatabase fresh;
    if (!makeTables(fresh.get()) || shape(fresh.get()) != shape(database))
        faults.push_back({{FUSAIN_TEXT("A table of the book was added, changed or removed."), {}}, {}});
}

} // namespace

std::optional<Instant> Verification::damagedSince() const {
    std::optional<Instant> since;
    for (const Fault& fault : faults)
        if (fault.written && (!since || *fault.written < *since))
            since = fault.written;
    return since;
}

Expected<std::vector<Difference>>
differences(const QSqlDatabase& database, const std::function<void(std::int64_t, const Message&)>& tell) {
    const PassingDatabase fresh;
    if (auto made = makeTables(fresh.get()); !made)
        return tl::unexpected(made.error());
    if (auto begun = run(fresh.get(), QStringLiteral("BEGIN")); !begun)
        return tl::unexpected(begun.error());
    Projection projection(fresh.get(), Projection::Documents::AtFlush);
    Chain chain(database);
    std::vector<Fault> broken; // told by verifyBook
    while (const auto event = chain.next(broken)) {
        auto applied = intoJournal(fresh.get(), *event);
        if (applied)
            applied = projection.apply(*event);
        if (!applied)
            tell(event->sequence, applied.error().what);
    }
    std::vector<Difference> found;
    if (auto written = projection.flush(); !written)
        return tl::unexpected(written.error());
    for (const Table& table : projectedTables())
        if (auto compared = compare(table, database, fresh.get(), found); !compared)
            return tl::unexpected(compared.error());
    return found;
}

// All of it in one reading transaction: what the window writes meanwhile is neither seen nor mistaken for damage.
Verification verifyBook(const QSqlDatabase& database) {
    const Transaction oneMoment(database); // only read, so never committed
    Verification verification;
    checkFile(database, verification.faults);
    Chain chain(database);
    std::map<std::string, Instant> written;
    while (const auto event = chain.next(verification.faults))
        written[event->subject] = event->at;
    verification.events = chain.count();
    const auto meta = metaOf(database);
    const auto schema = meta.find("schema");
    verification.earlierSchema = schema != meta.end() && schema->second.toInt() < newestSchema();
    if (verification.earlierSchema)
        return verification;
    checkMeta(meta, chain, verification.faults);
    checkSchema(database, verification.faults);
    const auto found = differences(database, [&](std::int64_t sequence, const Message& why) {
        verification.faults.push_back(
            {{FUSAIN_TEXT("Event {1} of the journal cannot be applied: {2}"), {std::to_string(sequence), why.english()}}, {}});
    });
    if (!found)
        verification.faults.push_back({found.error().what, {}});
    else
        for (const Difference& difference : *found) {
            const QString& named = tableNamed(difference.table.toStdString())->key.front();
            const auto at = written.find(difference.key.at(named).toStdString());
            verification.faults.push_back(
                {faultOf(difference), at == written.end() ? std::nullopt : std::optional(at->second)});
        }
    return verification;
}

} // namespace fusain::store
