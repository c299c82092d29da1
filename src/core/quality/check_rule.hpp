#pragma once
#include "core/base/message.hpp"

#include <optional>
#include <span>
#include <string>

namespace fusain::quality {

/// What a check of an instrument has to show. Limits are in the unit of the reference; equality passes (within
/// 1e-9).
struct CheckRule {
    double nominal = 0.0;              ///< certified value of the reference object
    int readings = 1;                  ///< how many are taken
    std::optional<double> meanLimit;   ///< |mean − nominal|
    std::optional<double> spreadLimit; ///< standard deviation of the readings
    std::optional<double> eachLimit;   ///< |reading − nominal| of every one
};

struct CheckVerdict {
    bool passed = false;
    double mean = 0.0;
    double standardDeviation = 0.0;
    Message message; ///< one sentence with the numbers
};

/// Judges the readings of one check. Too few readings never pass.
[[nodiscard]] CheckVerdict judgeCheck(std::span<const double> readings, const CheckRule& rule,
                                      const std::string& unit, int decimals);

} // namespace fusain::quality
