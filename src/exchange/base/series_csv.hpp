#pragma once
#include "core/base/problem.hpp"

#include <span>
#include <vector>

namespace fusain::exchange {

/// Reads a series of samples: a header of column names, the first one a time that must rise, one sample a line.
/// Accepts commas or semicolons, decimal commas with semicolons, a byte-order mark and either line end.
/// @return one row of numbers a line; a Problem naming line and column of the first thing that is not a sample
[[nodiscard]] Expected<std::vector<std::vector<double>>>
seriesFromCsv(std::string_view text, const std::string& where, std::span<const std::string_view> columns);

} // namespace fusain::exchange
