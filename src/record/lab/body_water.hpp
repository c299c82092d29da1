#pragma once
#include "core/compartments/dilution.hpp"
#include "record/base/calendar.hpp"
#include "record/base/document_kind.hpp"
#include "record/base/json_fwd.hpp"

#include <optional>
#include <string>
#include <vector>

namespace fusain {

/// Body water of a person by dilution of a tracer, as a laboratory reported it: docs/formats/screening.md.
struct WaterSample {
    Instant at;
    std::string by; ///< staff id of whoever typed it
    Litres water;   ///< of the body, at body temperature
    /// What it was worked out from; nothing where the litres were reported.
    std::optional<compartments::Dilution> dilution;
};
[[nodiscard]] WaterSample waterSampleFrom(const compartments::Dilution& dilution, Instant at, std::string by);

/// Why a sample cannot be right: no rise, a dose outside 0 … 0.2 kg, water below 35 or above 80 % of the mass.
/// @param mass of that time, kg; where it is not known, water between 5 and 100 L is accepted
[[nodiscard]] std::optional<Problem> problemWith(const WaterSample& sample,
                                                 const std::optional<Kilograms>& mass = {});

/// The samples of one person.
[[nodiscard]] Json toJson(const std::vector<WaterSample>& samples);
[[nodiscard]] Expected<std::vector<WaterSample>> waterSamplesFromJson(const Json& json,
                                                                      const std::string& where);

[[nodiscard]] DocumentKind waterSampleKind();

} // namespace fusain
