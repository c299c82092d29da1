#include "core/anthropometry/ages.hpp"
#include "core/quality/precision.hpp"
#include "report/base/words.hpp"
#include "report/figures/body_figures.hpp"
#include "report/figures/pairs_figure.hpp"
#include "report/figures/rule_figure.hpp"
#include "report/method/reference_rule.hpp"
#include "report/scan/method.hpp"
#include "report/scan/region_figures.hpp"

#include <QCoreApplication>
#include <QRegularExpression>
#include <cmath>

namespace fusain::report {
namespace {

using anthropometry::LimbBalance;
using dxa::Region;
using dxa::RegionReading;
using Own = OwnReport<ScanMethod>;

/// The last scan that may be compared with this one.
struct Earlier {
    const DxaResult* result = nullptr;
    QString day;
};
Earlier comparable(const Own& report) {
    for (auto past = report.history.rbegin(); past != report.history.rend(); ++past)
        if (past->result.setting == report.result.setting)
            return {&past->result, day(past->at)};
    return {};
}

// Two scans by the same precision: each mass errs by its part of itself.
RegionMatrixModel::Change change(Kilograms before, Kilograms now, double relativeError) {
    return {(now - before).value(),
            quality::leastSignificantChange(relativeError * before.value(), relativeError * now.value())};
}

// The limit of the whole body is that of every other page.
double wholeLimit(const Measured<Kilograms>& value, const std::optional<StudiedError>& own) {
    return quality::leastSignificantChange(visitError(value.uncertain(), own));
}

/// Which columns a picture has room for.
enum class Columns { All, Amounts, Changes };

RegionMatrixModel matrix(const Own& report, Columns columns) {
    const DxaResult& result = report.result;
    const DxaPolicy& policy = report.policy;
    const auto [before, when] = comparable(report);
    RegionMatrixModel model;
    model.percentTitle =
        policy.convention == dxa::FatConvention::WholeMass ? tr("% fat") : tr("% fat of soft tissue");
    for (const Region region : dxa::regions) {
        const RegionReading* now = result.scan.of(region);
        if (!now)
            continue;
        const bool whole = region == Region::Total || region == Region::Subtotal;
        RegionMatrixModel::Row row{say(dxa::regionName(region)),
                                   number(now->fat.value(), 2),
                                   number(now->lean.value(), 2),
                                   number(now->boneMineral.value(), 3),
                                   number(fatPercent(*now, policy.convention).value(), 1),
                                   {},
                                   {},
                                   whole};
        if (columns == Columns::Changes)
            row.fat = row.lean = row.bone = row.percent = QString();
        if (const RegionReading* then = before ? before->scan.of(region) : nullptr;
            then && columns != Columns::Amounts) {
            // The whole repeats better than its parts; what comes and goes from day to day is lean of the
            // whole.
            row.fatChange =
                change(then->fat, now->fat, whole ? policy.precision.fat : policy.precision.fatOf(region));
            row.leanChange =
                change(then->lean, now->lean, whole ? policy.precision.lean : policy.precision.leanOf(region));
        }
        if (region == Region::Total && row.fatChange)
            row.fatChange->least = wholeLimit(result.composition.fatMass, report.precision.fatMass);
        if (region == Region::Total && row.leanChange)
            row.leanChange->least = wholeLimit(result.lean, report.precision.fatFreeMass);
        model.rows.push_back(std::move(row));
    }
    model.amounts = columns != Columns::Changes;
    if (before && columns != Columns::Amounts)
        model.changeTitle = tr("since %1").arg(when);
    model.note = model.changeTitle.isEmpty()
                     ? tr("Percentage: %1.").arg(say(dxa::conventionName(policy.convention)))
                     : tr("A filled spindle is a change beyond the error of two scans.");
    return model;
}

NamedFigure regions(const Own& report, const QString& name, Columns columns) {
    return {name,
            [model = matrix(report, columns)](QPainter& painter, const QRectF& area, const Palette& palette) {
                paintRegionMatrix(painter, area, model, palette);
            }};
}

NamedFigure limbs(const Own& report) {
    const DxaResult& result = report.result;
    const auto convention = report.policy.convention;
    const auto part = [&](Region region) {
        const RegionReading& reading = *result.scan.of(region);
        return PairsModel::Part{reading.lean.value(), 0.0, std::nullopt,
                                tr("%1 % fat").arg(number(fatPercent(reading, convention).value(), 0))};
    };
    PairsModel model;
    model.what = tr("Lean soft tissue, kg");
    model.pairs = {{tr("Arms"), part(Region::RightArm), part(Region::LeftArm), {}},
                   {tr("Legs"), part(Region::RightLeg), part(Region::LeftLeg), {}}};
    if (result.halfBody.empty()) {
        model.pairs.front().balance = result.armLean;
        model.pairs.back().balance = result.legLean;
    }
    model.trunk = part(Region::Trunk);
    model.note = tr("Hatched: measurement error. Marks: notable in this lab");
    return {tr("Pairs"),
            [model](QPainter& painter, const QRectF& area, const Palette& palette) {
                paintPairs(painter, area, model, palette);
            },
            true};
}

CoreModel::Column columnOf(const DxaResult& result, const LabPrecision& own, const QString& title) {
    const auto layer = [](const QString& name, const Measured<Kilograms>& mass,
                          const std::optional<StudiedError>& study) {
        return CoreModel::Layer{name, mass.estimate().value(), visitError(mass.uncertain(), study)};
    };
    return {title,
            {layer(tr("bone mineral"), result.boneMineral, {}), layer(tr("lean"), result.lean, own.fatFreeMass),
             layer(tr("fat"), result.composition.fatMass, own.fatMass)}};
}

NamedFigure indices(const Own& report) {
    const DxaResult& result = report.result;
    const TestSubject& subject = report.subject();
    const double square = subject.height.value() * subject.height.value();
    const QString perSquare = QStringLiteral("kg/m²");
    std::vector<RuleModel> rules;
    const auto half = [](const auto& value) { return value.halfInterval().value(); };
    rules.push_back(referenceRule(tr("Lean of arms and legs over height squared"), perSquare,
                                  {result.indices.limbLeanIndex.value(), half(result.limbLean) / square}, 1.0,
                                  report.references.limbLean, subject));
    const double bodyMassIndex = result.indices.limbLean.value() / result.indices.limbLeanByBmi.value();
    if (report.references.limbLeanByBmi &&
        report.references.limbLeanByBmi->rowFor(subject.sex, subject.age)) // older people only
        rules.push_back(
            referenceRule(tr("Lean of arms and legs over body mass index"), QStringLiteral("m²"),
                          {result.indices.limbLeanByBmi.value(), half(result.limbLean) / bodyMassIndex}, 0.1,
                          report.references.limbLeanByBmi, subject));
    rules.push_back(referenceRule(tr("Fat mass index"), perSquare, spindleOf(result.composition.fatMassIndex),
                                  2.0, report.references.fatMassIndexByScan, subject));
    if (result.indices.androidGynoid)
        rules.push_back(referenceRule(tr("Android/gynoid fat ratio"), {}, {*result.indices.androidGynoid, 0.0},
                                      0.2, nullptr, subject));
    return scales(tr("Indices"), std::move(rules));
}

} // namespace

using ScanPages = Reported<ScanMethod>;

QString ScanPages::whatWasDone(const Own&) {
    return tr("You were weighed, while a very weak X-ray beam passed over you on a table. Fat, lean and bone "
              "hold it back differently: that shows how much of each there is, and where.");
}

QString ScanPages::intervalMeaning() {
    return tr(
        "The 95 % CI is how far the value may be from the truth for this person, the densitometer's own bias "
        "for "
        "one person included. The LSC (least significant change, 95 %) is the smallest change that two visits "
        "can show. The "
        "repeatability SD is that of a scan taken again.");
}

QString ScanPages::checksTitle() {
    return tr("Checks and preparation");
}

std::vector<ResultLine> ScanPages::lines(const Own& report) {
    const DxaResult& result = report.result;
    return {resultLine(tr("lean"), result.lean, 1, QStringLiteral("kg")),
            resultLine(tr("bone mineral"), result.boneMineral, 2, QStringLiteral("kg")),
            resultLine(tr("lean mass of the limbs"), result.limbLean, 1, QStringLiteral("kg"))};
}

void ScanPages::checks(PageFlow& flow, const Own& report) {
    const DxaTest& test = report.record;
    for (const PhantomReading& phantom : test.phantoms)
        flow.paragraph(
            tr("Soft-tissue phantom at %1: %2 % fat read %3 %.")
                .arg(clock(phantom.at), number(phantom.nominal.value(), 2), number(phantom.reading.value(), 2)),
            9);
    if (test.dose)
        flow.paragraph(
            tr("X-rays: this scan %1 µSv. In twelve months %2 here and %3 elsewhere, with this one %4 µSv.")
                .arg(number(test.dose->thisScan.value(), 0))
                .arg(test.dose->scansHere)
                .arg(test.dose->scansElsewhere)
                .arg(number(test.dose->withThisScan().value(), 0)),
            9);
}

void ScanPages::readings(PageFlow& flow, const Own& report) {
    const DxaTest& test = report.record;
    flow.heading(tr("Scans"));
    for (const DxaScan& scan : test.scans) {
        const QString how = QStringList{plain(scan.scanner.scanner), plain(scan.scanner.software),
                                        plain(scan.scanner.mode), plain(scan.link)}
                                .filter(QRegularExpression(QStringLiteral(".")))
                                .join(QStringLiteral(", "));
        flow.paragraph(scan.counts() ? tr("Scan %1 at %2 (%3)%4.")
                                           .arg(scan.number)
                                           .arg(clock(scan.at), how,
                                                &scan == test.scan() ? tr(", used") : tr(", not used"))
                                     : tr("Scan %1 at %2 excluded: %3.")
                                           .arg(scan.number)
                                           .arg(clock(scan.at), plain(scan.setAsideReason)),
                       9);
        if (&scan == test.scan())
            for (const dxa::ScanFinding& finding : report.result.findings)
                flow.paragraph(tr("Rule: %1").arg(say(finding.what)), 9);
    }
    for (const NamedFigure& figure : {regions(report, {}, Columns::All), limbs(report)})
        figureOnPaper(flow, figure, 230);
}

void ScanPages::sources(PageFlow& flow, const Own&) {
    flow.paragraph(tr("Fat, lean and bone mineral as the densitometer gives them; its own equations are not "
                      "published. Indices: sources on the worked sheet. Computed by %1.")
                       .arg(plain(std::string(dxaEngineVersion))),
                   8.5);
}

void ScanPages::inWords(PageFlow& flow, const Own& report) {
    if (report.withoutNumbers)
        return;
    const DxaResult& result = report.result;
    if (result.halfBody.empty()) {
        limbsInWords(flow, result.armLean, tr("Muscle of your arms"));
        limbsInWords(flow, result.legLean, tr("Muscle of your legs"));
    }
    const auto& test = report.record;
    if (test.dose)
        wordsRow(flow, tr("X-rays of this scan"),
                 tr("about as much as natural radiation in %1 d")
                     .arg(number(dxa::daysOfBackground(test.dose->thisScan), 1)));
}

std::optional<NamedFigure> ScanPages::core(const Own& report) {
    CoreModel model;
    if (const auto [before, when] = comparable(report); before)
        model.columns.push_back(columnOf(*before, report.precision, when));
    model.columns.push_back(columnOf(report.result, report.precision, tr("now")));
    model.note = model.columns.size() > 1
                     ? tr("To scale in kg, as the scan divides the body. ≈: no measurable change.")
                     : tr("To scale in kg, as the scan divides the body.");
    return NamedFigure{tr("Core"), [model](QPainter& painter, const QRectF& area, const Palette& palette) {
                           paintCore(painter, area, model, palette);
                       }};
}

std::optional<NamedFigure> ScanPages::sides(const Own& report) {
    return limbs(report);
}

std::vector<NamedFigure> ScanPages::figures(const Own& report) {
    std::vector<NamedFigure> figures{regions(report, tr("Regions"), Columns::Amounts)};
    if (comparable(report).result)
        figures.push_back(regions(report, tr("Changes"), Columns::Changes));
    figures.push_back(*core(report));
    figures.push_back(limbs(report));
    figures.push_back(indices(report));
    return figures;
}

// A scan always gives fat.
std::optional<RuleModel> ScanPages::valueOfTheDay(const Own&) {
    return std::nullopt;
}

std::vector<Message> ScanPages::standings(const Own&) {
    return {};
}

std::vector<Message> ScanPages::changes(const Own&) {
    return {};
}

} // namespace fusain::report
