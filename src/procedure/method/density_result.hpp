#pragma once
#include "procedure/method/result.hpp"
#include "record/method/policy.hpp"

namespace fusain {

/// What the two densitometric methods have in common once the volume of the body is known.
struct DensityResult : TestResult {
    compartments::Body body;
    compartments::TwoComponentConstants constants = compartments::siri1961;
    Source lungGas = Source::ResidualVolume; ///< the lung volume that the method subtracts or adds
    bool lungGasMeasured = false;            ///< not predicted from height and age
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

/// Every conversion of density to fat.
[[nodiscard]] std::vector<EquationChoice> densityConversionsToTry();

/// Between people like this one, kg/L. @param mass of today
[[nodiscard]] KilogramsPerLitre fatFreeDensitySpread(const DensityPolicy& policy, const TestSubject& subject,
                                                     Kilograms mass);

/// A lung volume as it was found.
struct LungVolume {
    Litres litres, standardError;
    bool measured;
    Litres measuredError; ///< that a measurement would have had
};
/// The volume with its sources. @param measuredAs the source of a measurement  @param ofTheDay how the lungs of
/// an unchanged person differ from day to day
[[nodiscard]] Measured<Litres> lungVolume(Source measuredAs, const LungVolume& volume, Litres ofTheDay);
/// Notes whose lung volume it was, and whether it was measured.
void setLungGas(DensityResult& result, Source lungGas, bool measured);
/// Flags a density or fat percentage that cannot be right.
void flagBody(DensityResult& result);

/// Values with standard errors, budgets and flags, as stored and printed by fusain-calc.
[[nodiscard]] Json bodyJson(const DensityResult& result);

} // namespace fusain
