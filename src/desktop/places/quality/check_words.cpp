#include "desktop/places/quality/check_words.hpp"

#include "core/units/format.hpp"
#include "report/base/words.hpp"

#include <QObject>
#include <QStringList>
#include <algorithm>
#include <ranges>

namespace fusain::desktop {
namespace {

QString failedWords(const CheckDefinition& check, const std::vector<Check>& checks) {
    const auto newest = std::ranges::reverse_view(checks);
    const auto last = std::ranges::find(newest, check.id, &Check::kind);
    const QString verdict = last == newest.end() ? QString() : verdictOn(*last, check);
    return QObject::tr("▲ Failed. %1 Repeat the check; if it fails again, have the instrument serviced.")
        .arg(verdict);
}

} // namespace

QString dayAndClock(Instant instant, Instant now) {
    return report::sameDay(instant, now) ? QObject::tr("today %1").arg(report::clock(instant))
                                         : report::weekday(instant) + QLatin1Char(' ') + report::clock(instant);
}

double limitOf(const CheckDefinition& check) {
    return check.rule.meanLimit.value_or(check.rule.eachLimit.value_or(1.0));
}

QString verdictOn(const Check& made, const CheckDefinition& check) {
    quality::CheckRule rule = check.rule;
    rule.nominal = made.nominal;
    const std::vector<double> readings = made.readings.empty() ? std::vector{made.reading} : made.readings;
    rule.readings =
        std::min<int>(rule.readings, static_cast<int>(readings.size())); // older limits asked for fewer
    return report::say(quality::judgeCheck(readings, rule, check.unit, check.decimals).message);
}

QString standingWords(const CheckStanding& standing, const std::vector<Check>& checks, Instant now) {
    const CheckDefinition& check = *standing.check;
    switch (standing.standing) {
    case Standing::Failed:
        return failedWords(check, checks);
    case Standing::CertificateExpired:
        return QObject::tr("▲ The certificate of \"%1\" has expired. Enter the new one: Reference object.")
            .arg(report::say(check.object));
    case Standing::Due:
        return standing.status.last
                   ? QObject::tr("▲ Check due. Last made %1.").arg(dayAndClock(*standing.status.last, now))
                   : QObject::tr("▲ Check due: never done.");
    case Standing::OutOfControl:
        return QObject::tr("▲ Valid, but out of control: %1. Find the cause.")
            .arg(report::say(quality::inWords(*standing.rule)));
    case Standing::Valid:
        break;
    }
    return QObject::tr("✓ Valid. Next check: %1.").arg(dayAndClock(*standing.status.validUntil, now));
}

QString ruleWords(const CheckDefinition& check) {
    const QString unit = report::plain(check.unit);
    QStringList rule{QObject::tr("%1, certified %2 %4 (SE %3)")
                         .arg(report::say(check.object) +
                                  (check.identification.empty()
                                       ? QString()
                                       : QObject::tr(" no. %1").arg(report::plain(check.identification))),
                              report::number(check.rule.nominal, check.decimals),
                              report::number(check.uncertainty, 4), unit)};
    rule << (check.certificateUntil
                 ? QObject::tr("certificate until %1").arg(report::plain(isoText(*check.certificateUntil)))
                 : QObject::tr("certificate: not on file"));
    if (check.rule.meanLimit)
        rule << QObject::tr("mean within %1 %2").arg(*check.rule.meanLimit).arg(unit);
    if (check.rule.spreadLimit)
        rule << QObject::tr("scatter at most %1 %2").arg(*check.rule.spreadLimit).arg(unit);
    if (check.rule.eachLimit)
        rule << QObject::tr("each within %1 %2").arg(*check.rule.eachLimit).arg(unit);
    rule << QObject::tr("every %1 h").arg(check.every.value()) << report::say(check.source);
    return rule.join(QStringLiteral("; "));
}

} // namespace fusain::desktop
