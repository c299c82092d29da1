#pragma once
#include "desktop/services/session.hpp"

#include <QLabel>

namespace fusain::desktop {

/// The water of the tank while somebody is tested in it: live temperature, the latest reading of chlorine and
/// pH with its age, and whether anybody may be in.
class TankStrip : public QFrame {
    Q_OBJECT
public:
    explicit TankStrip(Session& session);
    void refresh();

private:
    Session& session_;
    QLabel *facts_, *verdict_;
};

} // namespace fusain::desktop
