#pragma once
#include "record/impedance/policy.hpp"
#include "record/impedance/record.hpp"

namespace fusain {

/// The impedance analyzer on the floor of records: what it is called, what it keeps, and what the lab decides
/// about it.
struct ImpedanceMethod {
    static constexpr std::string_view id = "impedance";
    static constexpr std::string_view title = FUSAIN_TEXT("impedance"); ///< marked for translation
    /// Whose lane it fills on a day, where a lab has not planned it.
    static constexpr std::string_view lane = "analyzer";
    using Record = ImpedanceTest;
    using Policy = ImpedancePolicy;

    [[nodiscard]] static Expected<Record> recordFromJson(const Json& json, const std::string& where) {
        return impedanceTestFromJson(json, where);
    }
    [[nodiscard]] static Expected<Policy> policyFromJson(const Json& json, const std::string& where) {
        return impedancePolicyFromJson(json, where);
    }
    /// The readings that are taken several times.
    [[nodiscard]] static const auto& readings(const Record& record) { return record.sweeps; }
    /// The mass of the client in air, once it is read; kg.
    [[nodiscard]] static const std::optional<Reading>& mass(const Record& record) { return record.mass; }
    /// Catalogue ids of the equations that a policy has chosen.
    [[nodiscard]] static std::vector<std::string> equations(const Policy& policy) {
        return {policy.adultFatFreeMass, policy.childFatFreeMass, policy.bodyWater,
                policy.skeletalMuscle,   policy.limbLean,         policy.limbLeanOlder};
    }
};

} // namespace fusain
