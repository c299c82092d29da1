#include "record/base/sealing.hpp"

#include "core/base/message.hpp"

#include <sodium.h>

namespace fusain {
namespace {

using Nonce = std::array<unsigned char, crypto_secretbox_NONCEBYTES>;
static_assert(std::tuple_size_v<std::array<unsigned char, 32>> == crypto_secretbox_KEYBYTES);

bool ready() {
    static const bool begun = sodium_init() >= 0;
    return begun;
}

const unsigned char* raw(std::string_view text) {
    return reinterpret_cast<const unsigned char*>(text.data());
}
unsigned char* raw(std::string& text) {
    return reinterpret_cast<unsigned char*>(text.data());
}

} // namespace

void wipe(OpenBytes bytes) {
    sodium_memzero(bytes.data(), bytes.size());
}

std::string hexadecimal(ReadBytes bytes) {
    std::string text(2 * bytes.size() + 1, '\0');
    sodium_bin2hex(text.data(), text.size(), bytes.data(), bytes.size());
    text.pop_back();
    return text;
}

bool readHexadecimal(std::string_view text, OpenBytes bytes) {
    std::size_t length = 0;
    const char* end = nullptr;
    return sodium_hex2bin(bytes.data(), bytes.size(), text.data(), text.size(), nullptr, &length, &end) == 0 &&
           length == bytes.size() && end == text.data() + text.size();
}

bool fillRandomly(OpenBytes bytes) {
    if (ready())
        randombytes_buf(bytes.data(), bytes.size());
    return ready();
}

Expected<void> keyFrom(std::string_view passphrase, ReadBytes salt, const SealingCost& cost, BoxKey& key) {
    if (!ready() || salt.size() != crypto_pwhash_SALTBYTES ||
        crypto_pwhash(key.data(), key.size(), passphrase.data(), passphrase.size(), salt.data(), cost.passes,
                      static_cast<std::size_t>(cost.memory), crypto_pwhash_ALG_ARGON2ID13) != 0)
        return failure({FUSAIN_TEXT("There is not enough memory to open what a passphrase seals."), {}}, {},
                       {FUSAIN_TEXT("Close other programs and try again."), {}});
    return {};
}

Box sealedBox(std::string_view plain, const BoxKey& key) {
    Nonce nonce{};
    if (!fillRandomly(nonce))
        return {}; // which nothing opens
    std::string sealed(plain.size() + crypto_secretbox_MACBYTES, '\0');
    crypto_secretbox_easy(raw(sealed), raw(plain), plain.size(), nonce.data(), key.data());
    return {hexadecimal({raw(sealed), sealed.size()}), hexadecimal(nonce)};
}

std::optional<std::string> openedBox(const Box& box, const BoxKey& key) {
    std::string sealed(box.sealed.size() / 2, '\0');
    Nonce nonce{};
    if (!ready() || sealed.size() < crypto_secretbox_MACBYTES ||
        !readHexadecimal(box.sealed, {raw(sealed), sealed.size()}) || !readHexadecimal(box.nonce, nonce))
        return std::nullopt;
    std::string plain(sealed.size() - crypto_secretbox_MACBYTES, '\0');
    if (crypto_secretbox_open_easy(raw(plain), raw(sealed), sealed.size(), nonce.data(), key.data()) != 0)
        return std::nullopt;
    return plain;
}

} // namespace fusain
