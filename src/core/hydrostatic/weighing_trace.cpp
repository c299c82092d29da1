#include "core/hydrostatic/weighing_trace.hpp"

#include "core/hydrostatic/swing_fit.hpp"
#include "core/numeric/statistics.hpp"
#include "core/units/format.hpp"

#include <algorithm>
#include <array>
#include <cmath>

namespace fusain::hydrostatic {
namespace {

constexpr double binSeconds = 0.020;      // 50 Hz
constexpr double analysisInterval = 0.25; // s
constexpr std::array windowLengths{1.6, 2.0, 2.5, 3.5, 5.0, 7.0};
constexpr double contactWindow = 2.0;          // s
constexpr double surfacedFraction = 0.5;       // of the net weight: below it the client has come up
constexpr double leastSurfacingDrop = 0.15;    // kg, for a client who weighs next to nothing under water
constexpr double surfacingSeconds = 1.0;       // mean over so long, so that a swing is no coming up
constexpr double contactPatience = 1.5;        // s in which a jump may turn out to be the coming up
constexpr double tolerableDrift = 0.006;       // kg/s: below this a drift is not called breathing out
constexpr double strongDrift = 0.020;          // kg/s: above this a window is never read
constexpr int rubbingAnalyses = 14;            // 3.5 s without an explicable window: splashes settle sooner
constexpr double largestReadableError = 0.015; // kg

} // namespace

Message TraceReading::message() const {
    switch (verdict) {
    case TraceVerdict::Waiting:
        return {FUSAIN_TEXT("Waiting for the client to go under."), {}};
    case TraceVerdict::Unsettled:
        return {FUSAIN_TEXT("Not steady yet: keep still, touch nothing but the chair."), {}};
    case TraceVerdict::StillBreathingOut:
        return {FUSAIN_TEXT("Still breathing out: {1} kg a second."), {signedFixed(drift.value(), 3)}};
    case TraceVerdict::Contact:
        return {FUSAIN_TEXT("Contact: the reading jumped. Wall, floor or a hand? Repeat this trial."), {}};
    case TraceVerdict::Readable:
        return up ? Message{FUSAIN_TEXT("Client up. {1} kg is ready."), {fixed(net().value(), 2)}}
                  : Message{FUSAIN_TEXT("Reading steady, no contact seen."), {}};
    }
    return {};
}

struct WeighingTraceAnalyzer::State {
    std::vector<SwingPoint> points; // averaged to at most 50 Hz
    double binStart = 0.0, binSum = 0.0, binTime = 0.0;
    int binCount = 0;
    double nextAnalysis = 0.0;
    double lastTime = -1.0;
    int suspicious = 0;                // consecutive analyses that look like contact
    std::optional<double> suspectedAt; // when they were enough; contact unless the client comes up
    int unexplained = 0;               // consecutive analyses in which no window could be explained
    bool contact = false;
    std::optional<SwingFit> best;
    TraceReading reading;

    void take(const ForceSample& sample);
    void closeBin();
    void analyse();
    [[nodiscard]] double noise() const;
    [[nodiscard]] std::span<const SwingPoint> lastSeconds(double seconds) const;
    void judgeWindows(double now, double noiseLevel, const std::optional<SwingFit>& ofContactWindow);
    void watchForContact(double now, double noiseLevel, const std::optional<SwingFit>& fit);
    [[nodiscard]] bool cameUp() const;
    void publish(const SwingFit& fit, TraceVerdict verdict);
};

void WeighingTraceAnalyzer::State::take(const ForceSample& sample) {
    const double time = sample.time.value(), gross = sample.gross.value();
    if (!(time > lastTime) || !std::isfinite(gross))
        return;
    if (lastTime < 0.0) {
        binStart = time;
        nextAnalysis = time + analysisInterval;
    }
    lastTime = time;
    if (binCount > 0 && time - binStart >= binSeconds * 0.999)
        closeBin();
    if (binCount == 0)
        binStart = time;
    binSum += gross;
    binTime += time;
    ++binCount;
    if (time >= nextAnalysis) {
        nextAnalysis = time + analysisInterval;
        analyse();
    }
}

void WeighingTraceAnalyzer::State::closeBin() {
    points.push_back({binTime / binCount, binSum / binCount});
    binSum = binTime = 0.0;
    binCount = 0;
}

// Median absolute second difference over the trace: blind to swing and drift, robust to splashes.
double WeighingTraceAnalyzer::State::noise() const {
    std::vector<double> differences;
    const std::size_t first = points.size() > 400 ? points.size() - 400 : 0;
    for (std::size_t i = first + 2; i < points.size(); ++i)
        differences.push_back(std::abs(points[i].mass - 2.0 * points[i - 1].mass + points[i - 2].mass));
    return std::max(0.001, 1.4826 * statistics::median(differences) / std::sqrt(6.0));
}

std::span<const SwingPoint> WeighingTraceAnalyzer::State::lastSeconds(double seconds) const {
    const double from = points.back().time - seconds;
    const auto first = std::ranges::lower_bound(points, from, {}, &SwingPoint::time);
    return {first, points.end()};
}

void WeighingTraceAnalyzer::State::publish(const SwingFit& fit, TraceVerdict verdict) {
    reading.verdict = verdict;
    reading.gross = Kilograms(fit.level);
    reading.standardError = Kilograms(fit.levelError);
    reading.windowStart = Seconds(fit.start);
    reading.windowEnd = Seconds(fit.end);
    reading.drift = KilogramsPerSecond(fit.drift);
    reading.swing = Hertz(fit.frequency);
    reading.swingAmplitude = Kilograms(fit.amplitude);
}

void WeighingTraceAnalyzer::State::judgeWindows(double now, double noiseLevel,
                                                const std::optional<SwingFit>& ofContactWindow) {
    const auto explained = [noiseLevel](double residual) { return residual <= 1.35 * noiseLevel + 0.0015; };
    std::optional<SwingFit> latest, breathing;
    bool anyExplained = false;
    for (const double length : windowLengths) {
        const auto window = lastSeconds(length);
        if (window.size() < 50 || window.back().time - window.front().time < 0.95 * length)
            break;
        const std::optional<SwingFit> fit =
            length == contactWindow ? ofContactWindow : fitSwing(window, noiseLevel);
        if (!fit)
            continue;
        latest = latest ? latest : fit;
        anyExplained = anyExplained || explained(fit->residual) || explained(fit->driftResidual);
        const bool drifting =
            std::abs(fit->drift) > tolerableDrift && std::abs(fit->drift) > 2.5 * fit->driftError;
        if (drifting && fit->drift > 0.0 && explained(fit->driftResidual))
            breathing = fit;
        if (!explained(fit->residual) || drifting || std::abs(fit->drift) > strongDrift ||
            fit->levelError > largestReadableError)
            continue;
        if (!best || fit->levelError < best->levelError)
            best = fit;
        if (reading.answeredAt.value() == 0.0)
            reading.answeredAt = Seconds(now);
    }
    unexplained = anyExplained || !latest ? 0 : unexplained + 1;
    contact = contact || unexplained >= rubbingAnalyses;
    if (best)
        publish(*best, TraceVerdict::Readable);
    else if (breathing)
        publish(*breathing, TraceVerdict::StillBreathingOut);
    else if (latest)
        publish(*latest, TraceVerdict::Unsettled);
}

void WeighingTraceAnalyzer::State::watchForContact(double now, double noiseLevel,
                                                   const std::optional<SwingFit>& fit) {
    if (!best || !fit || fit->start < best->start)
        return;
    const double jump = std::abs(fit->level - best->level);
    const bool rubbing = fit->residual > 1.7 * noiseLevel + 0.003;
    const bool moved = jump > 0.012 + 5.0 * std::hypot(fit->levelError, best->levelError);
    suspicious = rubbing || moved ? suspicious + 1 : 0;
    if (suspicious >= 2 && !suspectedAt)
        suspectedAt = now;
    contact = contact || (suspectedAt && now - *suspectedAt >= contactPatience);
}

// Judged by a fraction of the net weight, so that a light client is not taken for one who touched the wall.
bool WeighingTraceAnalyzer::State::cameUp() const {
    if (!best)
        return false;
    const auto window = lastSeconds(surfacingSeconds);
    double sum = 0.0;
    for (const SwingPoint& point : window)
        sum += point.mass;
    const double drop = best->level - sum / static_cast<double>(window.size());
    return drop > std::max(leastSurfacingDrop, surfacedFraction * (best->level - reading.tare.value()));
}

void WeighingTraceAnalyzer::State::analyse() {
    if (reading.up || points.size() < 50)
        return;
    const double now = points.back().time;
    if (cameUp()) {
        reading.up = true;
        return;
    }
    const double noiseLevel = noise();
    const auto latest = fitSwing(lastSeconds(contactWindow), noiseLevel);
    watchForContact(now, noiseLevel, latest);
    if (!suspectedAt) // what follows a jump is no better window of the same trial
        judgeWindows(now, noiseLevel, latest);
    if (contact)
        reading.verdict = TraceVerdict::Contact;
}

WeighingTraceAnalyzer::WeighingTraceAnalyzer(Kilograms tare) : state_(std::make_unique<State>()) {
    state_->reading.tare = tare;
}
WeighingTraceAnalyzer::~WeighingTraceAnalyzer() = default;
WeighingTraceAnalyzer::WeighingTraceAnalyzer(WeighingTraceAnalyzer&&) noexcept = default;
WeighingTraceAnalyzer& WeighingTraceAnalyzer::operator=(WeighingTraceAnalyzer&&) noexcept = default;

void WeighingTraceAnalyzer::add(const ForceSample& sample) {
    state_->take(sample);
}

const TraceReading& WeighingTraceAnalyzer::reading() const {
    return state_->reading;
}

TraceReading analyseTrace(std::span<const ForceSample> samples, Kilograms tare) {
    WeighingTraceAnalyzer analyzer(tare);
    for (const ForceSample& sample : samples)
        analyzer.add(sample);
    return analyzer.reading();
}

} // namespace fusain::hydrostatic
