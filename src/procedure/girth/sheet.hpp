#pragma once
#include "procedure/girth/result.hpp"
#include "procedure/method/sheet.hpp"

namespace fusain {

/// The worked sheet of a result, from the readings to the ratios, in the order of the calculation.
[[nodiscard]] std::vector<WorkedLine> workedSheet(const GirthTest& test, const GirthPolicy& policy,
                                                  const GirthResult& result);

} // namespace fusain
