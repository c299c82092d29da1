#pragma once
#include "desktop/services/session.hpp"

#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QTimer>

namespace fusain::desktop {

/// Covers the window until somebody with a passphrase says it: no name, no number is seen, no key reaches what
/// is behind. Instruments, countdowns and a running recording go on.
class LockCover : public QDialog {
    Q_OBJECT
public:
    LockCover(Session& session, QWidget* window);
    void reject() override {} // Esc leaves nothing

private:
    void unlock();
    Session& session_;
    QComboBox* who_;
    QLineEdit* passphrase_;
    QLabel* said_;
};

/// Locks the window when nobody has touched it for a while, and when it is asked to. Without a passphrase of
/// whoever is at the bench nothing is locked: a lab of one person stays as easy as it is.
class Lock : public QObject {
    Q_OBJECT
public:
    Lock(Session& session, QWidget* window);
    void lockNow();
    [[nodiscard]] bool locked() const { return cover_ != nullptr; }
    /// Why there is nothing to lock; empty where there is.
    [[nodiscard]] QString obstacle() const;
    /// @param minutes without a key or the pointer; 0 for never
    void lockAfter(double minutes);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    Session& session_;
    QWidget* window_;
    QTimer idle_;
    LockCover* cover_ = nullptr;
};

} // namespace fusain::desktop
