#pragma once
#include "core/base/message.hpp"
#include "core/units/units.hpp"

#include <span>
#include <vector>

namespace fusain::airdisplacement {

/// When volume trials agree.
/// @par Source McCrory MA et al (1995), Med Sci Sports Exerc 27:1686-1691; Dempster P, Aitkens S (1995),
/// 27:1692-1697.
struct TrialPolicy {
    Litres tolerance{0.150}; ///< two volumes agree within this; equality agrees
    int trialsPerSet = 3;    ///< after so many without agreement: recalibrate and start over
    int sets = 2;            ///< after so many sets without agreement: end the session
};

/// Raw volume of one trial that counts; `number` is its number on the run sheet.
struct VolumeReading {
    int number;
    Litres volume;
};

enum class TrialVerdict {
    NeedMore,    ///< fewer than two, or the two differ and a third is allowed
    Enough,      ///< two agree: their mean is the raw volume
    Recalibrate, ///< no two of this set agree: recalibrate and start a new set
    EndSession   ///< the last set failed too
};

struct TrialJudgement {
    TrialVerdict verdict = TrialVerdict::NeedMore;
    std::vector<int> used;  ///< the two that agree, ascending; empty without agreement
    Litres rawVolume{0.0};  ///< mean of the used ones
    Litres difference{0.0}; ///< between the used ones, or the smallest there is
    Message message;        ///< one sentence for the verdict line
};

/// Applies the rule to the trials of one set: two that agree are averaged; otherwise a third is made and the
/// closest two are averaged if they agree; otherwise recalibrate. Of two pairs equally close the earlier is
/// taken.
/// @param trials of the present set, in order of time  @param set 1, 2 …
[[nodiscard]] TrialJudgement judgeVolumes(std::span<const VolumeReading> trials, int set,
                                          const TrialPolicy& policy);

} // namespace fusain::airdisplacement
