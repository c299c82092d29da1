#pragma once
#include "procedure/meaning/statements.hpp"

#include <string>
#include <string_view>
#include <vector>

namespace fusain {

/// A sentence that somebody wrote and that says something else than the test does.
struct ClaimAgainst {
    std::string sentence;
    const Statement* statement = nullptr; ///< that it stands against; lives as long as the statements
};

/// Sentences that name fat, fat-free mass, lean or body mass together with a direction ("less", "gained",
/// "weniger") or a place ("above the range"), and that the verdict of the test does not bear out: another
/// direction, a change within the error or not comparable, another place. English and German; a sentence with a
/// "no", "not" or "may" in it is left to its writer.
[[nodiscard]] std::vector<ClaimAgainst> claimsAgainst(std::string_view text, const Statements& statements);

} // namespace fusain
