#pragma once
#include "exchange/base/csv_table.hpp"
#include "record/base/document_kind.hpp"
#include "record/impedance/record.hpp"

namespace fusain::exchange {

/// Reads one sweep, a reading a line: columns `segment`, `khz`, and `r_ohm` with `xc_ohm`, or `z_ohm` with or
/// without `phase_deg`; `scatter` where it is known. docs/formats/impedance-csv.md
[[nodiscard]] Expected<impedance::Sweep> sweepFromCsv(std::string_view text, const std::string& where);
[[nodiscard]] std::string sweepToCsv(const impedance::Sweep& sweep);

/// What each column of an analyzer's export means: its header, and a target such as "code", "date",
/// "height_cm", "mass_kg", "r/right-arm/50", "xc/whole-body/50", "z/trunk/250", "phase/trunk/250",
/// "reported/fat-percent/%". Columns that are not named are left out.
struct ImportMapping {
    std::map<std::string, std::string> targets;
    double ohms = 1.0; ///< factor to ohms: 1000 for kilohms
};
[[nodiscard]] Json toJson(const ImportMapping& mapping);
[[nodiscard]] Expected<ImportMapping> importMappingFromJson(const Json& json);
[[nodiscard]] DocumentKind importMappingKind();
/// A first mapping, guessed from the headers; to be looked at before it is used.
[[nodiscard]] ImportMapping guessMapping(const std::vector<std::string>& header);
/// True for a target that the import understands, or an empty one.
[[nodiscard]] bool isImportTarget(const std::string& target);

/// One row of an export, read; or why it cannot be.
struct ImportedRow {
    std::size_t line = 0;
    std::string code; ///< of the client
    std::optional<Kilograms> mass;
    std::optional<Metres> height;
    std::optional<Date> date; ///< on which the row was measured
    impedance::Sweep sweep;
    std::vector<ReportedValue> reported;
    std::optional<Problem> problem;
};
/// Reads every row by itself: one that is wrong does not stop the others.
[[nodiscard]] std::vector<ImportedRow> importRows(const CsvTable& table, const ImportMapping& mapping);

} // namespace fusain::exchange
