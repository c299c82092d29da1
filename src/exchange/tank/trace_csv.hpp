#pragma once
#include "core/base/problem.hpp"
#include "core/hydrostatic/weighing_trace.hpp"

namespace fusain::exchange {

/// A weighing trace as CSV: a header `time_s,gross_kg`, one sample a line, every digit kept.
[[nodiscard]] std::string traceToCsv(std::span<const hydrostatic::ForceSample> samples);

/// Reads a trace. Accepts commas or semicolons, decimal commas with semicolons, a byte-order mark and either
/// line end.
/// @return a Problem naming line and column of the first thing that is not a sample; times must rise
[[nodiscard]] Expected<std::vector<hydrostatic::ForceSample>> traceFromCsv(std::string_view text,
                                                                           const std::string& where);

} // namespace fusain::exchange
