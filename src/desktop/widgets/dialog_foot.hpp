#pragma once
#include <QDialogButtonBox>
#include <QPushButton>
#include <functional>

class QDialog;

namespace fusain::desktop {

/// The foot of a dialog: its one primary action, which Enter does, and the way back.
struct DialogFoot {
    QDialogButtonBox* box;
    QPushButton* primary;
};
/// @param action words on the primary button  @param act what it does; without one the dialog is accepted
[[nodiscard]] DialogFoot footOf(QDialog* dialog, const QString& action, const std::function<void()>& act = {});

} // namespace fusain::desktop
