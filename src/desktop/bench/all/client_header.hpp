#pragma once
#include "desktop/services/session.hpp"

#include <QLabel>
#include <QPushButton>
#include <QTimer>

namespace fusain::desktop {

/// Who is on the bench: name, what tells them apart, what was found last, the note; the time, and what can be
/// done at every step.
class ClientHeader : public QWidget {
    Q_OBJECT
public:
    explicit ClientHeader(Session& session);
    /// Shows the client of the test on the bench. @pre there is one
    void refresh();

Q_SIGNALS:
    void noteAsked();
    void endAsked();
    void standBackAsked();

private:
    [[nodiscard]] QString factsOf(const Client& client);
    [[nodiscard]] QString lastFound(const std::string& clientId);
    void showTime();

    Session& session_;
    QLabel *name_, *facts_, *last_, *ask_, *note_, *time_;
    QTimer ticking_;
    std::string lastOf_; ///< test for which it was looked up
};

} // namespace fusain::desktop
