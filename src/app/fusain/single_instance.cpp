#include "fusain/single_instance.hpp"

#include <QCryptographicHash>
#include <QDir>
#include <QFileInfo>
#include <QLocalSocket>
#include <QStandardPaths>

namespace fusain {
namespace {

// In a folder of this account alone, where there is one.
QString socketOf(const QString& bookPath) {
    const QByteArray name =
        QCryptographicHash::hash(QFileInfo(bookPath).canonicalFilePath().toUtf8(), QCryptographicHash::Sha256)
            .toHex()
            .left(16);
    const QString own = QStandardPaths::writableLocation(QStandardPaths::RuntimeLocation);
    return QDir(own.isEmpty() ? QDir::tempPath() : own)
        .filePath(QStringLiteral("fusain-") + QString::fromLatin1(name));
}

} // namespace

bool SingleInstance::knock(const QString& bookPath) {
    if (!QFileInfo::exists(bookPath))
        return false;
    QLocalSocket socket;
    socket.connectToServer(socketOf(bookPath));
    return socket.waitForConnected(1000) && (socket.waitForDisconnected(1000), true);
}

void SingleInstance::answer(const QString& bookPath, std::function<void()> comeForward) {
    const QString name = socketOf(bookPath);
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
