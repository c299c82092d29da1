#pragma once
#include "desktop/services/session.hpp"

#include <QDialog>
#include <QLabel>
#include <QListWidget>

namespace fusain::desktop {

/// A running test that another workstation has: its steps and what it gave so far, as they come. Read only.
class LookOn : public QDialog {
    Q_OBJECT
public:
    LookOn(Session& session, const std::string& testId, QWidget* parent = nullptr);
    /// Whether the test was taken over from here.
    [[nodiscard]] bool taken() const { return taken_; }

private:
    void refresh();
    void takeOver();

    Session& session_;
    std::string testId_;
    QLabel *who_, *where_;
    QListWidget *steps_, *sheet_;
    bool taken_ = false;
};

/// Puts a test on the bench. One that another workstation has is looked on at, and taken over only with a
/// reason.
/// @return whether it is on the bench; a Problem is reported
bool openOnBench(Session& session, QWidget* parent, const std::string& testId);

} // namespace fusain::desktop
