#include "core/quality/precision.hpp"

#include "core/numeric/measured.hpp"

#include <cmath>

namespace fusain::quality {

double leastSignificantChange(double precisionError) {
    return leastSignificantChange(precisionError, precisionError);
}

double leastSignificantChange(double firstError, double secondError) {
    return normal95 * std::sqrt(firstError * firstError + secondError * secondError);
}

} // namespace fusain::quality
