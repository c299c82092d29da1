#pragma once
#include "core/numeric/measured.hpp"

namespace fusain::testing {

/// What the measurement itself leaves open: neither the day nor the assumptions about the body, which simulated
/// instruments do not vary.
template <class Q>
[[nodiscard]] double measurementError(const Measured<Q>& value) {
    double variance = 0.0;
    for (const BudgetLine& line : value.budget())
        if (kindOf(line.source) != SourceKind::Day && line.source != Source::FatFreeDensity &&
            line.source != Source::ScanModel)
            variance += line.standardError * line.standardError;
    return std::sqrt(variance);
}

} // namespace fusain::testing
