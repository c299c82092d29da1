#pragma once
#include "report/figures/rule_figure.hpp"
#include "report/pages/test_report.hpp"

namespace fusain::report {

/// Fat-free mass index against fat mass index with the client's path. Needs a result that gives fat.
[[nodiscard]] NamedFigure fieldFigure(const TestReport& report);
/// The body as a column, by whatever the method tells apart; an earlier comparable test stands beside it. Needs
/// a result that gives fat.
[[nodiscard]] NamedFigure coreFigure(const TestReport& report);

/// Body fat on its scale, with the test before where there is one. Needs a result that gives fat.
[[nodiscard]] RuleModel fatRule(const TestReport& report);
/// Where the uncertainty of the fat percentage comes from.
[[nodiscard]] NamedFigure errorsFigure(const Measured<Percent>& fat);

/// The pictures that this result allows: the method's own, then the field and the errors where there is fat.
[[nodiscard]] std::vector<NamedFigure> figuresOf(const TestReport& report);

} // namespace fusain::report
