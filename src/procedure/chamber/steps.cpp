#include "procedure/chamber/steps.hpp"

#include "core/base/message.hpp"

namespace fusain {

std::span<const StepText> chamberSteps() {
    using enum ChamberStep;
    static constexpr std::array sheet = std::to_array<StepText>({
        {WarmUp, "warm-up", FUSAIN_TEXT("Warmed up"),
         FUSAIN_TEXT("The chamber has been on for its warm-up time; door and windows of the room are shut."),
         StepKind::Confirm},
        {Scale, "scale", FUSAIN_TEXT("Scale check"),
         FUSAIN_TEXT("Empty the scale, zero it, then put the reference masses on."), StepKind::Check},
        {Calibration, "calibration", FUSAIN_TEXT("Calibration"),
         FUSAIN_TEXT("First the empty chamber, then with the cylinder inside. Take the cylinder out again."),
         StepKind::Reading},
        {Screening, "screening", FUSAIN_TEXT("Screening"),
         FUSAIN_TEXT("Show how the door opens and agree a stop signal."), StepKind::Screening},
        {Readiness, "readiness", FUSAIN_TEXT("Readiness"),
         FUSAIN_TEXT("Ask how the client prepared; look at swimwear, cap and jewellery."), StepKind::Readiness},
        {Mass, "mass", FUSAIN_TEXT("Mass"),
         FUSAIN_TEXT("Weigh the client on the chamber's scale, in swimwear and cap, with an empty bladder."),
         StepKind::Reading, StepNeeds(Screening)},
        {VolumeTrials,
         "volume-trials",
         FUSAIN_TEXT("Volume trials"),
         FUSAIN_TEXT("Close the door without leaning on it. Sit still, hands in the lap, breathe quietly. Open "
                     "the door "
                     "between trials."),
         StepKind::Reading,
         {Scale, Calibration, Screening, Readiness, Mass}},
        {ThoracicGas, "thoracic-gas", FUSAIN_TEXT("Thoracic gas"),
         FUSAIN_TEXT("Nose clip on, breathe through the tube; when it closes, three gentle puffs with the "
                     "cheeks held."),
         StepKind::OptionalReading, StepNeeds(VolumeTrials)},
        {Result,
         "result",
         FUSAIN_TEXT("Result"),
         FUSAIN_TEXT("Read the result and its interval."),
         StepKind::Result,
         {VolumeTrials, ThoracicGas}},
        {Interpretation,
         "interpretation",
         FUSAIN_TEXT("Interpretation"),
         FUSAIN_TEXT("Write what the result means, in your own words."),
         StepKind::Interpretation,
         {VolumeTrials, ThoracicGas}},
        {Sign,
         "sign",
         FUSAIN_TEXT("Sign"),
         FUSAIN_TEXT("Signing locks the readings."),
         StepKind::Sign,
         {Result, Interpretation}},
        {Report, "report", FUSAIN_TEXT("Report"),
         FUSAIN_TEXT("Preview, print or save the client copy and the lab copy."), StepKind::Afterwards,
         StepNeeds(Sign)},
        {After, "after", FUSAIN_TEXT("After"),
         FUSAIN_TEXT("Wipe the seat, wash the cap, throw the tube's filter away."), StepKind::Afterwards},
    });
    static_assert(inOrder(sheet));
    return sheet;
}

} // namespace fusain
