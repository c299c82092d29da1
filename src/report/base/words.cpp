#include "report/base/words.hpp"

#include "report/base/language.hpp"

#include <QCoreApplication>
#include <QDateTime>
#include <QLocale>

namespace fusain::report {

QString tr(const char* text) {
    return QCoreApplication::translate("fusain", text);
}

QString plain(std::string_view text) {
    return QString::fromUtf8(text.data(), static_cast<qsizetype>(text.size()));
}

QString say(std::string_view marked) {
    return QCoreApplication::translate("fusain", std::string(marked).c_str());
}

QString say(const Message& message) {
    // An argument may be a marked text of its own ("residual volume"); numbers come back as they are.
    std::vector<std::string> arguments;
    for (const std::string& argument : message.arguments)
        arguments.push_back(argument.empty() ? argument : say(std::string_view(argument)).toStdString());
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

namespace {

// Screens write a point in every language, so that a number is read as it is typed; a page for a client is
// written as its language writes.
QString withItsPoint(QString text) {
    const QString code = InLanguage::current();
    return code.isEmpty() ? text : text.replace(QLatin1Char('.'), QLocale(code).decimalPoint());
}

} // namespace

QString number(double value, int decimals) {
    return withItsPoint(QString::fromStdString(fixed(value, decimals)));
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
    const QString code = InLanguage::current();
    return (code.isEmpty() ? QLocale() : QLocale(code))
        .toString(QDateTime::fromMSecsSinceEpoch(instant.milliseconds).date(), format);
}

bool inGerman() {
    return InLanguage::current() == QLatin1String("de");
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
