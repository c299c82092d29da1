#pragma once
#include "core/base/message.hpp"
#include "procedure/meaning/change.hpp"

#include <span>

namespace fusain {

/// A school of when to test again. All but the first are conventions, not measurements.
struct RetestSchool {
    std::string_view id;    ///< "precision", "weeks-2-4" …
    std::string_view title; ///< marked for translation
    int leastWeeks = 0;     ///< 0: from the precision of the test
};
[[nodiscard]] std::span<const RetestSchool> retestSchools();

/// When a client is best tested again.
struct RetestProposal {
    int weeks = 0; ///< after the last test, at the same time of day
    Message reason;
};
/// @param last nothing for a test that gives no fat, or a first test  @return nothing without a last test and a
/// school that needs one  @param own what the lab found of its precision
[[nodiscard]] std::optional<RetestProposal>
proposeRetest(const RetestSchool& school, const std::optional<Outcome>& last, const LabPrecision& own = {});

} // namespace fusain
