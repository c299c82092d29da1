#include "record/impedance/policy.hpp"

#include "core/impedance/whole_body.hpp"
#include "record/base/json.hpp"
#include "record/base/people.hpp"
#include "record/impedance/method.hpp"
#include "record/impedance/record.hpp"

namespace fusain {
namespace {

using impedance::Predicted;

std::optional<Problem> wrongEquation(const std::string& id, Predicted quantity, const std::string& where) {
    const auto* equation = impedance::findWholeBodyEquation(id);
    if (!equation || equation->quantity != quantity || equation->grade != 'A')
        return wrongPolicy({FUSAIN_TEXT("\"{1}\" is not an equation of grade A for {2}."),
                            {id, std::string(impedance::predictedName(quantity))}},
                           where);
    return std::nullopt;
}

std::optional<Problem> problemWith(const ImpedancePolicy& policy, const std::string& where) {
    for (const auto& [id, quantity] : {std::pair(policy.adultFatFreeMass, Predicted::FatFreeMass),
                                       std::pair(policy.childFatFreeMass, Predicted::FatFreeMass),
                                       std::pair(policy.bodyWater, Predicted::BodyWater),
                                       std::pair(policy.skeletalMuscle, Predicted::SkeletalMuscle),
                                       std::pair(policy.limbLean, Predicted::AppendicularLean),
                                       std::pair(policy.limbLeanOlder, Predicted::AppendicularLean)})
        if (auto problem = wrongEquation(id, quantity, where))
            return problem;
    if (!impedance::findWholeBodyEquation(policy.childFatFreeMass)->forChildren())
        return wrongPolicy({FUSAIN_TEXT("\"{1}\" is not for children."), {policy.childFatFreeMass}}, where);
    for (const std::string& id : policy.alongside)
        if (!impedance::findWholeBodyEquation(id))
            return wrongPolicy({FUSAIN_TEXT("There is no equation called \"{1}\"."), {id}}, where);
    if (!(policy.resistanceError > 0.0 && policy.reactanceError > 0.0 && policy.limbRepeatError > 0.0 &&
          policy.moduleTolerance > 0.0))
        return wrongPolicy({FUSAIN_TEXT("Errors and tolerances of impedance are above zero."), {}}, where);
    return std::nullopt;
}

Json limitsJson(const impedance::SignalLimits& limits) {
    return {{"rise", limits.rise},
            {"greatest_phase_deg", limits.greatestPhase},
            {"low_frequency_drop", limits.lowFrequencyDrop},
            {"low_frequency_scatter", limits.lowFrequencyScatter},
            {"limb_scatter", limits.limbScatter},
            {"trunk_scatter", limits.trunkScatter},
            {"drift", limits.drift},
            {"sum", limits.sum},
            {"arm_sides_percent", {limits.armNote, limits.armBad}},
            {"leg_sides_percent", {limits.legNote, limits.legBad}},
            {"trunk_ohm", {limits.trunkLow, limits.trunkHigh}},
            {"arm_ohm", {limits.armLow, limits.armHigh}},
            {"leg_ohm", {limits.legLow, limits.legHigh}},
            {"legs_to_arms", {limits.legsToArmsLow, limits.legsToArmsHigh}},
            {"slope", limits.slope}};
}

void readPair(const Json& json, const char* key, double& low, double& high) {
    if (const auto found = json.find(key); found != json.end()) {
        low = found->at(0).get<double>();
        high = found->at(1).get<double>();
    }
}

impedance::SignalLimits limitsFrom(const Json& json, impedance::SignalLimits limits) {
    const auto read = [&json](const char* key, double& value) { value = json.value(key, value); };
    read("rise", limits.rise);
    read("greatest_phase_deg", limits.greatestPhase);
    read("low_frequency_drop", limits.lowFrequencyDrop);
    read("low_frequency_scatter", limits.lowFrequencyScatter);
    read("limb_scatter", limits.limbScatter);
    read("trunk_scatter", limits.trunkScatter);
    read("drift", limits.drift);
    read("sum", limits.sum);
    read("slope", limits.slope);
    readPair(json, "arm_sides_percent", limits.armNote, limits.armBad);
    readPair(json, "leg_sides_percent", limits.legNote, limits.legBad);
    readPair(json, "trunk_ohm", limits.trunkLow, limits.trunkHigh);
    readPair(json, "arm_ohm", limits.armLow, limits.armHigh);
    readPair(json, "leg_ohm", limits.legLow, limits.legHigh);
    readPair(json, "legs_to_arms", limits.legsToArmsLow, limits.legsToArmsHigh);
    return limits;
}

template <class Calibration>
Json bySexJson(const std::map<Sex, Calibration>& calibrations) {
    Json json = Json::object();
    for (const auto& [sex, calibration] : calibrations)
        json[std::string(sexText(sex))] = toJson(calibration);
    return json;
}

template <class Calibration, class Read>
void readBySex(const Json& json, const char* key, std::map<Sex, Calibration>& target, Read read) {
    if (const auto found = json.find(key); found != json.end())
        for (const auto& [sex, calibration] : found->items())
            target[sexFromText(sex)] = read(calibration);
}

} // namespace

Json toJson(const impedance::PairedRegression& line) {
    return {{"intercept_ohm", line.intercept},
            {"slope", line.slope},
            {"residual_ohm", line.residualDeviation},
            {"mean_contact_ohm", line.meanContact},
            {"sum_of_squares", line.sumOfSquares},
            {"range_ohm", {line.lowest, line.highest}},
            {"people", line.people}};
}
impedance::PairedRegression pairedRegressionFromJson(const Json& json) {
    return {json.at("intercept_ohm").get<double>(),   json.at("slope").get<double>(),
            json.at("residual_ohm").get<double>(),    json.at("mean_contact_ohm").get<double>(),
            json.at("sum_of_squares").get<double>(),  json.at("range_ohm").at(0).get<double>(),
            json.at("range_ohm").at(1).get<double>(), json.at("people").get<int>()};
}

Json toJson(const impedance::SegmentModel& model) {
    Json segments = Json::object();
    for (const auto& [segment, resistivity] : model.resistivity)
        segments[std::string(impedance::segmentKey(segment))] = {
            {"resistivity_ohm_cm", resistivity}, {"relative_error", model.relativeError.at(segment)}};
    return {{"people", model.people}, {"calibrated", model.calibrated}, {"segments", segments}};
}
impedance::SegmentModel segmentModelFromJson(const Json& json) {
    impedance::SegmentModel model;
    model.people = json.value("people", 0);
    model.calibrated = json.value("calibrated", true);
    for (const auto segment : impedance::bodySegments) {
        const Json& each = json.at("segments").at(std::string(impedance::segmentKey(segment)));
        model.resistivity[segment] = each.at("resistivity_ohm_cm").get<double>();
        model.relativeError[segment] = each.at("relative_error").get<double>();
    }
    return model;
}

Json toJson(const ImpedancePolicy& policy) {
    Json json = methodPolicyJson(policy, ImpedanceMethod::id);
    json.update({{"geometry", geometryText(policy.geometry)},
                 {"electrodes", policy.electrodes},
                 {"analyzer", policy.analyzer},
                 {"fat_free_mass_adult", policy.adultFatFreeMass},
                 {"fat_free_mass_child", policy.childFatFreeMass},
                 {"body_water", policy.bodyWater},
                 {"skeletal_muscle", policy.skeletalMuscle},
                 {"limb_lean", policy.limbLean},
                 {"limb_lean_from_60", policy.limbLeanOlder},
                 {"alongside", policy.alongside},
                 {"fluids", impedance::fluidMethodId(policy.fluids)},
                 {"resistance_error", policy.resistanceError},
                 {"reactance_error", policy.reactanceError},
                 {"limb_repeat_error", policy.limbRepeatError},
                 {"trunk_repeat_error", policy.trunkRepeatError},
                 {"arm_threshold_kg", policy.armThreshold.value()},
                 {"leg_threshold_kg", policy.legThreshold.value()},
                 {"module_tolerance", policy.moduleTolerance},
                 {"signal_gel", limitsJson(policy.gelSignal)},
                 {"signal_contact", limitsJson(policy.contactSignal)}});
    if (!policy.contactToGel.empty())
        json["contact_to_gel"] = bySexJson(policy.contactToGel);
    if (!policy.segments.empty())
        json["segments"] = bySexJson(policy.segments);
    return json;
}

Expected<ImpedancePolicy> impedancePolicyFromJson(const Json& json, const std::string& where) {
    auto policy = readDocument(where, [&] {
        ImpedancePolicy p;
        readMethodPolicy(json, p);
        p.geometry = analyzerSetupFromJson(json).geometry;
        p.electrodes = json.value("electrodes", p.electrodes);
        p.analyzer = json.value("analyzer", p.analyzer);
        p.adultFatFreeMass = json.at("fat_free_mass_adult").get<std::string>();
        p.childFatFreeMass = json.at("fat_free_mass_child").get<std::string>();
        p.bodyWater = json.value("body_water", p.bodyWater);
        p.skeletalMuscle = json.value("skeletal_muscle", p.skeletalMuscle);
        p.limbLean = json.value("limb_lean", p.limbLean);
        p.limbLeanOlder = json.value("limb_lean_from_60", p.limbLeanOlder);
        p.alongside = json.value("alongside", p.alongside);
        const auto fluids = impedance::fluidMethodFromId(json.value("fluids", "moissl-2006"));
        if (!fluids || *fluids == impedance::FluidMethod::Matthie2005)
            throw Json::type_error::create(302, "fluids must be moissl-2006 or de-lorenzo-1997", &json);
        p.fluids = *fluids;
        p.resistanceError = json.value("resistance_error", p.resistanceError);
        p.reactanceError = json.value("reactance_error", p.reactanceError);
        p.limbRepeatError = json.value("limb_repeat_error", p.limbRepeatError);
        p.trunkRepeatError = json.value("trunk_repeat_error", p.trunkRepeatError);
        p.armThreshold = Kilograms(json.value("arm_threshold_kg", p.armThreshold.value()));
        p.legThreshold = Kilograms(json.value("leg_threshold_kg", p.legThreshold.value()));
        p.moduleTolerance = json.value("module_tolerance", p.moduleTolerance);
        if (json.contains("signal_gel"))
            p.gelSignal = limitsFrom(json.at("signal_gel"), p.gelSignal);
        if (json.contains("signal_contact"))
            p.contactSignal = limitsFrom(json.at("signal_contact"), p.contactSignal);
        readBySex(json, "contact_to_gel", p.contactToGel, pairedRegressionFromJson);
        readBySex(json, "segments", p.segments, segmentModelFromJson);
        return p;
    });
    if (policy)
        if (auto problem = problemWith(*policy, where))
            return tl::unexpected(*problem);
    return policy;
}

} // namespace fusain
