#include "core/airdisplacement/chamber.hpp"

#include "core/airdisplacement/window_fit.hpp"
#include "core/numeric/statistics.hpp"
#include "core/units/format.hpp"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fusain::airdisplacement {
namespace {

constexpr double leastAmplitude = 5.0;       // Pa: less is no drive at all
constexpr double openDoorPhase = 6e-3;       // rad
constexpr double leastCylinderEffect = 0.01; // of the empty ratio

double medianOf(const std::vector<Window>& windows, double (*value)(const Window&)) {
    std::vector<double> values;
    for (const Window& window : windows)
        values.push_back(value(window));
    return statistics::median(values);
}

} // namespace

Litres Calibration::errorAt(Litres volume) const {
    const double share = volume / cylinderVolume, span = empty.ratio - cylinder.ratio;
    // V = Vc·(Re − R)/(Re − Rc): by Vc, by Re (1 − V/Vc) and by Rc (V/Vc), each over the span.
    const double certificate = share * cylinderError.value();
    const double fromEmpty = cylinderVolume.value() * (1.0 - share) * empty.ratioError / span;
    const double fromCylinder = cylinderVolume.value() * share * cylinder.ratioError / span;
    return Litres(std::hypot(certificate, fromEmpty, fromCylinder));
}

Expected<Response> responseOf(std::span<const PressureSample> samples) {
    const std::vector<Window> windows = fitWindows(samples);
    if (windows.size() < 5)
        return failure({FUSAIN_TEXT("The recording is shorter than five whole seconds."), {}}, {},
                       {FUSAIN_TEXT("Keep the door shut until the recording ends, then repeat."), {}});
    if (medianOf(windows, [](const Window& w) { return std::abs(w.test); }) < leastAmplitude)
        return failure({FUSAIN_TEXT("There is no pressure swing from the diaphragm."), {}}, {},
                       {FUSAIN_TEXT("Is the chamber switched on, and are both pressures connected?"), {}});
    // A window that a blow of pressure fell into is left out.
    const double usual = medianOf(windows, [](const Window& w) { return w.residual; });
    std::vector<double> ratios, phases;
    for (const Window& window : windows)
        if (window.residual <= 2.5 * usual + 0.05) {
            ratios.push_back(std::abs(window.ratio()));
            phases.push_back(std::arg(-window.ratio()));
        }
    if (ratios.size() < 4)
        return failure({FUSAIN_TEXT("The pressures are too restless to read."), {}}, {},
                       {FUSAIN_TEXT("Nobody leans on the chamber, no draught, then repeat."), {}});
    const double root = std::sqrt(static_cast<double>(ratios.size()));
    return Response{statistics::mean(ratios), statistics::standardDeviation(ratios) / root,
                    statistics::mean(phases), statistics::standardDeviation(phases) / root};
}

Expected<Calibration> calibrate(std::span<const PressureSample> empty, std::span<const PressureSample> cylinder,
                                Litres certified, Litres certificateError) {
    if (!(certified.value() >= 5.0 && certified.value() <= 150.0))
        return failure(
            {FUSAIN_TEXT("Calibration cylinder {1} L is out of range."), {fixed(certified.value(), 3)}}, {},
            {FUSAIN_TEXT("The range is 5 to 150 L. See the certificate."), {}});
    const auto without = responseOf(empty), with = responseOf(cylinder);
    for (const auto* response : {&without, &with})
        if (!*response)
            return tl::unexpected(response->error());
    const double effect = (without->ratio - with->ratio) / without->ratio;
    if (effect < leastCylinderEffect)
        return failure(
            {FUSAIN_TEXT("The cylinder makes no difference: it was in both recordings or in neither."), {}}, {},
            {FUSAIN_TEXT("Record the empty chamber first, then with the cylinder inside."), {}});
    if (effect > 0.9)
        return failure({FUSAIN_TEXT("The cylinder would fill more than the chamber."), {}}, {},
                       {FUSAIN_TEXT("Check the pressures of both chambers."), {}});
    if (std::abs(with->phase - without->phase) > openDoorPhase ||
        std::abs(without->phase) > 10.0 * openDoorPhase)
        return failure({FUSAIN_TEXT("Air escapes while calibrating: the door is not shut."), {}}, {},
                       {FUSAIN_TEXT("Close the door without leaning on it, then calibrate again."), {}});
    return Calibration{*without, *with, certified, certificateError};
}

PantingResult judgePanting(std::span<const PantingSample> samples, Litres air,
                           MillimetresOfMercury barometric) {
    PantingResult result;
    if (samples.size() < 100) {
        result.message = {FUSAIN_TEXT("Too short: about three gentle puffs are needed."), {}};
        return result;
    }
    std::vector<double> chamber, airway;
    for (const PantingSample& sample : samples) {
        chamber.push_back(sample.chamber.value());
        airway.push_back(sample.airway.value());
        result.peak = CentimetresOfWater(std::max(result.peak.value(), std::abs(sample.airway.value())));
    }
    const double chamberMean = statistics::mean(chamber), airwayMean = statistics::mean(airway);
    double xx = 0.0, xy = 0.0, yy = 0.0;
    for (std::size_t i = 0; i < chamber.size(); ++i) {
        const double x = airway[i] - airwayMean, y = chamber[i] - chamberMean;
        xx += x * x;
        xy += x * y;
        yy += y * y;
    }
    if (!(xx > 0.0 && yy > 0.0)) {
        result.message = {FUSAIN_TEXT("The airway pressure does not move: is the tube occluded?"), {}};
        return result;
    }
    const double slope = xy / xx; // Pa per cmH2O
    result.fit = xy * xy / (xx * yy);
    result.relativeError = std::sqrt(std::max(0.0, 1.0 / result.fit - 1.0) /
                                     std::max(1.0, static_cast<double>(chamber.size()) / 10.0));
    const double volumePerPressure =
        std::abs(slope) * air.value() / (adiabaticExponent * pascals(barometric).value()); // L per cmH2O
    result.thoracicGas = Litres((barometric.value() - 47.0) * 1.35951 * volumePerPressure);
    if (result.peak.value() >= 35.0)
        result.message = {FUSAIN_TEXT("Too strong ({1} cmH2O): puff gently, below 35."),
                          {fixed(result.peak.value(), 0)}};
    else if (result.fit < 0.95 || result.relativeError > 0.05)
        result.message = {
            FUSAIN_TEXT("The two pressures do not go together: cheeks held, lips closed, gentle puffs."), {}};
    else
        result.message = {FUSAIN_TEXT("Good: {1} L of thoracic gas."), {fixed(result.thoracicGas.value(), 2)}};
    result.accepted = result.peak.value() < 35.0 && result.fit >= 0.95 && result.relativeError <= 0.05;
    return result;
}

} // namespace fusain::airdisplacement
