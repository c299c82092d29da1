#include "core/lung/vital_capacity.hpp"

#include "core/units/format.hpp"

#include <algorithm>

namespace fusain::lung {
namespace {

constexpr double tolerance = 1e-9; // a difference exactly on a limit is allowed, whatever the last bit says

// Steepest slope over 80 ms, extrapolated back to zero volume: where the effort "should" have begun.
double backExtrapolatedVolume(std::span<const VolumeSample> samples) {
    constexpr double span = 0.080;
    double steepest = 0.0, timeZero = samples.front().time.value();
    for (std::size_t first = 0, last = 0; first < samples.size(); ++first) {
        while (last + 1 < samples.size() && samples[last].time.value() - samples[first].time.value() < span)
            ++last;
        const double width = samples[last].time.value() - samples[first].time.value();
        if (width < 0.5 * span)
            break;
        const double slope = (samples[last].volume.value() - samples[first].volume.value()) / width;
        if (slope > steepest) {
            steepest = slope;
            const double middle = 0.5 * (samples[last].time.value() + samples[first].time.value());
            const double volume = 0.5 * (samples[last].volume.value() + samples[first].volume.value());
            timeZero = middle - volume / slope;
        }
    }
    double exhaled = 0.0;
    for (const VolumeSample& sample : samples)
        if (sample.time.value() <= timeZero)
            exhaled = std::max(exhaled, sample.volume.value() - samples.front().volume.value());
    return exhaled;
}

Message remarkFor(const ManoeuvreQuality& quality) {
    if (!quality.goodStart)
        return {FUSAIN_TEXT("Slow start (back-extrapolated volume {1} L): blow out hard at once, without hesitating."),
                {fixed(quality.backExtrapolatedVolume.value(), 2)}};
    if (!quality.goodEnd)
        return {
            FUSAIN_TEXT(
                "Stopped early ({1} L still coming in the last second): keep going until nothing more comes."),
            {fixed(quality.lastSecondVolume.value(), 2)}};
    return {};
}

} // namespace

ManoeuvreQuality judgeManoeuvre(std::span<const VolumeSample> samples, std::optional<Litres> bestSoFar) {
    ManoeuvreQuality quality;
    if (samples.size() < 10 || samples.back().time.value() - samples.front().time.value() < 1.0) {
        quality.remark = {FUSAIN_TEXT("The curve is too short to judge: repeat the manoeuvre."), {}};
        return quality;
    }
    double top = 0.0;
    for (const VolumeSample& sample : samples)
        top = std::max(top, sample.volume.value());
    quality.vitalCapacity = Litres(top - samples.front().volume.value());
    quality.expiratoryTime = samples.back().time - samples.front().time;
    quality.backExtrapolatedVolume = Litres(backExtrapolatedVolume(samples));

    const double secondBeforeEnd = samples.back().time.value() - 1.0;
    double volumeThen = 0.0;
    for (const VolumeSample& sample : samples)
        if (sample.time.value() <= secondBeforeEnd)
            volumeThen = sample.volume.value();
    quality.lastSecondVolume = Litres(std::max(0.0, samples.back().volume.value() - volumeThen));

    const double capacity = quality.vitalCapacity.value();
    quality.goodStart = quality.backExtrapolatedVolume.value() <= std::max(0.05 * capacity, 0.100) + tolerance;
    const bool matchesBest = bestSoFar && capacity >= bestSoFar->value() - 0.150 - tolerance;
    quality.goodEnd = quality.lastSecondVolume.value() <= 0.025 + tolerance ||
                      quality.expiratoryTime.value() >= 15.0 - tolerance || matchesBest;
    quality.remark = remarkFor(quality);
    return quality;
}

SessionJudgement judgeSession(std::span<const Effort> efforts, Years age) {
    SessionJudgement judgement;
    std::vector<double> volumes;
    for (const Effort& effort : efforts)
        if (effort.acceptable)
            volumes.push_back(effort.volume.value());
    std::ranges::sort(volumes, std::greater<>());
    judgement.acceptable = static_cast<int>(volumes.size());
    if (!volumes.empty())
        judgement.largest = Litres(volumes.front());
    if (volumes.size() >= 2)
        judgement.difference = Litres(volumes[0] - volumes[1]);

    const double limit =
        age.value() <= 6.0 && !volumes.empty() ? std::max(0.100, 0.10 * volumes.front()) : 0.150;
    const bool agree = volumes.size() >= 2 && judgement.difference.value() <= limit + tolerance;
    const std::string difference = fixed(judgement.difference.value() * 1000.0, 0);
    if (judgement.acceptable >= minimumAcceptable && agree) {
        judgement.verdict = SessionVerdict::Repeatable;
        judgement.message = {FUSAIN_TEXT("The two largest agree within {1} mL. The largest, {2} L, is used."),
                             {difference, fixed(volumes.front(), 2)}};
    } else if (static_cast<int>(efforts.size()) >= maximumManoeuvres) {
        judgement.verdict = SessionVerdict::Exhausted;
        judgement.message = {
            FUSAIN_TEXT("Eight efforts without agreement: stop here, the largest is used and flagged."), {}};
    } else if (judgement.acceptable < minimumAcceptable) {
        judgement.message = {FUSAIN_TEXT("{1} acceptable so far; at least three are needed."),
                             {std::to_string(judgement.acceptable)}};
    } else {
        judgement.message = {FUSAIN_TEXT("The two largest differ by {1} mL, more than 150: one more."),
                             {difference}};
    }
    return judgement;
}

} // namespace fusain::lung
