#pragma once
#include "desktop/services/session.hpp"
#include "record/lab/water_log.hpp"

#include <QLabel>

namespace fusain::desktop {

/// The water of the tank while somebody is tested in it: live temperature, the latest reading of chlorine and
/// pH with its age, and whether anybody may be in.
class TankStrip : public QFrame {
    Q_OBJECT
public:
    explicit TankStrip(Session& session);
    /// Reads the water log and shows it.
    void refresh();

private:
    void showFacts();

    Session& session_;
    std::optional<WaterLogEntry> latest_;
    QLabel *facts_, *verdict_;
};

} // namespace fusain::desktop
