#pragma once
#include "desktop/session.hpp"

#include <QWidget>

namespace fusain::desktop {

/// A text file that the user chose, with its path.
struct ChosenText {
    std::string text;
    std::string path;
};

/// Asks for a file and reads it. A file that cannot be read, or is larger than `mostMegabytes`, is explained.
/// @return nothing when the user went back or the file could not be read
[[nodiscard]] std::optional<ChosenText> chooseText(Session& session, QWidget* parent, const QString& title,
                                                   const QString& filter, int mostMegabytes = 64);

/// Writes a text whole or not at all; a full disk or a read-only folder is explained. @return whether it was
/// written
bool saveText(Session& session, const QString& path, const std::string& text);

} // namespace fusain::desktop
