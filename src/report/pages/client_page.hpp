#pragma once
#include "procedure/meaning/retest_time.hpp"
#include "report/pages/visit_report.hpp"

namespace fusain::report {

/// A visit of one test alone, for its own client page: what changed, the way so far, and when to come again.
[[nodiscard]] VisitReport visitOf(const TestReport& test);
/// When a next test could show something, after this one.
[[nodiscard]] std::optional<NextTest> proposedNext(const TestReport& test);
/// The plan in plain words, a paragraph each; nothing for who must not get one, or reads no numbers.
[[nodiscard]] QStringList planInWords(const VisitReport& visit);

} // namespace fusain::report
