#pragma once
#include <QApplication>

namespace fusain {

/// An exception that no room expected costs the act that it happened in, not the program: what was accepted is
/// on disk, the window says what happened, and goes on.
class GuardedApplication : public QApplication {
public:
    using QApplication::QApplication;
    bool notify(QObject* receiver, QEvent* event) override;
};

} // namespace fusain
