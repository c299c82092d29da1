#pragma once
#include "procedure/all/computed.hpp"

#include <cmath>

namespace fusain {

/// A result of another method on the same day, and how it compares.
struct OtherMethod {
    std::string_view method; ///< "hydrostatic", "air-displacement"
    Percent fatPercent;
    double difference = 0.0;   ///< this test minus the other, %fat points
    double halfInterval = 0.0; ///< 95 %, both errors together
    Message likelyCause;       ///< from variance budgets and deviations; empty when they agree
    [[nodiscard]] bool agrees() const { return std::abs(difference) <= halfInterval; }
};
/// Compares two results of one day. Between the tank and the chamber the fat-free density of the person is the
/// same and does not count.
/// @return nothing when one of them gives no fat
[[nodiscard]] std::optional<OtherMethod> compareMethods(const ComputedTest& test, const ComputedTest& other);

} // namespace fusain
