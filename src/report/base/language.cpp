#include "report/base/language.hpp"

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

// Stands before the window's own translator and answers only while a page is being written in a language.
class PageTranslator : public QTranslator {
public:
    using QTranslator::QTranslator;
    QString folder, code;
    mutable std::set<QString> missing;

    [[nodiscard]] bool isEmpty() const override { return false; }
    QString translate(const char* context, const char* source, const char* disambiguation,
                      int number) const override {
        if (code.isEmpty())
            return {};
        if (code == english)
            return QString::fromUtf8(source);
        const QTranslator* words = wordsOf(code);
        const QString found = words ? words->translate(context, source, disambiguation, number) : QString();
        if (!found.isEmpty())
            return found;
        const QString text = QString::fromUtf8(source);
        // "%1: %2" is the same in every language.
        const QString bare = QString(text).remove(QRegularExpression(QStringLiteral("%\\d|\\{\\d\\}")));
        if (std::ranges::any_of(bare, [](QChar each) { return each.isLetter(); }))
            missing.insert(text);
        return text;
    }

private:
    const QTranslator* wordsOf(const QString& language) const {
        auto& words = loaded_[language];
        if (!words) {
            words = std::make_unique<QTranslator>();
            if (!words->load(QStringLiteral("fusain_") + language, folder))
                return nullptr;
        }
        return words.get();
    }
    mutable std::map<QString, std::unique_ptr<QTranslator>> loaded_;
};

PageTranslator& translator() {
    // It belongs to the application, which may be made and ended several times in one process of tests.
    static QPointer<PageTranslator> standing;
    static QString folder;
    if (!standing) {
        standing = new PageTranslator(QCoreApplication::instance());
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
        codes << file.section(QLatin1Char('_'), 1).section(QLatin1Char('.'), 0, 0);
    return codes;
}

QString languageName(const QString& code) {
    const QString name = QLocale(code).nativeLanguageName();
    return code == english ? QStringLiteral("English") : name.left(1).toUpper() + name.mid(1);
}

InLanguage::InLanguage(const QString& code) : before_(translator().code) {
    translator().code = code;
}

InLanguage::~InLanguage() {
    translator().code = before_;
}

QString InLanguage::current() {
    return translator().code;
}

QStringList InLanguage::takeMissing() {
    const std::set<QString> missing = std::exchange(translator().missing, {});
    return {missing.begin(), missing.end()};
}

} // namespace fusain::report
