#include "desktop/widgets/ask.hpp"

#include <QInputDialog>
#include <QLineEdit>

namespace fusain::desktop {

QString askReason(QWidget* parent, const QString& title, const QString& question) {
    QInputDialog dialog(parent);
    dialog.setObjectName(QStringLiteral("reason"));
    dialog.setWindowTitle(title);
    dialog.setLabelText(question);
    dialog.setOkButtonText(QObject::tr("Save the reason"));
    dialog.setCancelButtonText(QObject::tr("Go back"));
    return dialog.exec() == QDialog::Accepted ? dialog.textValue().trimmed() : QString();
}

std::optional<std::string> askSecret(QWidget* parent, const QString& act, const QString& question) {
    QInputDialog dialog(parent);
    dialog.setObjectName(QStringLiteral("passphrase"));
    dialog.setWindowTitle(act);
    dialog.setLabelText(question);
    dialog.setTextEchoMode(QLineEdit::Password);
    dialog.setOkButtonText(act);
    dialog.setCancelButtonText(QObject::tr("Go back"));
    return dialog.exec() == QDialog::Accepted ? std::optional(dialog.textValue().toStdString()) : std::nullopt;
}

std::optional<std::string> askNewSecret(QWidget* parent, const QString& act, const QString& question) {
    for (QString asked = question;;) {
        const auto first = askSecret(parent, act, asked);
        const auto again = first ? askSecret(parent, act, QObject::tr("Repeat the passphrase")) : std::nullopt;
        if (!again || *first == *again)
            return again;
        asked = QObject::tr("The passphrases do not match.") + QLatin1Char('\n') + question;
    }
}

QLineEdit* secretField(const QString& accessibleName) {
    auto* field = new QLineEdit;
    field->setEchoMode(QLineEdit::Password);
    field->setAccessibleName(accessibleName);
    return field;
}

} // namespace fusain::desktop
