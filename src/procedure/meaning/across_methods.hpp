#pragma once
#include "core/compartments/multi_component.hpp"
#include "core/quality/agreement.hpp"
#include "procedure/meaning/change.hpp"
#include "record/lab/body_water.hpp"

#include <span>

namespace fusain {

/// One method's fat of a day, with all of its errors.
struct MethodValue {
    std::string testId;
    std::string_view method;
    Instant at;
    Measured<Percent> fatPercent;
};
/// Two methods of the day.
struct MethodPair {
    std::size_t first, second; ///< places in MethodsOfADay::values
    Percent difference;        ///< first − second, points of fat
    Percent halfInterval;      ///< 95 %, both errors together
    Message likelyCause;       ///< empty when they agree closely
    [[nodiscard]] bool agrees() const { return std::abs(difference.value()) <= halfInterval.value(); }
};
/// Fat by a model of several components.
struct ModelValue {
    const compartments::MultiComponentModel* model = nullptr;
    compartments::Composition composition;
};
/// Everything that one person's tests of one day say together.
struct MethodsOfADay {
    Instant day;
    std::vector<MethodValue> values; ///< in the order of the methods
    std::vector<MethodPair> pairs;
    std::vector<ModelValue> models; ///< grade A, those that the inputs allow; the preferred one first
    std::vector<Message> inputs;    ///< what density, water and mineral the models rest on
    /// The values put together, each as far as it adds something: beside them, never instead. Not with one.
    struct Best {
        Measured<Percent> fatPercent;
        std::vector<double> weights; ///< of `values`
    };
    std::optional<Best> best;
};
/// @param tests of one person and one day; the latest of each method counts
/// @param dilution body water of that day by a tracer, which is used in place of that of impedance
[[nodiscard]] MethodsOfADay acrossMethods(std::span<const ComputedTest> tests,
                                          const std::optional<WaterSample>& dilution = {});

/// Spread of body water by spectroscopy about dilution for one person, L.
/// @par Source Moissl UM et al (2006), Physiol Meas 27:921-933; not yet verified.
inline constexpr double spectroscopyWaterSpread = 2.3;
/// What it may be instead: shown beside, so that nobody takes the first for certain.
inline constexpr double spectroscopyWaterSpreadAtWorst = 3.0;

/// Fat percent by two methods of everybody who had both on one day.
/// @param tests of many people, any order  @param sameDay whether two moments are one day in the lab's zone
[[nodiscard]] std::vector<quality::PairedValue> pairedFat(std::span<const ComputedTest> tests,
                                                          std::string_view reference, std::string_view other,
                                                          const std::function<bool(Instant, Instant)>& sameDay);

/// The mean standard error of one visit of fat by a method over tests, %fat.
/// @param own what the lab found  @return 0 when no test of the method gives fat
[[nodiscard]] double meanVisitError(std::span<const ComputedTest> tests, std::string_view method,
                                    const std::optional<StudiedError>& own);

} // namespace fusain
