#pragma once
#include "core/girth/sites.hpp"
#include "core/units/comparison.hpp"
#include "record/base/document_kind.hpp"
#include "record/method/repeated.hpp"

#include <cmath>

namespace fusain {

/// One laying of the tape.
struct GirthReading : NumberedReading {
    girth::Site site = girth::Site::Waist;
    Centimetres value; ///< as read on the tape
};

/// Largest disagreement of the tape with a rule of known length, cm: a lab-adjustable default.
inline constexpr Centimetres tapeTolerance{0.2};

/// The tape laid along a rule of known length: a stretched one reads short.
struct TapeCheck : NumberedReading {
    Centimetres nominal; ///< length of the rule
    Centimetres reading; ///< what the tape shows of it
    [[nodiscard]] Centimetres error() const { return reading - nominal; }
    [[nodiscard]] bool agrees() const { return within(std::abs(error().value()), tapeTolerance.value()); }
};

/// The raw record of one set of girths.
struct GirthTest : RawTest {
    Repeated<TapeCheck> tapeChecks; ///< the latest holds for what follows
    std::optional<Reading> mass;    ///< kg
    Repeated<GirthReading> girths;  ///< of all sites, in the order in which they were read
    [[nodiscard]] const TapeCheck* tape() const { return tapeChecks.latest(); }
};

[[nodiscard]] Json toJson(const GirthTest& test);
[[nodiscard]] Expected<GirthTest> girthTestFromJson(const Json& json, const std::string& where);

// Parts that also travel inside events.
[[nodiscard]] Json toJson(const GirthReading& reading);
[[nodiscard]] GirthReading girthReadingFromJson(const Json& json);
[[nodiscard]] Json toJson(const TapeCheck& check);
[[nodiscard]] TapeCheck tapeCheckFromJson(const Json& json);

/// The keys of this kind of document.
[[nodiscard]] DocumentKind girthTestKind();

} // namespace fusain
