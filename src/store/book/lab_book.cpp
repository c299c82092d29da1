#include "store/book/lab_book.hpp"

#include "procedure/method/common_events.hpp"
#include "record/all/record.hpp"
#include "record/base/json.hpp"
#include "store/book/client_index.hpp"
#include "store/book/identity.hpp"
#include "store/book/names.hpp"
#include "store/book/outbox.hpp"
#include "store/book/projection.hpp"
#include "store/book/recordings.hpp"
#include "store/book/rights.hpp"
#include "store/book/sql.hpp"

#include <QSqlDriver>
#include <QSqlQuery>
#include <QVariant>

namespace fusain::store {

std::optional<Problem> LabBook::clockWarning(Instant now) {
    auto last = run(connection(), QStringLiteral("SELECT at FROM journal ORDER BY sequence DESC LIMIT 1"));
    if (!last || !last->next())
        return std::nullopt;
    const auto at = instantFromIso(last->value(0).toString().toStdString());
    if (!at || minutesBetween(now, *at) < 2.0)
        return std::nullopt;
    return Problem{{FUSAIN_TEXT("The computer's clock says {1}, but the lab book was last written at {2}."),
                    {isoText(now), isoText(*at)}},
                   {},
                   {FUSAIN_TEXT("The order of the record is kept by its numbering, not by the clock."), {}},
                   {FUSAIN_TEXT("Set the clock before the next test."), {}}};
}

namespace {

const QString channel = QStringLiteral("fusain"); // of notifications
constexpr auto listens = "fusain-listens";

// An event must not rely on what the book does not hold.
Expected<void> blocksAreThere(const QSqlDatabase& database, const Event& event) {
    for (const std::string& name : blocksNamedIn(*event.data))
        if (!blockIsWhole(database, name))
            return failure({FUSAIN_TEXT("A recording that this record names is not in the lab book."), {}},
                           event.subject, {FUSAIN_TEXT("Nothing was kept."), {}});
    return {};
}

} // namespace

namespace {

// An undoing of what was accepted while the server was away names it by its number there.
void numberAsInTheBook(Outbox& outbox, Event& event) {
    if (event.kind == EventUndone::kind)
        event.data = EventUndone{outbox.numberOf(event.data->at("sequence").get<std::int64_t>())}.data();
}

} // namespace

// The event, its recordings, the rows that follow from it and the new end of the journal, in one transaction.
// It is returned as it was given: whoever keeps it goes on with what it recorded.
Expected<Event> LabBook::write(Event event) {
    const QSqlDatabase database = connection();
    Transaction transaction(database);
    Expected<void> done = standAtTheEnd(event.subject);
    event.sequence = lastSequence_ + 1;
    Event kept = event;
    if (outbox_)
        numberAsInTheBook(*outbox_, kept);
    if (done)
        done = blocksAreThere(database, event);
    if (done)
        done = takeRecordingsOut(database, *kept.data);
    if (done)
        done = identities_->seal(kept);
    if (done && kept.kind == kinds::clientErased)
        done = identities_->forget(kept.subject);
    kept.hash = event.hash = chainHash(lastHash_, kept);
    if (done)
        done = intoJournal(database, kept);
    if (done)
        done = setHead(database, kept.sequence, kept.hash);
    if (done)
        done = projection_->apply(kept);
    if (done)
        done = tellOthers(database);
    if (done)
        done = transaction.commit();
    if (!done) {
        projection_->forget(event.subject);
        identities_->forgetOpened(); // a key that was made for it is not there
        return tl::unexpected(done.error());
    }
    index_->after(event.kind);
    lastSequence_ = event.sequence;
    lastHash_ = event.hash;
    if (const auto open = written_.find(event.subject);
        open != written_.end() || event.kind == TestStarted::kind)
        written_[event.subject] = event.sequence;
    return event;
}

Expected<Event> LabBook::append(Event event) {
    if (rightFor(event))
        if (auto may = mayChange(staff(), event); !may)
            return tl::unexpected(may.error());
    if (away_ && mayWait(event)) // it is looked for elsewhere: nobody waits for it at the bench
        return keepWaiting(std::move(event));
    if (auto problem = notOurs())
        return mayWait(event) ? keepWaiting(std::move(event)) : tl::unexpected(*problem);
    if (auto delivered = deliverFirst(); !delivered && waitsFor(event.subject))
        return tl::unexpected(delivered.error());
    auto written = write(event);
    if (!written && mayWait(event) && isAway(connection())) {
        away_ = true;
        return keepWaiting(std::move(event)); // and where it is there after all, it is not taken twice
    }
    return written;
}

// What others wrote since this window last looked: what it keeps in memory may be behind.
Expected<void> LabBook::follow() {
    for (const auto& [kind, subject] : subjectsSince(lastSequence_)) {
        projection_->forget(subject);
        index_->after(kind);
        if (kind == kinds::clientErased || subject == Identities::setting)
            identities_->forgetOpened();
    }
    return readHead();
}

// Where others write too, they wait from here until the transaction ends. A test goes on from what this window
// knows of it, or not at all.
Expected<void> LabBook::standAtTheEnd(const std::string& subject) {
    if (!dialectOf(address_).shared())
        return {};
    auto head = run(connection(), dialectOf(address_).heldHead());
    if (!head)
        return tl::unexpected(head.error());
    if (!head->next() || head->value(0).toString() != headText(lastSequence_, lastHash_))
        if (auto followed = follow(); !followed)
            return followed;
    const auto known = written_.find(subject);
    if (known == written_.end())
        return {};
    // The server may go between any two questions.
    auto last = run(connection(), QStringLiteral("SELECT max(sequence) FROM journal WHERE subject = ?"),
                    {text(subject)});
    if (!last)
        return tl::unexpected(last.error());
    if (last->next() && last->value(0).toLongLong() == known->second)
        return {};
    const auto events = journalOf(connection(), subject);
    if (!events || events->empty())
        return tl::unexpected(events ? serverIsAway(connection()) : events.error());
    const Event& other = events->back();
    return failure({FUSAIN_TEXT("{1} has written to this test on another workstation at {2}."),
                    {nameOfStaff(*this, other.by), isoText(other.at)}},
                   subject,
                   {FUSAIN_TEXT("Open the test anew, look at what was written, then repeat the step."), {}},
                   {FUSAIN_TEXT("What was just entered here is not in the record."), {}});
}

std::vector<Event> LabBook::takeUp(const std::string& test) {
    if (const std::int64_t last = lastEventOf(test); last > 0) // else nobody could say
        written_[test] = last;
    return eventsOf(test);
}

bool LabBook::movedOn(const std::string& test) {
    const auto known = written_.find(test);
    return known != written_.end() && lastEventOf(test) > known->second;
}

void LabBook::clearTraces() {
    for (const QString& said : dialectOf(address_).clearTraces())
        static_cast<void>(run(connection(), said)); // while somebody reads they stay until the next time
}

void LabBook::listen(std::function<void()> told) {
    QSqlDriver* driver = connection().driver();
    if (!dialectOf(address_).shared() || !driver->subscribeToNotification(channel))
        return;
    driver->setProperty(listens, true);
    const auto heard = [this, told = std::move(told)](const QString&, QSqlDriver::NotificationSource source) {
        if (source == QSqlDriver::SelfSource)
            return;
        if (follow())
            told();
    };
    QObject::connect(
        driver,
        qOverload<const QString&, QSqlDriver::NotificationSource, const QVariant&>(&QSqlDriver::notification),
        driver, heard);
}

Expected<void> LabBook::together(const std::function<Expected<void>()>& work) {
    if (auto problem = notOurs())
        return tl::unexpected(*problem);
    if (auto delivered = deliverFirst(); !delivered && isAway(connection()))
        return tl::unexpected(delivered.error());
    const auto sequence = lastSequence_;
    const auto hash = lastHash_;
    const auto written = written_;
    const auto asBefore = [&] {
        lastSequence_ = sequence;
        lastHash_ = hash;
        written_ = written;
        projection_->forget();
        identities_->forgetOpened();
        index_->forget();
    };
    Transaction transaction(connection());
    try {
        const Expected<void> done = work();
        const Expected<void> committed = done ? transaction.commit() : done;
        if (!committed)
            asBefore();
        return committed;
    } catch (...) { // the window goes on after it, and so must the journal
        asBefore();
        throw;
    }
}

// A server that went and is back is reached again; what was written before it went is there.
std::optional<Problem> LabBook::serverAway() const {
    QSqlDatabase database = connection();
    if (!isAway(database)) {
        away_ = false;
        return std::nullopt;
    }
    if (inTransaction(database)) // what it began is gone with the connection
        return serverIsAway(database);
    database.close();
    away_ = true;
    if (!database.open() || !sayHello())
        return serverIsAway(database);
    away_ = false;
    // The old connection took that with it; what others wrote meanwhile is heard of as soon as the window has
    // time.
    if (QSqlDriver* driver = database.driver(); driver->property(listens).toBool()) {
        driver->subscribeToNotification(channel);
        QMetaObject::invokeMethod(
            driver, [driver] { Q_EMIT driver->notification(channel, QSqlDriver::UnknownSource, {}); },
            Qt::QueuedConnection);
    }
    return std::nullopt;
}

// Whether what is written now would still be in the lab book: the file may have been removed, replaced or lost
// with its disk, and somebody else may have written to it.
std::optional<Problem> LabBook::notOurs() const {
    if (!place_.holds())
        return Problem{
            {FUSAIN_TEXT("The lab book is not where it was opened: the file was removed or replaced, or "
                         "its disk is gone."),
             {}},
            path().toStdString(),
            {FUSAIN_TEXT("Nothing more is accepted. Everything accepted so far is still in this window."), {}},
            {FUSAIN_TEXT("Save it as a new lab book, then look for this one."), {}}};
    if (dialectOf(address_).shared())
        return serverAway();
    auto head = run(connection(), QStringLiteral("SELECT value FROM meta WHERE key = 'head'"));
    if (!head)
        return head.error();
    if (!head->next() || head->value(0).toString() != headText(lastSequence_, lastHash_))
        return Problem{{FUSAIN_TEXT("Another program has written to this lab book."), {}},
                       path().toStdString(),
                       {FUSAIN_TEXT("Nothing more is accepted here. Both records are kept."), {}},
                       {FUSAIN_TEXT("Close this window, verify the lab book, and open it again."), {}}};
    return std::nullopt;
}

std::vector<Event> LabBook::eventsOf(const std::string& subject) {
    const QSqlDatabase database = connection();
    const QString key = QStringLiteral("events ") + text(subject);
    auto events = journalOf(database, subject);
    if (!events) {
        const auto before = seen_.find(key);
        return before == seen_.end() ? std::vector<Event>() : std::any_cast<std::vector<Event>>(before->second);
    }
    bool small = true; // a recording may have a megabyte
    for (Event& event : *events) {
        small = small && blocksNamedIn(*event.data).empty();
        putRecordingsBack(database, *event.data);
        identities_->open(event);
    }
    if (small && dialectOf(address_).shared())
        seen_[key] = *events;
    return std::move(*events);
}

Expected<AnyTest> LabBook::withRecordings(const AnyTest& test) {
    Json document = toJson(test);
    if (blocksNamedIn(document).empty())
        return test;
    putRecordingsBack(connection(), document);
    return anyTestFromJson(document, common(test).id);
}

std::int64_t LabBook::eventCount() {
    auto rows = run(connection(), QStringLiteral("SELECT count(*) FROM journal"));
    return rows && rows->next() ? rows->value(0).toLongLong() : 0;
}

Verification LabBook::verify(const std::optional<Verified>& earlier, Progress* progress) {
    const QSqlDatabase database = connection();
    return earlier ? verifyNewPart(database, *earlier) : verifyBook(database, progress);
}

Expected<void> LabBook::note(std::string_view kind, const std::string& subject, const std::string& by,
                             Json data) {
    const auto kept = append({0, clock_(), by, std::string(kind), subject, std::move(data), {}});
    return kept ? Expected<void>() : tl::unexpected(kept.error());
}

// The head is held from the look at what is there until the edit is in the journal.
Expected<void> LabBook::replace(std::string_view kind, const std::string& subject, const std::string& by,
                                Json data, std::optional<std::int64_t> madeFrom) {
    if (!madeFrom)
        return note(kind, subject, by, std::move(data));
    return together([&]() -> Expected<void> {
        if (auto held = standAtTheEnd({}); !held)
            return held;
        if (lastEventOf(subject) <= *madeFrom)
            return note(kind, subject, by, std::move(data));
        const Event other = journalOf(connection(), subject).value_or(std::vector<Event>(1)).back();
        return failure({FUSAIN_TEXT("{1} has changed this at {2}, while it was open here."),
                        {nameOfStaff(*this, other.by), isoText(other.at)}},
                       subject, {FUSAIN_TEXT("Look at both, then choose."), {}},
                       {FUSAIN_TEXT("What was entered here is not in the record yet."), {}});
    });
}

Expected<void> LabBook::save(const Client& client, const std::string& by,
                             std::optional<std::int64_t> madeFrom) {
    if (identities_->locked())
        return tl::unexpected(identitiesAreSealed());
    if (!client.unreadable.empty())
        return failure(
            {FUSAIN_TEXT("This client's record is damaged. Saving would lose what is left of it."), {}},
            client.code, {FUSAIN_TEXT("Restore a copy of the lab book from before the damage."), {}});
    if (auto problem = problemWith(client, clock_()))
        return tl::unexpected(*problem);
    return replace(kinds::clientSaved, client.id, by, toJson(client), madeFrom);
}

Expected<void> LabBook::save(const Staff& staff, const std::string& by) {
    return note(kinds::staffSaved, staff.id, by, toJson(staff));
}

Expected<void> LabBook::save(const Visit& visit, const std::string& by, std::optional<std::int64_t> madeFrom) {
    return replace(kinds::visitSaved, visit.id, by,
                   {{"client", visit.clientId},
                    {"at", isoText(visit.at)},
                    {"method", visit.method},
                    {"state", visit.state},
                    {"test", visit.testId},
                    {"note", visit.note}},
                   madeFrom);
}

Expected<void> LabBook::save(const StoredResult& result, const std::string& by) {
    return note(kinds::resultStored, result.testId, by,
                {{"test_version", result.testVersion},
                 {"number", result.number},
                 {"at", isoText(result.at)},
                 {"document", *result.document}});
}

Expected<void> LabBook::save(const Check& check, const std::string& by) {
    return note(kinds::checkSaved, check.id, by,
                {{"at", isoText(check.at)},
                 {"nominal", check.nominal},
                 {"reading", check.reading},
                 {"readings", check.readings},
                 {"passed", check.passed},
                 {"by", check.by},
                 {"note", check.note},
                 {"kind", check.kind},
                 {"instrument", check.instrument}});
}

Expected<void> LabBook::save(const Study& study, const std::string& by) {
    return note(kinds::studySaved, study.id, by,
                {{"instrument", study.instrument},
                 {"at", isoText(study.at)},
                 {"quantity", study.quantity},
                 {"unit", study.unit},
                 {"by", study.by},
                 {"group", study.group},
                 {"design", study.betweenDays ? "between-days" : "same-day"},
                 {"population", toJson(study.population)},
                 {"people", study.people}});
}

Expected<void> LabBook::changeSetting(const std::string& key, const std::string& by,
                                      const std::function<Expected<std::string>(const std::string&)>& change) {
    return together([&]() -> Expected<void> {
        if (auto held = standAtTheEnd({}); !held)
            return held;
        const auto changed = change(setting(key));
        return changed ? setSetting(key, *changed, by) : tl::unexpected(changed.error());
    });
}

Expected<void> LabBook::setSetting(const std::string& key, const std::string& value, const std::string& by,
                                   std::optional<std::int64_t> madeFrom) {
    return replace(kinds::settingChanged, key, by, {{"value", value}}, madeFrom);
}

} // namespace fusain::store
