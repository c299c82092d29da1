#include "procedure/quality/standing.hpp"

#include <algorithm>

namespace fusain {
namespace {

// Of the latest check, unless the instrument was serviced after it.
std::optional<quality::ControlRule> ruleBroken(const CheckStatus& status, const ControlSeries& series) {
    if (!status.last || series.checks.empty() || !(series.checks.back().at == *status.last))
        return std::nullopt;
    const auto& rules = series.points.back().rules;
    const auto rejecting = std::ranges::find_if_not(rules, quality::isWarning);
    return rejecting == rules.end() ? std::nullopt : std::optional(*rejecting);
}

} // namespace

double CheckStanding::left(Instant now) const {
    if (!status.validUntil || !(now < *status.validUntil))
        return 0.0;
    return std::min(1.0, minutesBetween(now, *status.validUntil) / (60.0 * check->every.value()));
}

CheckStanding standingOf(const CheckDefinition& check, const CheckStatus& status, const ControlSeries& series) {
    CheckStanding standing{&check, Standing::Due, status, {}};
    switch (status.state) {
    case CheckState::Failed:
        standing.standing = Standing::Failed;
        break;
    case CheckState::CertificateExpired:
        standing.standing = Standing::CertificateExpired;
        break;
    case CheckState::Overdue:
        break;
    case CheckState::Valid:
        standing.rule = ruleBroken(status, series);
        standing.standing = standing.rule ? Standing::OutOfControl : Standing::Valid;
    }
    return standing;
}

const CheckStanding& worstOf(const std::vector<CheckStanding>& standings) {
    return *std::ranges::min_element(standings, {}, &CheckStanding::standing);
}

} // namespace fusain
