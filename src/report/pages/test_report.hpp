#pragma once
#include "procedure/all/computed.hpp"
#include "procedure/meaning/findings.hpp"
#include "procedure/meaning/key_points.hpp"
#include "procedure/meaning/pattern.hpp"
#include "procedure/meaning/preparation_difference.hpp"
#include "procedure/meaning/same_day.hpp"
#include "record/base/people.hpp"
#include "record/method/protocol.hpp"
#include "report/pages/methods.hpp"

namespace fusain::report {

/// Everything that the screen and the two copies of a report on one test show.
struct TestReport {
    explicit TestReport(ComputedTest test) : computed(std::move(test)) {}

    Letterhead lab;
    Client client;
    bool namesHidden = false;
    ComputedTest computed;
    Protocol protocol;
    ReportReferences references;
    std::vector<ComputedTest> history;   ///< the signed tests by the same method before this one, oldest first
    std::optional<Outcome> earlier;      ///< the latest of them that gives fat and may be compared
    std::optional<Outcome> baseline;     ///< the first of those, when it is not the latest
    Statements statements;               ///< what can be said, with its verdicts
    LabPrecision precision;              ///< the lab's own, where it has studied it
    std::vector<KeyPoint> keyPoints;     ///< what matters today, most important first; suggestions
    std::vector<OtherMethod> sameDay;    ///< results of other methods on the same day
    std::string technician;              ///< name
    std::string physiologist;            ///< name
    std::optional<Message> keySignature; ///< by the key of whoever answers for the result
    UnitSystem units = UnitSystem::Metric;
    bool withoutNumbers = false; ///< the client copy says it in words only

    [[nodiscard]] const RawTest& record() const { return computed.record(); }
    [[nodiscard]] const TestResult& result() const { return computed.shared(); }
    /// Null for a test that gives no fat.
    [[nodiscard]] const compartments::Composition* composition() const { return computed.composition(); }
    /// What the statements say of each quantity since the last test that may be compared, by its id.
    [[nodiscard]] std::map<std::string_view, SinceLast> changesSinceLast() const;
    /// Calls visit with the OwnReport of the test's method; every overload gives the same type.
    template <class Visit>
    decltype(auto) visit(Visit&& visit) const {
        return std::visit(
            [&]<class Result>(const Result& result) -> decltype(auto) {
                using Method = typename Result::Method;
                std::vector<typename OwnReport<Method>::Past> past;
                for (const ComputedTest& each : history)
                    past.push_back({each.record().startedAt, std::get<Result>(each.result)});
                return visit(OwnReport<Method>{std::get<typename Method::Record>(computed.test),
                                               std::get<typename Method::Policy>(computed.policy), result,
                                               std::move(past), references, precision, changesSinceLast(), units, withoutNumbers});
            },
            computed.result);
    }
};

/// What the physiologist can say of this test, most important first.
[[nodiscard]] std::vector<Message> findingsOf(const TestReport& report);

/// True when numbers are better kept out of the client copy unless somebody decides otherwise: an adult with a
/// body mass index below 18.5 kg/m².
[[nodiscard]] bool betterWithoutNumbers(const RawTest& record, Kilograms mass);

/// One page for the client: what was done, the result with its interval in plain words, what could have
/// disturbed it.
[[nodiscard]] PageFlow clientCopy(const TestReport& report);
/// Two to three pages for the lab: everything.
[[nodiscard]] PageFlow labCopy(const TestReport& report);

} // namespace fusain::report
