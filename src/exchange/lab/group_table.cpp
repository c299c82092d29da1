#include "exchange/lab/group_table.hpp"

#include "core/numeric/statistics.hpp"
#include "core/units/format.hpp"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>
#include <xlsxwriter.h>

namespace fusain::exchange {
namespace {

struct Column {
    const char* name;
    std::optional<double> GroupRow::*value;
    int decimals;
};
constexpr std::array columns{Column{"fat_percent", &GroupRow::fatPercent, 1},
                             Column{"fat_free_mass_index_kg_m2", &GroupRow::fatFreeMassIndex, 1},
                             Column{"phase_angle_deg", &GroupRow::phaseAngle, 2},
                             Column{"body_water_l", &GroupRow::bodyWater, 1}};

} // namespace

GroupRow groupRow(const ComputedTest& test) {
    GroupRow row{test.record().subject.sex,
                 static_cast<int>(std::floor(test.record().subject.age.value())),
                 {},
                 {},
                 {},
                 {}};
    if (const auto* composition = test.composition()) {
        row.fatPercent = composition->fatPercent.estimate().value();
        row.fatFreeMassIndex = composition->fatFreeMassIndex.estimate().value();
    }
    const auto ofImpedance = [&](const ImpedanceResult& impedance) {
        if (impedance.phaseAngle)
            row.phaseAngle = impedance.phaseAngle->estimate().value();
        if (impedance.bodyWater)
            row.bodyWater = impedance.bodyWater->estimate().value();
    };
    std::visit(Overloaded{ofImpedance, [](const DensityResult&) {}, [](const DxaResult&) {},
                          [](const GirthResult&) {}},
               test.result);
    return row;
}

void hideOrder(std::vector<GroupRow>& rows) {
    std::ranges::stable_sort(rows, [](const GroupRow& a, const GroupRow& b) {
        return a.sex != b.sex ? a.sex < b.sex : a.fatPercent.value_or(0.0) < b.fatPercent.value_or(0.0);
    });
}

std::string groupToCsv(const std::vector<GroupRow>& rows) {
    std::string text = "sex,age_y";
    for (const Column& column : columns)
        text += std::string(",") + column.name;
    text += '\n';
    for (const GroupRow& row : rows) {
        text += fmt::format("{},{}", sexText(row.sex), row.age);
        for (const Column& column : columns)
            text +=
                row.*(column.value) ? fmt::format(",{:.{}f}", *(row.*(column.value)), column.decimals) : ",";
        text += '\n';
    }
    return text;
}

GroupSummary summaryOf(const std::vector<GroupRow>& rows, std::optional<double> GroupRow::*value) {
    std::vector<double> values;
    for (const GroupRow& row : rows)
        if (row.*value)
            values.push_back(*(row.*value));
    if (values.empty())
        return {};
    const auto [least, most] = std::ranges::minmax(values);
    return {static_cast<int>(values.size()), least, statistics::median(values), most};
}

Expected<void> groupToXlsx(const std::vector<GroupRow>& rows, const std::string& path) {
    lxw_workbook* book = workbook_new(path.c_str());
    if (!book)
        return failure({FUSAIN_TEXT("The workbook could not be made."), {}}, path);
    lxw_worksheet* sheet = workbook_add_worksheet(book, "group");
    worksheet_write_string(sheet, 0, 0, "sex", nullptr);
    worksheet_write_string(sheet, 0, 1, "age_y", nullptr);
    for (std::size_t c = 0; c < columns.size(); ++c)
        worksheet_write_string(sheet, 0, static_cast<lxw_col_t>(c + 2), columns[c].name, nullptr);
    for (std::size_t r = 0; r < rows.size(); ++r) {
        const auto line = static_cast<lxw_row_t>(r + 1);
        worksheet_write_string(sheet, line, 0, std::string(sexText(rows[r].sex)).c_str(), nullptr);
        worksheet_write_number(sheet, line, 1, rows[r].age, nullptr);
        for (std::size_t c = 0; c < columns.size(); ++c)
            if (const auto& value = rows[r].*(columns[c].value))
                worksheet_write_number(sheet, line, static_cast<lxw_col_t>(c + 2), *value, nullptr);
    }
    lxw_worksheet* summary = workbook_add_worksheet(book, "summary");
    for (const auto& [column, name] : {std::pair(0, "quantity"), std::pair(1, "count"), std::pair(2, "least"),
                                       std::pair(3, "median"), std::pair(4, "most")})
        worksheet_write_string(summary, 0, static_cast<lxw_col_t>(column), name, nullptr);
    for (std::size_t c = 0; c < columns.size(); ++c) {
        const GroupSummary found = summaryOf(rows, columns[c].value);
        const auto line = static_cast<lxw_row_t>(c + 1);
        worksheet_write_string(summary, line, 0, columns[c].name, nullptr);
        worksheet_write_number(summary, line, 1, found.count, nullptr);
        for (const auto& [column, value] :
             {std::pair(2, found.least), std::pair(3, found.median), std::pair(4, found.most)})
            worksheet_write_number(summary, line, static_cast<lxw_col_t>(column), value, nullptr);
    }
    if (workbook_close(book) != LXW_NO_ERROR)
        return failure({FUSAIN_TEXT("The workbook could not be written."), {}}, path,
                       {FUSAIN_TEXT("Make room on the disk, or choose another folder."), {}});
    return {};
}

} // namespace fusain::exchange
