#include "report/base/language.hpp"

#include "core/anthropometry/ages.hpp"

#include <QCoreApplication>
#include <QDir>
#include <QLocale>
#include <QPointer>
#include <QRegularExpression>
#include <QTranslator>
#include <algorithm>
#include <map>
#include <memory>
#include <set>

namespace fusain::report {
namespace {

const QString english = QStringLiteral("en");

constexpr QLatin1Char variantMark('@'); // as in the names of locales

bool isEnglish(const QString& code) {
    return code.section(QLatin1Char('_'), 0, 0) == english;
}

// The toolkit asks for its own words too, and an argument of a message may be a name.
bool isOurs(const char* context) {
    const QByteArray asks(context);
    return asks.startsWith("fusain::") || asks == "fusain" || asks == "QObject" || asks == "run" ||
           asks == "link";
}

// What is the same in every language: numbers, codes, "%1: %2".
bool hasWords(const QString& text) {
    static const QRegularExpression places(QStringLiteral("%\\d|%n|\\{\\d\\}"));
    const QString bare = QString(text).remove(places);
    return std::ranges::any_of(bare, [](QChar each) { return each.isLetter(); });
}

// Answers for the whole program: in the language of the page that is being written, else in that of the window.
// All texts are in one list, whatever class asks.
class Dictionary : public QTranslator {
public:
    using QTranslator::QTranslator;
    QString folder, page, window;
    mutable std::set<QString> missing;

    [[nodiscard]] bool isEmpty() const override { return false; }
    QString translate(const char* context, const char* source, const char* /*disambiguation*/,
                      int number) const override {
        const QString& code = page.isEmpty() ? window : page;
        if (code.isEmpty())
            return {};
        for (const QString& each : {code, code.section(variantMark, 0, 0)}) // a variant lists what differs
            if (const QTranslator* words = wordsOf(each))
                if (const QString found = words->translate("fusain", source, nullptr, number); !found.isEmpty())
                    return found;
        const QString text = QString::fromUtf8(source);
        if (!isEnglish(code) && isOurs(context) && hasWords(text)) // English lists only what differs
            missing.insert(text);
        return page.isEmpty() ? QString() : text;
    }

private:
    const QTranslator* wordsOf(const QString& language) const {
        auto& words = loaded_[language];
        if (!words) {
            words = std::make_unique<QTranslator>();
            if (!words->load(QStringLiteral("fusain_") + language, folder))
                return nullptr;
        }
        return words->isEmpty() ? nullptr : words.get();
    }
    mutable std::map<QString, std::unique_ptr<QTranslator>> loaded_;
};

Dictionary& translator() {
    // It belongs to the application, which may be made and ended several times in one process of tests.
    static QPointer<Dictionary> standing;
    static QString folder;
    if (!standing) {
        standing = new Dictionary(QCoreApplication::instance());
        standing->folder = folder;
        QCoreApplication::installTranslator(standing);
    }
    folder = standing->folder;
    return *standing;
}

} // namespace

void setLanguageFolder(const QString& folder) {
    translator().folder = folder;
}

QStringList pageLanguages() {
    QStringList codes{english};
    const QStringList files =
        QDir(translator().folder).entryList({QStringLiteral("fusain_*.qm")}, QDir::Files, QDir::Name);
    for (const QString& file : files)
        if (const QString code = file.mid(7).chopped(3); code != english && !code.contains(variantMark))
            codes << code;
    return codes;
}

void setWindowLanguage(const QString& code) {
    const QString language = code.section(QLatin1Char('_'), 0, 0);
    const QStringList known = pageLanguages();
    translator().window = known.contains(code) ? code : known.contains(language) ? language : english;
}

QString spokenTo(const Client& client, Instant at, const QString& code) {
    if (client.ageAt(at) >= anthropometry::adultAge)
        return code;
    return (code.isEmpty() ? windowLanguage() : code) + variantMark + QLatin1String("child");
}

QString spokenTo(const Client& client, Instant at) {
    return spokenTo(client, at, QString::fromStdString(client.language));
}

UnitSystem usualUnits(const QString& code) {
    return code.endsWith(QLatin1String("_US")) ? UnitSystem::UsCustomary : UnitSystem::Metric;
}

QString windowLanguage() {
    return translator().window;
}

QString languageName(const QString& code) {
    const QString name = QLocale(code).nativeLanguageName();
    return code == english                  ? QStringLiteral("English")
           : code == QLatin1String("en_US") ? QStringLiteral("English (US)")
                                            : name.left(1).toUpper() + name.mid(1);
}

InLanguage::InLanguage(const QString& code) : before_(translator().page) {
    translator().page = code;
}

InLanguage::~InLanguage() {
    translator().page = before_;
}

QString InLanguage::current() {
    return translator().page;
}

QStringList InLanguage::takeMissing() {
    const std::set<QString> missing = std::exchange(translator().missing, {});
    return {missing.begin(), missing.end()};
}

} // namespace fusain::report
