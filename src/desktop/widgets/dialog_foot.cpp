#include "desktop/widgets/dialog_foot.hpp"

#include <QDialog>

namespace fusain::desktop {

DialogFoot footOf(QDialog* dialog, const QString& action, const std::function<void()>& act) {
    auto* box = new QDialogButtonBox;
    auto* primary = box->addButton(action, QDialogButtonBox::AcceptRole);
    primary->setObjectName(QStringLiteral("primary"));
    box->addButton(QObject::tr("Go back"), QDialogButtonBox::RejectRole);
    if (act)
        QObject::connect(box, &QDialogButtonBox::accepted, dialog, act);
    else
        QObject::connect(box, &QDialogButtonBox::accepted, dialog, &QDialog::accept);
    QObject::connect(box, &QDialogButtonBox::rejected, dialog, &QDialog::reject);
    return {box, primary};
}

} // namespace fusain::desktop
