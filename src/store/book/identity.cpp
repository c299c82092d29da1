#include "store/book/identity.hpp"

#include "record/base/json.hpp"
#include "store/book/projection.hpp"
#include "store/book/sql.hpp"

#include <array>
#include <sodium.h>

namespace fusain::store {
namespace {

constexpr auto sealedKey = "sealed", nonceKey = "nonce";

using Secret = std::array<unsigned char, crypto_secretbox_KEYBYTES>;
using Nonce = std::array<unsigned char, crypto_secretbox_NONCEBYTES>;

const unsigned char* bytes(const QByteArray& data) {
    return reinterpret_cast<const unsigned char*>(data.constData());
}

bool isSealed(const Event& event) {
    return event.kind == kinds::clientSaved && event.data->is_object() && event.data->contains(sealedKey);
}

QByteArray secretOf(const QSqlDatabase& database, const std::string& client) {
    auto row = run(database, QStringLiteral("SELECT secret FROM secrets WHERE subject = ?"), {text(client)});
    const QByteArray secret =
        row && row->next() ? QByteArray::fromHex(row->value(0).toString().toLatin1()) : QByteArray();
    return secret.size() == qsizetype(crypto_secretbox_KEYBYTES) ? secret : QByteArray();
}

Expected<QByteArray> secretFor(const QSqlDatabase& database, const std::string& client) {
    if (const QByteArray present = secretOf(database, client); !present.isEmpty())
        return present;
    Secret made;
    randombytes_buf(made.data(), made.size());
    const QByteArray secret(reinterpret_cast<const char*>(made.data()), qsizetype(made.size()));
    const auto kept =
        run(database,
            QStringLiteral("INSERT INTO secrets (subject, secret) VALUES (?, ?) ON CONFLICT (subject) DO "
                           "UPDATE SET secret = excluded.secret"),
            {text(client), QString::fromLatin1(secret.toHex())});
    return kept ? Expected<QByteArray>(secret) : tl::unexpected(kept.error());
}

} // namespace

Expected<void> sealIdentity(const QSqlDatabase& database, Event& event) {
    if (event.kind != kinds::clientSaved || isSealed(event))
        return {};
    const auto secret = sodium_init() < 0 ? Expected<QByteArray>(tl::unexpected(Problem{}))
                                          : secretFor(database, event.subject);
    if (!secret)
        return tl::unexpected(secret.error());
    Nonce nonce;
    randombytes_buf(nonce.data(), nonce.size());
    const QByteArray plain = QByteArray::fromStdString(event.data->dump());
    QByteArray box(plain.size() + qsizetype(crypto_secretbox_MACBYTES), '\0');
    crypto_secretbox_easy(reinterpret_cast<unsigned char*>(box.data()), bytes(plain),
                          static_cast<unsigned long long>(plain.size()), nonce.data(), bytes(*secret));
    event.data =
        Json{{sealedKey, box.toHex().toStdString()},
             {nonceKey, QByteArray(reinterpret_cast<const char*>(nonce.data()), qsizetype(nonce.size()))
                            .toHex()
                            .toStdString()}};
    return {};
}

bool openIdentity(const QSqlDatabase& database, Event& event) {
    if (!isSealed(event))
        return true;
    const QByteArray secret = secretOf(database, event.subject),
                     box = QByteArray::fromHex(QByteArray::fromStdString(event.data->value(sealedKey, ""))),
                     nonce = QByteArray::fromHex(QByteArray::fromStdString(event.data->value(nonceKey, "")));
    QByteArray plain(std::max(qsizetype(0), box.size() - qsizetype(crypto_secretbox_MACBYTES)), '\0');
    if (secret.isEmpty() || nonce.size() != qsizetype(crypto_secretbox_NONCEBYTES) ||
        box.size() < qsizetype(crypto_secretbox_MACBYTES) ||
        crypto_secretbox_open_easy(reinterpret_cast<unsigned char*>(plain.data()), bytes(box),
                                   static_cast<unsigned long long>(box.size()), bytes(nonce),
                                   bytes(secret)) != 0)
        return false;
    event.data = Json::parse(plain.toStdString(), nullptr, false);
    return true;
}

Expected<void> forgetIdentity(const QSqlDatabase& database, const std::string& client) {
    const auto gone = run(database, QStringLiteral("DELETE FROM secrets WHERE subject = ?"), {text(client)});
    return gone ? Expected<void>() : tl::unexpected(gone.error());
}

Expected<void> takeKeys(const QSqlDatabase& from, const QSqlDatabase& to) {
    auto rows = run(from, QStringLiteral("SELECT subject, secret FROM secrets"));
    if (!rows)
        return tl::unexpected(rows.error());
    while (rows->next())
        if (const auto taken = run(to, QStringLiteral("INSERT INTO secrets (subject, secret) VALUES (?, ?)"),
                                   {rows->value(0), rows->value(1)});
            !taken)
            return tl::unexpected(taken.error());
    return {};
}

} // namespace fusain::store
