#include "report/pages/preparation_page.hpp"

#include "record/all/record.hpp"
#include "report/base/words.hpp"

#include <QCoreApplication>
#include <algorithm>
#include <span>

namespace fusain::report {
namespace {

// "22:30 the evening before" reads wrong for a week before: further away, the day stands in place of the hour.
QString moment(Instant from, Instant test, bool clockTimes) {
    const double hours = minutesBetween(from, test) / 60.0;
    if (!clockTimes)
        return hours < 1.5    ? tr("an hour before")
               : hours < 48.0 ? tr("%1 hours before").arg(qRound(hours))
                              : tr("%n day(s) before", qRound(hours / 24.0));
    if (startOfLocalDay(from) == startOfLocalDay(test))
        return clock(from);
    if (startOfLocalDay(from, 1) == startOfLocalDay(test))
        return tr("%1 the day before").arg(clock(from));
    return longDay(from);
}

struct Part {
    QString heading;
    const std::vector<PreparationLine>* lines;
};

std::vector<Part> partsOf(const PreparationSheet& sheet) {
    return {{tr("Please avoid"), &sheet.avoid},
            {tr("Please do"), &sheet.prepare},
            {tr("Please bring and wear"), &sheet.bring},
            {sheet.forChild ? tr("Parents or guardians: please phone us before you come if any of these apply")
                            : tr("Please phone us before you come if any of these apply to you"),
             &sheet.tell}};
}

QString methodsText(const PreparationSheet& sheet) {
    QStringList names;
    for (const PlannedMethod& each : sheet.methods)
        names << say(methodTitle(each.method));
    return names.join(QStringLiteral(", "));
}

QStringList opening(const PreparationSheet& sheet, const PreparationHead& head) {
    const Instant at = sheet.methods.front().at;
    QStringList lines{
        head.clockTimes
            ? tr("%1, we look forward to seeing you on %2 at %3.").arg(head.clientName, weekday(at), clock(at))
            : tr("%1, this is how to prepare for the next test.").arg(head.clientName)};
    lines << tr("Planned: %1.").arg(methodsText(sheet));
    if (sheet.forChild)
        lines << tr("Come with a parent or guardian, who has to agree; and you may say no at any time. Nothing "
                    "hurts, and there is nothing to be good or bad at.");
    return lines;
}

QString closing() {
    return tr("Could not keep something? Come anyway and tell us: we write it down, or find another time "
              "together. Take your medicines as always.");
}

constexpr double lineSize = 9.0;
const std::vector<double> timeline{0.09, 0.51, 0.40};

// The head of a day on the way to the test; without an hour of it, how far off it is says each line itself.
QString dayHeading(Instant day, Instant test, const PreparationHead& head) {
    if (!head.clockTimes)
        return tr("Before the test");
    if (startOfLocalDay(day) == startOfLocalDay(test))
        return tr("On the day: %1").arg(weekday(test));
    if (startOfLocalDay(day, 1) == startOfLocalDay(test))
        return tr("The day before: %1").arg(weekday(day));
    return weekday(day);
}

// What has a beginning, by the clock.
std::vector<PreparationLine> timedLines(const PreparationSheet& sheet) {
    std::vector<PreparationLine> timed;
    for (const auto* list : {&sheet.avoid, &sheet.prepare})
        std::ranges::copy_if(*list, std::back_inserter(timed),
                             [](const PreparationLine& line) { return line.from.has_value(); });
    std::ranges::stable_sort(timed, {}, [](const PreparationLine& line) { return line.from->milliseconds; });
    return timed;
}

// From the first thing to leave to the door, one line under the other.
void addTimeline(PageFlow& flow, const PreparationSheet& sheet, const PreparationHead& head) {
    const Instant test = sheet.methods.front().at;
    QString day;
    const auto under = [&](const QString& heading) {
        if (std::exchange(day, heading) != heading)
            flow.heading(heading);
    };
    for (const PreparationLine& line : timedLines(sheet)) {
        under(dayHeading(*line.from, test, head));
        // Under the name of its day the hour is enough.
        const QString words =
            head.clockTimes
                ? say(std::string_view(line.sentence)).replace(QLatin1String("{1}"), clock(*line.from))
                : preparationWords(sheet, line, false);
        flow.row({head.clockTimes ? clock(*line.from) : QString(), words, say(std::string_view(line.why))},
                 timeline, false, {}, lineSize);
    }
    under(dayHeading(test, test, head));
    for (const auto* list : {&sheet.avoid, &sheet.prepare})
        for (const PreparationLine& line : *list)
            if (!line.from)
                flow.row({QString(), preparationWords(sheet, line, head.clockTimes),
                          say(std::string_view(line.why))},
                         timeline, false, {}, lineSize);
    if (head.clockTimes)
        for (const PlannedMethod& planned : sheet.methods)
            flow.row({clock(planned.at), tr("Your test: %1").arg(say(methodTitle(planned.method))), QString()},
                     timeline, true, {}, 10.5);
}

void addList(PageFlow& flow, const Part& part, const PreparationSheet& sheet, bool clockTimes) {
    if (part.lines->empty())
        return;
    flow.heading(part.heading);
    for (const PreparationLine& line : *part.lines)
        flow.row({preparationWords(sheet, line, clockTimes), say(std::string_view(line.why))}, {0.58, 0.42},
                 false, {}, lineSize);
}

} // namespace

QString preparationWords(const PreparationSheet& sheet, const PreparationLine& line, bool clockTimes) {
    const QString text = say(std::string_view(line.sentence));
    return line.from ? QString(text).replace(QLatin1String("{1}"),
                                             moment(*line.from, sheet.methods.front().at, clockTimes))
                     : text;
}

PageFlow preparationPage(const PreparationSheet& sheet, const PreparationHead& head) {
    PageFlow flow(tr("%1 · preparation").arg(plain(head.lab.name)), head.lab);
    flow.title(tr("Before you come"));
    for (const QString& line : opening(sheet, head))
        flow.paragraph(line, 11.5);
    flow.rule();
    addTimeline(flow, sheet, head);
    const auto parts = partsOf(sheet);
    for (const Part& part :
         std::span(parts).last(2)) // what is to be left and done stands on the way to the door
        addList(flow, part, sheet, head.clockTimes);
    flow.gap(6);
    flow.paragraph(closing(), 11.5);
    return flow;
}

QString preparationText(const PreparationSheet& sheet, const PreparationHead& head) {
    QStringList lines = opening(sheet, head);
    for (const Part& part : partsOf(sheet)) {
        if (part.lines->empty())
            continue;
        lines << QString() << part.heading + QLatin1Char(':');
        for (const PreparationLine& line : *part.lines)
            lines << QStringLiteral("- %1 %2").arg(preparationWords(sheet, line, head.clockTimes),
                                                   say(std::string_view(line.why)));
    }
    lines << QString() << closing() << QString() << plain(head.lab.name);
    for (const std::string& each : {head.lab.address, head.lab.telephone})
        if (!each.empty())
            lines << plain(each);
    return lines.join(QLatin1Char('\n'));
}

} // namespace fusain::report
