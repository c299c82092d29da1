#pragma once
#include "desktop/services/session.hpp"

#include <QWidget>

namespace fusain::desktop {

/// What was accepted here while the server of the lab book was away: says how much waits, puts it into the book
/// when the server is back, and asks where another workstation has written to the same test meanwhile.
class Waiting : public QObject {
    Q_OBJECT
public:
    Waiting(Session& session, QWidget* window);
    /// What is said while the server is away.
    [[nodiscard]] QString words() const;
    void deliver();

private:
    [[nodiscard]] bool mayAsk() const;
    void decide(const std::string& test);

    Session& session_;
    QWidget* window_;
    bool asking_ = false;
};

} // namespace fusain::desktop
