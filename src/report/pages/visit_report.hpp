#pragma once
#include "core/anthropometry/ages.hpp"
#include "procedure/day/preparation_sheet.hpp"
#include "procedure/meaning/across_methods.hpp"
#include "procedure/meaning/plan.hpp"
#include "procedure/meaning/progress.hpp"
#include "report/base/pen_marks.hpp"
#include "report/figures/spindles_figure.hpp"
#include "report/pages/client_words.hpp"
#include "report/pages/test_report.hpp"

namespace fusain::report {

/// Everything that a report on one visit shows, whatever methods it had.
struct VisitReport {
    Letterhead lab;
    Client client;
    bool namesHidden = false;
    bool withoutNumbers = false; ///< the client copy says it in words only
    UnitSystem units = UnitSystem::Metric;
    std::vector<TestReport> tests; ///< signed, of one day, in order of time; at least one
    MethodsOfADay across;
    Followed followed = Followed::FatMass;
    std::vector<Series> series; ///< of what is followed, over all visits up to this one
    struct Since {
        Instant earlier;
        std::string_view method;
        MassBalance balance;
    };
    std::optional<Since> since;             ///< what made the mass change since the last comparable visit
    std::optional<Since> sinceFirst;        ///< and since the first, where that is another
    std::optional<Plan> plan;               ///< never for somebody who must not get one
    PlanRequest planRequest;                ///< that it was made from
    std::optional<PlanSubject> planSubject; ///< and for whom
    struct Next {
        Instant at;
        bool booked = false; ///< otherwise the earliest day that makes sense
        PreparationSheet sheet;
    };
    std::optional<Next> next;
    PenMarks marks; ///< on the scenes that were talked over, by what each is about

    [[nodiscard]] Instant day() const { return tests.front().record().startedAt; }
    [[nodiscard]] bool minor() const { return tests.front().record().subject.age < anthropometry::adultAge; }
    /// The test that tells most about what the body is made of; null when none gives fat.
    [[nodiscard]] const TestReport* richest() const;
};

/// How its client reads it.
[[nodiscard]] ForClient forClient(const VisitReport& visit);
/// What made the mass change since the last and the first test that are compared with, into the visit.
void addChanges(VisitReport& visit);
/// The page that a client keeps: one sentence, the values and what became of them, the way so far, what to do
/// until the next time, how it was measured; with the scenes that were chosen while it was talked over.
[[nodiscard]] PageFlow clientCopy(const VisitReport& visit);
/// The fat of a day by every method and model, and put together; of those measured the surest stands out.
[[nodiscard]] std::vector<NamedSpindle> spindlesOf(const MethodsOfADay& across);
/// How much each method of a day counts in the best estimate, in words; empty without one.
[[nodiscard]] QString inTogether(const MethodsOfADay& across);
/// Everything for the lab: the methods side by side, and the lab copy of each test.
[[nodiscard]] PageFlow labCopy(const VisitReport& visit);

} // namespace fusain::report
