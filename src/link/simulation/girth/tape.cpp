#include "link/simulation/girth/tape.hpp"

#include <cmath>

namespace fusain::simulation {

TapedPerson usualGirths(Sex sex, Metres height, Kilograms mass) {
    const double index = mass.value() / (height.value() * height.value());
    if (sex == Sex::Male)
        return {{36.0 + 2.05 * index, 58.0 + 1.7 * index, 26.0 + 0.5 * index, 9.0 + 0.95 * index,
                 27.0 + 1.15 * index}};
    return {{30.0 + 2.0 * index, 58.0 + 1.75 * index, 22.0 + 0.45 * index, 10.0 + 0.85 * index,
             30.0 + 1.15 * index}};
}

Centimetres layTape(const TapedPerson& person, girth::Site site, const TapeFaults& faults, Random& random) {
    const bool trunk = site == girth::Site::Waist || site == girth::Site::Hip;
    double shown = person.at(site) + gauss(random, trunk ? 0.25 : 0.12);
    if (faults.overShirt)
        shown += shirtError + gauss(random, 0.3);
    if (faults.pulledTight)
        shown -= tightError + gauss(random, 0.3);
    if (faults.notLevel)
        shown += slopeError * uniform(random, 0.3, 1.7);
    return Centimetres(std::round(shown * 10.0) / 10.0);
}

} // namespace fusain::simulation
