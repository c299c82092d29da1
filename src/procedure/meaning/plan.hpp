#pragma once
#include "core/compartments/body.hpp"
#include "core/energy/resting.hpp"
#include "core/energy/weight_change.hpp"
#include "record/base/json_fwd.hpp"
#include "record/method/raw_record.hpp"

#include <vector>

namespace fusain {

/// What is asked before a plan, and kept with it.
struct PlanAnswers {
    bool athlete = false;
    bool pregnant = false;
    bool eatingDisorder = false; ///< now or in the past, as the client says
    bool kidneyDisease = false;
    int eatingQuestions = 0; ///< of the five about eating, how many were answered with yes
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
                                      const PlanAnswers& answers);

/// What is wished for, and what is eaten and done.
struct PlanRequest {
    std::optional<Percent> targetFat;
    int weeks = 12;                   ///< 1 to 52
    KilocaloriesPerDay change{0.0};   ///< of intake against balance
    double activityLevel = 1.6;       ///< 1.2 to 2.5
    KilocaloriesPerDay exercise{0.0}; ///< net of rest, part of the above
    std::optional<KilocaloriesPerDay> measuredResting;
    PlanAnswers answers;
};
[[nodiscard]] Json toJson(const PlanRequest& request);
[[nodiscard]] Expected<PlanRequest> planRequestFromJson(const Json& json);

/// The five questions about eating; two yes are a reason for no targets. Marked for translation.
/// @par Source Morgan JF, Reid F, Lacey JH (1999), BMJ 319:1467-1468.
[[nodiscard]] std::span<const std::string_view> eatingQuestions();

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
struct Plan {
    std::vector<energy::RestingEstimate> estimates; ///< side by side, so that nobody believes one too much
    KilocaloriesPerDay resting;                     ///< measured, or by the usual equation
    std::string_view restingHow;                    ///< marked for translation
    KilocaloriesPerDay balance;                     ///< expenditure today
    KilocaloriesPerDay intake;
    double energyAvailability = 0.0;            ///< (intake − exercise)/FFM, kcal/kg a day
    double proteinLow = 0.0, proteinHigh = 0.0; ///< g a day
    std::vector<PlanPoint> points;              ///< weeks 0 … the end
    Kilograms staticChange{0.0};                ///< by 7700 kcal a kilogram, to show how far off it is
    std::optional<energy::TargetMass> target;
    std::optional<std::pair<double, double>>
        weeksAtSafeRate; ///< to the two ends of the target, at 0.7 % a week
    std::vector<Message> cautions;
};
/// @return a Problem with the first stop for somebody who must not get a plan
[[nodiscard]] Expected<Plan> makePlan(const PlanSubject& subject, const PlanRequest& request);

/// Energy availability that counts as low, and as enough; thresholds to be confirmed against the source.
/// @par Source Loucks AB, Kiens B, Wright HH (2011), J Sports Sci 29 Suppl 1:S7-S15.
inline constexpr double lowEnergyAvailability = 30.0, fullEnergyAvailability = 45.0;
/// Essential fat, a convention and a floor, never a goal. @par Source Behnke AR, Wilmore JH (1974).
[[nodiscard]] constexpr Percent essentialFat(Sex sex) {
    return Percent(sex == Sex::Male ? 3.0 : 12.0);
}

} // namespace fusain
