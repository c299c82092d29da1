// A lab book on a server: an addition to it against a bare row on the same server and against one to a file,
// and how soon another workstation hears of it against a question to the server and back.
#include "store/book/lab_book.hpp"

#include <QCoreApplication>
#include <QElapsedTimer>
#include <QProcess>
#include <QSqlDatabase>
#include <QSqlQuery>
#include <QTemporaryDir>
#include <algorithm>
#include <cstdio>
#include <vector>

namespace {

using namespace fusain;
using namespace fusain::store;

constexpr int times = 400;
const Clock benchClock = [] { return *instantFromIso("2026-03-12T07:40:00.000Z"); };

/// Milliseconds, the middle of many.
template <class Work>
double median(Work work) {
    std::vector<double> taken;
    for (int i = 0; i < times; ++i) {
        QElapsedTimer timer;
        timer.start();
        work(i);
        taken.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
    }
    std::ranges::nth_element(taken, taken.begin() + times / 2);
    return taken[times / 2];
}

double appended(LabBook& book) {
    return median([&](int i) {
        if (!book.setSetting("bench", std::to_string(i), "bram"))
            std::abort();
    });
}

} // namespace

int main(int argc, char** argv) {
    QCoreApplication application(argc, argv);
    const QString server = QStringLiteral("/tmp/fusain-server-bench"),
                  script = QStringLiteral(FUSAIN_SOURCE_DIR "/scripts/server");
    if (QProcess::execute(script, {QStringLiteral("start"), server}) != 0)
        return 1;
    const QString address = QStringLiteral("postgresql:///postgres?host=%1&user=lab").arg(server);
    const QTemporaryDir folder;
    {
        auto here = *LabBook::create(address, benchClock), there = *LabBook::open(address, benchClock);
        auto file = *LabBook::create(folder.filePath(QStringLiteral("lab.fusain")), benchClock);
        QSqlDatabase bare = QSqlDatabase::addDatabase(QStringLiteral("QPSQL"), QStringLiteral("bare"));
        bare.setDatabaseName(QStringLiteral("postgres"));
        bare.setHostName(server);
        bare.setUserName(QStringLiteral("lab"));
        if (!bare.open() || !QSqlQuery(bare).exec(QStringLiteral("CREATE TABLE bare (number INTEGER)")))
            return 1;
        const double question = median([&](int) { QSqlQuery(bare).exec(QStringLiteral("SELECT 1")); });
        const double row =
            median([&](int i) { QSqlQuery(bare).exec(QStringLiteral("INSERT INTO bare VALUES (%1)").arg(i)); });
        const double onServer = appended(*here), inFile = appended(*file);
        bool heard = false;
        there->listen([&] { heard = true; });
        const double told = median([&](int i) {
            heard = false;
            if (!here->setSetting("bench", std::to_string(i), "bram"))
                std::abort();
            while (!heard)
                QCoreApplication::processEvents(QEventLoop::WaitForMoreEvents, 5);
        });
        std::printf("an addition on the server: %.1f bare rows there, %.1f additions to a file (%.2f ms)\n",
                    onServer / row, onServer / inFile, onServer);
        std::printf(
            "until another workstation has it: %.1f additions, %.0f questions to the server (%.2f ms)\n",
            told / onServer, told / question, told);
        bare.close();
    }
    QSqlDatabase::removeDatabase(QStringLiteral("bare"));
    return QProcess::execute(script, {QStringLiteral("stop"), server});
}
