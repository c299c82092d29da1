#pragma once
#include "procedure/meaning/change.hpp"

namespace fusain::testing {

/// Change of fat percent, fat mass and fat-free mass between two results by one method and equation.
struct Changes {
    Change fatPercent, fatMass, fatFreeMass;
};
inline Changes changesSince(const Outcome& earlier, const Outcome& now, const LabPrecision& own = {}) {
    const auto &a = earlier.composition, &b = now.composition;
    return {changeBetween(followed(a.fatPercent, own.fatPercent), followed(b.fatPercent, own.fatPercent)),
            changeBetween(followed(a.fatMass, own.fatMass), followed(b.fatMass, own.fatMass)),
            changeBetween(followed(a.fatFreeMass, own.fatFreeMass), followed(b.fatFreeMass, own.fatFreeMass))};
}

} // namespace fusain::testing
