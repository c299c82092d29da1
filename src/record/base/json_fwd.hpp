#pragma once
#include "core/base/problem.hpp"

#include <nlohmann/json_fwd.hpp>

namespace fusain {

/// JSON as every document of this program is written. Headers name it here; only the sources that read or write
/// documents include the library itself (record/base/json.hpp), which costs two seconds each.
using Json = nlohmann::json;

} // namespace fusain
