#include "fusain/single_instance.hpp"

#include <QCryptographicHash>
#include <QDir>
#include <QFileInfo>
#include <QLocalSocket>
#include <QStandardPaths>

namespace fusain {
namespace {

// In a folder of this account alone, where there is one.
QString socketOf(const QString& book, const QString& workstation) {
    const QString canonical = QFileInfo(book).canonicalFilePath();
    const QString of =
        canonical.isEmpty() ? book + QLatin1Char('\n') + workstation : canonical; // a file, or a server
    const QByteArray name = QCryptographicHash::hash(of.toUtf8(), QCryptographicHash::Sha256).toHex().left(16);
    const QString own = QStandardPaths::writableLocation(QStandardPaths::RuntimeLocation);
    return QDir(own.isEmpty() ? QDir::tempPath() : own)
        .filePath(QStringLiteral("fusain-") + QString::fromLatin1(name));
}

} // namespace

bool SingleInstance::knock(const QString& book, const QString& workstation) {
    QLocalSocket socket;
    socket.connectToServer(socketOf(book, workstation));
    return socket.waitForConnected(1000) && (socket.waitForDisconnected(1000), true);
}

void SingleInstance::answer(const QString& book, const QString& workstation,
                            std::function<void()> comeForward) {
    const QString name = socketOf(book, workstation);
    QLocalServer::removeServer(name);
    server_.setSocketOptions(QLocalServer::UserAccessOption);
    server_.listen(name);
    QObject::connect(&server_, &QLocalServer::newConnection, &server_, [this, comeForward] {
        while (QLocalSocket* knock = server_.nextPendingConnection()) {
            comeForward();
            knock->disconnectFromServer();
            knock->deleteLater();
        }
    });
}

} // namespace fusain
