#pragma once
#include "store/book/lab_book.hpp"

namespace fusain::store {

/// What an erasure cannot reach.
struct ErasureLeft {
    int inClear = 0; ///< entries of before schema 7, which have the identity in clear and are not changed
};

/// Erases who a client is, on their request: name, birth date, telephone, note. Their measurements stay under
/// the code, with the year of birth. The event stays with who did it and why. It cannot be undone.
/// @return a Problem for an unknown client or a reason that is empty
[[nodiscard]] Expected<ErasureLeft> eraseClient(LabBook& book, const std::string& client, const std::string& by,
                                                const std::string& reason);

} // namespace fusain::store
