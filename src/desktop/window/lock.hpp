#pragma once
#include "desktop/services/session.hpp"

#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QTimer>

namespace fusain::desktop {

/// Covers the window until somebody says who they are: no name of a client, no number is seen, no key reaches
/// what is behind. Instruments, countdowns and a running recording go on.
class LockCover : public QDialog {
    Q_OBJECT
public:
    /// Idle: only who has a passphrase opens it. Start: who has none is asked for none. Sealed: names are
    /// sealed in the file, and only a passphrase to which they were given opens them, or the recovery phrase.
    enum class Why { Idle, Start, Sealed };
    LockCover(Session& session, QWidget* window, Why why);
    void reject() override {} // Esc leaves nothing

private:
    void offer(Why why);
    void sayWhatOpens();
    void unlock();
    [[nodiscard]] Expected<void> tryToOpen(const std::string& staff, const std::string& said);
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
    /// At the start, where whoever was at the bench last has a passphrase; and whenever names are sealed and
    /// not open here.
    void askWhoItIs();
    [[nodiscard]] bool locked() const { return cover_ != nullptr; }
    /// Why there is nothing to lock; empty where there is.
    [[nodiscard]] QString obstacle() const;
    /// @param minutes without a key or the pointer; 0 for never
    void lockAfter(double minutes);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void cover(LockCover::Why why);
    void touched();
    Session& session_;
    QWidget* window_;
    QTimer idle_;
    LockCover* cover_ = nullptr;
};

} // namespace fusain::desktop
