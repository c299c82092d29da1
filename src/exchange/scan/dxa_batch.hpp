#pragma once
#include "exchange/base/line_batch.hpp"
#include "record/scan/policy.hpp"

namespace fusain::exchange {

/// Computes a table of scans, one row a person: whole-body fat, lean and bone mineral with their figures, and
/// the indices of the limbs where they are given. docs/formats/scan.md
class DxaBatch : public LineBatch {
public:
    DxaBatch(const DxaPolicy& policy, std::string where, Write write, Complain complain);

    static constexpr std::string_view outputHeader =
        "id,fat_percent,fat_percent_repeatability_se,fat_percent_lsc95,fat_percent_ci95_low,fat_percent_ci95_"
        "high,"
        "fat_mass_kg,fat_mass_kg_repeatability_se,fat_mass_kg_lsc95,fat_mass_kg_ci95_low,fat_mass_kg_ci95_high,"
        "fat_free_mass_kg,fat_free_mass_kg_repeatability_se,fat_free_mass_kg_lsc95,fat_free_mass_kg_ci95_low,"
        "fat_free_mass_kg_ci95_high,limb_lean_index_kg_m2,limb_lean_by_bmi_m2,flags\n";

private:
    [[nodiscard]] Expected<std::string> rowOf(const CsvTable& row) override;
    const DxaPolicy& policy_;
};

} // namespace fusain::exchange
