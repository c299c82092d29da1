#pragma once
#include "procedure/method/sheet.hpp"
#include "procedure/scan/result.hpp"

namespace fusain {

/// The worked sheet of a result, from the readings to the indices, in the order of the calculation.
[[nodiscard]] std::vector<WorkedLine> workedSheet(const DxaTest& test, const DxaPolicy& policy,
                                                  const DxaResult& result);

} // namespace fusain
