#include "procedure/scan/steps.hpp"

#include "core/base/message.hpp"

namespace fusain {

std::span<const StepText> dxaSteps() {
    using enum DxaStep;
    static constexpr std::array sheet = std::to_array<StepText>({
        {Phantom, "phantom", FUSAIN_TEXT("Phantom"),
         FUSAIN_TEXT("Scan the soft-tissue phantom of the day and type what the densitometer found."),
         StepKind::Check},
        {Screening, "screening", FUSAIN_TEXT("Screening"),
         FUSAIN_TEXT(
             "Before any X-ray: pregnancy, contrast, nuclear medicine, metal. The licensed operator decides."),
         StepKind::Screening},
        {Readiness, "readiness", FUSAIN_TEXT("Readiness"),
         FUSAIN_TEXT("Ask how the client prepared, with times."), StepKind::Readiness},
        {Mass, "mass", FUSAIN_TEXT("Mass"),
         FUSAIN_TEXT("Weigh the client in light clothing without metal, with an empty bladder."),
         StepKind::Reading, StepNeeds(Screening)},
        {Dose, "dose", FUSAIN_TEXT("Dose"),
         FUSAIN_TEXT("How many such scans in the last twelve months, here and elsewhere?"), StepKind::Reading},
        {Positioning, "positioning", FUSAIN_TEXT("Positioning"),
         FUSAIN_TEXT(
             "Client on the back in the middle of the table, hands and feet the same way at every test."),
         StepKind::Confirm, StepNeeds(Screening)},
        {Scan,
         "scan",
         FUSAIN_TEXT("Scan"),
         FUSAIN_TEXT("Lie still and breathe quietly until the arm has come to rest."),
         StepKind::Reading,
         {Phantom, Screening, Readiness, Mass, Dose, Positioning}},
        {Lines, "lines", FUSAIN_TEXT("Region lines"),
         FUSAIN_TEXT("Look at every line: chin, shoulders, spine, hips, between the legs."), StepKind::Confirm,
         StepNeeds(Scan)},
        {Result,
         "result",
         FUSAIN_TEXT("Result"),
         FUSAIN_TEXT("Read the result, its interval and the findings of the scan check."),
         StepKind::Result,
         {Scan, Lines}},
        {Interpretation,
         "interpretation",
         FUSAIN_TEXT("Interpretation"),
         FUSAIN_TEXT("Write what the result means, in your own words."),
         StepKind::Interpretation,
         {Scan, Lines}},
        {Sign,
         "sign",
         FUSAIN_TEXT("Sign"),
         FUSAIN_TEXT("Signing locks the readings."),
         StepKind::Sign,
         {Result, Interpretation}},
        {Report, "report", FUSAIN_TEXT("Report"),
         FUSAIN_TEXT("Preview, print or save the client copy and the lab copy."), StepKind::Afterwards,
         StepNeeds(Sign)},
        {After, "after", FUSAIN_TEXT("After"), FUSAIN_TEXT("Wipe the table for the next client."),
         StepKind::Afterwards},
    });
    static_assert(inOrder(sheet));
    return sheet;
}

} // namespace fusain
