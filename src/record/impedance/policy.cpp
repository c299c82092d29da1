#include "record/impedance/policy.hpp"

#include "core/impedance/whole_body.hpp"
#include "record/base/people.hpp"
#include "record/impedance/method.hpp"
#include "record/impedance/record_fields.hpp"
#include "record/method/policy_fields.hpp"

#include <tuple>

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

std::optional<Problem> unusable(const ImpedancePolicy& policy, const std::string& where) {
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
    return std::nullopt;
}

using impedance::PairedRegression;
using impedance::SegmentModel;
using impedance::SignalLimits;

// Two numbers that belong together, [low, high].
template <class Owner, class Number>
void addPair(Fields<Owner>& fields, std::string key, Number Owner::*low, Number Owner::*high,
             std::string meaning, std::string unit = {}, Limits limits = atLeast(0.0),
             Presence presence = Presence::Optional) {
    const FieldNote note{
        std::move(key), "two numbers", std::move(unit), limits, presence, std::move(meaning), {}, {}};
    fields.custom(
        note,
        [low, high, note](const Json& json, Owner& owner) {
            if (!json.is_array() || json.size() != 2)
                refuse(json, note, "is not a list of two");
            owner.*low = Number(numberIn(json.at(0), note));
            owner.*high = Number(numberIn(json.at(1), note));
            if (owner.*low > owner.*high)
                refuse(json, note, "falls");
        },
        [low, high](const Owner& owner) {
            return Json::array({FieldValue<Number>::write(owner.*low), FieldValue<Number>::write(owner.*high)});
        });
}

const Fields<SignalLimits>& limitFields() {
    using L = SignalLimits;
    static const auto fields = [] {
        auto made = Fields<L>("limits of a signal");
        for (const auto& [key, member, meaning] :
             {std::tuple("rise", &L::rise, "fraction, at a step up in frequency"),
              std::tuple("low_frequency_drop", &L::lowFrequencyDrop, "fraction, from the lowest to the next"),
              std::tuple("low_frequency_scatter", &L::lowFrequencyScatter, "fraction"),
              std::tuple("limb_scatter", &L::limbScatter, "fraction"),
              std::tuple("trunk_scatter", &L::trunkScatter, "fraction"),
              std::tuple("drift", &L::drift, "fraction, from the first to the closing point"),
              std::tuple("sum", &L::sum, "fraction, of the parts against the whole"),
              std::tuple("slope", &L::slope, "fraction, of a phase against what the magnitudes say")})
            made.optional(key, member, meaning, aboveUpTo(0.0, 1.0));
        made.optional("greatest_phase_deg", &L::greatestPhase, "5 to 250 kHz", aboveUpTo(0.0, 90.0));
        addPair(made, "arm_sides_percent", &L::armNote, &L::armBad, "right against left: look, repeat", "%");
        addPair(made, "leg_sides_percent", &L::legNote, &L::legBad, "right against left: look, repeat", "%");
        addPair(made, "trunk_ohm", &L::trunkLow, &L::trunkHigh, "at 50 kHz", "Ω");
        addPair(made, "arm_ohm", &L::armLow, &L::armHigh, "at 50 kHz", "Ω");
        addPair(made, "leg_ohm", &L::legLow, &L::legHigh, "at 50 kHz", "Ω");
        addPair(made, "legs_to_arms", &L::legsToArmsLow, &L::legsToArmsHigh, "ratio of magnitudes");
        return made;
    }();
    return fields;
}

const Fields<PairedRegression>& lineFields() {
    using Line = PairedRegression;
    static const auto fields = [] {
        auto made = Fields<Line>("line from contacts to gel");
        made.required("intercept_ohm", &Line::intercept, "of the line")
            .required("slope", &Line::slope, "of the line", above(0.0))
            .required("residual_ohm", &Line::residualDeviation, "of one person about the line", atLeast(0.0))
            .required("mean_contact_ohm", &Line::meanContact, "of the contact readings", above(0.0))
            .required("sum_of_squares", &Line::sumOfSquares, "of the contact readings", above(0.0));
        addPair(made, "range_ohm", &Line::lowest, &Line::highest, "readings that the line rests on", "Ω",
                atLeast(0.0), Presence::Required);
        made.required("people", &Line::people, "measured by both", atLeast(3));
        return made;
    }();
    return fields;
}

struct WrittenSegment {
    double resistivity = 0.0, relativeError = 0.0;
};
const Fields<WrittenSegment>& segmentFields() {
    static const auto fields =
        Fields<WrittenSegment>("segment")
            .required("resistivity_ohm_cm", &WrittenSegment::resistivity, "of its lean tissue", above(0.0))
            .required("relative_error", &WrittenSegment::relativeError, "of one person, standard error",
                      aboveUpTo(0.0, 1.0));
    return fields;
}

const Fields<SegmentModel>& modelFields() {
    static const auto fields = [] {
        auto made = Fields<SegmentModel>("segment model");
        made.optional("people", &SegmentModel::people, "that it was calibrated with", atLeast(0))
            .optional("calibrated", &SegmentModel::calibrated, "against the lab's own densitometer");
        const FieldNote segments{"segments",         "segment by key",       {}, {},
                                 Presence::Required, "arms, legs and trunk", {}, segmentFields().notes()};
        made.custom(
            segments,
            [segments](const Json& json, SegmentModel& model) {
                for (const auto segment : impedance::bodySegments) {
                    const std::string key(impedance::segmentKey(segment));
                    if (!json.is_object() || !json.contains(key))
                        refuse(json, segments, "lacks " + key);
                    const WrittenSegment written = segmentFields().read(json.at(key));
                    model.resistivity[segment] = written.resistivity;
                    model.relativeError[segment] = written.relativeError;
                }
                if (json.size() != model.resistivity.size())
                    refuse(json, segments, "has a key that is no segment");
            },
            [](const SegmentModel& model) {
                Json json = Json::object();
                for (const auto& [segment, resistivity] : model.resistivity)
                    json[std::string(impedance::segmentKey(segment))] =
                        segmentFields().write({resistivity, model.relativeError.at(segment)});
                return json;
            });
        return made;
    }();
    return fields;
}

// The lab's own, by sex; absent where there is none.
template <class Calibration>
void addBySex(Fields<ImpedancePolicy>& fields, std::string key,
              std::map<Sex, Calibration> ImpedancePolicy::*member, const Fields<Calibration>& each,
              std::string meaning) {
    FieldNote note{std::move(key),   each.thing() + " by sex", {}, {},
                   Presence::Sparse, std::move(meaning),       {}, each.notes()};
    fields.custom(
        std::move(note),
        [member, &each](const Json& json, ImpedancePolicy& policy) {
            for (const auto& [sex, calibration] : json.items())
                (policy.*member)[sexFromText(sex)] = each.read(calibration);
        },
        [member, &each](const ImpedancePolicy& policy) -> std::optional<Json> {
            if ((policy.*member).empty())
                return std::nullopt;
            Json json = Json::object();
            for (const auto& [sex, calibration] : policy.*member)
                json[std::string(sexText(sex))] = each.write(calibration);
            return json;
        });
}

constexpr Named<impedance::FluidMethod> fluidMethods[] = {
    {"moissl-2006", impedance::FluidMethod::Moissl2006},
    {"de-lorenzo-1997", impedance::FluidMethod::DeLorenzo1997}};

const Fields<ImpedancePolicy>& policyFields() {
    using Policy = ImpedancePolicy;
    static const auto fields = [] {
        auto made = Fields<Policy>("policy of an impedance test");
        made.with(methodPolicyFields(ImpedanceMethod::id))
            .word("geometry", &Policy::geometry, geometryWords, "of the lab's analyzer")
            .optional("electrodes", &Policy::electrodes, "2, 4 or 8", between(2, 8))
            .optional("analyzer", &Policy::analyzer, "as the lab calls it")
            .required("fat_free_mass_adult", &Policy::adultFatFreeMass, "id of an equation of grade A")
            .required("fat_free_mass_child", &Policy::childFatFreeMass, "id of one that is for children")
            .optional("body_water", &Policy::bodyWater, "id of an equation")
            .optional("skeletal_muscle", &Policy::skeletalMuscle, "id of an equation")
            .optional("limb_lean", &Policy::limbLean, "id of an equation")
            .optional("limb_lean_from_60", &Policy::limbLeanOlder, "id of an equation")
            .optional("alongside", &Policy::alongside, "ids of equations that are shown for comparison")
            .word("fluids", &Policy::fluids, fluidMethods, "water from a spectrum", Presence::Optional)
            .optional("resistance_error", &Policy::resistanceError, "fraction", aboveUpTo(0.0, 1.0))
            .optional("reactance_error", &Policy::reactanceError, "fraction", aboveUpTo(0.0, 1.0))
            .optional("limb_repeat_error", &Policy::limbRepeatError, "fraction", aboveUpTo(0.0, 1.0))
            .optional("trunk_repeat_error", &Policy::trunkRepeatError, "fraction", aboveUpTo(0.0, 1.0))
            .optional("arm_threshold_kg", &Policy::armThreshold, "notable in this lab", between(0.0, 50.0))
            .optional("leg_threshold_kg", &Policy::legThreshold, "notable in this lab", between(0.0, 50.0))
            .optional("module_tolerance", &Policy::moduleTolerance, "fraction, of the test module",
                      aboveUpTo(0.0, 1.0))
            .part("signal_gel", &Policy::gelSignal, limitFields(), "with gel electrodes, lying",
                  Presence::Optional)
            .part("signal_contact", &Policy::contactSignal, limitFields(), "with contacts, standing",
                  Presence::Optional);
        addBySex(made, "contact_to_gel", &Policy::contactToGel, lineFields(), "the lab's own");
        addBySex(made, "segments", &Policy::segments, modelFields(), "the lab's own");
        return made;
    }();
    return fields;
}

} // namespace

Json toJson(const impedance::PairedRegression& line) {
    return lineFields().write(line);
}
impedance::PairedRegression pairedRegressionFromJson(const Json& json) {
    return lineFields().read(json);
}
Json toJson(const impedance::SegmentModel& model) {
    return modelFields().write(model);
}
impedance::SegmentModel segmentModelFromJson(const Json& json) {
    return modelFields().read(json);
}
Json toJson(const ImpedancePolicy& policy) {
    return policyFields().write(policy);
}

Expected<ImpedancePolicy> impedancePolicyFromJson(const Json& json, const std::string& where) {
    return readPolicy(json, where, policyFields(), unusable);
}

DocumentKind impedancePolicyKind() {
    return {"Policy of an impedance test", policyFields().notes()};
}

} // namespace fusain
