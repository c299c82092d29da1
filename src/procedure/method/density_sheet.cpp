#include "procedure/method/density_sheet.hpp"

#include <cmath>
#include <fmt/format.h>

namespace fusain {

void bodyLines(std::vector<WorkedLine>& sheet, const DensityResult& result, const char* densitySource) {
    const compartments::Body& c = result.body;
    const double height = std::sqrt(c.fatFreeMass.estimate().value() / c.fatFreeMassIndex.estimate().value());
    const double spread = std::abs(c.fatPercent.uncertain().share(Source::FatFreeDensity)) *
                          result.constants.fatFreeDensity() * result.constants.fatFreeDensity() /
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
                     fixed(std::abs(c.fatPercent.uncertain().share(Source::FatFreeDensity)), 1),
                     "%",
                     "",
                     {FUSAIN_TEXT("part of the standard error of %fat"), {}},
                     fmt::format("SD of D_FFM {} kg/L", fixed(spread, 4)),
                     "Siri WE (1961), NAS-NRC, pp 223-244"});
    sheet.push_back(measuredLine("FM", FUSAIN_TEXT("fat mass"), c.fatMass, 2, "Ma·%fat/100", ""));
    sheet.push_back(measuredLine("FFM", FUSAIN_TEXT("fat-free mass"), c.fatFreeMass, 2, "Ma − FM", ""));
    const std::string shownHeight = fixed(height, 3);
    sheet.push_back(measuredLine("FMI", FUSAIN_TEXT("fat mass index"), c.fatMassIndex, 2,
                                 "FM/H² = FM/" + shownHeight + "²", ""));
    sheet.push_back(measuredLine("FFMI", FUSAIN_TEXT("fat-free mass index"), c.fatFreeMassIndex, 2,
                                 "FFM/H² = FFM/" + shownHeight + "²", ""));
}

} // namespace fusain
