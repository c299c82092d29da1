#include "exchange/lab/quality_csv.hpp"

#include "core/units/format.hpp"

#include <fmt/format.h>

namespace fusain::exchange {
namespace {

std::string quoted(const std::string& text) {
    std::string result = text.find_first_of("=+-@\t\r") == 0 ? "\"'" : "\""; // no formula of a spreadsheet
    for (const char c : text) {
        if (c == '"')
            result += '"';
        result += c == '\n' ? ' ' : c;
    }
    return result + '"';
}

std::vector<std::string_view> cellsOf(std::string_view line, char separator) {
    std::vector<std::string_view> cells;
    while (true) {
        const auto end = line.find(separator);
        cells.push_back(line.substr(0, end));
        if (end == std::string_view::npos)
            return cells;
        line.remove_prefix(end + 1);
    }
}

} // namespace

std::string checksToCsv(std::span<const Check> checks) {
    std::string text = "at,instrument,check,nominal,mean,error,passed,by,note,readings\n";
    for (const Check& check : checks) {
        std::string readings;
        for (const double reading : check.readings)
            readings += fmt::format("{}{}", readings.empty() ? "" : " ", reading);
        text += fmt::format("{},{},{},{},{},{},{},{},{},{}\n", isoText(check.at), check.instrument, check.kind,
                            check.nominal, check.reading, check.error(), check.passed ? "yes" : "no",
                            quoted(check.by), quoted(check.note), readings);
    }
    return text;
}

Expected<std::vector<std::vector<double>>> studyFromCsv(std::string_view text, const std::string& where) {
    if (text.starts_with("\xEF\xBB\xBF"))
        text.remove_prefix(3);
    const char separator = text.substr(0, text.find('\n')).find(';') == std::string_view::npos ? ',' : ';';
    std::vector<std::vector<double>> people;
    for (int number = 1; !text.empty(); ++number) {
        const auto end = text.find('\n');
        std::string_view line = text.substr(0, end);
        text.remove_prefix(end == std::string_view::npos ? text.size() : end + 1);
        if (line.ends_with('\r'))
            line.remove_suffix(1);
        if (line.empty())
            continue;
        std::vector<double> repeats;
        int column = 0;
        bool header = false;
        for (const std::string_view cell : cellsOf(line, separator)) {
            ++column;
            if (cell.empty())
                continue;
            const auto value = parseTyped(cell);
            header = header || (!value && number == 1);
            if (!value && !header)
                return failure({FUSAIN_TEXT("\"{1}\" is not a number."), {std::string(cell.substr(0, 40))}},
                               fmt::format("{}, line {}, column {}", where, number, column),
                               {FUSAIN_TEXT("One person a line, the repeats in its cells."), {}},
                               {FUSAIN_TEXT("Nothing was loaded."), {}});
            if (value)
                repeats.push_back(*value);
        }
        if (header)
            continue;
        if (repeats.size() < 2)
            return failure({FUSAIN_TEXT("A person needs at least two repeats."), {}},
                           fmt::format("{}, line {}", where, number), {},
                           {FUSAIN_TEXT("Nothing was loaded."), {}});
        people.push_back(std::move(repeats));
    }
    if (people.empty())
        return failure({FUSAIN_TEXT("There are no people in it."), {}}, where);
    return people;
}

} // namespace fusain::exchange
