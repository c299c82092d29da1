#pragma once
#include "core/compartments/two_component.hpp"
#include "core/numeric/day_to_day.hpp"
#include "record/base/json_fwd.hpp"

#include <optional>

namespace fusain {

/// What the policies of all methods decide.
struct MethodPolicy {
    std::string id;
    std::string title;
    std::string source; ///< where the rules and the choices come from
    std::string fatReference = "fat-percent.gallagher-2000.widest";
    bool physiologistSigns = true;
    Kilograms dryMassError{0.05};
    DayToDay day; ///< of an unchanged person; a lab's own between-day study takes its place
};

/// What the policies of both densitometric methods decide: from density on, the two are the same.
struct DensityPolicy : MethodPolicy {
    std::string adultConversion = "fat.density.siri-1961";
    std::string childConversion = "fat.density.lohman-1989";
    compartments::FatFreeDensitySpread fatFreeDensitySpread;
};

/// Why the conversions of a policy cannot be used; nothing when they can.
[[nodiscard]] std::optional<Problem> problemWithConversions(const DensityPolicy& policy,
                                                            const std::string& where);
/// A Problem that says what to do about a policy.
[[nodiscard]] Problem wrongPolicy(Message what, const std::string& where);

} // namespace fusain
