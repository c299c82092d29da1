#include "store/book/address.hpp"

#include <QCryptographicHash>
#include <QDir>
#include <QFileInfo>
#include <QMap>
#include <QStandardPaths>
#include <QStringList>
#include <QUrl>
#include <QUrlQuery>

namespace fusain::store {
namespace {

Expected<BookAddress> refused(const char* what, const QString& words, const char* remedy) {
    return failure({what, {}}, words.toStdString(), {remedy, {}});
}

// How the driver reaches the server: who asks, how long it waits (a cable that was pulled answers nothing, and
// the window with it), and what the address says besides.
QString optionsOf(const QUrlQuery& query) {
    QMap<QString, QString> options{{QStringLiteral("application_name"), QStringLiteral("fusain")},
                                   {QStringLiteral("connect_timeout"), QStringLiteral("3")},      // s
                                   {QStringLiteral("tcp_user_timeout"), QStringLiteral("5000")}}; // ms
    for (const auto& [key, value] : query.queryItems())
        if (key != QLatin1String("host") && key != QLatin1String("user"))
            options[key] = value;
    QStringList said;
    for (auto option = options.cbegin(); option != options.cend(); ++option)
        said << option.key() + QLatin1Char('=') + option.value();
    return said.join(QLatin1Char(';'));
}

} // namespace

Expected<BookAddress> BookAddress::read(const QString& words) {
    BookAddress address;
    address.text_ = words;
    const QUrl url(words);
    if (!words.contains(QLatin1String("://")))
        return address;
    if (url.scheme() != QLatin1String("postgresql"))
        return refused(FUSAIN_TEXT("A lab book is a file or on a PostgreSQL server."), words,
                       FUSAIN_TEXT("Use an address such as postgresql://user@host/labbook."));
    if (!url.password().isEmpty())
        return refused(FUSAIN_TEXT("There is a password in this address, where others can read it."),
                       url.toString(QUrl::RemovePassword),
                       FUSAIN_TEXT("Leave it out, and put it into the password file ~/.pgpass."));
    address.database_ = url.path().mid(1);
    if (address.database_.isEmpty())
        return refused(FUSAIN_TEXT("This address does not name a lab book on the server."), words,
                       FUSAIN_TEXT("Use an address such as postgresql://user@host/labbook."));
    // The folder of a socket does not fit between the slashes: it stands behind them, and so may the user.
    const QUrlQuery query(url);
    address.host_ = url.host().isEmpty() ? query.queryItemValue(QStringLiteral("host")) : url.host();
    address.user_ = url.userName().isEmpty() ? query.queryItemValue(QStringLiteral("user")) : url.userName();
    address.port_ = url.port();
    address.options_ = optionsOf(query);
    return address;
}

QString BookAddress::name() const {
    return onServer() ? database_ : QFileInfo(text_).completeBaseName();
}

QString BookAddress::beside(const QString& suffix) const {
    if (!onServer()) {
        const QFileInfo book(text_);
        return QDir(book.absolutePath()).filePath(book.completeBaseName() + suffix);
    }
    // Two servers may have books of one name.
    const QByteArray mark = QCryptographicHash::hash(text_.toUtf8(), QCryptographicHash::Blake2b_256).toHex();
    const QDir folder(QStandardPaths::writableLocation(QStandardPaths::AppLocalDataLocation) +
                      QStringLiteral("/books"));
    folder.mkpath(QStringLiteral("."));
    return folder.filePath(name() + QLatin1Char('-') + QString::fromLatin1(mark.left(8)) + suffix);
}

} // namespace fusain::store
