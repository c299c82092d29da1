#pragma once
#include <array>
#include <optional>
#include <string_view>

namespace fusain::anthropometry {

/// What a reading runs through. The whole body is hand to foot of the measured side.
enum class Segment { WholeBody, RightArm, LeftArm, Trunk, RightLeg, LeftLeg };
inline constexpr std::array segments{Segment::WholeBody, Segment::RightArm, Segment::LeftArm,
                                     Segment::Trunk,     Segment::RightLeg, Segment::LeftLeg};
/// The parts that make up the body, without the whole.
inline constexpr std::array bodySegments{Segment::RightArm, Segment::LeftArm, Segment::Trunk, Segment::RightLeg,
                                         Segment::LeftLeg};
[[nodiscard]] constexpr bool isArm(Segment segment) {
    return segment == Segment::RightArm || segment == Segment::LeftArm;
}
[[nodiscard]] constexpr bool isLeg(Segment segment) {
    return segment == Segment::RightLeg || segment == Segment::LeftLeg;
}
/// English name, marked for translation: "right arm".
[[nodiscard]] std::string_view segmentName(Segment segment);
/// "whole-body", "right-arm" …: as records and frames write it.
[[nodiscard]] std::string_view segmentKey(Segment segment);
[[nodiscard]] std::optional<Segment> segmentFromKey(std::string_view key);

} // namespace fusain::anthropometry
