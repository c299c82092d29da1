#pragma once
#include "procedure/all/computed.hpp"

#include <cmath>

namespace fusain {

/// True for the sources that are the same error in two tests of one person and day: the person's own fat-free
/// density, and what the day has put into the body.
[[nodiscard]] bool sameOnOneDay(Source source);

/// A result of another method on the same day, and how it compares.
struct OtherMethod {
    std::string_view method; ///< "hydrostatic", "air-displacement"
    Percent fatPercent;
    Percent difference;   ///< this test minus the other, points of fat
    Percent halfInterval; ///< 95 %, both errors together
    Message likelyCause;  ///< from variance budgets and deviations; empty when they agree
    [[nodiscard]] bool agrees() const { return std::abs(difference.value()) <= halfInterval.value(); }
};
/// Compares two results of one day. What is the same error in both does not count.
/// @return nothing when one of them gives no fat
[[nodiscard]] std::optional<OtherMethod> compareMethods(const ComputedTest& test, const ComputedTest& other);

} // namespace fusain
