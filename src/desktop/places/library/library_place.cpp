#include "desktop/places/library/library_place.hpp"

#include "core/catalogue/equations.hpp"
#include "desktop/places/library/library_words.hpp"
#include "desktop/services/lab_policies.hpp"
#include "desktop/services/lab_undo.hpp"
#include "desktop/widgets/appearance.hpp"
#include "record/all/record.hpp"
#include "record/base/json.hpp"
#include "record/library/catalogue.hpp"
#include "report/base/words.hpp"

#include <QHBoxLayout>
#include <QVBoxLayout>
#include <algorithm>

namespace fusain::desktop {
namespace {

enum Kind { EquationEntry = 1, ReferenceEntry, ProtocolEntry, PolicyEntry, TruthEntry };

} // namespace

LibraryPlace::LibraryPlace(Session& session)
    : Place(session), tree_(new QTreeWidget), page_(new QTextBrowser),
      choose_(button(tr("Put this policy in force"), true)), references_(new ReferenceShelf(session)) {
    tree_->setHeaderHidden(true);
    tree_->setAccessibleName(tr("Library"));
    tree_->setFixedWidth(scaled(400));
    page_->setAccessibleName(tr("Entry"));
    page_->document()->setDocumentMargin(16);
    auto* right = new QVBoxLayout;
    right->addWidget(page_, 1);
    right->addWidget(choose_, 0, Qt::AlignLeft);
    right->addWidget(references_);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(24, 16, 24, 16);
    layout->setSpacing(16);
    layout->addWidget(tree_);
    layout->addLayout(right, 1);
    fill();
    connect(tree_, &QTreeWidget::currentItemChanged, this, &LibraryPlace::showEntry);
    connect(choose_, &QPushButton::clicked, this, &LibraryPlace::choose);
    connect(references_, &ReferenceShelf::added, this, &LibraryPlace::showReference);
}

void LibraryPlace::fill() {
    const auto group = [&](const QString& title) {
        auto* item = new QTreeWidgetItem(tree_, {title});
        item->setExpanded(true);
        return item;
    };
    const auto add = [](QTreeWidgetItem* parent, const QString& title, Kind kind, std::string_view id) {
        auto* item = new QTreeWidgetItem(parent, {title});
        item->setData(0, Qt::UserRole, kind);
        item->setData(0, Qt::UserRole + 1, QString::fromUtf8(id.data(), static_cast<qsizetype>(id.size())));
    };
    auto* equations = group(tr("Equations"));
    for (const Equation& equation : equationCatalogue())
        add(equations, QString::fromUtf8(equation.id.data(), static_cast<qsizetype>(equation.id.size())),
            EquationEntry, equation.id);
    auto* references = group(tr("Reference sets"));
    for (const auto& set : session_.catalogue().references)
        add(references, QString::fromStdString(set.quantity + ": " + set.title), ReferenceEntry, set.id);
    auto* protocols = group(tr("Protocols"));
    for (const auto& protocol : session_.catalogue().protocols)
        add(protocols, report::say(std::string_view(protocol.title)), ProtocolEntry, protocol.id);
    auto* policies = group(tr("Policies"));
    for (const AnyPolicy& policy : session_.catalogue().policies)
        add(policies, report::say(std::string_view(common(policy).title)), PolicyEntry, common(policy).id);
    // A made-up lab book carries the true bodies that its instruments measured.
    QTreeWidgetItem* truths = nullptr;
    for (const Client& client : session_.book().clients())
        if (!session_.book().setting("truth." + client.id).empty()) {
            truths = truths ? truths : group(tr("Truth of the made-up people"));
            add(truths, QString::fromStdString(client.code), TruthEntry, client.id);
        }
    tree_->setCurrentItem(equations->child(0));
}

void LibraryPlace::refresh() {
    showEntry();
}

void LibraryPlace::search(const QString& wanted) {
    const auto found = tree_->findItems(wanted, Qt::MatchContains | Qt::MatchRecursive);
    if (!found.isEmpty())
        tree_->setCurrentItem(found.first());
}

void LibraryPlace::showReference(const QString& id) {
    tree_->clear();
    fill();
    QTreeWidgetItemIterator item(tree_);
    for (; *item; ++item)
        if ((*item)->data(0, Qt::UserRole).toInt() == ReferenceEntry &&
            (*item)->data(0, Qt::UserRole + 1).toString() == id)
            tree_->setCurrentItem(*item);
}

void LibraryPlace::showEntry() {
    const auto* item = tree_->currentItem();
    const int kind = item ? item->data(0, Qt::UserRole).toInt() : 0;
    const QString id = item ? item->data(0, Qt::UserRole + 1).toString() : QString();
    const AnyPolicy* entry = kind == PolicyEntry ? session_.catalogue().policy(id.toStdString()) : nullptr;
    const bool policy = entry && common(session_.policies().inForce(methodOf(*entry))).id != id.toStdString();
    choose_->setVisible(policy);
    references_->show(kind == ReferenceEntry ? session_.catalogue().reference(id.toStdString()) : nullptr);
    switch (kind) {
    case EquationEntry:
        return page_->setHtml(equationPage(id));
    case ReferenceEntry:
        return page_->setHtml(references_->page());
    case ProtocolEntry:
        return page_->setHtml(protocolPage(id));
    case PolicyEntry:
        return page_->setHtml(policyPage(id));
    case TruthEntry:
        return page_->setHtml(truthPage(id));
    default:
        page_->setHtml(item ? QStringLiteral("<h2>%1</h2>").arg(item->text(0)) : QString());
    }
}

QString LibraryPlace::equationPage(const QString& id) const {
    const Equation* equation = findEquation(id.toStdString());
    QString page = QStringLiteral("<h2>%1</h2><p>%2</p>").arg(pageWords(equation->title), id);
    page += pageRow(tr("Formula"), plainText(equation->formula)) +
            pageRow(tr("Result"), plainText(equation->unit)) +
            pageRow(tr("Valid for"), pageWords(equation->validity));
    QString inputs;
    for (const EquationInput& input : equation->inputs)
        inputs += QStringLiteral("%1: %2%3<br>")
                      .arg(plainText(input.name), pageWords(input.description),
                           input.isSex() ? QString()
                                         : QStringLiteral(", %1 to %2 %3")
                                               .arg(input.minimum)
                                               .arg(input.maximum)
                                               .arg(plainText(input.unit)));
    page += pageRow(tr("Inputs"), inputs) + pageRow(tr("Source"), plainText(equation->citation)) +
            pageRow(tr("Coefficients"), gradeWords(equation->grade));
    for (const auto& [name, value] : equation->facts)
        page += pageRow(report::say(name), plainText(value));
    if (!equation->caveat.empty())
        page += pageRow(tr("Caution"), pageWords(equation->caveat));
    for (const std::string_view method : methods) {
        const AnyPolicy& any = session_.policies().inForce(method);
        const MethodPolicy& policy = common(any);
        const auto chosen = equationsOf(any);
        if (std::ranges::find(chosen, id.toStdString()) != chosen.end())
            page +=
                pageRow(tr("In this lab"), tr("chosen for %1 by the policy in force, \"%2\"")
                                               .arg(report::say(methodTitle(method)), pageWords(policy.title)));
    }
    return page;
}

QString LibraryPlace::protocolPage(const QString& id) const {
    const auto* protocol = session_.catalogue().protocol(id.toStdString());
    QString page = QStringLiteral("<h2>%1</h2>").arg(pageWords(protocol->title));
    for (const auto& [title, rules] :
         {std::pair(tr("Screening"), &protocol->screening), std::pair(tr("Readiness"), &protocol->readiness)}) {
        page += QStringLiteral("<h3>%1</h3>").arg(title);
        for (const auto& rule : *rules)
            page += QStringLiteral("<p><b>%1</b><br>%2: %3. %4<br><i>%5%6</i></p>")
                        .arg(pageWords(rule.question), tr("If not as asked"),
                             report::say(actionText(rule.actionIfBroken)),
                             (rule.effectSize.empty() ? QString()
                                                      : pageWords(rule.effectSize) + QStringLiteral("; ")) +
                                 pageWords(rule.reason),
                             plainText(rule.source), QLatin1Char(' ') + pageWords(gradeText(rule.grade)));
    }
    page += QStringLiteral("<h3>%1</h3>").arg(tr("Safety"));
    for (const auto& line : protocol->safety)
        page += QStringLiteral("<p>– %1</p>").arg(plainText(line));
    return page;
}

QString LibraryPlace::truthPage(const QString& id) const {
    const auto client = session_.book().client(id.toStdString());
    if (session_.atTheBench().role != Role::Physiologist || !client)
        return QStringLiteral("<p>%1</p>")
            .arg(tr("Only the physiologist opens the truth of a made-up person."));
    const Json truth = Json::parse(session_.book().setting("truth." + id.toStdString()), nullptr, false);
    QString page = QStringLiteral("<h2>%1</h2>").arg(session_.nameOf(*client).toHtmlEscaped()) +
                   pageRow(tr("What this is"),
                           tr("The body that the simulated instruments measure today. Pages for clients "
                              "never show it."));
    if (truth.is_object())
        for (const auto& [key, value] : truth.items())
            page +=
                pageRow(plainText(key), plainText(value.is_string() ? value.get<std::string>() : value.dump()));
    return page;
}

QString LibraryPlace::policyPage(const QString& id) const {
    const AnyPolicy& any = *session_.catalogue().policy(id.toStdString());
    const MethodPolicy& policy = common(any);
    const std::string_view method = methodOf(any);
    const QString chosen = common(session_.policies().inForce(method)).id == policy.id
                               ? chosenBy(session_, "policy." + std::string(method), policy.id)
                               : tr("available");
    QString page = QStringLiteral("<h2>%1</h2>").arg(pageWords(policy.title)) +
                   pageRow(tr("In this lab"), chosen) + pageRow(tr("Method"), report::say(methodTitle(method)));
    page += policyRows(any) + dayRow(policy);
    return page + pageRow(tr("Reference for the fat percentage"), plainText(policy.fatReference)) +
           pageRow(tr("Signature"),
                   policy.physiologistSigns ? tr("technician and physiologist") : tr("technician")) +
           pageRow(tr("Source"), plainText(policy.source));
}

void LibraryPlace::choose() {
    if (session_.atTheBench().role != Role::Physiologist) {
        session_.report(
            failure({FUSAIN_TEXT("The physiologist owns the policies."), {}}, {},
                    {FUSAIN_TEXT("Only a physiologist can do this. Ask one to take the bench."), {}}));
        return;
    }
    const auto* item = tree_->currentItem();
    const std::string id = item->data(0, Qt::UserRole + 1).toString().toStdString();
    const AnyPolicy& policy = *session_.catalogue().policy(id);
    session_.report(session_.undoing().act(tr("policy put in force"), [&] {
        return session_.book().setSetting("policy." + std::string(methodOf(policy)), id,
                                          session_.atTheBench().id);
    }));
}

void LibraryPlace::addCommands(const PlaceCommands& add) {
    add.aboutChosen(
        "library.choose", tr("Put the chosen policy in force"), [this] { choose(); }, {},
        [this] {
            return choose_->isVisibleTo(this) && choose_->isEnabled() ? QString()
                                                                      : tr("Choose a policy first.");
        });
}

} // namespace fusain::desktop

#include "moc_library_place.cpp"
