#pragma once
#include "procedure/method/sheet.hpp"
#include "procedure/tank/result.hpp"

namespace fusain {

/// The worked sheet of a result, from the readings to the indices, in the order of the calculation.
[[nodiscard]] std::vector<WorkedLine> workedSheet(const HydrostaticTest& test, const HydrostaticPolicy& policy,
                                                  const HydrostaticResult& result);

} // namespace fusain
