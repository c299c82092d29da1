#pragma once
#include "core/compartments/body.hpp"
#include "core/reference/reference_set.hpp"
#include "record/method/raw_record.hpp"

namespace fusain {

/// How the two indices stand in their references: both beyond one end, or which of them is further from its
/// middle by half a width of its range (an engineering choice: the sources give ranges, not standard
/// deviations).
enum class WeightPattern { BothLow, BothHigh, FatLed, Even, MuscleLed, Unknown };
[[nodiscard]] WeightPattern weightPattern(const compartments::Composition& composition,
                                          const reference::ReferenceSet* fatMassIndex,
                                          const reference::ReferenceSet* fatFreeMassIndex,
                                          const TestSubject& subject);
[[nodiscard]] std::string_view patternText(WeightPattern pattern);

} // namespace fusain
