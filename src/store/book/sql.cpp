#include "store/book/sql.hpp"

#include "record/base/json.hpp"
#include "store/book/dialect.hpp"

#include <QSqlDriver>

namespace fusain::store {

std::string engineWords(const QSqlError& error) {
    const QString engine = error.databaseText().simplified();
    return (engine.isEmpty() ? error.text() : engine).toStdString();
}

QString text(const std::string& value) {
    return QString::fromStdString(value);
}
QString text(Instant value) {
    return text(isoText(value));
}
QString text(const Json& value) {
    return text(value.dump());
}
namespace {

struct Said {
    const char *what, *remedy;
};

Said saidOf(Dialect::Trouble trouble) {
    switch (trouble) {
    case Dialect::Trouble::Full:
        return {FUSAIN_TEXT("The disk is full or cannot be written."),
                FUSAIN_TEXT("Make room on the disk, then repeat the last step.")};
    case Dialect::Trouble::NotWritable:
        return {FUSAIN_TEXT("The lab book cannot be written: the file or its folder is read-only."),
                FUSAIN_TEXT("Allow writing to the folder, or open a copy elsewhere.")};
    case Dialect::Trouble::Damaged:
        return {FUSAIN_TEXT("This file is damaged, or is not a lab book."),
                FUSAIN_TEXT("Restore the newest daily copy beside it; nothing in this file was changed.")};
    case Dialect::Trouble::Busy:
        return {FUSAIN_TEXT("Somebody else is writing to the lab book."),
                FUSAIN_TEXT("Repeat the last step. Where that does not help, close the other program.")};
    case Dialect::Trouble::Away:
        return {FUSAIN_TEXT("The server of the lab book cannot be reached."),
                FUSAIN_TEXT("Check the network and the server, then repeat the last step.")};
    case Dialect::Trouble::Refused:
        return {FUSAIN_TEXT("The server does not allow this account to do that: {1}"),
                FUSAIN_TEXT("Ask whoever keeps the server for the rights of a workstation.")};
    case Dialect::Trouble::Taken:
        return {FUSAIN_TEXT("Another client has this code."), FUSAIN_TEXT("Choose another code.")};
    case Dialect::Trouble::Other:
        break;
    }
    return {FUSAIN_TEXT("The lab book could not be read or written: {1}"),
            FUSAIN_TEXT("Check the file, or restore a copy.")};
}

Problem explain(const QSqlError& error, const QSqlDatabase& database) {
    const Said words = saidOf(dialectOf(database).troubleOf(error));
    Problem problem{{words.what, {}},
                    database.databaseName().toStdString(),
                    {FUSAIN_TEXT("Everything accepted before is kept."), {}},
                    {words.remedy, {}}};
    if (problem.what.text.ends_with("{1}"))
        problem.what.arguments = {engineWords(error)};
    return problem;
}

// How many transactions stand one inside the other is kept with the connection that they are on.
constexpr auto depthOf = "fusain-transactions";
int depth(const QSqlDatabase& database) {
    return database.driver()->property(depthOf).toInt();
}
void setDepth(const QSqlDatabase& database, int depth) {
    database.driver()->setProperty(depthOf, depth);
}

} // namespace

Expected<QSqlQuery> run(const QSqlDatabase& database, const QString& sql, const QVariantList& values) {
    QSqlQuery query(database);
    query.setForwardOnly(
        dialectOf(database).readsForward()); // nobody goes back, so nothing has to be kept for it
    if (!values.isEmpty() && !query.prepare(sql))
        return tl::unexpected(explain(query.lastError(), database));
    for (const QVariant& value : values)
        query.addBindValue(value);
    if (values.isEmpty() ? !query.exec(sql) : !query.exec())
        return tl::unexpected(explain(query.lastError(), database));
    return query;
}

Problem serverIsAway(const QSqlDatabase& database) {
    return explain(QSqlError(QStringLiteral("connection"), {}, QSqlError::ConnectionError), database);
}

bool isAway(const QSqlDatabase& database) {
    QSqlQuery query(database);
    return !database.isOpen() || (!query.exec(QStringLiteral("SELECT 1")) &&
                                  dialectOf(database).troubleOf(query.lastError()) == Dialect::Trouble::Away);
}

Expected<void> tellOthers(const QSqlDatabase& database) {
    const QString said = dialectOf(database).tellOthers();
    const auto told = said.isEmpty() ? Expected<QSqlQuery>(QSqlQuery(database)) : run(database, said);
    return told ? Expected<void>() : tl::unexpected(told.error());
}

bool inTransaction(const QSqlDatabase& database) {
    return depth(database) > 0;
}

Transaction::Transaction(QSqlDatabase database, Reads reads)
    : database_(std::move(database)), inside_(depth(database_) > 0) {
    QSqlQuery query(database_);
    open_ = query.exec(dialectOf(database_).begin(inside_, reads == Reads::OneMoment));
    if (open_)
        setDepth(database_, depth(database_) + 1);
    else
        error_ = query.lastError();
}

Transaction::~Transaction() {
    if (!open_)
        return;
    QSqlQuery query(database_);
    for (const QString& statement : dialectOf(database_).takeBack(inside_))
        query.exec(statement);
    setDepth(database_, depth(database_) - 1);
}

// One after the other: of several statements in one question the driver looks at the first answer only, and a
// server that goes before the last of them would have said yes.
Expected<void> Transaction::commit() {
    if (!open_)
        return tl::unexpected(explain(error_, database_));
    QSqlQuery query(database_);
    for (const QString& statement : dialectOf(database_).commit(inside_).split(QStringLiteral("; ")))
        if (!query.exec(statement))
            return tl::unexpected(explain(query.lastError(), database_));
    open_ = false;
    setDepth(database_, depth(database_) - 1);
    return {};
}

} // namespace fusain::store
