#pragma once
#include "desktop/services/background.hpp"

#include <QLabel>
#include <QProgressBar>
#include <QPushButton>
#include <QTimer>

namespace fusain::desktop {

/// What long work is under way beside the window, how far it is, and a way to end it. Gone while nothing is.
class WorkLine : public QWidget {
    Q_OBJECT
public:
    explicit WorkLine(Background& background, QWidget* parent = nullptr);

private:
    void show();
    void showShare();

    Background& background_;
    QLabel* words_;
    QProgressBar* bar_;
    QPushButton* cancel_;
    QTimer looking_;
};

} // namespace fusain::desktop
