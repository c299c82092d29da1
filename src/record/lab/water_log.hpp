#pragma once
#include "core/water/care.hpp"
#include "record/base/calendar.hpp"
#include "record/base/document_kind.hpp"
#include "record/base/json_fwd.hpp"

#include <string>
#include <vector>

namespace fusain {

/// One entry of the tank's water log.
struct WaterLogEntry {
    Instant at;
    std::string by; ///< staff id
    water::CareReading reading;
    std::string note;
};
[[nodiscard]] Json toJson(const WaterLogEntry& entry);
/// Reads the entries of a day. @return a Problem for a value that cannot be a reading
[[nodiscard]] Expected<std::vector<WaterLogEntry>> waterLogFromJson(const Json& json, const std::string& where);

/// The keys of this kind of document.
[[nodiscard]] DocumentKind waterLogKind();

} // namespace fusain
