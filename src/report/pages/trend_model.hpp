#pragma once
#include "procedure/meaning/plan.hpp"
#include "procedure/meaning/progress.hpp"
#include "report/figures/course_figure.hpp"
#include "report/figures/trend_figure.hpp"

namespace fusain::report {

/// "densitometer (Scanner, software 4)": a line of a progress picture in words.
[[nodiscard]] QString seriesName(const Series& series);
/// A quantity over time, ready to be painted.
[[nodiscard]] TrendModel trendModel(Followed quantity, const std::vector<Series>& lines);
/// The same for a client: dates as they are written, in the client's units, no settings.
[[nodiscard]] TrendModel trendForClient(Followed quantity, const std::vector<Series>& lines, UnitSystem units);
/// Where a plan leads, ready to be painted.
[[nodiscard]] CourseModel courseModel(const Plan& plan);

} // namespace fusain::report
