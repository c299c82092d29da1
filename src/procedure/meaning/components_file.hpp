#pragma once
#include "record/base/json_fwd.hpp"

#include <string>

namespace fusain {

/// Fat by every model of several components that the readings of one day allow: docs/formats/components.md.
/// @param json `mass_kg`, `body_volume_l`, `body_water_l` and, for four components, `bone_mineral_kg`, each
/// with `value` and `standard_error`, and `height_cm`
/// @return each model with its three figures; a Problem for a reading that is missing or cannot be right
[[nodiscard]] Expected<Json> componentsFromFile(const Json& json, const std::string& where);

} // namespace fusain
