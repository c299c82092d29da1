#include "procedure/chamber/sheet.hpp"

#include "core/catalogue/equations.hpp"
#include "procedure/method/density_sheet.hpp"

#include <fmt/format.h>

namespace fusain {

std::vector<WorkedLine> workedSheet(const ChamberTest& test, const ChamberPolicy& policy,
                                    const ChamberResult& result) {
    std::vector<WorkedLine> sheet;
    const Message computed{FUSAIN_TEXT("computed"), {}};
    const Measured<Litres>&raw = result.rawVolume, &artefact = result.surfaceAreaArtefact;
    sheet.push_back({"M", FUSAIN_TEXT("mass"), fixed(test.mass->value, 3), "kg",
                     fixed(policy.dryMassError.value(), 3), originOf(*test.mass), "", ""});
    sheet.push_back({"Vraw",
                     FUSAIN_TEXT("raw volume"),
                     fixed(result.rawVolume.estimate().value(), 3),
                     "L",
                     fixed(raw.totalError().value(), 3),
                     {FUSAIN_TEXT("mean of trials {1}"), {listed(result.trials.used)}},
                     fmt::format("two within {} L", fixed(policy.trials.tolerance.value(), 3)),
                     policy.source});
    sheet.push_back({"BSA", FUSAIN_TEXT("body surface area"), fixed(result.surfaceArea.estimate().value(), 0),
                     "cm²", fixed(policy.surfaceAreaError * result.surfaceArea.estimate().value(), 0), computed,
                     fmt::format("71.84·W^0.425·H^0.725, W = {}, H = {} cm", fixed(test.mass->value, 2),
                                 fixed(centimetres(test.subject.height), 1)),
                     citation("anthropometry.surface-area.dubois-1916")});
    sheet.push_back({"SAA", FUSAIN_TEXT("surface-area artefact"),
                     fixed(result.surfaceAreaArtefact.estimate().value(), 4), "L",
                     fixed(artefact.totalError().value(), 4), computed,
                     fmt::format("−4.67e-5·BSA = −4.67e-5·{}; negative: it is subtracted and so adds",
                                 fixed(result.surfaceArea.estimate().value(), 0)),
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
    sheet.push_back(measuredLine("Vb", FUSAIN_TEXT("body volume"), result.body.volume, 3,
                                 fmt::format("Vraw − SAA + 0.40·TGV = {} − ({}) + 0.40·{}",
                                             fixed(result.rawVolume.estimate().value(), 3),
                                             fixed(result.surfaceAreaArtefact.estimate().value(), 4),
                                             fixed(gas.volume.value(), 3)),
                                 citation("chamber.body-volume")));
    bodyLines(sheet, result, "chamber.body-volume");
    return sheet;
}

} // namespace fusain
