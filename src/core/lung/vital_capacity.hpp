#pragma once
#include "core/base/message.hpp"
#include "core/units/units.hpp"

#include <optional>
#include <span>
#include <vector>

namespace fusain::lung {

/// One point of a volume-time curve: exhaled volume, ambient conditions.
struct VolumeSample {
    Seconds time;
    Litres volume;
};

/// What the curve of one forced expiration shows. Volumes at ambient conditions.
struct ManoeuvreQuality {
    Litres vitalCapacity;
    Litres backExtrapolatedVolume;
    Litres lastSecondVolume;
    Seconds expiratoryTime;
    bool goodStart = false; ///< back-extrapolated volume ≤ max(5 % of the capacity, 0.100 L)
    bool goodEnd = false;   ///< last second ≤ 0.025 L, or ≥ 15 s, or within tolerance of the best so far
    Message remark;         ///< what to tell the client when it is not acceptable
    [[nodiscard]] bool acceptable() const { return goodStart && goodEnd; }
};

/// Reads a volume-time curve.
/// @param samples in order of time, exhaled volume rising from 0; at least 10 points over at least 1 s
/// @param bestSoFar largest acceptable capacity of the session, if any (same conditions)
/// @return the capacity and the criteria; goodStart false with a remark when the curve is too short to judge
/// @par Source Graham BL et al (2019), ATS/ERS standardization of spirometry, Am J Respir Crit Care Med
/// 200:e70-e88.
[[nodiscard]] ManoeuvreQuality judgeManoeuvre(std::span<const VolumeSample> samples,
                                              std::optional<Litres> bestSoFar);

/// What to do after the manoeuvres made so far.
enum class SessionVerdict {
    NeedMore,   ///< fewer than three acceptable, or the two largest differ too much; efforts remain
    Repeatable, ///< at least three acceptable and the two largest agree
    Exhausted   ///< eight efforts made without agreement: the largest is used and flagged
};

struct SessionJudgement {
    SessionVerdict verdict = SessionVerdict::NeedMore;
    std::optional<Litres> largest; ///< L BTPS, of the acceptable ones
    Litres difference{0.0};        ///< between the two largest acceptable ones
    int acceptable = 0;
    Message message;
};

inline constexpr int maximumManoeuvres = 8;
inline constexpr int minimumAcceptable = 3;

/// One effort of the session, at body conditions.
struct Effort {
    Litres volume; ///< L BTPS
    bool acceptable = true;
};

/// The 2019 ATS/ERS repeatability rule: at least three acceptable, the two largest within 0.150 L (6 y and
/// younger: the larger of 0.100 L and 10 %), at most eight efforts, the largest is used.
/// @par Source Graham BL et al (2019), Am J Respir Crit Care Med 200:e70-e88.
[[nodiscard]] SessionJudgement judgeSession(std::span<const Effort> efforts, Years age);

} // namespace fusain::lung
