#include "procedure/tank/sheet.hpp"

#include "core/catalogue/equations.hpp"
#include "procedure/method/density_sheet.hpp"

#include <algorithm>
#include <fmt/format.h>

namespace fusain {
namespace {

// "4.150", or "4.150 (trial 1), 3.150 (trial 2)" when the load cell was zeroed anew between them.
std::string taresOf(const std::vector<int>& used, const HydrostaticTest& test) {
    std::vector<const WeighingTrial*> trials;
    for (const int number : used)
        trials.push_back(test.trials.find(number));
    if (std::ranges::all_of(trials,
                            [&](const WeighingTrial* each) { return each->tare == trials.front()->tare; }))
        return trials.empty() ? "" : fixed(trials.front()->tare.value(), 3);
    std::string tares;
    for (const WeighingTrial* trial : trials)
        tares += fmt::format("{}{} (trial {})", tares.empty() ? "" : ", ", fixed(trial->tare.value(), 3),
                             trial->number);
    return tares;
}

void readingLines(std::vector<WorkedLine>& sheet, const HydrostaticTest& test, const HydrostaticPolicy& policy,
                  const HydrostaticResult& result) {
    sheet.push_back({"Ma", FUSAIN_TEXT("dry mass"), fixed(test.dryMass->value, 2), "kg",
                     fixed(policy.dryMassError.value(), 2), originOf(*test.dryMass), "", ""});
    const Measured<Kilograms>& net = result.inputs.underwaterMass;
    sheet.push_back({"Mw", FUSAIN_TEXT("net underwater mass"), fixed(net.estimate().value(), 3), "kg",
                     fixed(net.totalError().value(), 3),
                     Message{FUSAIN_TEXT("{1}; trials {2}"),
                             {std::string(trialRuleTitle(policy.trials.rule)), listed(result.trials.used)}},
                     fmt::format("gross − tare {}", taresOf(result.trials.used, test)), policy.source});
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

} // namespace

std::vector<WorkedLine> workedSheet(const HydrostaticTest& test, const HydrostaticPolicy& policy,
                                    const HydrostaticResult& result) {
    std::vector<WorkedLine> sheet;
    readingLines(sheet, test, policy, result);
    const auto& c = result.body;
    const auto& in = result.inputs;
    sheet.push_back(measuredLine(
        "Vb", FUSAIN_TEXT("body volume"), c.volume, 3,
        fmt::format("(Ma − Mw)/Dw − (RV + GI) = ({} − {})/{} − ({} + {})",
                    fixed(in.dryMass.estimate().value(), 2), fixed(in.underwaterMass.estimate().value(), 3),
                    fixed(result.waterDensity.value(), 6), fixed(in.residualVolume.estimate().value(), 3),
                    fixed(in.gutGas.estimate().value(), 2)),
        citation("hydrostatic.body-density")));
    bodyLines(sheet, result, "hydrostatic.body-density");
    return sheet;
}

} // namespace fusain
