#include "desktop/bench/method/typed_time.hpp"

#include "core/units/format.hpp"
#include "report/base/words.hpp"

#include <QObject>
#include <QRegularExpression>
#include <QStringList>

namespace fusain::desktop {
namespace {

constexpr double minutesAnHour = 60.0, hoursADay = 24.0;

// Words of one unit in the language of the window, parted by commas: for translators, as people type them.
struct Unit {
    QString words;
    double hours;
};

std::vector<Unit> units() {
    return {{QObject::tr("min,minute,minutes"), 1.0 / minutesAnHour},
            {QObject::tr("h,hour,hours"), 1.0},
            {QObject::tr("d,day,days"), hoursADay},
            {QObject::tr("w,week,weeks"), 7.0 * hoursADay},
            {QObject::tr("month,months"), 30.44 * hoursADay}};
}

bool isOneOf(const QString& word, const QString& words) {
    return words.split(QLatin1Char(',')).contains(word);
}

// Minutes since midnight; nothing for what is no time of day.
std::optional<double> clockOf(const QString& text) {
    static const QRegularExpression clock(QStringLiteral("^(\\d{1,2}):(\\d{2})$"));
    const auto match = clock.match(text);
    const int hour = match.captured(1).toInt(), minute = match.captured(2).toInt();
    return match.hasMatch() && hour < 24 && minute < 60 ? std::optional(hour * minutesAnHour + minute)
                                                        : std::nullopt;
}

std::optional<Hours> agoAsClock(const QString& text, Instant now) {
    const double sinceMidnight = minutesBetween(report::startOfLocalDay(now), now);
    const QString yesterday = QObject::tr("yesterday");
    if (text == yesterday)
        return Hours(sinceMidnight / minutesAnHour);
    if (text.startsWith(yesterday + QLatin1Char(' '))) {
        const auto clock = clockOf(text.mid(yesterday.size()).trimmed());
        return clock ? std::optional(Hours((sinceMidnight - *clock) / minutesAnHour + hoursADay))
                     : std::nullopt;
    }
    const auto clock = clockOf(text);
    if (!clock)
        return std::nullopt;
    const double hours = (sinceMidnight - *clock) / minutesAnHour;
    return Hours(hours < 0.0 ? hours + hoursADay : hours); // such a time today lies ahead: it was yesterday
}

std::optional<Hours> agoAsSpan(const QString& text) {
    static const QRegularExpression span(QStringLiteral("^([\\d.,]+)\\s*(\\p{L}*)$"));
    QString words = text;
    for (const QString& around : QObject::tr("ago,about").split(QLatin1Char(',')))
        words.remove(QRegularExpression(QStringLiteral("\\b%1\\b").arg(QRegularExpression::escape(around))));
    const auto match = span.match(words.trimmed());
    const auto value = match.hasMatch() ? parseTyped(match.captured(1).toStdString()) : std::nullopt;
    if (!value || *value < 0.0)
        return std::nullopt;
    if (match.captured(2).isEmpty())
        return Hours(*value);
    for (const Unit& unit : units())
        if (isOneOf(match.captured(2), unit.words))
            return Hours(*value * unit.hours);
    return std::nullopt;
}

} // namespace

std::optional<readiness::Answer> readTime(const QString& text, Instant now) {
    readiness::Answer answer;
    const QString said = text.trimmed().toLower();
    answer.never = said == QObject::tr("never");
    if (answer.never)
        return answer;
    answer.ago = agoAsClock(said, now);
    if (!answer.ago)
        answer.ago = agoAsSpan(said);
    return answer.ago ? std::optional(answer) : std::nullopt;
}

std::optional<double> readNumber(const QString& text, const QString& unit) {
    QString number = text.trimmed();
    if (!unit.isEmpty() && number.endsWith(unit, Qt::CaseInsensitive))
        number.chop(unit.size());
    return parseTyped(number.trimmed().toStdString());
}

} // namespace fusain::desktop
