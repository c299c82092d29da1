#pragma once
#include "core/units/units.hpp"

#include <optional>
#include <span>
#include <string_view>
#include <vector>

namespace fusain::energy {

/// Whom resting energy is predicted for. Fat-free and fat mass come from a measurement, or are missing.
struct RestingSubject {
    Sex sex = Sex::Female;
    Years age;
    Metres height;
    Kilograms mass;
    std::optional<Kilograms> fatFreeMass;
    bool athlete = false;
};

/// One published equation for resting energy, kcal a day.
struct RestingEquation {
    std::string_view id;
    std::string_view title; ///< marked for translation
    std::string_view formula;
    std::string_view citation;
    char grade;
    bool needsFatFreeMass;
    bool forAthletes;
    Years fromAge, toAge; ///< completed, inclusive
    std::optional<Sex> only;
    KilocaloriesPerDay (*compute)(const RestingSubject&);
    [[nodiscard]] bool covers(const RestingSubject& subject) const;
};
/// Every equation that ships; those of grade A first.
[[nodiscard]] std::span<const RestingEquation> restingEquations();
[[nodiscard]] const RestingEquation* findRestingEquation(std::string_view id);
/// The one to start from: with fat-free mass Cunningham 1991 (athletes 1980), else Mifflin; children Henry.
/// @par Source sheet 1, "Accuracy and choice".
[[nodiscard]] const RestingEquation& usualEquation(const RestingSubject& subject);
/// The grade-A equations that cover the person, with what each gives.
struct RestingEstimate {
    const RestingEquation* equation;
    KilocaloriesPerDay value;
};
[[nodiscard]] std::vector<RestingEstimate> restingEstimates(const RestingSubject& subject);

/// Half of the 95 % interval of resting energy for one person, as a part of it: within 10 % are only about 82 %
/// of people, 70 % of obese ones. Grade B. @par Source Frankenfield D et al (2005), J Am Diet Assoc
/// 105:775-789.
inline constexpr double restingInterval = 0.15, restingIntervalObese = 0.18;
/// The same of an activity level, in its own unit. Grade B.
inline constexpr double activityInterval = 0.15;
/// Half of the 95 % interval of the energy that one person spends, as a part of it.
/// @param bodyMassIndex kg/m²  @param activityLevel 1.2 to 2.5
[[nodiscard]] double expenditureInterval(KilogramsPerSquareMetre bodyMassIndex, double activityLevel);

/// Resting energy from gas exchange: 1440·(3.941·VO2 + 1.106·VCO2), without urinary nitrogen (up to 1.5 %
/// high). @param oxygen, carbonDioxide L/min STPD  @par Source Weir JB (1949), J Physiol 109:1-9.
[[nodiscard]] KilocaloriesPerDay restingFromGases(double oxygen, double carbonDioxide);
/// A resting measurement is believed with a quotient of 0.67 to 1.0 and variation of both gases of at most 10
/// %.
/// @par Source Compher C et al (2006), J Am Diet Assoc 106:881-903 (to be confirmed against the source).
[[nodiscard]] bool acceptableResting(double oxygen, double carbonDioxide, double variationPercent);

/// A part of the day with its cost as a multiple of rest.
struct Activity {
    double hours;
    double multiple; ///< MET of the compendium
};
/// Activity level of a described day: Σ hours·multiple/24; 24 h are needed, the rest of the day counts as 1.0.
[[nodiscard]] double activityLevel(std::span<const Activity> day);
/// Bands of the activity level. @par Source FAO/WHO/UNU (2001), Human Energy Requirements.
[[nodiscard]] std::string_view activityBand(double level); ///< marked for translation

} // namespace fusain::energy
