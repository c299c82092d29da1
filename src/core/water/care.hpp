#pragma once
#include "core/base/message.hpp"
#include "core/units/units.hpp"

#include <optional>
#include <vector>

namespace fusain::water {

/// Limits of the water in a tank that people go into; a policy of the lab.
/// @par Source CDC Model Aquatic Health Code: free chlorine 3 mg/L or more in small warm tubs, never above 10;
/// pH 7.2 to 7.8; combined chlorine 0.4 at most. The upper aim of 5 mg/L is an engineering choice of this
/// program.
struct CareLimits {
    MilligramsPerLitre chlorineLeast{3.0}, chlorineMost{5.0}, chlorineNever{10.0}; ///< free chlorine
    MilligramsPerLitre combinedMost{0.4};                                          ///< combined chlorine
    double acidityLeast = 7.2, acidityMost = 7.8;                                  ///< pH
};

/// One reading of the water. What is not possible at all (a pH of 20) is refused before: see problemWith.
struct CareReading {
    MilligramsPerLitre freeChlorine;                    ///< 0 to 50
    std::optional<MilligramsPerLitre> combinedChlorine; ///< 0 to 20
    double acidity = 7.5;                               ///< pH, 4 to 10
    Celsius temperature{35.0};                          ///< 5 to 60
};
/// What cannot be a reading of tank water; nothing when it can be.
[[nodiscard]] std::optional<Message> problemWith(const CareReading& reading);

enum class CareVerdict { Good, PutRight, NobodyIn };
struct CareFinding {
    CareVerdict verdict = CareVerdict::Good;
    Message what;
};
/// Judges the water; the most severe finding first, nothing when all is well.
/// @param volume of the tank, for what has to be added  @param stock strength of the chlorine solution, %
[[nodiscard]] std::vector<CareFinding> judgeCare(const CareReading& reading, const CareLimits& limits,
                                                 Litres volume, Percent stock);
[[nodiscard]] CareVerdict worst(const std::vector<CareFinding>& findings);

/// How much of a chlorine solution raises the free chlorine: mL = mg/L · L / (10 · %).
/// @param raiseBy 0 or more  @param stock strength of the solution, % available chlorine, above 0
[[nodiscard]] double chlorineDose(MilligramsPerLitre raiseBy, Litres volume, Percent stock);

/// Share of the free chlorine that disinfects (HOCl): 1 / (1 + 10^(pH − pKa)), pKa = 3000.00/T − 10.0686 +
/// 0.0253·T with T in kelvin: 7.54 at 25 °C, 7.47 at 34 °C.
/// @param acidity pH, 6 … 9  @param temperature 5 … 40 °C
/// @par Source Morris JC (1966), J Phys Chem 70:3798-3805; not yet verified.
[[nodiscard]] double hypochlorousShare(double acidity, Celsius temperature);

} // namespace fusain::water
