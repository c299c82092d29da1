#pragma once
#include "record/base/event.hpp"
#include "record/method/repeated.hpp"

#include <functional>
#include <map>
#include <span>

namespace fusain {

/// Applies what every method has in common: start, answers, notes, signing … @return false for any other kind.
bool applyCommonEvent(RawTest& test, const Event& event);

/// What each kind of event of a method does to its record.
template <class Record>
using EventTable = std::map<std::string, void (*)(Record&, const Event&)>;

/// Applies an event that is common or in the method's table. Events of other kinds are passed over.
template <class Record>
void applyBy(const EventTable<Record>& table, Record& record, const Event& event) {
    if (applyCommonEvent(record, event))
        return;
    if (const auto found = table.find(event.kind); found != table.end())
        found->second(record, event);
}

/// The number, and the reason, that an event about one numbered reading carries.
[[nodiscard]] int numberIn(const Event& event);
[[nodiscard]] std::string reasonIn(const Event& event);

/// "<noun>.set-aside": the reading stays, with the reason why it does not count.
template <class Item>
void applySetAside(Repeated<Item>& readings, const Event& event) {
    if (Item* reading = readings.find(numberIn(event)))
        reading->setAsideReason = reasonIn(event);
}
/// "<noun>.restored": the reading counts again.
template <class Item>
void applyRestored(Repeated<Item>& readings, const Event& event) {
    if (Item* reading = readings.find(numberIn(event)))
        reading->setAsideReason.clear();
}

/// The events that still hold: without those that a later "event.undone" took back, and without the undoing
/// itself.
[[nodiscard]] std::vector<Event> effectiveEvents(std::span<const Event> events);

/// Hands the events that still hold to `apply`, in order. @return a Problem naming the sequence of a malformed
/// one
[[nodiscard]] Expected<void> applyEach(std::span<const Event> events,
                                       const std::function<void(const Event&)>& apply);

} // namespace fusain
