#include "report/base/words.hpp"
#include "report/girth/method.hpp"
#include "report/method/reference_rule.hpp"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace fusain::report {
namespace {

using Tape = Reported<GirthMethod>;
using Own = OwnReport<GirthMethod>;

const QString centimetre = QStringLiteral("cm");

// A girth in whole centimetres, or in inches and tenths.
QString lengthForClient(double cm, UnitSystem units) {
    return units == UnitSystem::UsCustomary ? tr("%1 in").arg(number(inches(Metres(cm / 100.0)), 1))
                                            : tr("%1 cm").arg(number(cm, 0));
}

QString inWordsOf(const SinceLast& change, UnitSystem units) {
    if (!change.exceedsLeastSignificant)
        return tr("no measurable change");
    return (change.difference < 0.0 ? tr("%1 less") : tr("%1 more"))
        .arg(lengthForClient(std::abs(change.difference), units));
}

// The scale of an index with its first limit as the open end of a band.
RuleModel ruleOf(const GirthIndex& index, const QString& title, Sex sex) {
    const bool waist = index.index == girth::Index::Waist;
    const double step = waist ? 10.0 : 0.1;
    RuleModel rule;
    rule.title = title;
    rule.unit = waist ? centimetre : QString();
    rule.decimals = waist ? 1 : 2;
    rule.spindles = {{index.value, index.half, false}};
    double low = index.value - index.half, high = index.value + index.half;
    if (index.standing) {
        const double limit = index.limits->limitFor(sex), most = index.limits->highFor(sex).value_or(limit);
        low = std::min(low, limit);
        high = std::max(high, most);
        const int decimals = waist ? 0 : 2;
        const QString name = say(std::string_view(index.limits->title));
        rule.reference =
            most > limit ? tr("Limits %1 and %2: %3").arg(number(limit, decimals), number(most, decimals), name)
                         : tr("Limit %1: %2").arg(number(limit, decimals), name);
    }
    rule.from = step * std::floor(low / step - 0.5);
    rule.to = step * std::ceil(high / step + 0.5);
    if (index.standing)
        rule.band = {rule.from, index.limits->limitFor(sex)};
    return rule;
}

QString titleOf(girth::Index index) {
    switch (index) {
    case girth::Index::Waist:
        return tr("Waist");
    case girth::Index::WaistToHeight:
        return tr("Waist-to-height ratio");
    case girth::Index::WaistToHip:
        break;
    }
    return tr("Waist-to-hip ratio");
}

} // namespace

QString Tape::intervalMeaning() {
    return tr("95 % CI: from the readings, the landmark found anew, the day and the tape.");
}

QString Tape::checksTitle() {
    return tr("Tape");
}

std::vector<ResultLine> Tape::lines(const Own& report) {
    std::vector<ResultLine> lines;
    for (const SiteGirth& each : report.result.sites)
        lines.push_back(
            resultLine(say(std::string_view(girth::textOf(each.site).name)), each.value, 1, centimetre));
    if (report.result.waistToHeight)
        lines.push_back(resultLine(tr("waist-to-height ratio"), *report.result.waistToHeight, 3, QString()));
    if (report.result.waistToHip)
        lines.push_back(resultLine(tr("waist-to-hip ratio"), *report.result.waistToHip, 3, QString()));
    return lines;
}

void Tape::inWords(PageFlow& flow, const Own& report) {
    for (const SiteGirth& each : report.result.sites) {
        const girth::SiteText& site = girth::textOf(each.site);
        QStringList words;
        if (!report.withoutNumbers)
            words << lengthForClient(each.value.estimate().value(), report.units);
        if (const auto change = report.changes.find(site.key);
            change != report.changes.end() &&
            (!report.withoutNumbers || !change->second.exceedsLeastSignificant))
            words << inWordsOf(change->second, report.units);
        if (!words.isEmpty())
            wordsRow(flow, sentence(say(std::string_view(site.name))), words.join(QStringLiteral(", ")));
    }
}

std::vector<NamedFigure> Tape::figures(const Own& report) {
    std::vector<RuleModel> rules;
    for (const GirthIndex& index : report.result.indices)
        if (index.index != girth::Index::Waist) // the value of the day
            rules.push_back(ruleOf(index, titleOf(index.index), report.subject().sex));
    if (rules.empty())
        return {};
    NamedFigure figure = scales(tr("Ratios"), std::move(rules));
    figure.onPaper = true;
    return {figure};
}

std::optional<RuleModel> Tape::valueOfTheDay(const Own& report) {
    const auto& indices = report.result.indices;
    const auto waist = std::ranges::find(indices, girth::Index::Waist, &GirthIndex::index);
    return waist == indices.end() ? std::nullopt
                                  : std::optional(ruleOf(*waist, tr("Waist"), report.subject().sex));
}

QString Tape::whatWasDone(const Own&) {
    return tr("You were weighed, and a tape was laid around your body at marked places, several times each. It "
              "shows where your body gets smaller or larger over time; it does not say what it is made of.");
}

void Tape::checks(PageFlow& flow, const Own& report) {
    for (const TapeCheck& check : report.record.tapeChecks)
        flow.paragraph(
            tr("Tape at %1: rule %2 cm read %3 cm.")
                .arg(clock(check.at), number(check.nominal.value(), 1), number(check.reading.value(), 1)),
            9);
}

void Tape::readings(PageFlow& flow, const Own& report) {
    const std::vector<double> columns{0.08, 0.24, 0.12, 0.12, 0.44};
    const std::vector<int> numbers{2};
    flow.heading(tr("Readings"));
    flow.row({tr("no."), tr("site"), tr("cm"), tr("time"), tr("used, or why not")}, columns, true, numbers);
    for (const GirthReading& each : report.record.girths) {
        const SiteGirth* site = report.result.at(each.site);
        const bool used =
            site && std::ranges::find(site->repeats.used, each.number) != site->repeats.used.end();
        flow.row({QString::number(each.number), say(std::string_view(girth::textOf(each.site).name)),
                  number(each.value.value(), 1), clock(each.at), use(each.counts(), used, each.setAsideReason)},
                 columns, false, numbers);
    }
}

void Tape::sources(PageFlow& flow, const Own& report) {
    flow.paragraph(tr("Landmarks of waist and hip: %1. The other landmarks: convention of this lab.")
                       .arg(plain(std::string(girth::limitSet("waist.who-2008")->citation))),
                   8.5);
    for (const GirthIndex& index : report.result.indices)
        if (index.limits)
            flow.paragraph(tr("%1: %2.").arg(say(std::string_view(index.limits->title)),
                                             plain(std::string(index.limits->citation))),
                           8.5);
    flow.paragraph(tr("Computed by %1.").arg(plain(std::string(girthEngineVersion))), 8.5);
}

} // namespace fusain::report
