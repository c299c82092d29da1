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
    ResidualVolume, ///< as it was measured
    GutGas,
    WaterTemperature,
    VolumeTrials,
    Calibration,
    ThoracicGas, ///< as it was measured
    SurfaceArea,
    Resistance,          ///< of the impedance reading
    Reactance,           ///< of the impedance reading
    PredictionEquation,  ///< of a published equation for one person: the same error each time it is used
    ElectrodeConversion, ///< of a lab's own way from one electrode geometry to another
    ScanFat,             ///< fat of a densitometer, from scan to scan
    ScanLean,            ///< lean of a densitometer, from scan to scan
    ScanMass,            ///< of a densitometer
    ScanBone,            ///< bone mineral of a densitometer
    DilutionWater,       ///< body water by dilution of a tracer
    ScanModel,           ///< how a densitometer's fat lies to the truth for one person
    FatFreeDensity,      ///< biology: the spread of fat-free density between people
    ModelAssumption,     ///< what a model of several components takes for granted of this person
    LungPrediction,      ///< a lung volume that was predicted, for this person
    LungOfTheDay,        ///< a lung volume that was predicted, on this day
    BodyWaterOfTheDay,
    GutContentOfTheDay,
    ResistanceOfTheDay, ///< skin, posture and water of the day
    ReactanceOfTheDay,
    SpectrumOfTheDay, ///< body water from the spectrum
    TapeReading,      ///< of a girth, from one laying of the tape to the next
    HipReading,       ///< the same of the hip, where it is held against another girth
    TapeScale,        ///< the tape itself: the same at each test
    LandmarkOfTheDay, ///< a landmark found anew, breath and food of the day
    HipOfTheDay,      ///< the same of the hip, where it is held against another girth
    Count
};

inline constexpr std::size_t sourceCount = static_cast<std::size_t>(Source::Count);

/// When the error of a source is another one.
enum class SourceKind : unsigned char {
    Repeat, ///< at each reading of the same session
    Day,    ///< on another day, with unchanged tissue
    Person  ///< in another person only: the same person by the same method has it again
};
[[nodiscard]] constexpr SourceKind kindOf(Source source) {
    switch (source) {
    case Source::GutGas:
    case Source::LungOfTheDay:
    case Source::BodyWaterOfTheDay:
    case Source::GutContentOfTheDay:
    case Source::ResistanceOfTheDay:
    case Source::ReactanceOfTheDay:
    case Source::SpectrumOfTheDay:
    case Source::LandmarkOfTheDay:
    case Source::HipOfTheDay:
        return SourceKind::Day;
    case Source::SurfaceArea:
    case Source::PredictionEquation:
    case Source::ElectrodeConversion:
    case Source::ScanModel:
    case Source::FatFreeDensity:
    case Source::ModelAssumption:
    case Source::LungPrediction:
    case Source::TapeScale:
        return SourceKind::Person;
    default:
        return SourceKind::Repeat;
    }
}

/// English name of a source, marked for translation.
[[nodiscard]] std::string_view sourceName(Source source);
/// "repeat", "day", "person", as exports say it.
[[nodiscard]] std::string_view kindText(SourceKind kind);

/// Half-width factor of the 95 % interval of a normal error: Φ⁻¹(0.975).
inline constexpr double normal95 = 1.959963984540054;

/// A number without a unit, with its linear dependence on every source: x = estimate + Σ share[s]·ε_s, ε_s ~
/// N(0, 1) independent.
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

    /// Standard error from the sources of one kind.
    [[nodiscard]] double errorOf(SourceKind kind) const {
        double variance = 0.0;
        for (std::size_t i = 0; i < sourceCount; ++i)
            if (kindOf(static_cast<Source>(i)) == kind)
                variance += shares_[i] * shares_[i];
        return std::sqrt(variance);
    }

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
    double fraction;      ///< part of the whole variance, 0 … 1
};

/// Variance budget, largest first; fractions sum to 1.
[[nodiscard]] std::vector<BudgetLine> varianceBudget(const Uncertain& value);

/// A quantity with its uncertainty and what makes it so. Three questions have three figures: would a second
/// test now say the same (`repeatability`), did the person change (`leastSignificantChange`), how far may it be
/// from the truth for this person (`low`, `high`).
template <class Q>
class Measured {
public:
    Measured() : value_(0.0) {}
    explicit Measured(const Uncertain& value) : value_(value) {}
    Measured(Q estimate, Source source, Q standardError)
        : value_(estimate.value(), source, standardError.value()) {}

    [[nodiscard]] Q estimate() const { return Q(value_.estimate()); }
    [[nodiscard]] const Uncertain& uncertain() const { return value_; }
    /// Standard error of a reading that is repeated in the same session.
    [[nodiscard]] Q repeatability() const { return Q(value_.errorOf(SourceKind::Repeat)); }
    /// Standard error of one visit about the same person's other visits: that of the readings and that of the
    /// day.
    [[nodiscard]] Q visitError() const {
        return Q(std::hypot(value_.errorOf(SourceKind::Repeat), value_.errorOf(SourceKind::Day)));
    }
    /// Standard error that the same person has again at each visit.
    [[nodiscard]] Q personError() const { return Q(value_.errorOf(SourceKind::Person)); }
    /// Standard error about the truth: all of them.
    [[nodiscard]] Q totalError() const { return Q(std::hypot(visitError().value(), personError().value())); }
    /// 95 %, between two visits like this one.
    [[nodiscard]] Q leastSignificantChange() const {
        return Q(normal95 * std::sqrt(2.0) * visitError().value());
    }
    /// Half of the 95 % interval about the truth.
    [[nodiscard]] Q halfInterval() const { return Q(normal95 * totalError().value()); }
    [[nodiscard]] Q low() const { return Q(estimate().value() - halfInterval().value()); }
    [[nodiscard]] Q high() const { return Q(estimate().value() + halfInterval().value()); }
    [[nodiscard]] std::vector<BudgetLine> budget() const { return varianceBudget(value_); }
    /// Also unsure by this much, from another source. @param standardError 0 or more
    [[nodiscard]] Measured with(Source source, Q standardError) const {
        return Measured(value_ + Uncertain(0.0, source, standardError.value()));
    }

    friend Measured operator+(const Measured& a, const Measured& b) { return Measured(a.value_ + b.value_); }
    friend Measured operator-(const Measured& a, const Measured& b) { return Measured(a.value_ - b.value_); }
    friend Measured operator*(double factor, const Measured& a) {
        return Measured(a.value_.mapped(factor * a.value_.estimate(), factor));
    }
    /// A share of itself, without a unit.
    friend Uncertain operator/(const Measured& a, const Measured& b) { return a.value_ / b.value_; }

private:
    Uncertain value_;
};

/// A quotient of two units that formulas divide, with what both are unsure by.
template <class A, class B>
requires requires {
    typename QuotientOf<A, B>::type;
}
[[nodiscard]] Measured<Quantity<typename QuotientOf<A, B>::type>> operator/(const Measured<Quantity<A>>& a,
                                                                            const Measured<Quantity<B>>& b) {
    return Measured<Quantity<typename QuotientOf<A, B>::type>>(a.uncertain() / b.uncertain());
}

/// A quantity as it is, where a formula takes quantities with or without their uncertainty.
template <class Q>
using Plain = Q;

} // namespace fusain
