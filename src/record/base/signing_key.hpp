#pragma once
#include "core/base/problem.hpp"
#include "record/base/json_fwd.hpp"

#include <cstdint>
#include <functional>
#include <span>
#include <string>

namespace fusain {

/// How hard a passphrase is to guess: what one trial costs whoever has stolen the file.
struct SealingCost {
    std::uint64_t passes = 2;                   ///< of Argon2id
    std::uint64_t memory = 64ULL * 1024 * 1024; ///< bytes
};

/// A key to sign with. Its public half stands open; the secret half is sealed under its owner's passphrase, and
/// nobody else can use it, whoever has the lab book.
struct SigningKey {
    std::string publicKey; ///< Ed25519, hexadecimal
    std::string sealed;    ///< the secret seed, XSalsa20-Poly1305, hexadecimal
    std::string nonce;     ///< of the seal
    std::string salt;      ///< of Argon2id
    SealingCost cost = {};
};

/// Fills bytes that nobody can foresee.
using RandomBytes = std::function<void(std::span<unsigned char>)>;
[[nodiscard]] RandomBytes systemRandom();

/// Fewest characters of a passphrase.
inline constexpr std::size_t leastPassphrase = 8;

/// Makes a new key. @return a Problem for a passphrase that is too short, or when there is no memory for the
/// sealing
[[nodiscard]] Expected<SigningKey> makeSigningKey(const std::string& passphrase, const SealingCost& cost = {},
                                                  const RandomBytes& random = systemRandom());
/// Whether the passphrase opens the key. @return a Problem where it does not
[[nodiscard]] Expected<void> opens(const std::string& passphrase, const SigningKey& key);
/// An Ed25519 signature of a text, hexadecimal. @return a Problem for a wrong passphrase
[[nodiscard]] Expected<std::string> signedText(const std::string& text, const std::string& passphrase,
                                               const SigningKey& key);
/// Whether a signature is of this text, by the key with this public half. False for anything that is no
/// signature.
[[nodiscard]] bool isSignatureOf(const std::string& text, const std::string& signature,
                                 const std::string& publicKey);

[[nodiscard]] Json toJson(const SigningKey& key);
[[nodiscard]] Expected<SigningKey> signingKeyFromJson(const Json& json, const std::string& where);

} // namespace fusain
