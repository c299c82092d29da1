#pragma once
#include "procedure/interpretation.hpp"
#include "procedure/worked_sheet.hpp"
#include "record/people.hpp"
#include "record/protocol.hpp"
#include "report/page_flow.hpp"

namespace fusain::report {

/// Everything that the two copies of an underwater-weighing report show.
struct HydrostaticReport {
    std::string labName;
    Client client;
    bool namesHidden = false;
    HydrostaticTest test;
    HydrostaticPolicy policy;
    Protocol protocol;
    HydrostaticResult result;
    const reference::ReferenceSet* fatReference = nullptr;
    std::optional<EarlierResult> earlier;  ///< the latest signed test before this one
    std::optional<EarlierResult> baseline; ///< the first signed test, when it is not the latest
    std::string technician;                ///< name
    std::string physiologist;              ///< name
    UnitSystem units = UnitSystem::Metric;
    bool withoutNumbers = false; ///< the client copy says it in words only
};

/// True when numbers are better kept out of the client copy unless somebody decides otherwise: an adult with a
/// body mass index below 18.5 kg/m².
[[nodiscard]] bool betterWithoutNumbers(const HydrostaticTest& test);

/// One page for the client: what was done, the result with its interval in plain words, what could have
/// disturbed it.
[[nodiscard]] PageFlow clientCopy(const HydrostaticReport& report);
/// Two to three pages for the lab: everything.
[[nodiscard]] PageFlow labCopy(const HydrostaticReport& report);

/// Writes the pages as PDF/A-1b. @return a Problem when the file cannot be written; no partial file is left
[[nodiscard]] Expected<void> writePdf(const PageFlow& pages, const QString& path, const QString& title);

} // namespace fusain::report
