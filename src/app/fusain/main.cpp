#include "fusain/guarded_application.hpp"
#include "fusain/run.hpp"

#include <QCommandLineParser>
#include <cstdlib>
#include <iostream>

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
    parser.addPositionalArgument(QStringLiteral("file"),
                                 QStringLiteral("Lab book to open; created when it does not exist."),
                                 QStringLiteral("[file]"));
    parser.addOptions(
        {{QStringLiteral("demo"), QStringLiteral("Open the made-up lab with simulated instruments.")},
         {QStringLiteral("practice"),
          QStringLiteral(
              "Open the practice room: made-up people, simulated instruments, a lab book of its own.")},
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
    if (!pictures.isEmpty())
        qputenv("QT_QPA_PLATFORM", "offscreen");
    if (displayMissing()) {
        std::cerr << "There is no display. Use: fusain --demo --pictures DIR, or set QT_QPA_PLATFORM.\n";
        return 1;
    }
    fusain::GuardedApplication application(argc, argv);
    QApplication::setDesktopFileName(QStringLiteral("invalid.fusain.Fusain"));
    QApplication::setStyle(QStringLiteral("Fusion"));
    return fusain::runDesktop({book, parser.isSet(QStringLiteral("demo")) || !pictures.isEmpty(),
                               parser.isSet(QStringLiteral("practice")), pictures});
}
