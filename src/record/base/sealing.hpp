#pragma once
#include "core/base/problem.hpp"

#include <array>
#include <cstdint>
#include <optional>
#include <span>
#include <string>
#include <string_view>

namespace fusain {

/// How hard a passphrase is to guess: what one trial costs whoever has stolen the file.
struct SealingCost {
    std::uint64_t passes = 2;                   ///< of Argon2id
    std::uint64_t memory = 64ULL * 1024 * 1024; ///< bytes
};

/// Fewest characters of a passphrase.
inline constexpr std::size_t leastPassphrase = 8;

using OpenBytes = std::span<unsigned char>;
using ReadBytes = std::span<const unsigned char>;

/// Overwrites bytes that must not stay in memory.
void wipe(OpenBytes bytes);
/// Bytes that are wiped when they are no longer needed.
template <class Bytes>
struct Wiped : Bytes {
    Wiped() : Bytes{} {}
    Wiped(const Wiped&) = delete;
    Wiped& operator=(const Wiped&) = delete;
    ~Wiped() { wipe(*this); }
};
/// What opens a box.
using BoxKey = Wiped<std::array<unsigned char, 32>>;

[[nodiscard]] std::string hexadecimal(ReadBytes bytes);
/// @return whether the text is so many bytes, in hexadecimal, and nothing else
[[nodiscard]] bool readHexadecimal(std::string_view text, OpenBytes bytes);
/// Fills bytes that nobody can foresee. @return whether the library is there
[[nodiscard]] bool fillRandomly(OpenBytes bytes);

/// The key that Argon2id makes of a passphrase. @param salt 16 bytes
/// @return a Problem when there is no memory for it
[[nodiscard]] Expected<void> keyFrom(std::string_view passphrase, ReadBytes salt, const SealingCost& cost,
                                     BoxKey& key);

/// Bytes that only their key opens: XSalsa20-Poly1305, hexadecimal.
struct Box {
    std::string sealed, nonce;
};
[[nodiscard]] Box sealedBox(std::string_view plain, const BoxKey& key);
/// @return nothing for another key, or where something was changed
[[nodiscard]] std::optional<std::string> openedBox(const Box& box, const BoxKey& key);

} // namespace fusain
