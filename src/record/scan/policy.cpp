#include "record/scan/policy.hpp"

#include "record/method/policy_fields.hpp"
#include "record/scan/method.hpp"
#include "record/scan/record_fields.hpp"

namespace fusain {
namespace {

using dxa::BalanceThreshold;
using dxa::FatConvention;
using dxa::ScanPrecision;

// Errors of a scan are fractions, but for the least error of fat.
constexpr Limits errorLimits{0.0, 0.5, true};

const Fields<ScanPrecision>& precisionFields() {
    using P = ScanPrecision;
    static const auto fields =
        Fields<P>("precision of a scan")
            .optional("fat", &P::fat, "fraction, whole body", errorLimits)
            .optional("lean", &P::lean, "fraction, whole body", errorLimits)
            .optional("least_fat_kg", &P::leastFat, "where there is little fat", errorLimits)
            .optional("mass", &P::mass, "fraction", errorLimits)
            .optional("bone_mineral", &P::boneMineral, "fraction", errorLimits)
            .optional("arm_lean", &P::armLean, "fraction", errorLimits)
            .optional("leg_lean", &P::legLean, "fraction", errorLimits)
            .optional("trunk_lean", &P::trunkLean, "fraction", errorLimits)
            .optional("arm_fat", &P::armFat, "fraction", errorLimits)
            .optional("leg_fat", &P::legFat, "fraction", errorLimits)
            .optional("trunk_fat", &P::trunkFat, "fraction", errorLimits)
            .optional("model", &P::model, "fraction, between persons", errorLimits);
    return fields;
}

const Fields<dxa::ScanLimits>& limitFields() {
    using L = dxa::ScanLimits;
    static const auto fields =
        Fields<L>("limits of a scan")
            .optional("printed_unit_kg", &L::printedUnit, "last digit of the densitometer's sums",
                      aboveUpTo(0.0, 1.0))
            .optional("scale_look", &L::scaleLook, "fraction of the scale's mass: look", aboveUpTo(0.0, 1.0))
            .optional("scale_repeat", &L::scaleRepeat, "fraction of the scale's mass: repeat",
                      aboveUpTo(0.0, 1.0))
            .optional("sides_look", &L::sidesLook, "fraction between the sides: look", aboveUpTo(0.0, 1.0))
            .optional("sides_cut", &L::sidesCut, "fraction between the sides: cut off", aboveUpTo(0.0, 1.0));
    return fields;
}

/// A threshold as it is written: a policy may state pounds.
struct WrittenBalance {
    enum class Unit { Kilograms, Pounds, Percent };
    Unit unit = Unit::Kilograms;
    double arms = 0.0, legs = 0.0;
};
constexpr Named<WrittenBalance::Unit> balanceUnits[] = {{"kg", WrittenBalance::Unit::Kilograms},
                                                        {"lb", WrittenBalance::Unit::Pounds},
                                                        {"%", WrittenBalance::Unit::Percent}};

const Fields<WrittenBalance>& balanceFields() {
    static const auto fields =
        Fields<WrittenBalance>("threshold between sides")
            .word("unit", &WrittenBalance::unit, balanceUnits, "of both numbers")
            .required("arms", &WrittenBalance::arms, "notable in this lab", aboveUpTo(0.0, 100.0))
            .required("legs", &WrittenBalance::legs, "notable in this lab", aboveUpTo(0.0, 100.0));
    return fields;
}

} // namespace

template <>
struct FieldValue<BalanceThreshold> {
    static constexpr std::string_view holds = "threshold between sides";
    static std::vector<FieldNote> inner() { return balanceFields().notes(); }
    static BalanceThreshold read(const Json& json, const FieldNote&) {
        const WrittenBalance written = balanceFields().read(json);
        const double factor = written.unit == WrittenBalance::Unit::Pounds ? kilogramsPerPound : 1.0;
        return {written.unit == WrittenBalance::Unit::Percent ? BalanceThreshold::Kind::Percent
                                                              : BalanceThreshold::Kind::Mass,
                factor * written.arms, factor * written.legs};
    }
    static Json write(const BalanceThreshold& balance) {
        const bool percent = balance.kind == BalanceThreshold::Kind::Percent;
        return balanceFields().write({percent ? WrittenBalance::Unit::Percent : WrittenBalance::Unit::Kilograms,
                                      balance.arms, balance.legs});
    }
};

namespace {

constexpr Named<FatConvention> conventions[] = {{"whole-mass", FatConvention::WholeMass},
                                                {"soft-tissue", FatConvention::SoftTissue}};

const Fields<DxaPolicy>& policyFields() {
    using Policy = DxaPolicy;
    static const auto fields =
        Fields<Policy>("policy of a scan")
            .with(methodPolicyFields(ScanMethod::id))
            .part("scanner", &Policy::scanner, scannerSetupFields(), "that this lab has", Presence::Optional)
            .word("fat_convention", &Policy::convention, conventions, "what % fat is of", Presence::Optional)
            .part("precision", &Policy::precision, precisionFields(), "standard errors", Presence::Optional)
            .part("limits", &Policy::limits, limitFields(), "of the rules of a scan", Presence::Optional)
            .optional("balance", &Policy::balance, "a difference of the sides that is notable")
            .optional("phantom_tolerance_percent", &Policy::phantomTolerance, "of the morning's phantom",
                      aboveUpTo(0.0, 50.0))
            .optional("dose_per_scan_usv", &Policy::dosePerScan, "effective dose", between(0.0, 10000.0))
            .optional("yearly_dose_usv", &Policy::yearlyDose, "of an adult, at most", between(0.0, 10000.0))
            .optional("yearly_dose_minors_usv", &Policy::yearlyDoseOfMinors, "at most", between(0.0, 10000.0))
            .optional("table_limit_kg", &Policy::tableLimit, "of a person on the table",
                      aboveUpTo(50.0, 500.0));
    return fields;
}

} // namespace

Json toJson(const DxaPolicy& policy) {
    return policyFields().write(policy);
}

Expected<DxaPolicy> dxaPolicyFromJson(const Json& json, const std::string& where) {
    return readPolicy(json, where, policyFields(),
                      [](const DxaPolicy&, const std::string&) { return std::optional<Problem>(); });
}

DocumentKind dxaPolicyKind() {
    return {"Policy of a scan", policyFields().notes()};
}

} // namespace fusain
