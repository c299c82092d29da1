#include "desktop/services/lab_settings.hpp"

#include "desktop/widgets/dialog_foot.hpp"
#include "record/all/record.hpp"
#include "report/base/words.hpp"

#include <QFormLayout>
#include <QHBoxLayout>

namespace fusain::desktop {

QString roleWords(const QString& role) {
    static const QMap<QString, const char*> names{
        {QStringLiteral("floor-scale"), QT_TR_NOOP("Scale")},
        {QStringLiteral("load-cell"), QT_TR_NOOP("Load cell")},
        {QStringLiteral("thermometer"), QT_TR_NOOP("Water")},
        {QStringLiteral("spirometer"), QT_TR_NOOP("Spirometer")},
        {QStringLiteral("room"), QT_TR_NOOP("Room")},
        {QStringLiteral("chamber"), QT_TR_NOOP("Chamber")},
        {QStringLiteral("chamber-scale"), QT_TR_NOOP("Chamber scale")},
        {QStringLiteral("analyzer"), QT_TR_NOOP("Analyzer")},
        {QStringLiteral("scanner"), QT_TR_NOOP("Scanner")},
    };
    return LabSettings::tr(names.value(role, "?"));
}

Expected<void> keepLink(Session& session, const QString& role, const QString& address) {
    const std::string key = "link." + role.toStdString(), before = session.book().setting(key, "none");
    const auto settings = link::LinkSettings::fromText(address);
    const QString wanted = address.isEmpty() ? QStringLiteral("none") : address;
    if (settings.kind == link::LinkSettings::Kind::None && wanted != QLatin1String("none"))
        return failure({FUSAIN_TEXT("\"{1}\" is not a way to reach an instrument."), {address.toStdString()}});
    if (wanted.toStdString() == before)
        return {};
    auto kept = session.book().setSetting(key, wanted.toStdString(), session.atTheBench().id);
    if (kept)
        session.hub().configure(role, settings);
    return kept;
}

LabSettings::LabSettings(Session& session, QWidget* parent)
    : QDialog(parent), session_(session), name_(new QLineEdit(QString::fromStdString(session.labName()))),
      units_(new QComboBox), colleagues_(table({tr("name"), tr("role")}, tr("Who works here"))),
      colleagueName_(new QLineEdit), colleagueRole_(new QComboBox), problem_(label({}, "warning")) {
    setObjectName(QStringLiteral("labSettings"));
    setWindowTitle(tr("The lab"));
    setMinimumWidth(640);
    name_->setAccessibleName(tr("Name of the lab"));
    units_->addItems({tr("metric"), tr("US customary")});
    units_->setCurrentIndex(session.units() == UnitSystem::UsCustomary ? 1 : 0);
    units_->setAccessibleName(tr("Units of the lab"));
    auto* form = new QFormLayout(this);
    form->addRow(tr("Name of the lab"), name_);
    form->addRow(tr("Units on land"), units_);
    form->addRow(label(
        tr("How each instrument is reached: none, tcp:host:port or serial:/dev/ttyUSB0:9600:none"), "soft"));
    for (const QString& role : link::InstrumentHub::roles()) {
        auto* edit =
            new QLineEdit(QString::fromStdString(session.book().setting("link." + role.toStdString(), "none")));
        edit->setAccessibleName(roleWords(role));
        links_[role] = edit;
        form->addRow(roleWords(role), edit);
    }
    for (const auto& [method, words] : {std::pair(methodHydrostatic, tr("How a client gets out of the tank")),
                                        std::pair(methodChamber, tr("How a client gets out of the chamber"))}) {
        auto* edit = new QLineEdit(session.wayOut(method));
        edit->setAccessibleName(words);
        edit->setPlaceholderText(tr("in your own words, for this machine"));
        waysOut_[std::string(method)] = edit;
        form->addRow(words, edit);
    }
    colleagues_->setFixedHeight(130);
    colleagues_->setColumnWidth(0, 320);
    form->addRow(label(tr("Who works here"), "heading"));
    form->addRow(colleagues_);
    colleagueName_->setPlaceholderText(tr("name"));
    colleagueName_->setAccessibleName(tr("Name of a new colleague"));
    colleagueRole_->addItem(tr("technician"), QStringLiteral("technician"));
    colleagueRole_->addItem(tr("trainee"), QStringLiteral("trainee"));
    colleagueRole_->addItem(tr("physiologist"), QStringLiteral("physiologist"));
    colleagueRole_->setAccessibleName(tr("Role of a new colleague"));
    auto* add = button(tr("Add colleague"));
    auto* row = new QHBoxLayout;
    row->addWidget(colleagueName_, 1);
    row->addWidget(colleagueRole_);
    row->addWidget(add);
    form->addRow(row);
    form->addRow(problem_);
    form->addRow(footOf(this, tr("Save"), [this] { save(); }).box);
    connect(add, &QPushButton::clicked, this, &LabSettings::addColleague);
    showColleagues();
}

void LabSettings::showColleagues() {
    const auto staff = session_.book().staff();
    colleagues_->setRowCount(static_cast<int>(staff.size()));
    for (int i = 0; i < colleagues_->rowCount(); ++i)
        setRow(colleagues_, i,
               {QString::fromStdString(staff[static_cast<std::size_t>(i)].name),
                report::say(roleText(staff[static_cast<std::size_t>(i)].role))});
}

void LabSettings::addColleague() {
    const QString name = colleagueName_->text().simplified();
    if (name.isEmpty())
        return problem_->setText(tr("A colleague needs a name."));
    const bool first = session_.book().staff().empty();
    if (!first && session_.atTheBench().role != Role::Physiologist)
        return problem_->setText(tr("The physiologist says who works here: change who is at the bench first."));
    const Staff colleague{session_.freshId("staff"), name.toStdString(),
                          roleFromText(colleagueRole_->currentData().toString().toStdString())};
    const auto saved = session_.book().save(colleague, first ? colleague.id : session_.atTheBench().id);
    if (saved && first)
        session_.setAtTheBench(colleague);
    problem_->setText(saved ? QString() : report::say(saved.error()));
    colleagueName_->clear();
    showColleagues();
}

void LabSettings::save() {
    const auto keep = [&](const std::string& key, const QString& value, const std::string& before) {
        return value.toStdString() == before
                   ? Expected<void>()
                   : session_.book().setSetting(key, value.toStdString(), session_.atTheBench().id);
    };
    Expected<void> done = keep("lab-name", name_->text().simplified(), session_.labName());
    if (done)
        done = keep("units", units_->currentIndex() == 1 ? QStringLiteral("us") : QStringLiteral("metric"),
                    session_.book().setting("units", "metric"));
    for (const auto& [method, edit] : waysOut_)
        if (done)
            done = keep("way-out." + method, edit->text().trimmed(), session_.wayOut(method).toStdString());
    for (auto link = links_.cbegin(); link != links_.cend() && done; ++link)
        done = keepLink(session_, link.key(), link.value()->text().trimmed());
    if (!done)
        return problem_->setText(report::say(done.error()));
    session_.report({});
    accept();
}

} // namespace fusain::desktop

#include "moc_lab_settings.cpp"
