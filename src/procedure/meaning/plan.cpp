#include "procedure/meaning/plan.hpp"

#include "core/anthropometry/ages.hpp"
#include "core/anthropometry/indices.hpp"
#include "core/anthropometry/limits.hpp"
#include "core/units/format.hpp"
#include "record/base/json.hpp"

#include <algorithm>
#include <cmath>
#include <tuple>

namespace fusain {
namespace {

using Kcal = KilocaloriesPerDay;

constexpr double thinBmi = anthropometry::thinBelow.value();
/// From here on more protein is asked for. @par Source Bauer J et al (2013), J Am Med Dir Assoc 14:542-559.
constexpr Years moreProteinAge{65.0};
constexpr double safeWeekly = 0.007; // of the mass: the slow arm of Garthe 2011

const Message dietitian{FUSAIN_TEXT("A dietitian makes such a plan, with a physician where needed."), {}};

double bmi(Kilograms mass, Metres height) {
    return anthropometry::massIndex(mass, height).value();
}

void stopsOfThePerson(std::vector<PlanStop>& stops, const PlanSubject& subject, bool losing) {
    if (subject.age < anthropometry::adultAge)
        stops.push_back(
            {{FUSAIN_TEXT("Under 18: no target for weight or fat and no deficit, because the body is still growing."), {}},
             {FUSAIN_TEXT("Talk of growth, strength and health, with a guardian; a paediatrician where "
                          "there is worry."),
              {}}});
    if (bmi(subject.mass, subject.height) < thinBmi)
        stops.push_back({{FUSAIN_TEXT("The body mass index is {1}, below 18.5: no plan to lose."),
                          {fixed(bmi(subject.mass, subject.height), 1)}},
                         dietitian});
    if (subject.answers.belowReference && losing)
        stops.push_back(
            {{FUSAIN_TEXT("Body fat is below the reference range: eating enough is what matters, not less."),
              {}},
             dietitian});
    if (subject.answers.lowLimbLean)
        stops.push_back({{FUSAIN_TEXT("Little lean on arms and legs: losing weight costs more of it."), {}},
                         {FUSAIN_TEXT("Strength is tested first; a physician and a dietitian decide."), {}}});
}

// What somebody said stops a plan; what nobody asked stops a loss.
void stopsOfTheAnswers(std::vector<PlanStop>& stops, const PlanSubject& subject, bool losing) {
    const auto& health = subject.answers.health;
    const auto say = [&](const ScreeningQuestion& question) {
        stops.push_back({{question.why, {}}, {question.whom, {}}});
    };
    const auto aboutEating = std::ranges::find_if(health, [](const Asked& each) {
        return each.clearance == Clearance::Said && (each.question->effect == ScreeningEffect::EatingHistory ||
                                                     each.question->effect == ScreeningEffect::Eating);
    });
    if (eatingConcern(health)) // then one of them was said
        say(*aboutEating->question);
    for (const Asked& each : health)
        if (each.clearance == Clearance::Said && each.question->effect == ScreeningEffect::Stop)
            say(*each.question);
    const auto open = std::ranges::count(health, Clearance::NotAsked, &Asked::clearance);
    if (losing && (health.empty() || open > 0))
        stops.push_back({{FUSAIN_TEXT("No plan to lose before the health questions are asked: {1} are open."),
                          {std::to_string(open)}},
                         {FUSAIN_TEXT("Ask them kindly and alone. Nobody has to answer; then there are no "
                                      "numbers here."),
                          {}}});
}

void stopsOfTheTarget(std::vector<PlanStop>& stops, const PlanSubject& subject, const PlanRequest& request) {
    if (!request.targetFat)
        return;
    if (*request.targetFat <= essentialFat(subject.sex)) {
        stops.push_back(
            {{FUSAIN_TEXT("{1} % is not above the essential fat of {2} %: that is a floor, not a goal."),
              {fixed(request.targetFat->value(), 1), fixed(essentialFat(subject.sex).value(), 0)}},
             dietitian});
        return;
    }
    if (const Percent least = leastTarget(subject.sex, subject.answers.athlete); *request.targetFat < least) {
        stops.push_back({{FUSAIN_TEXT("{1} % is below {2} %: no numbers for a target so low."),
                          {fixed(request.targetFat->value(), 1), fixed(least.value(), 0)}},
                         dietitian});
        return;
    }
    const auto target =
        energy::targetMass(subject.fatMass, subject.fatFreeMass, request.targetFat->value() / 100.0);
    if (std::min(bmi(target.byPartition, subject.height), bmi(target.fatFreeKept, subject.height)) < thinBmi)
        stops.push_back(
            {{FUSAIN_TEXT("The target would lead to a body mass index below 18.5."), {}}, dietitian});
}

Kcal restingOf(const PlanSubject& subject, const PlanRequest& request, Plan& plan) {
    const energy::RestingSubject person{subject.sex,  subject.age,         subject.height,
                                        subject.mass, subject.fatFreeMass, subject.answers.athlete};
    plan.estimates = energy::restingEstimates(person);
    if (request.measuredResting) {
        plan.restingHow = FUSAIN_TEXT("measured");
        return *request.measuredResting;
    }
    const auto& usual = energy::usualEquation(person);
    plan.restingHow = usual.title;
    return usual.compute(person);
}

// What is eaten must not fall below rest, and must leave enough for the body after training.
std::vector<PlanStop> stopsOfTheIntake(const Plan& plan, const PlanSubject& subject,
                                       const PlanRequest& request) {
    std::vector<PlanStop> stops;
    constexpr double rounding = 0.01; // kcal
    if (request.change.value() < 0.0 && plan.intake.value() < plan.resting.value() - rounding)
        stops.push_back({{FUSAIN_TEXT("{1} kcal a day is less than the body needs at rest ({2} kcal)."),
                          {fixed(plan.intake.value(), 0), fixed(plan.resting.value(), 0)}},
                         dietitian});
    const double least = lowEnergyAvailability(subject.sex);
    if (request.exercise.value() > 0.0 && plan.energyAvailability.value() < least)
        stops.push_back(
            {{FUSAIN_TEXT(
                  "Energy availability would be {1} kcal per kg of fat-free mass a day, below {2}: "
                  "hormones and bones suffer when it lasts. There is no limit that holds for everybody."),
              {fixed(plan.energyAvailability.value(), 0), fixed(least, 0)}},
             dietitian});
    return stops;
}

double expenditureInterval(const PlanSubject& subject, const PlanRequest& request) {
    return energy::expenditureInterval(anthropometry::massIndex(subject.mass, subject.height),
                                       request.activityLevel);
}

void follow(Plan& plan, const PlanSubject& subject, const PlanRequest& request) {
    const energy::DietSubject body{subject.mass, subject.fatMass, plan.resting, request.activityLevel};
    const int days = 7 * request.weeks;
    // Eating as planned, while this person spends more or less than predicted.
    const Kcal off = plan.balance * expenditureInterval(subject, request);
    const auto likely = energy::dynamicCourse(body, request.change, days),
               fast = energy::dynamicCourse(body, request.change - off, days),
               slow = energy::dynamicCourse(body, request.change + off, days);
    for (int week = 0; week <= request.weeks; ++week) {
        const auto day = static_cast<std::size_t>(7 * week);
        plan.points.push_back({week, likely[day].mass, likely[day].fatMass, likely[day].fatFreeMass,
                               fast[day].mass, slow[day].mass, likely[day].expenditure});
    }
    plan.staticChange = energy::staticChange(request.change, days);
}

// The guard that a week of the course leaves behind, if any.
std::optional<Message> leftBehind(const PlanPoint& point, const Plan& plan, const PlanSubject& subject,
                                  const PlanRequest& request) {
    if (bmi(point.mass, subject.height) < thinBmi)
        return Message{FUSAIN_TEXT("From week {1} on the body mass index would be below 18.5."),
                       {std::to_string(point.week)}};
    const double fat = 100.0 * (point.fatMass / point.mass);
    const Percent least = leastTarget(subject.sex, subject.answers.athlete);
    if (fat < least.value())
        return Message{FUSAIN_TEXT("From week {1} on body fat would be below {2} %."),
                       {std::to_string(point.week), fixed(least.value(), 0)}};
    const double available = (plan.intake - request.exercise).value() / point.fatFreeMass.value();
    if (request.exercise.value() > 0.0 && available < lowEnergyAvailability(subject.sex))
        return Message{FUSAIN_TEXT("From week {1} on energy availability would be below {2} kcal per kg."),
                       {std::to_string(point.week), fixed(lowEnergyAvailability(subject.sex), 0)}};
    return std::nullopt;
}

void guardTheCourse(Plan& plan, const PlanSubject& subject, const PlanRequest& request) {
    if (request.change.value() >= 0.0)
        return;
    for (const PlanPoint& point : plan.points)
        if (auto why = leftBehind(point, plan, subject, request)) {
            plan.crossing = PlanCrossing{point.week, std::move(*why)};
            return;
        }
}

void protein(Plan& plan, const PlanSubject& subject, const PlanRequest& request) {
    for (const Asked& each : subject.answers.health)
        if (each.question->effect == ScreeningEffect::Protein && each.clearance != Clearance::Cleared)
            return plan.cautions.push_back({each.question->why, {}});
    // Athletes in a deficit by fat-free mass (Helms 2014), others by mass (ACSM 2016; PROT-AGE 2013 from 65 y).
    const bool deficit = request.change.value() < 0.0;
    const double mass = subject.mass.value(), fatFree = subject.fatFreeMass.value();
    if (subject.answers.athlete && deficit)
        std::tie(plan.proteinLow, plan.proteinHigh) = std::pair(2.3 * fatFree, 3.1 * fatFree);
    else if (subject.answers.athlete)
        std::tie(plan.proteinLow, plan.proteinHigh) = std::pair(1.2 * mass, 2.0 * mass);
    else if (subject.age >= moreProteinAge)
        std::tie(plan.proteinLow, plan.proteinHigh) = std::pair(1.0 * mass, 1.2 * mass);
    else
        std::tie(plan.proteinLow, plan.proteinHigh) = std::pair(0.8 * mass, 1.6 * mass);
}

void caution(Plan& plan, const PlanSubject& subject, const PlanRequest& request) {
    if (plan.energyAvailability.value() < fullEnergyAvailability && request.exercise.value() > 0.0)
        plan.cautions.push_back(
            {FUSAIN_TEXT(
                 "Energy availability {1} kcal per kg of fat-free mass a day ({2} to {3} counts as reduced). "
                 "Reported intake is usually 10 to 30 % too low: a warning sign, not a diagnosis."),
             {fixed(plan.energyAvailability.value(), 0), fixed(lowEnergyAvailability(subject.sex), 0),
              fixed(fullEnergyAvailability, 0)}});
    if (plan.points.size() > 1) {
        const double first = (plan.points[1].mass - subject.mass).value();
        const double later =
            plan.points.size() > 4 ? (plan.points[4].mass - plan.points[1].mass).value() / 3.0 : first;
        if (later < -0.01 * subject.mass.value())
            plan.cautions.push_back(
                {FUSAIN_TEXT("More than 1 % of the mass a week: lean is lost as well. Slower is "
                             "usually better."),
                 {}});
    }
    plan.cautions.push_back({FUSAIN_TEXT("Energy expenditure of one person may differ by ± {1} % (95 %). "
                                         "Follow the scale for two weeks and "
                                         "correct."),
                             {fixed(100.0 * expenditureInterval(subject, request), 0)}});
}

} // namespace

PlanSubject planSubject(const TestSubject& who, const compartments::Composition& body, PlanAnswers answers) {
    const Kilograms fat = body.fatMass.estimate(), fatFree = body.fatFreeMass.estimate();
    return {who.sex, who.age, who.height, fat + fatFree, fat, fatFree, std::move(answers)};
}

std::vector<PlanStop> stopsBefore(const PlanSubject& subject, const PlanRequest& request) {
    std::vector<PlanStop> stops;
    const bool losing =
        request.change.value() < 0.0 ||
        (request.targetFat && request.targetFat->value() < 100.0 * (subject.fatMass / subject.mass));
    stopsOfThePerson(stops, subject, losing);
    stopsOfTheAnswers(stops, subject, losing);
    if (stops.empty())
        stopsOfTheTarget(stops, subject, request);
    return stops;
}

Expected<Plan> makePlan(const PlanSubject& subject, const PlanRequest& request) {
    const auto stopped = [](const PlanStop& stop) { return failure(stop.why, {}, stop.whom); };
    if (const auto stops = stopsBefore(subject, request); !stops.empty())
        return stopped(stops.front());
    Plan plan;
    plan.resting = restingOf(subject, request, plan);
    plan.balance = plan.resting * request.activityLevel;
    plan.intake = plan.balance + request.change;
    plan.energyAvailability =
        KilocaloriesPerKilogramDay((plan.intake - request.exercise).value() / subject.fatFreeMass.value());
    if (const auto stops = stopsOfTheIntake(plan, subject, request); !stops.empty())
        return stopped(stops.front());
    follow(plan, subject, request);
    guardTheCourse(plan, subject, request);
    if (plan.crossing && plan.crossing->week == 0)
        return stopped({plan.crossing->why, dietitian});
    protein(plan, subject, request);
    if (request.targetFat) {
        plan.target =
            energy::targetMass(subject.fatMass, subject.fatFreeMass, request.targetFat->value() / 100.0);
        const auto weeks = [&](Kilograms to) {
            return std::log(to / subject.mass) / std::log(1.0 - safeWeekly);
        };
        if (plan.target->fatFreeKept < subject.mass)
            plan.weeksAtSafeRate = {weeks(plan.target->fatFreeKept), weeks(plan.target->byPartition)};
    }
    caution(plan, subject, request);
    return plan;
}

std::optional<int> weekAtTarget(const Plan& plan, Percent target) {
    const auto percentAt = [](const PlanPoint& point) {
        return 100.0 * (point.fatMass / (point.fatMass + point.fatFreeMass));
    };
    if (plan.points.empty())
        return std::nullopt;
    const bool down = percentAt(plan.points.front()) > target.value();
    const auto found = std::ranges::find_if(plan.points, [&](const PlanPoint& point) {
        return down ? percentAt(point) <= target.value() : percentAt(point) >= target.value();
    });
    return found == plan.points.end() ? std::nullopt : std::optional(found->week);
}

} // namespace fusain
