#include "link/connection/frame.hpp"

#include <charconv>
#include <cmath>
#include <fmt/format.h>

namespace fusain::link {
namespace {

constexpr double largestValue = 1e9; // in the unit of any key

tl::unexpected<Problem> malformed(std::string_view line) {
    return failure({FUSAIN_TEXT("A malformed line: \"{1}\""), {std::string(line.substr(0, 60))}});
}

std::vector<std::string_view> wordsOf(std::string_view text) {
    std::vector<std::string_view> words;
    while (!text.empty()) {
        const auto space = text.find(' ');
        if (space != 0)
            words.push_back(text.substr(0, space));
        if (space == std::string_view::npos)
            break;
        text.remove_prefix(space + 1);
    }
    return words;
}

template <class Number>
bool readWhole(std::string_view text, Number& number, int base = 10) {
    std::from_chars_result result{};
    if constexpr (std::is_floating_point_v<Number>)
        result = std::from_chars(text.data(), text.data() + text.size(), number);
    else
        result = std::from_chars(text.data(), text.data() + text.size(), number, base);
    return result.ec == std::errc() && result.ptr == text.data() + text.size();
}

} // namespace

unsigned checksumOf(std::string_view text) {
    unsigned sum = 0;
    for (const char byte : text)
        sum += static_cast<unsigned char>(byte);
    return sum & 0xFFu;
}

std::string formatFrame(const Frame& frame) {
    std::string text = fmt::format("{} {}", frame.role, frame.sequence);
    for (const auto& [key, value] : frame.values)
        text += fmt::format(" {}={}", key, value);
    text += ' ';
    return text + fmt::format("*{:02X}", checksumOf(text));
}

Expected<Frame> parseFrame(std::string_view line) {
    const auto star = line.rfind('*');
    unsigned expected = 0;
    if (star == std::string_view::npos || line.size() != star + 3 ||
        !readWhole(line.substr(star + 1), expected, 16) || expected != checksumOf(line.substr(0, star)))
        return malformed(line);
    const auto words = wordsOf(line.substr(0, star));
    Frame frame;
    if (words.size() < 2 || !readWhole(words[1], frame.sequence))
        return malformed(line);
    frame.role = words[0];
    for (std::size_t i = 2; i < words.size(); ++i) {
        const auto equals = words[i].find('=');
        double value = 0.0;
        if (equals == std::string_view::npos || equals == 0 || !readWhole(words[i].substr(equals + 1), value) ||
            !(std::abs(value) <= largestValue)) // and nothing that is not a number
            return malformed(line);
        frame.values[std::string(words[i].substr(0, equals))] = value;
    }
    return frame;
}

std::vector<std::string> LineAssembler::add(std::string_view bytes) {
    std::vector<std::string> lines;
    for (const char byte : bytes) {
        if (byte == '\n') {
            if (pending_.size() > 256)
                ++dropped_;
            else if (!pending_.empty())
                lines.push_back(pending_);
            pending_.clear();
        } else if (byte != '\r' && pending_.size() <= 256) {
            pending_ += byte;
        }
    }
    return lines;
}

} // namespace fusain::link
