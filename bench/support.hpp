#pragma once
#include <QElapsedTimer>
#include <QSqlDatabase>
#include <QSqlQuery>
#include <QVariant>

/// @return ms since the timer was started
inline double milliseconds(const QElapsedTimer& timer) {
    return static_cast<double>(timer.nsecsElapsed()) / 1e6;
}

/// What SQLite alone needs for the first column of a query, and what `use` then does with each value.
/// @return ms
template <class Use>
double bareQuery(const QString& path, const QString& sql, Use use) {
    QElapsedTimer timer;
    timer.start();
    {
        auto database = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("bare"));
        database.setDatabaseName(path);
        database.open();
        QSqlQuery query(database);
        query.setForwardOnly(true);
        query.exec(sql);
        while (query.next())
            use(query.value(0));
    }
    QSqlDatabase::removeDatabase(QStringLiteral("bare"));
    return milliseconds(timer);
}
