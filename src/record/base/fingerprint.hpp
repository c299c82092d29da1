#pragma once
#include "record/base/json_fwd.hpp"

#include <string>

namespace fusain {

/// A short text that changes when a document does: numbers to nine digits, so that the last bits of another
/// compiler do not count.
[[nodiscard]] std::string fingerprintOf(const Json& document);
/// The hash that the chain of events uses, in hexadecimal.
[[nodiscard]] std::string hashOf(const std::string& text);

} // namespace fusain
