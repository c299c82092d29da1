#include "desktop/places/settings/settings_place.hpp"

#include "desktop/places/settings/lab_book_page.hpp"
#include "desktop/places/settings/people_page.hpp"
#include "desktop/services/lab_undo.hpp"
#include "desktop/widgets/appearance.hpp"
#include "record/all/record.hpp"
#include "report/base/words.hpp"

#include <QFormLayout>
#include <QScrollArea>
#include <QVBoxLayout>
#include <algorithm>

namespace fusain::desktop {
namespace {

constexpr auto textPercentKey = "text-percent";

// A page that a form stands on, which is made anew when what is kept has changed.
QWidget* pageFor(const QString& title, const QString& about) {
    auto* page = new QWidget;
    page->setObjectName(QStringLiteral("page"));
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(0, 0, scaled(12), 0);
    column->addWidget(label(title, "title"));
    column->addWidget(label(about, "soft"));
    return page;
}

QWidget* scrolled(QWidget* page) {
    auto* area = new QScrollArea;
    area->setWidget(page);
    area->setWidgetResizable(true);
    area->setFrameShape(QFrame::NoFrame);
    area->setObjectName(QStringLiteral("settingsPage"));
    return area;
}

} // namespace

SettingsPlace::SettingsPlace(Session& session)
    : Place(session), list_(new QListWidget), pages_(new QStackedWidget), save_(button(tr("Save"), true)),
      said_(label({}, "warning")), people_(new PeoplePage(session)), dark_(new QCheckBox(tr("Dark"))),
      contrast_(new QCheckBox(tr("High contrast"))), names_(new QCheckBox(tr("Hide clients' names"))),
      textSize_(new QComboBox), lockAfter_(new QComboBox) {
    list_->setAccessibleName(tr("Pages of the settings"));
    followSelection(list_);
    list_->setFixedWidth(scaled(220));
    auto* lab =
        pageFor(tr("The lab"), tr("What every page that a client keeps carries, and the units of the lab."));
    auto* methods = pageFor(tr("Methods and instruments"),
                            tr("Only these methods are shown. After a change, open this lab book again."));
    auto* waysOut =
        pageFor(tr("Getting out"), tr("Read to every client before the door is shut or the water is "
                                      "entered."));
    formPages_ = {lab, methods, waysOut};
    auto* people = pageFor(tr("People"),
                           tr("Who measures and who signs. The physiologist says who works here. Whoever has a "
                              "passphrase enters it at the bench and for each signature."));
    static_cast<QVBoxLayout*>(people->layout())->addWidget(people_, 1);
    auto* book = pageFor(tr("Lab book and copies"), {});
    book->layout()->addWidget(new LabBookPage(session));
    const std::pair<QString, QWidget*> pages[] = {{tr("The lab"), lab},
                                                  {tr("People"), people},
                                                  {tr("Methods and instruments"), methods},
                                                  {tr("Getting out"), waysOut},
                                                  {tr("Screen and keys"), screenPage()},
                                                  {tr("Lab book and copies"), book}};
    for (const auto& [name, page] : pages) {
        list_->addItem(name);
        pages_->addWidget(scrolled(page));
    }
    auto* right = new QVBoxLayout;
    right->addWidget(pages_, 1);
    auto* foot = new QHBoxLayout;
    foot->addWidget(said_, 1);
    foot->addWidget(save_);
    right->addLayout(foot);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(24, 16, 24, 16);
    layout->setSpacing(24);
    layout->addWidget(list_);
    layout->addLayout(right, 1);
    connect(list_, &QListWidget::currentRowChanged, this,
            [this](int row) { showPage(static_cast<Page>(row)); });
    connect(save_, &QPushButton::clicked, this, &SettingsPlace::save);
    loadForms();
    list_->setCurrentRow(0);
}

QWidget* SettingsPlace::screenPage() {
    auto* page =
        pageFor(tr("Screen and keys"), tr("Kept for you on this workstation, not for the lab. F1 shows all "
                                          "keys and changes them."));
    auto* column = static_cast<QVBoxLayout*>(page->layout());
    for (const int percent : {100, 125, 150, 175, 200})
        textSize_->addItem(tr("%1 %").arg(percent), percent);
    textSize_->setAccessibleName(tr("Size of text, from the next start"));
    lockAfter_->setAccessibleName(tr("Lock after inactivity of"));
    lockAfter_->addItem(tr("never"), 0);
    for (const int minutes : {2, 5, 10, 30})
        lockAfter_->addItem(tr("%n minute(s)", nullptr, minutes), minutes);
    auto* form = new QFormLayout;
    form->addRow(dark_);
    form->addRow(contrast_);
    form->addRow(names_);
    form->addRow(tr("Size of text, from the next start"), textSize_);
    form->addRow(tr("Lock after inactivity of"), lockAfter_);
    column->addLayout(form);
    column->addStretch();
    connect(dark_, &QCheckBox::toggled, this, [this](bool on) { session_.setDark(on); });
    connect(contrast_, &QCheckBox::toggled, this, [this](bool on) { session_.setHighContrast(on); });
    connect(names_, &QCheckBox::toggled, this, [this](bool on) { session_.setNamesHidden(on); });
    connect(textSize_, &QComboBox::activated, this,
            [this] { session_.own().set(QLatin1String(textPercentKey), textSize_->currentData().toInt()); });
    connect(lockAfter_, &QComboBox::activated, this, [this] {
        session_.own().set(QLatin1String(lockAfterKey), lockAfter_->currentData().toInt());
        Q_EMIT lockAfterChosen(lockAfter_->currentData().toInt());
    });
    return page;
}

QWidget* SettingsPlace::waysOutForm() {
    auto* page = new QWidget;
    auto* form = new QFormLayout(page);
    form->setContentsMargins(0, 0, 0, 0);
    forms_.waysOut.clear();
    for (const auto& [method, words] : {std::pair(methodHydrostatic, tr("How a client gets out of the tank")),
                                        std::pair(methodChamber, tr("How a client gets out of the chamber"))}) {
        auto* edit = new QLineEdit(session_.wayOut(method));
        edit->setAccessibleName(words);
        edit->setPlaceholderText(tr("in your own words, for this machine"));
        forms_.waysOut[std::string(method)] = edit;
        form->addRow(words, edit);
    }
    return page;
}

void SettingsPlace::loadForms() {
    forms_.letterhead = new LetterheadForm(session_);
    forms_.methods = new MethodsForm(session_);
    QWidget* const forms[] = {forms_.letterhead, forms_.methods, waysOutForm()};
    constexpr int headings = 2; // title and what it is about stay
    for (qsizetype i = 0; i < formPages_.size(); ++i) {
        auto* column = static_cast<QVBoxLayout*>(formPages_[i]->layout());
        while (QLayoutItem* item = column->takeAt(headings)) {
            delete item->widget();
            delete item;
        }
        column->addWidget(forms[i]);
        column->addStretch();
        for (QComboBox* box : forms[i]->findChildren<QComboBox*>())
            connect(box, &QComboBox::activated, this, [this] { chosen_ = true; });
        for (QAbstractButton* button : forms[i]->findChildren<QAbstractButton*>())
            connect(button, button->isCheckable() ? &QAbstractButton::toggled : &QAbstractButton::clicked, this,
                    [this] { chosen_ = true; });
    }
    chosen_ = false;
    said_->clear();
}

bool SettingsPlace::edited() const {
    return chosen_ || std::ranges::any_of(formPages_, [](const QWidget* page) {
               return std::ranges::any_of(page->findChildren<QLineEdit*>(), &QLineEdit::isModified);
           });
}

// What is kept may have changed since the place was last seen; what was typed here and not saved stays.
void SettingsPlace::showEvent(QShowEvent* event) {
    if (!edited())
        loadForms();
    Place::showEvent(event);
}

void SettingsPlace::refresh() {
    people_->refresh();
    showScreen();
}

void SettingsPlace::showScreen() {
    showChecked(dark_, session_.dark());
    showChecked(contrast_, session_.highContrast());
    showChecked(names_, session_.namesHidden());
    lockAfter_->setCurrentIndex(std::max(
        0, lockAfter_->findData(session_.own().value(QLatin1String(lockAfterKey), usualLockAfter).toInt())));
    textSize_->setCurrentIndex(
        std::max(0, textSize_->findData(session_.own().value(QLatin1String(textPercentKey), 100).toInt())));
}

QString SettingsPlace::where() const {
    return list_->currentItem() ? tr("Settings  ›  %1").arg(list_->currentItem()->text()) : tr("Settings");
}

void SettingsPlace::enter() {
    list_->setFocus();
}

void SettingsPlace::showPage(Page page) {
    const int row = static_cast<int>(page);
    pages_->setCurrentIndex(row);
    if (list_->currentRow() != row)
        list_->setCurrentRow(row);
    save_->setVisible(page == Page::Lab || page == Page::Methods || page == Page::GettingOut);
    Q_EMIT moved();
}

void SettingsPlace::undo() {
    Place::undo();
    loadForms();
}

// All of it or nothing.
void SettingsPlace::save() {
    const auto done = session_.undoing().act(tr("settings of the lab changed"), [&]() -> Expected<void> {
        auto kept = forms_.letterhead->keep();
        for (const auto& [method, edit] : forms_.waysOut)
            if (kept)
                kept = keepSetting(session_, "way-out." + method, edit->text().trimmed().toStdString());
        return kept ? forms_.methods->keep() : kept;
    });
    if (!done)
        return announce(said_, report::say(done.error()));
    loadForms();
    session_.report({});
}

void SettingsPlace::addCommands(const PlaceCommands& add) {
    const std::pair<const char*, QString> pages[] = {{"settings.lab", tr("The lab: name, address, units")},
                                                     {"settings.people", tr("Who works here")},
                                                     {"settings.methods", tr("Methods and instruments")},
                                                     {"settings.way-out", tr("Getting out")},
                                                     {"settings.screen", tr("Screen and keys")},
                                                     {"settings.book", tr("Lab book and copies")}};
    for (int i = 0; i < static_cast<int>(std::size(pages)); ++i)
        add(pages[i].first, pages[i].second, [this, i] { showPage(static_cast<Page>(i)); });
}

} // namespace fusain::desktop

#include "moc_settings_place.cpp"
