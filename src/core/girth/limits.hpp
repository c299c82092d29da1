#pragma once
#include "core/anthropometry/ages.hpp"
#include "core/numeric/measured.hpp"
#include "core/units/units.hpp"

#include <optional>
#include <span>
#include <string_view>

namespace fusain::girth {

/// Waist over height. @param waist cm  @param height m, above 0  @return no unit
[[nodiscard]] Measured<Ratio> waistToHeight(const Measured<Centimetres>& waist, Metres height);
/// Waist over hip. The tape is the same for both; each has its own landmark and its own readings.
/// @param waist, hip cm, above 0  @return no unit
[[nodiscard]] Measured<Ratio> waistToHip(const Measured<Centimetres>& waist, const Measured<Centimetres>& hip);

/// What is held against limits.
enum class Index { Waist, WaistToHeight, WaistToHip };

/// Published limits of one index for adults; they describe risk in groups and diagnose nobody.
struct LimitSet {
    std::string_view id; ///< as policies name it
    Index index;
    std::string_view title; ///< marked for translation
    double men, women;
    std::optional<double> menHigh, womenHigh;                  ///< a second limit, where there is one
    bool limitCounts;                                          ///< whether a value at the limit is beyond it
    std::optional<KilogramsPerSquareMetre> bodyMassIndexBelow; ///< only for people below it
    std::string_view citation;
    [[nodiscard]] double limitFor(Sex sex) const { return sex == Sex::Male ? men : women; }
    [[nodiscard]] std::optional<double> highFor(Sex sex) const {
        return sex == Sex::Male ? menHigh : womenHigh;
    }
};
[[nodiscard]] std::span<const LimitSet> limitSets();
/// Null for an unknown id.
[[nodiscard]] const LimitSet* limitSet(std::string_view id);

/// Where a value is with regard to limits; beyond one only when the whole 95 % interval is.
enum class Standing { Below, CloseToLimit, Above, CloseToHigh, High };
/// @param half of the 95 % interval, 0 or more
[[nodiscard]] Standing standingOf(double value, double half, const LimitSet& limits, Sex sex);

} // namespace fusain::girth
