// What is accepted while the server of a lab book is away, and how it comes into the book.
#include "procedure/method/common_events.hpp"
#include "record/base/json.hpp"
#include "store/book/identity.hpp"
#include "store/book/lab_book.hpp"
#include "store/book/names.hpp"
#include "store/book/outbox.hpp"
#include "store/book/recordings.hpp"
#include "store/book/sql.hpp"

#include <array>

namespace fusain::store {
namespace {

constexpr std::string_view oursNotTaken = "outbox.not-taken";

// These touch more than the test: a result, an appointment, who answers for it.
constexpr std::array withMore{TestStarted::kind, TestSigned::kind, TestRefused::kind, TestAmended::kind,
                              ResultStored::kind};

bool isTheSameAct(const Event& waiting, const Event& kept) {
    return kept.kind == waiting.kind && kept.by == waiting.by && kept.at == waiting.at;
}

} // namespace

void LabBook::collectIn(const QString& path) {
    if (!dialectOf(address_).shared())
        return;
    outbox_ = std::make_unique<Outbox>(path);
    static_cast<void>(deliver()); // what cannot be delivered goes on waiting, and is shown
}

// An act of several events is done as a whole or not at all, and so waits for the server.
bool LabBook::mayWait(const Event& event) const {
    return outbox_ && written_.contains(event.subject) && !inTransaction(connection()) &&
           std::ranges::find(withMore, event.kind) == withMore.end();
}

Expected<Event> LabBook::keepWaiting(Event event) {
    return outbox_->keep(event, written_.at(event.subject));
}

std::vector<Event> LabBook::waiting() {
    std::vector<Event> events;
    if (outbox_)
        for (Outbox::Waiting& each : outbox_->waiting())
            events.push_back(std::move(each.event));
    return events;
}

std::vector<Event> LabBook::writtenMeanwhile(const std::string& test) {
    const auto waiting = outbox_ ? outbox_->waiting() : std::vector<Outbox::Waiting>();
    const auto first = std::ranges::find(waiting, test, [](const auto& each) { return each.event.subject; });
    std::vector<Event> theirs = first == waiting.end() ? std::vector<Event>() : eventsOf(test);
    std::erase_if(theirs, [&](const Event& event) { return event.sequence <= first->after; });
    return theirs;
}

// The server may have kept it and gone before it could say so.
std::optional<std::int64_t> LabBook::inTheBook(const Event& waiting, std::int64_t after) {
    for (const Event& kept : journalOf(connection(), waiting.subject).value_or(std::vector<Event>()))
        if (kept.sequence > after)
            return isTheSameAct(waiting, kept) ? std::optional(kept.sequence) : std::nullopt;
    return std::nullopt;
}

// A test that is not on the bench here, since the window was closed meanwhile, is none that this window goes on
// with.
Expected<std::int64_t> LabBook::deliverOne(const Event& waiting, std::int64_t after) {
    const std::string& test = waiting.subject;
    const bool onTheBench = written_.contains(test);
    auto number = inTheBook(waiting, after);
    if (!number) {
        written_[test] = after;
        const auto kept = write(waiting);
        if (!onTheBench)
            written_.erase(test);
        if (!kept)
            return tl::unexpected(kept.error());
        number = kept->sequence;
    } else if (auto followed = follow(); !followed) {
        return tl::unexpected(followed.error());
    }
    if (onTheBench)
        written_[test] = *number;
    outbox_->delivered(waiting.sequence, *number);
    return *number;
}

Expected<int> LabBook::deliver() {
    if (waitingCount() == 0)
        return 0;
    if (auto problem = notOurs())
        return tl::unexpected(*problem);
    int count = 0;
    std::optional<Problem> first;
    std::map<std::string, std::int64_t> last; // what was delivered just now is known of
    std::set<std::string> held;               // where one does not fit, those behind it wait too
    for (const Outbox::Waiting& each : outbox_->waiting()) {
        const std::string& test = each.event.subject;
        if (held.contains(test))
            continue;
        if (const auto number = deliverOne(each.event, std::max(each.after, last[test])); number) {
            last[test] = *number;
            ++count;
        } else {
            held.insert(test);
            first = first ? first : number.error();
        }
    }
    return first ? Expected<int>(tl::unexpected(*first)) : count;
}

// First what was first; never inside an act that may be taken back, since the outbox would not come back with
// it.
Expected<void> LabBook::deliverFirst() {
    if (waitingCount() == 0)
        return {};
    if (inTransaction(connection()))
        return failure({FUSAIN_TEXT("Entries of this test still wait for the server."), {}});
    const auto delivered = deliver();
    return delivered ? Expected<void>() : tl::unexpected(delivered.error());
}

int LabBook::waitingCount() {
    return outbox_ ? outbox_->count() : 0;
}

bool LabBook::waitsFor(const std::string& test) {
    return outbox_ && outbox_->count(test) > 0;
}

// As a whole or not at all: where a record of both could not be read again, as with two trials of one number,
// ours are entered anew by somebody who sees theirs.
Expected<int> LabBook::deliverBehind(const std::string& test) {
    if (auto problem = notOurs())
        return tl::unexpected(*problem);
    std::map<std::int64_t, std::int64_t> numbers;
    const auto done = together([&]() -> Expected<void> {
        for (const Event& each : waiting()) {
            if (each.subject != test)
                continue;
            written_[test] = lastEventOf(test);
            const auto kept = write(each);
            if (!kept)
                return tl::unexpected(kept.error());
            numbers[each.sequence] = kept->sequence;
        }
        if (this->test(test))
            return {};
        return failure({FUSAIN_TEXT("The entries of both workstations do not fit into one record."), {}}, test,
                       {FUSAIN_TEXT("Enter yours again behind theirs, then do not take what waits."), {}},
                       {FUSAIN_TEXT("Both are kept as they are."), {}});
    });
    if (!done)
        return tl::unexpected(done.error());
    for (const auto& [waiting, number] : numbers)
        outbox_->delivered(waiting, number);
    return static_cast<int>(numbers.size());
}

Expected<void> LabBook::doNotTake(const std::string& test, const std::string& by, const std::string& reason) {
    Json events = Json::array();
    for (const Event& event : waiting())
        if (event.subject == test)
            events.push_back(
                {{"kind", event.kind}, {"at", isoText(event.at)}, {"by", event.by}, {"data", *event.data}});
    if (auto done =
            note(oursNotTaken, "outbox." + test, by, {{"test", test}, {"reason", reason}, {"events", events}});
        !done)
        return done;
    outbox_->drop(test);
    return {};
}

} // namespace fusain::store
