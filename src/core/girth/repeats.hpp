#pragma once
#include "core/base/message.hpp"
#include "core/girth/sites.hpp"

#include <span>
#include <vector>

namespace fusain::girth {

/// How often a site is measured, and how well the readings have to agree: lab-adjustable defaults.
struct RepeatRule {
    int least = 3;                   ///< readings before there is a value, 3 or more
    int most = 5;                    ///< in one session
    Centimetres trunkTolerance{1.0}; ///< of waist and hip: range of the readings that make the value
    Centimetres limbTolerance{0.5};  ///< of neck, arm and thigh
    [[nodiscard]] Centimetres toleranceOf(Site site) const {
        return site == Site::Waist || site == Site::Hip ? trunkTolerance : limbTolerance;
    }
};

struct Repeat {
    int number = 0; ///< of the reading
    Centimetres value;
};

enum class RepeatVerdict {
    NeedMore,  ///< too few, or they do not agree yet
    Enough,    ///< three agree
    Scattered, ///< the most that are taken do not agree: their median stands, flagged
};

struct RepeatJudgement {
    RepeatVerdict verdict = RepeatVerdict::NeedMore;
    Centimetres value{0.0};  ///< 0 while more are needed
    Centimetres spread{0.0}; ///< range of the readings that make the value, or of all while more are needed
    std::vector<int> used;   ///< numbers of the readings that make the value
};

/// Judges the readings of one site: of the three that are closest together the mean stands when they lie within
/// the tolerance; when the most that are taken do not, the median of all.
/// @param readings that count, in any order  @param rule least ≥ 3, most ≥ least
[[nodiscard]] RepeatJudgement judge(std::span<const Repeat> readings, Site site, const RepeatRule& rule);

} // namespace fusain::girth
