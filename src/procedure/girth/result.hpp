#pragma once
#include "core/girth/limits.hpp"
#include "core/girth/repeats.hpp"
#include "procedure/method/result.hpp"
#include "record/girth/method.hpp"

namespace fusain {

/// One site with what its readings say.
struct SiteGirth {
    girth::Site site = girth::Site::Waist;
    Measured<Centimetres> value;
    girth::RepeatJudgement repeats;
};

/// An index beside the limits that the lab has chosen.
struct GirthIndex {
    girth::Index index = girth::Index::Waist;
    double value = 0.0, half = 0.0; ///< 95 %
    const girth::LimitSet* limits = nullptr;
    std::optional<girth::Standing> standing; ///< nothing where the limits are not made for this person
    std::string_view whyNot;                 ///< then, marked for translation
};

/// Computed girths: no fat, but waist, its ratios and the limbs.
struct GirthResult : TestResult {
    using Method = GirthMethod;
    std::vector<SiteGirth> sites; ///< those with a value, in the order of the work
    std::optional<Measured<Ratio>> waistToHeight, waistToHip;
    std::vector<GirthIndex> indices;
    /// Null for a site without a value.
    [[nodiscard]] const SiteGirth* at(girth::Site site) const;
};

/// Computes a raw record by a policy. The same code serves the bench, the reports and fusain-calc.
/// @return a Problem naming the reading that is missing
[[nodiscard]] Expected<GirthResult> computeGirths(const GirthTest& test, const GirthPolicy& policy);

/// What the physiologist can say of the indices.
[[nodiscard]] std::vector<Message> girthFindings(const GirthResult& result, Sex sex);
/// One index beside its limits, as the lab reads it.
[[nodiscard]] Message sentenceOf(const GirthIndex& index, Sex sex);

[[nodiscard]] Json toJson(const GirthResult& result, const GirthTest& test, const GirthPolicy& policy);

/// Version of the computation, stored with every result so that a difference after an upgrade is seen.
inline constexpr std::string_view girthEngineVersion = "girths-1";

} // namespace fusain
