#pragma once
#include "record/girth/policy.hpp"
#include "record/girth/record.hpp"

namespace fusain {

/// Girths with a tape on the floor of records.
struct GirthMethod {
    static constexpr std::string_view id = "girths";
    static constexpr std::string_view title = FUSAIN_TEXT("girths with a tape"); ///< marked for translation
    /// Whose lane it fills on a day, where a lab has not planned it.
    static constexpr std::string_view lane = "tape";
    using Record = GirthTest;
    using Policy = GirthPolicy;

    [[nodiscard]] static Expected<Record> recordFromJson(const Json& json, const std::string& where) {
        return girthTestFromJson(json, where);
    }
    [[nodiscard]] static Expected<Policy> policyFromJson(const Json& json, const std::string& where) {
        return girthPolicyFromJson(json, where);
    }
    /// The readings that are taken several times.
    [[nodiscard]] static const auto& readings(const Record& record) { return record.girths; }
    /// The mass of the client in air, once it is read; kg.
    [[nodiscard]] static const std::optional<Reading>& mass(const Record& record) { return record.mass; }
    /// No equation of the catalogue: a girth is read, and its ratios are quotients.
    [[nodiscard]] static std::vector<std::string> equations(const Policy&) { return {}; }
};

} // namespace fusain
