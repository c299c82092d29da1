#include "record/scan/policy.hpp"

#include "record/base/json.hpp"
#include "record/scan/method.hpp"

namespace fusain {
namespace {

using dxa::BalanceThreshold;
using dxa::FatConvention;
using dxa::ScanPrecision;

Json precisionJson(const ScanPrecision& p) {
    return {{"fat", p.fat},
            {"lean", p.lean},
            {"least_fat_kg", p.leastFat.value()},
            {"mass", p.mass},
            {"bone_mineral", p.boneMineral},
            {"arm_lean", p.armLean},
            {"leg_lean", p.legLean},
            {"trunk_lean", p.trunkLean},
            {"arm_fat", p.armFat},
            {"leg_fat", p.legFat},
            {"trunk_fat", p.trunkFat},
            {"model", p.model}};
}
ScanPrecision precisionFrom(const Json& json) {
    const ScanPrecision d;
    return {json.value("fat", d.fat),
            json.value("lean", d.lean),
            Kilograms(json.value("least_fat_kg", d.leastFat.value())),
            json.value("mass", d.mass),
            json.value("bone_mineral", d.boneMineral),
            json.value("arm_lean", d.armLean),
            json.value("leg_lean", d.legLean),
            json.value("trunk_lean", d.trunkLean),
            json.value("arm_fat", d.armFat),
            json.value("leg_fat", d.legFat),
            json.value("trunk_fat", d.trunkFat),
            json.value("model", d.model)};
}

Json limitsJson(const dxa::ScanLimits& limits) {
    return {{"printed_unit_kg", limits.printedUnit},
            {"scale_look", limits.scaleLook},
            {"scale_repeat", limits.scaleRepeat},
            {"sides_look", limits.sidesLook},
            {"sides_cut", limits.sidesCut}};
}
dxa::ScanLimits limitsFrom(const Json& json) {
    const dxa::ScanLimits d;
    return {json.value("printed_unit_kg", d.printedUnit), json.value("scale_look", d.scaleLook),
            json.value("scale_repeat", d.scaleRepeat), json.value("sides_look", d.sidesLook),
            json.value("sides_cut", d.sidesCut)};
}

FatConvention conventionFrom(const Json& json) {
    const std::string text = json.value("fat_convention", "whole-mass");
    if (text != "whole-mass" && text != "soft-tissue")
        throw Json::other_error::create(501, "fat_convention must be whole-mass or soft-tissue", &json);
    return text == "whole-mass" ? FatConvention::WholeMass : FatConvention::SoftTissue;
}

BalanceThreshold balanceFrom(const Json& json) {
    const std::string unit = json.at("unit").get<std::string>();
    if (unit != "kg" && unit != "lb" && unit != "%")
        throw Json::other_error::create(501, "the unit of the balance must be kg, lb or %", &json);
    const double factor = unit == "lb" ? kilogramsPerPound : 1.0;
    return {unit == "%" ? BalanceThreshold::Kind::Percent : BalanceThreshold::Kind::Mass,
            factor * json.at("arms").get<double>(), factor * json.at("legs").get<double>()};
}

std::optional<Problem> problemWith(const DxaPolicy& policy, const std::string& where) {
    const ScanPrecision& p = policy.precision;
    for (const double error : {p.fat, p.lean, p.leastFat.value(), p.mass, p.boneMineral, p.armLean, p.legLean,
                               p.trunkLean, p.armFat, p.legFat, p.trunkFat, p.model})
        if (!(error > 0.0 && error < 0.5))
            return wrongPolicy({FUSAIN_TEXT("Errors of a scan are above zero and below one half."), {}}, where);
    if (!(policy.phantomTolerance.value() > 0.0 && policy.dosePerScan.value() >= 0.0 &&
          policy.yearlyDose.value() >= 0.0 && policy.yearlyDoseOfMinors.value() >= 0.0 &&
          policy.tableLimit.value() > 50.0 && policy.limits.printedUnit > 0.0 && policy.balance.arms > 0.0 &&
          policy.balance.legs > 0.0))
        return wrongPolicy(
            {FUSAIN_TEXT(
                 "Tolerances, doses and limits of a scan must be above zero, and the table limit above 50 kg."),
             {}},
            where);
    return std::nullopt;
}

} // namespace

Json toJson(const DxaPolicy& policy) {
    const bool percent = policy.balance.kind == BalanceThreshold::Kind::Percent;
    Json json = methodPolicyJson(policy, ScanMethod::id);
    json.update(
        {{"scanner", toJson(policy.scanner)},
         {"fat_convention", policy.convention == FatConvention::WholeMass ? "whole-mass" : "soft-tissue"},
         {"precision", precisionJson(policy.precision)},
         {"limits", limitsJson(policy.limits)},
         {"balance",
          {{"unit", percent ? "%" : "kg"}, {"arms", policy.balance.arms}, {"legs", policy.balance.legs}}},
         {"phantom_tolerance_percent", policy.phantomTolerance.value()},
         {"dose_per_scan_usv", policy.dosePerScan.value()},
         {"yearly_dose_usv", policy.yearlyDose.value()},
         {"yearly_dose_minors_usv", policy.yearlyDoseOfMinors.value()},
         {"table_limit_kg", policy.tableLimit.value()}});
    return json;
}

Expected<DxaPolicy> dxaPolicyFromJson(const Json& json, const std::string& where) {
    auto policy = readDocument(where, [&] {
        DxaPolicy p;
        readMethodPolicy(json, p);
        if (json.contains("scanner"))
            p.scanner = scannerSetupFromJson(json.at("scanner"));
        p.convention = conventionFrom(json);
        if (json.contains("precision"))
            p.precision = precisionFrom(json.at("precision"));
        if (json.contains("limits"))
            p.limits = limitsFrom(json.at("limits"));
        if (json.contains("balance"))
            p.balance = balanceFrom(json.at("balance"));
        p.phantomTolerance = Percent(json.value("phantom_tolerance_percent", p.phantomTolerance.value()));
        p.dosePerScan = Microsieverts(json.value("dose_per_scan_usv", p.dosePerScan.value()));
        p.yearlyDose = Microsieverts(json.value("yearly_dose_usv", p.yearlyDose.value()));
        p.yearlyDoseOfMinors =
            Microsieverts(json.value("yearly_dose_minors_usv", p.yearlyDoseOfMinors.value()));
        p.tableLimit = Kilograms(json.value("table_limit_kg", p.tableLimit.value()));
        return p;
    });
    if (policy)
        if (auto problem = problemWith(*policy, where))
            return tl::unexpected(*problem);
    return policy;
}

} // namespace fusain
