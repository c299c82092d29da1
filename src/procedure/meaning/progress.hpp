#pragma once
#include "core/quality/trend.hpp"
#include "procedure/meaning/change.hpp"
#include "procedure/meaning/preparation_difference.hpp"
#include "record/lab/cross_calibration.hpp"

#include <span>

namespace fusain {

/// What can be followed over time.
enum class Followed {
    Mass,
    FatPercent,
    FatMass,
    FatFreeMass,
    FatMassIndex,
    FatFreeMassIndex,
    LimbLean,
    LimbLeanIndex,
    LimbLeanShare,
    TrunkFat,
    VisceralFat,
    BodyWater,
    PhaseAngle,
    RightArmLean,
    LeftArmLean,
    RightLegLean,
    LeftLegLean,
    TrunkLean,
    RightArmFat,
    LeftArmFat,
    RightLegFat,
    LeftLegFat,
    Waist,
    Hip,
    Neck,
    Arm,
    Thigh,
    WaistToHeight,
    WaistToHip
};
struct FollowedText {
    Followed quantity;
    std::string_view id;    ///< "fat-mass" …
    std::string_view title; ///< marked for translation
    std::string_view unit;
    int decimals;
};
[[nodiscard]] std::span<const FollowedText> followedQuantities();
/// What a scan gives region by region, followed where somebody asks for it.
[[nodiscard]] std::span<const FollowedText> followedRegions();
/// What a tape gives: girths, and the ratios of the waist.
[[nodiscard]] std::span<const FollowedText> followedGirths();
/// What a precision study of an instrument can be of.
[[nodiscard]] std::vector<FollowedText> studiedOf(std::string_view instrument);
[[nodiscard]] const FollowedText& textOf(Followed quantity);
/// What two tests like this one are compared by: fat mass, or what a test without fat gives.
[[nodiscard]] Followed keyQuantity(const ComputedTest& test);

/// @param own the lab's measured precision, which takes the place of the error model for fat
/// @return nothing where this test does not give the quantity
[[nodiscard]] std::optional<FollowedValue> valueOf(Followed quantity, const ComputedTest& test,
                                                   const LabPrecision& own = {});

/// One line of a progress picture: visits that may be compared with each other.
struct Series {
    std::string_view method;
    std::string setting;    ///< instrument, software, mode; empty where it does not matter
    std::string conversion; ///< equation; empty where it does not matter
    struct Point {
        std::string testId;
        Instant at;
        FollowedValue value;
    };
    std::vector<Point> points; ///< oldest first
};
/// @param tests signed, oldest first  @return a line for each method and setting that gives the quantity
[[nodiscard]] std::vector<Series> seriesOf(Followed quantity, std::span<const ComputedTest> tests,
                                           const LabPrecision& own = {});
/// Change a week with its interval, from four visits on.
[[nodiscard]] std::optional<quality::Trend> trendOf(const Series& series);

enum class Verdict { Real, MayBeNoise, NotComparable };
/// One visit against an earlier one. By another method, setting or equation, or prepared otherwise, they cannot
/// be compared; a scale does not ask for that.
struct Comparison {
    Instant from, to;
    Verdict verdict = Verdict::NotComparable;
    bool known = false; ///< both tests give the quantity
    Change change;      ///< empty when they were taken by other methods, settings or equations
    std::vector<PreparationDifference> unlike; ///< what was prepared otherwise, so that they cannot be compared
    std::optional<double> perWeek;
    Message why; ///< the verdict in words
};
/// Where the preparation alone would push this quantity: +1 higher, −1 lower, 0 where nobody can say.
[[nodiscard]] int expectedPush(Followed quantity, const std::vector<PreparationDifference>& unlike);
[[nodiscard]] Comparison compare(Followed quantity, const ComputedTest& earlier, const ComputedTest& now,
                                 const LabPrecision& own = {});
/// Fat percent across two methods, the earlier value converted by the lab's own cross-calibration. The limit
/// counts both repeat errors and the scatter of a person in the conversion.
/// @return not comparable where the line is for other methods, or the value lies outside what it rests on
[[nodiscard]] Comparison compareConverted(const ComputedTest& earlier, const ComputedTest& now,
                                          const CrossCalibration& line);

/// What a loss or gain of mass a week is, against the ranges that are usually called safe.
/// @param perWeek kg  @param mass kg  @par Source Jensen MD et al (2014), Circulation 129 Suppl 2:S102-138 (0.5
/// to 1 kg a week early on); Garthe I et al (2011), Int J Sport Nutr Exerc Metab 21:97-104 (0.5 to 1 % a week).
[[nodiscard]] Message rateSentence(double perWeek, Kilograms mass);

/// What a change of mass is made of; the parts add up to it.
struct MassBalance {
    struct Part {
        std::string_view name; ///< marked for translation
        Change change;
    };
    std::vector<Part> parts;
    Kilograms mass; ///< change of the sum of the parts
};
/// Fat, lean and bone between two scans; fat, water and the rest between two impedance tests with an arc; fat
/// and fat-free mass otherwise. @return nothing when the two cannot be compared
[[nodiscard]] std::optional<MassBalance> massBalance(const ComputedTest& earlier, const ComputedTest& now,
                                                     const LabPrecision& own = {});

} // namespace fusain
