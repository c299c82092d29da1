#include "desktop/views/client_form.hpp"

#include "desktop/services/lab_undo.hpp"
#include "desktop/views/conflict.hpp"
#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/dialog_foot.hpp"
#include "desktop/widgets/parts.hpp"
#include "procedure/all/cross_check.hpp"
#include "report/base/language.hpp"
#include "report/base/words.hpp"
#include "store/book/latest.hpp"

#include <QCheckBox>
#include <QFormLayout>

namespace fusain::desktop {

ClientForm::ClientForm(Session& session, const Client& client, QWidget* parent)
    : QDialog(parent), session_(session), client_(client), madeFrom_(store::latestEvent(session.book())),
      name_(new QLineEdit(QString::fromStdString(client.name))),
      code_(new QLineEdit(QString::fromStdString(client.code))),
      birthDate_(
          new QLineEdit(client.birthDate.ok() ? QString::fromStdString(isoText(client.birthDate)) : QString())),
      telephone_(new QLineEdit(QString::fromStdString(client.telephone))), sex_(new QComboBox),
      height_(new QLineEdit), units_(new QComboBox), language_(new QComboBox),
      consent_(new QCheckBox(tr("Guardian's consent is recorded (under 18)"))), problem_(label({}, "warning")) {
    setObjectName(QStringLiteral("clientForm"));
    setWindowTitle(tr("Client"));
    setMinimumWidth(scaled(460));
    birthDate_->setPlaceholderText(tr("1984-06-02"));
    sex_->addItem(tr("female"), QStringLiteral("female"));
    sex_->addItem(tr("male"), QStringLiteral("male"));
    sex_->setCurrentIndex(client.sex == Sex::Male ? 1 : 0);
    sex_->setToolTip(tr("The group of the published equations; talk it over with the client."));
    units_->addItem(tr("metric"));
    units_->addItem(tr("US customary"));
    for (const QString& code : report::pageLanguages())
        language_->addItem(report::languageName(code), code);
    // Somebody new gets the lab's usual language and units; a language that is chosen brings its units.
    const bool isNew = client.id.empty();
    const std::string language = isNew ? session.book().setting("lab-language") : client.language;
    language_->setCurrentIndex(std::max(0, language_->findData(QString::fromStdString(language))));
    const auto showUnits = [this](UnitSystem units) {
        units_->setCurrentIndex(units == UnitSystem::UsCustomary ? 1 : 0);
    };
    showUnits(isNew ? session.units() : client.units);
    if (isNew)
        connect(language_, &QComboBox::activated, this,
                [this, showUnits] { showUnits(report::usualUnits(language_->currentData().toString())); });
    if (client.height)
        height_->setText(
            report::number(shownFromKept(Dimension::Height, centimetres(*client.height), session.units()), 1));
    consent_->setChecked(client.guardianConsent);
    auto* form = new QFormLayout(this);
    form->addRow(tr("Name"), name_);
    form->addRow(tr("Code"), code_);
    form->addRow(tr("Birth date"), birthDate_);
    form->addRow(tr("Telephone"), telephone_);
    form->addRow(tr("Equations for"), sex_);
    const auto unit = unitOf(Dimension::Height, session.units());
    form->addRow(tr("Height, %1").arg(QString::fromUtf8(unit.data(), static_cast<qsizetype>(unit.size()))),
                 height_);
    form->addRow(tr("Units on pages"), units_);
    form->addRow(tr("Language of pages"), language_);
    form->addRow(QString(), consent_);
    form->addRow(problem_);
    form->addRow(footOf(this, tr("Save client"), [this] { save(); }).box);
    name_->setFocus();
}

void ClientForm::save() {
    Client entered = client_;
    entered.name = name_->text().simplified().toStdString();
    entered.code = code_->text().simplified().toStdString();
    const auto birth = dateFromIso(birthDate_->text().trimmed().toStdString());
    if (!birth)
        return problem_->setText(
            tr("\"%1\" is not a date. Type year, month and day: 1984-06-02.").arg(birthDate_->text()));
    entered.birthDate = *birth;
    entered.telephone = telephone_->text().simplified().toStdString();
    entered.sex = sexFromText(sex_->currentData().toString().toStdString());
    entered.units = units_->currentIndex() == 1 ? UnitSystem::UsCustomary : UnitSystem::Metric;
    entered.language = language_->currentData().toString().toStdString();
    entered.guardianConsent = consent_->isChecked();
    entered.height.reset();
    if (!height_->text().trimmed().isEmpty()) {
        const auto typed = parseTyped(height_->text().toStdString());
        if (!typed)
            return problem_->setText(tr("\"%1\" is not a height.").arg(height_->text()));
        entered.height = metresFromCentimetres(keptFromShown(Dimension::Height, *typed, session_.units()));
    }
    if (auto problem = problemWith(entered, session_.now()))
        return problem_->setText(report::say(*problem));
    if (client_.height && entered.height && entered.height != heightAsked_)
        if (const auto doubt = heightDoubt(*client_.height, *entered.height, entered.ageAt(session_.now()))) {
            heightAsked_ = entered.height;
            return problem_->setText(report::say(*doubt) + QLatin1Char(' ') +
                                     tr("Save again if that is right."));
        }
    const auto twins = session_.book().likelyDuplicates(entered);
    if (!twins.empty() && !duplicatesShown_) {
        duplicatesShown_ = true;
        return problem_->setText(
            tr("There is already %1, born %2. Save again if this is another client.")
                .arg(session_.nameOf(twins.front()), QString::fromStdString(isoText(twins.front().birthDate))));
    }
    if (entered.id.empty())
        entered.id = session_.freshId("client");
    if (entered.code.empty())
        entered.code = "C-" + entered.id.substr(entered.id.find('-') + 1);
    auto saved = keep(entered);
    // Somebody else saved this client meanwhile: the person chooses, once more if it happens again.
    while (!saved && session_.book().lastEventOf(entered.id) > madeFrom_) {
        const auto present = session_.book().client(entered.id);
        ClientConflict conflict(session_, entered, present.value_or(entered), this);
        madeFrom_ = session_.book().lastEventOf(entered.id);
        if (!conflict.empty() && conflict.exec() != QDialog::Accepted)
            return problem_->setText(tr("Nothing was saved. Save again to choose."));
        entered = conflict.chosen();
        saved = keep(entered);
    }
    if (!saved)
        return problem_->setText(report::say(saved.error()));
    client_ = entered;
    accept();
}

Expected<void> ClientForm::keep(const Client& entered) {
    return session_.undoing().act(tr("%1 changed").arg(session_.nameOf(entered)), [&] {
        return session_.book().save(entered, session_.atTheBench().id, madeFrom_);
    });
}

} // namespace fusain::desktop

#include "moc_client_form.cpp"
