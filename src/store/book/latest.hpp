#pragma once
#include "store/book/lab_book.hpp"

namespace fusain::store {

/// The last event of the journal as it is at this moment, also where another workstation wrote it and this
/// window has not followed yet: what is read after this is at least as new.
[[nodiscard]] inline std::int64_t latestEvent(LabBook& book) {
    return book.lastEvent() + static_cast<std::int64_t>(book.subjectsSince(book.lastEvent()).size());
}

} // namespace fusain::store
