#pragma once
#include "core/impedance/paired_regression.hpp"
#include "core/impedance/segmental.hpp"

namespace fusain::exchange {

/// People measured by both electrode geometries: columns `contact_ohm` and `gel_ohm`, whole body at 50 kHz.
[[nodiscard]] Expected<std::vector<impedance::PairedReading>> pairsFromCsv(std::string_view text,
                                                                           const std::string& where);

/// People measured by analyzer and densitometer: `height_cm`, and for each segment `r/right-arm` … (Ω at 50
/// kHz) and `lean/right-arm` … (kg).
[[nodiscard]] Expected<std::vector<impedance::CalibrationCase>>
calibrationCasesFromCsv(std::string_view text, const std::string& where);

} // namespace fusain::exchange
