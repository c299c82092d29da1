#include "core/anthropometry/segment.hpp"

#include "core/base/message.hpp"

namespace fusain::anthropometry {
namespace {

constexpr std::array keys{"whole-body", "right-arm", "left-arm", "trunk", "right-leg", "left-leg"};

} // namespace

std::string_view segmentName(Segment segment) {
    switch (segment) {
    case Segment::WholeBody:
        return FUSAIN_TEXT("whole body");
    case Segment::RightArm:
        return FUSAIN_TEXT("right arm");
    case Segment::LeftArm:
        return FUSAIN_TEXT("left arm");
    case Segment::Trunk:
        return FUSAIN_TEXT("trunk");
    case Segment::RightLeg:
        return FUSAIN_TEXT("right leg");
    case Segment::LeftLeg:
        return FUSAIN_TEXT("left leg");
    }
    return "";
}

std::string_view segmentKey(Segment segment) {
    return keys[static_cast<std::size_t>(segment)];
}

std::optional<Segment> segmentFromKey(std::string_view key) {
    for (const Segment segment : segments)
        if (segmentKey(segment) == key)
            return segment;
    return std::nullopt;
}

} // namespace fusain::anthropometry
