#include "exchange/base/csv_table.hpp"

#include <algorithm>
#include <fmt/format.h>
#include <iconv.h>
#include <optional>

namespace fusain::exchange {
namespace {

// Cuts one record off the text; a quoted cell may hold separators and line ends.
std::optional<std::vector<std::string>> takeRecord(std::string_view& text, char separator, std::size_t& line) {
    std::vector<std::string> cells(1);
    bool quoted = false;
    std::size_t i = 0;
    for (; i < text.size(); ++i) {
        const char c = text[i];
        if (quoted) {
            if (c == '"' && i + 1 < text.size() && text[i + 1] == '"') {
                cells.back() += '"';
                ++i;
            } else if (c == '"') {
                quoted = false;
            } else {
                line += c == '\n';
                cells.back() += c;
            }
        } else if (c == '"') {
            quoted = true;
        } else if (c == separator) {
            cells.emplace_back();
        } else if (c == '\n') {
            ++i;
            break;
        } else if (c != '\r') {
            cells.back() += c;
        }
    }
    text.remove_prefix(i);
    ++line;
    return quoted ? std::nullopt : std::optional(cells);
}

char separatorOf(std::string_view header) {
    const auto count = [&](char c) { return std::ranges::count(header, c); };
    if (count('\t') > std::max(count(','), count(';')))
        return '\t';
    return count(';') > 0 ? ';' : ',';
}

std::string trimmed(std::string cell) {
    const auto first = cell.find_first_not_of(" \t"), last = cell.find_last_not_of(" \t");
    return first == std::string::npos ? std::string() : cell.substr(first, last - first + 1);
}

// From one encoding to UTF-8 by the C library; nothing when the bytes are not in that encoding.
std::optional<std::string> toUtf8(std::string_view bytes, const char* encoding) {
    const iconv_t converter = iconv_open("UTF-8", encoding);
    if (converter == reinterpret_cast<iconv_t>(-1))
        return std::nullopt;
    std::string input(bytes), output(4 * bytes.size() + 16, '\0');
    char *from = input.data(), *to = output.data();
    std::size_t left = input.size(), room = output.size();
    const bool converted = iconv(converter, &from, &left, &to, &room) != static_cast<std::size_t>(-1);
    iconv_close(converter);
    output.resize(output.size() - room);
    return converted ? std::optional(std::move(output)) : std::nullopt;
}

} // namespace

std::optional<std::size_t> CsvTable::column(std::string_view name) const {
    const auto found = std::ranges::find(header, name);
    return found == header.end() ? std::nullopt
                                 : std::optional(static_cast<std::size_t>(found - header.begin()));
}

Expected<CsvTable> tableFromCsv(std::string_view text, const std::string& where) {
    const auto bad = [&](std::size_t line, Message what) {
        return failure(std::move(what), fmt::format("{}, line {}", where, line),
                       {FUSAIN_TEXT("Export it again as CSV in UTF-8."), {}},
                       {FUSAIN_TEXT("Nothing was loaded."), {}});
    };
    const bool utf16 = text.starts_with("\xFF\xFE") || text.starts_with("\xFE\xFF");
    if (text.starts_with("\xEF\xBB\xBF"))
        text.remove_prefix(3);
    if (text.empty())
        return bad(1, {FUSAIN_TEXT("The file is empty."), {}});
    // What is no UTF-8 is what older programs of Windows write.
    CsvTable table;
    std::optional<std::string> converted;
    for (const char* encoding : utf16 ? std::vector{"UTF-16"} : std::vector{"UTF-8", "WINDOWS-1252"})
        if (!converted && (converted = toUtf8(text, encoding)))
            table.encoding = encoding;
    if (!converted)
        return bad(1, {FUSAIN_TEXT("The file is neither in UTF-8 nor in UTF-16 nor in Windows-1252."), {}});
    text = *converted;
    const char separator = separatorOf(text.substr(0, text.find('\n')));
    for (std::size_t line = 0; !text.empty();) {
        const std::size_t first = line + 1;
        auto record = takeRecord(text, separator, line);
        if (!record)
            return bad(first, {FUSAIN_TEXT("A quote is opened and never closed: is the file cut off?"), {}});
        std::ranges::transform(*record, record->begin(), trimmed);
        if (record->size() == 1 && record->front().empty())
            continue;
        if (table.header.empty()) {
            table.header = std::move(*record);
            continue;
        }
        if (record->size() != table.header.size())
            return bad(first, {FUSAIN_TEXT("This row has {1} cells, the header {2}: is the file cut off?"),
                               {std::to_string(record->size()), std::to_string(table.header.size())}});
        table.rows.push_back({first, std::move(*record)});
    }
    if (table.rows.empty())
        return bad(1, {FUSAIN_TEXT("There are no rows under the header."), {}});
    return table;
}

std::string csvCell(const std::string& asIs) {
    // A spreadsheet would take it for a formula.
    const bool formula = asIs.find_first_of("=+-@\t\r") == 0;
    const std::string text = formula ? "'" + asIs : asIs;
    if (text.find_first_of(",;\"\n\t") == std::string::npos)
        return text;
    std::string quoted = "\"";
    for (const char c : text)
        quoted += c == '"' ? std::string("\"\"") : std::string(1, c);
    return quoted + '"';
}

} // namespace fusain::exchange
