#pragma once
#include "desktop/services/session.hpp"
#include "report/pages/visit_report.hpp"

namespace fusain::desktop {

/// The days on which a client has signed tests, newest first.
[[nodiscard]] std::vector<Instant> visitDays(Session& session, const std::string& clientId);

/// Gathers what a report on one visit shows.
/// @param day any moment of the lab's own day  @return a Problem when nothing was signed that day
[[nodiscard]] Expected<report::VisitReport> visitReportOn(Session& session, const Client& client, Instant day);

/// The methods and the reader of a preparation sheet for an appointment. @param at when each method begins
[[nodiscard]] PreparationSheet sheetFor(Session& session, const Client& client,
                                        std::span<const std::pair<std::string, Instant>> methods);

} // namespace fusain::desktop
