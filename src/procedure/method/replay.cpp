#include "procedure/method/replay.hpp"

#include "procedure/method/common_events.hpp"

#include <set>

namespace fusain {

std::vector<Event> effectiveEvents(std::span<const Event> events) {
    std::set<std::int64_t> undone;
    for (const Event& event : events)
        if (event.kind == EventUndone::kind)
            undone.insert(event.data->value("sequence", std::int64_t{0}));
    std::vector<Event> effective;
    std::ranges::copy_if(events, std::back_inserter(effective), [&](const Event& event) {
        return event.kind != EventUndone::kind && !undone.contains(event.sequence);
    });
    return effective;
}

Expected<void> applyEach(std::span<const Event> events, const std::function<void(const Event&)>& apply) {
    for (const Event& event : effectiveEvents(events)) {
        const auto applied = readDocument("event " + std::to_string(event.sequence), [&] {
            apply(event);
            return true;
        });
        if (!applied)
            return tl::unexpected(applied.error());
    }
    return {};
}

} // namespace fusain
