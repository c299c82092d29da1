#pragma once
#include "desktop/services/session.hpp"

#include <QWidget>

namespace fusain::desktop {

/// Asks whether a test may start when something about it is unusual: another test is open on the instrument,
/// the appointment is on another day or hours away, or the instrument's preparation is not done. Asks nothing
/// when all is as planned. @param over the window that asks  @return whether to start
[[nodiscard]] bool mayStart(QWidget* over, Session& session, const Client& client, const std::string& visitId,
                            std::string_view method);

} // namespace fusain::desktop
