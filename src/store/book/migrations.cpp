#include "store/book/migrations.hpp"

#include "store/book/dialect.hpp"
#include "store/book/sql.hpp"

namespace fusain::store {

const std::vector<Migration>& migrations() {
    static const std::vector<Migration> steps{
        {1,
         {
             QStringLiteral("CREATE TABLE meta (key TEXT PRIMARY KEY, value TEXT NOT NULL)"),
             QStringLiteral("CREATE TABLE journal (sequence BIGINT PRIMARY KEY, at TEXT NOT NULL, staff TEXT "
                            "NOT NULL, kind TEXT NOT NULL, "
                            "subject TEXT NOT NULL, data TEXT NOT NULL, hash TEXT NOT NULL)"),
             QStringLiteral("CREATE INDEX journal_subject ON journal (subject)"),
             QStringLiteral(
                 "CREATE TABLE staff (id TEXT PRIMARY KEY, name TEXT NOT NULL, document TEXT NOT NULL)"),
             QStringLiteral("CREATE TABLE clients (id TEXT PRIMARY KEY, code TEXT NOT NULL UNIQUE, name TEXT "
                            "NOT NULL, birth_date TEXT NOT NULL, "
                            "document TEXT NOT NULL)"),
             QStringLiteral(
                 "CREATE TABLE visits (id TEXT PRIMARY KEY, client TEXT NOT NULL REFERENCES clients (id), at "
                 "TEXT NOT NULL, "
                 "method TEXT NOT NULL, state TEXT NOT NULL, test TEXT NOT NULL, note TEXT NOT NULL)"),
             QStringLiteral("CREATE TABLE tests (id TEXT NOT NULL, version INTEGER NOT NULL, client TEXT NOT "
                            "NULL REFERENCES clients (id), "
                            "method TEXT NOT NULL, started_at TEXT NOT NULL, state TEXT NOT NULL, document "
                            "TEXT NOT NULL, PRIMARY KEY (id, version))"),
             QStringLiteral("CREATE INDEX tests_client ON tests (client)"),
             QStringLiteral("CREATE TABLE results (test TEXT NOT NULL, test_version INTEGER NOT NULL, number "
                            "INTEGER NOT NULL, at TEXT NOT NULL, "
                            "document TEXT NOT NULL, PRIMARY KEY (test, test_version, number), "
                            "FOREIGN KEY (test, test_version) REFERENCES tests (id, version))"),
             QStringLiteral("CREATE TABLE checks (id TEXT PRIMARY KEY, instrument TEXT NOT NULL, kind TEXT NOT "
                            "NULL, at TEXT NOT NULL, "
                            "document TEXT NOT NULL)"),
             QStringLiteral("CREATE TABLE settings (key TEXT PRIMARY KEY, value TEXT NOT NULL)"),
         }},
        {2,
         {
             // An instrument is called by the role of its link from here on.
             QStringLiteral("UPDATE checks SET instrument = 'load-cell' WHERE instrument = 'Tank'"),
             QStringLiteral("UPDATE checks SET instrument = 'floor-scale' WHERE instrument = 'Scale A'"),
             QStringLiteral("CREATE INDEX checks_instrument ON checks (instrument, at)"),
             QStringLiteral(
                 "CREATE TABLE studies (id TEXT PRIMARY KEY, instrument TEXT NOT NULL, at TEXT NOT NULL, "
                 "document TEXT NOT NULL)"),
         }},
        {3,
         {
             // The documents are large: running tests and those of a method are found without reading them all.
             QStringLiteral("CREATE INDEX tests_state ON tests (state)"),
             QStringLiteral("CREATE INDEX tests_method ON tests (method, started_at)"),
         }},
        // Raw records of schema 2 say whose each reading is: the events know.
        {4, {}, true},
        // Every row follows from the events, and the book says where its journal ends. When it was made is when
        // its first event was.
        {5, {QStringLiteral("DELETE FROM meta WHERE key = 'created'")}},
        // Recordings stand once, beside the documents. Older events keep theirs: what is written is not
        // changed.
        {6,
         {QStringLiteral("CREATE TABLE recordings (name TEXT PRIMARY KEY, data BLOB NOT NULL)")},
         false,
         true},
        // Who clients are stands in the journal under keys of their own from here on. Older events keep it in
        // clear.
        {7, {QStringLiteral("CREATE TABLE secrets (subject TEXT PRIMARY KEY, secret TEXT NOT NULL)")}},
        // Notes of appointments and papers of clients stand under those keys too, and identities may be sealed
        // at
        // rest: to whom the key for that was given.
        {8,
         {QStringLiteral("CREATE TABLE grants (holder TEXT PRIMARY KEY, sealed TEXT NOT NULL, opener TEXT NOT "
                         "NULL)")}},
    };
    return steps;
}

Expected<void> makeTables(const QSqlDatabase& database, int version) {
    const Dialect& dialect = dialectOf(database);
    QStringList statements;
    for (const Migration& migration : migrations())
        if (migration.version > version)
            for (const QString& statement : migration.statements)
                statements << dialect.inItsTypes(statement);
    if (version == 0)
        statements << dialect.besides();
    for (const QString& statement : statements)
        if (auto done = run(database, statement); !done)
            return tl::unexpected(done.error());
    return {};
}

} // namespace fusain::store
