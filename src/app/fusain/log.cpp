#include "fusain/log.hpp"

#include <QDateTime>
#include <QDir>
#include <QFile>
#include <QMutex>
#include <QStandardPaths>
#include <cstdlib>
#include <exception>

namespace fusain {
namespace {

constexpr qint64 full = 1 << 20; // bytes
constexpr int kept = 2;          // logs of before

void makeRoom(const QString& path) {
    if (QFile(path).size() < full)
        return;
    for (int age = kept; age > 0; --age) {
        const QString older = path + QStringLiteral(".%1").arg(age);
        QFile::remove(older);
        QFile::rename(age == 1 ? path : path + QStringLiteral(".%1").arg(age - 1), older);
    }
}

const char* levelOf(QtMsgType type) {
    switch (type) {
    case QtDebugMsg:
        return "debug";
    case QtInfoMsg:
        return "info";
    case QtWarningMsg:
        return "warning";
    case QtCriticalMsg:
        return "problem";
    case QtFatalMsg:
        break;
    }
    return "end";
}

void write(QtMsgType type, const QMessageLogContext& context, const QString& words) {
    static QMutex mutex;
    const QMutexLocker locked(&mutex);
    const QString path = logFile();
    makeRoom(path);
    QFile log(path);
    if (log.open(QIODevice::WriteOnly | QIODevice::Append))
        log.write(QStringLiteral("%1 %2 %3 %4\n")
                      .arg(QDateTime::currentDateTimeUtc().toString(Qt::ISODate), QLatin1String(levelOf(type)),
                           QLatin1String(context.category), words)
                      .toUtf8());
}

[[noreturn]] void lastWords() {
    try {
        if (std::current_exception())
            std::rethrow_exception(std::current_exception());
    } catch (const std::exception& error) {
        write(QtFatalMsg, QMessageLogContext(nullptr, 0, nullptr, "fusain.program"),
              QString::fromUtf8(error.what()));
    } catch (...) {
        write(QtFatalMsg, QMessageLogContext(nullptr, 0, nullptr, "fusain.program"),
              QStringLiteral("ended by something that is no exception of the library"));
    }
    std::abort();
}

} // namespace

QString logFile() {
    const QString folder = QStandardPaths::writableLocation(QStandardPaths::AppLocalDataLocation);
    QDir().mkpath(folder);
    return folder + QStringLiteral("/fusain.log");
}

void startLog() {
    qInstallMessageHandler(write);
    std::set_terminate(lastWords);
}

} // namespace fusain
