#pragma once
#include "procedure/chamber/result.hpp"
#include "procedure/method/sheet.hpp"

namespace fusain {

/// The worked sheet of a result, from the readings to the indices, in the order of the calculation.
[[nodiscard]] std::vector<WorkedLine> workedSheet(const ChamberTest& test, const ChamberPolicy& policy,
                                                  const ChamberResult& result);

} // namespace fusain
