#pragma once
#include "core/units/units.hpp"

namespace fusain::gas {

/// Saturated vapour pressure over water, pure vapour.
/// @param temperature −20 … 50 °C
/// @return mmHg; relative error at most 0.1 %
/// @par Source Buck AL (1981), J Appl Meteorol 20:1527-1532, equation e_w1.
[[nodiscard]] MillimetresOfMercury vapourPressureBuck1981(Celsius temperature);

/// Saturated vapour pressure over water, Antoine form.
/// @param temperature 0 … 60 °C
/// @return mmHg
/// @par Source Lange's Handbook of Chemistry, Antoine constants 8.10765, 1750.286, 235.0.
[[nodiscard]] MillimetresOfMercury vapourPressureAntoine(Celsius temperature);

/// Factor that turns a volume at ambient temperature and pressure, saturated (ATPS), into body conditions
/// (BTPS).
/// @param temperature gas in the spirometer, 17 … 40 °C
/// @param pressure barometric, 500 … 800 mmHg
/// @return dimensionless, (PB − PH2O(T))/(PB − 47) × 310/(273 + T), PH2O by Buck
/// @par Source Quanjer PhH et al (1993), Eur Respir J 6 Suppl 16:5-40.
[[nodiscard]] double btpsFromAtps(Celsius temperature, MillimetresOfMercury pressure);

/// Factor from ambient, saturated (ATPS) to standard conditions, dry (STPD: 0 °C, 760 mmHg).
/// @param temperature 17 … 40 °C  @param pressure 500 … 800 mmHg
/// @return dimensionless, (PB − PH2O(T))/760 × 273/(273 + T), PH2O by Buck
/// @par Source Quanjer PhH et al (1993), Eur Respir J 6 Suppl 16:5-40.
[[nodiscard]] double stpdFromAtps(Celsius temperature, MillimetresOfMercury pressure);

/// Factor from dry gas at ambient conditions (ATPD, metered from a cylinder) to body conditions (BTPS).
/// @param temperature 17 … 40 °C  @param pressure 500 … 800 mmHg
/// @return dimensionless, PB/(PB − 47) × 310/(273 + T)
/// @par Source gas laws; Quanjer PhH et al (1993), Eur Respir J 6 Suppl 16:5-40.
[[nodiscard]] double btpsFromAtpd(Celsius temperature, MillimetresOfMercury pressure);

} // namespace fusain::gas
