#include "record/base/signing_key.hpp"

#include "core/base/message.hpp"
#include "record/base/fields.hpp"

#include <array>
#include <sodium.h>
#include <vector>

namespace fusain {
namespace {

using Seed = std::array<unsigned char, crypto_sign_SEEDBYTES>;
using Public = std::array<unsigned char, crypto_sign_PUBLICKEYBYTES>;
using Secret = std::array<unsigned char, crypto_sign_SECRETKEYBYTES>;
using Sealed = std::array<unsigned char, crypto_sign_SEEDBYTES + crypto_secretbox_MACBYTES>;
using Nonce = std::array<unsigned char, crypto_secretbox_NONCEBYTES>;
using Salt = std::array<unsigned char, crypto_pwhash_SALTBYTES>;
using BoxSecret = std::array<unsigned char, crypto_box_SECRETKEYBYTES>;
using BoxPublic = std::array<unsigned char, crypto_box_PUBLICKEYBYTES>;

Expected<void> openSeed(const std::string& passphrase, const SigningKey& key, Seed& seed) {
    Sealed sealed;
    Nonce nonce;
    Salt salt;
    if (!readHexadecimal(key.sealed, sealed) || !readHexadecimal(key.nonce, nonce) ||
        !readHexadecimal(key.salt, salt))
        return failure({FUSAIN_TEXT("The signing key cannot be read."), {}}, {},
                       {FUSAIN_TEXT("Restore the lab book from a backup, or make a new key."), {}});
    BoxKey lock;
    if (auto made = keyFrom(passphrase, salt, key.cost, lock); !made)
        return made;
    if (crypto_secretbox_open_easy(seed.data(), sealed.data(), sealed.size(), nonce.data(), lock.data()) != 0)
        return failure({FUSAIN_TEXT("The passphrase is not right."), {}}, {},
                       {FUSAIN_TEXT("Type it again. Check Caps Lock."), {}});
    return {};
}

constexpr std::uint64_t leastMemory = crypto_pwhash_MEMLIMIT_MIN, mostMemory = 4ULL * 1024 * 1024 * 1024;

const Fields<SealingCost>& costFields() {
    const auto number = [](const char* key, const char* unit, double lowest, double highest, const char* what) {
        return FieldNote{key, "whole number", unit, between(lowest, highest), Presence::Required, what, {}, {}};
    };
    static const FieldNote passes = number("passes", "", 1.0, 100.0, "of Argon2id"),
                           memory = number("memory", "bytes", static_cast<double>(leastMemory),
                                           static_cast<double>(mostMemory), "of Argon2id");
    static const auto fields = Fields<SealingCost>("cost of a guess")
                                   .custom(
                                       passes,
                                       [](const Json& json, SealingCost& cost) {
                                           cost.passes = static_cast<std::uint64_t>(numberIn(json, passes));
                                       },
                                       [](const SealingCost& cost) { return Json(cost.passes); })
                                   .custom(
                                       memory,
                                       [](const Json& json, SealingCost& cost) {
                                           cost.memory = static_cast<std::uint64_t>(numberIn(json, memory));
                                       },
                                       [](const SealingCost& cost) { return Json(cost.memory); });
    return fields;
}

const Fields<SigningKey>& keyFields() {
    using Key = SigningKey;
    static const auto fields = Fields<Key>("signing key")
                                   .required("public", &Key::publicKey, "Ed25519, hexadecimal")
                                   .required("sealed", &Key::sealed, "the secret seed, hexadecimal")
                                   .required("nonce", &Key::nonce, "of the seal, hexadecimal")
                                   .required("salt", &Key::salt, "of the passphrase, hexadecimal")
                                   .part("cost", &Key::cost, costFields(), "of a guess");
    return fields;
}

} // namespace

RandomBytes systemRandom() {
    return [](OpenBytes bytes) { static_cast<void>(fillRandomly(bytes)); };
}

Expected<SigningKey> makeSigningKey(const std::string& passphrase, const SealingCost& cost,
                                    const RandomBytes& random) {
    if (passphrase.size() < leastPassphrase)
        return failure(
            {FUSAIN_TEXT("A passphrase has {1} characters or more."), {std::to_string(leastPassphrase)}}, {},
            {FUSAIN_TEXT("Four unrelated words are easy to remember."), {}});
    Wiped<Seed> seed;
    BoxKey lock;
    Wiped<Secret> secret;
    Public open;
    Nonce nonce;
    Salt salt;
    random(seed);
    random(nonce);
    random(salt);
    if (auto sealing = keyFrom(passphrase, salt, cost, lock); !sealing)
        return tl::unexpected(sealing.error());
    Sealed sealed;
    crypto_sign_seed_keypair(open.data(), secret.data(), seed.data());
    crypto_secretbox_easy(sealed.data(), seed.data(), seed.size(), nonce.data(), lock.data());
    return SigningKey{hexadecimal(open), hexadecimal(sealed), hexadecimal(nonce), hexadecimal(salt), cost};
}

Expected<void> opens(const std::string& passphrase, const SigningKey& key) {
    Wiped<Seed> seed;
    return openSeed(passphrase, key, seed);
}

Expected<std::string> signedText(const std::string& text, const std::string& passphrase,
                                 const SigningKey& key) {
    Wiped<Seed> seed;
    Wiped<Secret> secret;
    Public open;
    if (auto opened = openSeed(passphrase, key, seed); !opened)
        return tl::unexpected(opened.error());
    crypto_sign_seed_keypair(open.data(), secret.data(), seed.data());
    std::array<unsigned char, crypto_sign_BYTES> signature;
    crypto_sign_detached(signature.data(), nullptr, reinterpret_cast<const unsigned char*>(text.data()),
                         text.size(), secret.data());
    return hexadecimal(signature);
}

bool isSignatureOf(const std::string& text, const std::string& signature, const std::string& publicKey) {
    std::array<unsigned char, crypto_sign_BYTES> bytes;
    Public open;
    return readHexadecimal(signature, bytes) && readHexadecimal(publicKey, open) &&
           crypto_sign_verify_detached(bytes.data(), reinterpret_cast<const unsigned char*>(text.data()),
                                       text.size(), open.data()) == 0;
}

std::optional<std::string> sealedFor(const std::string& publicKey, ReadBytes bytes) {
    Public open;
    BoxPublic box;
    std::vector<unsigned char> sealed(bytes.size() + crypto_box_SEALBYTES);
    if (!readHexadecimal(publicKey, open) ||
        crypto_sign_ed25519_pk_to_curve25519(box.data(), open.data()) != 0 ||
        crypto_box_seal(sealed.data(), bytes.data(), bytes.size(), box.data()) != 0)
        return std::nullopt;
    return hexadecimal(sealed);
}

Expected<void> openedWith(const std::string& passphrase, const SigningKey& key, const std::string& sealed,
                          OpenBytes bytes) {
    Wiped<Seed> seed;
    Wiped<Secret> secret;
    Wiped<BoxSecret> boxSecret;
    Public open;
    BoxPublic box;
    std::vector<unsigned char> read(bytes.size() + crypto_box_SEALBYTES);
    if (auto opened = openSeed(passphrase, key, seed); !opened)
        return opened;
    crypto_sign_seed_keypair(open.data(), secret.data(), seed.data());
    if (!readHexadecimal(sealed, read) ||
        crypto_sign_ed25519_sk_to_curve25519(boxSecret.data(), secret.data()) != 0 ||
        crypto_sign_ed25519_pk_to_curve25519(box.data(), open.data()) != 0 ||
        crypto_box_seal_open(bytes.data(), read.data(), read.size(), box.data(), boxSecret.data()) != 0)
        return failure({FUSAIN_TEXT("This was not sealed for this passphrase, or was changed."), {}});
    return {};
}

Json toJson(const SigningKey& key) {
    return keyFields().write(key);
}

Expected<SigningKey> signingKeyFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] { return keyFields().read(json); });
}

} // namespace fusain
