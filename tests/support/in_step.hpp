#pragma once
#include "link/connection/instrument_hub.hpp"
#include "link/simulation/all/simulated_lab.hpp"

#include <QCoreApplication>
#include <algorithm>

namespace fusain::testing {

/// Links a hub to simulated instruments in step: time passes for the instruments only when the window has taken
/// all that they sent and they have taken all that it sent, and the links know no other time. A busy machine
/// plays the same test, only slower.
inline void linkInStep(link::InstrumentHub& hub, simulation::SimulatedLab& lab, const QStringList& roles) {
    lab.setPace(1, [&hub, &lab, roles] {
        return std::ranges::none_of(roles, [&](const QString& role) {
            const auto latest = hub.latest(role);
            return hub.sent(role) > lab.taken(role) || (latest && latest->sequence < lab.sent(role));
        });
    });
    hub.setClock(lab.clock());
    for (const QString& role : roles)
        hub.configure(role,
                      link::LinkSettings::fromText(QStringLiteral("tcp:127.0.0.1:%1").arg(lab.openTcp(role))));
}

/// Lets the instruments' own time pass.
inline void pass(const simulation::SimulatedLab& lab, qint64 milliseconds) {
    const auto clock = lab.clock();
    for (const qint64 end = clock() + milliseconds; clock() < end;)
        QCoreApplication::processEvents(QEventLoop::AllEvents, 10);
}

} // namespace fusain::testing
