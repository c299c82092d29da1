#include "core/numeric/day_to_day.hpp"

#include "core/base/message.hpp"

namespace fusain {

std::array<DayToDayEntry, 8> entriesOf(const DayToDay& day) {
    return {{{FUSAIN_TEXT("body water"), day.bodyWater.value(), "kg"},
             {FUSAIN_TEXT("gut content"), day.gutContent.value(), "kg"},
             {FUSAIN_TEXT("gut gas"), day.gutGas.value(), "L"},
             {FUSAIN_TEXT("residual volume"), day.residualVolume.value(), "L"},
             {FUSAIN_TEXT("thoracic gas"), day.thoracicGas.value(), "L"},
             {FUSAIN_TEXT("resistance"), 100.0 * day.resistance, "%"},
             {FUSAIN_TEXT("reactance"), 100.0 * day.reactance, "%"},
             {FUSAIN_TEXT("body water from the spectrum"), day.spectrumWater.value(), "L"}}};
}

} // namespace fusain
