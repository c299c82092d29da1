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

/// For an event that no method knows: throws Json::exception for readDocument. What was read is not lost in
/// silence.
[[noreturn]] void throwUnknownKind(const Event& event);

/// Applies an event that is common or in the method's table; throws Json::exception for any other.
template <class Record>
void applyBy(const EventTable<Record>& table, Record& record, const Event& event) {
    if (applyCommonEvent(record, event))
        return;
    const auto found = table.find(event.kind);
    if (found == table.end())
        throwUnknownKind(event);
    found->second(record, event);
}

/// The data of an event, with what events of schema 1 did not say filled in.
[[nodiscard]] Json withDefaults(const Event& event, Json defaults);

/// Completes whose a reading is from the event that brought it; throws Json::exception when it says that it is
/// another test's.
void belongToTest(Attribution& reading, const RawTest& test, const Event& event);
template <std::derived_from<Attribution> Taken>
[[nodiscard]] Taken ofTest(Taken reading, const RawTest& test, const Event& event) {
    belongToTest(reading, test, event);
    return reading;
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
