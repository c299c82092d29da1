#include "procedure/girth/steps.hpp"

#include "core/base/message.hpp"

namespace fusain {

std::span<const StepText> girthSteps() {
    using enum GirthStep;
    static constexpr std::array sheet = std::to_array<StepText>({
        {Tape, "tape", FUSAIN_TEXT("Tape check"),
         FUSAIN_TEXT("Lay the tape along the rule of known length and read it. A stretched tape reads short."),
         StepKind::Check},
        {Screening, "screening", FUSAIN_TEXT("Screening"),
         FUSAIN_TEXT("Say where you will touch, offer somebody of the client's choice in the room, and ask."),
         StepKind::Screening},
        {Readiness, "readiness", FUSAIN_TEXT("Readiness"),
         FUSAIN_TEXT("Ask how the client prepared, with times."), StepKind::Readiness},
        {Mass, "mass", FUSAIN_TEXT("Mass"),
         FUSAIN_TEXT("Weigh the client on the floor scale, barefoot, in light clothing."), StepKind::Reading},
        {Landmarks, "landmarks", FUSAIN_TEXT("Landmarks"),
         FUSAIN_TEXT("Find the landmarks by hand, on bare skin or thin clothing, and mark them."),
         StepKind::Confirm, StepNeeds(Screening)},
        {Girths,
         "girths",
         FUSAIN_TEXT("Girths"),
         FUSAIN_TEXT("Lay the tape level and close to the skin without pressing in. Take it off after each "
                     "reading."),
         StepKind::OptionalReading,
         {Tape, Screening, Readiness, Mass, Landmarks}},
        {Result, "result", FUSAIN_TEXT("Result"), FUSAIN_TEXT("Read the result and its interval."),
         StepKind::Result, StepNeeds(Girths)},
        {Interpretation, "interpretation", FUSAIN_TEXT("Interpretation"),
         FUSAIN_TEXT("Write what the result means, in your own words."), StepKind::Interpretation,
         StepNeeds(Girths)},
        {Sign,
         "sign",
         FUSAIN_TEXT("Sign"),
         FUSAIN_TEXT("Signing locks the readings."),
         StepKind::Sign,
         {Result, Interpretation}},
        {Report, "report", FUSAIN_TEXT("Report"),
         FUSAIN_TEXT("Preview, print or save the client copy and the lab copy."), StepKind::Afterwards,
         StepNeeds(Sign)},
        {After, "after", FUSAIN_TEXT("After"), FUSAIN_TEXT("Wipe the tape and roll it up without a fold."),
         StepKind::Afterwards},
    });
    static_assert(inOrder(sheet));
    return sheet;
}

} // namespace fusain
