#pragma once
#include "record/lab/instrument.hpp"

#include <span>

namespace fusain::exchange {

/// Every check as CSV: at,instrument,check,nominal,mean,error,passed,by,note,readings (readings separated by
/// spaces).
[[nodiscard]] std::string checksToCsv(std::span<const Check> checks);

/// Reads a precision study: one person a line, the repeats in its cells; a first line of words is passed over.
/// @return a Problem naming line and column of the first thing that is not a number, or a person with one
/// repeat
[[nodiscard]] Expected<std::vector<std::vector<double>>> studyFromCsv(std::string_view text,
                                                                      const std::string& where);

} // namespace fusain::exchange
