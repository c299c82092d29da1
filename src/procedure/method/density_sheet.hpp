#pragma once
#include "procedure/method/density_result.hpp"
#include "procedure/method/sheet.hpp"

namespace fusain {

/// From the volume of the body on, the two densitometric methods are the same.
/// @param densitySource catalogue id of how the volume was found
void bodyLines(std::vector<WorkedLine>& sheet, const DensityResult& result, const char* densitySource);

} // namespace fusain
