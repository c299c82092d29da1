#pragma once
#include "desktop/services/session.hpp"

#include <QFrame>
#include <QLabel>
#include <QPushButton>

namespace fusain::desktop {

class Waiting;

/// What concerns the lab book itself: it stands above everything else until it is mended. A file that is gone
/// can be saved elsewhere; while a server is away what is accepted waits, and is delivered when it is back.
class CareBar : public QFrame {
    Q_OBJECT
public:
    CareBar(Session& session, QWidget* window);
    /// Whether the book can be read now; says why not.
    [[nodiscard]] bool canRead();

private:
    void show(const QString& words, const QPushButton* way = nullptr);
    void deliver();
    void decide();
    void displaced(const Problem& problem);
    void sayItIsAway();
    void back();
    void saveElsewhere();

    Session& session_;
    Waiting* waiting_;
    QLabel* said_;
    QPushButton *save_, *decide_;
    bool saysAway_ = false;
};

} // namespace fusain::desktop
