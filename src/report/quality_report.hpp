#pragma once
#include "procedure/quality_review.hpp"
#include "report/figures/control_chart_figure.hpp"
#include "report/page_flow.hpp"

#include <functional>

namespace fusain::report {

/// The picture of a check's history.
[[nodiscard]] ControlChartModel chartOf(const ControlSeries& series, const CheckDefinition& definition);

/// One instrument for an accreditation visit: what is checked against what, the control charts, and every
/// check.
/// @param nameOf the name of a colleague by id
[[nodiscard]] PageFlow qualityReport(const std::string& labName, const Instrument& instrument,
                                     const std::vector<Check>& checks,
                                     const std::function<std::string(const std::string&)>& nameOf);

} // namespace fusain::report
