#include "core/numeric/day_to_day.hpp"

#include "core/base/message.hpp"

namespace fusain {

std::array<DayToDayEntry, 8> dayToDayEntries() {
    const DayToDay usual;
    const auto repeated =
        FUSAIN_TEXT("repeated measurements of unchanged people on different days; not yet verified");
    const auto practice = FUSAIN_TEXT("common experience of laboratories; not yet verified");
    return {{{FUSAIN_TEXT("body water"), usual.bodyWater.value(), "kg", 'B', repeated},
             {FUSAIN_TEXT("content of the gut"), usual.gutContent.value(), "kg", 'C', practice},
             {FUSAIN_TEXT("gas in the gut"), usual.gutGas.value(), "L", 'B', repeated},
             {FUSAIN_TEXT("residual volume"), usual.residualVolume.value(), "L", 'B', repeated},
             {FUSAIN_TEXT("thoracic gas"), usual.thoracicGas.value(), "L", 'B', repeated},
             {FUSAIN_TEXT("resistance"), 100.0 * usual.resistance, "%", 'B', repeated},
             {FUSAIN_TEXT("reactance"), 100.0 * usual.reactance, "%", 'C', practice},
             {FUSAIN_TEXT("body water from the spectrum"), usual.spectrumWater.value(), "L", 'C', practice}}};
}

} // namespace fusain
