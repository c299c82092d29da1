#pragma once
// A lab book on each engine that it can stand on.
#include <QProcess>
#include <QSqlDatabase>
#include <QSqlError>
#include <QSqlQuery>
#include <QTemporaryDir>
#include <QUuid>
#include <gtest/gtest.h>

namespace fusain::testing {

enum class Engine { File, Server };
inline void PrintTo(Engine engine, std::ostream* out) {
    *out << (engine == Engine::File ? "File" : "Server");
}
inline const auto bothEngines = ::testing::Values(Engine::File, Engine::Server);
inline std::string nameOfEngine(const ::testing::TestParamInfo<Engine>& info) {
    return info.param == Engine::File ? "File" : "Server";
}

/// The server of the tests; started when it does not run yet. The suite stops it at its end.
inline const QString& testServer() {
    static const QString folder = [] {
        const QString of = QString::fromLocal8Bit(FUSAIN_TEST_SERVER);
        QProcess start;
        start.start(QStringLiteral(FUSAIN_SOURCE_DIR "/scripts/server"), {QStringLiteral("start"), of});
        EXPECT_TRUE(start.waitForFinished(120000) && start.exitCode() == 0)
            << start.readAllStandardError().toStdString();
        return of;
    }();
    return folder;
}

/// A connection of the tests' own: past the program, as whoever has the file or the server would come.
class ByHand {
public:
    ByHand(const QString& driver, const QString& database, const QString& user = QStringLiteral("lab"))
        : name_(QUuid::createUuid().toString()) {
        QSqlDatabase hand = QSqlDatabase::addDatabase(driver, name_);
        hand.setDatabaseName(database);
        if (driver == QLatin1String("QPSQL")) {
            hand.setHostName(testServer());
            hand.setUserName(user);
        }
        EXPECT_TRUE(hand.open()) << hand.lastError().text().toStdString();
    }
    ~ByHand() {
        QSqlDatabase::database(name_, false).close();
        QSqlDatabase::removeDatabase(name_);
    }
    ByHand(const ByHand&) = delete;
    ByHand& operator=(const ByHand&) = delete;
    void run(const QString& sql) const {
        QSqlQuery query(get());
        EXPECT_TRUE(query.exec(sql)) << query.lastError().text().toStdString();
    }
    [[nodiscard]] QSqlDatabase get() const { return QSqlDatabase::database(name_, false); }

private:
    QString name_;
};

/// Where the books of one test are: in a folder, or each in a database of its own.
class BookShelf {
public:
    explicit BookShelf(Engine engine) : engine_(engine) {}
    ~BookShelf() {
        for (const QString& made : made_)
            server().run(QStringLiteral("DROP DATABASE %1 WITH (FORCE)").arg(made));
    }
    BookShelf(const BookShelf&) = delete;
    BookShelf& operator=(const BookShelf&) = delete;

    [[nodiscard]] bool onServer() const { return engine_ == Engine::Server; }
    [[nodiscard]] QString file(const char* name) const { return folder_.filePath(QLatin1String(name)); }
    /// A path or an address. On a server the database is there, and empty at first.
    [[nodiscard]] QString address(const char* name = "lab.fusain") {
        if (!onServer())
            return file(name);
        return QStringLiteral("postgresql:///%1?host=%2&user=lab").arg(database(name), testServer());
    }
    /// Past the program, and past what keeps others from changing the journal.
    void tamper(const QString& sql, const char* name = "lab.fusain") {
        const ByHand hand(onServer() ? QStringLiteral("QPSQL") : QStringLiteral("QSQLITE"),
                          onServer() ? database(name) : file(name));
        if (onServer())
            hand.run(QStringLiteral("SET session_replication_role = replica"));
        hand.run(sql);
    }

private:
    static ByHand server() { return ByHand(QStringLiteral("QPSQL"), QStringLiteral("postgres")); }
    QString database(const char* name) {
        const QString called = mark_ + QString::fromLatin1(QByteArray(name).toHex());
        if (!made_.contains(called)) {
            server().run(QStringLiteral("CREATE DATABASE %1").arg(called));
            made_ << called;
        }
        return called;
    }

    Engine engine_;
    QTemporaryDir folder_;
    QString mark_ =
        QStringLiteral("t") + QUuid::createUuid().toString(QUuid::Id128).left(12) + QLatin1Char('_');
    QStringList made_;
};

} // namespace fusain::testing
