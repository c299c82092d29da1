#include "desktop/services/visit_reporter.hpp"

#include "core/quality/precision.hpp"
#include "desktop/services/body_waters.hpp"
#include "desktop/services/computing.hpp"
#include "desktop/services/plans.hpp"
#include "desktop/services/screenings.hpp"
#include "procedure/meaning/key_points.hpp"
#include "record/all/record.hpp"
#include "record/library/catalogue.hpp"
#include "report/base/words.hpp"
#include "report/pages/client_page.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::desktop {
namespace {

void addPlan(Session& session, report::VisitReport& visit, const report::TestReport& richest) {
    const auto request = savedPlan(session.book(), visit.client.id);
    if (!request)
        return;
    visit.planRequest = *request;
    const TestSubject& who = richest.record().subject;
    const auto asked = askedOf(session.catalogue().screening, screeningOf(session.book(), visit.client.id),
                               who.sex, who.age, session.now());
    visit.planSubject =
        planSubject(who, *richest.composition(),
                    {request->athlete, asked, hasLowLimbLean(richest.computed, richest.references.limbLean),
                     isBelowReference(richest.statements)});
    if (auto plan = makePlan(*visit.planSubject, *request); plan && !plan->crossing)
        visit.plan = std::move(*plan);
}

// The booked appointment, else the earliest day on which a usual change could be seen.
void addNext(Session& session, report::VisitReport& visit) {
    std::vector<std::pair<std::string, Instant>> methods;
    report::VisitReport::Next next;
    for (const auto& appointment : session.book().visitsOf(visit.client.id))
        if (appointment.state == "booked" && appointment.at > session.now() &&
            (methods.empty() || report::sameDay(appointment.at, methods.front().second)))
            methods.emplace_back(appointment.method, appointment.at);
    next.booked = !methods.empty();
    if (methods.empty()) {
        const report::TestReport* richest = visit.richest();
        const auto proposed = richest ? report::proposedNext(*richest) : std::nullopt;
        if (!proposed)
            return;
        const Instant at = proposed->at;
        for (const report::TestReport& test : visit.tests)
            methods.emplace_back(methodOf(test.computed.test), at);
    }
    next.at = methods.front().second;
    next.sheet = sheetFor(session, visit.client, methods);
    visit.next = std::move(next);
}

} // namespace

std::vector<Instant> visitDays(Session& session, const std::string& clientId) {
    std::vector<Instant> days;
    for (const AnyTest& test : session.book().testsOf(clientId))
        if (const RawTest& record = common(test);
            record.state == TestState::Signed &&
            (days.empty() || !report::sameDay(days.back(), record.startedAt)))
            days.push_back(record.startedAt);
    std::ranges::reverse(days);
    return days;
}

PreparationSheet sheetFor(Session& session, const Client& client,
                          std::span<const std::pair<std::string, Instant>> methods) {
    std::vector<PlannedMethod> planned;
    for (const auto& [method, at] : methods)
        planned.push_back({method, at, &session.catalogue().protocolFor(method)});
    const bool repeat = !visitDays(session, client.id).empty();
    return preparationSheet(planned, {client.sex, client.ageAt(methods.front().second), repeat},
                            session.catalogue().preparation);
}

Expected<report::VisitReport> visitReportOn(Session& session, const Client& client, Instant day) {
    report::VisitReport visit;
    std::vector<ComputedTest> upToNow, today;
    for (const AnyTest& test : session.book().testsOf(client.id)) {
        const RawTest& record = common(test);
        if (record.state != TestState::Signed ||
            (record.startedAt > day && !report::sameDay(record.startedAt, day)))
            continue;
        if (auto result = session.computing().computed(test)) {
            if (report::sameDay(record.startedAt, day))
                today.push_back(*result);
            upToNow.push_back(std::move(*result));
        }
        if (!report::sameDay(record.startedAt, day))
            continue;
        auto report = session.computing().reportOnPaper(test);
        if (!report)
            return tl::unexpected(report.error());
        // Of several tests by one method the last one is the visit's.
        std::erase_if(visit.tests, [&](const report::TestReport& other) {
            return methodOf(other.computed.test) == methodOf(test);
        });
        visit.tests.push_back(std::move(*report));
    }
    if (visit.tests.empty())
        return failure({FUSAIN_TEXT("No test of that day is signed."), {}}, {},
                       {FUSAIN_TEXT("Sign the test, then write the report."), {}});
    visit.lab = session.letterhead();
    visit.client = client;
    visit.namesHidden = session.namesHidden();
    visit.units = client.units;
    visit.withoutNumbers =
        std::ranges::any_of(visit.tests, [](const report::TestReport& test) { return test.withoutNumbers; });
    visit.across = acrossMethods(today, bodyWaterOn(bodyWatersOf(session.book(), client.id), day));
    visit.followed = visit.minor() ? Followed::FatFreeMass : Followed::FatMass;
    visit.series = seriesOf(visit.followed, upToNow, visit.tests.back().precision);
    if (const report::TestReport* richest = visit.richest()) {
        report::addChanges(visit);
        addPlan(session, visit, *richest);
    }
    addNext(session, visit);
    visit.marks = session.marksOf(client.id, day);
    return visit;
}

} // namespace fusain::desktop
