#pragma once
#include <string>

namespace fusain {

/// docs/formats/fields.md: every kind of document with its keys, what they hold, their units, limits and words.
[[nodiscard]] std::string formatsPage();

} // namespace fusain
