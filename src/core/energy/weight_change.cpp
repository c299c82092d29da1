#include "core/energy/weight_change.hpp"

#include <algorithm>
#include <boost/math/special_functions/lambert_w.hpp>
#include <boost/math/tools/roots.hpp>
#include <cmath>

namespace fusain::energy {
namespace {

constexpr double megajoule = 4.184e-3; // a kilocalorie in MJ
constexpr double forbes = 10.4;        // kg

/// Constants of the dynamic model; MJ, kg, days.
namespace model {
constexpr double rhoF = 39.5, rhoL = 7.6, rhoG = 17.6;
constexpr double gammaF = 0.013, gammaL = 0.092;
constexpr double etaF = 0.75, etaL = 0.96;
constexpr double C = forbes * rhoL / rhoF;
constexpr double thermicEffect = 0.10, adaptation = 0.14, adaptationDays = 14.0;
constexpr double glycogen = 0.5, waterOnGlycogen = 2.7;
constexpr double sodiumPerLitre = 3220.0, sodiumByFluid = 3000.0, sodiumByCarbohydrate = 4000.0; // mg
constexpr double carbohydratePart = 0.5;
} // namespace model

/// State of the body, and how it moves.
struct DynamicBody {
    double F, L, G, E, AT;

    [[nodiscard]] double mass() const { return F + L + G * (1.0 + model::waterOnGlycogen) + E; }
};

class DynamicModel {
public:
    DynamicModel(const DietSubject& subject, KilocaloriesPerDay change)
        : dEI_(change.value() * megajoule), EIb_(subject.activityLevel * subject.resting.value() * megajoule),
          EI_(EIb_ + dEI_), body_(atStart(subject)),
          delta_(((1.0 - model::thermicEffect) * subject.activityLevel - 1.0) * subject.resting.value() *
                 megajoule / subject.mass.value()),
          K_(EIb_ - model::gammaF * body_.F - model::gammaL * body_.L - delta_ * body_.mass()) {}

    [[nodiscard]] DietDay at(double day) const {
        return {day, Kilograms(body_.mass()), Kilograms(body_.F), Kilograms(body_.mass() - body_.F),
                KilocaloriesPerDay(expenditure() / megajoule)};
    }

    void advance(double dt) {
        using namespace model;
        const double dG = glycogenRate();
        const double net = EI_ - expenditure() - rhoG * dG;
        const double p = C / (C + body_.F);
        const double dE =
            (-sodiumByFluid * body_.E - sodiumByCarbohydrate * (1.0 - EI_ / EIb_)) / sodiumPerLitre;
        const double dAT = (adaptation * dEI_ - body_.AT) / adaptationDays;
        body_.F += dt * (1.0 - p) * net / rhoF;
        body_.L += dt * p * net / rhoL;
        body_.G += dt * dG;
        body_.E += dt * dE;
        body_.AT += dt * dAT;
    }

private:
    static DynamicBody atStart(const DietSubject& subject) {
        const double lean = (subject.mass - subject.fatMass).value();
        return {subject.fatMass.value(), lean - model::glycogen * (1.0 + model::waterOnGlycogen),
                model::glycogen, 0.0, 0.0};
    }
    [[nodiscard]] double glycogenRate() const {
        using namespace model;
        const double kG = carbohydratePart * EIb_ / (glycogen * glycogen);
        return (carbohydratePart * EI_ - kG * body_.G * body_.G) / rhoG;
    }
    [[nodiscard]] double expenditure() const {
        using namespace model;
        const double p = C / (C + body_.F);
        const double q = p * etaL / rhoL + (1.0 - p) * etaF / rhoF;
        return (K_ + gammaF * body_.F + gammaL * body_.L + delta_ * body_.mass() + thermicEffect * dEI_ +
                body_.AT + (EI_ - rhoG * glycogenRate()) * q) /
               (1.0 + q);
    }

    double dEI_, EIb_, EI_;
    DynamicBody body_;
    double delta_, K_;
};

} // namespace

Kilograms fatMassAfter(Kilograms fatMass, Kilograms change) {
    const double start = fatMass.value() / forbes;
    return Kilograms(forbes * boost::math::lambert_w0(start * std::exp((fatMass + change).value() / forbes)));
}

double fatFreeShare(Kilograms fatMass) {
    return forbes / (forbes + fatMass.value());
}

TargetMass targetMass(Kilograms fatMass, Kilograms fatFreeMass, double fatFraction) {
    const double FM0 = fatMass.value(), FFM0 = fatFreeMass.value();
    const auto excess = [&](double FM) { return FM / (FM + FFM0 + forbes * std::log(FM / FM0)) - fatFraction; };
    // From nearly no fat to five times as much; the fraction rises all the way.
    boost::math::tools::eps_tolerance<double> close(40);
    const double least = std::max(0.05, FM0 * std::exp(-0.9 * FFM0 / forbes));
    const double most = 5.0 * FM0;
    double FM = FM0;
    if (excess(least) < 0.0 && excess(most) > 0.0) {
        std::uintmax_t steps = 100;
        const auto [low, high] = boost::math::tools::toms748_solve(excess, least, most, close, steps);
        FM = 0.5 * (low + high);
    }
    return {Kilograms(FFM0 / (1.0 - fatFraction)), Kilograms(FM + FFM0 + forbes * std::log(FM / FM0))};
}

std::vector<DietDay> dynamicCourse(const DietSubject& subject, KilocaloriesPerDay change, int days) {
    constexpr int stepsADay = 10; // halving the step moves the mass of a year by less than 5 g
    DynamicModel body(subject, change);
    std::vector<DietDay> course{body.at(0.0)};
    for (int day = 1; day <= days; ++day) {
        for (int step = 0; step < stepsADay; ++step)
            body.advance(1.0 / stepsADay);
        course.push_back(body.at(day));
    }
    return course;
}

Kilograms staticChange(KilocaloriesPerDay change, double days) {
    constexpr double energyPerKilogram = 7700.0;
    return Kilograms(change.value() * days / energyPerKilogram);
}

KilocaloriesPerDay intakeFor(const DietSubject& subject, Kilograms change, int days) {
    double low = -3000.0, high = 3000.0;
    while (high - low > 0.5) {
        const double middle = 0.5 * (low + high);
        const Kilograms reached =
            dynamicCourse(subject, KilocaloriesPerDay(middle), days).back().mass - subject.mass;
        (reached < change ? low : high) = middle;
    }
    return KilocaloriesPerDay(0.5 * (low + high));
}

} // namespace fusain::energy
