#pragma once
#include "procedure/meaning/progress.hpp"

namespace fusain {

/// When a further test could show something: one answer for progress, booking and pages.
struct NextTest {
    Instant at;                       ///< at the usual pace of losing fat
    Kilograms leastVisible;           ///< fat that two such tests can tell apart
    std::optional<Instant> atOwnPace; ///< at the pace that this person has shown; nothing where none was seen
    KilogramsPerWeek ownPace;         ///< of fat, with its sign
};
/// @param upToNow signed tests of one client, oldest first; the last is the one that a next one is asked for
/// @return nothing for a test that gives no fat
[[nodiscard]] std::optional<NextTest> nextTest(std::span<const ComputedTest> upToNow,
                                               const LabPrecision& own = {});

} // namespace fusain
