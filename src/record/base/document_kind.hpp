#pragma once
#include "record/base/field_note.hpp"

namespace fusain {

/// One kind of document with all its keys, for docs/formats/fields.md.
struct DocumentKind {
    std::string title;
    std::vector<FieldNote> fields;
};

} // namespace fusain
