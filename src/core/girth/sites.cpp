#include "core/girth/sites.hpp"

#include "core/base/message.hpp"

#include <algorithm>

namespace fusain::girth {
namespace {

constexpr std::array texts{
    SiteText{
        Site::Waist, "waist", "Cw", FUSAIN_TEXT("waist"),
        FUSAIN_TEXT("Midway between the lowest rib that you can feel and the top of the hip bone, at the "
                    "side of the body."),
        FUSAIN_TEXT("Arms hanging, feet together, weight on both; read at the end of a normal breath out."),
        Centimetres(35.0), Centimetres(250.0)},
    SiteText{Site::Hip, "hip", "Ch", FUSAIN_TEXT("hip"),
             FUSAIN_TEXT("Around the widest part of the buttocks, seen from the side."),
             FUSAIN_TEXT("Feet together, buttocks relaxed; the tape level all the way round."),
             Centimetres(40.0), Centimetres(250.0)},
    SiteText{Site::Neck, "neck", "Cn", FUSAIN_TEXT("neck"),
             FUSAIN_TEXT("Just below the larynx, at right angles to the neck."),
             FUSAIN_TEXT("Looking straight ahead, shoulders down; never tight."), Centimetres(15.0),
             Centimetres(80.0)},
    SiteText{Site::Arm, "arm", "Ca", FUSAIN_TEXT("right upper arm"),
             FUSAIN_TEXT("Midway between the tip of the shoulder and the tip of the elbow; mark it with the "
                         "elbow bent."),
             FUSAIN_TEXT("The arm hangs relaxed, the palm towards the thigh."), Centimetres(10.0),
             Centimetres(80.0)},
    SiteText{Site::Thigh, "thigh", "Ct", FUSAIN_TEXT("right thigh"),
             FUSAIN_TEXT("Midway between the fold of the groin and the upper edge of the kneecap; mark it "
                         "sitting."),
             FUSAIN_TEXT("Standing, the weight on the other leg."), Centimetres(20.0), Centimetres(120.0)},
};

} // namespace

const SiteText& textOf(Site site) {
    return texts[static_cast<std::size_t>(site)];
}

std::optional<Site> siteFromKey(std::string_view key) {
    const auto found = std::ranges::find(texts, key, &SiteText::key);
    return found == texts.end() ? std::nullopt : std::optional(found->site);
}

} // namespace fusain::girth
