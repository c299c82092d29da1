#include "core/catalogue/equations.hpp"

#include "core/airdisplacement/body_volume.hpp"
#include "core/anthropometry/surface_area.hpp"
#include "core/catalogue/inputs.hpp"
#include "core/compartments/two_component.hpp"
#include "core/gas/corrections.hpp"
#include "core/hydrostatic/body_density.hpp"
#include "core/lung/static_volumes.hpp"
#include "core/quality/precision.hpp"
#include "core/units/format.hpp"
#include "core/water/density.hpp"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>

namespace fusain {
namespace {

constexpr EquationInput densityInput{"density_kg_per_l", "body density", "kg/L", 0.93, 1.10};

Sex sexOf(double argument) {
    return argument == 1.0 ? Sex::Male : Sex::Female;
}

EquationValue predicted(const lung::PredictedVolume& prediction) {
    EquationValue value{prediction.volume.value(), prediction.standardError.value(), {}};
    if (!prediction.withinValidity)
        value.flags.emplace_back("outside the published range of height or age");
    return value;
}

// The paper states no error for one person.
EquationValue chosenError(EquationValue value) {
    value.flags.emplace_back("standard error is an engineering choice");
    return value;
}

EquationValue fromConstants(const std::optional<compartments::TwoComponentConstants>& constants,
                            double density) {
    if (!constants)
        return {std::nan(""), std::nullopt, {"no constants are published for this sex and age"}};
    EquationValue value = plainValue(compartments::fatPercent(*constants, KilogramsPerLitre(density)).value());
    if (value.value < 0.0 || value.value > 100.0)
        value.flags.emplace_back("outside 0 to 100 %: the density or the constants do not fit this person");
    return value;
}

std::vector<EquationInput> lungInputs(double heightLow, double heightHigh, double ageLow, double ageHigh) {
    return {sexInput,
            {"height_cm", "standing height", "cm", heightLow, heightHigh},
            {"age_y", "age", "y", ageLow, ageHigh}};
}

template <lung::PredictedVolume (*function)(Sex, Metres, Years)>
EquationValue lungVolume(EquationArguments x) {
    return predicted(function(sexOf(x[0]), metresFromCentimetres(x[1]), Years(x[2])));
}

std::vector<Equation> waterAndGas() {
    const EquationInput pool{"temperature_c", "water temperature", "°C", 0, 40};
    return {
        {"water.density.tanaka-2001",
         "Density of water",
         "ρ = a5·[1 − (t + a1)²(t + a2) / (a3 (t + a4))]",
         "Tanaka M, Girard G, Davis R, Peuto A, Bignell N (2001), Metrologia 38:301-309",
         'A',
         "kg/m3",
         "air-free water, 0-40 °C, 101.325 kPa; expanded uncertainty below 1 ppm",
         {pool},
         [](EquationArguments x) {
             return plainValue(water::densityTanaka2001(Celsius(x[0])).value() * 1000.0);
         }},
        {"water.density.kell-1975",
         "Density of water (cross-check)",
         "ρ = (999.83952 + 16.945176 t − 7.9870401e-3 t² − 46.170461e-6 t³ + 105.56302e-9 t⁴ − 280.54253e-12 "
         "t⁵) / (1 + "
         "16.87985e-3 t)",
         "Kell GS (1975), J Chem Eng Data 20:97-105",
         'A',
         "kg/m3",
         "air-free water, 0-150 °C (IPTS-68), 101.325 kPa",
         {{"temperature_c", "water temperature", "°C", 0, 150}},
         [](EquationArguments x) {
             return plainValue(water::densityKell1975(Celsius(x[0])).value() * 1000.0);
         }},
        {"gas.vapour-pressure.buck-1981",
         "Saturated vapour pressure of water",
         "e = 6.1121·exp(17.502 T/(240.97 + T)) hPa",
         "Buck AL (1981), J Appl Meteorol 20:1527-1532",
         'A',
         "mmHg",
         "−20 to 50 °C; relative error at most 0.1 %",
         {{"temperature_c", "temperature", "°C", -20, 50}},
         [](EquationArguments x) { return plainValue(gas::vapourPressureBuck1981(Celsius(x[0])).value()); }},
        {"gas.vapour-pressure.antoine-0-60",
         "Saturated vapour pressure of water (cross-check)",
         "log10 p = 8.10765 − 1750.286/(235.0 + T)",
         "Antoine constants of Lange's Handbook of Chemistry",
         'A',
         "mmHg",
         "0-60 °C",
         {{"temperature_c", "temperature", "°C", 0, 60}},
         [](EquationArguments x) { return plainValue(gas::vapourPressureAntoine(Celsius(x[0])).value()); }},
        {"gas.btps-from-atps",
         "Gas volume to body conditions",
         "(PB − PH2O(T))/(PB − 47) × 310/(273 + T)",
         "Quanjer PhH et al (1993), Eur Respir J 6 Suppl 16:5-40",
         'A',
         "1",
         "saturated gas at 17-40 °C",
         {{"temperature_c", "gas temperature", "°C", 17, 40},
          {"pressure_mmhg", "barometric pressure", "mmHg", 500, 800}},
         [](EquationArguments x) {
             return plainValue(gas::btpsFromAtps(Celsius(x[0]), MillimetresOfMercury(x[1])));
         }},
        {"gas.stpd-from-atps",
         "Gas volume to standard conditions",
         "(PB − PH2O(T))/760 × 273/(273 + T)",
         "Quanjer PhH et al (1993), Eur Respir J 6 Suppl 16:5-40",
         'A',
         "1",
         "saturated gas at 17-40 °C",
         {{"temperature_c", "gas temperature", "°C", 17, 40},
          {"pressure_mmhg", "barometric pressure", "mmHg", 500, 800}},
         [](EquationArguments x) {
             return plainValue(gas::stpdFromAtps(Celsius(x[0]), MillimetresOfMercury(x[1])));
         }},
        {"gas.btps-from-atpd",
         "Dry gas volume to body conditions",
         "PB/(PB − 47) × 310/(273 + T)",
         "Quanjer PhH et al (1993), Eur Respir J 6 Suppl 16:5-40",
         'A',
         "1",
         "dry gas metered from a cylinder at 17-40 °C",
         {{"temperature_c", "gas temperature", "°C", 17, 40},
          {"pressure_mmhg", "barometric pressure", "mmHg", 500, 800}},
         [](EquationArguments x) {
             return plainValue(gas::btpsFromAtpd(Celsius(x[0]), MillimetresOfMercury(x[1])));
         }},
    };
}

std::vector<Equation> lungVolumes() {
    constexpr std::string_view crapo = "Crapo RO et al (1982), Bull Eur Physiopathol Respir 18:419-425";
    constexpr std::string_view ecsc = "Quanjer PhH et al (1993), Eur Respir J 6 Suppl 16:5-40";
    return {
        {"lung.residual-volume.crapo-1982", "Residual volume",
         "M 0.0216H + 0.0207A − 2.840; F 0.0197H + 0.0201A − 2.421", crapo, 'A', "L",
         "never-smokers, 17-90 y; standard error 0.37 / 0.38 L", lungInputs(146, 200, 17, 90),
         lungVolume<lung::residualVolumeCrapo1982>},
        {"lung.residual-volume.ecsc-1993", "Residual volume",
         "M 1.31H + 0.022A − 1.23; F 1.81H + 0.016A − 2.00 (H in m)", ecsc, 'A', "L",
         "18-70 y (18-25 taken as 25); 155-195 cm men, 145-180 cm women", lungInputs(145, 195, 18, 70),
         lungVolume<lung::residualVolumeEcsc1993>},
        {"lung.residual-volume.wilmore-1969",
         "Residual volume as a fraction of vital capacity",
         "M 0.24·VC; F 0.28·VC",
         "Wilmore JH (1969), Med Sci Sports 1:87-90",
         'A',
         "L",
         "young adults 18-34 y only: the fraction falls with age although residual volume rises",
         {sexInput, {"vital_capacity_l", "vital capacity BTPS", "L", 1, 9}},
         [](EquationArguments x) {
             return chosenError(
                 predicted(lung::residualVolumeWilmore1969(sexOf(x[0]), Litres(x[1]), Years(25.0))));
         }},
        {"lung.frc.crapo-1982", "Functional residual capacity",
         "M 0.0472H + 0.0090A − 5.290; F 0.0360H + 0.0031A − 3.182", crapo, 'A', "L",
         "17-90 y; standard error 0.72 / 0.52 L", lungInputs(146, 200, 17, 90),
         lungVolume<lung::functionalResidualCapacityCrapo1982>},
        {"lung.frc.ecsc-1993", "Functional residual capacity",
         "M 2.34H + 0.009A − 1.09; F 2.24H + 0.001A − 1.00 (H in m)", ecsc, 'A', "L", "18-70 y",
         lungInputs(145, 195, 18, 70), lungVolume<lung::functionalResidualCapacityEcsc1993>},
        {"lung.tlc.crapo-1982", "Total lung capacity", "M 0.0795H + 0.0032A − 7.333; F 0.0590H − 4.537", crapo,
         'A', "L", "17-90 y; standard error 0.79 / 0.54 L", lungInputs(146, 200, 17, 90),
         lungVolume<lung::totalLungCapacityCrapo1982>},
        {"lung.tlc.ecsc-1993", "Total lung capacity", "M 7.99H − 7.08; F 6.60H − 5.79 (H in m)", ecsc, 'A', "L",
         "18-70 y; standard error 0.70 / 0.60 L", lungInputs(145, 195, 18, 70),
         lungVolume<lung::totalLungCapacityEcsc1993>},
        {"lung.residual-volume.goldman-1959", "Residual volume, adults",
         "M 0.027H + 0.017A − 3.447; F 0.032H + 0.009A − 3.900",
         "Goldman HI, Becklake MR (1959), Am Rev Tuberc 79:457-467", 'B', "L", "adults; in old records",
         lungInputs(140, 200, 18, 80),
         [](EquationArguments x) {
             return plainValue(x[0] == 1.0 ? 0.027 * x[1] + 0.017 * x[2] - 3.447
                                           : 0.032 * x[1] + 0.009 * x[2] - 3.900);
         }},
        {"lung.residual-volume.polgar-1971", "Residual volume, children", "0.0041·H^2.41 mL (H in cm)",
         "Polgar G, Promadhat V (1971), Pulmonary Function Testing in Children, Saunders", 'B', "L",
         "110-170 cm; scatter about 25 %", lungInputs(110, 170, 5, 17),
         lungVolume<lung::residualVolumePolgar1971>},
        {"lung.fvc.crapo-1981", "Forced vital capacity expected",
         "M 0.0600H − 0.0214A − 4.650; F 0.0491H − 0.0216A − 3.590",
         "Crapo RO, Morris AH, Gardner RM (1981), Am Rev Respir Dis 123:659-664", 'A', "L",
         "never-smokers, 15-91 y (men), 17-84 y (women); standard error 0.644 / 0.393 L",
         lungInputs(146, 200, 17, 90), lungVolume<lung::forcedVitalCapacityCrapo1981>},
        {"lung.fvc.ecsc-1993", "Forced vital capacity expected",
         "M 5.76H − 0.026A − 4.34; F 4.43H − 0.026A − 2.89 (H in m)", ecsc, 'A', "L",
         "18-70 y; standard error 0.61 / 0.43 L", lungInputs(145, 195, 18, 70),
         lungVolume<lung::forcedVitalCapacityEcsc1993>},
        {"lung.fvc.hankinson-1999", "Forced vital capacity expected",
         "M≥20 −0.1933 + 0.00064A − 0.000269A² + 0.00018642H²; F≥18 −0.3560 + 0.01870A − 0.000382A² + "
         "0.00014815H²",
         "Hankinson JL, Odencrantz JR, Fedan KB (1999), Am J Respir Crit Care Med 159:179-187", 'A', "L",
         "8-80 y, white reference set; used only to judge whether a measured value is plausible",
         lungInputs(110, 200, 8, 80), lungVolume<lung::forcedVitalCapacityHankinson1999>},
    };
}

std::vector<Equation> densityToFat() {
    using namespace compartments;
    constexpr std::string_view groupCaveat =
        "Group constants: only on explicit choice. Ancestry is a poor proxy for hydration and mineral.";
    return {
        {"hydrostatic.body-density",
         "Body density by underwater weighing",
         "Db = Ma / [(Ma − Mw)/Dw − (RV + GI)]",
         "Buskirk ER (1961), NAS-NRC; Brozek J et al (1963), Ann N Y Acad Sci 110:113-140",
         'A',
         "kg/L",
         "any posture, with the gas volume actually held; plausible 0.93-1.10",
         {{"mass_kg", "dry mass in air", "kg", 10, 300},
          {"underwater_mass_kg", "net underwater mass", "kg", -10, 12},
          {"water_density_kg_per_l", "water density", "kg/L", 0.98, 1.0},
          {"residual_volume_l", "residual volume BTPS", "L", 0.2, 5},
          {"gut_gas_l", "gut gas BTPS", "L", 0, 0.5}},
         [](EquationArguments x) {
             return plainValue(hydrostatic::volumeAndDensity(
                                   hydrostatic::WeighedBody<Plain>{.dryMass = Kilograms(x[0]),
                                                                   .underwaterMass = Kilograms(x[1]),
                                                                   .waterDensity = KilogramsPerLitre(x[2]),
                                                                   .residualVolume = Litres(x[3]),
                                                                   .gutGas = Litres(x[4])})
                                   .bodyDensity.value());
         }},
        {"fat.density.siri-1961",
         "Fat from density",
         "495/D − 450",
         "Siri WE (1961), NAS-NRC, pp 223-244",
         'A',
         "%",
         "adults 17 y and over; fat 0.900, fat-free 1.100 kg/L",
         {densityInput},
         [](EquationArguments x) { return fromConstants(siri1961, x[0]); }},
        {"fat.density.brozek-1963",
         "Fat from density",
         "457.0/D − 414.2",
         "Brozek J et al (1963), Ann N Y Acad Sci 110:113-140",
         'A',
         "%",
         "adults; reference man 15.3 % at 1.064",
         {densityInput},
         [](EquationArguments x) { return fromConstants(brozek1963, x[0]); }},
        {"fat.density.lohman-1989",
         "Fat from density, children",
         "100·(C1/D − C2), C1 and C2 by sex and completed years",
         "Lohman TG (1986), Exerc Sport Sci Rev 14:325-357; (1989), Pediatr Exerc Sci 1:19-30",
         'A',
         "%",
         "7-16 y; the row for 17-18 y is not yet verified",
         {sexInput, {"age_y", "age, completed years are used", "y", 7, 16}, densityInput},
         [](EquationArguments x) { return fromConstants(lohman1989(sexOf(x[0]), Years(x[1])), x[2]); }},
        {"fat.density.schutte-1984",
         "Fat from density, group constants",
         "437.4/D − 392.8",
         "Schutte JE et al (1984), J Appl Physiol 56:1647-1649",
         'A',
         "%",
         "15 black men 18-32 y; fat-free density inferred, not measured",
         {densityInput},
         [](EquationArguments x) { return fromConstants(schutte1984, x[0]); },
         groupCaveat},
        {"fat.density.wagner-heyward-2001",
         "Fat from density, group constants",
         "485.8/D − 439.4",
         "Wagner DR, Heyward VH (2001), J Appl Physiol 90:649-656",
         'A',
         "%",
         "black men 19-45 y, four-component reference",
         {densityInput},
         [](EquationArguments x) { return fromConstants(wagnerHeyward2001, x[0]); },
         groupCaveat},
        {"fat.density.heyward-wagner-2004.black-women",
         "Fat from density, group constants",
         "485/D − 439",
         "Heyward VH, Wagner DR (2004), Applied Body Composition Assessment",
         'A',
         "%",
         "black women 24-79 y",
         {densityInput},
         [](EquationArguments x) { return fromConstants(heywardWagnerBlackWomen2004, x[0]); },
         groupCaveat},
        {"fat.density.heyward-wagner-2004.white",
         "Fat from density, group constants",
         "100·(C1/D − C2), C1 and C2 by sex and completed years",
         "Heyward VH, Wagner DR (2004), Applied Body Composition Assessment",
         'A',
         "%",
         "white people 7-80 y",
         {sexInput, {"age_y", "age, completed years are used", "y", 7, 80}, densityInput},
         [](EquationArguments x) {
             return fromConstants(heywardWagnerWhite2004(sexOf(x[0]), Years(x[1])), x[2]);
         },
         groupCaveat},
        {"quality.lsc",
         "Least significant change, 95 %",
         "1.959964·√2·PE",
         "Glüer CC et al (1995), Osteoporos Int 5:262-270",
         'A',
         "same",
         "two single tests, same instrument",
         {{"precision_error", "precision error of one test", "same", 0, 1e6}},
         [](EquationArguments x) { return plainValue(quality::leastSignificantChange(x[0])); }},
    };
}

std::vector<Equation> chamber() {
    constexpr std::string_view dempster = "Dempster P, Aitkens S (1995), Med Sci Sports Exerc 27:1692-1697";
    const std::vector<EquationInput> size{{"mass_kg", "mass", "kg", 3, 200},
                                          {"height_cm", "height", "cm", 50, 220}};
    return {
        {"anthropometry.surface-area.dubois-1916", "Body surface area", "71.84·W^0.425·H^0.725",
         "DuBois D, DuBois EF (1916), Arch Intern Med 17:863-871", 'A', "cm2", "error about 5 %", size,
         [](EquationArguments x) {
             return plainValue(squareCentimetres(
                 anthropometry::surfaceAreaDuBois1916(Kilograms(x[0]), metresFromCentimetres(x[1]))));
         }},
        {"anthropometry.surface-area.haycock-1978", "Body surface area, infants to adults",
         "0.024265·W^0.5378·H^0.3964", "Haycock GB, Schwartz GJ, Wisotsky DH (1978), J Pediatr 93:62-66", 'A',
         "m2", "infants to adults", size,
         [](EquationArguments x) {
             return plainValue(
                 anthropometry::surfaceAreaHaycock1978(Kilograms(x[0]), metresFromCentimetres(x[1])).value());
         }},
        {"chamber.surface-area-artefact", "Surface-area artefact of the chamber", "−4.67e-5·BSA(cm²), DuBois",
         dempster, 'A', "L", "negative: air on the skin makes the chamber under-read", size,
         [](EquationArguments x) {
             return plainValue(
                 airdisplacement::surfaceAreaArtefact(
                     anthropometry::surfaceAreaDuBois1916(Kilograms(x[0]), metresFromCentimetres(x[1])))
                     .value());
         }},
        {"chamber.body-volume",
         "Body volume in the chamber",
         "Vraw − SAA + 0.40·TGV",
         dempster,
         'A',
         "L",
         "SAA is negative, both terms add; no gut-gas term",
         {{"raw_volume_l", "raw volume", "L", 10, 250},
          {"surface_area_artefact_l", "surface-area artefact", "L", -2, 0},
          {"thoracic_gas_l", "thoracic gas BTPS", "L", 0.5, 8}},
         [](EquationArguments x) {
             return plainValue(airdisplacement::bodyVolume(
                                   airdisplacement::BodyInChamber<Plain>{.rawVolume = Litres(x[0]),
                                                                         .surfaceAreaArtefact = Litres(x[1]),
                                                                         .thoracicGas = Litres(x[2])})
                                   .value());
         }},
        {"chamber.thoracic-gas.adult", "Thoracic gas predicted, adults",
         "M 0.0472H + 0.0090A − 5.290 + 0.60; F 0.0360H + 0.0031A − 3.182 + 0.35",
         "McCrory MA et al (1998), J Appl Physiol 84:1475-1479; Crapo RO et al (1982)", 'A', "L",
         "17-90 y; 0.44 L predicted against measured", lungInputs(146, 200, 17, 90),
         lungVolume<airdisplacement::thoracicGasAdult>},
        {"chamber.thoracic-gas.fields-2004",
         "Thoracic gas predicted, children",
         "M 0.00056H² − 0.12442H + 8.15194; F 0.00044H² − 0.09220H + 6.00305",
         "Fields DA et al (2004), Obes Res 12:1797-1804",
         'A',
         "L",
         "6-17 y; not below 111 cm (boys) or 105 cm (girls)",
         {sexInput, {"height_cm", "standing height", "cm", 105, 200}},
         [](EquationArguments x) {
             return chosenError(predicted(airdisplacement::thoracicGasFields2004(
                 sexOf(x[0]), metresFromCentimetres(x[1]), Years(12.0))));
         }},
    };
}

std::vector<Equation> buildCatalogue() {
    std::vector<Equation> all;
    for (const auto& part : {waterAndGas(), tankEquations(), lungVolumes(), densityToFat(), chamber(),
                             impedanceEquations(), bodyEquations()})
        all.insert(all.end(), part.begin(), part.end());
    return all;
}

Expected<double> readArgument(const Equation& equation, const EquationInput& input, const std::string& text) {
    if (input.isSex()) {
        if (text == "male")
            return 1.0;
        if (text == "female")
            return 0.0;
        return failure({FUSAIN_TEXT("sex must be male or female, not \"{1}\"."), {text}},
                       std::string(equation.id));
    }
    const auto number = parseTyped(text);
    if (!number)
        return failure({FUSAIN_TEXT("{1}: \"{2}\" is not a number."), {std::string(input.name), text}},
                       std::string(equation.id));
    return *number;
}

} // namespace

std::span<const Equation> equationCatalogue() {
    static const std::vector<Equation> catalogue = buildCatalogue();
    return catalogue;
}

const Equation* findEquation(std::string_view id) {
    for (const Equation& equation : equationCatalogue())
        if (equation.id == id)
            return &equation;
    return nullptr;
}

Expected<EquationValue> evaluateEquation(std::string_view id,
                                         const std::map<std::string, std::string>& arguments) {
    const Equation* equation = findEquation(id);
    if (!equation)
        return failure({FUSAIN_TEXT("There is no equation called \"{1}\"."), {std::string(id)}}, {},
                       {FUSAIN_TEXT("List them with: fusain-calc equations"), {}});
    for (const auto& [name, text] : arguments)
        if (std::ranges::none_of(equation->inputs,
                                 [&](const EquationInput& input) { return input.name == name; }))
            return failure({FUSAIN_TEXT("It has no input called \"{1}\"."), {name}}, std::string(id));
    std::vector<double> values;
    std::vector<std::string> flags;
    for (const EquationInput& input : equation->inputs) {
        const auto given = arguments.find(std::string(input.name));
        if (given == arguments.end())
            return failure({FUSAIN_TEXT("The input \"{1}\" is missing."), {std::string(input.name)}},
                           std::string(id));
        const auto value = readArgument(*equation, input, given->second);
        if (!value)
            return tl::unexpected(value.error());
        if (!input.isSex() && (*value < input.minimum || *value > input.maximum))
            flags.push_back(fmt::format("{} is outside {} to {}", input.name, input.minimum, input.maximum));
        values.push_back(*value);
    }
    EquationValue result = equation->compute(values);
    if (equation->grade != 'A')
        result.flags.emplace_back("not yet verified against the source");
    result.flags.insert(result.flags.end(), flags.begin(), flags.end());
    return result;
}

} // namespace fusain
