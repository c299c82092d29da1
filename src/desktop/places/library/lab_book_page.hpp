#pragma once
#include "desktop/services/session.hpp"
#include "desktop/widgets/parts.hpp"

namespace fusain::desktop {

/// The care of the lab book: verify its journal, copy it, restore a copy.
class LabBookPage : public QWidget {
    Q_OBJECT
public:
    explicit LabBookPage(Session& session);

private:
    void verify();
    /// What a verification found, for people.
    [[nodiscard]] static QString damageWords(const store::Verification& verification);
    void backUp();
    void restore();

    Session& session_;
    QLabel* book_;
};

} // namespace fusain::desktop
