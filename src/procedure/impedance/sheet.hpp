#pragma once
#include "procedure/impedance/result.hpp"
#include "procedure/method/sheet.hpp"

namespace fusain {

/// The worked sheet of a result, from the readings to the indices, in the order of the calculation.
[[nodiscard]] std::vector<WorkedLine> workedSheet(const ImpedanceTest& test, const ImpedancePolicy& policy,
                                                  const ImpedanceResult& result);

} // namespace fusain
