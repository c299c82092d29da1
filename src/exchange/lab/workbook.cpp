#include "exchange/lab/workbook.hpp"

#include "core/units/format.hpp"

#include <xlsxwriter.h>

namespace fusain::exchange {

Expected<void> tableToXlsx(const CsvTable& table, const std::string& sheetName, const std::string& path) {
    lxw_workbook* book = workbook_new(path.c_str());
    if (!book)
        return failure({FUSAIN_TEXT("The workbook could not be made."), {}}, path);
    lxw_worksheet* sheet = workbook_add_worksheet(book, sheetName.c_str());
    for (std::size_t column = 0; column < table.header.size(); ++column)
        worksheet_write_string(sheet, 0, static_cast<lxw_col_t>(column), table.header[column].c_str(), nullptr);
    for (std::size_t row = 0; row < table.rows.size(); ++row)
        for (std::size_t column = 0; column < table.rows[row].cells.size(); ++column) {
            const std::string& cell = table.rows[row].cells[column];
            const auto line = static_cast<lxw_row_t>(row + 1);
            const auto place = static_cast<lxw_col_t>(column);
            if (const auto number = parseTyped(cell))
                worksheet_write_number(sheet, line, place, *number, nullptr);
            else
                worksheet_write_string(sheet, line, place, cell.c_str(), nullptr);
        }
    if (workbook_close(book) != LXW_NO_ERROR)
        return failure({FUSAIN_TEXT("The workbook could not be written."), {}}, path,
                       {FUSAIN_TEXT("Make room on the disk, or choose another folder."), {}});
    return {};
}

} // namespace fusain::exchange
