#pragma once
#include <compare>
#include <string_view>

namespace fusain {

/// Unit of A over B, for the few pairs that the formulas divide; units.hpp names them.
template <class A, class B>
struct QuotientOf;

/// A number with a unit. Quantities of different units do not mix; conversions are named functions.
template <class Unit>
class Quantity {
public:
    constexpr Quantity() = default;
    constexpr explicit Quantity(double value) : value_(value) {}

    [[nodiscard]] constexpr double value() const { return value_; }
    [[nodiscard]] static constexpr std::string_view symbol() { return Unit::symbol; }

    constexpr Quantity& operator+=(Quantity other) {
        value_ += other.value_;
        return *this;
    }
    constexpr Quantity& operator-=(Quantity other) {
        value_ -= other.value_;
        return *this;
    }
    friend constexpr Quantity operator+(Quantity a, Quantity b) { return Quantity(a.value_ + b.value_); }
    friend constexpr Quantity operator-(Quantity a, Quantity b) { return Quantity(a.value_ - b.value_); }
    friend constexpr Quantity operator-(Quantity a) { return Quantity(-a.value_); }
    friend constexpr Quantity operator*(Quantity a, double factor) { return Quantity(a.value_ * factor); }
    friend constexpr Quantity operator*(double factor, Quantity a) { return Quantity(a.value_ * factor); }
    friend constexpr Quantity operator/(Quantity a, double divisor) { return Quantity(a.value_ / divisor); }
    friend constexpr double operator/(Quantity a, Quantity b) { return a.value_ / b.value_; }
    template <class Other>
    requires requires { typename QuotientOf<Unit, Other>::type; }
    friend constexpr auto operator/(Quantity a, Quantity<Other> b) {
        return Quantity<typename QuotientOf<Unit, Other>::type>(a.value_ / b.value());
    }
    friend constexpr auto operator<=>(Quantity, Quantity) = default;

private:
    double value_ = 0.0;
};

} // namespace fusain
