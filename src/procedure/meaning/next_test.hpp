#pragma once
#include "procedure/meaning/progress.hpp"

namespace fusain {

/// When a further test could show something: one answer for progress, booking and pages.
struct NextTest {
    Instant at;                       ///< at the usual pace of losing fat
    double leastVisible = 0.0;        ///< kg of fat that two such tests can tell apart
    std::optional<Instant> atOwnPace; ///< at the pace that this person has shown; nothing where none was seen
    double ownPace = 0.0;             ///< kg of fat a week, with its sign
};
/// @param history signed tests by the same method before it, oldest first
/// @return nothing for a test that gives no fat
[[nodiscard]] std::optional<NextTest>
nextTest(const ComputedTest& test, std::span<const ComputedTest> history = {}, const LabPrecision& own = {});

} // namespace fusain
