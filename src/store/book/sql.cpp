#include "store/book/sql.hpp"

#include "record/base/json.hpp"

#include <QSqlError>

namespace fusain::store {

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

Problem explain(const QSqlError& error, const QString& path) {
    const QString words = error.text();
    Problem problem;
    problem.where = path.toStdString();
    problem.kept = {FUSAIN_TEXT("Everything accepted before is kept."), {}};
    if (words.contains(QLatin1String("full"), Qt::CaseInsensitive) ||
        words.contains(QLatin1String("disk I/O"), Qt::CaseInsensitive)) {
        problem.what = {FUSAIN_TEXT("The disk is full or cannot be written."), {}};
        problem.remedy = {FUSAIN_TEXT("Make room on the disk, then repeat the last step."), {}};
    } else if (words.contains(QLatin1String("readonly"), Qt::CaseInsensitive) ||
               words.contains(QLatin1String("unable to open"), Qt::CaseInsensitive)) {
        problem.what = {FUSAIN_TEXT("The lab book cannot be written: the file or its folder is read-only."),
                        {}};
        problem.remedy = {FUSAIN_TEXT("Allow writing to the folder, or open a copy elsewhere."), {}};
    } else if (words.contains(QLatin1String("malformed"), Qt::CaseInsensitive) ||
               words.contains(QLatin1String("not a database"), Qt::CaseInsensitive)) {
        problem.what = {FUSAIN_TEXT("This file is damaged, or is not a lab book."), {}};
        problem.remedy = {
            FUSAIN_TEXT("Restore the newest daily copy beside it; nothing in this file was changed."), {}};
    } else if (words.contains(QLatin1String("locked"), Qt::CaseInsensitive)) {
        problem.what = {FUSAIN_TEXT("Another program is writing to the lab book."), {}};
        problem.remedy = {FUSAIN_TEXT("Close it, then repeat the last step."), {}};
    } else {
        problem.what = {FUSAIN_TEXT("The lab book could not be read or written: {1}"), {words.toStdString()}};
        problem.remedy = {FUSAIN_TEXT("Check the file, or restore a copy."), {}};
    }
    return problem;
}

} // namespace

Problem databaseProblem(const QSqlQuery& query, const QString& path) {
    return explain(query.lastError(), path);
}

Expected<QSqlQuery> run(const QSqlDatabase& database, const QString& sql, const QVariantList& values) {
    QSqlQuery query(database);
    query.setForwardOnly(true); // nobody goes back, so nothing has to be kept for it
    if (!query.prepare(sql))
        return tl::unexpected(databaseProblem(query, database.databaseName()));
    for (const QVariant& value : values)
        query.addBindValue(value);
    if (!query.exec())
        return tl::unexpected(databaseProblem(query, database.databaseName()));
    return query;
}

// The outermost savepoint is the transaction: SQLite syncs when it is released.
Transaction::Transaction(QSqlDatabase database) : database_(std::move(database)) {
    open_ = QSqlQuery(database_).exec(QStringLiteral("SAVEPOINT change"));
}

Transaction::~Transaction() {
    if (!open_)
        return;
    QSqlQuery query(database_);
    query.exec(QStringLiteral("ROLLBACK TO change"));
    query.exec(QStringLiteral("RELEASE change"));
}

Expected<void> Transaction::commit() {
    QSqlQuery query(database_);
    if (!open_ || !query.exec(QStringLiteral("RELEASE change")))
        return tl::unexpected(explain(query.lastError(), database_.databaseName()));
    open_ = false;
    return {};
}

} // namespace fusain::store
