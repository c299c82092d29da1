#pragma once
#include <QString>
#include <QStringList>

namespace fusain::report {

/// Where the translations of pages are found; set once at the start. Without it, pages are in English.
void setLanguageFolder(const QString& folder);
/// Codes of the languages in which a page for a client can be written: English, and those with a translation.
[[nodiscard]] QStringList pageLanguages();
/// The window speaks this language from now on; a page keeps its own. A language without a translation is
/// English.
/// @param code such as "de" or "en_US"
void setWindowLanguage(const QString& code);
[[nodiscard]] QString windowLanguage();
/// "English", "Deutsch"
[[nodiscard]] QString languageName(const QString& code);

/// While it lives, texts are said in this language, whatever the language of the window: a client's page may
/// be in the client's own. An empty code leaves the language of the window.
class InLanguage {
public:
    explicit InLanguage(const QString& code);
    ~InLanguage();
    InLanguage(const InLanguage&) = delete;
    InLanguage& operator=(const InLanguage&) = delete;

    /// The code in force; empty outside.
    [[nodiscard]] static QString current();
    /// Texts that were asked for in a language and had no translation, since the last call.
    [[nodiscard]] static QStringList takeMissing();

private:
    QString before_;
};

} // namespace fusain::report
