#pragma once
#include "core/units/format.hpp"
#include "record/base/people.hpp"

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
/// The language of a page that speaks to this client at this moment. Where children are addressed otherwise
/// than adults, a page for a child has a variant of its own, such as "de@child".
/// @param code as chosen; empty for that of the window
[[nodiscard]] QString spokenTo(const Client& client, Instant at, const QString& code);
/// In the client's own language.
[[nodiscard]] QString spokenTo(const Client& client, Instant at);
/// What people who read it usually weigh and measure in: pounds and feet for US English, else kilograms and
/// centimetres.
[[nodiscard]] UnitSystem usualUnits(const QString& code);

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
