#include "desktop/views/passphrase.hpp"

#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/ask.hpp"
#include "desktop/widgets/dialog_foot.hpp"
#include "desktop/widgets/parts.hpp"
#include "report/base/words.hpp"
#include "store/book/signatures.hpp"

#include <QFormLayout>
#include <QVBoxLayout>

namespace fusain::desktop {

std::optional<std::string> passphraseOf(Session& session, QWidget* parent, const Staff& staff,
                                        const QString& act) {
    if (!session.signatures().keyOf(staff.id))
        return std::string();
    return askSecret(parent, act, QObject::tr("Passphrase of %1").arg(report::plain(staff.name)));
}

std::optional<std::string> passphraseOrPinOf(Session& session, QWidget* parent, const Staff& staff,
                                             const QString& act) {
    if (!session.signatures().keyOf(staff.id) || !session.pins().has(staff.id, session.now()))
        return passphraseOf(session, parent, staff, act);
    return askSecret(parent, act, QObject::tr("Passphrase or PIN of %1").arg(report::plain(staff.name)));
}

void chooseDayPin(Session& session, QWidget* parent) {
    const Staff who = session.atTheBench();
    const QString act = QObject::tr("Choose a PIN");
    if (!session.signatures().keyOf(who.id)) {
        session.report(
            failure({FUSAIN_TEXT("Make your passphrase first: it is asked before a PIN is chosen."), {}}));
        return;
    }
    if (!provesWhoItIs(session, parent, act))
        return;
    const auto pin =
        askSecret(parent, act,
                  QObject::tr("PIN of %1 to %2 digits. Until the day ends it unlocks this window and takes the "
                              "bench.\nSigning still asks for the passphrase.")
                      .arg(DayPins::leastDigits)
                      .arg(DayPins::mostDigits));
    if (pin)
        session.report(session.pins().choose(who.id, *pin, session.now()));
}

bool provesWhoItIs(Session& session, QWidget* parent, const QString& act) {
    const auto passphrase = passphraseOf(session, parent, session.atTheBench(), act);
    return passphrase &&
           session.report(session.signatures().isPassphraseOf(session.atTheBench().id, *passphrase));
}

NewPassphrase::NewPassphrase(Session& session, const Staff& staff, QWidget* parent)
    : QDialog(parent), session_(session), staff_(staff), before_(secretField(tr("Current passphrase"))),
      first_(secretField(tr("New passphrase"))), again_(secretField(tr("Repeat the passphrase"))),
      said_(label({}, "warning")) {
    setWindowTitle(tr("Passphrase of %1").arg(report::plain(staff.name)));
    resize(scaled(520), scaled(280));
    auto* form = new QFormLayout;
    form->addRow(tr("Current passphrase"), before_);
    form->setRowVisible(before_, session.signatures().keyOf(staff.id).has_value());
    form->addRow(tr("New passphrase"), first_);
    form->addRow(tr("Repeat the passphrase"), again_);
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(
        label(tr("You sign tests and take the bench with it. Nobody else can do this in your name. A lost "
                 "passphrase cannot be recovered: the key is revoked and you make a new one.")));
    layout->addLayout(form);
    layout->addWidget(said_);
    layout->addStretch();
    layout->addWidget(footOf(this, tr("Save the passphrase"), [this] { keep(); }).box);
}

void NewPassphrase::keep() {
    if (first_->text() != again_->text())
        return said_->setText(tr("The passphrases do not match."));
    const auto made =
        session_.signatures().makeKey(staff_.id, first_->text().toStdString(), before_->text().toStdString());
    if (!made)
        return said_->setText(report::say(made.error().what) + QLatin1Char(' ') +
                              report::say(made.error().remedy));
    session_.report({});
    accept();
}

} // namespace fusain::desktop

#include "moc_passphrase.cpp"
