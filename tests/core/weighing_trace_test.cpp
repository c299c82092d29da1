#include "core/hydrostatic/weighing_trace.hpp"

#include <cmath>
#include <gtest/gtest.h>
#include <numbers>

namespace fusain::hydrostatic::weighing_trace_test {
namespace {

// A steady 7.250 kg under a swing, without random noise: the answer is known exactly.
std::vector<ForceSample> swinging(double seconds, double driftPerSecond = 0.0, double rate = 50.0) {
    std::vector<ForceSample> samples;
    for (int i = 0; i < static_cast<int>(seconds * rate); ++i) {
        const double t = i / rate;
        samples.push_back(
            {Seconds(t), Kilograms(7.250 + driftPerSecond * t +
                                   0.3 * std::exp(-0.2 * t) * std::cos(2.0 * std::numbers::pi * 0.6 * t))});
    }
    return samples;
}

TEST(WeighingTrace, ReadsTheLevelUnderTheSwing) {
    const TraceReading reading = analyseTrace(swinging(8.0));
    EXPECT_EQ(reading.verdict, TraceVerdict::Readable);
    EXPECT_NEAR(reading.gross.value(), 7.250, 0.001);
    EXPECT_NEAR(reading.swing.value(), 0.6, 0.01);
}

// A window has to be filled, whenever the recording began.
TEST(WeighingTrace, ThreeQuartersOfTheShortestWindowAreNoReading) {
    auto samples = swinging(1.4);
    EXPECT_EQ(analyseTrace(samples).answeredAt.value(), 0.0);
    for (ForceSample& sample : samples) {
        sample.time += Seconds(10.0);
        sample.gross = Kilograms(7.250);
    }
    EXPECT_EQ(analyseTrace(samples).answeredAt.value(), 0.0);
}

TEST(WeighingTrace, ARisingWeightIsStillBreathingOut) {
    const TraceReading reading = analyseTrace(swinging(10.0, 0.06));
    EXPECT_EQ(reading.verdict, TraceVerdict::StillBreathingOut);
    EXPECT_NEAR(reading.drift.value(), 0.06, 0.01);
}

TEST(WeighingTrace, AJumpAfterTheReadingIsContact) {
    auto samples = swinging(12.0);
    for (ForceSample& sample : samples)
        if (sample.time.value() > 7.0)
            sample.gross += Kilograms(-0.25);
    EXPECT_EQ(analyseTrace(samples).verdict, TraceVerdict::Contact);
}

TEST(WeighingTrace, AHeadOutOfTheWaterEndsTheReading) {
    auto samples = swinging(8.0);
    for (ForceSample& sample : samples)
        if (sample.time.value() > 6.0)
            sample.gross += Kilograms(-4.0);
    const TraceReading reading = analyseTrace(samples);
    EXPECT_EQ(reading.verdict, TraceVerdict::Readable);
    EXPECT_NEAR(reading.gross.value(), 7.250, 0.001);
}

// The limit is half of the net weight: with a tare of 6.25 kg the client weighs 1.000 kg.
TEST(WeighingTrace, ComingUpIsHalfOfTheNetWeight) {
    const auto droppingBy = [](double drop) {
        auto samples = swinging(12.0);
        for (ForceSample& sample : samples)
            if (sample.time.value() > 8.0)
                sample.gross += Kilograms(-drop);
        return analyseTrace(samples, Kilograms(6.25));
    };
    EXPECT_TRUE(droppingBy(0.56).up);
    EXPECT_EQ(droppingBy(0.56).verdict, TraceVerdict::Readable);
    EXPECT_NEAR(droppingBy(0.56).net().value(), 1.000, 0.001);
    EXPECT_FALSE(droppingBy(0.44).up); // still down: something took the weight
    EXPECT_EQ(droppingBy(0.44).verdict, TraceVerdict::Contact);
}

TEST(WeighingTrace, NothingIsReadFromLessThanASecond) {
    EXPECT_EQ(analyseTrace(swinging(0.9)).verdict, TraceVerdict::Waiting);
    EXPECT_EQ(analyseTrace({}).verdict, TraceVerdict::Waiting);
}

TEST(WeighingTrace, AThousandHertzGivesTheSameAnswer) {
    EXPECT_NEAR(analyseTrace(swinging(8.0, 0.0, 1000.0)).gross.value(), 7.250, 0.001);
}

TEST(WeighingTrace, BadSamplesAreIgnored) {
    auto samples = swinging(8.0);
    samples.insert(samples.begin() + 100, {Seconds(0.5), Kilograms(99.0)});          // out of order
    samples.insert(samples.begin() + 200, {Seconds(3.99), Kilograms(std::nan(""))}); // not a number
    EXPECT_NEAR(analyseTrace(samples).gross.value(), 7.250, 0.002);
}

TEST(WeighingTrace, LiveAndWholeAnalysisAgree) {
    const auto samples = swinging(9.0);
    WeighingTraceAnalyzer live;
    for (const ForceSample& sample : samples)
        live.add(sample);
    EXPECT_EQ(live.reading().gross, analyseTrace(samples).gross);
}

// What is out of order or no number leaves the reading as if it had never come.
TEST(WeighingTrace, ABadSampleChangesNothing) {
    const auto clean = analyseTrace(swinging(8.0));
    auto samples = swinging(8.0);
    for (std::size_t i = samples.size() - 1; i > 10; i -= 10)
        samples.insert(samples.begin() + static_cast<long>(i), {samples[i - 1].time, Kilograms(60.0)});
    EXPECT_EQ(analyseTrace(samples).gross, clean.gross);
    EXPECT_EQ(analyseTrace(samples).verdict, clean.verdict);
    samples = swinging(8.0);
    for (std::size_t i = 1; i < samples.size(); i += 10)
        samples.insert(
            samples.begin() + static_cast<long>(i),
            {Seconds(0.5 * (samples[i - 1].time + samples[i].time).value()), Kilograms(std::nan(""))});
    EXPECT_EQ(analyseTrace(samples).gross, clean.gross);
}

} // namespace
} // namespace fusain::hydrostatic::weighing_trace_test
