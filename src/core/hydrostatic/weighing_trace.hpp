#pragma once
#include "core/base/message.hpp"
#include "core/units/units.hpp"

#include <memory>
#include <optional>
#include <span>
#include <vector>

namespace fusain::hydrostatic {

/// One sample of the load-cell indicator during a trial: gross mass, chair and belt included.
struct ForceSample {
    Seconds time;
    Kilograms gross;
};

enum class TraceVerdict {
    Waiting,           ///< too short to say anything
    Unsettled,         ///< swinging or splashing more than the model explains
    StillBreathingOut, ///< the weight is still rising: gas is leaving the lungs
    Contact,           ///< a jump or rubbing after the reading stood: wall, floor or a helper's hand
    Readable           ///< the reading stands
};

/// What the trace says so far.
struct TraceReading {
    TraceVerdict verdict = TraceVerdict::Waiting;
    Kilograms gross{0.0};         ///< steady gross mass of the best window
    Kilograms standardError{0.0}; ///< of the steady mass, from noise, swing and possible drift
    Seconds windowStart{0.0};
    Seconds windowEnd{0.0};
    KilogramsPerSecond drift; ///< in the window
    Hertz swing{0.0};
    Kilograms swingAmplitude{0.0}; ///< at the start of the window
    Seconds answeredAt{0.0};       ///< when the reading first stood; 0 if never
    Kilograms tare{0.0};           ///< chair and belt, as the analyzer was told
    bool up = false;               ///< the client has come up after the reading stood: it is kept
    [[nodiscard]] Kilograms net() const { return gross - tare; }
    [[nodiscard]] Message message() const;
};

/// Reads the bouncing number while it comes in.
///
/// The steady net weight of a submerged person is hidden under the swing of the chair, the tail of the
/// breathing out, splashes and noise. Every quarter of a second the latest 2 … 8 s are fitted with
///     w(t) = a + b(t − t̄) + e^(−λτ)(p cos ωτ + q sin ωτ),  τ = t − window start
/// by variable projection on a grid of (λ, ω) and a Gauss-Newton refinement with Huber weights. A window counts
/// when its residual is no larger than the trace's own high-frequency noise allows and its drift b is not
/// distinguishable from zero; among those that count, the one with the smallest standard error is read and
/// kept. When the net weight then falls to less than half of it, the client has come up: nothing later is read.
/// A later window that no longer fits, or whose level jumps, without the client coming up within 1.5 s, is
/// contact. Limits are engineering choices of this program, documented in docs/science/hydrostatic.md with the
/// simulation that supports them.
///
/// Samples faster than 50 Hz are averaged to 50 Hz. Samples must come in order of time; others are ignored.
class WeighingTraceAnalyzer {
public:
    /// @param tare what the indicator shows for chair and belt, kg; coming up is judged by the net weight
    explicit WeighingTraceAnalyzer(Kilograms tare = Kilograms(0.0));
    ~WeighingTraceAnalyzer();
    WeighingTraceAnalyzer(WeighingTraceAnalyzer&&) noexcept;
    WeighingTraceAnalyzer& operator=(WeighingTraceAnalyzer&&) noexcept;

    /// Takes one sample; analyses when a quarter of a second has passed since the last analysis.
    void add(const ForceSample& sample);
    /// The reading as of the last analysis.
    [[nodiscard]] const TraceReading& reading() const;

private:
    struct State;
    std::unique_ptr<State> state_;
};

/// The whole recorded trace at once; the same as adding every sample to an analyzer.
[[nodiscard]] TraceReading analyseTrace(std::span<const ForceSample> samples, Kilograms tare = Kilograms(0.0));

} // namespace fusain::hydrostatic
