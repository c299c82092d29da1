#include "record/base/signing_key.hpp"

#include "core/base/message.hpp"
#include "record/base/fields.hpp"

#include <array>
#include <sodium.h>

namespace fusain {
namespace {

using Seed = std::array<unsigned char, crypto_sign_SEEDBYTES>;
using Public = std::array<unsigned char, crypto_sign_PUBLICKEYBYTES>;
using Secret = std::array<unsigned char, crypto_sign_SECRETKEYBYTES>;
using Sealed = std::array<unsigned char, crypto_sign_SEEDBYTES + crypto_secretbox_MACBYTES>;
using Nonce = std::array<unsigned char, crypto_secretbox_NONCEBYTES>;
using Salt = std::array<unsigned char, crypto_pwhash_SALTBYTES>;
using Lock = std::array<unsigned char, crypto_secretbox_KEYBYTES>;

bool ready() {
    static const bool begun = sodium_init() >= 0;
    return begun;
}

/// What must not stay in memory is wiped when it is no longer needed.
template <class Bytes>
struct Wiped : Bytes {
    Wiped() : Bytes{} {}
    Wiped(const Wiped&) = delete;
    Wiped& operator=(const Wiped&) = delete;
    ~Wiped() { sodium_memzero(this->data(), this->size()); }
};

std::string hexadecimal(std::span<const unsigned char> bytes) {
    std::string text(2 * bytes.size() + 1, '\0');
    sodium_bin2hex(text.data(), text.size(), bytes.data(), bytes.size());
    text.pop_back();
    return text;
}

template <class Bytes>
bool readHexadecimal(const std::string& text, Bytes& bytes) {
    std::size_t length = 0;
    const char* end = nullptr;
    return sodium_hex2bin(bytes.data(), bytes.size(), text.data(), text.size(), nullptr, &length, &end) == 0 &&
           length == bytes.size() && end == text.data() + text.size();
}

bool lockFrom(const std::string& passphrase, const Salt& salt, const SealingCost& cost, Lock& lock) {
    return ready() &&
           crypto_pwhash(lock.data(), lock.size(), passphrase.data(), passphrase.size(), salt.data(),
                         cost.passes, static_cast<std::size_t>(cost.memory), crypto_pwhash_ALG_ARGON2ID13) == 0;
}

auto noMemory() {
    return failure({FUSAIN_TEXT("There is not enough memory to open or seal a signing key."), {}}, {},
                   {FUSAIN_TEXT("Close other programs and try again."), {}});
}

Expected<void> openSeed(const std::string& passphrase, const SigningKey& key, Seed& seed) {
    Sealed sealed;
    Nonce nonce;
    Salt salt;
    if (!readHexadecimal(key.sealed, sealed) || !readHexadecimal(key.nonce, nonce) ||
        !readHexadecimal(key.salt, salt))
        return failure({FUSAIN_TEXT("The signing key cannot be read."), {}}, {},
                       {FUSAIN_TEXT("Restore the lab book from a backup, or make a new key."), {}});
    Wiped<Lock> lock;
    if (!lockFrom(passphrase, salt, key.cost, lock))
        return noMemory();
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
    return [](std::span<unsigned char> bytes) {
        if (ready())
            randombytes_buf(bytes.data(), bytes.size());
    };
}

Expected<SigningKey> makeSigningKey(const std::string& passphrase, const SealingCost& cost,
                                    const RandomBytes& random) {
    if (passphrase.size() < leastPassphrase)
        return failure(
            {FUSAIN_TEXT("A passphrase has {1} characters or more."), {std::to_string(leastPassphrase)}}, {},
            {FUSAIN_TEXT("Four unrelated words are easy to remember."), {}});
    Wiped<Seed> seed;
    Wiped<Lock> lock;
    Wiped<Secret> secret;
    Public open;
    Nonce nonce;
    Salt salt;
    random(seed);
    random(nonce);
    random(salt);
    if (!lockFrom(passphrase, salt, cost, lock))
        return noMemory();
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
    return ready() && readHexadecimal(signature, bytes) && readHexadecimal(publicKey, open) &&
           crypto_sign_verify_detached(bytes.data(), reinterpret_cast<const unsigned char*>(text.data()),
                                       text.size(), open.data()) == 0;
}

Json toJson(const SigningKey& key) {
    return keyFields().write(key);
}

Expected<SigningKey> signingKeyFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] { return keyFields().read(json); });
}

} // namespace fusain
