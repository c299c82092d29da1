#pragma once
#include "desktop/services/session.hpp"
#include "desktop/widgets/parts.hpp"

namespace fusain::desktop {

/// The care of the lab book: verify its journal, copy it.
class LabBookPage : public QWidget {
    Q_OBJECT
public:
    explicit LabBookPage(Session& session);

private:
    void verify();
    void show();
    void chooseSecond();
    void backUp();

    Session& session_;
    QLabel* book_;
    QLabel* copies_;
};

} // namespace fusain::desktop
