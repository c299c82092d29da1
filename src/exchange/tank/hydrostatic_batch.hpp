#pragma once
#include "record/tank/policy.hpp"

#include <functional>

namespace fusain::exchange {

/// Computes a table of underwater weighings, one row a person, in constant memory.
///
/// Input columns, in any order, named in the first line: id, sex (male or female), age_y, height_cm, mass_kg,
/// gross_kg, tare_kg, water_c, residual_volume_l (empty: predicted by the policy), vital_capacity_l (may be
/// missing altogether). Cells are separated by commas, or by semicolons (then decimal commas are read too); a
/// cell may be quoted. A row that cannot be computed is reported and left out; the rest goes on.
class HydrostaticBatch {
public:
    using Write = std::function<void(std::string_view)>;
    using Complain = std::function<void(const Problem&)>;

    HydrostaticBatch(const HydrostaticPolicy& policy, std::string where, Write write, Complain complain);
    /// Takes the next piece of the file, cut anywhere.
    /// @return a Problem that ends the whole batch: a missing column, or a line longer than 64 kB
    [[nodiscard]] Expected<void> add(std::string_view piece);
    /// Computes what is left after the last line end and writes out.
    [[nodiscard]] Expected<void> finish();
    [[nodiscard]] std::size_t computed() const { return computed_; }
    [[nodiscard]] std::size_t rejected() const { return rejected_; }

    static constexpr std::string_view outputHeader =
        "id,body_density_kg_per_l,body_density_kg_per_l_repeatability_se,body_density_kg_per_l_lsc95,"
        "body_density_kg_per_l_ci95_low,body_density_kg_per_l_ci95_high,fat_percent,"
        "fat_percent_repeatability_se,fat_percent_lsc95,fat_percent_ci95_low,fat_percent_ci95_high,"
        "fat_mass_kg,fat_mass_kg_repeatability_se,fat_mass_kg_lsc95,fat_mass_kg_ci95_low,"
        "fat_mass_kg_ci95_high,fat_free_mass_kg,fat_free_mass_kg_repeatability_se,fat_free_mass_kg_lsc95,"
        "fat_free_mass_kg_ci95_low,fat_free_mass_kg_ci95_high,fat_mass_index_kg_per_m2,"
        "fat_free_mass_index_kg_per_m2,residual_volume_l,residual_volume_how,flags\n";

private:
    enum Column {
        Id,
        SexOf,
        Age,
        Height,
        Mass,
        Gross,
        Tare,
        Water,
        ResidualVolume,
        VitalCapacity,
        ColumnCount
    };
    struct Row;
    [[nodiscard]] Expected<void> takeLine(std::string_view line);
    [[nodiscard]] Expected<void> takeHeader(std::string_view line);
    void takeRow(std::string_view line);
    [[nodiscard]] bool readNumber(std::string_view cell, Column column, double& value);
    void reject(std::string_view column, Message what);
    void compute(const Row& row);

    const HydrostaticPolicy& policy_;
    std::string where_;
    Write write_;
    Complain complain_;
    std::string pending_;
    std::string output_;
    std::vector<int> columnAt_; ///< position in the line → Column, −1 for an unknown one
    char separator_ = ',';
    std::size_t line_ = 0, computed_ = 0, rejected_ = 0;
};

} // namespace fusain::exchange
