#include "procedure/worked_sheet.hpp"

#include "core/equations.hpp"

#include <cmath>
#include <fmt/format.h>

namespace fusain {
namespace {

std::string listed(const std::vector<int>& numbers) {
    std::string text;
    for (const int number : numbers)
        text += (text.empty() ? "" : ", ") + std::to_string(number);
    return text;
}

std::string citation(const std::string& equation) {
    const Equation* found = findEquation(equation);
    return found ? std::string(found->citation) : std::string();
}

Message originOf(const Reading& reading) {
    return {reading.origin == Origin::Link ? FUSAIN_TEXT("from the instrument") : FUSAIN_TEXT("typed"), {}};
}

template <class Q>
WorkedLine measuredLine(std::string symbol, std::string name, const Measured<Q>& value, int decimals,
                        std::string formula, std::string source) {
    return {std::move(symbol),
            std::move(name),
            fixed(value.estimate().value(), decimals),
            std::string(Q::symbol()),
            fixed(value.technicalError().value(), decimals),
            {FUSAIN_TEXT("computed"), {}},
            std::move(formula),
            std::move(source)};
}

void readingLines(std::vector<WorkedLine>& sheet, const HydrostaticTest& test, const HydrostaticPolicy& policy,
                  const HydrostaticResult& result) {
    sheet.push_back({"Ma", FUSAIN_TEXT("dry mass"), fixed(test.dryMass->value, 2), "kg",
                     fixed(policy.dryMassError.value(), 2), originOf(*test.dryMass), "", ""});
    const Uncertain& net = result.inputs.underwaterMass;
    const Measured<Kilograms> netMass(net);
    sheet.push_back({"Mw", FUSAIN_TEXT("net underwater mass"), fixed(net.estimate(), 3), "kg",
                     fixed(netMass.technicalError().value(), 3),
                     Message{FUSAIN_TEXT("{1}; trials {2}"),
                             {std::string(trialRuleTitle(policy.trials.rule)), listed(result.trials.used)}},
                     fmt::format("gross − tare {}", fixed(result.tare.value(), 3)), policy.source});
    sheet.push_back({"Tw", FUSAIN_TEXT("water temperature"), fixed(test.waterTemperature->value, 2), "°C",
                     fixed(policy.waterTemperatureError.value(), 2), originOf(*test.waterTemperature), "", ""});
    sheet.push_back(
        {"Dw",
         FUSAIN_TEXT("water density"),
         fixed(result.waterDensity.value(), 6),
         "kg/L",
         "",
         {FUSAIN_TEXT("computed"), {}},
         fmt::format("a5·[1 − (t + a1)²(t + a2)/(a3(t + a4))], t = {}", fixed(test.waterTemperature->value, 2)),
         citation("water.density.tanaka-2001")});
    const ResidualVolumeUsed& residual = result.residualVolume;
    sheet.push_back(
        {"RV",
         FUSAIN_TEXT("residual volume"),
         fixed(residual.volume.value(), 3),
         "L",
         fixed(residual.standardError.value(), 2),
         {residual.measured ? FUSAIN_TEXT("measured: {1}") : FUSAIN_TEXT("predicted: {1}"), {residual.how}},
         residual.measured ? "" : std::string(findEquation(residual.equation)->formula),
         citation(residual.equation)});
    sheet.push_back({"GI",
                     FUSAIN_TEXT("gas in the gut"),
                     fixed(policy.gutGas.value(), 2),
                     "L",
                     fixed(policy.gutGasError.value(), 2),
                     {FUSAIN_TEXT("convention"), {}},
                     "",
                     "Buskirk ER (1961), NAS-NRC"});
}

// From the volume of the body on, the two densitometric methods are the same.
void bodyLines(std::vector<WorkedLine>& sheet, const DensityResult& result, const char* densitySource) {
    const compartments::Body& c = result.body;
    const double height = std::sqrt(c.fatFreeMass.estimate().value() / c.fatFreeMassIndex.estimate().value());
    const double spread = c.fatPercent.methodError().value() * result.constants.fatFreeDensity() *
                          result.constants.fatFreeDensity() /
                          ((100.0 - c.fatPercent.estimate().value()) * result.constants.C1);
    sheet.push_back(measuredLine(
        "Db", FUSAIN_TEXT("body density"), c.density, 5,
        fmt::format("Ma/Vb = {}/{}", fixed(result.mass.value(), 2), fixed(c.volume.estimate().value(), 3)),
        citation(densitySource)));
    sheet.push_back(measuredLine("%fat", FUSAIN_TEXT("fat"), c.fatPercent, 2,
                                 fmt::format("100·(C1/Db − C2) = 100·({}/{} − {})", result.constants.C1,
                                             fixed(c.density.estimate().value(), 5), result.constants.C2),
                                 citation(result.conversion)));
    sheet.push_back({"",
                     FUSAIN_TEXT("spread of fat-free density between people"),
                     fixed(c.fatPercent.methodError().value(), 1),
                     "%",
                     "",
                     {FUSAIN_TEXT("method error, stated apart"), {}},
                     fmt::format("D_FFM ± {} kg/L", fixed(spread, 3)),
                     "Siri WE (1961), NAS-NRC, pp 223-244"});
    sheet.push_back(measuredLine("FM", FUSAIN_TEXT("fat mass"), c.fatMass, 2, "Ma·%fat/100", ""));
    sheet.push_back(measuredLine("FFM", FUSAIN_TEXT("fat-free mass"), c.fatFreeMass, 2, "Ma − FM", ""));
    const std::string shownHeight = fixed(height, 3);
    sheet.push_back(measuredLine("FMI", FUSAIN_TEXT("fat mass index"), c.fatMassIndex, 2,
                                 "FM/H² = FM/" + shownHeight + "²", ""));
    sheet.push_back(measuredLine("FFMI", FUSAIN_TEXT("fat-free mass index"), c.fatFreeMassIndex, 2,
                                 "FFM/H² = FFM/" + shownHeight + "²", ""));
}

} // namespace

std::vector<WorkedLine> workedSheet(const HydrostaticTest& test, const HydrostaticPolicy& policy,
                                    const HydrostaticResult& result) {
    std::vector<WorkedLine> sheet;
    readingLines(sheet, test, policy, result);
    const auto& c = result.body;
    const auto& in = result.inputs;
    sheet.push_back(measuredLine(
        "Vb", FUSAIN_TEXT("body volume"), c.volume, 3,
        fmt::format("(Ma − Mw)/Dw − (RV + GI) = ({} − {})/{} − ({} + {})", fixed(in.dryMass.estimate(), 2),
                    fixed(in.underwaterMass.estimate(), 3), fixed(result.waterDensity.value(), 6),
                    fixed(in.residualVolume.estimate(), 3), fixed(in.gutGas.estimate(), 2)),
        citation("hydrostatic.body-density")));
    bodyLines(sheet, result, "hydrostatic.body-density");
    return sheet;
}

std::vector<WorkedLine> workedSheet(const ChamberTest& test, const ChamberPolicy& policy,
                                    const ChamberResult& result) {
    std::vector<WorkedLine> sheet;
    const Message computed{FUSAIN_TEXT("computed"), {}};
    const Measured<Litres> raw(result.rawVolume), artefact(result.surfaceAreaArtefact);
    sheet.push_back({"M", FUSAIN_TEXT("mass"), fixed(test.mass->value, 3), "kg",
                     fixed(policy.dryMassError.value(), 3), originOf(*test.mass), "", ""});
    sheet.push_back({"Vraw",
                     FUSAIN_TEXT("raw volume"),
                     fixed(result.rawVolume.estimate(), 3),
                     "L",
                     fixed(raw.technicalError().value(), 3),
                     {FUSAIN_TEXT("mean of trials {1}"), {listed(result.trials.used)}},
                     fmt::format("two within {} L", fixed(policy.trials.tolerance.value(), 3)),
                     policy.source});
    sheet.push_back({"BSA", FUSAIN_TEXT("body surface area"), fixed(result.surfaceArea.estimate(), 0), "cm²",
                     fixed(policy.surfaceAreaError * result.surfaceArea.estimate(), 0), computed,
                     fmt::format("71.84·W^0.425·H^0.725, W = {}, H = {} cm", fixed(test.mass->value, 2),
                                 fixed(centimetres(test.subject.height), 1)),
                     citation("anthropometry.surface-area.dubois-1916")});
    sheet.push_back({"SAA", FUSAIN_TEXT("surface-area artefact"),
                     fixed(result.surfaceAreaArtefact.estimate(), 4), "L",
                     fixed(artefact.technicalError().value(), 4), computed,
                     fmt::format("−4.67e-5·BSA = −4.67e-5·{}; negative: it is subtracted and so adds",
                                 fixed(result.surfaceArea.estimate(), 0)),
                     citation("chamber.surface-area-artefact")});
    const ThoracicGasUsed& gas = result.thoracicGas;
    sheet.push_back({"TGV",
                     FUSAIN_TEXT("thoracic gas"),
                     fixed(gas.volume.value(), 3),
                     "L",
                     fixed(gas.standardError.value(), 2),
                     {gas.measured ? FUSAIN_TEXT("measured: {1}") : FUSAIN_TEXT("predicted: {1}"), {gas.how}},
                     gas.measured ? "" : std::string(findEquation(gas.equation)->formula),
                     citation(gas.equation)});
    const double counted = 0.40 * result.thoracicGas.volume.value();
    sheet.push_back(
        {"VTG", FUSAIN_TEXT("part of the thoracic gas that the chamber does not see"), fixed(counted, 3), "L",
         fixed(0.40 * result.thoracicGas.standardError.value(), 3), computed,
         fmt::format("0.40·TGV = 0.40·{}; positive: isothermal air reads 40 % short, so it is added",
                     fixed(result.thoracicGas.volume.value(), 3)),
         citation("chamber.body-volume")});
    sheet.push_back(measuredLine(
        "Vb", FUSAIN_TEXT("body volume"), result.body.volume, 3,
        fmt::format("Vraw − SAA + 0.40·TGV = {} − ({}) + 0.40·{}", fixed(result.rawVolume.estimate(), 3),
                    fixed(result.surfaceAreaArtefact.estimate(), 4), fixed(gas.volume.value(), 3)),
        citation("chamber.body-volume")));
    bodyLines(sheet, result, "chamber.body-volume");
    return sheet;
}

std::string plainText(const std::vector<WorkedLine>& sheet) {
    std::string text;
    for (const WorkedLine& line : sheet)
        text += fmt::format("{:<5} {:<42} {:>10} {:<6} {:<10} {}{}\n", line.symbol, line.name, line.value,
                            line.unit, line.plusMinus.empty() ? "" : "± " + line.plusMinus, line.how.english(),
                            line.formula.empty() ? "" : "; " + line.formula);
    return text;
}

} // namespace fusain
