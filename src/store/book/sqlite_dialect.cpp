#include "store/book/engines.hpp"
#include "store/book/sql.hpp"
#include "store/book/tables.hpp"

#include <QVariant>
#include <map>

namespace fusain::store {
namespace {

Message damaged(const std::string& where) {
    return {FUSAIN_TEXT("The file is damaged: {1}"), {where}};
}

void lookAtPages(const QSqlDatabase& book, std::vector<Message>& faults) {
    auto integrity = run(book, QStringLiteral("PRAGMA integrity_check"));
    if (!integrity)
        faults.push_back(integrity.error().what);
    while (integrity && integrity->next())
        if (const QString said = integrity->value(0).toString(); said != QLatin1String("ok"))
            faults.push_back(damaged(said.toStdString()));
}

// Text that became bytes reads the same, but no question after it finds it any more.
void lookAtTypes(const QSqlDatabase& book, std::vector<Message>& faults) {
    std::vector<std::pair<QString, QStringList>> tables{
        {QStringLiteral("journal"),
         {QStringLiteral("at"), QStringLiteral("staff"), QStringLiteral("kind"), QStringLiteral("subject"),
          QStringLiteral("data"), QStringLiteral("hash")}},
        {QStringLiteral("meta"), {QStringLiteral("key"), QStringLiteral("value")}}};
    for (const Table& table : projectedTables())
        tables.emplace_back(table.name, table.columns);
    for (const auto& [name, columns] : tables) {
        QStringList bytes;
        for (const QString& column : columns)
            bytes << QStringLiteral("typeof(%1) = 'blob'").arg(column);
        auto rows = run(
            book,
            QStringLiteral("SELECT count(*) FROM %1 WHERE %2").arg(name, bytes.join(QStringLiteral(" OR "))));
        if (rows && rows->next() && rows->value(0).toInt() > 0)
            faults.push_back(damaged(name.toStdString()));
    }
}

// Every table, index and trigger, in the words that made it.
std::map<QString, QString> shapeOf(const QSqlDatabase& database) {
    std::map<QString, QString> parts;
    auto rows =
        run(database, QStringLiteral("SELECT type || ' ' || name, sql FROM sqlite_master WHERE name NOT "
                                     "LIKE 'sqlite_%'"));
    while (rows && rows->next())
        parts[rows->value(0).toString()] = rows->value(1).toString();
    return parts;
}

class SqliteDialect : public Dialect {
public:
    QString driver() const override { return QStringLiteral("QSQLITE"); }
    bool shared() const override { return false; }
    void point(QSqlDatabase& database, const BookAddress& address, Access access) const override {
        database.setDatabaseName(address.text());
        database.setConnectOptions(access == Access::ReadOnly ? QStringLiteral("QSQLITE_OPEN_READONLY")
                                                              : QStringLiteral("QSQLITE_BUSY_TIMEOUT=3000"));
    }
    QStringList uponOpening(Access access) const override {
        QStringList pragmas{QStringLiteral("PRAGMA foreign_keys = ON")};
        if (access == Access::ReadWrite)
            pragmas << QStringLiteral(
                           "PRAGMA secure_delete = ON") // a key that was destroyed is not left in the file
                    << QStringLiteral("PRAGMA journal_mode = WAL")
                    << QStringLiteral("PRAGMA synchronous = FULL");
        return pragmas;
    }
    QStringList clearTraces() const override {
        return {QStringLiteral("PRAGMA wal_checkpoint(TRUNCATE)")}; // pages are overwritten (secure_delete)
    }
    Trouble troubleOf(const QSqlError& error) const override {
        const QString words = error.text();
        const auto says = [&](const char* part) {
            return words.contains(QLatin1String(part), Qt::CaseInsensitive);
        };
        if (says("full") || says("disk I/O"))
            return Trouble::Full;
        if (says("readonly") || says("unable to open"))
            return Trouble::NotWritable;
        if (says("malformed") || says("not a database"))
            return Trouble::Damaged;
        if (says("clients.code"))
            return Trouble::Taken;
        return says("locked") ? Trouble::Busy : Trouble::Other;
    }

    bool readsForward() const override { return true; }
    // The outermost savepoint is the transaction: it is synced when it is released, and reads one moment.
    QString begin(bool /*inside*/, bool /*oneMoment*/) const override {
        return QStringLiteral("SAVEPOINT change");
    }
    QString commit(bool /*inside*/) const override { return QStringLiteral("RELEASE change"); }
    QStringList takeBack(bool /*inside*/) const override {
        return {QStringLiteral("ROLLBACK TO change"), QStringLiteral("RELEASE change")};
    }

    QString inItsTypes(const QString& statement) const override { return statement; }
    QStringList besides() const override { return {}; }
    bool isEmpty(const QSqlDatabase& database) const override { return database.tables().isEmpty(); }
    std::vector<Message> faultsOf(const QSqlDatabase& book, const QSqlDatabase& fresh) const override {
        std::vector<Message> faults;
        lookAtPages(book, faults);
        lookAtTypes(book, faults);
        if (shapeOf(fresh) != shapeOf(book))
            faults.push_back({FUSAIN_TEXT("A table of the book was added, changed or removed."), {}});
        return faults;
    }

    QString heldHead() const override { return QStringLiteral("SELECT value FROM meta WHERE key = 'head'"); }
    QString tellOthers() const override { return {}; }
    QString asBytes(const QString& column) const override {
        return QStringLiteral("CAST(%1 AS BLOB)").arg(column);
    }
    QString inDocument(const QString& column, const QStringList& path) const override {
        return QStringLiteral("json_extract(%1, '$.%2')").arg(column, path.join(QLatin1Char('.')));
    }
    QString checksOfAnInstrument() const override {
        // Books of schema 1 had kilograms only, and said so in the key. A damaged document must not take the
        // others with it: it counts as a check that did not pass.
        return QStringLiteral(
            "SELECT id, instrument, kind, at, "
            "coalesce(json_extract(document, '$.nominal'), json_extract(document, '$.nominal_kg'), 0.0), "
            "coalesce(json_extract(document, '$.reading'), json_extract(document, '$.reading_kg'), 0.0), "
            "coalesce(json_extract(document, '$.passed'), 1), json_extract(document, '$.by'), "
            "json_extract(document, '$.note'), "
            "iif(json_array_length(document, '$.readings') > 1, json_extract(document, '$.readings'), NULL), "
            "readable FROM (SELECT id, instrument, kind, at, json_valid(document) AS readable, "
            "iif(json_valid(document), document, '{\"passed\": false}') AS document FROM checks "
            "WHERE instrument = ?) ORDER BY at");
    }
};

} // namespace

const Dialect& sqliteDialect() {
    static const SqliteDialect dialect;
    return dialect;
}

} // namespace fusain::store
