#pragma once
#include "core/units/units.hpp"

#include <array>
#include <optional>
#include <string_view>

namespace fusain::girth {

/// Where the tape is laid. Arm and thigh are those of the right side.
enum class Site { Waist, Hip, Neck, Arm, Thigh };
/// In the order of the work: from the trunk to the limbs.
inline constexpr std::array sites{Site::Waist, Site::Hip, Site::Neck, Site::Arm, Site::Thigh};

/// What is fixed about a site.
struct SiteText {
    Site site;
    std::string_view key;      ///< as records write it
    std::string_view symbol;   ///< in a formula
    std::string_view name;     ///< marked for translation
    std::string_view landmark; ///< where to lay the tape, marked for translation
    std::string_view hold;     ///< how client and tape are held, marked for translation
    Centimetres least, most; ///< what a person can have there: anything else is a slip of the hand or the unit
};
/// @par Source Waist and hip: WHO (2011), Waist circumference and waist-hip ratio: report of a WHO expert
/// consultation, Geneva, 8-11 December 2008. The other sites are a convention of this program: a lab that uses
/// other landmarks keeps to its own. The limits of a reading are engineering choices.
[[nodiscard]] const SiteText& textOf(Site site);
[[nodiscard]] std::optional<Site> siteFromKey(std::string_view key);

} // namespace fusain::girth
