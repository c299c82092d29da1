#include "fusain/guarded_application.hpp"
#include "fusain/log.hpp"
#include "fusain/run.hpp"

#include <QCommandLineParser>
#include <QFileInfo>
#include <cstdlib>
#include <iostream>
#include <sys/stat.h>

namespace {

// Qt would end the program with a long message; say it plainly first.
bool displayMissing() {
    return !std::getenv("DISPLAY") && !std::getenv("WAYLAND_DISPLAY") && !std::getenv("QT_QPA_PLATFORM");
}

} // namespace

int main(int argc, char** argv) {
    QCommandLineParser parser;
    parser.setApplicationDescription(QStringLiteral("Fusain, the workbench of a body-composition laboratory"));
    parser.addHelpOption();
    parser.addVersionOption();
    parser.addPositionalArgument(
        QStringLiteral("file"),
        QStringLiteral("Lab book to open, a file or postgresql://user@host/labbook; nothing is "
                       "created unless --new says so."),
        QStringLiteral("[file]"));
    parser.addOptions(
        {{QStringLiteral("new"),
          QStringLiteral("Make a new lab book at this place; refused when there is a file.")},
         {QStringLiteral("demo"), QStringLiteral("Open a simulated lab with simulated instruments.")},
         {QStringLiteral("practice"),
          QStringLiteral("Open the practice room: simulated clients and instruments, a lab book of its own.")},
         {QStringLiteral("text-size"), QStringLiteral("Size of text in percent, 100 to 200, for this start."),
          QStringLiteral("percent")},
         {QStringLiteral("language"), QStringLiteral("Language of the window for this start, such as de."),
          QStringLiteral("code")},
         {QStringLiteral("workstation"),
          QStringLiteral("What this workstation is called among those of the lab, with settings of its own."),
          QStringLiteral("name")},
         {QStringLiteral("pictures"),
          QStringLiteral("With --demo: write a PNG of each main view into this folder, without a monitor."),
          QStringLiteral("folder")}});
    {
        // Help, version and a wrong option need no display.
        QCoreApplication early(argc, argv);
        QCoreApplication::setApplicationName(QStringLiteral("fusain"));
        QCoreApplication::setApplicationVersion(QStringLiteral(FUSAIN_VERSION));
        parser.process(early);
    }
    const QString book = parser.positionalArguments().value(0),
                  pictures = parser.value(QStringLiteral("pictures"));
    if (parser.isSet(QStringLiteral("new")) && QFileInfo::exists(book)) {
        std::cerr << "There is already a file at " << book.toStdString() << "; nothing is ever overwritten.\n";
        return 2;
    }
    if (!pictures.isEmpty())
        qputenv("QT_QPA_PLATFORM", "offscreen");
    if (displayMissing()) {
        std::cerr << "There is no display. Use: fusain --demo --pictures DIR, or set QT_QPA_PLATFORM.\n";
        return 1;
    }
    ::umask(0077); // what this program writes is about people
    fusain::GuardedApplication application(argc, argv);
    fusain::startLog();
    QApplication::setDesktopFileName(QStringLiteral("invalid.fusain.Fusain"));
    QApplication::setStyle(QStringLiteral("Fusion"));
    return fusain::runDesktop({.book = book,
                               .createBook = parser.isSet(QStringLiteral("new")),
                               .demo = parser.isSet(QStringLiteral("demo")) || !pictures.isEmpty(),
                               .practice = parser.isSet(QStringLiteral("practice")),
                               .workstation = parser.value(QStringLiteral("workstation")),
                               .pictures = pictures,
                               .language = parser.value(QStringLiteral("language")),
                               .textPercent = parser.value(QStringLiteral("text-size")).toInt()});
}
