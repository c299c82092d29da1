#pragma once
#include "core/units/units.hpp"

#include <vector>

namespace fusain::energy {

/// Fat mass after a change of body mass, by the partition curve of slow, diet-only change:
/// FM_f = 10.4·W[(FM_i/10.4)·exp((FM_i + ΔBW)/10.4)], W Lambert's function. Adults; not for training.
/// @param fatMass kg, > 0  @param change of body mass, kg, above −(all of it)  @return kg
/// @par Source Hall KD (2007), Br J Nutr 97:1059-1063; Forbes GB (2000), Ann N Y Acad Sci 904:359-365.
[[nodiscard]] Kilograms fatMassAfter(Kilograms fatMass, Kilograms change);
/// Part of a small change of mass that is fat-free: 10.4/(10.4 + FM).
[[nodiscard]] double fatFreeShare(Kilograms fatMass);

/// Body mass at which a fat fraction is reached, with the fat-free mass kept, and by the partition curve.
struct TargetMass {
    Kilograms fatFreeKept; ///< FFM/(1 − f)
    Kilograms byPartition; ///< lower for a loss: lean is lost as well
};
/// @param fatFraction 0.03 … 0.6
[[nodiscard]] TargetMass targetMass(Kilograms fatMass, Kilograms fatFreeMass, double fatFraction);

/// Who changes mass, and from what.
struct DietSubject {
    Kilograms mass;
    Kilograms fatMass;
    KilocaloriesPerDay resting;
    double activityLevel = 1.6;
};
/// One day of the simulation.
struct DietDay {
    double day;
    Kilograms mass;
    Kilograms fatMass;
    Kilograms fatFreeMass;
    KilocaloriesPerDay expenditure;
};
/// The dynamic model of an adult: glycogen with its water, extracellular fluid, adaptation and the changing
/// cost of the changing body; half of the energy from carbohydrate before and after, sodium unchanged.
/// @param change of intake against balance, kcal/d  @param days 1 … 3650
/// @return one entry a day from day 0
/// @par Source Hall KD et al (2011), Lancet 378:826-837, and its supplement.
[[nodiscard]] std::vector<DietDay> dynamicCourse(const DietSubject& subject, KilocaloriesPerDay change,
                                                 int days);
/// The static rule of 7700 kcal a kilogram, kept only to show how far off it is.
/// @par Source Wishnofsky M (1958), Am J Clin Nutr 6:542-546.
[[nodiscard]] Kilograms staticChange(KilocaloriesPerDay change, double days);
/// Change of intake that the dynamic model needs for a change of mass in a time; by bisection, within 1 kcal.
[[nodiscard]] KilocaloriesPerDay intakeFor(const DietSubject& subject, Kilograms change, int days);

} // namespace fusain::energy
