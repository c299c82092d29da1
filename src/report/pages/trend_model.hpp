#pragma once
#include "procedure/meaning/progress.hpp"
#include "report/figures/trend_figure.hpp"

namespace fusain::report {

/// "densitometer (Scanner, software 4)": a line of a progress picture in words.
[[nodiscard]] QString seriesName(const Series& series);
/// A quantity over time, ready to be painted.
[[nodiscard]] TrendModel trendModel(Followed quantity, const std::vector<Series>& lines);

} // namespace fusain::report
