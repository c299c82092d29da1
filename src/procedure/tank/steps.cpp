#include "procedure/tank/steps.hpp"

#include "core/base/message.hpp"

namespace fusain {

std::span<const StepText> hydrostaticSteps() {
    using enum HydrostaticStep;
    static constexpr std::array sheet = std::to_array<StepText>({
        {TankReady, "tank-ready", FUSAIN_TEXT("Tank ready"),
         FUSAIN_TEXT("Disinfected for the full contact time and rinsed, filled to below the overflow, water "
                     "warm. An attendant within "
                     "reach, a second person on call.")},
        {LoadCell, "load-cell", FUSAIN_TEXT("Load cell check"),
         FUSAIN_TEXT("Hang the chair and the belt in the water, zero, then hang the reference mass."),
         StepKind::Check},
        {WaterTemperature, "water-temperature", FUSAIN_TEXT("Water temperature"),
         FUSAIN_TEXT("Read the thermometer in the tank."), StepKind::Reading},
        {Screening, "screening", FUSAIN_TEXT("Screening"),
         FUSAIN_TEXT("Ask each question before the client goes near the water."), StepKind::Screening},
        {Readiness, "readiness", FUSAIN_TEXT("Readiness"),
         FUSAIN_TEXT("Ask how the client prepared, with times."), StepKind::Readiness},
        {DryMass, "dry-mass", FUSAIN_TEXT("Dry mass"),
         FUSAIN_TEXT("Weigh the client on the floor scale, dry, in swimwear, with an empty bladder."),
         StepKind::Reading},
        {VitalCapacity, "vital-capacity", FUSAIN_TEXT("Vital capacity"),
         FUSAIN_TEXT("Breathe in fully, then out as far as it goes. Three acceptable blows; the two largest "
                     "agree within 150 mL."),
         StepKind::OptionalReading},
        {Rehearsal, "rehearsal", FUSAIN_TEXT("Rehearsal"),
         FUSAIN_TEXT("Enter carefully, wet hair and suit, press the air out, belt on, sit back, touch nothing "
                     "but the chair."),
         StepKind::Confirm, StepNeeds(Screening)},
        {Trials,
         "trials",
         FUSAIN_TEXT("Trials"),
         FUSAIN_TEXT("Breathe out fully, lean forward, keep still, count to six."),
         StepKind::OptionalReading,
         {LoadCell, WaterTemperature, Screening, Readiness, DryMass, Rehearsal}},
        {OutSafely, "out-safely", FUSAIN_TEXT("Out safely"),
         FUSAIN_TEXT("Belt off, one hand on the rail, you in front of the client.")},
        {Result, "result", FUSAIN_TEXT("Result"), FUSAIN_TEXT("Read the result and its interval."),
         StepKind::Result, StepNeeds(Trials)},
        {Interpretation, "interpretation", FUSAIN_TEXT("Interpretation"),
         FUSAIN_TEXT("Write what the result means, in your own words."), StepKind::Interpretation,
         StepNeeds(Trials)},
        {Sign,
         "sign",
         FUSAIN_TEXT("Sign"),
         FUSAIN_TEXT("Signing locks the readings."),
         StepKind::Sign,
         {OutSafely, Result, Interpretation}},
        {Report, "report", FUSAIN_TEXT("Report"),
         FUSAIN_TEXT("Preview, print or save the client copy and the lab copy."), StepKind::Afterwards,
         StepNeeds(Sign)},
        {After, "after", FUSAIN_TEXT("After"),
         FUSAIN_TEXT("Drain the tank and take the chair off the load cell."), StepKind::Afterwards},
    });
    static_assert(inOrder(sheet));
    return sheet;
}

} // namespace fusain
