#pragma once
#include "core/base/problem.hpp"
#include "record/base/json_fwd.hpp"
#include "record/base/sealing.hpp"

#include <functional>
#include <span>
#include <string>

namespace fusain {

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

/// Seals bytes so that only the owner of a key opens them, with their passphrase; hexadecimal.
/// @return nothing where the public half is none
[[nodiscard]] std::optional<std::string> sealedFor(const std::string& publicKey, ReadBytes bytes);
/// Opens them. @return a Problem for a wrong passphrase, or what was not sealed for this key
[[nodiscard]] Expected<void> openedWith(const std::string& passphrase, const SigningKey& key,
                                        const std::string& sealed, OpenBytes bytes);

[[nodiscard]] Json toJson(const SigningKey& key);
[[nodiscard]] Expected<SigningKey> signingKeyFromJson(const Json& json, const std::string& where);

} // namespace fusain
