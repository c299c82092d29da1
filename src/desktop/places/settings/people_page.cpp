#include "desktop/places/settings/people_page.hpp"

#include "desktop/places/settings/sealing_dialog.hpp"
#include "desktop/services/computing.hpp"
#include "desktop/views/passphrase.hpp"
#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/ask.hpp"
#include "desktop/widgets/parts.hpp"
#include "record/all/record.hpp"
#include "report/base/words.hpp"
#include "store/book/signatures.hpp"

#include <QDir>
#include <QHeaderView>
#include <QVBoxLayout>

namespace fusain::desktop {
namespace {

// Copies that are older than the sealing show names.
qsizetype dailyCopies(Session& session) {
    const QString path = session.book().path();
    qsizetype count = QDir(store::LabBook::copiesBeside(path)).entryList({QStringLiteral("*.fusain")}).size();
    if (const std::string second = session.book().setting("second-copies"); !second.empty())
        count += QDir(store::LabBook::copiesIn(QString::fromStdString(second), path))
                     .entryList({QStringLiteral("*.fusain")})
                     .size();
    return count;
}

} // namespace

PeoplePage::PeoplePage(Session& session)
    : session_(session),
      colleagues_(table({tr("name"), tr("role"), tr("signs with a key")}, tr("Who works here"))),
      name_(new QLineEdit), role_(new QComboBox),
      signIn_(new QCheckBox(tr("Everybody signs in with a passphrase"))), names_(label({})),
      seal_(button(tr("Seal names…"))), phrase_(button(tr("New recovery phrase…"))),
      unseal_(button(tr("Stop sealing names…"))), said_(label({}, "warning")) {
    colleagues_->setColumnWidth(0, scaled(280));
    colleagues_->setColumnWidth(1, scaled(150));
    signIn_->setToolTip(tr("Nobody takes the bench or signs a test without one. For labs of several people."));
    auto* mine = button(tr("Passphrase…"));
    mine->setToolTip(tr("Yours, or a first one of the chosen colleague, who types it here."));
    auto* pin = button(tr("PIN for today…"));
    pin->setToolTip(tr("Yours: it unlocks this window and takes the bench until the day ends."));
    auto* revoke = button(tr("Revoke the chosen key…"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(colleagues_, 1);
    column->addLayout(inOneRow({mine, pin, revoke}));
    column->addLayout(colleagueRow());
    column->addWidget(signIn_);
    column->addWidget(namesBox());
    column->addWidget(said_);
    connect(signIn_, &QCheckBox::clicked, this, &PeoplePage::askEverybody);
    connect(mine, &QPushButton::clicked, this, &PeoplePage::changePassphrase);
    connect(pin, &QPushButton::clicked, this, [this] { chooseDayPin(session_, this); });
    connect(revoke, &QPushButton::clicked, this, &PeoplePage::revokeKey);
}

QLayout* PeoplePage::colleagueRow() {
    name_->setPlaceholderText(tr("name"));
    name_->setAccessibleName(tr("Name of a new colleague"));
    role_->addItem(tr("technician"), QStringLiteral("technician"));
    role_->addItem(tr("trainee"), QStringLiteral("trainee"));
    role_->addItem(tr("physiologist"), QStringLiteral("physiologist"));
    role_->addItem(tr("administrator"), QStringLiteral("administrator"));
    role_->setAccessibleName(tr("Role of a new colleague"));
    auto* add = button(tr("Add colleague"));
    connect(add, &QPushButton::clicked, this, &PeoplePage::addColleague);
    auto* row = new QHBoxLayout;
    row->addWidget(name_, 1);
    row->addWidget(role_);
    row->addWidget(add);
    return row;
}

QWidget* PeoplePage::namesBox() {
    auto* box = new QWidget;
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, scaled(8), 0, 0);
    column->addWidget(label(tr("Clients' names in the file"), "heading"));
    column->addWidget(names_);
    column->addLayout(inOneRow({seal_, phrase_, unseal_}));
    seal_->setToolTip(tr("For a lab book that could be stolen or lost with its disk."));
    connect(seal_, &QPushButton::clicked, this, &PeoplePage::sealNames);
    connect(phrase_, &QPushButton::clicked, this, &PeoplePage::changePhrase);
    connect(unseal_, &QPushButton::clicked, this, &PeoplePage::unsealNames);
    return box;
}

void PeoplePage::refresh() {
    const auto staff = session_.book().staff();
    colleagues_->setRowCount(static_cast<int>(staff.size()));
    for (int i = 0; i < colleagues_->rowCount(); ++i)
        setRow(colleagues_, i,
               {QString::fromStdString(staff[static_cast<std::size_t>(i)].name),
                report::say(roleText(staff[static_cast<std::size_t>(i)].role)),
                session_.signatures().keyOf(staff[static_cast<std::size_t>(i)].id) ? tr("yes") : tr("no")});
    signIn_->setChecked(session_.signatures().everybodySignsIn());
    showNames();
}

void PeoplePage::showNames() {
    const store::SealedNames names = session_.signatures().sealedNames();
    const bool sealed = names.on();
    seal_->setVisible(!sealed);
    phrase_->setVisible(sealed);
    unseal_->setVisible(sealed);
    if (!sealed)
        return names_->setText(
            tr("Not sealed. Whoever has the file, or a copy of it, can read who was tested. Sealed, "
               "names, birth dates, telephones, notes and plans open with a passphrase only."));
    QStringList who;
    for (const std::string& holder : names.holders())
        who << report::plain(session_.computing().staffNames()(holder));
    names_->setText(tr("Sealed. They open with the passphrase of: %1. Or with the recovery phrase.")
                        .arg(who.join(QStringLiteral(", "))));
}

Staff PeoplePage::chosenColleague() const {
    const auto staff = session_.book().staff();
    const int row = colleagues_->currentRow();
    return row >= 0 && row < static_cast<int>(staff.size()) ? staff[static_cast<std::size_t>(row)] : Staff();
}

bool PeoplePage::mayDecide() {
    return session_.report(allowed(session_.atTheBench().role, Right::Colleagues));
}

void PeoplePage::askEverybody(bool everybody) {
    if (mayDecide() && provesWhoItIs(session_, this, everybody ? tr("Ask everybody") : tr("Ask nobody")))
        session_.report(session_.signatures().setEverybodySignsIn(everybody, session_.atTheBench().id));
    refresh();
}

void PeoplePage::sealNames() {
    if (!mayDecide() || !provesWhoItIs(session_, this, tr("Seal names")))
        return;
    if (!session_.signatures().keyOf(session_.atTheBench().id))
        return said_->setText(tr("Make your passphrase first: it opens the names."));
    PhraseDialog shown(session_, tr("Seal names"), this);
    if (shown.exec() != QDialog::Accepted)
        return;
    const auto sealed = session_.signatures().sealNames(session_.atTheBench().id, shown.phrase());
    QStringList left;
    if (sealed && *sealed > 0)
        left << tr("%n older entry(s) of the journal show a name and cannot be changed.", nullptr, *sealed);
    if (const qsizetype copies = dailyCopies(session_); sealed && copies > 0)
        left << tr("%n copy(s) made before still show names: delete or seal them.", nullptr,
                   static_cast<int>(copies));
    session_.report(sealed ? Expected<void>() : tl::unexpected(sealed.error()));
    said_->setText(left.join(QLatin1Char(' ')));
    refresh();
}

void PeoplePage::changePhrase() {
    if (!mayDecide() || !provesWhoItIs(session_, this, tr("New recovery phrase")))
        return;
    PhraseDialog shown(session_, tr("Use this phrase"), this);
    if (shown.exec() == QDialog::Accepted)
        session_.report(session_.signatures().sealedNames().changePhrase(shown.phrase()));
}

void PeoplePage::unsealNames() {
    if (mayDecide() && provesWhoItIs(session_, this, tr("Stop sealing names")))
        session_.report(session_.signatures().sealedNames().unseal(session_.atTheBench().id));
    refresh();
}

void PeoplePage::changePassphrase() {
    if (session_.atTheBench().id.empty())
        return said_->setText(tr("Choose who is at the bench first."));
    // A first one of somebody else is made beside whoever says who works here.
    const Staff chosen = chosenColleague();
    const bool theirs = !chosen.id.empty() && chosen.id != session_.atTheBench().id &&
                        may(session_.atTheBench().role, Right::Colleagues) &&
                        !session_.signatures().keyOf(chosen.id);
    if (theirs && !provesWhoItIs(session_, this, tr("First passphrase of a colleague")))
        return;
    if (NewPassphrase(session_, theirs ? chosen : session_.atTheBench(), this).exec() == QDialog::Accepted)
        refresh();
}

void PeoplePage::revokeKey() {
    const Staff whose = chosenColleague();
    if (whose.id.empty())
        return said_->setText(tr("Choose a colleague first."));
    if (session_.atTheBench().id != whose.id && !mayDecide())
        return;
    const QString reason = askReason(this, tr("Revoke the key of %1").arg(report::plain(whose.name)),
                                     tr("Why? What it signed stays signed; a new key can be made after this."));
    if (!reason.isEmpty() && provesWhoItIs(session_, this, tr("Revoke key")) &&
        session_.report(
            session_.signatures().revokeKey(whose.id, session_.atTheBench().id, reason.toStdString())))
        refresh();
}

void PeoplePage::addColleague() {
    const QString name = name_->text().simplified();
    if (name.isEmpty())
        return said_->setText(tr("A colleague needs a name."));
    const bool first = session_.book().staff().empty();
    const Staff colleague{session_.freshId("staff"), name.toStdString(),
                          roleFromText(role_->currentData().toString().toStdString())};
    const auto saved = session_.book().save(colleague, first ? colleague.id : session_.atTheBench().id);
    if (saved && first)
        static_cast<void>(session_.setAtTheBench(colleague)); // a first colleague has no passphrase yet
    said_->setText(saved ? QString() : report::say(saved.error()));
    if (saved)
        name_->clear();
    session_.report(saved);
}

} // namespace fusain::desktop

#include "moc_people_page.cpp"
