#pragma once
#include "core/compartments/body.hpp"
#include "core/energy/resting.hpp"
#include "core/energy/weight_change.hpp"
#include "record/base/json_fwd.hpp"
#include "record/lab/plan_request.hpp"
#include "record/lab/screening.hpp"
#include "record/method/raw_record.hpp"

#include <vector>

namespace fusain {

/// What is known of somebody when a plan is made.
struct PlanAnswers {
    bool athlete = false;
    std::vector<Asked> health;   ///< what was asked of them, and what was not: unasked counts as not cleared
    bool lowLimbLean = false;    ///< lean of arms and legs below the limit of the lab's reference
    bool belowReference = false; ///< % fat below the reference range with its whole interval
};

/// Whom a plan is for, as measured and as asked.
struct PlanSubject {
    Sex sex = Sex::Female;
    Years age;
    Metres height;
    Kilograms mass;
    Kilograms fatMass;
    Kilograms fatFreeMass;
    PlanAnswers answers = {};
};
[[nodiscard]] PlanSubject planSubject(const TestSubject& who, const compartments::Composition& body,
                                      PlanAnswers answers);

/// Why there is no plan, and who helps instead. A stop is final: nothing is computed beside it.
struct PlanStop {
    Message why;
    Message whom;
};
[[nodiscard]] std::vector<PlanStop> stopsBefore(const PlanSubject& subject, const PlanRequest& request);

/// Where somebody is after some weeks.
struct PlanPoint {
    int week = 0;
    Kilograms mass, fatMass, fatFreeMass;
    Kilograms lowest, highest; ///< of the mass, when the expenditure is off by its 95 % interval either way
    KilocaloriesPerDay expenditure;
};
/// Where a course leaves what this program plans with: nothing beyond it is to be followed.
struct PlanCrossing {
    int week = 0; ///< the first week that is beyond it
    Message why;
};
struct Plan {
    std::vector<energy::RestingEstimate> estimates; ///< side by side, so that nobody believes one too much
    KilocaloriesPerDay resting;                     ///< measured, or by the usual equation
    std::string_view restingHow;                    ///< marked for translation
    KilocaloriesPerDay balance;                     ///< expenditure today
    KilocaloriesPerDay intake;
    KilocaloriesPerKilogramDay energyAvailability; ///< (intake − exercise)/FFM
    double proteinLow = 0.0, proteinHigh = 0.0;    ///< g a day
    std::vector<PlanPoint> points;                 ///< weeks 0 … the end
    Kilograms staticChange{0.0};                   ///< by 7700 kcal a kilogram, to show how far off it is
    std::optional<energy::TargetMass> target;
    std::optional<std::pair<double, double>>
        weeksAtSafeRate; ///< to the two ends of the target, at 0.7 % a week
    std::vector<Message> cautions;
    std::optional<PlanCrossing> crossing; ///< the guards hold for the whole course, not for its end alone
};
/// @return a Problem with the first stop for somebody who must not get a plan
[[nodiscard]] Expected<Plan> makePlan(const PlanSubject& subject, const PlanRequest& request);

/// The first week of a plan at which the fat is what was wished for, from whichever side.
/// @return nothing where the course does not come there
[[nodiscard]] std::optional<int> weekAtTarget(const Plan& plan, Percent target);

/// Energy availability below which this program gives no plan, kcal a day and kg of fat-free mass. There is no
/// cut-off for everybody: duration, sex and severity count. That of men is less sure (20 to 25).
/// @par Source Loucks AB, Thuma JR (2003), J Clin Endocrinol Metab 88:297-311; Mountjoy M et al (2023), Br J
/// Sports Med 57:1073-1097, to be confirmed for men.
[[nodiscard]] constexpr double lowEnergyAvailability(Sex sex) {
    return sex == Sex::Male ? 25.0 : 30.0;
}
/// From here on it is enough. @par Source as above.
inline constexpr double fullEnergyAvailability = 45.0;
/// Below this no target gets numbers, though some people are there: engineering choices above essential fat.
[[nodiscard]] constexpr Percent leastTarget(Sex sex, bool athlete) {
    if (sex == Sex::Male)
        return Percent(athlete ? 7.0 : 10.0);
    return Percent(athlete ? 15.0 : 20.0);
}
/// Essential fat, a convention and a floor, never a goal. @par Source Behnke AR, Wilmore JH (1974).
[[nodiscard]] constexpr Percent essentialFat(Sex sex) {
    return Percent(sex == Sex::Male ? 3.0 : 12.0);
}

} // namespace fusain
