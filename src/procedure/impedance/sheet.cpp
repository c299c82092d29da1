#include "procedure/impedance/sheet.hpp"

// The worked sheet of an impedance test.
#include "core/catalogue/equations.hpp"

#include <fmt/format.h>

namespace fusain {
namespace {

using namespace impedance;

const Message computed{FUSAIN_TEXT("computed"), {}};
const Message fitted{FUSAIN_TEXT("fitted to the spectrum"), {}};

std::string errorOf(const Uncertain& value, int decimals) {
    return fixed(Measured<Kilograms>(value).totalError().value(), decimals);
}

void readingLines(std::vector<WorkedLine>& sheet, const ImpedanceTest& test, const ImpedancePolicy& policy,
                  const ImpedanceResult& result) {
    sheet.push_back(
        {"W",
         FUSAIN_TEXT("mass"),
         fixed(test.mass->value, 2),
         "kg",
         fixed(policy.dryMassError.value(), 2),
         {test.mass->origin == Origin::Link ? FUSAIN_TEXT("from the instrument") : FUSAIN_TEXT("typed"), {}},
         "",
         ""});
    sheet.push_back({"H",
                     FUSAIN_TEXT("height"),
                     fixed(centimetres(test.subject.height), 1),
                     "cm",
                     "",
                     {FUSAIN_TEXT("dossier"), {}},
                     "",
                     ""});
    if (!result.standard)
        return;
    const double r = result.standard->resistance.value(), x = result.standard->reactance.value();
    const Message read{FUSAIN_TEXT("whole body at 50 kHz, {1}"), {std::string(geometryName(result.geometry))}};
    sheet.push_back(
        {"R", FUSAIN_TEXT("resistance"), fixed(r, 1), "Ω", fixed(policy.resistanceError * r, 1), read, "", ""});
    sheet.push_back(
        {"Xc", FUSAIN_TEXT("reactance"), fixed(x, 1), "Ω", fixed(policy.reactanceError * x, 1), read, "", ""});
    if (result.converted)
        sheet.push_back({"R'",
                         FUSAIN_TEXT("resistance, as gel electrodes would read"),
                         fixed(result.converted->resistance.value(), 1),
                         "Ω",
                         fixed(result.converted->standardError.value(), 1),
                         {FUSAIN_TEXT("this lab's own paired regression"), {}},
                         "",
                         ""});
    sheet.push_back({"PhA", FUSAIN_TEXT("phase angle"), fixed(result.phaseAngle->estimate().value(), 2), "°",
                     fixed(result.phaseAngle->totalError().value(), 2), computed,
                     fmt::format("atan(Xc/R) = atan({}/{})", fixed(x, 1), fixed(r, 1)),
                     citation("impedance.phase-angle")});
    if (result.impedanceRatio)
        sheet.push_back({"IR", FUSAIN_TEXT("impedance ratio, high over low frequency"),
                         fixed(*result.impedanceRatio, 3), "", "", computed,
                         "|Z| at 200 or 250 kHz over |Z| at 5 kHz", ""});
    const double used = (result.converted ? result.converted->resistance : result.standard->resistance).value();
    sheet.push_back({"RI", FUSAIN_TEXT("resistance index"),
                     fixed(resistanceIndex(test.subject.height, Ohms(used)), 2), "cm²/Ω", "", computed,
                     fmt::format("H²/R = {}²/{}", fixed(centimetres(test.subject.height), 1), fixed(used, 1)),
                     "Hoffer EC et al (1969), J Appl Physiol 27:531-534"});
}

// Why the equation is here, and whether it was made from people like this one.
Message useOf(const EquationEstimate& each) {
    static constexpr const char* chosen[] = {
        FUSAIN_TEXT("{1}, chosen by the policy; applies to this person: yes"),
        FUSAIN_TEXT("{1}, chosen by the policy; applies to this person: partly (body mass index)"),
        FUSAIN_TEXT("{1}, chosen by the policy; applies to this person: no (age or sex)")};
    static constexpr const char* alongside[] = {
        FUSAIN_TEXT("{1}, for comparison; applies to this person: yes"),
        FUSAIN_TEXT("{1}, for comparison; applies to this person: partly (body mass index)"),
        FUSAIN_TEXT("{1}, for comparison; applies to this person: no (age or sex)")};
    static constexpr const char* unverified[] = {
        FUSAIN_TEXT("{1}, for comparison, not yet verified; applies to this person: yes"),
        FUSAIN_TEXT("{1}, for comparison, not yet verified; applies to this person: partly (body mass index)"),
        FUSAIN_TEXT("{1}, for comparison, not yet verified; applies to this person: no (age or sex)")};
    const auto& words = each.chosen ? chosen : each.equation->grade == 'A' ? alongside : unverified;
    return {words[static_cast<std::size_t>(each.applies)], {std::string(each.equation->title)}};
}

void equationLines(std::vector<WorkedLine>& sheet, const ImpedanceResult& result) {
    for (const EquationEstimate& each : result.estimates) {
        const auto& equation = *each.equation;
        const char* symbol = equation.quantity == Predicted::FatFreeMass          ? "FFM"
                             : equation.quantity == Predicted::BodyWater          ? "TBW"
                             : equation.quantity == Predicted::ExtracellularWater ? "ECW"
                             : equation.quantity == Predicted::SkeletalMuscle     ? "SMM"
                                                                                  : "ALM";
        sheet.push_back({symbol, std::string(predictedName(equation.quantity)), fixed(each.value.estimate(), 2),
                         std::string(predictedUnit(equation.quantity)), errorOf(each.value, 2), useOf(each),
                         std::string(equation.formula), std::string(equation.citation)});
    }
    if (const auto& c = result.composition) {
        const auto line = [&](const char* symbol, const char* name, const auto& value, const char* unit,
                              const char* formula) {
            sheet.push_back(
                {symbol, name, fixed(value.estimate().value(), 2), unit, fixed(value.totalError().value(), 2),
                 result.fromReported ? Message{FUSAIN_TEXT("as reported by the instrument"), {}} : computed,
                 formula, ""});
        };
        line("FFM", FUSAIN_TEXT("fat-free mass"), c->fatFreeMass, "kg",
             result.missingMass.value() > 0.0 ? "less the lean mass of the missing part" : "");
        line("FM", FUSAIN_TEXT("fat mass"), c->fatMass, "kg", "W − FFM");
        line("%fat", FUSAIN_TEXT("fat"), c->fatPercent, "%", "100·FM/W");
        line("FMI", FUSAIN_TEXT("fat mass index"), c->fatMassIndex, "kg/m²", "FM/H²");
        line("FFMI", FUSAIN_TEXT("fat-free mass index"), c->fatFreeMassIndex, "kg/m²", "FFM/H²");
    }
    if (result.hydration)
        sheet.push_back({"TBW/FFM", FUSAIN_TEXT("hydration of the fat-free mass"), fixed(*result.hydration, 3),
                         "", "", computed, "usual 0.70 to 0.76 in adults",
                         "Wang Z et al (1999), Am J Clin Nutr 69:833-841"});
}

void arcLines(std::vector<WorkedLine>& sheet, const ImpedanceResult& result) {
    if (!result.arc)
        return;
    const ColeFit& fit = *result.arc;
    const std::string_view cole = "Cole KS, Cole RH (1941), J Chem Phys 9:341-351";
    sheet.push_back({"R0", FUSAIN_TEXT("resistance at zero frequency"),
                     fixed(fit.model.zeroResistance.value(), 1), "Ω", fixed(fit.zeroResistanceError.value(), 1),
                     fitted, "extracellular water alone", std::string(cole)});
    sheet.push_back({"R∞", FUSAIN_TEXT("resistance at infinite frequency"),
                     fixed(fit.model.infiniteResistance.value(), 1), "Ω",
                     fixed(fit.infiniteResistanceError.value(), 1), fitted, "all water", std::string(cole)});
    sheet.push_back({"RI", FUSAIN_TEXT("resistance of the cells"),
                     fixed(fit.model.intracellularResistance().value(), 0), "Ω",
                     fixed(fit.intracellularResistanceError.value(), 0), computed, "R0·R∞/(R0 − R∞)", ""});
    sheet.push_back(
        {"a, fc", FUSAIN_TEXT("exponent and characteristic frequency"),
         fixed(fit.model.exponent, 3) + ", " + fixed(fit.model.characteristicFrequency.value() / 1e3, 1),
         "–, kHz", fixed(fit.exponentError, 3), fitted,
         fmt::format("misses the readings by {} %; {} left out; delay {} ns",
                     fixed(100.0 * fit.rootMeanSquareError, 2), fit.outliers.size(),
                     fixed(fit.model.delay.value() * 1e9, 0)),
         ""});
    std::vector<Fluids> all;
    if (result.fluids)
        all.push_back(*result.fluids);
    all.insert(all.end(), result.otherFluids.begin(), result.otherFluids.end());
    for (const Fluids& fluids : all) {
        const Message how{&fluids == &all.front() ? FUSAIN_TEXT("{1}, chosen by the policy")
                          : fluids.method == FluidMethod::Matthie2005
                              ? FUSAIN_TEXT("{1}, for comparison; not yet verified")
                              : FUSAIN_TEXT("{1}, for comparison"),
                          {std::string(fluidMethodTitle(fluids.method))}};
        sheet.push_back({"ECW", FUSAIN_TEXT("water outside the cells"), fixed(fluids.extracellular.value(), 2),
                         "L", fixed(fluids.extracellularError.value(), 2), how,
                         fluids.method == FluidMethod::Moissl2006
                             ? "SE of the arc alone; against dilution SD 1.4 L, not yet verified"
                             : "SE of the arc alone",
                         ""});
        sheet.push_back({"ICW", FUSAIN_TEXT("water inside the cells"), fixed(fluids.intracellular.value(), 2),
                         "L", fixed(fluids.intracellularError.value(), 2), how,
                         fmt::format("{}ECW/TBW {} (comparable by this method only)",
                                     fluids.method == FluidMethod::Moissl2006
                                         ? "against dilution and potassium SD 2.0 L, not yet verified; "
                                         : "",
                                     fixed(fluids.extracellularFraction(), 3)),
                         ""});
    }
}

void segmentLines(std::vector<WorkedLine>& sheet, const ImpedanceTest& test, const ImpedanceResult& result) {
    if (!result.segmentation)
        return;
    for (const SegmentLean& lean : result.segmentation->segments) {
        // The trunk's error is kilograms: a digit more would be invented.
        const int decimals = lean.segment == Segment::Trunk ? 0 : 1;
        const bool taped = test.tapedLengths.contains(lean.segment);
        sheet.push_back(
            {"m", std::string(segmentName(lean.segment)), fixed(lean.scaled.value(), decimals), "kg",
             lean.error.value() > 0.0 ? fixed(lean.error.value(), decimals) : "",
             result.fromReported ? Message{FUSAIN_TEXT("as reported by the instrument"), {}}
             : result.segmentation->calibrated
                 ? Message{FUSAIN_TEXT("lean, open cylinder, calibrated in this lab"), {}}
                 : Message{FUSAIN_TEXT("lean, open cylinder, uncalibrated estimate"), {}},
             fmt::format("1.06·ρ·L²/R{}{}; {} % of the reference for the height", taped ? ", taped length" : "",
                         result.segmentation->closure
                             ? fmt::format(", closed by {}", fixed(*result.segmentation->closure, 3))
                             : "",
                         fixed(100.0 * lean.partOfReference, 0)),
             "Drillis R, Contini R (1966) for the lengths"});
    }
}

} // namespace

std::vector<WorkedLine> workedSheet(const ImpedanceTest& test, const ImpedancePolicy& policy,
                                    const ImpedanceResult& result) {
    std::vector<WorkedLine> sheet;
    readingLines(sheet, test, policy, result);
    equationLines(sheet, result);
    arcLines(sheet, result);
    segmentLines(sheet, test, result);
    for (const ReportedValue& value : test.reportedValues())
        sheet.push_back({"",
                         value.quantity,
                         fixed(value.value, 2),
                         value.unit,
                         "",
                         {FUSAIN_TEXT("as reported by the instrument"), {}},
                         "",
                         ""});
    return sheet;
}

} // namespace fusain
