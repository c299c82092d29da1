#include "desktop/places/library/reference_shelf.hpp"

#include "core/reference/own_people.hpp"
#include "desktop/places/library/library_words.hpp"
#include "desktop/places/library/reference_editor.hpp"
#include "desktop/services/lab_references.hpp"
#include "desktop/services/lab_undo.hpp"
#include "desktop/services/text_files.hpp"
#include "desktop/widgets/dialog_foot.hpp"
#include "record/all/record.hpp"
#include "record/base/json.hpp"
#include "record/lab/reference_json.hpp"

#include <QFormLayout>
#include <QMenu>

namespace fusain::desktop {
namespace {

using namespace reference;

QString briefly(double value) {
    return QString::number(value, 'g', 6);
}

QString spreadWords(const Distribution& distribution) {
    if (const auto* normal = std::get_if<MeanAndDeviation>(&distribution))
        return QObject::tr("mean %1, SD %2").arg(briefly(normal->mean), briefly(normal->standardDeviation));
    if (const auto* skewed = std::get_if<LambdaMuSigma>(&distribution))
        return QObject::tr("L %1, M %2, S %3")
            .arg(briefly(skewed->lambda), briefly(skewed->mu), briefly(skewed->sigma));
    QStringList points;
    if (const auto* table = std::get_if<PercentileTable>(&distribution))
        for (const auto& point : table->points)
            points << QObject::tr("%1 %: %2").arg(briefly(point.percent), briefly(point.value));
    return points.join(QStringLiteral(", "));
}

} // namespace

ReferenceShelf::ReferenceShelf(Session& session)
    : session_(session), choose_(button(tr("Show results against this set"), true)), edit_(button({})),
      save_(button(tr("Save as a file…"))), add_(button(tr("Add a set"))) {
    auto* ways = new QMenu(add_);
    ways->addAction(tr("New set…"), this, &ReferenceShelf::makeNew);
    ways->addAction(tr("Import a set…"), this, &ReferenceShelf::bringIn);
    ways->addAction(tr("From our own clients…"), this, &ReferenceShelf::fromOwnPeople);
    add_->setMenu(ways);
    auto* layout = inOneRow({choose_, edit_, save_, add_});
    layout->setContentsMargins(0, 0, 0, 0);
    setLayout(layout);
    connect(choose_, &QPushButton::clicked, this, &ReferenceShelf::choose);
    connect(edit_, &QPushButton::clicked, this, &ReferenceShelf::editShown);
    connect(save_, &QPushButton::clicked, this, &ReferenceShelf::saveAs);
}

void ReferenceShelf::show(const ReferenceSet* set) {
    set_ = set;
    setVisible(set);
    if (!set)
        return;
    choose_->setVisible(set->mayBeChosen() && session_.references().chosenFor(set->quantity) != set);
    edit_->setText(LabReferences::isOwn(*set) ? tr("Change…") : tr("Edit a copy…"));
}

QString ReferenceShelf::page() const {
    const ReferenceSet& set = *set_;
    QString page = pageRow(tr("Population"), pageWords(set.population)) +
                   pageRow(tr("Source"), plainText(set.citation)) +
                   pageRow(tr("What the band means"), pageWords(set.bandMeaning)) +
                   pageRow(tr("Values"), gradeWords(set.grade.front()));
    if (&set == session_.references().chosenFor(set.quantity))
        page += pageRow(tr("In this lab"), chosenBy(session_, "reference." + set.quantity, set.id));
    page += QStringLiteral("<table cellpadding=4><tr><th align=left>%1</th><th align=left>%2</th><th "
                           "align=right>%3</th><th align=right>%4</th><th align=left>%5</th></tr>")
                .arg(tr("sex"), tr("age"), tr("from"), tr("to"), tr("spread"));
    for (const ReferenceRow& row : set.rows)
        page +=
            QStringLiteral("<tr><td>%1</td><td>%2–%3</td><td align=right>%4</td><td align=right>%5</td>"
                           "<td>%6%7</td></tr>")
                .arg(report::say(sexText(row.sex)))
                .arg(row.ageFrom.value())
                .arg(row.ageTo.value())
                .arg(row.low)
                .arg(row.openAbove() ? tr("open") : briefly(row.high) + QLatin1Char(' ') + plainText(set.unit),
                     spreadWords(row.distribution),
                     row.people > 0 ? tr("; n = %1").arg(row.people) : QString());
    return page + QStringLiteral("</table>");
}

bool ReferenceShelf::mayChange() {
    return session_.report(allowed(session_.atTheBench().role, Right::Policies));
}

void ReferenceShelf::choose() {
    if (set_ && mayChange())
        session_.report(session_.undoing().act(tr("reference set chosen"), [&] {
            return session_.references().choose(*set_, session_.atTheBench().id);
        }));
}

void ReferenceShelf::edit(ReferenceSet set) {
    ReferenceEditor editor(session_.references(), set, session_.atTheBench().id, this);
    if (editor.exec() != QDialog::Accepted)
        return;
    Q_EMIT added(QString::fromStdString(editor.set().id));
    session_.report({});
}

void ReferenceShelf::editShown() {
    if (!set_ || !mayChange())
        return;
    ReferenceSet copy = *set_;
    if (!LabReferences::isOwn(copy)) {
        copy.id = session_.references().freshId(copy.quantity);
        copy.title = tr("%1, this lab's copy").arg(QString::fromStdString(copy.title)).toStdString();
    }
    edit(std::move(copy));
}

void ReferenceShelf::makeNew() {
    if (!mayChange())
        return;
    ReferenceSet blank;
    blank.quantity = set_ ? set_->quantity : "fat-percent";
    blank.id = session_.references().freshId(blank.quantity);
    edit(std::move(blank));
}

void ReferenceShelf::bringIn() {
    if (!mayChange())
        return;
    const auto chosen = chooseDocument(
        session_, this, tr("Import a reference set"), tr("Reference sets (*.json)"),
        [](const std::string& text, const std::string& path) -> Expected<ReferenceSet> {
            const auto json = parseJson(text, path);
            return json ? referenceFromJson(*json, path) : Expected<ReferenceSet>(tl::unexpected(json.error()));
        });
    if (!chosen)
        return;
    ReferenceSet set = *chosen;
    set.id = session_.references().freshId(set.quantity);
    edit(std::move(set));
}

void ReferenceShelf::saveAs() {
    if (set_)
        saveChosen(session_, this, tr("Save the reference set"),
                   QString::fromStdString(set_->id) + QStringLiteral(".json"), tr("Reference sets (*.json)"),
                   toJson(*set_).dump(1));
}

void ReferenceShelf::fromOwnPeople() {
    if (!mayChange())
        return;
    QDialog dialog(this);
    dialog.setWindowTitle(tr("A reference from our own clients"));
    auto* method = new QComboBox;
    for (const std::string_view each : methods)
        method->addItem(report::say(methodTitle(each)));
    auto* quantity = new QComboBox;
    for (const ReferenceQuantity& each : referenceQuantities())
        if (!each.field.empty())
            quantity->addItem(report::say(each.title));
    auto* form = new QFormLayout(&dialog);
    form->addRow(
        label(tr("From the last signed result of each person of 18 and over; at least %1 of one sex and "
                 "age band. It describes the people who come here, never the general population.")
                  .arg(ownPeopleNeeded)));
    form->addRow(tr("Method"), method);
    form->addRow(tr("Quantity"), quantity);
    form->addRow(footOf(&dialog, tr("Make a set")).box);
    if (dialog.exec() != QDialog::Accepted)
        return;
    const auto set = session_.references().ofOwnPeople(
        methods[static_cast<std::size_t>(method->currentIndex())],
        referenceQuantities()[static_cast<std::size_t>(quantity->currentIndex())], session_.now());
    const auto done = set ? session_.references().keep(*set, session_.atTheBench().id)
                          : Expected<void>(tl::unexpected(set.error()));
    if (session_.report(done))
        Q_EMIT added(QString::fromStdString(set->id));
}

} // namespace fusain::desktop

#include "moc_reference_shelf.cpp"
