#include "desktop/places/library/library_place.hpp"

#include "core/catalogue/equations.hpp"
#include "desktop/places/library/library_words.hpp"
#include "desktop/services/lab_policies.hpp"
#include "desktop/services/lab_references.hpp"
#include "desktop/services/lab_undo.hpp"
#include "desktop/widgets/appearance.hpp"
#include "record/all/record.hpp"
#include "record/base/json.hpp"
#include "record/library/catalogue.hpp"
#include "report/base/words.hpp"

#include <QHBoxLayout>
#include <QPainter>
#include <QRegularExpression>
#include <QStyledItemDelegate>
#include <QVBoxLayout>
#include <algorithm>

namespace fusain::desktop {
namespace {

enum Kind { EquationEntry = 1, ReferenceEntry, ProtocolEntry, PolicyEntry, TruthEntry };
enum EntryRole { KindRole = Qt::UserRole, IdRole, MethodsRole, InForceRole };

constexpr int entryHeight = 44;

// Several equations give one quantity: their authors tell them apart.
QString titleWithAuthor(const Equation& equation) {
    static const QRegularExpression authorAndYear(QStringLiteral("^(\\S+?),? .*?\\((\\d{4})\\)"));
    const QString title = report::say(equation.title);
    const auto found = authorAndYear.match(report::plain(equation.citation));
    return !found.hasMatch() || title.contains(found.captured(1))
               ? title
               : QStringLiteral("%1, %2 %3").arg(title, found.captured(1), found.captured(2));
}

/// A title, its id small beneath it, and a mark when this lab uses it.
class EntryDelegate : public QStyledItemDelegate {
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    [[nodiscard]] QSize sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        const QSize size = QStyledItemDelegate::sizeHint(option, index);
        return index.data(KindRole).isValid() ? QSize(size.width(), scaled(entryHeight)) : size;
    }
    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        if (!index.data(KindRole).isValid())
            return QStyledItemDelegate::paint(painter, option, index);
        QStyleOptionViewItem box = option;
        initStyleOption(&box, index);
        box.text.clear();
        box.widget->style()->drawControl(QStyle::CE_ItemViewItem, &box, painter, box.widget);
        painter->save();
        const bool used = index.data(InForceRole).toBool();
        const QRect area = option.rect.adjusted(scaled(8), scaled(4), -scaled(8), -scaled(4));
        painter->setFont(
            report::textFont(scaled(13), used ? report::Weight::SemiBold : report::Weight::Regular));
        painter->setPen(option.palette.color(QPalette::WindowText));
        const QString mark = used ? tr("in force") : QString();
        painter->drawText(
            area, Qt::AlignTop | Qt::AlignLeft,
            painter->fontMetrics().elidedText(index.data().toString(), Qt::ElideRight, area.width()));
        painter->setFont(report::textFont(scaled(11)));
        painter->setPen(option.palette.color(QPalette::PlaceholderText));
        const int markWidth = painter->fontMetrics().horizontalAdvance(mark);
        painter->drawText(area, Qt::AlignBottom | Qt::AlignRight, mark);
        painter->drawText(area, Qt::AlignBottom | Qt::AlignLeft,
                          painter->fontMetrics().elidedText(index.data(IdRole).toString(), Qt::ElideRight,
                                                            area.width() - markWidth - scaled(8)));
        painter->restore();
    }

private:
    static QString tr(const char* text) { return QObject::tr(text); }
};

} // namespace

LibraryPlace::LibraryPlace(Session& session)
    : Place(session), words_(new QLineEdit), method_(new QComboBox), inForce_(new QCheckBox(tr("in force"))),
      tree_(new QTreeWidget), page_(new QTextBrowser), choose_(button(tr("Put this policy in force"), true)),
      picture_(new ReferencePicture(session)), references_(new ReferenceShelf(session)) {
    tree_->setHeaderHidden(true);
    tree_->setAccessibleName(tr("Library"));
    tree_->setItemDelegate(new EntryDelegate(tree_));
    tree_->setIndentation(scaled(14));
    page_->setAccessibleName(tr("Entry"));
    page_->document()->setDocumentMargin(16);
    auto* left = new QVBoxLayout;
    left->addLayout(narrowing());
    left->addWidget(tree_, 1);
    auto* right = new QVBoxLayout;
    right->addWidget(picture_);
    right->addWidget(page_, 1);
    right->addWidget(choose_, 0, Qt::AlignLeft);
    right->addWidget(references_);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(24, 16, 24, 16);
    layout->setSpacing(16);
    layout->addLayout(left);
    layout->addLayout(right, 1);
    tree_->setFixedWidth(scaled(400));
    connect(tree_, &QTreeWidget::currentItemChanged, this, &LibraryPlace::showEntry);
    connect(choose_, &QPushButton::clicked, this, &LibraryPlace::choose);
    connect(references_, &ReferenceShelf::added, this, &LibraryPlace::showReference);
    fill();
}

QLayout* LibraryPlace::narrowing() {
    words_->setPlaceholderText(tr("title, author or id"));
    words_->setAccessibleName(tr("Entries with these words"));
    words_->setMaximumWidth(scaled(160));
    method_->setAccessibleName(tr("Entries of this method"));
    method_->addItem(tr("all methods"));
    for (const std::string_view method : methods)
        method_->addItem(report::say(methodTitle(method)), report::plain(method));
    inForce_->setToolTip(tr("Only what this lab uses"));
    connect(words_, &QLineEdit::textChanged, this, &LibraryPlace::narrow);
    connect(method_, &QComboBox::activated, this, &LibraryPlace::narrow);
    connect(inForce_, &QCheckBox::toggled, this, &LibraryPlace::narrow);
    return inOneRow({words_, method_, inForce_});
}

QTreeWidgetItem* LibraryPlace::addGroup(const QString& title) {
    auto* item = new QTreeWidgetItem(tree_, {title});
    item->setExpanded(true);
    return item;
}

void LibraryPlace::addEntry(QTreeWidgetItem* group, const QString& title, int kind, const std::string& id,
                            const QStringList& methods) {
    auto* item = new QTreeWidgetItem(group, {title});
    item->setData(0, KindRole, kind);
    item->setData(0, IdRole, report::plain(id));
    item->setData(0, MethodsRole, methods);
    item->setToolTip(0, plainTip(title));
}

// An equation belongs to the methods of which some policy uses it.
void LibraryPlace::addEquations() {
    std::map<std::string, QStringList> users;
    for (const AnyPolicy& policy : session_.catalogue().policies)
        for (const std::string& id : equationsOf(policy))
            users[id] << report::plain(methodOf(policy));
    auto* group = addGroup(tr("Equations"));
    for (const Equation& equation : equationCatalogue())
        addEntry(group, titleWithAuthor(equation), EquationEntry, std::string(equation.id),
                 users[std::string(equation.id)]);
}

void LibraryPlace::addReferences() {
    auto* group = addGroup(tr("Reference sets"));
    const auto quantities = referenceQuantities();
    for (const auto& set : session_.catalogue().references) {
        const auto quantity = std::ranges::find(quantities, set.quantity, &ReferenceQuantity::id);
        const QString of =
            quantity == quantities.end() ? report::plain(set.quantity) : report::say(quantity->title);
        addEntry(group, tr("%1: %2").arg(of, report::say(set.title)), ReferenceEntry, set.id,
                 set.method.empty() ? QStringList() : QStringList{report::plain(set.method)});
    }
}

void LibraryPlace::fill() {
    addEquations();
    addReferences();
    auto* protocols = addGroup(tr("Protocols"));
    for (const auto& protocol : session_.catalogue().protocols)
        addEntry(protocols, report::say(std::string_view(protocol.title)), ProtocolEntry, protocol.id,
                 {report::plain(protocol.method)});
    auto* policies = addGroup(tr("Policies"));
    for (const AnyPolicy& policy : session_.catalogue().policies)
        addEntry(policies, report::say(std::string_view(common(policy).title)), PolicyEntry, common(policy).id,
                 {report::plain(methodOf(policy))});
    // A made-up lab book carries the true bodies that its instruments measured.
    QTreeWidgetItem* truths = nullptr;
    for (const Client& client : session_.book().clients())
        if (!session_.book().setting("truth." + client.id).empty()) {
            truths = truths ? truths : addGroup(tr("Truth of the made-up people"));
            addEntry(truths, report::plain(client.code), TruthEntry, client.id, {});
        }
    markInForce();
    narrow();
    tree_->setCurrentItem(tree_->topLevelItem(0)->child(0));
}

// What the policies of this lab and its references use now.
void LibraryPlace::markInForce() {
    std::set<std::string> used;
    for (const std::string_view method : methods) {
        const AnyPolicy& policy = session_.policies().inForce(method);
        used.insert(common(policy).id);
        used.insert(session_.protocolFor(method).id);
        for (const std::string& id : equationsOf(policy))
            used.insert(id);
    }
    for (const auto& set : session_.catalogue().references)
        if (session_.references().chosenFor(set.quantity) == &set)
            used.insert(set.id);
    for (QTreeWidgetItemIterator item(tree_); *item; ++item)
        (*item)->setData(0, InForceRole, used.contains((*item)->data(0, IdRole).toString().toStdString()));
}

// An entry that is for any method is listed with each.
void LibraryPlace::narrow() {
    const QString words = words_->text().trimmed(), method = method_->currentData().toString();
    for (int i = 0; i < tree_->topLevelItemCount(); ++i) {
        QTreeWidgetItem* group = tree_->topLevelItem(i);
        bool any = false;
        for (int j = 0; j < group->childCount(); ++j) {
            QTreeWidgetItem* entry = group->child(j);
            const QStringList those = entry->data(0, MethodsRole).toStringList();
            const bool equation = entry->data(0, KindRole).toInt() == EquationEntry;
            const bool ofMethod = method.isEmpty() || those.contains(method) || (those.isEmpty() && !equation);
            const bool named = entry->text(0).contains(words, Qt::CaseInsensitive) ||
                               entry->data(0, IdRole).toString().contains(words, Qt::CaseInsensitive);
            const bool shown =
                ofMethod && named && (!inForce_->isChecked() || entry->data(0, InForceRole).toBool());
            entry->setHidden(!shown);
            any |= shown;
        }
        group->setHidden(!any);
    }
}

void LibraryPlace::refresh() {
    markInForce();
    narrow();
    showEntry();
}

void LibraryPlace::search(const QString& wanted) {
    words_->clear();
    method_->setCurrentIndex(0);
    inForce_->setChecked(false);
    narrow();
    for (QTreeWidgetItemIterator item(tree_); *item; ++item)
        if ((*item)->data(0, KindRole).isValid() &&
            ((*item)->text(0).contains(wanted, Qt::CaseInsensitive) ||
             (*item)->data(0, IdRole).toString().contains(wanted, Qt::CaseInsensitive)))
            return tree_->setCurrentItem(*item);
}

void LibraryPlace::showReference(const QString& id) {
    tree_->clear();
    fill();
    for (QTreeWidgetItemIterator item(tree_); *item; ++item)
        if ((*item)->data(0, KindRole).toInt() == ReferenceEntry && (*item)->data(0, IdRole).toString() == id)
            tree_->setCurrentItem(*item);
}

void LibraryPlace::showEntry() {
    const auto* item = tree_->currentItem();
    const int kind = item ? item->data(0, KindRole).toInt() : 0;
    const QString id = item ? item->data(0, IdRole).toString() : QString();
    const AnyPolicy* entry = kind == PolicyEntry ? session_.catalogue().policy(id.toStdString()) : nullptr;
    const bool policy = entry && common(session_.policies().inForce(methodOf(*entry))).id != id.toStdString();
    choose_->setVisible(policy);
    const auto* set = kind == ReferenceEntry ? session_.catalogue().reference(id.toStdString()) : nullptr;
    references_->show(set);
    picture_->showSet(set);
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
    const std::string id = item->data(0, IdRole).toString().toStdString();
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
