#include "procedure/impedance/result.hpp"

#include "core/anthropometry/ages.hpp"
#include "core/units/format.hpp"
#include "procedure/method/result_json.hpp"

#include <algorithm>
#include <cmath>
#include <functional>
#include <set>

namespace fusain {
namespace {

using namespace impedance;

// For equations whose published error is not known to us: nothing may look surer than those whose error is.
constexpr double assumedEquationError = 0.06; // relative, a lab-adjustable default
constexpr double watsonLimit = 7.0;           // L, between measured and expected body water
const Message geometryReason{
    FUSAIN_TEXT("No whole-body equation is used: they were made for gel electrodes at wrist and ankle, lying."),
    {}};

// The whole body at 50 kHz: read directly, else the complex sum of the right side's segments.
std::optional<Impedance> wholeBodyAt50(const Sweep& sweep) {
    if (const auto direct = sweep.standard(Segment::WholeBody))
        return direct;
    std::complex<double> sum = 0.0;
    for (const Segment segment : {Segment::RightArm, Segment::Trunk, Segment::RightLeg}) {
        const auto part = sweep.standard(segment);
        if (!part)
            return std::nullopt;
        sum += part->complex();
    }
    return impedanceOf(sum);
}

// How far an equation is off for one person: what it showed in its own people, or in others, whichever is more.
double personError(const WholeBodyEquation& equation, Sex sex, double value) {
    const double published = equation.standardError(sex);
    if (equation.quantity == Predicted::FatFreeMass)
        return std::max(published, externalFatFreeMassError.value());
    return published > 0.0 ? published : assumedEquationError * value;
}

// First-order errors of a prediction: its derivatives by central differences, and the published scatter.
/// Standard errors of what an equation is fed with.
struct InputErrors {
    double resistance, reactance; ///< Ω, of the reading
    Source resistanceSource;
    Kilograms mass;
    DayToDay day;
};

Uncertain predicted(const WholeBodyEquation& equation, const WholeBodyInputs& inputs,
                    const InputErrors& errors) {
    const double value = equation.compute(inputs);
    const auto slope = [&](auto move, double step) {
        WholeBodyInputs up = inputs, down = inputs;
        move(up, step);
        move(down, -step);
        return (equation.compute(up) - equation.compute(down)) / (2.0 * step);
    };
    const double byResistance =
        slope([](WholeBodyInputs& x, double d) { x.impedance.resistance += Ohms(d); }, 0.1);
    const double byReactance =
        slope([](WholeBodyInputs& x, double d) { x.impedance.reactance += Ohms(d); }, 0.05);
    const double byMass = slope([](WholeBodyInputs& x, double d) { x.mass += Kilograms(d); }, 0.05);
    return Uncertain(value, Source::PredictionEquation, personError(equation, inputs.sex, value)) +
           Uncertain(0.0, errors.resistanceSource, byResistance * errors.resistance) +
           Uncertain(0.0, Source::Reactance, byReactance * errors.reactance) +
           Uncertain(0.0, Source::ResistanceOfTheDay,
                     byResistance * errors.day.resistance * inputs.impedance.resistance.value()) +
           Uncertain(0.0, Source::ReactanceOfTheDay,
                     byReactance * errors.day.reactance * inputs.impedance.reactance.value()) +
           Uncertain(byMass) * massOfTheDay(Kilograms(0.0), errors.mass, errors.day).uncertain();
}

// Parts that are missing on one side or both. "left/lower-leg-and-foot"
struct Missing {
    double percent = 0.0;   // of the whole mass
    double leanShare = 0.0; // of the lean soft tissue of the whole person
    std::set<std::string> sides;
};

Missing missingOf(const ImpedanceTest& test) {
    Missing missing;
    for (const std::string& id : test.missingParts) {
        const auto slash = id.find('/');
        const auto* part = findMissingPart(id.substr(slash + 1));
        if (slash == std::string::npos || !part)
            continue;
        missing.percent += part->percent;
        const bool arm = part->percent <= 5.0 && part->id.find("foot") == std::string_view::npos;
        const double limb = arm ? findMissingPart("arm")->percent : findMissingPart("leg")->percent;
        missing.leanShare += part->percent / limb *
                             referenceShare(arm ? Segment::RightArm : Segment::RightLeg, test.subject.sex);
        missing.sides.insert(id.substr(0, slash));
    }
    return missing;
}

class Computation {
public:
    Computation(const ImpedanceTest& test, const ImpedancePolicy& policy, const WhatIf& whatIf)
        : test_(test), policy_(policy), whatIf_(whatIf), missing_(missingOf(test)) {}

    Expected<ImpedanceResult> run() {
        if (!test_.mass)
            return tl::unexpected(missingReading("mass"));
        result_.mass = Kilograms(test_.mass->value);
        result_.geometry = test_.setupUsed().geometry;
        const ImpedanceSweep* sweep = test_.sweep();
        if (!sweep && test_.reportedValues().empty())
            return tl::unexpected(missingReading("a sweep that counts"));
        if (!sweep) {
            asReported();
            return std::move(result_);
        }
        readSignal(sweep->readings);
        if (result_.standard && wholeBodyAllowed())
            if (auto done = predictWholeBody(); !done)
                return tl::unexpected(done.error());
        fitArc(sweep->readings);
        judgeWater();
        divide(sweep->readings);
        if (result_.composition)
            flagFat(result_, *result_.composition);
        return std::move(result_);
    }

private:
    void flag(Message message) { result_.flags.push_back(std::move(message)); }

    void readSignal(const Sweep& sweep) {
        result_.signal = judgeSignal(sweep, policy_.signalLimits(test_.setupUsed().geometry));
        for (const SignalFinding& finding : result_.signal)
            if (finding.severity == Severity::Bad)
                flag(finding.what);
        result_.standard = wholeBodyAt50(sweep);
        if (result_.standard && !sweep.of(Segment::WholeBody))
            flag({FUSAIN_TEXT("The whole body was not read; it is the sum of right arm, trunk and right leg."),
                  {}});
        if (const auto& z = result_.standard) {
            const double r = z->resistance.value(), x = z->reactance.value(), square = r * r + x * x;
            constexpr double degrees = 57.29577951308232;
            result_.phaseAngle = Measured<Degrees>(
                Uncertain(fusain::impedance::phaseAngle(*z).value()) +
                Uncertain(0.0, Source::Resistance, -x / square * degrees * policy_.resistanceError * r) +
                Uncertain(0.0, Source::Reactance, r / square * degrees * policy_.reactanceError * x) +
                Uncertain(0.0, Source::ResistanceOfTheDay, -x / square * degrees * policy_.day.resistance * r) +
                Uncertain(0.0, Source::ReactanceOfTheDay, r / square * degrees * policy_.day.reactance * x));
            result_.vector = vectorOf(*z, test_.subject.height);
        }
        const Spectrum* whole = sweep.of(Segment::WholeBody);
        const SpectrumPoint* low = whole ? whole->at(kilohertz(5.0)) : nullptr;
        const SpectrumPoint* high = whole ? whole->at(kilohertz(200.0)) : nullptr;
        if (whole && !high)
            high = whole->at(kilohertz(250.0));
        if (low && high)
            result_.impedanceRatio = high->magnitude / low->magnitude;
    }

    // Whether a whole-body equation may be used at all; the reason is said where it may not.
    bool wholeBodyAllowed() {
        if (missing_.sides.size() > 1) {
            flag({FUSAIN_TEXT("Parts are missing on both sides: no whole-body equation is valid."), {}});
            return false;
        }
        if (missing_.sides.contains(test_.setupUsed().side)) {
            flag({FUSAIN_TEXT("A part is missing on the measured side: measure the other side."), {}});
            return false;
        }
        if (result_.geometry == ElectrodeGeometry::SupineGel)
            return true;
        const auto line = policy_.contactToGel.find(test_.subject.sex);
        if (line != policy_.contactToGel.end()) {
            result_.converted = line->second.convert(result_.standard->resistance);
            if (!result_.converted->within)
                flag({FUSAIN_TEXT("The reading is outside the range of the lab's own electrode conversion."),
                      {}});
            return true;
        }
        flag(geometryReason);
        const auto* equation = findWholeBodyEquation(policy_.adultFatFreeMass);
        WholeBodyInputs inputs = this->inputs(*result_.standard);
        flag({FUSAIN_TEXT("From standing contacts, {1} would be off by about {2} kg of fat-free mass."),
              {std::string(equation->title), signedFixed(geometryMistake(*equation, inputs), 1)}});
        return false;
    }

    [[nodiscard]] WholeBodyInputs inputs(const Impedance& impedance) const {
        return {test_.subject.sex, test_.subject.age, test_.subject.height,
                wholeMass(result_.mass, missing_.percent), impedance};
    }

    [[nodiscard]] EquationEstimate estimate(const std::string& id, bool chosen) const {
        const WholeBodyEquation& equation = *findWholeBodyEquation(id);
        Impedance impedance = *result_.standard;
        double error = policy_.resistanceError * impedance.resistance.value();
        Source source = Source::Resistance;
        if (result_.converted) {
            const double ratio = result_.converted->resistance / impedance.resistance;
            impedance = {result_.converted->resistance, impedance.reactance * ratio};
            error = std::hypot(error * ratio, result_.converted->standardError.value());
            source = Source::ElectrodeConversion;
        }
        const WholeBodyInputs in = inputs(impedance);
        auto remarks = reservations(equation, in);
        if (equation.standardError(in.sex) <= 0.0 && equation.quantity != Predicted::FatFreeMass)
            remarks.push_back({FUSAIN_TEXT("The published error of {1} is not known. {2} % is assumed."),
                               {std::string(equation.title), fixed(100.0 * assumedEquationError, 0)}});
        return {&equation,
                predicted(equation, in,
                          {error, policy_.reactanceError * impedance.reactance.value(), source,
                           policy_.dryMassError, policy_.day}),
                std::move(remarks), chosen, applicability(equation, in).verdict};
    }

    Expected<void> predictWholeBody() {
        const bool child = test_.subject.age.value() < adultImpedanceAge;
        const std::string chosen =
            whatIf_.conversion.value_or(child ? policy_.childFatFreeMass : policy_.adultFatFreeMass);
        const WholeBodyEquation* equation = findWholeBodyEquation(chosen);
        if (!equation || equation->quantity != Predicted::FatFreeMass)
            return failure({FUSAIN_TEXT("\"{1}\" does not give fat-free mass from impedance."), {chosen}}, {},
                           {FUSAIN_TEXT("Choose another equation."), {}});
        if (child != equation->forChildren() && !equation->coversAge(test_.subject.age))
            return failure({FUSAIN_TEXT("{1} does not cover a person of {2} years."),
                            {std::string(equation->title), fixed(std::floor(test_.subject.age.value()), 0)}},
                           {}, {FUSAIN_TEXT("Choose another equation."), {}});
        if (child && !equation->coversAge(test_.subject.age)) {
            flag({FUSAIN_TEXT(
                      "No equation of this policy covers a person of {1} years; only the readings are given."),
                  {fixed(std::floor(test_.subject.age.value()), 0)}});
            return {};
        }
        result_.estimates.push_back(estimate(chosen, true));
        compose(result_.estimates.back());
        if (!child || findWholeBodyEquation(policy_.bodyWater)->coversAge(test_.subject.age))
            if (const auto* water = addChosen(policy_.bodyWater))
                result_.bodyWater = Measured<Litres>(water->value);
        if (!child) {
            if (const auto* muscle = addChosen(policy_.skeletalMuscle))
                result_.skeletalMuscle = Measured<Kilograms>(muscle->value);
            const bool older = test_.subject.age >= anthropometry::olderAge;
            if (const auto* limbs = addChosen(older ? policy_.limbLeanOlder : policy_.limbLean))
                result_.limbLean = Measured<Kilograms>(limbs->value);
        }
        for (const std::string& id : policy_.alongside)
            if (id != chosen && findWholeBodyEquation(id)->coversAge(test_.subject.age))
                result_.estimates.push_back(estimate(id, false));
        return {};
    }

    const EquationEstimate* addChosen(const std::string& id) {
        result_.estimates.push_back(estimate(id, true));
        for (const Message& reservation : result_.estimates.back().reservations)
            flag(reservation);
        return &result_.estimates.back();
    }

    void compose(const EquationEstimate& fatFree) {
        result_.conversion = std::string(fatFree.equation->id);
        for (const Message& reservation : fatFree.reservations)
            flag(reservation);
        Uncertain value = fatFree.value;
        if (missing_.percent > 0.0) {
            result_.missingMass = wholeMass(result_.mass, missing_.percent) - result_.mass;
            value = value * Uncertain(1.0 - leanPartOfFatFree * missing_.leanShare);
            flag({FUSAIN_TEXT(
                      "A part is missing: computed for a whole person of {1} kg, less the lean mass of the "
                      "missing part."),
                  {fixed(wholeMass(result_.mass, missing_.percent).value(), 1)}});
        }
        result_.composition = compartments::compositionFrom(
            {.mass = massOfTheDay(result_.mass, policy_.dryMassError, policy_.day),
             .fatFreeMass = Measured<Kilograms>(value)},
            test_.subject.height);
    }

    void fitArc(const Sweep& sweep) {
        const Spectrum* whole = sweep.of(Segment::WholeBody);
        if (!whole)
            return;
        result_.arc = fitCole(whole->points);
        if (!result_.arc)
            return;
        for (const Message& remark : result_.arc->remarks)
            flag(remark);
        // The mixture equations know the shape of a body from wrist to ankle only.
        if (result_.arc->verdict == FitVerdict::Rejected || result_.geometry != ElectrodeGeometry::SupineGel ||
            !missing_.sides.empty() || test_.subject.age < mixtureEquationsAge)
            return;
        const FluidSubject subject{test_.subject.sex, test_.subject.height, result_.mass};
        result_.fluids = fluidsFrom(policy_.fluids, subject, *result_.arc);
        for (const FluidMethod method :
             {FluidMethod::Moissl2006, FluidMethod::DeLorenzo1997, FluidMethod::Matthie2005})
            if (method != policy_.fluids)
                result_.otherFluids.push_back(fluidsFrom(method, subject, *result_.arc));
    }

    void judgeWater() {
        if (!result_.composition || !result_.bodyWater)
            return;
        const Litres water = result_.fluids ? result_.fluids->total() : result_.bodyWater->estimate();
        result_.hydration = water.value() / result_.composition->fatFreeMass.estimate().value();
        const HydrationBand usual = usualHydration(test_.subject.age);
        if (*result_.hydration < usual.low || *result_.hydration > usual.high)
            flag({FUSAIN_TEXT("Hydration of the fat-free mass is {1} (usual {2} to {3}). The equation assumes "
                              "usual hydration: do not rely on % fat today."),
                  {fixed(*result_.hydration, 3), fixed(usual.low, 2), fixed(usual.high, 2)}});
        if (test_.subject.age < anthropometry::adultAge)
            return;
        const double expected =
            bodyWaterWatson1980(test_.subject.sex, test_.subject.age, test_.subject.height, result_.mass)
                .value();
        if (std::abs(water.value() - expected) > watsonLimit)
            flag({FUSAIN_TEXT("Body water is {1} L where height and mass let expect {2} L: check height, mass "
                              "and identity."),
                  {fixed(water.value(), 1), fixed(expected, 1)}});
    }

    void divide(const Sweep& sweep) {
        std::map<Segment, Ohms> resistances;
        for (const Segment segment : bodySegments)
            if (const auto z = sweep.standard(segment))
                resistances[segment] = z->resistance;
        if (resistances.size() < bodySegments.size() || !missing_.sides.empty())
            return;
        const auto own = policy_.segments.find(test_.subject.sex);
        const SegmentModel model = own != policy_.segments.end() && policy_.geometry == result_.geometry
                                       ? own->second
                                       : uncalibratedModel(test_.subject.sex, result_.geometry);
        std::optional<Kilograms> fatFree;
        if (result_.composition)
            fatFree = result_.composition->fatFreeMass.estimate();
        auto segmentation = segmentLean(resistances, test_.subject.sex, test_.subject.height, model, fatFree,
                                        test_.tapedLengths);
        if (!segmentation)
            return;
        result_.segmentation = std::move(*segmentation);
        for (const Message& remark : result_.segmentation->remarks)
            flag(remark);
        weighLimbs();
    }

    void weighLimbs() {
        const auto pair = [&](Segment right, Segment left, Kilograms threshold) {
            return balance(*result_.segmentation->of(right), *result_.segmentation->of(left),
                           policy_.limbRepeatError, threshold);
        };
        result_.arms = pair(Segment::RightArm, Segment::LeftArm, policy_.armThreshold);
        result_.legs = pair(Segment::RightLeg, Segment::LeftLeg, policy_.legThreshold);
    }

    // Only what the instrument says: its numbers, marked as such, with no error that anyone has published.
    void asReported() {
        result_.fromReported = true;
        flag({FUSAIN_TEXT(
                  "All values are as reported by the instrument: its equations and errors are not published."),
              {}});
        const auto* fatFree = test_.reportedValue("fat-free-mass");
        const auto* percent = test_.reportedValue("fat-percent");
        if (fatFree || percent) {
            const Kilograms reported(fatFree ? fatFree->value
                                             : result_.mass.value() * (1.0 - percent->value / 100.0));
            // Taken again, an analyzer repeats its fat-free mass about as well as its resistance.
            result_.composition = compartments::compositionFrom(
                {.mass = massOfTheDay(result_.mass, policy_.dryMassError, policy_.day),
                 .fatFreeMass =
                     Measured<Kilograms>(reported, Source::Resistance, policy_.resistanceError * reported)
                         .with(Source::ResistanceOfTheDay, policy_.day.resistance * reported)},
                test_.subject.height);
        }
        if (const auto* water = test_.reportedValue("body-water"))
            result_.bodyWater = Measured<Litres>(Uncertain(water->value));
        Segmentation reported;
        for (const Segment segment : bodySegments)
            if (const auto* lean = test_.reportedValue("lean." + std::string(segmentKey(segment)))) {
                const Kilograms kilograms(lean->value);
                reported.segments.push_back(
                    {segment, kilograms, kilograms, Kilograms(0.0),
                     kilograms / referenceLean(segment, test_.subject.sex, test_.subject.height)});
            }
        if (reported.segments.size() == bodySegments.size()) {
            result_.segmentation = std::move(reported);
            weighLimbs();
        }
    }

    const ImpedanceTest& test_;
    const ImpedancePolicy& policy_;
    const WhatIf& whatIf_;
    Missing missing_;
    ImpedanceResult result_;
};

Json spectrumFit(const ColeFit& fit) {
    return {{"r0_ohm", fit.model.zeroResistance.value()},
            {"r0_error_ohm", fit.zeroResistanceError.value()},
            {"rinf_ohm", fit.model.infiniteResistance.value()},
            {"rinf_error_ohm", fit.infiniteResistanceError.value()},
            {"ri_ohm", fit.model.intracellularResistance().value()},
            {"ri_error_ohm", fit.intracellularResistanceError.value()},
            {"exponent", fit.model.exponent},
            {"fc_hz", fit.model.characteristicFrequency.value()},
            {"delay_s", fit.model.delay.value()},
            {"rms_error", fit.rootMeanSquareError},
            {"degrees_of_freedom", fit.degreesOfFreedom},
            {"magnitude_only", fit.magnitudeOnly},
            {"verdict", fit.verdict == FitVerdict::Good         ? "good"
                        : fit.verdict == FitVerdict::Acceptable ? "acceptable"
                                                                : "rejected"}};
}

Json fluidsJson(const Fluids& fluids) {
    return {{"method", fluidMethodId(fluids.method)},
            {"extracellular_l", fluids.extracellular.value()},
            {"extracellular_error_l", fluids.extracellularError.value()},
            {"intracellular_l", fluids.intracellular.value()},
            {"intracellular_error_l", fluids.intracellularError.value()},
            {"extracellular_fraction", fluids.extracellularFraction()}};
}

} // namespace

Expected<ImpedanceResult> computeImpedance(const ImpedanceTest& test, const ImpedancePolicy& policy,
                                           const WhatIf& whatIf) {
    return Computation(test, policy, whatIf).run();
}

std::vector<Message> impedanceFindings(const ImpedanceResult& result, const TestSubject& subject) {
    std::vector<Message> sentences;
    if (const auto& phase = result.phaseAngle)
        sentences.push_back({FUSAIN_TEXT("Phase angle {1}° (95 % CI ± {2}) at 50 kHz."),
                             {fixed(phase->estimate().value(), 1), fixed(phase->halfInterval().value(), 1)}});
    if (const auto& fluids = result.fluids)
        sentences.push_back(
            {FUSAIN_TEXT("Water by {1}: {2} L extracellular and {3} L intracellular. Extracellular share {4}."),
             {std::string(fluidMethodTitle(fluids->method)), fixed(fluids->extracellular.value(), 1),
              fixed(fluids->intracellular.value(), 1), fixed(fluids->extracellularFraction(), 3)}});
    if (result.vector && result.geometry == ElectrodeGeometry::SupineGel &&
        subject.age >= anthropometry::adultAge)
        sentences.push_back(placeInWords(*result.vector, *vectorReferenceFor(subject.sex)));
    std::vector<double> spread;
    for (const EquationEstimate& each : result.estimates)
        if (each.equation->quantity == Predicted::FatFreeMass)
            spread.push_back(each.value.estimate());
    if (spread.size() > 1) {
        const auto [least, most] = std::ranges::minmax(spread);
        sentences.push_back({FUSAIN_TEXT("FFM by {1} equations: {2} to {3} kg, from the same reading."),
                             {std::to_string(spread.size()), fixed(least, 1), fixed(most, 1)}});
    }
    return sentences;
}

Json toJson(const ImpedanceResult& result, const ImpedanceTest& test, const ImpedancePolicy& policy) {
    Json json = resultJson(result, result.composition ? &*result.composition : nullptr);
    json["method"] = ImpedanceMethod::id;
    json["test"] = test.id;
    json["test_version"] = test.version;
    json["recipe"] = {{"engine", impedanceEngineVersion},
                      {"policy", policy.id},
                      {"conversion", result.conversion},
                      {"fluids", fluidMethodId(policy.fluids)},
                      {"geometry", geometryText(result.geometry)}};
    json["from_reported_values"] = result.fromReported;
    if (result.standard)
        json["standard"] = {{"r_ohm", result.standard->resistance.value()},
                            {"xc_ohm", result.standard->reactance.value()}};
    if (result.phaseAngle)
        json["phase_angle"] = valueJson(*result.phaseAngle);
    if (result.vector)
        json["vector"] = {{"r_per_h", result.vector->resistance}, {"xc_per_h", result.vector->reactance}};
    if (result.impedanceRatio)
        json["impedance_ratio"] = *result.impedanceRatio;
    if (result.bodyWater)
        json["body_water"] = valueJson(*result.bodyWater);
    if (result.skeletalMuscle)
        json["skeletal_muscle"] = valueJson(*result.skeletalMuscle);
    if (result.limbLean)
        json["limb_lean"] = valueJson(*result.limbLean);
    if (result.hydration)
        json["hydration"] = *result.hydration;
    Json estimates = Json::array();
    for (const EquationEstimate& each : result.estimates)
        estimates.push_back({{"equation", each.equation->id},
                             {"value", each.value.estimate()},
                             {"unit", predictedUnit(each.equation->quantity)},
                             {"chosen", each.chosen},
                             {"applies", appliesText(each.applies)}});
    json["estimates"] = estimates;
    if (result.arc)
        json["arc"] = spectrumFit(*result.arc);
    if (result.fluids)
        json["fluids"] = fluidsJson(*result.fluids);
    for (const Fluids& other : result.otherFluids)
        json["other_fluids"].push_back(fluidsJson(other));
    if (result.segmentation) {
        Json segments = Json::array();
        for (const SegmentLean& each : result.segmentation->segments)
            segments.push_back({{"segment", segmentKey(each.segment)},
                                {"lean_kg", each.scaled.value()},
                                {"error_kg", each.error.value()},
                                {"ci95_low", each.scaled.value() - each.halfInterval().value()},
                                {"ci95_high", each.scaled.value() + each.halfInterval().value()},
                                {"part_of_reference", each.partOfReference}});
        json["segments"] = {{"calibrated", result.segmentation->calibrated}, {"lean", segments}};
        if (result.segmentation->closure)
            json["segments"]["closure"] = *result.segmentation->closure;
    }
    if (result.arms)
        json["balance"]["arm_lean"] = balanceJson(*result.arms);
    if (result.legs)
        json["balance"]["leg_lean"] = balanceJson(*result.legs);
    Json signal = Json::array();
    for (const SignalFinding& finding : result.signal)
        signal.push_back({{"fault", faultName(finding.fault)},
                          {"segment", segmentKey(finding.segment)},
                          {"bad", finding.severity == Severity::Bad},
                          {"what", finding.what.english()}});
    json["signal"] = signal;
    return json;
}

std::vector<EquationChoice> fatFreeMassEquations() {
    std::vector<EquationChoice> choices;
    for (const auto& equation : impedance::wholeBodyEquations())
        if (equation.quantity == impedance::Predicted::FatFreeMass)
            choices.push_back({std::string(equation.id), std::string(equation.title)});
    return choices;
}

} // namespace fusain
