#include "report/base/words.hpp"

#include "report/base/language.hpp"

#include <QCoreApplication>
#include <QDateTime>
#include <QLocale>
#include <QRegularExpression>

namespace fusain::report {

namespace {

// That of the window, or of a client's page while one is written.
QLocale ofTheWords() {
    const QString code = InLanguage::current();
    return code.isEmpty() ? QLocale() : QLocale(code);
}

// As the language of the words around it writes. What is typed is read with either mark.
QString withItsPoint(QString text) {
    return text.replace(QLatin1Char('.'), ofTheWords().decimalPoint());
}

// A number that a lower floor put into a message, such as "-4.50": no version, date or code.
bool isDecimal(const std::string& text) {
    static const QRegularExpression decimal(QStringLiteral("^[+\\-\u2212]?\\d+\\.\\d+$"));
    return decimal.match(QString::fromStdString(text)).hasMatch();
}

} // namespace

QString tr(const char* text) {
    return QCoreApplication::translate("fusain", text);
}

QString tr(const char* text, int number) {
    return QCoreApplication::translate("fusain", text, nullptr, number);
}

QString plain(std::string_view text) {
    return QString::fromUtf8(text.data(), static_cast<qsizetype>(text.size()));
}

QString say(std::string_view marked) {
    return QCoreApplication::translate("fusain", std::string(marked).c_str());
}

namespace {

// A moment as documents write it; nothing for a day alone, which reads as it stands.
std::optional<Instant> momentIn(const std::string& argument) {
    constexpr std::size_t length = std::string_view("2026-03-12T07:40:00.000Z").size();
    return argument.size() == length ? instantFromIso(argument) : std::nullopt;
}
QString inWords(Instant moment) {
    return longDay(moment) + QStringLiteral(", ") + clock(moment);
}

} // namespace

QString say(const Message& message) {
    // An argument may be a marked text of its own ("residual volume").
    std::vector<std::string> arguments;
    for (const std::string& argument : message.arguments)
        arguments.push_back(argument.empty()     ? argument
                            : momentIn(argument) ? inWords(*momentIn(argument)).toStdString()
                            : isDecimal(argument)
                                ? withItsPoint(QString::fromStdString(argument)).toStdString()
                                : QCoreApplication::translate("argument", argument.c_str()).toStdString());
    return QString::fromStdString(
        fillPlaceholders(say(std::string_view(message.text)).toStdString(), arguments));
}

QString sentence(const QString& words) {
    return words.left(1).toUpper() + words.mid(1);
}

QString sentence(const Message& message) {
    return sentence(say(message));
}

QString say(const Problem& problem) {
    QStringList parts{say(problem.what)};
    if (!problem.where.empty())
        parts << QStringLiteral("(%1)").arg(QString::fromStdString(problem.where));
    if (!problem.kept.empty())
        parts << say(problem.kept);
    if (!problem.remedy.empty())
        parts << say(problem.remedy);
    return parts.join(QLatin1Char(' '));
}

QString written(const std::string& value) {
    const QString text = QString::fromStdString(value);
    return isDecimal(value) ? withItsPoint(text) : text;
}

QString number(double value, int decimals) {
    return withItsPoint(QString::fromStdString(fixed(value, decimals)));
}

QString signedNumber(double value, int decimals) {
    return withItsPoint(QString::fromStdString(signedFixed(value, decimals)));
}

QString say(const Shown& value) {
    return withItsPoint(QString::fromStdString(value.text()));
}

QString clock(Instant instant) {
    return QDateTime::fromMSecsSinceEpoch(instant.milliseconds).toString(QStringLiteral("HH:mm"));
}

QString day(Instant instant) {
    return QDateTime::fromMSecsSinceEpoch(instant.milliseconds).toString(QStringLiteral("yyyy-MM-dd"));
}

namespace {

QString dated(Instant instant, const QString& format) {
    return ofTheWords().toString(QDateTime::fromMSecsSinceEpoch(instant.milliseconds).date(), format);
}

bool inGerman() {
    return ofTheWords().language() == QLocale::German;
}

} // namespace

QString longDay(Instant instant) {
    return dated(instant, inGerman() ? QStringLiteral("d. MMMM yyyy") : QStringLiteral("d MMMM yyyy"));
}

QString weekday(Instant instant) {
    return dated(instant,
                 inGerman() ? QStringLiteral("dddd, d. MMMM yyyy") : QStringLiteral("dddd d MMMM yyyy"));
}

QString shortDay(Instant instant) {
    return dated(instant, inGerman() ? QStringLiteral("d. MMM yyyy") : QStringLiteral("d MMM yyyy"));
}

bool sameDay(Instant a, Instant b) {
    return startOfLocalDay(a) == startOfLocalDay(b);
}

Instant startOfLocalDay(Instant instant, int daysLater) {
    const QDate date = QDateTime::fromMSecsSinceEpoch(instant.milliseconds).date().addDays(daysLater);
    return {date.startOfDay().toMSecsSinceEpoch()};
}

} // namespace fusain::report
