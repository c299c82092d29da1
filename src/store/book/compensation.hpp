#pragma once
#include "store/book/lab_book.hpp"

namespace fusain::store {

/// What somebody did in one go: the events after one and up to another.
struct Act {
    std::int64_t after = 0, upTo = 0;
    [[nodiscard]] bool empty() const { return upTo <= after; }
};

/// What `work` writes, as one act. @return its Problem when it fails; then nothing was kept
[[nodiscard]] Expected<Act> asAct(LabBook& book, const std::function<Expected<void>()>& work);

/// Why an act cannot be undone: something in it was changed again since, was new and is used, or belongs to the
/// record of a test, which has its own way back.
[[nodiscard]] std::optional<Problem> obstacleToUndoing(LabBook& book, const Act& act);

/// Puts clients, staff, appointments and settings as they were before an act, with new events: the journal
/// keeps both. An appointment that was new is cancelled. @return what it wrote, which can be undone in turn
[[nodiscard]] Expected<Act> undo(LabBook& book, const Act& act, const std::string& by, Instant at);

} // namespace fusain::store
