#pragma once
#include "core/reference/reference_set.hpp"
#include "record/base/document_kind.hpp"
#include "record/base/json_fwd.hpp"

namespace fusain {

/// Reads and checks a reference set: docs/formats/reference-set.md.
[[nodiscard]] Expected<reference::ReferenceSet> referenceFromJson(const Json& json, const std::string& where);
[[nodiscard]] Json toJson(const reference::ReferenceSet& set);

/// Why a set cannot be used: no id, title, population or citation; no rows; ages that fall or overlap; a band
/// upside down; a spread that is not positive; percentiles or their values that do not rise.
[[nodiscard]] std::optional<Problem> problemWith(const reference::ReferenceSet& set);

/// The keys of this kind of document.
[[nodiscard]] DocumentKind referenceSetKind();

} // namespace fusain
