#include "store/book/engines.hpp"
#include "store/book/sql.hpp"

#include <QRegularExpression>
#include <QVariant>
#include <set>

namespace fusain::store {
namespace {

// Every column and index of a fresh book, as the server would name them.
std::set<QString> shapeOfFresh(const QSqlDatabase& fresh) {
    static const std::map<QString, QString> types{
        {"TEXT", "text"}, {"INTEGER", "integer"}, {"BIGINT", "bigint"}, {"BLOB", "bytea"}};
    std::set<QString> parts;
    auto columns = run(fresh, QStringLiteral("SELECT m.name, c.name, c.type FROM sqlite_master AS m JOIN "
                                             "pragma_table_info(m.name) AS c WHERE m.type = 'table'"));
    while (columns && columns->next())
        parts.insert(QStringLiteral("%1.%2 %3")
                         .arg(columns->value(0).toString(), columns->value(1).toString(),
                              types.at(columns->value(2).toString())));
    auto indexes = run(fresh, QStringLiteral("SELECT name FROM sqlite_master WHERE type = 'index' AND name NOT "
                                             "LIKE 'sqlite_%'"));
    while (indexes && indexes->next())
        parts.insert(QStringLiteral("index %1").arg(indexes->value(0).toString()));
    // What only a server has.
    for (const char* part : {"leases.test text", "leases.workstation text", "leases.staff text",
                             "leases.since text", "leases.seen timestamp with time zone",
                             "trigger journal_only_grows", "trigger journal_is_not_emptied"})
        parts.insert(QLatin1String(part));
    return parts;
}

std::set<QString> shapeOnServer(const QSqlDatabase& book) {
    std::set<QString> parts;
    for (const char* question :
         {"SELECT table_name || '.' || column_name || ' ' || data_type FROM information_schema.columns WHERE "
          "table_schema = current_schema()",
          "SELECT 'index ' || indexname FROM pg_indexes WHERE schemaname = current_schema() AND indexname NOT "
          "LIKE '%\\_key' AND indexname NOT LIKE '%\\_pkey'",
          "SELECT 'trigger ' || tgname FROM pg_trigger JOIN pg_class ON pg_class.oid = tgrelid WHERE NOT "
          "tgisinternal AND tgenabled <> 'D' AND relnamespace = current_schema()::regnamespace"}) {
        auto rows = run(book, QLatin1String(question));
        while (rows && rows->next())
            parts.insert(rows->value(0).toString());
    }
    return parts;
}

class PostgresDialect : public Dialect {
public:
    QString driver() const override { return QStringLiteral("QPSQL"); }
    bool shared() const override { return true; }
    void point(QSqlDatabase& database, const BookAddress& address, Access /*access*/) const override {
        database.setDatabaseName(address.database());
        database.setHostName(address.host());
        database.setUserName(address.user());
        database.setPort(address.port());
        database.setConnectOptions(address.options());
    }
    QStringList uponOpening(Access access) const override {
        // What was committed is on the disk of the server, whatever its settings say of other databases.
        QStringList said{QStringLiteral("SET synchronous_commit = on"),
                         QStringLiteral("SET client_min_messages = warning"),
                         QStringLiteral("SET lock_timeout = '10s'")};
        if (access == Access::ReadOnly)
            said << QStringLiteral("SET default_transaction_read_only = on");
        return said;
    }
    QStringList clearTraces() const override { return {}; }
    Trouble troubleOf(const QSqlError& error) const override {
        const QString code = error.nativeErrorCode(), words = error.text();
        if (code.startsWith(QLatin1String("08")) || code.startsWith(QLatin1String("57P")) ||
            words.contains(QLatin1String("connection"), Qt::CaseInsensitive))
            return Trouble::Away;
        if (code.startsWith(QLatin1String("53")) || code == QLatin1String("58030"))
            return Trouble::Full;
        if (code == QLatin1String("25006"))
            return Trouble::NotWritable;
        if (code == QLatin1String("42501"))
            return Trouble::Refused;
        if (code == QLatin1String("23505") && words.contains(QLatin1String("clients_code")))
            return Trouble::Taken;
        if (code.startsWith(QLatin1String("XX")))
            return Trouble::Damaged;
        return code == QLatin1String("55P03") || code == QLatin1String("40001") ? Trouble::Busy
                                                                                : Trouble::Other;
    }

    bool readsForward() const override { return false; } // a second question would lose what is left
    QString begin(bool inside, bool oneMoment) const override {
        return inside      ? QStringLiteral("SAVEPOINT change")
               : oneMoment ? QStringLiteral("BEGIN ISOLATION LEVEL REPEATABLE READ READ ONLY")
                           : QStringLiteral("BEGIN");
    }
    // A transaction in which something failed would be taken back without a word.
    QString commit(bool inside) const override {
        return inside ? QStringLiteral("RELEASE change") : QStringLiteral("SELECT 1; COMMIT");
    }
    QStringList takeBack(bool inside) const override {
        return inside ? QStringList{QStringLiteral("ROLLBACK TO change"), QStringLiteral("RELEASE change")}
                      : QStringList{QStringLiteral("ROLLBACK")};
    }

    // Text is put in order by its bytes, as in a file: moments and keys are compared as text.
    QString inItsTypes(const QString& statement) const override {
        QString said = statement;
        static const QRegularExpression words(QStringLiteral("\\bTEXT\\b")),
            bytes(QStringLiteral("\\bBLOB\\b"));
        return said.replace(words, QStringLiteral("TEXT COLLATE \"C\""))
            .replace(bytes, QStringLiteral("BYTEA"));
    }
    QStringList besides() const override {
        return {
            // Nothing for what is no document, so that one damaged row does not take the others with it.
            QStringLiteral("CREATE FUNCTION document_of(written TEXT) RETURNS JSON LANGUAGE plpgsql IMMUTABLE "
                           "AS $$ BEGIN RETURN written::json; EXCEPTION WHEN others THEN RETURN NULL; END $$"),
            QStringLiteral("CREATE FUNCTION journal_stays() RETURNS TRIGGER LANGUAGE plpgsql AS $$ BEGIN RAISE "
                           "EXCEPTION 'the journal is only ever appended to'; END $$"),
            QStringLiteral("CREATE TRIGGER journal_only_grows BEFORE UPDATE OR DELETE ON journal FOR EACH ROW "
                           "EXECUTE FUNCTION journal_stays()"),
            QStringLiteral("CREATE TRIGGER journal_is_not_emptied BEFORE TRUNCATE ON journal EXECUTE FUNCTION "
                           "journal_stays()"),
            // Who has a running test now. It is no part of the record: it is over when the lab closes.
            QStringLiteral(
                "CREATE TABLE leases (test TEXT PRIMARY KEY, workstation TEXT NOT NULL, staff TEXT "
                "NOT NULL, since TEXT NOT NULL, seen TIMESTAMPTZ NOT NULL DEFAULT clock_timestamp())")};
    }
    bool isEmpty(const QSqlDatabase& database) const override {
        auto rows = run(database, QStringLiteral("SELECT 1 FROM information_schema.tables WHERE table_schema = "
                                                 "current_schema() LIMIT 1"));
        return rows && !rows->next();
    }
    std::vector<Message> faultsOf(const QSqlDatabase& book, const QSqlDatabase& fresh) const override {
        if (shapeOfFresh(fresh) == shapeOnServer(book))
            return {};
        return {{FUSAIN_TEXT("A table of the book was added, changed or removed."), {}}};
    }

    QString heldHead() const override {
        return QStringLiteral("SELECT value FROM meta WHERE key = 'head' FOR UPDATE");
    }
    QString tellOthers() const override { return QStringLiteral("SELECT pg_notify('fusain', '')"); }
    QString asBytes(const QString& column) const override { return column; }
    QString inDocument(const QString& column, const QStringList& path) const override {
        return QStringLiteral("(document_of(%1) #>> '{%2}')").arg(column, path.join(QLatin1Char(',')));
    }
    QString checksOfAnInstrument() const override {
        return QStringLiteral(
            "SELECT id, instrument, kind, at, coalesce(d ->> 'nominal', d ->> 'nominal_kg', '0')::float8, "
            "coalesce(d ->> 'reading', d ->> 'reading_kg', '0')::float8, coalesce(d ->> 'passed', 'true') <> "
            "'false', d ->> 'by', d ->> 'note', CASE WHEN json_typeof(d -> 'readings') = 'array' AND (d -> "
            "'readings' ->> 1) IS NOT NULL THEN d ->> 'readings' END, readable FROM (SELECT id, instrument, "
            "kind, at, document_of(document) IS NOT NULL AS readable, coalesce(document_of(document), "
            "'{\"passed\": false}') AS d FROM checks WHERE instrument = ?) AS those ORDER BY at");
    }
};

} // namespace

const Dialect& postgresDialect() {
    static const PostgresDialect dialect;
    return dialect;
}

} // namespace fusain::store
