#include "store/book/sealed_names.hpp"

#include "core/base/message.hpp"
#include "record/base/json.hpp"
#include "store/book/client_index.hpp"
#include "store/book/sql.hpp"

#include <QVariant>
#include <algorithm>

namespace fusain::store {
namespace {

// Letters and digits that are not taken for each other when they are read from paper.
constexpr std::string_view letters = "ABCDEFGHJKLMNPQRSTUVWXYZ23456789";
constexpr std::size_t lettersOfPhrase = 28, inAGroup = 4, ofTheCheck = 2;
const std::string recovery = ""; // holder of the key that the phrase opens

std::string checkOf(std::string_view body) {
    unsigned sum = 0; // notices every single letter that is wrong, and two that changed places
    for (const char letter : body)
        sum = (sum * 33 + static_cast<unsigned>(letters.find(letter)) + 1) % 1021;
    return {letters[sum / letters.size()], letters[sum % letters.size()]};
}

std::string inGroups(const std::string& plain) {
    std::string grouped;
    for (std::size_t i = 0; i < plain.size(); ++i)
        grouped += (i > 0 && i % inAGroup == 0 ? "-" : "") + std::string(1, plain[i]);
    return grouped;
}

} // namespace

std::string SealedNames::newPhrase() {
    std::array<unsigned char, lettersOfPhrase - ofTheCheck> bytes{};
    if (!fillRandomly(bytes))
        return {};
    std::string plain;
    for (const unsigned char byte : bytes)
        plain += letters[byte % letters.size()]; // 256 is a multiple of 32
    wipe(bytes);
    return inGroups(plain + checkOf(plain));
}

std::optional<std::string> SealedNames::phraseIn(const std::string& typed) {
    std::string plain;
    for (const char given : typed) {
        const char letter = given >= 'a' && given <= 'z' ? static_cast<char>(given - 'a' + 'A') : given;
        if (letter == '-' || letter == ' ')
            continue;
        if (letters.find(letter) == std::string_view::npos)
            return std::nullopt;
        plain += letter;
    }
    if (plain.size() != lettersOfPhrase ||
        checkOf(std::string_view(plain).substr(0, plain.size() - ofTheCheck)) !=
            plain.substr(plain.size() - ofTheCheck))
        return std::nullopt;
    return inGroups(plain);
}

std::vector<std::string> SealedNames::holders() const {
    std::vector<std::string> found;
    auto rows = run(book_.connection(), QStringLiteral("SELECT holder FROM grants ORDER BY holder"));
    while (rows && rows->next())
        if (const std::string holder = rows->value(0).toString().toStdString(); holder != recovery)
            found.push_back(holder);
    return found;
}

Expected<void> SealedNames::give(const std::string& holder, const SigningKey& key, const BoxKey& dataKey,
                                 bool keepKey) {
    const auto sealed = sealedFor(key.publicKey, dataKey);
    if (!sealed)
        return failure({FUSAIN_TEXT("The signing key cannot be read."), {}});
    const auto kept =
        run(book_.connection(),
            QStringLiteral("INSERT INTO grants (holder, sealed, opener) VALUES (?, ?, ?) ON CONFLICT "
                           "(holder) DO UPDATE SET sealed = excluded.sealed, opener = excluded.opener"),
            {text(holder), text(*sealed), text(keepKey ? toJson(key).dump() : std::string())});
    return kept ? Expected<void>() : tl::unexpected(kept.error());
}

Expected<void> SealedNames::takeFrom(const std::string& holder) {
    const auto gone =
        run(book_.connection(), QStringLiteral("DELETE FROM grants WHERE holder = ?"), {text(holder)});
    return gone ? Expected<void>() : tl::unexpected(gone.error());
}

std::optional<SigningKey> SealedNames::recoveryKey() const {
    auto row =
        run(book_.connection(), QStringLiteral("SELECT opener FROM grants WHERE holder = ?"), {text(recovery)});
    if (!row || !row->next())
        return std::nullopt;
    auto key =
        signingKeyFromJson(Json::parse(row->value(0).toString().toStdString(), nullptr, false), "recovery");
    return key ? std::optional(std::move(*key)) : std::nullopt;
}

// What the rows hold follows from events, so each is written once more. Clients first: the others name them.
Expected<void> SealedNames::writeAllAnew(const std::string& by) {
    for (const Client& client : book_.clients())
        if (client.unreadable.empty())
            if (auto done = book_.save(client, by); !done)
                return done;
    for (const Client& client : book_.clients()) {
        for (const Visit& visit : book_.visitsOf(client.id))
            if (!visit.note.empty())
                if (auto done = book_.save(visit, by); !done)
                    return done;
        for (const std::string_view paper : clientPapers)
            if (const std::string kept = book_.setting(paperKey(paper, client.id)); !kept.empty())
                if (auto done = book_.setSetting(paperKey(paper, client.id), kept, by); !done)
                    return done;
    }
    return {};
}

Expected<int> SealedNames::seal(const std::string& by, const std::string& phrase) {
    if (on())
        return failure({FUSAIN_TEXT("Names are sealed in this lab book already."), {}});
    BoxKey dataKey;
    auto recoveryKey = makeSigningKey(phrase, cost_);
    if (!recoveryKey || !fillRandomly(dataKey))
        return tl::unexpected(recoveryKey ? Problem{} : recoveryKey.error());
    Identities& identities = book_.identities();
    const auto done = book_.together([&]() -> Expected<void> {
        auto each = identities.sealKeys(&dataKey);
        identities.setDataKey(&dataKey);
        if (each)
            each = give(recovery, *recoveryKey, dataKey, true);
        if (each)
            each = book_.setSetting(Identities::setting, Identities::nameOf(dataKey), by);
        return each ? writeAllAnew(by) : each;
    });
    readAnew();
    book_.clearTraces(); // what was written in clear is not left in the file
    if (!done) {
        identities.setDataKey(nullptr);
        return tl::unexpected(done.error());
    }
    int inClear = 0; // what can be read without any key
    auto rows = run(book_.connection(), QStringLiteral("SELECT data FROM journal WHERE kind = 'client.saved'"));
    while (rows && rows->next())
        inClear += Json::parse(rows->value(0).toString().toStdString(), nullptr, false).contains("name");
    return inClear;
}

Expected<void> SealedNames::unseal(const std::string& by) {
    if (locked())
        return tl::unexpected(identitiesAreSealed());
    Identities& identities = book_.identities();
    const auto done = book_.together([&]() -> Expected<void> {
        auto each = identities.sealKeys(nullptr);
        identities.forgetOpened();
        if (each)
            each = book_.setSetting(Identities::setting, "", by);
        if (each)
            each = writeAllAnew(by);
        if (each)
            if (const auto gone = run(book_.connection(), QStringLiteral("DELETE FROM grants")); !gone)
                each = tl::unexpected(gone.error());
        return each;
    });
    if (done)
        identities.setDataKey(nullptr);
    readAnew();
    return done;
}

Expected<void> SealedNames::openFor(const std::string& holder, const SigningKey& key,
                                    const std::string& passphrase) {
    auto row =
        run(book_.connection(), QStringLiteral("SELECT sealed FROM grants WHERE holder = ?"), {text(holder)});
    if (!row || !row->next())
        return failure(
            {FUSAIN_TEXT("Names are sealed in this lab book, and not opened for this passphrase yet."), {}}, {},
            {FUSAIN_TEXT("Somebody who sees them opens them for you under Settings (Alt+S), People."), {}});
    BoxKey dataKey;
    if (auto opened = openedWith(passphrase, key, row->value(0).toString().toStdString(), dataKey); !opened)
        return opened;
    book_.identities().setDataKey(&dataKey);
    readAnew();
    return {};
}

Expected<void> SealedNames::open(const std::string& staff, const SigningKey& key,
                                 const std::string& passphrase) {
    return on() && locked() ? openFor(staff, key, passphrase) : Expected<void>();
}

Expected<void> SealedNames::openWithPhrase(const std::string& phrase) {
    const auto typed = phraseIn(phrase);
    const auto key = recoveryKey();
    if (!typed || !key)
        return failure(
            {FUSAIN_TEXT("This is not a recovery phrase: it has seven groups of four letters and digits."), {}},
            {}, {FUSAIN_TEXT("Compare it with the paper, letter by letter."), {}});
    return openFor(recovery, *key, *typed);
}

void SealedNames::close() {
    book_.identities().setDataKey(nullptr);
    readAnew();
}

Expected<void> SealedNames::allow(const std::string& staff, const SigningKey& key) {
    if (!on())
        return {};
    if (locked())
        return tl::unexpected(identitiesAreSealed());
    return give(staff, key, *book_.identities().dataKey(), false);
}

Expected<void>
SealedNames::withdraw(const std::string& staff, const std::string& by,
                      const std::function<std::optional<SigningKey>(const std::string&)>& keyOf) {
    if (!on())
        return {};
    const auto recoveryKey = this->recoveryKey();
    if (locked() || !recoveryKey) // nobody here could seal anything anew
        return takeFrom(staff);
    BoxKey dataKey;
    if (!fillRandomly(dataKey))
        return tl::unexpected(Problem{});
    Identities& identities = book_.identities();
    const auto done = book_.together([&]() -> Expected<void> {
        auto each = takeFrom(staff);
        if (each)
            each = identities.sealKeys(&dataKey);
        if (each)
            each = give(recovery, *recoveryKey, dataKey, true);
        for (const std::string& holder : holders())
            if (const auto key = keyOf(holder); each && key)
                each = give(holder, *key, dataKey, false);
        return each ? book_.setSetting(Identities::setting, Identities::nameOf(dataKey), by) : each;
    });
    if (done)
        identities.setDataKey(&dataKey);
    return done;
}

Expected<void> SealedNames::changePhrase(const std::string& phrase) {
    if (!on() || locked())
        return tl::unexpected(identitiesAreSealed());
    const auto key = makeSigningKey(phrase, cost_);
    return key ? give(recovery, *key, *book_.identities().dataKey(), true) : tl::unexpected(key.error());
}

// Lists were read with another key, or none.
void SealedNames::readAnew() {
    book_.index_->forget();
}

} // namespace fusain::store
