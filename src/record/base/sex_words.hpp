#pragma once
#include "core/units/units.hpp"
#include "record/base/named.hpp"

namespace fusain {

// For the sources of the documents only.
inline constexpr Named<Sex> sexWords[] = {{"female", Sex::Female}, {"male", Sex::Male}};

} // namespace fusain
