#pragma once
#include "procedure/impedance/result.hpp"

#include <functional>

namespace fusain::exchange {

/// Computes a table of impedance readings, one row a person, in constant memory.
///
/// Columns, in any order, named in the first line: id, sex, age_y, height_cm, mass_kg, and readings named as in
/// an import mapping: "r/whole-body/50", "xc/whole-body/50", "z/trunk/250" … A row that cannot be computed is
/// reported and left out; the rest goes on. docs/formats/impedance-csv.md
class ImpedanceBatch {
public:
    using Write = std::function<void(std::string_view)>;
    using Complain = std::function<void(const Problem&)>;

    ImpedanceBatch(const ImpedancePolicy& policy, std::string where, Write write, Complain complain);
    /// Takes the next piece of the file, cut anywhere. @return a Problem that ends the whole batch
    [[nodiscard]] Expected<void> add(std::string_view piece);
    [[nodiscard]] Expected<void> finish();
    [[nodiscard]] std::size_t computed() const { return computed_; }
    [[nodiscard]] std::size_t rejected() const { return rejected_; }

    static constexpr std::string_view outputHeader =
        "id,"
        "fat_free_mass_kg,fat_free_mass_kg_repeatability_se,fat_free_mass_kg_lsc95,fat_free_mass_kg_ci95_low,"
        "fat_free_mass_kg_ci95_high,fat_percent,body_water_l,skeletal_muscle_kg,phase_angle_deg,r0_"
        "ohm,r0_se,"
        "rinf_ohm,rinf_se,extracellular_l,intracellular_l,arc,signal,flags\n";

private:
    [[nodiscard]] Expected<void> takeLine(std::string_view line);
    void compute(const ImpedanceTest& test);
    void reject(Problem problem);

    const ImpedancePolicy& policy_;
    std::string where_;
    Write write_;
    Complain complain_;
    std::string pending_, header_;
    std::size_t line_ = 0, computed_ = 0, rejected_ = 0;
};

} // namespace fusain::exchange
