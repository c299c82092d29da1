#pragma once
#include "record/base/calendar.hpp"
#include "record/base/document.hpp"

namespace fusain {

/// One change of the lab book: who did what, when and why. Events are only ever appended.
struct Event {
    std::int64_t sequence = 0; ///< 1, 2, 3 … within the lab book; given by the store
    Instant at;
    std::string by;      ///< staff id
    std::string kind;    ///< "trial.accepted", "test.signed" …
    std::string subject; ///< id of the test, client … that it concerns
    Document data = Document::object();
    std::string hash; ///< chains this event to the one before it; given by the store
};

[[nodiscard]] Json toJson(const Event& event);

/// Hash of an event in its chain: BLAKE2b-256 over the previous hash and the event's canonical JSON (keys
/// sorted, without `hash`), as 64 hexadecimal digits. The first event follows the empty text.
[[nodiscard]] std::string chainHash(const std::string& previous, const Event& event);

} // namespace fusain
