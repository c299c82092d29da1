#pragma once
#include "core/units/quantity.hpp"

#include <array>
#include <cmath>
#include <cstddef>
#include <string_view>
#include <vector>

namespace fusain {

/// The independent sources of uncertainty that the methods know. Each is one standard normal variable; a
/// value's share of it is the value's first-order change for one standard deviation of that source.
enum class Source : unsigned char {
    DryMass,
    UnderwaterReading,
    BetweenTrials,
    ResidualVolume,
    GutGas,
    WaterTemperature,
    VolumeTrials,
    Calibration,
    ThoracicGas,
    SurfaceArea,
    Resistance,          ///< of the impedance reading
    Reactance,           ///< of the impedance reading
    PredictionEquation,  ///< of a published equation for one person: the same error each time it is used
    ElectrodeConversion, ///< of a lab's own way from one electrode geometry to another
    ScanSoftTissue,      ///< how a densitometer splits soft tissue into fat and lean, from scan to scan
    ScanMass,            ///< of a densitometer
    ScanBone,            ///< bone mineral of a densitometer
    ScanModel,           ///< how a densitometer's fat lies to the truth for one person: a method error
    FatFreeDensity,      ///< biology: the spread of fat-free density between people, a method error
    Count
};

inline constexpr std::size_t sourceCount = static_cast<std::size_t>(Source::Count);

/// English name of a source, marked for translation.
[[nodiscard]] std::string_view sourceName(Source source);
/// True for errors of the method's assumptions, which repeating the measurement does not shrink.
[[nodiscard]] constexpr bool isMethodError(Source source) {
    return source == Source::FatFreeDensity || source == Source::ScanModel;
}

/// A number with its linear dependence on every source: x = estimate + Σ share[s]·ε_s, ε_s ~ N(0, 1)
/// independent.
///
/// Arithmetic propagates the shares to first order, so correlations through common inputs are exact to that
/// order: mass − mass·fraction knows that both masses are the same reading. (GUM, JCGM 100:2008, 5.1 and 5.2.)
class Uncertain {
public:
    using Shares = std::array<double, sourceCount>;

    constexpr Uncertain(double estimate) : estimate_(estimate) {} // implicit: constants mix freely in formulas
    constexpr Uncertain(double estimate, Source source, double standardError) : estimate_(estimate) {
        shares_[static_cast<std::size_t>(source)] = standardError;
    }
    constexpr Uncertain(double estimate, const Shares& shares) : estimate_(estimate), shares_(shares) {}

    [[nodiscard]] constexpr double estimate() const { return estimate_; }
    [[nodiscard]] constexpr double share(Source source) const {
        return shares_[static_cast<std::size_t>(source)];
    }
    [[nodiscard]] constexpr const Shares& shares() const { return shares_; }

    /// First-order image f(x) with derivative `slope` at the estimate.
    [[nodiscard]] constexpr Uncertain mapped(double image, double slope) const {
        Uncertain result(image);
        for (std::size_t i = 0; i < sourceCount; ++i)
            result.shares_[i] = slope * shares_[i];
        return result;
    }
    /// Image of a function of two values with partial derivatives `da`, `db`.
    [[nodiscard]] static constexpr Uncertain combined(double image, const Uncertain& a, double da,
                                                      const Uncertain& b, double db) {
        Uncertain result(image);
        for (std::size_t i = 0; i < sourceCount; ++i)
            result.shares_[i] = da * a.shares_[i] + db * b.shares_[i];
        return result;
    }

    friend constexpr Uncertain operator+(const Uncertain& a, const Uncertain& b) {
        return combined(a.estimate_ + b.estimate_, a, 1.0, b, 1.0);
    }
    friend constexpr Uncertain operator-(const Uncertain& a, const Uncertain& b) {
        return combined(a.estimate_ - b.estimate_, a, 1.0, b, -1.0);
    }
    friend constexpr Uncertain operator*(const Uncertain& a, const Uncertain& b) {
        return combined(a.estimate_ * b.estimate_, a, b.estimate_, b, a.estimate_);
    }
    friend constexpr Uncertain operator/(const Uncertain& a, const Uncertain& b) {
        const double quotient = a.estimate_ / b.estimate_;
        return combined(quotient, a, 1.0 / b.estimate_, b, -quotient / b.estimate_);
    }

private:
    double estimate_ = 0.0;
    Shares shares_{};
};

/// One line of a variance budget.
struct BudgetLine {
    Source source;
    double standardError; ///< what this source alone would contribute, in the unit of the value, ≥ 0
    double fraction;      ///< part of the variance of its kind (technical or method), 0 … 1
};

/// A quantity with its uncertainty and what makes it so.
template <class Q>
class Measured {
public:
    Measured() : value_(0.0) {}
    explicit Measured(const Uncertain& value) : value_(value) {}
    Measured(Q estimate, Source source, Q standardError)
        : value_(estimate.value(), source, standardError.value()) {}

    [[nodiscard]] Q estimate() const { return Q(value_.estimate()); }
    [[nodiscard]] const Uncertain& uncertain() const { return value_; }
    /// Standard error of the measurement itself: every source but the method's assumptions.
    [[nodiscard]] Q technicalError() const { return Q(rootSum(false, true)); }
    /// Standard error from the method's assumptions about the body.
    [[nodiscard]] Q methodError() const { return Q(rootSum(true, false)); }
    /// Both together.
    [[nodiscard]] Q totalError() const { return Q(rootSum(true, true)); }
    /// The technical sources that contribute, largest first; fractions sum to 1.
    [[nodiscard]] std::vector<BudgetLine> budget() const;

private:
    [[nodiscard]] double rootSum(bool method, bool technical) const {
        double sum = 0.0;
        for (std::size_t i = 0; i < sourceCount; ++i)
            if (isMethodError(static_cast<Source>(i)) ? method : technical)
                sum += value_.shares()[i] * value_.shares()[i];
        return std::sqrt(sum);
    }
    Uncertain value_;
};

/// Technical variance budget of a plain Uncertain, largest first.
[[nodiscard]] std::vector<BudgetLine> varianceBudget(const Uncertain& value);

template <class Q>
std::vector<BudgetLine> Measured<Q>::budget() const {
    return varianceBudget(value_);
}

/// Half-width factor of the 95 % interval of a normal error: Φ⁻¹(0.975).
inline constexpr double normal95 = 1.959963984540054;

} // namespace fusain
