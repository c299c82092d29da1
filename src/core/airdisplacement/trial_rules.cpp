#include "core/airdisplacement/trial_rules.hpp"

#include "core/units/comparison.hpp"
#include "core/units/format.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::airdisplacement {
namespace {

std::string millilitres(Litres volume) {
    return fixed(1000.0 * volume.value(), 0);
}

struct Pair {
    VolumeReading first, second;
    [[nodiscard]] Litres difference() const { return Litres(std::abs((first.volume - second.volume).value())); }
};

// The closest pair; of equally close ones the earlier.
Pair closestPair(std::span<const VolumeReading> trials) {
    Pair best{trials[0], trials[1]};
    for (std::size_t j = 1; j < trials.size(); ++j)
        for (std::size_t i = 0; i < j; ++i)
            if (const Pair pair{trials[i], trials[j]};
                pair.difference().value() < best.difference().value() - equality)
                best = pair;
    return best;
}

} // namespace

TrialJudgement judgeVolumes(std::span<const VolumeReading> trials, int set, const TrialPolicy& policy) {
    TrialJudgement judgement;
    const int count = static_cast<int>(trials.size());
    if (count < 2) {
        judgement.message = {FUSAIN_TEXT("{1} of at least 2 volume trials."), {std::to_string(count)}};
        return judgement;
    }
    const Pair pair = closestPair(trials);
    judgement.difference = pair.difference();
    if (judgement.difference.value() <= policy.tolerance.value() + equality) {
        judgement.verdict = TrialVerdict::Enough;
        judgement.used = {pair.first.number, pair.second.number};
        std::ranges::sort(judgement.used);
        judgement.rawVolume = 0.5 * (pair.first.volume + pair.second.volume);
        judgement.message = {FUSAIN_TEXT("Trials {1} and {2} agree within {3} mL. Enough trials."),
                             {std::to_string(judgement.used[0]), std::to_string(judgement.used[1]),
                              millilitres(judgement.difference)}};
    } else if (count < policy.trialsPerSet) {
        judgement.message = {FUSAIN_TEXT("The closest two differ by {1} mL, more than {2}: one more trial."),
                             {millilitres(judgement.difference), millilitres(policy.tolerance)}};
    } else if (set < policy.sets) {
        judgement.verdict = TrialVerdict::Recalibrate;
        judgement.message = {
            FUSAIN_TEXT(
                "No two of {1} trials agree (the closest differ by {2} mL): recalibrate and start over."),
            {std::to_string(count), millilitres(judgement.difference)}};
    } else {
        judgement.verdict = TrialVerdict::EndSession;
        judgement.message = {FUSAIN_TEXT("The trials do not agree after recalibrating either. End the session, "
                                         "rebook, and have the chamber looked at."),
                             {}};
    }
    return judgement;
}

} // namespace fusain::airdisplacement
