#include "core/hydrostatic/trial_rules.hpp"

#include "core/units/comparison.hpp"
#include "core/units/format.hpp"

#include <algorithm>
#include <cmath>
#include <limits>
#include <map>
#include <numeric>
#include <optional>

namespace fusain::hydrostatic {
namespace {

struct Selection {
    std::vector<TrialReading> used;
    bool satisfied = false;
};

std::vector<TrialReading> heaviestFirst(std::span<const TrialReading> trials) {
    std::vector<TrialReading> sorted(trials.begin(), trials.end());
    std::ranges::stable_sort(sorted, std::greater<>(), &TrialReading::net);
    return sorted;
}

double spreadOf(std::span<const TrialReading> trials) {
    if (trials.empty())
        return 0.0;
    const auto [low, high] = std::ranges::minmax(trials, {}, &TrialReading::net);
    return high.net.value() - low.net.value();
}

Selection meanOfThreeHeaviest(std::span<const TrialReading> trials, const TrialPolicy& policy) {
    std::vector<TrialReading> sorted = heaviestFirst(trials);
    sorted.resize(std::min<std::size_t>(3, sorted.size()));
    return {sorted, sorted.size() == 3 && spreadOf(sorted) <= policy.tolerance.value() + equality};
}

Selection meanOfLastThree(std::span<const TrialReading> trials, const TrialPolicy& policy) {
    const auto last = trials.last(std::min<std::size_t>(3, trials.size()));
    return {{last.begin(), last.end()},
            last.size() == 3 && spreadOf(last) <= policy.tolerance.value() + equality};
}

Selection singleHeaviest(std::span<const TrialReading> trials) {
    std::vector<TrialReading> sorted = heaviestFirst(trials);
    sorted.resize(std::min<std::size_t>(1, sorted.size()));
    return {sorted, !sorted.empty()};
}

// The heaviest value obtained more than twice; else the second heaviest obtained more than once; else the third
// heaviest. Values are distinct readings after rounding to the scale's resolution.
Selection representativeWeight(std::span<const TrialReading> trials, const TrialPolicy& policy) {
    std::map<long, std::vector<TrialReading>, std::greater<>> byValue;
    for (const TrialReading& trial : trials)
        byValue[std::lround(trial.net.value() / policy.resolution.value())].push_back(trial);
    if (byValue.empty())
        return {};
    const auto first = byValue.begin();
    if (first->second.size() > 2)
        return {first->second, true};
    const auto second = std::next(first);
    if (second != byValue.end() && second->second.size() > 1)
        return {second->second, true};
    const auto third =
        std::next(first, static_cast<std::ptrdiff_t>(std::min<std::size_t>(2, byValue.size() - 1)));
    return {third->second, false};
}

Selection select(std::span<const TrialReading> trials, const TrialPolicy& policy) {
    switch (policy.rule) {
    case TrialRule::MeanOfThreeHeaviest:
        return meanOfThreeHeaviest(trials, policy);
    case TrialRule::RepresentativeWeight:
        return representativeWeight(trials, policy);
    case TrialRule::SingleHeaviest:
        return singleHeaviest(trials);
    case TrialRule::MeanOfLastThree:
        return meanOfLastThree(trials, policy);
    }
    return {};
}

std::string listed(const std::vector<int>& numbers) {
    std::string text;
    for (std::size_t i = 0; i < numbers.size(); ++i)
        text += (i == 0 ? "" : i + 1 == numbers.size() ? " + " : ", ") + std::to_string(numbers[i]);
    return text;
}

// The one trial that stands apart: without it the others, two or more, lie within the tolerance.
std::optional<TrialReading> standingApart(std::span<const TrialReading> trials, double tolerance) {
    if (trials.size() < 3 || spreadOf(trials) <= tolerance + equality)
        return std::nullopt;
    std::optional<TrialReading> found;
    for (std::size_t i = 0; i < trials.size(); ++i) {
        std::vector<TrialReading> others(trials.begin(), trials.end());
        others.erase(others.begin() + static_cast<std::ptrdiff_t>(i));
        if (spreadOf(others) > tolerance + equality)
            continue;
        if (found)
            return std::nullopt; // either of two could be the one
        found = trials[i];
    }
    return found;
}

Message apart(const TrialReading& one, std::span<const TrialReading> trials) {
    std::vector<int> numbers;
    std::vector<TrialReading> others;
    double nearest = std::numeric_limits<double>::infinity();
    for (const TrialReading& trial : trials)
        if (trial.number != one.number) {
            numbers.push_back(trial.number);
            others.push_back(trial);
            nearest = std::min(nearest, std::abs((trial.net - one.net).value()));
        }
    return {FUSAIN_TEXT(
                "Trials {1} agree within {2} kg; trial {3} differs by {4} kg. Exclude it (X), or one more."),
            {listed(numbers), fixed(spreadOf(others), 2), std::to_string(one.number), fixed(nearest, 2)}};
}

Message sentence(const TrialJudgement& judgement, std::span<const TrialReading> trials,
                 const TrialPolicy& policy) {
    const std::size_t count = trials.size();
    const std::string spread = fixed(judgement.spread.value(), 2);
    if (judgement.verdict == TrialVerdict::Enough && judgement.used.size() == 1)
        return {FUSAIN_TEXT("Trial {1} is the reading by the lab's rule. Enough trials."),
                {listed(judgement.used)}};
    if (judgement.verdict == TrialVerdict::Enough)
        return {FUSAIN_TEXT("Trials {1} agree within {2} kg. Enough trials."),
                {listed(judgement.used), spread}};
    if (judgement.verdict == TrialVerdict::AtLimit)
        return {
            FUSAIN_TEXT("{1} trials made and they still differ by {2} kg: use them with a flag, or rebook."),
            {std::to_string(count), spread}};
    if (const auto one = standingApart(trials, policy.tolerance.value()))
        return apart(*one, trials);
    if (static_cast<int>(count) < policy.minimumTrials)
        return {FUSAIN_TEXT("{1} of at least {2} trials."),
                {std::to_string(count), std::to_string(policy.minimumTrials)}};
    if (judgement.rising)
        return {FUSAIN_TEXT("Still rising, {1} kg a trial: learning to breathe out. One more."),
                {fixed(judgement.risePerTrial.value(), 2)}};
    return {FUSAIN_TEXT("Trials {1} differ by {2} kg (limit {3}). One more trial."),
            {listed(judgement.used), spread, fixed(policy.tolerance.value(), 2)}};
}

} // namespace

bool risingOverTrials(std::span<const TrialReading> trials) {
    if (trials.size() < 3)
        return false;
    const auto last = trials.last(3);
    return last[1].net.value() - last[0].net.value() >= 0.02 - equality &&
           last[2].net.value() - last[1].net.value() >= 0.02 - equality;
}

TrialJudgement judgeTrials(std::span<const TrialReading> trials, const TrialPolicy& policy) {
    TrialJudgement judgement;
    const Selection selection = select(trials, policy);
    double sum = 0.0;
    for (const TrialReading& trial : selection.used) {
        judgement.used.push_back(trial.number);
        sum += trial.net.value();
    }
    std::ranges::sort(judgement.used);
    if (!selection.used.empty())
        judgement.net = Kilograms(sum / static_cast<double>(selection.used.size()));
    judgement.spread = Kilograms(spreadOf(selection.used));
    judgement.rising = risingOverTrials(trials);
    if (judgement.rising)
        judgement.risePerTrial = (trials.back().net - trials[trials.size() - 3].net) / 2.0;

    const int count = static_cast<int>(trials.size());
    if (selection.satisfied && count >= policy.minimumTrials)
        judgement.verdict = TrialVerdict::Enough;
    else if (count >= policy.maximumTrials)
        judgement.verdict = TrialVerdict::AtLimit;
    if (const auto one = standingApart(trials, policy.tolerance.value()))
        judgement.outlier = one->number;
    judgement.message = sentence(judgement, trials, policy);
    return judgement;
}

} // namespace fusain::hydrostatic
