#include "core/impedance/fluids.hpp"

#include <boost/math/tools/toms748_solve.hpp>
#include <cmath>

namespace fusain::impedance {
namespace {

// H²·√W/R to the power of two thirds, with H in cm: what every mixture equation is built on.
double mixture(const FluidSubject& subject, double resistance) {
    const double h = centimetres(subject.height);
    return std::pow(h * h * std::sqrt(subject.mass.value()) / resistance, 2.0 / 3.0);
}

// V_I/V_E of Hanai's mixture as De Lorenzo writes it; it grows from 0 without bound as R_I falls.
double cellRatioDeLorenzo(double zero, double cells, double resistivityRatio) {
    const double left = (zero + cells) / cells;
    const auto balance = [&](double ratio) {
        return std::pow(1.0 + ratio, 2.5) - left * (1.0 + resistivityRatio * ratio);
    };
    double high = 1.0;
    while (balance(high) < 0.0 && high < 1e3)
        high *= 2.0;
    // At 0 the balance is negative, and it grows faster than linearly: one crossing.
    std::uintmax_t iterations = 60;
    const auto [low, up] = boost::math::tools::toms748_solve(
        balance, 0.0, high, boost::math::tools::eps_tolerance<double>(48), iterations);
    return 0.5 * (low + up);
}

struct Volumes {
    double extracellular, intracellular;
};

Volumes volumes(FluidMethod method, const FluidSubject& subject, double zero, double infinite) {
    const bool man = subject.sex == Sex::Male;
    const double cells = zero * infinite / (zero - infinite);
    switch (method) {
    case FluidMethod::Moissl2006: {
        const double massIndex = subject.mass.value() / (subject.height.value() * subject.height.value());
        return {(0.188 / massIndex + 0.2883) * mixture(subject, zero),
                (5.8758 / massIndex + 0.4194) * mixture(subject, cells)};
    }
    case FluidMethod::DeLorenzo1997: {
        const double outside = (man ? 0.306 : 0.316) * mixture(subject, zero);
        return {outside, outside * cellRatioDeLorenzo(zero, cells, man ? 3.82 : 3.40)};
    }
    case FluidMethod::Matthie2005: {
        const double extracellular = man ? 40.5 : 39.0, intracellular = man ? 273.9 : 264.9; // Ω·cm
        constexpr double shape = 4.3, density = 1.05;
        const double k = 0.01 * std::cbrt(shape * shape * extracellular * extracellular / density);
        const double outside = k * mixture(subject, zero);
        const double together =
            intracellular - (intracellular - extracellular) * std::pow(infinite / zero, 2.0 / 3.0);
        return {outside, outside * (std::pow(together * zero / (extracellular * infinite), 2.0 / 3.0) - 1.0)};
    }
    }
    return {0.0, 0.0};
}

} // namespace

std::string_view fluidMethodTitle(FluidMethod method) {
    switch (method) {
    case FluidMethod::Moissl2006:
        return "Moissl 2006";
    case FluidMethod::DeLorenzo1997:
        return "De Lorenzo 1997";
    case FluidMethod::Matthie2005:
        return "Matthie 2005";
    }
    return "";
}

std::string_view fluidMethodId(FluidMethod method) {
    switch (method) {
    case FluidMethod::Moissl2006:
        return "moissl-2006";
    case FluidMethod::DeLorenzo1997:
        return "de-lorenzo-1997";
    case FluidMethod::Matthie2005:
        return "matthie-2005";
    }
    return "";
}

std::optional<FluidMethod> fluidMethodFromId(std::string_view id) {
    for (const FluidMethod method :
         {FluidMethod::Moissl2006, FluidMethod::DeLorenzo1997, FluidMethod::Matthie2005})
        if (fluidMethodId(method) == id)
            return method;
    return std::nullopt;
}

Fluids fluidsFrom(FluidMethod method, const FluidSubject& subject, Ohms zero, Ohms infinite) {
    const Volumes found = volumes(method, subject, zero.value(), infinite.value());
    Fluids fluids;
    fluids.method = method;
    fluids.extracellular = Litres(found.extracellular);
    fluids.intracellular = Litres(found.intracellular);
    return fluids;
}

Fluids fluidsFrom(FluidMethod method, const FluidSubject& subject, const ColeFit& fit) {
    const double zero = fit.model.zeroResistance.value(), infinite = fit.model.infiniteResistance.value();
    Fluids fluids = fluidsFrom(method, subject, Ohms(zero), Ohms(infinite));
    constexpr double step = 1e-5;
    const Volumes upZero = volumes(method, subject, zero * (1.0 + step), infinite),
                  downZero = volumes(method, subject, zero * (1.0 - step), infinite),
                  upInfinite = volumes(method, subject, zero, infinite * (1.0 + step)),
                  downInfinite = volumes(method, subject, zero, infinite * (1.0 - step));
    const double varianceZero = std::pow(fit.zeroResistanceError.value(), 2),
                 varianceInfinite = std::pow(fit.infiniteResistanceError.value(), 2),
                 covariance = fit.resistanceCovariance;
    const auto error = [&](auto of) {
        const double byZero = (of(upZero) - of(downZero)) / (2.0 * step * zero);
        const double byInfinite = (of(upInfinite) - of(downInfinite)) / (2.0 * step * infinite);
        return Litres(std::sqrt(std::max(0.0, byZero * byZero * varianceZero +
                                                  byInfinite * byInfinite * varianceInfinite +
                                                  2.0 * byZero * byInfinite * covariance)));
    };
    fluids.extracellularError = error([](const Volumes& v) { return v.extracellular; });
    fluids.intracellularError = error([](const Volumes& v) { return v.intracellular; });
    fluids.totalError = error([](const Volumes& v) { return v.extracellular + v.intracellular; });
    return fluids;
}

HydrationBand usualHydration(Years age) {
    const double years = age.value();
    if (years >= 18.0)
        return {0.70, 0.76};
    // About 0.765 at 5 y, 0.752 at 11 y, 0.732 at 18 y; the same width as for adults.
    const double centre = years <= 5.0    ? 0.765
                          : years <= 11.0 ? 0.765 - (years - 5.0) / 6.0 * 0.013
                                          : 0.752 - (years - 11.0) / 7.0 * 0.020;
    return {centre - 0.03, centre + 0.03};
}

} // namespace fusain::impedance
