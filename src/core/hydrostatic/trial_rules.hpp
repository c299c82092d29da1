#pragma once
#include "core/base/message.hpp"
#include "core/units/units.hpp"

#include <optional>
#include <span>
#include <vector>

namespace fusain::hydrostatic {

/// How the representative underwater mass is taken from several trials.
enum class TrialRule {
    MeanOfThreeHeaviest,  ///< Bonge D, Donnelly JE (1989), Res Q Exerc Sport 60:176-179, as a stopping rule
    RepresentativeWeight, ///< Behnke AR, Wilmore JH (1974); Wilmore & Behnke (1969), J Appl Physiol 27:25-31
    SingleHeaviest,       ///< early practice
    MeanOfLastThree       ///< Katch FI (1969), Med Sci Sports 1:212-216
};

struct TrialPolicy {
    TrialRule rule = TrialRule::MeanOfThreeHeaviest;
    Kilograms tolerance{0.1};   ///< the trials used agree within this
    Kilograms resolution{0.01}; ///< readings are compared after rounding to this (representative weight only)
    int minimumTrials = 3;
    int maximumTrials = 10;
};

/// Net masses of the trials that count, in order of time; `number` is the trial's number on the run sheet.
struct TrialReading {
    int number;
    Kilograms net;
};

enum class TrialVerdict {
    NeedMore, ///< the rule is not satisfied yet
    Enough,   ///< the rule is satisfied
    AtLimit   ///< the largest number of trials is made without satisfying it: use what there is, flagged, or
              ///< rebook
};

struct TrialJudgement {
    TrialVerdict verdict = TrialVerdict::NeedMore;
    std::vector<int> used; ///< numbers of the trials that the rule takes, ascending
    Kilograms net{0.0};    ///< what the rule gives from them (meaningless while `used` is empty)
    Kilograms spread{0.0}; ///< largest minus smallest of the used ones
    bool rising = false; ///< each of the last three trials heavier than the one before: learning to breathe out
    Kilograms risePerTrial{0.0};
    std::optional<int> outlier; ///< the one trial without which at least two others agree
    Message message;            ///< one sentence for the verdict line
};

/// Applies the policy to the accepted trials.
/// @param trials accepted trials in order of time, net kg
/// Equality with the tolerance agrees (within 1e-9 kg). An empty list gives NeedMore with nothing used.
[[nodiscard]] TrialJudgement judgeTrials(std::span<const TrialReading> trials, const TrialPolicy& policy);

/// True when each of the last three readings is at least 0.02 kg heavier than the one before it.
[[nodiscard]] bool risingOverTrials(std::span<const TrialReading> trials);

} // namespace fusain::hydrostatic
