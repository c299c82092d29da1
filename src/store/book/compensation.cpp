#include "store/book/compensation.hpp"

#include "record/base/json.hpp"
#include "store/book/projection.hpp"

#include <algorithm>

namespace fusain::store {
namespace {

// One row that an act changed: what the journal said of it before, and what it says now.
struct Change {
    std::string kind, subject;
    std::optional<Event> before, latest;
};

bool canBeWrittenAgain(std::string_view kind) {
    return kind == kinds::clientSaved || kind == kinds::staffSaved || kind == kinds::visitSaved ||
           kind == kinds::settingChanged;
}

std::vector<Change> changesOf(LabBook& book, const Act& act) {
    std::vector<Change> changes;
    auto written = book.subjectsSince(act.after);
    written.resize(std::min(written.size(), static_cast<std::size_t>(act.upTo - act.after)));
    for (const auto& [kind, subject] : written) {
        const auto same = [&](const Change& change) {
            return change.kind == kind && change.subject == subject;
        };
        if (std::ranges::any_of(changes, same))
            continue;
        Change change{kind, subject, {}, {}};
        for (Event& event : book.eventsOf(subject))
            if (event.kind == kind) {
                if (event.sequence <= act.after)
                    change.before = event;
                change.latest = std::move(event);
            }
        changes.push_back(std::move(change));
    }
    return changes;
}

Problem obstacle(Message what) {
    return {std::move(what), {}, {FUSAIN_TEXT("Everything stays as it is."), {}}, {}};
}

std::optional<Problem> obstacleTo(const Change& change, const Act& act) {
    if (!canBeWrittenAgain(change.kind))
        return obstacle({FUSAIN_TEXT("This belongs to a test or a check. Undo it there."), {}});
    if (!change.latest || change.latest->sequence > act.upTo)
        return obstacle({FUSAIN_TEXT("It was changed again after that."), {}});
    if (change.before && change.before->kind == kinds::clientSaved && !change.before->data->contains("name"))
        return obstacle({FUSAIN_TEXT("This client was erased after that."), {}});
    if (!change.before && (change.kind == kinds::clientSaved || change.kind == kinds::staffSaved))
        return obstacle({FUSAIN_TEXT("A new person stays in the lab book."), {}});
    return std::nullopt;
}

// The document that puts the row back.
Json wayBack(const Change& change) {
    if (change.before)
        return *change.before->data;
    Json json = *change.latest->data;
    json[change.kind == kinds::visitSaved ? "state" : "value"] =
        change.kind == kinds::visitSaved ? "cancelled" : "";
    return json;
}

} // namespace

Expected<Act> asAct(LabBook& book, const std::function<Expected<void>()>& work) {
    Act act{book.lastEvent(), 0};
    if (auto done = book.together(work); !done)
        return tl::unexpected(done.error());
    act.upTo = book.lastEvent();
    return act;
}

std::optional<Problem> obstacleToUndoing(LabBook& book, const Act& act) {
    for (const Change& change : changesOf(book, act))
        if (auto problem = obstacleTo(change, act))
            return problem;
    return std::nullopt;
}

Expected<Act> undo(LabBook& book, const Act& act, const std::string& by, Instant at) {
    if (const auto problem = obstacleToUndoing(book, act))
        return tl::unexpected(*problem);
    return asAct(book, [&]() -> Expected<void> {
        auto changes = changesOf(book, act);
        std::ranges::reverse(changes);
        for (const Change& change : changes) {
            Event event = *change.latest;
            event.by = by;
            event.data = wayBack(change);
            event.at = at;
            if (auto kept = book.append(std::move(event)); !kept)
                return tl::unexpected(kept.error());
        }
        return {};
    });
}

} // namespace fusain::store
