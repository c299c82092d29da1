#pragma once
#include "core/base/progress.hpp"
#include "record/base/signing_key.hpp"

#include <QString>

namespace fusain::store {

/// A file that only a passphrase opens: a copy of the lab book or a client's record that leaves the house.
/// Argon2id makes the key of the passphrase; the contents follow in pieces of 64 KiB, XChaCha20-Poly1305 (the
/// secretstream of libsodium), the last of them marked as the last: a piece that is changed, moved or missing
/// is noticed.

[[nodiscard]] bool isSealed(const QString& path);
/// @param to is written whole or not at all, over nothing
/// @return a Problem for a passphrase that is too short, or a file that cannot be read or written
[[nodiscard]] Expected<void> sealFile(const QString& from, const QString& to, const std::string& passphrase,
                                      const SealingCost& cost = {}, Progress* progress = nullptr);
/// @return a Problem for a wrong passphrase or a damaged file: then there is nothing at `to`
[[nodiscard]] Expected<void> unsealFile(const QString& from, const QString& to, const std::string& passphrase,
                                        Progress* progress = nullptr);

} // namespace fusain::store
