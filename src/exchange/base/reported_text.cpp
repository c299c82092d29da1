#include "exchange/base/reported_text.hpp"

#include "core/units/format.hpp"

#include <sstream>

namespace fusain::exchange {
namespace {

std::vector<std::string> split(std::string_view text, char separator) {
    std::vector<std::string> parts;
    std::istringstream stream{std::string(text)};
    for (std::string part; std::getline(stream, part, separator);)
        parts.push_back(part);
    return parts;
}

} // namespace

Expected<std::vector<ReportedValue>> reportedFromText(std::string_view text) {
    std::vector<ReportedValue> values;
    for (const std::string& line : split(text, '\n')) {
        auto parts = split(line, ',');
        if (line.find_first_not_of(" \t\r") == std::string::npos)
            continue;
        for (std::string& part : parts) {
            const auto first = part.find_first_not_of(" \t\r"), end = part.find_last_not_of(" \t\r");
            part = first == std::string::npos ? std::string() : part.substr(first, end - first + 1);
        }
        const auto value = parts.size() > 1 ? parseTyped(parts[1]) : std::nullopt;
        if (!value || parts[0].empty())
            return failure({FUSAIN_TEXT("\"{1}\" is not a name and a number."), {line}}, {},
                           {FUSAIN_TEXT("Type one value a line, as fat-percent, 24.1, %"), {}});
        values.push_back({parts[0], *value, parts.size() > 2 ? parts[2] : ""});
    }
    if (values.empty())
        return failure({FUSAIN_TEXT("No value was given."), {}});
    return values;
}

} // namespace fusain::exchange
