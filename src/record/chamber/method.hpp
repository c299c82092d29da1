#pragma once
#include "record/chamber/policy.hpp"
#include "record/chamber/record.hpp"

namespace fusain {

/// Air displacement on the floor of records: what it is called, what it keeps, and what the lab decides about
/// it.
struct ChamberMethod {
    static constexpr std::string_view id = "air-displacement";
    static constexpr std::string_view title = FUSAIN_TEXT("air displacement"); ///< marked for translation
    /// Whose lane it fills on a day, where a lab has not planned it.
    static constexpr std::string_view lane = "chamber";
    using Record = ChamberTest;
    using Policy = ChamberPolicy;

    [[nodiscard]] static Expected<Record> recordFromJson(const Json& json, const std::string& where) {
        return chamberTestFromJson(json, where);
    }
    [[nodiscard]] static Expected<Policy> policyFromJson(const Json& json, const std::string& where) {
        return chamberPolicyFromJson(json, where);
    }
    /// The readings that are taken several times.
    [[nodiscard]] static const auto& readings(const Record& record) { return record.trials; }
    /// The mass of the client in air, once it is read; kg.
    [[nodiscard]] static const std::optional<Reading>& mass(const Record& record) { return record.mass; }
    /// Catalogue ids of the equations that a policy has chosen.
    [[nodiscard]] static std::vector<std::string> equations(const Policy& policy) {
        return {policy.adultConversion, policy.childConversion};
    }
};

} // namespace fusain
