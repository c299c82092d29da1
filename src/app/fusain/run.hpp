#pragma once
#include "desktop/window/shell.hpp"

#include <functional>

namespace fusain {

/// What the command line asks of the desktop program.
struct RunOptions {
    QString book;            ///< the lab book to open; empty: the usual place
    bool createBook = false; ///< make the lab book when there is none at `book`
    bool demo = false;       ///< the made-up lab with simulated instruments
    bool practice = false;   ///< the practice room, with a lab book of its own
    QString workstation;     ///< what this one is called among those of the lab; empty: as the account has it
    QString pictures;        ///< write a PNG of each main view here and leave
    QString language; ///< of the window for this start, such as "de"; empty: as the lab or the desktop has it
    int textPercent = 0; ///< size of text for this start; 0: as the account has it
};

/// Opens the lab book and runs the window until it is closed.
/// @param driver called once when the window stands, for tests that drive the real program
/// @return exit code: 0 done, 2 the lab book could not be opened, 3 another window has it
int runDesktop(const RunOptions& options,
               const std::function<void(desktop::Shell&, desktop::Session&)>& driver = {});

/// Writes a PNG of each main view of the demo.
int takePictures(desktop::Shell& shell, desktop::Session& session, const QString& folder);

} // namespace fusain
