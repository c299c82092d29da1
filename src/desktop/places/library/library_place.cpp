#include "desktop/places/library/library_place.hpp"

#include "core/catalogue/equations.hpp"
#include "desktop/places/library/library_entries.hpp"
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
#include <QStyledItemDelegate>
#include <QVBoxLayout>
#include <algorithm>

namespace fusain::desktop {
namespace {

constexpr int entryHeight = 44;

/// A title, its id small beneath it, and a mark when this lab uses it.
class EntryDelegate : public QStyledItemDelegate {
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    [[nodiscard]] QSize sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        const QSize size = QStyledItemDelegate::sizeHint(option, index);
        return index.data(LibraryModel::KindRole).isValid() ? QSize(size.width(), scaled(entryHeight)) : size;
    }
    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        if (!index.data(LibraryModel::KindRole).isValid())
            return QStyledItemDelegate::paint(painter, option, index);
        QStyleOptionViewItem box = option;
        initStyleOption(&box, index);
        box.text.clear();
        box.widget->style()->drawControl(QStyle::CE_ItemViewItem, &box, painter, box.widget);
        painter->save();
        const bool used = index.data(LibraryModel::InForceRole).toBool();
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
                          painter->fontMetrics().elidedText(index.data(LibraryModel::IdRole).toString(),
                                                            Qt::ElideRight,
                                                            area.width() - markWidth - scaled(8)));
        painter->restore();
    }

private:
    static QString tr(const char* text) { return QObject::tr(text); }
};

} // namespace

LibraryPlace::LibraryPlace(Session& session)
    : Place(session), words_(new QLineEdit), method_(new QComboBox), inForce_(new QCheckBox(tr("in force"))),
      tree_(new QTreeView), model_(new LibraryModel(this)), filter_(new LibraryFilter(this)),
      title_(label({}, "title")), below_(label({}, "soft")), page_(new QTextBrowser),
      choose_(button(tr("Put this policy in force"), true)), picture_(new ReferencePicture(session)),
      trial_(new EquationTrial), references_(new ReferenceShelf(session)) {
    filter_->setSourceModel(model_);
    tree_->setModel(filter_);
    followSelection(tree_);
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
    right->setSpacing(scaled(6));
    right->addWidget(title_);
    right->addWidget(below_);
    right->addWidget(picture_);
    right->addWidget(page_, 1);
    right->addWidget(trial_);
    right->addWidget(choose_, 0, Qt::AlignLeft);
    right->addWidget(references_);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(24, 16, 24, 16);
    layout->setSpacing(16);
    layout->addLayout(left);
    layout->addLayout(right, 1);
    tree_->setFixedWidth(scaled(400));
    connect(tree_->selectionModel(), &QItemSelectionModel::currentChanged, this, &LibraryPlace::showEntry);
    connect(choose_, &QPushButton::clicked, this, &LibraryPlace::choose);
    connect(references_, &ReferenceShelf::added, this, &LibraryPlace::showReference);
    fill();
    tree_->setCurrentIndex(filter_->index(0, 0, filter_->index(0, 0)));
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

void LibraryPlace::fill() {
    model_->setGroups(libraryEntries(session_));
    model_->markInForce(usedNow(session_));
    narrow();
}

void LibraryPlace::narrow() {
    const QString id = chosenId();
    filter_->narrow(words_->text().trimmed(), method_->currentData().toString(), inForce_->isChecked());
    tree_->expandAll();
    open(id);
    if (chosenId().isEmpty()) // what was read is not among them: the first hit is
        tree_->setCurrentIndex(filter_->index(0, 0, filter_->index(0, 0)));
}

void LibraryPlace::refresh() {
    model_->markInForce(usedNow(session_));
    narrow();
    showEntry();
}

QString LibraryPlace::chosenId() const {
    return tree_->currentIndex().data(LibraryModel::IdRole).toString();
}

void LibraryPlace::open(const QString& id) {
    const QModelIndex index = filter_->mapFromSource(model_->find(id));
    if (index.isValid() && index != tree_->currentIndex())
        tree_->setCurrentIndex(index);
}

void LibraryPlace::search(const QString& wanted) {
    words_->clear();
    method_->setCurrentIndex(0);
    inForce_->setChecked(false);
    narrow();
    open(model_->findWords(wanted).data(LibraryModel::IdRole).toString());
}

void LibraryPlace::showReference(const QString& id) {
    fill();
    open(id);
}

void LibraryPlace::showEntry() {
    const auto kind = static_cast<LibraryKind>(tree_->currentIndex().data(LibraryModel::KindRole).toInt());
    const QString id = chosenId();
    const AnyPolicy* entry =
        kind == LibraryKind::Policy ? session_.catalogue().policy(id.toStdString()) : nullptr;
    const bool policy = entry && common(session_.policies().inForce(methodOf(*entry))).id != id.toStdString();
    choose_->setVisible(policy);
    const auto* set =
        kind == LibraryKind::Reference ? session_.catalogue().reference(id.toStdString()) : nullptr;
    references_->show(set);
    picture_->showSet(set);
    trial_->show(kind == LibraryKind::Equation ? id : QString());
    title_->setText(report::sentence(tree_->currentIndex().data().toString()));
    QStringList below{id};
    if (tree_->currentIndex().data(LibraryModel::InForceRole).toBool())
        below << tr("in force");
    below.removeAll(QString());
    below_->setText(below.join(QStringLiteral("  ·  ")));
    switch (kind) {
    case LibraryKind::Equation:
        return page_->setHtml(equationPage(id));
    case LibraryKind::Reference:
        return page_->setHtml(references_->page());
    case LibraryKind::Protocol:
        return page_->setHtml(protocolPage(id));
    case LibraryKind::Policy:
        return page_->setHtml(policyPage(id));
    case LibraryKind::Term:
        return page_->setHtml(termPage(id));
    case LibraryKind::Truth:
        return page_->setHtml(truthPage(id));
    }
    page_->clear();
}

QString LibraryPlace::equationPage(const QString& id) const {
    const Equation* equation = findEquation(id.toStdString());
    QString page = pageRow(tr("Formula"), plainText(equation->formula)) +
                   pageRow(tr("Result"), plainText(equation->unit)) +
                   pageRow(tr("Valid for"), pageWords(equation->validity));
    page += pageRow(tr("Source"), plainText(equation->citation)) +
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
    QString page;
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

QString LibraryPlace::termPage(const QString& id) const {
    const GlossaryTerm& term = *session_.catalogue().glossary.find(id.toStdString());
    return pageRow(tr("Meaning"), pageWords(term.meaning)) +
           pageRow(tr("For the client"),
                   term.client.empty() ? tr("not said to clients") : pageWords(term.client));
}

QString LibraryPlace::truthPage(const QString& id) const {
    const auto client = session_.book().client(id.toStdString());
    if (!may(session_.atTheBench().role, Right::Policies) || !client)
        return QStringLiteral("<p>%1</p>")
            .arg(tr("Only the physiologist opens the true body of a demo person."));
    const Json truth = Json::parse(session_.book().setting("truth." + id.toStdString()), nullptr, false);
    QString page = pageRow(tr("What this is"),
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
    QString page = pageRow(tr("In this lab"), chosen) + pageRow(tr("Method"), report::say(methodTitle(method)));
    page += policyRows(any) + dayRow(policy);
    return page + pageRow(tr("Reference for % fat"), plainText(policy.fatReference)) +
           pageRow(tr("Signature"),
                   policy.physiologistSigns ? tr("technician and physiologist") : tr("technician")) +
           pageRow(tr("Source"), plainText(policy.source)) + everyValue(any);
}

void LibraryPlace::choose() {
    const std::string id = chosenId().toStdString();
    const AnyPolicy& policy = *session_.catalogue().policy(id);
    session_.report(session_.undoing().act(tr("policy changed"), [&] {
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
