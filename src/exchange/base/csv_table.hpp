#pragma once
#include "core/base/problem.hpp"

#include <optional>
#include <vector>

namespace fusain::exchange {

/// A table of text cells with a header: commas, semicolons or tabs, quoted cells, a byte-order mark, either
/// line end.
struct CsvTable {
    std::vector<std::string> header;
    struct Row {
        std::size_t line = 0; ///< in the file, counted from 1
        std::vector<std::string> cells;
    };
    std::vector<Row> rows;
    std::string encoding; ///< that the bytes were in: "UTF-8", "UTF-16" or "WINDOWS-1252"
    [[nodiscard]] std::optional<std::size_t> column(std::string_view name) const;
};

/// @return a Problem for an empty text, another encoding, a quote that never closes, or a last row that is cut
/// off
[[nodiscard]] Expected<CsvTable> tableFromCsv(std::string_view text, const std::string& where);

/// A cell that is safe in a table: quoted where it has to be.
[[nodiscard]] std::string csvCell(const std::string& asIs);

} // namespace fusain::exchange
