#pragma once
#include "core/dxa/scan.hpp"
#include "link/simulation/method/random.hpp"

namespace fusain::simulation {

/// The person on the simulated densitometer, in truth.
struct ScannedPerson {
    Sex sex = Sex::Male;
    Kilograms fat{15.0};
    Kilograms lean{56.0};
    Kilograms boneMineral{3.0};
    double trunkFat = 0.50;               ///< part of the fat that lies in the trunk
    double rightArm = 1.0, leftArm = 1.0; ///< lean of an arm against what is usual
    double rightLeg = 1.0, leftLeg = 1.0;
};
/// All ten regions of this body, exactly.
[[nodiscard]] dxa::Scan trueRegions(const ScannedPerson& person);

/// What goes wrong during one scan.
struct DensitometerFaults {
    bool armOutside = false; ///< the left arm lies half outside the field
    bool linesWrong = false; ///< a shoulder line cuts a third of the right arm's tissue into the trunk
    bool metal = false;      ///< a belt buckle: bone mineral where there is none
    bool moves = false;      ///< everything less certain
};
/// How well the simulated scanner repeats; relative standard deviations.
struct DensitometerNoise {
    double split = 0.012; ///< of the fat of the whole body, taken from or given to the lean
    double region = 0.015;
    double boneMineral = 0.006;
};

/// One scan, printed to grams: parts, subtotal and total add up as printed. Same arguments and random state,
/// same scan.
[[nodiscard]] dxa::Scan playWholeBody(const dxa::Scan& truth, const DensitometerFaults& faults,
                                      const DensitometerNoise& noise, Random& random);
/// Fat that the certificate of the simulated soft-tissue phantom states.
inline constexpr Percent softTissuePhantom{24.05};
/// The soft-tissue phantom. @param off points of fat that the scanner has drifted  @return fat, %
[[nodiscard]] Percent playPhantom(Percent nominal, double off, Random& random);

} // namespace fusain::simulation
