#include "core/impedance/segmental.hpp"

#include "core/units/format.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::impedance {
namespace {

constexpr double leanDensity = 1.06; // kg/L
constexpr double closureLimit = 0.12;

// The reference adult: lean mass by the shares, resistances as typical for the geometry (grade C, this
// program's own).
struct ReferenceAdult {
    Metres height;
    double leanSoftTissue;  // kg, of the whole body
    double arm, trunk, leg; // Ω at 50 kHz
};

ReferenceAdult referenceAdult(Sex sex, ElectrodeGeometry geometry) {
    const bool contact = geometry == ElectrodeGeometry::StandingContact;
    if (sex == Sex::Male)
        return contact ? ReferenceAdult{Metres(1.75), 0.95 * 57.1445, 303.1, 23.6, 235.0}
                       : ReferenceAdult{Metres(1.75), 0.95 * 57.1445, 226.0, 30.0, 224.0};
    return contact ? ReferenceAdult{Metres(1.65), 0.95 * 42.1307, 380.5, 25.7, 258.1}
                   : ReferenceAdult{Metres(1.65), 0.95 * 42.1307, 273.0, 35.0, 272.0};
}

double forKind(Segment segment, double arm, double trunk, double leg) {
    return isArm(segment) ? arm : isLeg(segment) ? leg : trunk;
}

constexpr std::array parts{MissingPart{"hand", FUSAIN_TEXT("hand"), 0.7},
                           MissingPart{"forearm-and-hand", FUSAIN_TEXT("forearm and hand"), 2.3},
                           MissingPart{"arm", FUSAIN_TEXT("whole arm"), 5.0},
                           MissingPart{"foot", FUSAIN_TEXT("foot"), 1.5},
                           MissingPart{"lower-leg-and-foot", FUSAIN_TEXT("lower leg and foot"), 5.9},
                           MissingPart{"leg", FUSAIN_TEXT("whole leg"), 16.0}};

} // namespace

double lengthFraction(Segment segment) {
    return forKind(segment, 0.332, 0.288, 0.491);
}

double referenceShare(Segment segment, Sex sex) {
    return sex == Sex::Male ? forKind(segment, 0.063, 0.468, 0.172) : forKind(segment, 0.052, 0.485, 0.1705);
}

double headShare(Sex sex) {
    return sex == Sex::Male ? 0.062 : 0.070;
}

Kilograms referenceLean(Segment segment, Sex sex, Metres height) {
    const double fatFreeMassIndex = sex == Sex::Male ? 18.9 : 15.4;
    return Kilograms(referenceShare(segment, sex) * leanPartOfFatFree * fatFreeMassIndex * height.value() *
                     height.value());
}

Kilograms cylinderLean(double resistivity, Metres length, Ohms resistance) {
    const double cm = centimetres(length);
    return Kilograms(leanDensity * resistivity * cm * cm / resistance.value() / 1000.0);
}

SegmentModel uncalibratedModel(Sex sex, ElectrodeGeometry geometry) {
    const ReferenceAdult adult = referenceAdult(sex, geometry);
    SegmentModel model;
    for (const Segment segment : bodySegments) {
        const double lean = referenceShare(segment, sex) * adult.leanSoftTissue;
        const double resistance = forKind(segment, adult.arm, adult.trunk, adult.leg);
        model.resistivity[segment] =
            lean / cylinderLean(1.0, adult.height * lengthFraction(segment), Ohms(resistance)).value();
        model.relativeError[segment] = segment == Segment::Trunk ? 0.10 : 0.12;
    }
    return model;
}

const SegmentLean* Segmentation::of(Segment segment) const {
    const auto found = std::ranges::find(segments, segment, &SegmentLean::segment);
    return found == segments.end() ? nullptr : &*found;
}

Expected<Segmentation> segmentLean(const std::map<Segment, Ohms>& resistances, Sex sex, Metres height,
                                   const SegmentModel& model, const std::optional<Kilograms>& fatFreeMass,
                                   const std::map<Segment, Metres>& lengths) {
    Segmentation result;
    result.calibrated = model.calibrated;
    double sum = 0.0;
    for (const Segment segment : bodySegments) {
        const auto resistance = resistances.find(segment);
        if (resistance == resistances.end() || !(resistance->second.value() > 0.0))
            return failure({FUSAIN_TEXT("The {1} has no usable resistance at 50 kHz."),
                            {std::string(segmentName(segment))}},
                           {}, {FUSAIN_TEXT("Measure it again, or read the whole body only."), {}});
        const auto taped = lengths.find(segment);
        const Metres length = taped != lengths.end() ? taped->second : height * lengthFraction(segment);
        SegmentLean lean{segment};
        lean.raw = cylinderLean(model.resistivity.at(segment), length, resistance->second);
        sum += lean.raw.value();
        result.segments.push_back(lean);
    }
    if (fatFreeMass) {
        result.closure = leanPartOfFatFree * fatFreeMass->value() * (1.0 - headShare(sex)) / sum;
        if (std::abs(*result.closure - 1.0) > closureLimit)
            result.remarks.push_back(
                {FUSAIN_TEXT("Segments and whole body disagree: closing them takes a factor of {1}."),
                 {fixed(*result.closure, 2)}});
    }
    for (SegmentLean& lean : result.segments) {
        lean.scaled = lean.raw * result.closure.value_or(1.0);
        lean.error = lean.scaled * model.relativeError.at(lean.segment);
        lean.partOfReference = lean.scaled / referenceLean(lean.segment, sex, height);
    }
    if (!model.calibrated)
        result.remarks.push_back(
            {FUSAIN_TEXT(
                 "Uncalibrated estimate: this lab has not yet compared its segments with a densitometer."),
             {}});
    return result;
}

Expected<SegmentModel> calibrateSegments(std::span<const CalibrationCase> cases) {
    if (cases.size() < leastCalibrationCases)
        return failure({FUSAIN_TEXT("A calibration needs at least {1} people measured by both; there are {2}."),
                        {std::to_string(leastCalibrationCases), std::to_string(cases.size())}},
                       {}, {FUSAIN_TEXT("Measure more people of this sex with both instruments."), {}});
    SegmentModel model;
    model.calibrated = true;
    model.people = static_cast<int>(cases.size());
    for (const Segment segment : bodySegments) {
        // Errors grow with the mass, so every person counts by the ratio of the two: the fit is their mean.
        std::vector<double> ratios;
        for (const CalibrationCase& each : cases) {
            const auto resistance = each.resistances.find(segment);
            const auto lean = each.lean.find(segment);
            if (resistance == each.resistances.end() || lean == each.lean.end() ||
                !(resistance->second.value() > 0.0) || !(lean->second.value() > 0.0))
                return failure({FUSAIN_TEXT("One person of the calibration lacks the {1}."),
                                {std::string(segmentName(segment))}});
            ratios.push_back(
                lean->second.value() /
                cylinderLean(1.0, each.height * lengthFraction(segment), resistance->second).value());
        }
        double mean = 0.0, squares = 0.0;
        for (const double ratio : ratios)
            mean += ratio / static_cast<double>(ratios.size());
        for (const double ratio : ratios)
            squares += (ratio / mean - 1.0) * (ratio / mean - 1.0);
        model.resistivity[segment] = mean;
        model.relativeError[segment] = std::sqrt(squares / static_cast<double>(ratios.size() - 1));
    }
    return model;
}

double asymmetryPercent(double right, double left) {
    return 200.0 * (right - left) / (right + left);
}

LimbBalance balance(const SegmentLean& right, const SegmentLean& left, double repeatError,
                    Kilograms threshold) {
    const double error = repeatError * std::hypot(right.scaled.value(), left.scaled.value());
    return {right.scaled - left.scaled, Kilograms(normal95 * error), threshold,
            Percent(asymmetryPercent(right.scaled.value(), left.scaled.value()))};
}

std::span<const MissingPart> missingParts() {
    return parts;
}

const MissingPart* findMissingPart(std::string_view id) {
    const auto found = std::ranges::find(parts, id, &MissingPart::id);
    return found == parts.end() ? nullptr : &*found;
}

Kilograms wholeMass(Kilograms observed, double missing) {
    return observed / (1.0 - missing / 100.0);
}

} // namespace fusain::impedance
