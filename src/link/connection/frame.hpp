#pragma once
#include "core/base/problem.hpp"

#include <map>
#include <string>
#include <string_view>
#include <vector>

namespace fusain::link {

/// One line of an instrument: `role sequence key=value … *checksum`. docs/formats/instrument-links.md describes
/// it.
struct Frame {
    std::string role; ///< floor-scale, load-cell, thermometer, spirometer, room
    unsigned long sequence = 0;
    std::map<std::string, double> values; ///< e.g. kg, c, l, mmhg, t
    [[nodiscard]] double value(const std::string& key, double otherwise = 0.0) const {
        const auto found = values.find(key);
        return found == values.end() ? otherwise : found->second;
    }
    [[nodiscard]] bool has(const std::string& key) const { return values.contains(key); }
};

/// Sum of the bytes modulo 256 of everything before the star.
[[nodiscard]] unsigned checksumOf(std::string_view text);
[[nodiscard]] std::string formatFrame(const Frame& frame);
/// Reads one line without its line end. Anything else than a whole, checked frame is a Problem.
[[nodiscard]] Expected<Frame> parseFrame(std::string_view line);

/// Cuts a stream of bytes into lines. A line longer than 256 bytes is garbage: it is dropped and counted.
class LineAssembler {
public:
    [[nodiscard]] std::vector<std::string> add(std::string_view bytes);
    [[nodiscard]] std::size_t dropped() const { return dropped_; }
    void clear() { pending_.clear(); }

private:
    std::string pending_;
    std::size_t dropped_ = 0;
};

} // namespace fusain::link
