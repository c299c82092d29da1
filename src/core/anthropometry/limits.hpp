#pragma once
#include "core/units/units.hpp"

namespace fusain::anthropometry {

/// What a reading of a living person can be. A value outside is a slip of the hand or of the unit and is
/// refused; the limits are engineering choices of this program, wider than anybody who is tested.
template <class Q>
struct Plausible {
    Q low, high;
    /// False for what is not a number.
    [[nodiscard]] constexpr bool holds(Q value) const { return value >= low && value <= high; }
};

inline constexpr Plausible<Kilograms> plausibleMass{Kilograms(10.0), Kilograms(300.0)};
/// The scale of the chamber bears less.
inline constexpr Plausible<Kilograms> plausibleMassInChamber{Kilograms(10.0), Kilograms(250.0)};
/// Measured again at the test; a client's entry may be wider (record/base/people).
inline constexpr Plausible<Metres> plausibleHeight{Metres(0.5), Metres(2.3)};

/// Below this body mass index an adult is thin: no plan to lose, and no praise for less.
/// @par Source WHO (2000), Technical Report Series 894.
inline constexpr KilogramsPerSquareMetre thinBelow{18.5};
/// From here on an adult counts as obese. @par Source as above.
inline constexpr KilogramsPerSquareMetre obeseBodyMassIndex{30.0};

} // namespace fusain::anthropometry
