#pragma once
#include "exchange/base/line_batch.hpp"
#include "procedure/impedance/result.hpp"

namespace fusain::exchange {

/// Computes a table of impedance readings, one row a person, in constant memory.
///
/// Columns, in any order, named in the first line: id, sex, age_y, height_cm, mass_kg, and readings named as in
/// an import mapping: "r/whole-body/50", "xc/whole-body/50", "z/trunk/250" … A row that cannot be computed is
/// reported and left out; the rest goes on. docs/formats/impedance-csv.md
class ImpedanceBatch : public LineBatch {
public:
    ImpedanceBatch(const ImpedancePolicy& policy, std::string where, Write write, Complain complain);

    static constexpr std::string_view outputHeader =
        "id,"
        "fat_free_mass_kg,fat_free_mass_kg_repeatability_se,fat_free_mass_kg_lsc95,fat_free_mass_kg_ci95_low,"
        "fat_free_mass_kg_ci95_high,fat_percent,body_water_l,skeletal_muscle_kg,phase_angle_deg,r0_"
        "ohm,r0_se,"
        "rinf_ohm,rinf_se,extracellular_l,intracellular_l,arc,signal,flags\n";

private:
    [[nodiscard]] Expected<std::string> rowOf(const CsvTable& row) override;
    const ImpedancePolicy& policy_;
};

} // namespace fusain::exchange
