#pragma once
#include "procedure/quality/quality_review.hpp"

namespace fusain {

/// Whether an instrument may be used by one of its checks, and whether the chart of the check agrees; the worst
/// first.
enum class Standing {
    Failed,
    CertificateExpired,
    Due,
    OutOfControl, ///< it may be used, but the latest check breaks a rule of the chart that rejects
    Valid
};

/// One check of an instrument as it stands now.
struct CheckStanding {
    const CheckDefinition* check = nullptr; ///< lives as long as the instrument
    Standing standing = Standing::Due;
    CheckStatus status;
    std::optional<quality::ControlRule> rule; ///< that the latest check breaks, when it is out of control
    /// How much of the time for which a check holds is left: 1 just made, 0 when it is due.
    [[nodiscard]] double left(Instant now) const;
};

/// A check and its chart, put together. @param series of the same check
[[nodiscard]] CheckStanding standingOf(const CheckDefinition& check, const CheckStatus& status,
                                       const ControlSeries& series);

/// @param standings of one instrument, at least one  @return the worst; of equal ones the first
[[nodiscard]] const CheckStanding& worstOf(const std::vector<CheckStanding>& standings);

} // namespace fusain
