#include "report/pages/preparation_page.hpp"

#include "record/all/record.hpp"
#include "report/base/words.hpp"

#include <QCoreApplication>

namespace fusain::report {
namespace {

// "22:30 the evening before" reads wrong for a week before: further away, the day stands in place of the hour.
QString moment(Instant from, Instant test, bool clockTimes) {
    const double hours = minutesBetween(from, test) / 60.0;
    if (!clockTimes)
        return hours < 1.5    ? tr("an hour before")
               : hours < 48.0 ? tr("%1 hours before").arg(qRound(hours))
                              : tr("%1 days before").arg(qRound(hours / 24.0));
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
            ? tr("%1, we look forward to seeing you on %2 at %3.").arg(head.clientName, longDay(at), clock(at))
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

} // namespace

QString preparationWords(const PreparationSheet& sheet, const PreparationLine& line, bool clockTimes) {
    const QString text = say(std::string_view(line.sentence));
    return line.from ? QString(text).replace(QLatin1String("{1}"),
                                             moment(*line.from, sheet.methods.front().at, clockTimes))
                     : text;
}

void addPreparation(PageFlow& flow, const PreparationSheet& sheet, bool clockTimes, int most, double size) {
    for (const Part& part : partsOf(sheet)) {
        if (part.lines->empty())
            continue;
        flow.heading(part.heading);
        int shown = 0;
        for (const PreparationLine& line : *part.lines) {
            if (most > 0 && shown++ == most)
                break;
            flow.row({preparationWords(sheet, line, clockTimes), say(std::string_view(line.why))}, {0.58, 0.42},
                     false, {}, size);
        }
    }
}

PageFlow preparationPage(const PreparationSheet& sheet, const PreparationHead& head) {
    PageFlow flow(tr("%1 · preparation").arg(plain(head.lab.name)), head.lab);
    flow.title(tr("Before you come"));
    for (const QString& line : opening(sheet, head))
        flow.paragraph(line, 11.5);
    flow.rule();
    addPreparation(flow, sheet, head.clockTimes, 0, 9.5);
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
