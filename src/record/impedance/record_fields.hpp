#pragma once
#include "record/base/named.hpp"
#include "record/impedance/record.hpp"

namespace fusain {

// For the sources of this method only.

inline constexpr Named<impedance::ElectrodeGeometry> geometryWords[] = {
    {"supine-gel", impedance::ElectrodeGeometry::SupineGel},
    {"standing-contact", impedance::ElectrodeGeometry::StandingContact}};

} // namespace fusain
