#pragma once
#include "core/units/units.hpp"

namespace fusain::lung {

/// A predicted lung volume with the scatter of people about the prediction.
struct PredictedVolume {
    Litres volume;        ///< L BTPS
    Litres standardError; ///< standard error of the estimate, L
    bool withinValidity;  ///< false when an input lies outside the published range
};

/// Residual volume, adult never-smokers.
/// @param height 1.46 … 2.00 m  @param age 17 … 90 y
/// @return M 0.0216H + 0.0207A − 2.840, F 0.0197H + 0.0201A − 2.421 (H cm, A y); SEE 0.37 / 0.38 L
/// @par Source Crapo RO et al (1982), Bull Eur Physiopathol Respir 18:419-425.
[[nodiscard]] PredictedVolume residualVolumeCrapo1982(Sex sex, Metres height, Years age);

/// Residual volume, European working group.
/// @param height M 1.55 … 1.95 m, F 1.45 … 1.80 m  @param age 18 … 70 y (18-25 computed as 25)
/// @return M 1.31H + 0.022A − 1.23, F 1.81H + 0.016A − 2.00 (H m, A y); RSD 0.41 / 0.35 L
/// @par Source Quanjer PhH et al (1993), Eur Respir J 6 Suppl 16:5-40.
[[nodiscard]] PredictedVolume residualVolumeEcsc1993(Sex sex, Metres height, Years age);

/// Residual volume as a fraction of vital capacity: 0.24 in men, 0.28 in women.
/// @param vitalCapacity L BTPS, 1 … 9
/// @param age used for validity only: 18 … 34 y (the fraction falls with age although residual volume rises)
/// @return L; the published scatter is not certain, so 0.30 L is used: a lab-adjustable default
/// @par Source Wilmore JH (1969), Med Sci Sports 1:87-90.
[[nodiscard]] PredictedVolume residualVolumeWilmore1969(Sex sex, Litres vitalCapacity, Years age);

/// Functional residual capacity. @return M 0.0472H + 0.0090A − 5.290, F 0.0360H + 0.0031A − 3.182; SEE 0.72 /
/// 0.52 L
/// @par Source Crapo RO et al (1982), Bull Eur Physiopathol Respir 18:419-425.
[[nodiscard]] PredictedVolume functionalResidualCapacityCrapo1982(Sex sex, Metres height, Years age);

/// Functional residual capacity. @return M 2.34H + 0.009A − 1.09, F 2.24H + 0.001A − 1.00 (H m); RSD 0.60 /
/// 0.50 L
/// @par Source Quanjer PhH et al (1993), Eur Respir J 6 Suppl 16:5-40.
[[nodiscard]] PredictedVolume functionalResidualCapacityEcsc1993(Sex sex, Metres height, Years age);

/// Total lung capacity. @return M 0.0795H + 0.0032A − 7.333, F 0.0590H − 4.537; SEE 0.79 / 0.54 L
/// @par Source Crapo RO et al (1982), Bull Eur Physiopathol Respir 18:419-425.
[[nodiscard]] PredictedVolume totalLungCapacityCrapo1982(Sex sex, Metres height, Years age);

/// Total lung capacity. @return M 7.99H − 7.08, F 6.60H − 5.79 (H m); RSD 0.70 / 0.60 L
/// @par Source Quanjer PhH et al (1993), Eur Respir J 6 Suppl 16:5-40.
[[nodiscard]] PredictedVolume totalLungCapacityEcsc1993(Sex sex, Metres height, Years age);

/// Residual volume of children, textbook curve. @param height 1.10 … 1.70 m
/// @return 0.0041·H^2.41 mL (H cm), both sexes; scatter about 25 %. To be confirmed against the source: never a
/// default.
/// @par Source Polgar G, Promadhat V (1971), Pulmonary Function Testing in Children, Saunders.
[[nodiscard]] PredictedVolume residualVolumePolgar1971(Sex sex, Metres height, Years age);

/// Forced vital capacity. @return M 0.0600H − 0.0214A − 4.650, F 0.0491H − 0.0216A − 3.590; SEE 0.644 / 0.393 L
/// @par Source Crapo RO, Morris AH, Gardner RM (1981), Am Rev Respir Dis 123:659-664.
[[nodiscard]] PredictedVolume forcedVitalCapacityCrapo1981(Sex sex, Metres height, Years age);

/// Forced vital capacity. @return M 5.76H − 0.026A − 4.34, F 4.43H − 0.026A − 2.89 (H m); RSD 0.61 / 0.43 L
/// @par Source Quanjer PhH et al (1993), Eur Respir J 6 Suppl 16:5-40.
[[nodiscard]] PredictedVolume forcedVitalCapacityEcsc1993(Sex sex, Metres height, Years age);

/// Forced vital capacity, the reference against which a measured vital capacity is judged plausible.
/// @param age 8 … 80 y  @param height 1.10 … 2.00 m
/// @return L; standard error derived from the lower limit of normal (mean − 1.645 SE)
/// @par Source Hankinson JL, Odencrantz JR, Fedan KB (1999), Am J Respir Crit Care Med 159:179-187.
[[nodiscard]] PredictedVolume forcedVitalCapacityHankinson1999(Sex sex, Metres height, Years age);

} // namespace fusain::lung
