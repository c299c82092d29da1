#include "core/girth/repeats.hpp"

#include "core/units/comparison.hpp"

#include <algorithm>

namespace fusain::girth {
namespace {

constexpr std::size_t agreeing = 3;

// Of readings in order of size, the first of the three neighbours that are closest together.
std::size_t closestThree(const std::vector<Repeat>& sorted) {
    std::size_t best = 0;
    for (std::size_t i = 1; i + agreeing <= sorted.size(); ++i)
        if (sorted[i + 2].value - sorted[i].value < sorted[best + 2].value - sorted[best].value)
            best = i;
    return best;
}

Centimetres medianOf(const std::vector<Repeat>& sorted) {
    const std::size_t middle = sorted.size() / 2;
    return sorted.size() % 2 == 1
               ? sorted[middle].value
               : Centimetres((sorted[middle - 1].value.value() + sorted[middle].value.value()) / 2.0);
}

std::vector<int> numbersOf(std::span<const Repeat> readings) {
    std::vector<int> numbers;
    for (const Repeat& each : readings)
        numbers.push_back(each.number);
    std::ranges::sort(numbers);
    return numbers;
}

} // namespace

RepeatJudgement judge(std::span<const Repeat> readings, Site site, const RepeatRule& rule) {
    std::vector<Repeat> sorted(readings.begin(), readings.end());
    std::ranges::sort(sorted, {}, &Repeat::value);
    RepeatJudgement judgement;
    if (!sorted.empty())
        judgement.spread = sorted.back().value - sorted.front().value;
    const auto count = static_cast<int>(sorted.size());
    if (count < rule.least)
        return judgement;
    const auto three = std::span(sorted).subspan(closestThree(sorted), agreeing);
    const Centimetres range = three.back().value - three.front().value;
    if (within(range.value(), rule.toleranceOf(site).value())) {
        double sum = 0.0;
        for (const Repeat& each : three)
            sum += each.value.value();
        return {RepeatVerdict::Enough, Centimetres(sum / static_cast<double>(agreeing)), range,
                numbersOf(three)};
    }
    if (count >= rule.most)
        return {RepeatVerdict::Scattered, medianOf(sorted), judgement.spread, numbersOf(sorted)};
    return judgement;
}

} // namespace fusain::girth
