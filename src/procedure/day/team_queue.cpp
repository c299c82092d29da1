#include "procedure/day/team_queue.hpp"

#include <algorithm>

namespace fusain {

const TeamQueue::Entry* TeamQueue::next() const {
    for (const TeamState state : {TeamState::Waiting, TeamState::Aside})
        if (const auto found = std::ranges::find(entries_, state, &Entry::state); found != entries_.end())
            return &*found;
    return nullptr;
}

int TeamQueue::left() const {
    return static_cast<int>(
        std::ranges::count_if(entries_, [](const Entry& each) { return each.state != TeamState::Done; }));
}

TeamQueue::Called TeamQueue::byCode(const std::string& code) const {
    const auto found = std::ranges::find(entries_, code, &Entry::code);
    if (found == entries_.end())
        return {nullptr, {FUSAIN_TEXT("The code \"{1}\" belongs to nobody of this team morning."), {code}}};
    if (found->state == TeamState::Done)
        return {&*found, {FUSAIN_TEXT("{1} has been measured already: whose turn is it?"), {code}}};
    return {&*found, {}};
}

} // namespace fusain
