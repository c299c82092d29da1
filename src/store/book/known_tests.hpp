#pragma once
#include "core/base/problem.hpp"
#include "core/base/recently_used.hpp"
#include "record/all/record.hpp"

namespace fusain::store {

/// Records that were read once already, known again by their whole text: taking a document apart costs far more
/// than fetching it, and the same tests are asked for at every look at a client. Nothing here can be out of
/// date, because the text is what the lab book holds now.
class KnownTests {
public:
    /// The record in a document of a row of `tests`; a Problem when it cannot be read.
    [[nodiscard]] Expected<AnyTest> read(const std::string& document);
    /// How many documents have been taken apart so far.
    [[nodiscard]] int readings() const { return readings_; }

private:
    RecentlyUsed<AnyTest> known_{256}; ///< chamber tests, the largest, make some 50 MB
    int readings_ = 0;
};

} // namespace fusain::store
