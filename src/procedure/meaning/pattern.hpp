#pragma once
#include "core/compartments/body.hpp"
#include "core/reference/reference_set.hpp"
#include "record/method/raw_record.hpp"

namespace fusain {

/// Fat-led, even or muscle-led: which of the two indices is further from the middle of its reference.
enum class WeightPattern { FatLed, Even, MuscleLed, Unknown };
[[nodiscard]] WeightPattern weightPattern(const compartments::Composition& composition,
                                          const reference::ReferenceSet* fatMassIndex,
                                          const reference::ReferenceSet* fatFreeMassIndex,
                                          const TestSubject& subject);
[[nodiscard]] std::string_view patternText(WeightPattern pattern);

} // namespace fusain
