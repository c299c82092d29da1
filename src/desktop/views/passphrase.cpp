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
namespace {

QLineEdit* secretField(const QString& name) {
    auto* field = new QLineEdit;
    field->setEchoMode(QLineEdit::Password);
    field->setAccessibleName(name);
    return field;
}

} // namespace

std::optional<std::string> passphraseOf(Session& session, QWidget* parent, const Staff& staff,
                                        const QString& act) {
    if (!session.signatures().keyOf(staff.id))
        return std::string();
    return askSecret(parent, act, QObject::tr("Passphrase of %1").arg(report::plain(staff.name)));
}

bool provesWhoItIs(Session& session, QWidget* parent, const QString& act) {
    const auto passphrase = passphraseOf(session, parent, session.atTheBench(), act);
    return passphrase && session.report(session.signatures().isPassphraseOf(session.atTheBench().id, *passphrase));
}

NewPassphrase::NewPassphrase(Session& session, const Staff& staff, QWidget* parent)
    : QDialog(parent), session_(session), staff_(staff), before_(secretField(tr("Passphrase until now"))),
      first_(secretField(tr("New passphrase"))), again_(secretField(tr("Once more"))),
      said_(label({}, "warning")) {
    setWindowTitle(tr("Passphrase of %1").arg(report::plain(staff.name)));
    resize(scaled(520), scaled(280));
    auto* form = new QFormLayout;
    if (session.signatures().keyOf(staff.id))
        form->addRow(tr("Passphrase until now"), before_);
    else
        before_->setParent(this), before_->hide();
    form->addRow(tr("New passphrase"), first_);
    form->addRow(tr("Once more"), again_);
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(
        label(tr("With it you sign tests and take the bench; nobody else can in your name. Nobody "
                 "can read it anywhere: when it is lost, the key is revoked and you make another.")));
    layout->addLayout(form);
    layout->addWidget(said_);
    layout->addStretch();
    layout->addWidget(footOf(this, tr("Save the passphrase"), [this] { keep(); }).box);
}

void NewPassphrase::keep() {
    if (first_->text() != again_->text())
        return said_->setText(tr("The two are not the same."));
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
