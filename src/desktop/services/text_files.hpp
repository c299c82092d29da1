#pragma once
#include "desktop/services/session.hpp"

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

/// A name for a file that stays in its folder on every system, whatever it was made from.
[[nodiscard]] QString safeFileName(const QString& suggested);
/// Writes a text whole or not at all; a full disk or a read-only folder is explained. @return whether it was
/// written
bool saveText(Session& session, const QString& path, const std::string& text);

/// Asks where a text goes and writes it; nothing happens when the user goes back.
void saveChosen(Session& session, QWidget* parent, const QString& title, const QString& suggestedName,
                const QString& filter, const std::string& text);

/// Asks for a file and reads it as a document; one that does not parse is explained.
/// @param parse takes the text and the path, gives an Expected
/// @return nothing when the user went back or the file is not such a document
template <class Parse>
[[nodiscard]] auto chooseDocument(Session& session, QWidget* parent, const QString& title,
                                  const QString& filter, Parse parse)
    -> std::optional<typename std::invoke_result_t<Parse, const std::string&, const std::string&>::value_type> {
    const auto chosen = chooseText(session, parent, title, filter);
    if (!chosen)
        return std::nullopt;
    auto document = parse(chosen->text, chosen->path);
    if (document)
        return std::move(*document);
    session.report(tl::unexpected(document.error()));
    return std::nullopt;
}

} // namespace fusain::desktop
