#include "procedure/impedance/steps.hpp"

#include "core/base/message.hpp"

namespace fusain {

std::span<const StepText> impedanceSteps() {
    using enum ImpedanceStep;
    static constexpr std::array sheet = std::to_array<StepText>({
        {WarmUp, "warm-up", FUSAIN_TEXT("Warmed up"),
         FUSAIN_TEXT("The analyzer has been on for its warm-up time; the room is between 22 and 26 °C."),
         StepKind::Confirm},
        {Module, "module", FUSAIN_TEXT("Test module"),
         FUSAIN_TEXT("Connect the test module in place of the client and read it."), StepKind::Check},
        {Identity, "identity", FUSAIN_TEXT("Identity check"),
         FUSAIN_TEXT("Type or scan the client's code; measure the height again or confirm it."),
         StepKind::Reading},
        {Screening, "screening", FUSAIN_TEXT("Screening"),
         FUSAIN_TEXT("Ask about implanted devices before anything is connected."), StepKind::Screening},
        {Readiness, "readiness", FUSAIN_TEXT("Readiness"),
         FUSAIN_TEXT("Ask how the client prepared, with times."), StepKind::Readiness},
        {Mass, "mass", FUSAIN_TEXT("Mass"),
         FUSAIN_TEXT("Weigh the client in light clothing, with an empty bladder."), StepKind::Reading,
         StepNeeds(Screening)},
        {Electrodes, "electrodes", FUSAIN_TEXT("Electrodes"),
         FUSAIN_TEXT("Clean the electrodes; wipe hands and feet, moisten dry or callused skin."),
         StepKind::Confirm, StepNeeds(Screening)},
        {Posture, "posture", FUSAIN_TEXT("Posture"),
         FUSAIN_TEXT("Arms away from the trunk, thighs apart, quiet: no talking until the sweep is done."),
         StepKind::Confirm},
        {Sweep,
         "sweep",
         FUSAIN_TEXT("Sweep"),
         FUSAIN_TEXT("Start the sweep. Keep still and silent, breathe quietly."),
         StepKind::Reading,
         {Module, Identity, Screening, Readiness, Mass, Electrodes, Posture}},
        {Result, "result", FUSAIN_TEXT("Result"),
         FUSAIN_TEXT("Read the result, its interval and the findings of the signal check."), StepKind::Result,
         StepNeeds(Sweep)},
        {Interpretation, "interpretation", FUSAIN_TEXT("Interpretation"),
         FUSAIN_TEXT("Write what the result means, in your own words."), StepKind::Interpretation,
         StepNeeds(Sweep)},
        {Sign,
         "sign",
         FUSAIN_TEXT("Sign"),
         FUSAIN_TEXT("Signing locks the readings."),
         StepKind::Sign,
         {Result, Interpretation}},
        {Report, "report", FUSAIN_TEXT("Report"),
         FUSAIN_TEXT("Preview, print or save the client copy and the lab copy."), StepKind::Afterwards,
         StepNeeds(Sign)},
        {After, "after", FUSAIN_TEXT("After"), FUSAIN_TEXT("Wipe the electrodes for the next client."),
         StepKind::Afterwards},
    });
    static_assert(inOrder(sheet));
    return sheet;
}

} // namespace fusain
