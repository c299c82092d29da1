#include "exchange/impedance/calibration_csv.hpp"

#include "core/units/format.hpp"
#include "exchange/base/csv_table.hpp"

#include <fmt/format.h>

namespace fusain::exchange {
namespace {

// Rows of numbers under the wanted columns, in their order.
Expected<std::vector<std::vector<double>>> numbersUnder(std::string_view text, const std::string& where,
                                                        const std::vector<std::string>& wanted) {
    const auto table = tableFromCsv(text, where);
    if (!table)
        return tl::unexpected(table.error());
    std::vector<std::size_t> columns;
    for (const std::string& name : wanted) {
        const auto column = table->column(name);
        if (!column)
            return failure({FUSAIN_TEXT("The column \"{1}\" is missing."), {name}}, where,
                           {FUSAIN_TEXT("See docs/formats/impedance-csv.md."), {}});
        columns.push_back(*column);
    }
    std::vector<std::vector<double>> rows;
    for (const CsvTable::Row& row : table->rows) {
        rows.emplace_back();
        for (std::size_t i = 0; i < columns.size(); ++i) {
            const auto value = parseTyped(row.cells[columns[i]]);
            if (!value || !(*value > 0.0))
                return failure({FUSAIN_TEXT("{1} must be a number above zero."), {wanted[i]}},
                               fmt::format("{}, line {}", where, row.line), {},
                               {FUSAIN_TEXT("Nothing was loaded."), {}});
            rows.back().push_back(*value);
        }
    }
    return rows;
}

} // namespace

Expected<std::vector<impedance::PairedReading>> pairsFromCsv(std::string_view text, const std::string& where) {
    const auto rows = numbersUnder(text, where, {"contact_ohm", "gel_ohm"});
    if (!rows)
        return tl::unexpected(rows.error());
    std::vector<impedance::PairedReading> pairs;
    for (const auto& row : *rows)
        pairs.push_back({Ohms(row[0]), Ohms(row[1])});
    return pairs;
}

Expected<std::vector<impedance::CalibrationCase>> calibrationCasesFromCsv(std::string_view text,
                                                                          const std::string& where) {
    std::vector<std::string> wanted{"height_cm"};
    for (const char* part : {"r/", "lean/"})
        for (const impedance::Segment segment : impedance::bodySegments)
            wanted.push_back(part + std::string(impedance::segmentKey(segment)));
    const auto rows = numbersUnder(text, where, wanted);
    if (!rows)
        return tl::unexpected(rows.error());
    std::vector<impedance::CalibrationCase> cases;
    for (const auto& row : *rows) {
        impedance::CalibrationCase each;
        each.height = metresFromCentimetres(row[0]);
        for (std::size_t i = 0; i < impedance::bodySegments.size(); ++i) {
            each.resistances[impedance::bodySegments[i]] = Ohms(row[1 + i]);
            each.lean[impedance::bodySegments[i]] = Kilograms(row[1 + impedance::bodySegments.size() + i]);
        }
        cases.push_back(std::move(each));
    }
    return cases;
}

} // namespace fusain::exchange
