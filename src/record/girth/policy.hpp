#pragma once
#include "core/girth/limits.hpp"
#include "core/girth/repeats.hpp"
#include "record/base/document_kind.hpp"
#include "record/method/policy.hpp"

#include <array>
#include <vector>

namespace fusain {

/// What the same person's girth differs by on another day, and with the landmark found anew: standard
/// deviations, cm. Lab-adjustable defaults, no source: a precision study of the lab takes their place.
struct GirthOfTheDay {
    Centimetres waist{1.0}, hip{0.8}, neck{0.3}, arm{0.3}, thigh{0.5};
    [[nodiscard]] Centimetres of(girth::Site site) const {
        return std::array{waist, hip, neck, arm, thigh}[static_cast<std::size_t>(site)];
    }
};

/// How this lab measures girths.
struct GirthPolicy : MethodPolicy {
    std::vector<girth::Site> sites{girth::sites.begin(), girth::sites.end()}; ///< that a test needs
    girth::RepeatRule repeats;
    Centimetres repeatFloor{0.1}; ///< least standard deviation assumed between readings: the tape's division
    Centimetres tapeError{0.1};   ///< standard error of the tape itself, the same at each test
    GirthOfTheDay dayToDay;
    std::string waistLimits = "waist.who-2008";
    std::string waistToHeightLimits = "waist-to-height.ashwell-2005";
    std::string waistToHipLimits = "waist-to-hip.who-2008";
};

[[nodiscard]] Json toJson(const GirthPolicy& policy);
/// Reads and checks a policy: the waist among the sites, each once; limits of the index that they are for.
[[nodiscard]] Expected<GirthPolicy> girthPolicyFromJson(const Json& json, const std::string& where);

/// The keys of this kind of document.
[[nodiscard]] DocumentKind girthPolicyKind();

} // namespace fusain
