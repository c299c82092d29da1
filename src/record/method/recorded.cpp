#include "record/method/recorded.hpp"

#include "record/base/json.hpp"

#include <algorithm>
#include <cmath>
#include <limits>

namespace fusain {

bool isRecording(const Json& part) {
    if (!part.is_object() || !part.contains("time_s"))
        return false;
    const std::size_t length = part.at("time_s").size();
    return length > 0 && std::ranges::all_of(part.items(), [&](const auto& column) {
               return column.key().find_first_not_of("abcdefghijklmnopqrstuvwxyz_0123456789") ==
                          std::string::npos &&
                      column.value().is_array() && column.value().size() == length &&
                      std::ranges::all_of(column.value(),
                                          [](const Json& number) { return number.is_number(); });
           });
}

std::string blockOf(const Json& part) {
    constexpr std::size_t digits = 64;
    const auto name = part.is_object() && part.size() == 1 ? part.find(blockKey) : part.end();
    if (name == part.end() || !name->is_string())
        return {};
    const auto& text = name->get_ref<const std::string&>();
    const bool hexadecimal = text.find_first_not_of("0123456789abcdef") == std::string::npos;
    return text.size() == digits && hexadecimal ? text : std::string();
}

Json blockJson(const std::string& name) {
    return {{std::string(blockKey), name}};
}

Json recordingJson(std::span<const std::string_view> columns, std::span<const double> rows) {
    Json recording = Json::object();
    for (std::size_t column = 0; column < columns.size(); ++column) {
        Json::array_t numbers;
        numbers.reserve(rows.size() / columns.size());
        for (std::size_t at = column; at < rows.size(); at += columns.size())
            numbers.emplace_back(static_cast<double>(static_cast<float>(rows[at])));
        recording[std::string(columns[column])] = std::move(numbers);
    }
    return recording;
}

std::vector<double> rowsOf(const Json& recording, std::span<const std::string_view> columns) {
    const std::size_t length = recording.at(columns.front()).size();
    std::vector<double> rows(length * columns.size());
    for (std::size_t column = 0; column < columns.size(); ++column) {
        const Json& numbers = recording.at(columns[column]);
        if (numbers.size() != length)
            throw Json::other_error::create(501, "the columns of a recording differ in length", &recording);
        for (std::size_t i = 0; i < length; ++i) {
            const double number = numbers.at(i).get<double>();
            if (!(std::abs(number) <= std::numeric_limits<float>::max()))
                throw Json::other_error::create(501, "a number of a recording is out of range", &recording);
            rows[i * columns.size() + column] = number;
        }
    }
    return rows;
}

} // namespace fusain
