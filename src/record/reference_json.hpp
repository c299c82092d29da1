#pragma once
#include "core/reference/reference_set.hpp"
#include "record/json.hpp"

namespace fusain {

/// Reads and checks a reference set: known sexes, age ranges in order, low below high.
[[nodiscard]] Expected<reference::ReferenceSet> referenceFromJson(const Json& json, const std::string& where);
[[nodiscard]] Json toJson(const reference::ReferenceSet& set);

} // namespace fusain
