#pragma once
#include "core/airdisplacement/chamber.hpp"

namespace fusain::exchange {

/// A volume trial as CSV: a header `time_s,test_pa,reference_pa`, one sample a line, every digit kept.
[[nodiscard]] std::string pressuresToCsv(std::span<const airdisplacement::PressureSample> samples);

/// Reads a volume trial. Accepts commas or semicolons, decimal commas with semicolons, a byte-order mark and
/// either line end. @return a Problem naming line and column of the first thing that is not a sample; times
/// must rise
[[nodiscard]] Expected<std::vector<airdisplacement::PressureSample>> pressuresFromCsv(std::string_view text,
                                                                                      const std::string& where);

} // namespace fusain::exchange
