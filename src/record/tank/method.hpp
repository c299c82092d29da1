#pragma once
#include "record/tank/policy.hpp"
#include "record/tank/record.hpp"

namespace fusain {

/// Underwater weighing on the floor of records: what it is called, what it keeps, and what the lab decides
/// about it.
struct TankMethod {
    static constexpr std::string_view id = "hydrostatic";
    static constexpr std::string_view title = FUSAIN_TEXT("underwater weighing"); ///< marked for translation
    /// Whose lane it fills on a day, where a lab has not planned it.
    static constexpr std::string_view lane = "tank";
    using Record = HydrostaticTest;
    using Policy = HydrostaticPolicy;

    [[nodiscard]] static Expected<Record> recordFromJson(const Json& json, const std::string& where) {
        return hydrostaticTestFromJson(json, where);
    }
    [[nodiscard]] static Expected<Policy> policyFromJson(const Json& json, const std::string& where) {
        return hydrostaticPolicyFromJson(json, where);
    }
    /// The readings that are taken several times.
    [[nodiscard]] static const auto& readings(const Record& record) { return record.trials; }
    /// The mass of the client in air, once it is read; kg.
    [[nodiscard]] static const std::optional<Reading>& mass(const Record& record) { return record.dryMass; }
    /// Catalogue ids of the equations that a policy has chosen.
    [[nodiscard]] static std::vector<std::string> equations(const Policy& policy) {
        return {policy.adultConversion, policy.childConversion, policy.residualVolumeEquation};
    }
};

} // namespace fusain
