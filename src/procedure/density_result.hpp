#pragma once
#include "core/compartments/body.hpp"
#include "core/message.hpp"
#include "record/policy.hpp"
#include "record/raw_test.hpp"

#include <optional>

namespace fusain {

/// What the two densitometric methods have in common once the volume of the body is known.
struct DensityResult {
    Kilograms mass{0.0};
    compartments::Body body;
    compartments::TwoComponentConstants constants = compartments::siri1961;
    std::string conversion;                  ///< catalogue id
    Source lungGas = Source::ResidualVolume; ///< the lung volume that the method subtracts or adds
    bool lungGasMeasured = false;            ///< not predicted from height and age
    std::vector<Message> flags;
};

/// Changes tried on the worked sheet; nothing that is stored changes with them.
struct WhatIf {
    std::optional<Litres> lungGas; ///< residual volume or thoracic gas, taken as measured
    std::optional<std::string> residualVolumeEquation;
    std::optional<std::string> conversion;
    std::optional<hydrostatic::TrialRule> rule;
    [[nodiscard]] bool empty() const { return !lungGas && !residualVolumeEquation && !conversion && !rule; }
};

/// Constants of the conversion for this person.
/// @param chosen catalogue id tried instead of the policy's; empty for the policy's own
/// @return id and constants; a Problem when the conversion does not cover the person, or mixes children and
/// adults
struct ChosenConversion {
    std::string id;
    compartments::TwoComponentConstants constants;
};
[[nodiscard]] Expected<ChosenConversion> chooseConversion(const DensityPolicy& policy,
                                                          const TestSubject& subject,
                                                          const std::optional<std::string>& chosen);

/// Problem for a result that lacks a reading.
[[nodiscard]] Problem missingReading(std::string_view reading);

/// Flags a density or fat percentage that cannot be right.
void flagBody(DensityResult& result);

/// Standard error of a value when the same test is repeated: the technical error without the lung gas where it
/// is predicted, because that part is the same in both tests.
template <class Q>
[[nodiscard]] double repeatError(const Measured<Q>& value, const DensityResult& result) {
    const double total = value.technicalError().value();
    const double shared = result.lungGasMeasured ? 0.0 : value.uncertain().share(result.lungGas);
    return std::sqrt(std::max(0.0, total * total - shared * shared));
}

/// Values with standard errors, budgets and flags, as stored and printed by fusain-calc.
[[nodiscard]] Json bodyJson(const DensityResult& result);

} // namespace fusain
