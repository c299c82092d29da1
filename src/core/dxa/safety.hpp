#pragma once
#include "core/base/message.hpp"
#include "core/units/units.hpp"

#include <optional>
#include <string>

namespace fusain::dxa {

/// Below this age bone is compared with people of the same age (Z), whatever the sex.
/// @par Source International Society for Clinical Densitometry, official positions (2019).
inline constexpr Years peakBoneAge{20.0};
/// From here on a man's bone is compared with young adults (T); a woman's after the menopause.
/// @par Source as above.
inline constexpr Years manBoneScoreAge{50.0};
/// From here on a woman is asked about the menopause: a lab-adjustable default.
inline constexpr Years menopauseAskedAge{40.0};

/// Effective dose in days of natural background, 2.4 mSv a year.
/// @par Source UNSCEAR 2008 report, annex B.
[[nodiscard]] double daysOfBackground(Microsieverts dose);

/// A bone density with its scores, as the densitometer reported them: never computed here.
struct ReportedBone {
    std::string site; ///< "total", "total-less-head", "spine", "hip", "femoral-neck", "radius"
    std::optional<GramsPerSquareCentimetre> density;
    std::optional<double> tScore, zScore;
};

/// Which score may be shown to whom.
enum class BoneScore { T, Z };
/// T after the menopause and for men from 50; Z for all others, for children never T.
/// @param afterMenopause as the client says; unknown counts as before it
/// @par Source ISCD adult and paediatric official positions 2019.
[[nodiscard]] BoneScore scoreFor(Sex sex, Years age, bool afterMenopause);
/// What may be said of a reported score, or why it is not shown. A score of the whole body is no diagnosis.
[[nodiscard]] Message boneSentence(const ReportedBone& bone, Sex sex, Years age, bool afterMenopause);

} // namespace fusain::dxa
