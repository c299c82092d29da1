#pragma once
#include "record/base/document_kind.hpp"

#include <span>
#include <string>

namespace fusain {

/// docs/formats/fields.md: every kind of document with its keys, what they hold, their units, limits and words.
/// @param more kinds that are read above the records, such as the columns of foreign tables
[[nodiscard]] std::string formatsPage(std::span<const DocumentKind> more = {});

} // namespace fusain
