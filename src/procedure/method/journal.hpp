#pragma once
#include "record/base/event.hpp"

#include <functional>
#include <vector>

namespace fusain {

/// The clock, passed in so that a day can be replayed.
using Clock = std::function<Instant()>;

/// Where events are kept. A procedure changes its state only after `append` has returned: what was shown as
/// accepted is therefore on disk.
class Journal {
public:
    virtual ~Journal() = default;
    /// Keeps the event durably and returns it with its sequence and hash, or says why it could not.
    [[nodiscard]] virtual Expected<Event> append(Event event) = 0;
    /// Does everything that `work` keeps, or nothing of it: a cut in the middle leaves the state before.
    [[nodiscard]] virtual Expected<void> together(const std::function<Expected<void>()>& work) {
        return work();
    }
};

/// A journal that forgets, for tests and for what-if runs.
class MemoryJournal : public Journal {
public:
    [[nodiscard]] Expected<Event> append(Event event) override {
        event.sequence = static_cast<std::int64_t>(events_.size()) + 1;
        event.hash = chainHash(events_.empty() ? std::string() : events_.back().hash, event);
        events_.push_back(event);
        return event;
    }
    [[nodiscard]] const std::vector<Event>& events() const { return events_; }

private:
    std::vector<Event> events_;
};

} // namespace fusain
