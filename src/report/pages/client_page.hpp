#pragma once
#include "report/pages/visit_report.hpp"

namespace fusain::report {

/// A visit of one test alone, for its own client page: what changed, the way so far, and when to come again.
[[nodiscard]] VisitReport visitOf(const TestReport& test);

} // namespace fusain::report
