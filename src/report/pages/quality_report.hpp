#pragma once
#include "procedure/quality/quality_review.hpp"
#include "report/base/page_flow.hpp"
#include "report/figures/control_chart_figure.hpp"

#include <functional>

namespace fusain::report {

/// The picture of a check's history.
[[nodiscard]] ControlChartModel chartOf(const ControlSeries& series, const CheckDefinition& definition);

/// The time a report speaks of; an end that is missing is open.
struct Period {
    std::optional<Instant> from, until; ///< until is the first moment after it
    [[nodiscard]] bool contains(Instant instant) const {
        return (!from || !(instant < *from)) && (!until || instant < *until);
    }
};
[[nodiscard]] std::vector<Check> within(const Period& period, const std::vector<Check>& checks);

/// One instrument for an accreditation visit: what is checked against what, the control charts, and every
/// check of the period. The rules judge with the whole history, so that a period does not change a verdict.
/// @param nameOf the name of a colleague by id
[[nodiscard]] PageFlow qualityReport(const Letterhead& lab, const Instrument& instrument,
                                     const std::vector<Check>& checks, const Period& period,
                                     const std::function<std::string(const std::string&)>& nameOf);

} // namespace fusain::report
