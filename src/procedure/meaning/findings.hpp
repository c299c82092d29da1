#pragma once
#include "procedure/meaning/statements.hpp"

namespace fusain {

/// A change of fat in a few days that no tissue could make is explained by what can move so fast: water, food,
/// the preparation. @return nothing from two weeks on, and for a change that tissue could make
[[nodiscard]] std::optional<Message> tooFastForTissue(const Outcome& earlier, const Outcome& now);

/// What the physiologist can say, most important first: where the result lies, what changed, what disturbed it.
/// @param lastTest the one before by the same method, however it compares; null at the first
[[nodiscard]] std::vector<Message> findings(const ComputedTest& test, const Statements& statements,
                                            const ComputedTest* lastTest = nullptr);

} // namespace fusain
