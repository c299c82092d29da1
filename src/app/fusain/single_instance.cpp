#include "fusain/single_instance.hpp"

#include <QCryptographicHash>
#include <QFileInfo>
#include <QLocalSocket>

namespace fusain {

bool SingleInstance::claim(const QString& bookPath, std::function<void()> comeForward) {
    const QFileInfo file(bookPath);
    const QString whole =
        QFileInfo(file.absolutePath()).canonicalFilePath() + QLatin1Char('/') + file.fileName();
    const QString name =
        QStringLiteral("fusain-") +
        QString::fromLatin1(
            QCryptographicHash::hash(whole.toUtf8(), QCryptographicHash::Sha1).toHex().left(16));
    lock_ = std::make_unique<QLockFile>(whole + QStringLiteral(".fusain-lock"));
    lock_->setStaleLockTime(0); // a lock whose process is gone is taken over, however old
    if (!lock_->tryLock(50) && lock_->error() == QLockFile::LockFailedError) {
        QLocalSocket knock;
        knock.connectToServer(name);
        if (knock.waitForConnected(1000))
            knock.waitForDisconnected(1000);
        return false;
    }
    QLocalServer::removeServer(name);
    server_.listen(name);
    QObject::connect(&server_, &QLocalServer::newConnection, &server_, [this, comeForward] {
        while (QLocalSocket* knock = server_.nextPendingConnection()) {
            comeForward();
            knock->disconnectFromServer();
            knock->deleteLater();
        }
    });
    return true;
}

} // namespace fusain
