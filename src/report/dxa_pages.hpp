#pragma once
#include "report/result_figures.hpp"

namespace fusain::report {

// What the pages and the screen show of a scan alone; null results of other methods are never passed in.

/// Phantom, scanner, dose. For the lab copy.
void dxaChecks(PageFlow& flow, const DxaTest& test);
/// The scans, their objections, and the pictures. For the lab copy.
void dxaScans(PageFlow& flow, const DxaTest& test, const TestReport& report);
/// Limbs, middle and dose in plain words. For the client copy.
void dxaInWords(PageFlow& flow, const TestReport& report);
/// Bone mineral, lean and fat of a scan, beside an earlier one that may be compared.
[[nodiscard]] NamedFigure dxaCore(const TestReport& report);
/// Regions, figure with beams, indices and core of a scan.
[[nodiscard]] std::vector<NamedFigure> dxaFigures(const TestReport& report);

} // namespace fusain::report
