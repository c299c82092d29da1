#include "exchange/base/series_csv.hpp"

#include "core/units/format.hpp"

#include <fmt/format.h>

namespace fusain::exchange {
namespace {

constexpr std::size_t mostSamples = 2'000'000;

std::string_view takeLine(std::string_view& text) {
    const auto end = text.find('\n');
    std::string_view line = text.substr(0, end);
    text.remove_prefix(end == std::string_view::npos ? text.size() : end + 1);
    if (line.ends_with('\r'))
        line.remove_suffix(1);
    return line;
}

std::string joined(std::span<const std::string_view> columns, char separator) {
    std::string header;
    for (const std::string_view column : columns)
        header += (header.empty() ? "" : std::string(1, separator)) + std::string(column);
    return header;
}

} // namespace

Expected<std::vector<std::vector<double>>> seriesFromCsv(std::string_view text, const std::string& where,
                                                         std::span<const std::string_view> columns) {
    const std::string wanted = joined(columns, ',');
    const auto bad = [&](std::size_t line, std::size_t column, Message what) {
        return failure(std::move(what), fmt::format("{}, line {}, column {}", where, line, column),
                       {FUSAIN_TEXT("Export it again: {1}."), {wanted}},
                       {FUSAIN_TEXT("Nothing was loaded."), {}});
    };
    if (text.starts_with("\xEF\xBB\xBF"))
        text.remove_prefix(3);
    if (text.starts_with("\xFF\xFE") || text.starts_with("\xFE\xFF"))
        return bad(1, 1, {FUSAIN_TEXT("The file is in UTF-16; save it as UTF-8."), {}});
    const std::string_view header = takeLine(text);
    const char separator = header.find(';') == std::string_view::npos ? ',' : ';';
    if (header != joined(columns, separator))
        return bad(1, 1, {FUSAIN_TEXT("The first line must be {1}."), {wanted}});
    std::vector<std::vector<double>> rows;
    for (std::size_t number = 2; !text.empty(); ++number) {
        std::string_view line = takeLine(text);
        if (line.empty())
            continue;
        std::vector<double> row;
        for (std::size_t column = 0; column < columns.size(); ++column) {
            const auto end = line.find(separator);
            const bool last = column + 1 == columns.size();
            const auto value = parseTyped(line.substr(0, last ? line.size() : end));
            if (!value)
                return bad(number, column + 1,
                           {FUSAIN_TEXT("{1} must be a number."), {std::string(columns[column])}});
            if (!last && end == std::string_view::npos)
                return bad(number, column + 2,
                           {FUSAIN_TEXT("{1} must be a number."), {std::string(columns[column + 1])}});
            if (column == 0 && !rows.empty() && *value <= rows.back().front())
                return bad(number, 1, {FUSAIN_TEXT("The time must be a number and rise."), {}});
            row.push_back(*value);
            line.remove_prefix(last ? line.size() : end + 1);
        }
        if (rows.size() >= mostSamples)
            return bad(number, 1, {FUSAIN_TEXT("More than two million samples: this is not one trial."), {}});
        rows.push_back(std::move(row));
    }
    if (rows.empty())
        return bad(2, 1, {FUSAIN_TEXT("There are no samples in it."), {}});
    return rows;
}

} // namespace fusain::exchange
