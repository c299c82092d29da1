#pragma once
#include "exchange/base/csv_table.hpp"
#include "record/base/document_kind.hpp"
#include "record/scan/record.hpp"

#include <map>

namespace fusain::exchange {

/// What each column of a densitometer's table means: its header, and a target: "region", "fat", "lean",
/// "bone-mineral", "area", "mass". Columns that are not named are left out.
struct ScanMapping {
    std::map<std::string, std::string> targets;
    double kilograms = 1.0;                     ///< factor to kilograms: 0.001 for grams, 0.45359237 for pounds
    std::map<std::string, std::string> regions; ///< the densitometer's words for our region keys
};
[[nodiscard]] Json toJson(const ScanMapping& mapping);
[[nodiscard]] Expected<ScanMapping> scanMappingFromJson(const Json& json);
[[nodiscard]] DocumentKind scanMappingKind();
/// A first mapping, guessed from the headers and their units; to be looked at before it is used.
[[nodiscard]] ScanMapping guessScanMapping(const CsvTable& table);

/// The mapping as lines that a person can look at and change: `header = target`, `word = region key`, and
/// `unit = kg` (g, lb).
[[nodiscard]] std::string mappingText(const CsvTable& table, const ScanMapping& mapping);
[[nodiscard]] Expected<ScanMapping> scanMappingFromText(std::string_view text);

/// Values that a densitometer reported, one a line: name, number, unit. "t-score.SITE", "z-score.SITE" and
/// "bone-density.SITE" belong to a bone.
struct ReportedScan {
    std::vector<ReportedValue> values;
    std::vector<dxa::ReportedBone> bones;
};
[[nodiscard]] Expected<ReportedScan> reportedScanFromText(std::string_view text);

/// Reads a scan, a region a line. docs/formats/scan.md
/// @return a Problem naming the line: an unknown region, a cell that is no number, a region twice
[[nodiscard]] Expected<dxa::Scan> scanFromTable(const CsvTable& table, const ScanMapping& mapping);
/// The same with a guessed mapping.
[[nodiscard]] Expected<dxa::Scan> scanFromCsv(std::string_view text, const std::string& where);
[[nodiscard]] std::string scanToCsv(const dxa::Scan& scan);

} // namespace fusain::exchange
