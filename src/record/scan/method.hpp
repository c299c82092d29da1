#pragma once
#include "record/scan/policy.hpp"
#include "record/scan/record.hpp"

namespace fusain {

/// The densitometer on the floor of records: what it is called, what it keeps, and what the lab decides about
/// it.
struct ScanMethod {
    static constexpr std::string_view id = "dxa";
    static constexpr std::string_view title = FUSAIN_TEXT("densitometer"); ///< marked for translation
    /// Whose lane it fills on a day, where a lab has not planned it.
    static constexpr std::string_view lane = "scanner";
    using Record = DxaTest;
    using Policy = DxaPolicy;

    [[nodiscard]] static Expected<Record> recordFromJson(const Json& json, const std::string& where) {
        return dxaTestFromJson(json, where);
    }
    [[nodiscard]] static Expected<Policy> policyFromJson(const Json& json, const std::string& where) {
        return dxaPolicyFromJson(json, where);
    }
    /// The readings that are taken several times.
    [[nodiscard]] static const auto& readings(const Record& record) { return record.scans; }
    /// The mass of the client in air, once it is read; kg.
    [[nodiscard]] static const std::optional<Reading>& mass(const Record& record) { return record.mass; }
    /// Catalogue ids of the equations that a policy has chosen.
    [[nodiscard]] static std::vector<std::string> equations(const Policy&) {
        return {}; // a scan comes with its compartments
    }
};

} // namespace fusain
