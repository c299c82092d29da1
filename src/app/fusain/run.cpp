#include "fusain/run.hpp"

#include "demo/kept_demo.hpp"
#include "desktop/services/book_care.hpp"
#include "desktop/services/recent_books.hpp"
#include "desktop/services/workstation.hpp"
#include "desktop/widgets/appearance.hpp"
#include "desktop/window/first_start.hpp"
#include "fusain/single_instance.hpp"
#include "fusain/stay_awake.hpp"
#include "link/simulation/all/simulated_lab.hpp"
#include "record/all/record.hpp"
#include "record/base/json.hpp"
#include "record/library/catalogue.hpp"
#include "report/base/language.hpp"
#include "report/base/words.hpp"
#include "store/transfer/data_files.hpp"

#include <QApplication>
#include <QDir>
#include <QElapsedTimer>
#include <QFileInfo>
#include <QLibraryInfo>
#include <QMessageBox>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QTextStream>
#include <QTimer>
#include <QTranslator>

namespace fusain {
namespace {

bool isSilent() {
    return qEnvironmentVariableIsSet("FUSAIN_QUIET") ||
           QGuiApplication::platformName() == QLatin1String("offscreen");
}

int explain(const Problem& problem) {
    QTextStream(stderr) << report::say(problem) << '\n';
    if (!isSilent())
        QMessageBox::warning(nullptr, QStringLiteral("Fusain"), report::say(problem));
    return 2;
}

QString usualBook(bool practice) {
    const QString folder = QStandardPaths::writableLocation(QStandardPaths::AppDataLocation);
    QDir().mkpath(folder);
    return folder + (practice ? QStringLiteral("/Practice.fusain") : QStringLiteral("/Lab book.fusain"));
}

// No lab book is ever made without being asked for: a missing file may be a disk that is not connected.
Expected<std::unique_ptr<store::LabBook>> openOrAsk(const QString& path, const Clock& clock) {
    auto opened = store::LabBook::open(path, clock);
    const bool missing = QFileInfo(path).dir().exists() && !QFileInfo::exists(path);
    if (opened || !missing || isSilent())
        return opened;
    QMessageBox box(
        QMessageBox::Question, QCoreApplication::translate("run", "No lab book here"),
        QCoreApplication::translate("run", "There is no lab book at %1.\n\nIf there should be one, check that "
                                           "its disk or share is connected, then start again.")
            .arg(path));
    const auto* create = box.addButton(QCoreApplication::translate("run", "Create a new lab book here"),
                                       QMessageBox::AcceptRole);
    box.setDefaultButton(box.addButton(QCoreApplication::translate("run", "Leave"), QMessageBox::RejectRole));
    box.exec();
    return box.clickedButton() == create ? store::LabBook::create(path, clock) : std::move(opened);
}

// The demo's clock starts at its fixed morning and then runs on.
class DemoClock {
public:
    explicit DemoClock(Instant start)
        : instant_(std::make_shared<Instant>(start)), running_(std::make_shared<bool>(false)) {}
    Instant operator()() const {
        return *running_ ? Instant{instant_->milliseconds + elapsed_.elapsed()} : *instant_;
    }
    Instant& instant() { return *instant_; }
    void run() { *running_ = true; }

private:
    std::shared_ptr<Instant> instant_;
    std::shared_ptr<bool> running_;
    QElapsedTimer elapsed_ = [] {
        QElapsedTimer timer;
        timer.start();
        return timer;
    }();
};

// The made-up body of a client; for one whom the demonstration does not know an ordinary one of the mass that
// was measured last, so that nobody is weighed as the client before.
simulation::TrueBody bodyOnInstruments(desktop::Session& session, const TestSubject& subject) {
    if (const std::string truth = session.book().setting("truth." + subject.clientId); !truth.empty())
        return simulation::trueBodyFromJson(Json::parse(truth, nullptr, false));
    std::optional<Kilograms> mass;
    for (const AnyTest& test : session.book().testsOf(subject.clientId))
        if (const auto measured = massOf(test))
            mass = measured;
    return simulation::usualBody(subject.sex, subject.height, mass);
}

// Keeps the right made-up person on the simulated instruments.
void connectSimulatedLab(desktop::Session& session, simulation::SimulatedLab& lab) {
    for (const QString& role : link::InstrumentHub::roles())
        session.hub().configure(
            role, link::LinkSettings::fromText(QStringLiteral("tcp:127.0.0.1:%1").arg(lab.openTcp(role))));
    lab.setScanner(
        QString::fromStdString(session.workstation().setting("scan-folder")),
        [&session] { return session.now(); },
        60);                // and a scan in seven
    lab.setAnalyzer({}, 6); // a sweep in ten seconds: nobody waits a minute for a demonstration
    const auto follow = [&session, &lab, last = std::string()]() mutable {
        if (!session.run() || session.run()->record().id == last)
            return;
        last = session.run()->record().id;
        const auto client = session.book().client(session.run()->record().subject.clientId);
        auto person = simulation::virtualPersonOf(bodyOnInstruments(session, session.run()->record().subject));
        if (client)
            person.code = client->code;
        lab.setPerson(person);
    };
    QObject::connect(&session, &desktop::Session::changed, &lab, follow);
}

// A practice book is marked when it is new, and is never opened for clients, nor a lab's book for practice.
Expected<void> keepPracticeApart(store::LabBook& book, const RunOptions& options, bool freshDemo) {
    constexpr auto mark = "practice-room";
    const bool marked = !book.setting(mark).empty();
    if (options.practice && !marked) {
        if (!freshDemo && !book.clients().empty())
            return failure(
                {FUSAIN_TEXT("This lab book has clients in it; practice has a book of its own."), {}},
                book.path().toStdString(), {FUSAIN_TEXT("Open the practice room without a file."), {}},
                {FUSAIN_TEXT("Nothing in it was changed."), {}});
        return book.setSetting(mark, "yes", "practice");
    }
    if (marked && !options.practice)
        return failure({FUSAIN_TEXT("This is a practice book; clients do not belong in it."), {}},
                       book.path().toStdString(), {FUSAIN_TEXT("Open it with --practice."), {}});
    return {};
}

// In the practice room the instruments have been checked; a case says where one has not.
void keepChecks(desktop::Session& session) {
    for (const Instrument& instrument : session.catalogue().instruments) {
        const auto checks = session.book().checks(instrument.id);
        for (const CheckDefinition& check : instrument.checks)
            if (!statusOf(check, checks, session.now()).good())
                session.report(session.keepCheck(
                    instrument.id, check.id, check.rule.nominal,
                    std::vector<double>(static_cast<std::size_t>(check.rule.readings), check.rule.nominal)));
    }
}

// Dates, numbers and the buttons of dialogs go with the words around them.
void speak(const QString& code) {
    report::setWindowLanguage(code);
    const QString language = report::windowLanguage();
    QLocale::setDefault(code.startsWith(language) ? QLocale(code) : QLocale(language));
    static QTranslator toolkit; // what the toolkit itself says
    QCoreApplication::removeTranslator(&toolkit);
    if (toolkit.load(QLocale(language), QStringLiteral("qtbase"), QStringLiteral("_"),
                     QLibraryInfo::path(QLibraryInfo::TranslationsPath)))
        QCoreApplication::installTranslator(&toolkit);
}

// A demonstration of several workstations: the first of them brings the made-up lab to the server.
Expected<void> fillDemoServer(const QString& address, const LabCatalogue& catalogue, const Clock& clock,
                              DemoClock& demoClock) {
    const auto read = store::BookAddress::read(address);
    if (!read || !read->onServer() || store::LabBook::openForReading(address))
        return read ? Expected<void>() : tl::unexpected(read.error());
    const QTemporaryDir folder;
    const QString made = folder.filePath(QStringLiteral("Skerry Point.fusain"));
    auto done = demo::demoBookAt(made, catalogue, clock, demoClock.instant(),
                                 QStandardPaths::writableLocation(QStandardPaths::CacheLocation));
    return done ? store::LabBook::restore(made, address) : done;
}

void setUpPractice(desktop::Session& session, desktop::Shell& shell, simulation::SimulatedLab& lab) {
    keepChecks(session);
    shell.practice()->run().setInstruments(&lab);
}

} // namespace

int runDesktop(const RunOptions& options,
               const std::function<void(desktop::Shell&, desktop::Session&)>& driver) {
    const QString data = store::dataFolder();
    report::loadFonts(data + QStringLiteral("/fonts"));
    report::setLanguageFolder(data + QStringLiteral("/page-languages"));
    const QString desktopLanguage = QLocale().name();
    speak(options.language.isEmpty() ? desktopLanguage : options.language);
    auto catalogue = store::readCatalogue(data);
    if (!catalogue)
        return explain(catalogue.error());

    DemoClock demoClock(demo::demoNow());
    const Clock clock = options.demo ? Clock([&demoClock] { return demoClock(); })
                                     : Clock([] { return Instant{QDateTime::currentMSecsSinceEpoch()}; });
    const bool freshDemo = options.demo && options.book.isEmpty();
    if (options.demo && !options.book.isEmpty())
        if (auto filled = fillDemoServer(options.book, *catalogue, clock, demoClock); !filled)
            return explain(filled.error());
    // A fresh folder for every demo, so that it always starts at the same morning.
    const auto demoFolder = freshDemo ? std::make_unique<QTemporaryDir>() : nullptr;
    const QString path = !options.book.isEmpty() ? options.book
                         : freshDemo             ? demoFolder->filePath(QStringLiteral("Skerry Point.fusain"))
                                                 : usualBook(options.practice);
    if (SingleInstance::knock(path, options.workstation)) {
        QTextStream(stderr) << QCoreApplication::translate(
                                   "run", "This lab book is already open; its window was brought forward.")
                            << '\n';
        return 3;
    }
    const bool ownRoom = freshDemo || options.practice; // a book of the program's own, not of a lab
    if (freshDemo)
        if (auto made = demo::demoBookAt(path, *catalogue, clock, demoClock.instant(),
                                         QStandardPaths::writableLocation(QStandardPaths::CacheLocation));
            !made)
            return explain(made.error());
    auto book = ownRoom || (options.createBook && !QFileInfo::exists(path))
                    ? store::LabBook::openOrCreate(path, clock)
                    : openOrAsk(path, clock);
    if (!book)
        return explain(book.error());
    desktop::Shell* window = nullptr;
    SingleInstance instance;
    instance.answer((*book)->path(), options.workstation, [&window] {
        if (window)
            window->bringForward();
    });
    demoClock.run();
    if (options.practice && (*book)->staff().empty()) // practice has no colleagues to enter
        if (auto first = (*book)->save(Staff{"staff-1", "Physiologist", Role::Physiologist}, "staff-1"); !first)
            return explain(first.error());

    if (const QString chosen = QString::fromStdString((*book)->setting("window-language"));
        options.language.isEmpty() && !chosen.isEmpty())
        speak(chosen); // as the lab has chosen, whatever the desktop speaks
    if (const auto mixed = keepPracticeApart(**book, options, freshDemo); !mixed)
        return explain(mixed.error());

    // A demonstration leaves nothing behind, and pictures show what everybody sees first.
    desktop::OwnSettings own(freshDemo || driver ? QString()
                                                 : desktop::OwnSettings::ofAccount(options.workstation));
    if (!options.workstation.isEmpty())
        own.set(QLatin1String(desktop::Workstation::nameKey), options.workstation);
    desktop::setTextScale(0.01 * (options.textPercent > 0
                                      ? options.textPercent
                                      : own.value(QStringLiteral("text-percent"), 100).toInt()));
    desktop::Session session(std::move(*book), std::move(*catalogue), clock, std::move(own));
    std::unique_ptr<simulation::SimulatedLab> lab;
    if (options.practice)
        session.setPractice();
    else if (freshDemo)
        session.setForgets();
    if (options.demo || options.practice) {
        const QString scans = session.book().address().beside(QStringLiteral(".scans"));
        QDir().mkpath(scans);
        session.report(
            session.workstation().setSetting("scan-folder", scans.toStdString(), session.atTheBench().id));
        lab = std::make_unique<simulation::SimulatedLab>(20260312, simulation::VirtualPerson{},
                                                         simulation::LabFaults{});
        connectSimulatedLab(session, *lab);
    }
    // Before the window: its lists are made from what these pages say.
    if (!driver && !options.demo && !options.practice && !desktop::FirstStart::done(session)) {
        desktop::putOn(session.palette());
        desktop::FirstStart(session).exec();
    }
    if (!options.demo && !options.practice && !driver)
        desktop::RecentBooks().opened(session.book().path());
    desktop::Shell shell(session);
    window = &shell;
    const StayAwake awake(session);
    if (options.practice)
        setUpPractice(session, shell, *lab);
    shell.show();
    if (!freshDemo)
        session.care().begin();
    if (!options.pictures.isEmpty())
        return takePictures(shell, session, options.pictures);
    if (driver)
        QTimer::singleShot(0, &shell, [&] { driver(shell, session); });
    return QApplication::exec();
}

} // namespace fusain
