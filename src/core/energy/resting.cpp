#include "core/energy/resting.hpp"

#include "core/anthropometry/ages.hpp"
#include "core/anthropometry/limits.hpp"
#include "core/base/message.hpp"

#include <algorithm>
#include <array>
#include <cmath>

namespace fusain::energy {
namespace {

using Kcal = KilocaloriesPerDay;
constexpr double kcalPerMegajoule = 1000.0 / 4.184;

bool man(const RestingSubject& s) {
    return s.sex == Sex::Male;
}
double W(const RestingSubject& s) {
    return s.mass.value();
}
double H(const RestingSubject& s) {
    return centimetres(s.height);
}
double A(const RestingSubject& s) {
    return s.age.value();
}
double FFM(const RestingSubject& s) {
    return s.fatFreeMass->value();
}

Kcal harrisBenedict(const RestingSubject& s) {
    return Kcal(man(s) ? 66.4730 + 13.7516 * W(s) + 5.0033 * H(s) - 6.7550 * A(s)
                       : 655.0955 + 9.5634 * W(s) + 1.8496 * H(s) - 4.6756 * A(s));
}
Kcal rozaShizgal(const RestingSubject& s) {
    return Kcal(man(s) ? 88.362 + 13.397 * W(s) + 4.799 * H(s) - 5.677 * A(s)
                       : 447.593 + 9.247 * W(s) + 3.098 * H(s) - 4.330 * A(s));
}
Kcal mifflin(const RestingSubject& s) {
    return Kcal(10.0 * W(s) + 6.25 * H(s) - 5.0 * A(s) + (man(s) ? 5.0 : -161.0));
}
Kcal owen(const RestingSubject& s) {
    return Kcal(man(s) ? 879.0 + 10.2 * W(s) : 795.0 + 7.18 * W(s));
}
Kcal mueller(const RestingSubject& s) {
    return Kcal(kcalPerMegajoule * (0.047 * W(s) + (man(s) ? 1.009 : 0.0) - 0.01452 * A(s) + 3.21));
}
Kcal tenHaafMass(const RestingSubject& s) {
    return Kcal(11.936 * W(s) + 587.728 * s.height.value() - 8.129 * A(s) + (man(s) ? 191.027 : 0.0) + 29.279);
}
Kcal tenHaafFatFree(const RestingSubject& s) {
    return Kcal(22.771 * FFM(s) + 484.264);
}
Kcal cunningham1980(const RestingSubject& s) {
    return Kcal(500.0 + 22.0 * FFM(s));
}
Kcal cunningham1991(const RestingSubject& s) {
    return Kcal(370.0 + 21.6 * FFM(s));
}
Kcal deLorenzo(const RestingSubject& s) {
    return Kcal(-857.0 + 9.0 * W(s) + 11.7 * H(s));
}

// Bands begin at their age and end before the next.
Kcal schofield(const RestingSubject& s) {
    struct Row {
        double from, slopeM, interceptM, slopeF, interceptF;
    };
    static constexpr std::array rows{
        Row{0, 59.512, -30.4, 58.317, -31.1},  Row{3, 22.706, 504.3, 20.315, 485.9},
        Row{10, 17.686, 658.2, 13.384, 692.6}, Row{18, 15.057, 692.2, 14.818, 486.6},
        Row{30, 11.472, 873.1, 8.126, 845.6},  Row{60, 11.711, 587.7, 9.082, 658.5}};
    const Row& row = *std::prev(std::ranges::upper_bound(rows, A(s), {}, &Row::from));
    return Kcal(man(s) ? row.slopeM * W(s) + row.interceptM : row.slopeF * W(s) + row.interceptF);
}
// Mass and height; MJ a day with the height in metres.
Kcal henry(const RestingSubject& s) {
    struct Row {
        double from, massM, heightM, interceptM, massF, heightF, interceptF;
    };
    static constexpr std::array rows{Row{0, 0.118, 3.59, -1.55, 0.127, 2.94, -1.20},
                                     Row{3, 0.0632, 1.31, 1.28, 0.0666, 0.878, 1.46},
                                     Row{10, 0.0651, 1.11, 1.25, 0.0393, 1.04, 1.93},
                                     Row{18, 0.0600, 1.31, 0.473, 0.0433, 2.57, -1.180},
                                     Row{30, 0.0476, 2.26, -0.574, 0.0342, 2.10, -0.0486},
                                     Row{60, 0.0478, 2.26, -1.07, 0.0356, 1.76, 0.0448}};
    const Row& row = *std::prev(std::ranges::upper_bound(rows, A(s), {}, &Row::from));
    const double h = s.height.value();
    return Kcal(kcalPerMegajoule * (man(s) ? row.massM * W(s) + row.heightM * h + row.interceptM
                                           : row.massF * W(s) + row.heightF * h + row.interceptF));
}

constexpr Years noEnd{120.0};
constexpr std::array equations{
    RestingEquation{"energy.rmr.mifflin-1990", FUSAIN_TEXT("Mifflin and St Jeor 1990"),
                    "10W + 6.25H - 5A + 5 (men) or - 161 (women)",
                    "Mifflin MD et al (1990), Am J Clin Nutr 51:241-247", 'A', false, false, Years(19),
                    Years(78), std::nullopt, mifflin},
    RestingEquation{"energy.rmr.cunningham-1991", FUSAIN_TEXT("Cunningham 1991"), "370 + 21.6FFM",
                    "Cunningham JJ (1991), Am J Clin Nutr 54:963-969", 'A', true, false, Years(18), noEnd,
                    std::nullopt, cunningham1991},
    RestingEquation{"energy.rmr.cunningham-1980", FUSAIN_TEXT("Cunningham 1980"), "500 + 22FFM",
                    "Cunningham JJ (1980), Am J Clin Nutr 33:2372-2374", 'A', true, true, Years(18), noEnd,
                    std::nullopt, cunningham1980},
    RestingEquation{"energy.rmr.ten-haaf-2014.fat-free-mass",
                    FUSAIN_TEXT("ten Haaf and Weijs 2014, fat-free mass"), "22.771FFM + 484.264",
                    "ten Haaf T, Weijs PJ (2014), PLoS One 9:e108460", 'A', true, true, Years(18), Years(35),
                    std::nullopt, tenHaafFatFree},
    RestingEquation{"energy.rmr.ten-haaf-2014.mass", FUSAIN_TEXT("ten Haaf and Weijs 2014, mass"),
                    "11.936W + 587.728h - 8.129A + 191.027 (men) + 29.279",
                    "ten Haaf T, Weijs PJ (2014), PLoS One 9:e108460", 'A', false, true, Years(18), Years(35),
                    std::nullopt, tenHaafMass},
    RestingEquation{
        "energy.rmr.harris-benedict-1919", FUSAIN_TEXT("Harris and Benedict 1919"),
        "66.4730 + 13.7516W + 5.0033H - 6.7550A (men), 655.0955 + 9.5634W + 1.8496H - 4.6756A (women)",
        "Harris JA, Benedict FG (1919), Carnegie Institution Publication 279", 'A', false, false, Years(18),
        noEnd, std::nullopt, harrisBenedict},
    RestingEquation{"energy.rmr.roza-shizgal-1984", FUSAIN_TEXT("Roza and Shizgal 1984"),
                    "88.362 + 13.397W + 4.799H - 5.677A (men), 447.593 + 9.247W + 3.098H - 4.330A (women)",
                    "Roza AM, Shizgal HM (1984), Am J Clin Nutr 40:168-182", 'A', false, false, Years(18),
                    noEnd, std::nullopt, rozaShizgal},
    RestingEquation{"energy.rmr.owen-1987", FUSAIN_TEXT("Owen 1986 and 1987"),
                    "879 + 10.2W (men), 795 + 7.18W (women)",
                    "Owen OE et al (1986), Am J Clin Nutr 44:1-19; (1987) 46:875-885", 'A', false, false,
                    Years(18), Years(82), std::nullopt, owen},
    RestingEquation{"energy.rmr.mueller-2004", FUSAIN_TEXT("Müller 2004"),
                    "(0.047W + 1.009 (men) - 0.01452A + 3.21) MJ",
                    "Müller MJ et al (2004), Am J Clin Nutr 80:1379-1390", 'A', false, false, Years(18), noEnd,
                    std::nullopt, mueller},
    RestingEquation{"energy.rmr.schofield-1985", FUSAIN_TEXT("Schofield 1985"),
                    "a line in W for each sex and age band",
                    "Schofield WN (1985), Hum Nutr Clin Nutr 39C Suppl 1:5-41; FAO/WHO/UNU (2001), Table 5.2",
                    'A', false, false, Years(0), noEnd, std::nullopt, schofield},
    RestingEquation{"energy.rmr.henry-2005", FUSAIN_TEXT("Henry 2005"),
                    "a plane in W and height for each sex and age band",
                    "Henry CJ (2005), Public Health Nutr 8:1133-1152", 'A', false, false, Years(0), noEnd,
                    std::nullopt, henry},
    RestingEquation{"energy.rmr.de-lorenzo-1999", FUSAIN_TEXT("De Lorenzo 1999, male athletes"),
                    "-857 + 9.0W + 11.7H", "De Lorenzo A et al (1999), J Sports Med Phys Fitness 39:213-219",
                    'A', false, true, Years(18), noEnd, Sex::Male, deLorenzo},
};

} // namespace

bool RestingEquation::covers(const RestingSubject& subject) const {
    const double years = std::floor(subject.age.value());
    return years >= fromAge.value() && years <= toAge.value() && (!needsFatFreeMass || subject.fatFreeMass) &&
           (!forAthletes || subject.athlete) && (!only || *only == subject.sex);
}

std::span<const RestingEquation> restingEquations() {
    return equations;
}

const RestingEquation* findRestingEquation(std::string_view id) {
    const auto found = std::ranges::find(equations, id, &RestingEquation::id);
    return found == equations.end() ? nullptr : &*found;
}

const RestingEquation& usualEquation(const RestingSubject& subject) {
    if (subject.age < anthropometry::adultAge)
        return *findRestingEquation("energy.rmr.henry-2005");
    if (subject.fatFreeMass)
        return *findRestingEquation(subject.athlete ? "energy.rmr.cunningham-1980"
                                                    : "energy.rmr.cunningham-1991");
    return *findRestingEquation(subject.age.value() < 79.0 ? "energy.rmr.mifflin-1990"
                                                           : "energy.rmr.henry-2005");
}

std::vector<RestingEstimate> restingEstimates(const RestingSubject& subject) {
    std::vector<RestingEstimate> estimates;
    for (const RestingEquation& equation : equations)
        if (equation.grade == 'A' && equation.covers(subject))
            estimates.push_back({&equation, equation.compute(subject)});
    return estimates;
}

KilocaloriesPerDay restingFromGases(double oxygen, double carbonDioxide) {
    return Kcal(1440.0 * (3.941 * oxygen + 1.106 * carbonDioxide));
}

bool acceptableResting(double oxygen, double carbonDioxide, double variationPercent) {
    const double quotient = carbonDioxide / oxygen;
    return oxygen > 0.0 && quotient >= 0.67 && quotient <= 1.0 && variationPercent <= 10.0;
}

double activityLevel(std::span<const Activity> day) {
    double hours = 0.0, sum = 0.0;
    for (const Activity& part : day) {
        hours += part.hours;
        sum += part.hours * part.multiple;
    }
    return (sum + std::max(0.0, 24.0 - hours)) / 24.0;
}

std::string_view activityBand(double level) {
    if (level < 1.40)
        return FUSAIN_TEXT("below a light way of life");
    if (level < 1.70)
        return FUSAIN_TEXT("sedentary or light");
    if (level < 2.00)
        return FUSAIN_TEXT("active or moderately active");
    return level <= 2.40 ? FUSAIN_TEXT("vigorous") : FUSAIN_TEXT("hard to keep up for long");
}

double expenditureInterval(KilogramsPerSquareMetre bodyMassIndex, double activityLevel) {
    return std::hypot(bodyMassIndex < anthropometry::obeseBodyMassIndex ? restingInterval
                                                                        : restingIntervalObese,
                      activityInterval / activityLevel);
}

} // namespace fusain::energy
