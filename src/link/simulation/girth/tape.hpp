#pragma once
#include "core/girth/sites.hpp"
#include "link/simulation/method/random.hpp"

#include <array>

namespace fusain::simulation {

/// The person under the simulated tape, in truth.
struct TapedPerson {
    std::array<double, girth::sites.size()> girths{84.0, 98.0, 36.0, 30.0, 54.0}; ///< cm, in the order of Site
    [[nodiscard]] double at(girth::Site site) const { return girths[static_cast<std::size_t>(site)]; }
};
/// A usual body of this height and mass. Made up: the numbers follow no publication.
[[nodiscard]] TapedPerson usualGirths(Sex sex, Metres height, Kilograms mass);

/// What goes wrong with one laying of the tape.
struct TapeFaults {
    bool overShirt = false;   ///< over thick clothing: everything reads more
    bool pulledTight = false; ///< pressed into the skin: everything reads less
    bool notLevel = false;    ///< it slips down at the back
};
/// What thick clothing adds, what pulling takes away, and what a tape that is not level adds, cm.
inline constexpr double shirtError = 2.4, tightError = 1.6, slopeError = 1.8;

/// One laying of the tape, read to the millimetre. Same arguments and random state, same reading.
[[nodiscard]] Centimetres layTape(const TapedPerson& person, girth::Site site, const TapeFaults& faults,
                                  Random& random);

} // namespace fusain::simulation
