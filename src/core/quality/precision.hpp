#pragma once

namespace fusain::quality {

/// Least significant change at 95 % between two single tests of equal precision: Φ⁻¹(0.975)·√2·PE.
/// @param precisionError standard error of one test, unit of the quantity, ≥ 0  @return same unit
/// @par Source Glüer CC et al (1995), Osteoporos Int 5:262-270.
[[nodiscard]] double leastSignificantChange(double precisionError);

/// Least significant change between two tests with their own standard errors: Φ⁻¹(0.975)·√(PE1² + PE2²).
[[nodiscard]] double leastSignificantChange(double firstError, double secondError);

} // namespace fusain::quality
