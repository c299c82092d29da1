#pragma once
#include "procedure/computed_test.hpp"
#include "procedure/interpretation.hpp"
#include "record/people.hpp"
#include "record/protocol.hpp"
#include "report/page_flow.hpp"

namespace fusain::report {

/// Everything that the two copies of a report on one densitometric test show.
struct DensityReport {
    explicit DensityReport(ComputedTest test) : computed(std::move(test)) {}

    std::string labName;
    Client client;
    bool namesHidden = false;
    ComputedTest computed;
    Protocol protocol;
    const reference::ReferenceSet* fatReference = nullptr;
    std::optional<EarlierResult> earlier;  ///< the latest signed test by the same method before this one
    std::optional<EarlierResult> baseline; ///< the first signed test by it, when it is not the latest
    LabPrecision precision;                ///< the lab's own, where it has studied it
    std::vector<OtherMethod> sameDay;      ///< results of other methods on the same day
    std::string technician;                ///< name
    std::string physiologist;              ///< name
    UnitSystem units = UnitSystem::Metric;
    bool withoutNumbers = false; ///< the client copy says it in words only

    [[nodiscard]] const RawTest& record() const { return computed.record(); }
    [[nodiscard]] const DensityResult& result() const { return computed.density(); }
};

/// True when numbers are better kept out of the client copy unless somebody decides otherwise: an adult with a
/// body mass index below 18.5 kg/m².
[[nodiscard]] bool betterWithoutNumbers(const RawTest& record, Kilograms mass);

/// One page for the client: what was done, the result with its interval in plain words, what could have
/// disturbed it.
[[nodiscard]] PageFlow clientCopy(const DensityReport& report);
/// Two to three pages for the lab: everything.
[[nodiscard]] PageFlow labCopy(const DensityReport& report);

} // namespace fusain::report
