#include "desktop/window/shell.hpp"

#include "desktop/services/book_care.hpp"
#include "desktop/services/lab_undo.hpp"
#include "desktop/views/passphrase.hpp"
#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/figure_view.hpp"
#include "desktop/window/command_search.hpp"
#include "desktop/window/help.hpp"
#include "desktop/window/key_sheet.hpp"
#include "desktop/window/work_line.hpp"
#include "record/library/catalogue.hpp"
#include "report/base/words.hpp"
#include "store/transfer/data_files.hpp"

#include <QApplication>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QLoggingCategory>
#include <QMessageBox>
#include <QTimer>
#include <QVBoxLayout>

namespace fusain::desktop {
namespace {

Q_LOGGING_CATEGORY(shown, "fusain.problem", QtInfoMsg)
Q_LOGGING_CATEGORY(links, "fusain.link", QtInfoMsg)

} // namespace

Shell::Shell(Session& session)
    : session_(session), places_(new QStackedWidget), day_(new DayPlace(session)),
      clients_(new ClientsPlace(session)), bench_(new BenchPlace(session)), quality_(new QualityPlace(session)),
      library_(new LibraryPlace(session)), settings_(new SettingsPlace(session)),
      breadcrumb_(label({}, "soft", false)), search_(new QLineEdit), problem_(label({}, "warning")),
      dismiss_(button(tr("Seen"))), problemBar_(new QFrame), care_(new CareBar(session, this)),
      staff_(new QComboBox), links_(label({}, "soft")), bookName_(label({}, "soft")),
      books_(new BookMenu(session, RecentBooks(), this)), commands_(new Commands(this)),
      typingPause_(new TypingPause(this)), undoBar_(new QFrame), undoWords_(label({}, "soft", false)),
      undoBack_(button(tr("Undo"))), undoTime_(new QTimer(this)) {
    helpReaders();
    setWindowTitle(QStringLiteral("Fusain"));
    // Large text on a small screen takes the screen and no more.
    const QSize room = screen()->availableSize().expandedTo(QSize(1280, 800));
    setMinimumSize(QSize(scaled(1180), scaled(720)).boundedTo(room));
    resize(QSize(scaled(1280), scaled(800)).boundedTo(room));
    QList<Place*> places{day_, clients_, bench_, quality_, library_, settings_};
    if (session.practice())
        places << (practice_ = new PracticePlace(session));
    for (Place* place : places) {
        places_->addWidget(place);
        connect(place, &Place::openBench, this, [this] { open(PlaceName::Bench); });
        connect(place, &Place::moved, this, &Shell::showWhere);
    }
    spine_ = buildSpine();
    top_ = buildTop();
    problemBar_->setObjectName(QStringLiteral("notice"));
    auto* problemLine = new QHBoxLayout(problemBar_);
    problemLine->addWidget(problem_, 1);
    problemLine->addWidget(dismiss_);
    problemBar_->hide();
    connect(dismiss_, &QPushButton::clicked, this, [this] {
        problemBar_->hide();
        placeNotices();
        current()->enter(); // the keys go on where they were
    });

    auto* page = new QWidget;
    page->setObjectName(QStringLiteral("page"));
    auto* right = new QVBoxLayout;
    right->setContentsMargins(0, 0, 0, 0);
    right->setSpacing(0);
    right->addWidget(top_);
    if (practice_) {
        auto* mark =
            label(tr("Practice: simulated clients on simulated instruments. Nothing here belongs to a client."),
                  "warning");
        mark->setContentsMargins(24, 4, 24, 4);
        right->addWidget(mark);
        right->addWidget(&practice_->strip());
        connect(&practice_->strip(), &PracticeStrip::acted, this, [this] { current()->enter(); });
    }
    right->addWidget(care_);
    right->addWidget(places_, 1);
    for (QWidget* notice : {static_cast<QWidget*>(problemBar_), undoLine()})
        notice->setParent(page);
    auto* layout = new QHBoxLayout(page);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(spine_);
    layout->addLayout(right, 1);
    setCentralWidget(page);

    lock_ = new Lock(session, this);
    connect(settings_, &SettingsPlace::lockAfterChosen, lock_, &Lock::lockAfter);
    QTimer::singleShot(0, lock_, &Lock::askWhoItIs); // once the window is there
    addCommands();
    connect(&session, &Session::changed, this, [this](const Changes& changes) {
        if (!mayShowAnew())
            return;
        if (current()->concerns(changes))
            current()->refresh();
        refreshFrame();
        if (!changes.elsewhere && std::exchange(goesWithItsCause_, false)) {
            problemBar_->hide();
            placeNotices();
        }
    });
    connect(&session, &Session::appearanceChanged, this, &Shell::applyAppearance);
    connect(&session, &Session::problemRaised, this, &Shell::showProblem);
    connect(&session.hub(), &link::InstrumentHub::statusChanged, this, [this](const QString& role) {
        qCInfo(links).noquote() << role << link::wordsFor(session_.hub().status(role));
        showLinks();
        if (current() == bench_)
            bench_->refresh();
    });
    connect(bench_, &BenchPlace::standBackChanged, this, [this](bool on) {
        spine_->setVisible(!on);
        top_->setVisible(!on);
    });
    applyAppearance();
    open(practice_ ? PlaceName::Practice : PlaceName::Day);
    recallWindow();
    if (auto warning = session.book().clockWarning(session.now()))
        showProblem(*warning);
    goesWithItsCause_ = false; // no act ends what is said of the clock or the book
    sayHowItBegins();
}

// What was found about the lab book while it was opened.
void Shell::sayHowItBegins() {
    connect(&session_.care(), &BookCare::copyFailed, this, &Shell::showProblem);
    QStringList notices;
    if (const auto& since = session_.book().endedBadly(); !since.empty())
        notices << tr("The last session, opened %1, ended unexpectedly. Everything accepted is kept. An "
                      "open test is listed under Day.")
                       .arg(QString::fromStdString(since));
    if (qEnvironmentVariableIsSet("FUSAIN_DATA"))
        notices << tr("Protocols, policies and checks are read from %1 (FUSAIN_DATA), not from the installed "
                      "files.")
                       .arg(store::dataFolder());
    if (session_.book().wasReadableByOthers())
        notices << tr("Other accounts on this computer could read this lab book. Now only your account can.");
    if (!notices.isEmpty()) {
        announce(problem_, notices.join(QLatin1Char('\n')));
        placeNotices(problemBar_);
    }
}

QWidget* Shell::buildSpine() {
    auto* spine = new QWidget;
    spine->setObjectName(QStringLiteral("spine"));
    spine->setFixedWidth(scaled(172));
    auto* layout = new QVBoxLayout(spine);
    layout->setContentsMargins(0, 16, 0, 12);
    layout->setSpacing(2);
    QStringList names{tr("&Day"),     tr("&Clients"), tr("&Bench"),
                      tr("&Quality"), tr("&Library"), tr("&Settings")};
    if (practice_)
        names << tr("&Practice");
    for (int i = 0; i < names.size(); ++i) {
        auto* place = new QPushButton(names[i]);
        place->setObjectName(QStringLiteral("place"));
        place->setCheckable(true);
        place->setAccessibleName(QString(names[i]).remove(QLatin1Char('&')));
        connect(place, &QPushButton::toggled, this, [this, i] { open(static_cast<PlaceName>(i)); });
        layout->addWidget(place);
        placeButtons_ << place;
    }
    layout->addStretch();
    auto* foot = new QVBoxLayout;
    foot->setContentsMargins(12, 0, 12, 0);
    staff_->setAccessibleName(tr("Who is at the bench"));
    fillStaff();
    connect(staff_, &QComboBox::activated, this, [this] {
        for (const Staff& staff : session_.book().staff())
            if (staff.id == staff_->currentData().toString().toStdString())
                takeTheBench(staff);
    });
    auto* fusain = button(tr("Lab books, help"));
    fusain->setAccessibleName(tr("Lab books, help, and about Fusain"));
    fusain->setMenu(bookMenu());
    for (QWidget* widget :
         std::initializer_list<QWidget*>{new WorkLine(session_.background()), links_,
                                         label(tr("At the bench"), "soft"), staff_, bookName_, fusain})
        foot->addWidget(widget);
    layout->addLayout(foot);
    return spine;
}

QMenu* Shell::bookMenu() {
    connect(books_, &BookMenu::replaced, this, &QWidget::close);
    books_->addSeparator();
    books_->addAction(tr("About Fusain…"), this, &Shell::showAbout);
    addActions(books_->actions()); // their keys work while the menu is closed
    return books_;
}

void Shell::showHelp() {
    Help(store::dataFolder() + QStringLiteral("/help"), this).exec();
}

// Whoever has a passphrase says it; who is not they stays where they were.
void Shell::takeTheBench(const Staff& staff) {
    const auto passphrase = passphraseOrPinOf(session_, this, staff, tr("Take the bench"));
    if (!passphrase || !session_.setAtTheBench(staff, *passphrase))
        fillStaff();
}

void Shell::fillStaff() {
    staff_->clear();
    if (session_.atTheBench().id.empty())
        staff_->addItem(tr("choose who you are"), QString());
    for (const Staff& staff : session_.book().staff()) {
        staff_->addItem(QString::fromStdString(staff.name), QString::fromStdString(staff.id));
        if (staff.id == session_.atTheBench().id)
            staff_->setCurrentIndex(staff_->count() - 1);
    }
}

QWidget* Shell::buildTop() {
    auto* top = new QWidget;
    auto* layout = new QHBoxLayout(top);
    layout->setContentsMargins(24, 10, 24, 6);
    search_->setPlaceholderText(tr("Find a client, test or equation   Ctrl+F"));
    search_->setAccessibleName(tr("Find"));
    search_->setFixedWidth(scaled(300));
    connect(search_, &QLineEdit::returnPressed, this, [this] { searchFor(search_->text().trimmed()); });
    layout->addWidget(breadcrumb_, 1);
    layout->addWidget(search_);
    return top;
}

void Shell::addCommands() {
    const QString window = tr("Window");
    const std::tuple<PlaceName, Place*, QString> places[] = {{PlaceName::Day, day_, tr("Day")},
                                                             {PlaceName::Clients, clients_, tr("Clients")},
                                                             {PlaceName::Bench, bench_, tr("Bench")},
                                                             {PlaceName::Quality, quality_, tr("Quality")},
                                                             {PlaceName::Library, library_, tr("Library")},
                                                             {PlaceName::Settings, settings_, tr("Settings")},
                                                             {PlaceName::Practice, practice_, tr("Practice")}};
    for (const auto& [name, place, words] : places)
        if (place)
            commands_->add(window, QStringLiteral("window.place-%1").arg(static_cast<int>(name)), words,
                           QKeySequence(Qt::CTRL | static_cast<Qt::Key>(Qt::Key_1 + static_cast<int>(name))),
                           [this, name = name] { open(name); });
    for (const auto& [name, place, words] : places)
        if (place)
            place->addCommands(PlaceCommands(
                *commands_, words,
                [this, name = name, place = place] {
                    if (current() != place)
                        open(name);
                },
                [this, place = place] { return current() == place; }));
    addViewCommands();
    connect(commands_, &Commands::refused, this, [this](const QString& why) {
        goesWithItsCause_ = true;
        announce(problem_, why);
        placeNotices(problemBar_);
    });
    connect(commands_, &Commands::keysChosen, this, [this](const QString& id, const QKeySequence& keys) {
        session_.setOfPerson(QStringLiteral("keys/") + id, keys.toString(QKeySequence::PortableText));
    });
    connect(&session_, &Session::personChanged, this, &Shell::recallKeys);
    recallKeys();
}

// What belongs to no place.
void Shell::addViewCommands() {
    const QString window = tr("Window");
    const auto add = [&](const char* id, const QString& name, const QKeySequence& keys,
                         std::function<void()> act, Commands::Obstacle obstacle = {}) {
        return commands_->add(window, QLatin1String(id), name, keys, std::move(act), std::move(obstacle));
    };
    add("window.find", tr("Find a client, test or equation"), QKeySequence::Find, [this] {
        search_->setFocus();
        search_->selectAll();
    });
    add(
        "window.undo", tr("Undo"), QKeySequence::Undo, [this] { current()->undo(); },
        [this] {
            return (current() == bench_ && session_.run()) || session_.undoing().stack().canUndo()
                       ? QString()
                       : tr("Nothing to undo.");
        });
    add(
        "window.redo", tr("Redo"), QKeySequence::Redo, [this] { session_.undoing().redo(); },
        [this] { return session_.undoing().stack().canRedo() ? QString() : tr("Nothing to redo."); });
    add("window.names", tr("Hide or show names"), QKeySequence(Qt::CTRL | Qt::Key_H), [this] {
        undoBar_->hide(); // what it says may have a name in it
        session_.setNamesHidden(!session_.namesHidden());
    });
    add("window.bench", tr("Change who is at the bench"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_B),
        [this] {
            staff_->setFocus();
            staff_->showPopup();
        });
    add(
        "window.lock", tr("Lock"), QKeySequence(Qt::CTRL | Qt::Key_L), [this] { lock_->lockNow(); },
        [this] { return lock_->obstacle(); });
    add("window.pin", tr("Choose a PIN for today"), {}, [this] { chooseDayPin(session_, this); });
    add("window.dark", tr("Dark or light"), QKeySequence(Qt::CTRL | Qt::Key_T),
        [this] { session_.setDark(!session_.dark()); });
    add("window.contrast", tr("High or usual contrast"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_T),
        [this] { session_.setHighContrast(!session_.highContrast()); });
    for (const int percent : {100, 125, 150, 175, 200})
        add(qPrintable(QStringLiteral("window.text-%1").arg(percent)),
            tr("Text size %1 % (from the next start)").arg(percent), {},
            [this, percent] { session_.own().set(QStringLiteral("text-percent"), percent); });
    add("window.about", tr("About Fusain…"), {}, [this] { showAbout(); });
    auto* search = add("window.commands", tr("Commands…"), QKeySequence(Qt::CTRL | Qt::Key_K),
                       [this] { searchCommands(); });
    auto* keys = add("window.keys", tr("Keys…"), QKeySequence(Qt::Key_F1), [this] { showKeys(); });
    auto* help =
        add("window.handbook", tr("Handbook"), QKeySequence(Qt::SHIFT | Qt::Key_F1), [this] { showHelp(); });
    commands_->note(window, tr("The next value of a figure"), tr("Left, Right, Home, End"));
    commands_->note(window, tr("All values of a figure as a table"), tr("Enter"));
    commands_->note(window, tr("Stretch the time of a figure"), tr("+, −, Ctrl+wheel"));
    commands_->note(window, tr("Copy the chosen rows of a table"), tr("Ctrl+C"));
    const QList<QAction*> actions = books_->actions();
    books_->insertActions(actions.value(actions.size() - 1), {search, keys, help});
}

void Shell::recallKeys() {
    commands_->recall([this](const QString& id) -> std::optional<QKeySequence> {
        const QVariant keys = session_.ofPerson(QStringLiteral("keys/") + id);
        return keys.isValid() ? std::optional(QKeySequence(keys.toString(), QKeySequence::PortableText))
                              : std::nullopt;
    });
}

void Shell::searchCommands() {
    CommandSearch search(*commands_, this);
    if (search.exec() == QDialog::Accepted && search.chosen())
        commands_->run(*search.chosen());
}

void Shell::showKeys() {
    KeySheet(*commands_, placeButtons_[places_->currentIndex()]->accessibleName(), this).exec();
}

// What was done last, with the way back, for half a minute.
QWidget* Shell::undoLine() {
    undoBar_->setObjectName(QStringLiteral("notice"));
    auto* row = new QHBoxLayout(undoBar_);
    row->addWidget(undoWords_, 1);
    row->addWidget(undoBack_);
    undoBar_->hide();
    undoTime_->setSingleShot(true);
    constexpr int shown = 30'000;
    undoTime_->setInterval(shown);
    connect(undoTime_, &QTimer::timeout, this, [this] {
        undoBar_->hide();
        placeNotices();
    });
    connect(undoBack_, &QPushButton::clicked, this, [this] {
        session_.undoing().undo();
        current()->enter();
    });
    connect(&session_.undoing(), &LabUndo::acted, this, &Shell::offerUndo);
    connect(&session_.undoing(), &LabUndo::undone, this, [this](const QString& name) {
        undoWords_->setText({}); // the same words twice are said twice
        showUndo(session_.namesHidden() ? tr("Undone.") : tr("Undone: %1.").arg(name), false);
    });
    return undoBar_;
}

// Notices lie over the foot of the page and never move it; on the bench they leave its verdict and button free.
void Shell::placeNotices(QFrame* shown) {
    if (shown)
        shown->show();
    const QWidget* page = centralWidget();
    if (!page)
        return;
    const int beside = spine_->isVisible() ? spine_->width() : 0, margin = scaled(24);
    const int left = isRightToLeft() ? 0 : beside;
    int bottom = page->height() - (current() == bench_ ? scaled(76) : scaled(8));
    for (QFrame* notice : {undoBar_, problemBar_})
        if (!notice->isHidden()) {
            const int width = page->width() - beside - 2 * margin;
            const int height =
                std::max(notice->layout()->heightForWidth(width), notice->layout()->minimumSize().height());
            notice->setGeometry(left + margin, bottom - height, width, height);
            notice->raise();
            bottom -= height + scaled(6);
        }
}

void Shell::resizeEvent(QResizeEvent* event) {
    QMainWindow::resizeEvent(event);
    placeNotices();
}

void Shell::offerUndo(const QString& name) {
    const QString keys =
        commands_->find(QStringLiteral("window.undo"))->action->shortcut().toString(QKeySequence::NativeText);
    showUndo(tr("Done: %1.  Undo: %2").arg(name, keys), true);
}

void Shell::showUndo(const QString& words, bool canUndo) {
    announce(undoWords_, words);
    undoBack_->setVisible(canUndo);
    placeNotices(undoBar_);
    undoTime_->start();
}

// By its path: two labs may have books of one name, and their clients the same ids.
QString Shell::ofThisBook() {
    return QStringLiteral("book/") + QString::fromLatin1(session_.book().path().toUtf8().toHex());
}

// Where the window stood, and what was open in this lab book.
void Shell::recallWindow() {
    restoreGeometry(session_.own().value(QStringLiteral("window/geometry")).toByteArray());
    if (practice_)
        return;
    const QString book = ofThisBook();
    const QString client = session_.own().value(book + QStringLiteral("/client")).toString();
    if (!client.isEmpty() && session_.book().client(client.toStdString()))
        clients_->showClient(client);
    const int place = session_.own().value(book + QStringLiteral("/place"), 0).toInt();
    if (place > 0 && place < places_->count())
        open(static_cast<PlaceName>(place));
}

void Shell::closeEvent(QCloseEvent* event) {
    const QString book = ofThisBook();
    session_.own().set(QStringLiteral("window/geometry"), saveGeometry());
    session_.own().set(book + QStringLiteral("/place"), places_->currentIndex());
    session_.own().set(book + QStringLiteral("/client"), clients_->chosen());
    QMainWindow::closeEvent(event);
}

Place* Shell::current() const {
    return static_cast<Place*>(places_->currentWidget());
}

void Shell::open(PlaceName place) {
    const int index = static_cast<int>(place);
    places_->setCurrentIndex(index);
    for (int i = 0; i < placeButtons_.size(); ++i)
        showChecked(placeButtons_[i], i == index);
    refresh();
    placeNotices();
    current()->enter();
}

void Shell::refresh() {
    if (!mayShowAnew())
        return;
    current()->refresh();
    refreshFrame();
}

// What cannot be read is not shown as nothing: nobody is booked, no client, no test. The place stays as it was;
// but a test that is on the bench continues, from what this window knows of it.
bool Shell::mayShowAnew() {
    return care_->canRead() ||
           (session_.run() && places_->currentIndex() == static_cast<int>(PlaceName::Bench));
}

// What stands around every place.
void Shell::refreshFrame() {
    showWhere();
    const QString lab = QString::fromStdString(session_.labName());
    bookName_->setText(
        session_.forgets() ? tr("%1. Demo: nothing is saved when you close this window.").arg(lab) : lab);
    showLinks();
}

void Shell::showWhere() {
    if (current())
        breadcrumb_->setText(current()->where() +
                             (session_.namesHidden() ? tr("      names hidden (Ctrl+H)") : QString()));
}

void Shell::showLinks() {
    QStringList lines; // the exceptions by name
    int live = 0;
    const auto owned = session_.ownedMethods();
    for (const QString& role : link::InstrumentHub::roles()) {
        const Instrument* instrument = session_.catalogue().instrument(role.toStdString());
        if (instrument && !instrument->servesAny(owned))
            continue;
        const auto status = session_.hub().status(role);
        if (status.state == link::LinkState::Live)
            ++live;
        else if (status.state != link::LinkState::Off)
            lines << QStringLiteral("○ %1: %2").arg(roleWords(role), link::wordsFor(status));
    }
    lines.prepend(live == 0   ? tr("· No instrument is linked.")
                  : live == 1 ? tr("● 1 instrument live")
                              : tr("● %1 instruments live").arg(live));
    links_->setText(lines.join(QLatin1Char('\n')));
}

void Shell::showAbout() {
    QMessageBox box(this);
    box.setWindowTitle(tr("About Fusain"));
    box.setTextFormat(Qt::PlainText);
    box.setText(tr("Fusain %1, the workbench of a body-composition laboratory.")
                    .arg(QCoreApplication::applicationVersion()));
    box.setInformativeText(tr("Free software under the GNU General Public License, version 3 or later, without "
                              "any warranty. Fonts: "
                              "Atkinson Hyperlegible and Noto Sans, SIL Open Font License 1.1. It is no "
                              "medical device: who is tested, and "
                              "what a result means, is for licensed practice and local rules to decide.\n\nThe "
                              "Library holds every equation "
                              "with its source. The lab book is %1.")
                               .arg(session_.book().path()));
    box.exec();
}

void Shell::applyAppearance() {
    putOn(session_.palette());
    if (places_->currentWidget())
        refresh();
}

void Shell::showProblem(const Problem& problem) {
    qCInfo(shown).noquote() << problem.what.text.c_str(); // the sentence, without what it speaks of
    goesWithItsCause_ = true;
    announce(problem_, report::say(problem));
    placeNotices(problemBar_);
}

void Shell::searchFor(const QString& text) {
    if (text.isEmpty())
        return;
    const std::string wanted = text.toStdString();
    const auto found = session_.book().findClients(wanted);
    const auto exact = std::ranges::find_if(
        found, [&](const Client& each) { return each.code == wanted || each.name == wanted; });
    if (found.size() == 1 || exact != found.end()) {
        open(PlaceName::Clients);
        clients_->showClient(QString::fromStdString(exact != found.end() ? exact->id : found.front().id));
    } else if (!found.empty()) {
        open(PlaceName::Clients);
        clients_->search(text);
    } else if (const auto test = session_.book().test(text.toStdString())) {
        open(PlaceName::Clients);
        clients_->showClient(QString::fromStdString(common(*test).subject.clientId));
    } else {
        open(PlaceName::Library);
        library_->search(text);
    }
}

void Shell::bringForward() {
    setWindowState((windowState() & ~Qt::WindowMinimized) | Qt::WindowActive);
    show();
    raise();
    activateWindow();
}

} // namespace fusain::desktop

#include "moc_shell.cpp"
