#include "fusain/run.hpp"

#include <CLI/CLI.hpp>
#include <QApplication>
#include <cstdlib>
#include <iostream>

namespace {

// Qt would end the program with a long message; say it plainly first.
bool displayMissing() {
    return !std::getenv("DISPLAY") && !std::getenv("WAYLAND_DISPLAY") && !std::getenv("QT_QPA_PLATFORM");
}

} // namespace

int main(int argc, char** argv) {
    CLI::App cli{"Fusain, the workbench of a body-composition laboratory", "fusain"};
    std::string book, pictures;
    bool demo = false, practice = false;
    cli.add_option("FILE", book, "Lab book to open; created when it does not exist");
    cli.add_flag("--demo", demo, "Open the made-up lab with simulated instruments");
    cli.add_flag("--practice", practice,
                 "Open the practice room: made-up people, simulated instruments, a lab book of its own");
    cli.add_option("--pictures", pictures,
                   "With --demo: write a PNG of each main view into this folder, without a monitor");
    cli.set_version_flag("--version", std::string("fusain ") + FUSAIN_VERSION);
    CLI11_PARSE(cli, argc, argv);
    if (!pictures.empty())
        setenv("QT_QPA_PLATFORM", "offscreen", 1);
    if (displayMissing()) {
        std::cerr << "There is no display. Use: fusain --demo --pictures DIR, or set QT_QPA_PLATFORM.\n";
        return 1;
    }
    QApplication application(argc, argv);
    QApplication::setApplicationName(QStringLiteral("fusain"));
    QApplication::setApplicationVersion(QStringLiteral(FUSAIN_VERSION));
    QApplication::setDesktopFileName(QStringLiteral("org.skerrypoint.fusain"));
    QApplication::setStyle(QStringLiteral("Fusion"));
    return fusain::runDesktop(
        {QString::fromStdString(book), demo || !pictures.empty(), practice, QString::fromStdString(pictures)});
}
