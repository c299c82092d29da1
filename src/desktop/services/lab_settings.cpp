#include "desktop/services/lab_settings.hpp"

#include "desktop/services/lab_undo.hpp"
#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/dialog_foot.hpp"
#include "record/all/record.hpp"
#include "report/base/words.hpp"

#include <QFormLayout>
#include <QHBoxLayout>
#include <QTabWidget>
#include <QVBoxLayout>

namespace fusain::desktop {
namespace {

QWidget* padded(QWidget* inside) {
    auto* page = new QWidget;
    auto* column = new QVBoxLayout(page);
    column->addWidget(inside);
    column->addStretch();
    return page;
}

} // namespace

LabSettings::LabSettings(Session& session, QWidget* parent)
    : QDialog(parent), session_(session), letterhead_(new LetterheadForm(session)),
      methods_(new MethodsForm(session)), colleagues_(table({tr("name"), tr("role")}, tr("Who works here"))),
      colleagueName_(new QLineEdit), colleagueRole_(new QComboBox), problem_(label({}, "warning")) {
    setObjectName(QStringLiteral("labSettings"));
    setWindowTitle(tr("The lab"));
    setMinimumSize(scaled(680), scaled(560));
    auto* methods = new QWidget;
    auto* column = new QVBoxLayout(methods);
    column->addWidget(
        label(tr("Only these methods are shown. After a change, open this lab book again."), "soft"));
    column->addWidget(methods_);
    column->addStretch();
    auto* pages = new QTabWidget;
    pages->addTab(padded(letterhead_), tr("Pages and units"));
    pages->addTab(methods, tr("Methods and instruments"));
    pages->addTab(waysOutPage(), tr("Getting out"));
    pages->addTab(staffPage(), tr("Staff"));
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(pages, 1);
    layout->addWidget(problem_);
    layout->addWidget(footOf(this, tr("Save"), [this] { save(); }).box);
    showColleagues();
}

QWidget* LabSettings::waysOutPage() {
    auto* page = new QWidget;
    auto* form = new QFormLayout(page);
    for (const auto& [method, words] : {std::pair(methodHydrostatic, tr("How a client gets out of the tank")),
                                        std::pair(methodChamber, tr("How a client gets out of the chamber"))}) {
        auto* edit = new QLineEdit(session_.wayOut(method));
        edit->setAccessibleName(words);
        edit->setPlaceholderText(tr("in your own words, for this machine"));
        waysOut_[std::string(method)] = edit;
        form->addRow(words, edit);
    }
    return page;
}

QWidget* LabSettings::staffPage() {
    auto* page = new QWidget;
    auto* column = new QVBoxLayout(page);
    colleagues_->setColumnWidth(0, scaled(320));
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
    column->addWidget(colleagues_, 1);
    column->addLayout(row);
    connect(add, &QPushButton::clicked, this, &LabSettings::addColleague);
    return page;
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
    const auto done = session_.undoing().act(tr("settings of the lab changed"), [&]() -> Expected<void> {
        auto kept = letterhead_->keep();
        for (const auto& [method, edit] : waysOut_)
            if (kept)
                kept = keepSetting(session_, "way-out." + method, edit->text().trimmed().toStdString());
        return kept ? methods_->keep() : kept;
    });
    if (!done)
        return problem_->setText(report::say(done.error()));
    session_.report({});
    accept();
}

} // namespace fusain::desktop

#include "moc_lab_settings.cpp"
