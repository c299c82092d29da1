#include "desktop/views/conflict.hpp"

#include "desktop/services/computing.hpp"
#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/dialog_foot.hpp"
#include "desktop/widgets/parts.hpp"
#include "report/base/language.hpp"
#include "report/base/words.hpp"

#include <QGridLayout>
#include <QRadioButton>
#include <QVBoxLayout>

namespace fusain::desktop {

ClientConflict::ClientConflict(Session& session, Client entered, Client present, QWidget* parent)
    : QDialog(parent), session_(session), entered_(std::move(entered)), present_(std::move(present)) {
    setObjectName(QStringLiteral("conflict"));
    setWindowTitle(tr("Changed in two places"));
    setMinimumWidth(scaled(620));
    collect();
    auto* column = new QVBoxLayout(this);
    const auto events = session_.book().eventsOf(present_.id);
    column->addWidget(label(
        tr("%1 was changed on another workstation while it was open here.").arg(session_.nameOf(present_)),
        "title"));
    if (!events.empty())
        column->addWidget(label(tr("By %1 at %2. Choose for each field; the other stays in the journal.")
                                    .arg(report::plain(session_.computing().staffNames()(events.back().by)),
                                         report::clock(events.back().at)),
                                "soft"));
    column->addWidget(rows());
    const DialogFoot foot = footOf(this, tr("Save as chosen"));
    column->addWidget(foot.box);
    foot.primary->setEnabled(fields_.empty());
    for (const Field& field : fields_)
        connect(field.choice, &QButtonGroup::idToggled, this, [this, primary = foot.primary] {
            primary->setEnabled(
                std::ranges::all_of(fields_, [](const Field& each) { return each.choice->checkedId() >= 0; }));
        });
}

void ClientConflict::collect() {
    const auto add = [this](const QString& name, const QString& here, const QString& there,
                            void (*take)(Client&, const Client&)) {
        if (here != there)
            fields_.push_back({name, here, there, take});
    };
    const auto height = [this](const Client& client) {
        if (!client.height)
            return QString();
        const double shown = shownFromKept(Dimension::Height, centimetres(*client.height), session_.units());
        return report::number(shown, 1) + QLatin1Char(' ') +
               report::plain(unitOf(Dimension::Height, session_.units()));
    };
    const auto units = [](const Client& client) {
        return client.units == UnitSystem::UsCustomary ? tr("US customary") : tr("metric");
    };
    const auto yes = [](bool recorded) { return recorded ? tr("recorded") : tr("not recorded"); };
    const Client &here = entered_, &there = present_;
    add(tr("Name"), report::plain(here.name), report::plain(there.name),
        [](Client& into, const Client& from) { into.name = from.name; });
    add(tr("Code"), report::plain(here.code), report::plain(there.code),
        [](Client& into, const Client& from) { into.code = from.code; });
    add(tr("Birth date"), QString::fromStdString(isoText(here.birthDate)),
        QString::fromStdString(isoText(there.birthDate)),
        [](Client& into, const Client& from) { into.birthDate = from.birthDate; });
    add(tr("Telephone"), report::plain(here.telephone), report::plain(there.telephone),
        [](Client& into, const Client& from) { into.telephone = from.telephone; });
    add(tr("Equations for"), here.sex == Sex::Male ? tr("male") : tr("female"),
        there.sex == Sex::Male ? tr("male") : tr("female"),
        [](Client& into, const Client& from) { into.sex = from.sex; });
    add(tr("Height"), height(here), height(there),
        [](Client& into, const Client& from) { into.height = from.height; });
    add(tr("Units on pages"), units(here), units(there),
        [](Client& into, const Client& from) { into.units = from.units; });
    const auto language = [](const Client& client) {
        return report::languageName(client.language.empty() ? QStringLiteral("en")
                                                            : report::plain(client.language));
    };
    add(tr("Language of pages"), language(here), language(there),
        [](Client& into, const Client& from) { into.language = from.language; });
    add(tr("Guardian's consent"), yes(here.guardianConsent), yes(there.guardianConsent),
        [](Client& into, const Client& from) { into.guardianConsent = from.guardianConsent; });
    add(tr("Note"), report::plain(here.note), report::plain(there.note),
        [](Client& into, const Client& from) { into.note = from.note; });
}

QWidget* ClientConflict::rows() {
    auto* box = new QWidget;
    auto* grid = new QGridLayout(box);
    grid->addWidget(label(tr("Entered here"), "heading"), 0, 1);
    grid->addWidget(label(tr("In the lab book now"), "heading"), 0, 2);
    for (int row = 0; row < static_cast<int>(fields_.size()); ++row) {
        Field& field = fields_[static_cast<std::size_t>(row)];
        field.choice = new QButtonGroup(box);
        grid->addWidget(label(field.name), row + 1, 0);
        for (int side = 0; side < 2; ++side) {
            const QString value = side == 0 ? field.here : field.there;
            auto* button = new QRadioButton(value.isEmpty() ? tr("empty") : value);
            button->setAccessibleName(QStringLiteral("%1: %2").arg(field.name, button->text()));
            field.choice->addButton(button, side);
            grid->addWidget(button, row + 1, side + 1);
        }
    }
    return box;
}

Client ClientConflict::chosen() const {
    Client client = present_;
    for (const Field& field : fields_)
        if (field.choice->checkedId() == 0)
            field.take(client, entered_);
    return client;
}

} // namespace fusain::desktop

#include "moc_conflict.cpp"
