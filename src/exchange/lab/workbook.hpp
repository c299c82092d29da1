#pragma once
#include "exchange/base/csv_table.hpp"

namespace fusain::exchange {

/// Writes a table as a workbook of one sheet: cells that are numbers as numbers, all others as text.
/// @return a Problem when it cannot be written
[[nodiscard]] Expected<void> tableToXlsx(const CsvTable& table, const std::string& sheet,
                                         const std::string& path);

} // namespace fusain::exchange
