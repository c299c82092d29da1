#include "report/dxa_pages.hpp"

#include "core/quality/precision.hpp"
#include "report/figures/body_figures.hpp"
#include "report/figures/region_figures.hpp"
#include "report/figures/rule_figure.hpp"
#include "report/reference_rule.hpp"
#include "report/words.hpp"

#include <QCoreApplication>
#include <QRegularExpression>
#include <cmath>

namespace fusain::report {
namespace {

using anthropometry::LimbBalance;
using dxa::Region;
using dxa::RegionReading;
using impedance::Segment;

QString tr(const char* text) {
    return QCoreApplication::translate("fusain", text);
}
QString plain(const std::string& text) {
    return QString::fromStdString(text);
}

const DxaPolicy& policyOf(const TestReport& report) {
    return std::get<DxaPolicy>(report.computed.policy);
}

/// The last scan that may be compared with this one.
struct Earlier {
    const DxaResult* result = nullptr;
    QString day;
};
Earlier comparable(const TestReport& report) {
    for (auto past = report.history.rbegin(); past != report.history.rend(); ++past)
        if (const auto* before = std::get_if<DxaResult>(&past->result);
            before && before->setting == report.dxa()->setting)
            return {before, day(past->record().startedAt)};
    return {};
}

// Two scans by the same precision: each mass errs by its part of itself.
RegionMatrixModel::Change change(Kilograms before, Kilograms now, double relativeError) {
    return {(now - before).value(),
            quality::leastSignificantChange(relativeError * before.value(), relativeError * now.value())};
}

/// Which columns a picture has room for.
enum class Columns { All, Amounts, Changes };

RegionMatrixModel matrix(const TestReport& report, Columns columns) {
    const DxaResult& result = *report.dxa();
    const DxaPolicy& policy = policyOf(report);
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
            // The whole repeats better than its parts, and the lab may know how well; its lean errs by what
            // its fat errs.
            const double fatError = policy.precision.fat * now->fat.value();
            row.fatChange =
                change(then->fat, now->fat, whole ? policy.precision.fat : policy.precision.fatOf(region));
            row.leanChange = change(then->lean, now->lean,
                                    whole ? fatError / now->lean.value() : policy.precision.leanOf(region));
        }
        if (whole && row.fatChange && report.precision.fatMass)
            row.fatChange->least = quality::leastSignificantChange(*report.precision.fatMass);
        if (whole && row.leanChange && report.precision.fatFreeMass)
            row.leanChange->least = quality::leastSignificantChange(*report.precision.fatFreeMass);
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

NamedFigure regions(const TestReport& report, const QString& name, Columns columns) {
    return {name,
            [model = matrix(report, columns)](QPainter& painter, const QRectF& area, const Palette& palette) {
                paintRegionMatrix(painter, area, model, palette);
            }};
}

constexpr std::pair<Region, Segment> limbSegments[] = {{Region::RightArm, Segment::RightArm},
                                                       {Region::LeftArm, Segment::LeftArm},
                                                       {Region::Trunk, Segment::Trunk},
                                                       {Region::RightLeg, Segment::RightLeg},
                                                       {Region::LeftLeg, Segment::LeftLeg}};

NamedFigure limbs(const TestReport& report) {
    const DxaResult& result = *report.dxa();
    const auto convention = policyOf(report).convention;
    const double whole = fatPercent(*result.scan.of(Region::Total), convention).value();
    LimbsModel model;
    for (const auto& [region, segment] : limbSegments) {
        const RegionReading& reading = *result.scan.of(region);
        const double percent = fatPercent(reading, convention).value();
        model.parts.push_back({segment, tr("%1 kg lean").arg(number(reading.lean.value(), 1)),
                               tr("%1 % fat").arg(number(percent, 0)), percent / whole});
    }
    if (result.halfBody.empty()) {
        model.arms = result.armLean;
        model.legs = result.legLean;
    }
    model.note =
        tr("Hatched where the share of fat differs from that of the whole body (%1 %)").arg(number(whole, 0));
    return {tr("Limbs"),
            [model](QPainter& painter, const QRectF& area, const Palette& palette) {
                paintLimbs(painter, area, model, palette);
            },
            true};
}

CoreModel::Column columnOf(const DxaResult& result, const QString& title) {
    return {title,
            {{tr("bone mineral"), result.boneMineral.estimate().value()},
             {tr("lean"), result.lean.estimate().value()},
             {tr("fat"), result.composition.fatMass.estimate().value()}}};
}

NamedFigure indices(const TestReport& report) {
    const DxaResult& result = *report.dxa();
    const TestSubject& subject = report.record().subject;
    const double square = subject.height.value() * subject.height.value();
    const QString perSquare = QStringLiteral("kg/m²");
    std::vector<RuleModel> rules;
    const auto half = [](const auto& value) { return normal95 * value.technicalError().value(); };
    rules.push_back(referenceRule(tr("Lean of arms and legs over height squared"), perSquare,
                                  {result.indices.limbLeanIndex.value(), half(result.limbLean) / square}, 1.0,
                                  subject.age.value() >= 60.0 ? report.limbLeanReference : nullptr, subject));
    rules.push_back(referenceRule(tr("Fat mass index"), perSquare, spindleOf(result.composition.fatMassIndex),
                                  2.0, report.fatMassIndexByScanReference, subject));
    if (result.indices.androidGynoid)
        rules.push_back(referenceRule(tr("Waist fat over hip fat, the two percentages divided"), {},
                                      {*result.indices.androidGynoid, 0.0}, 0.2, nullptr, subject));
    return {tr("Indices"), [rules](QPainter& painter, const QRectF& area, const Palette& palette) {
                paintRules(painter, area, rules, palette);
            }};
}

} // namespace

NamedFigure dxaCore(const TestReport& report) {
    CoreModel model;
    if (const auto [before, when] = comparable(report); before)
        model.columns.push_back(columnOf(*before, when));
    model.columns.push_back(columnOf(*report.dxa(), tr("now")));
    model.note = tr("To scale in kg, as the scan divides the body.");
    return {tr("Core"), [model](QPainter& painter, const QRectF& area, const Palette& palette) {
                paintCore(painter, area, model, palette);
            }};
}

std::vector<NamedFigure> dxaFigures(const TestReport& report) {
    std::vector<NamedFigure> figures{regions(report, tr("Regions"), Columns::Amounts)};
    if (comparable(report).result)
        figures.push_back(regions(report, tr("Changes"), Columns::Changes));
    for (NamedFigure (*figure)(const TestReport&) : {dxaCore, limbs, indices})
        figures.push_back(figure(report));
    return figures;
}

void dxaChecks(PageFlow& flow, const DxaTest& test) {
    if (test.phantom)
        flow.paragraph(tr("Soft-tissue phantom at %1: %2 % fat read %3 %.")
                           .arg(clock(test.phantom->at), number(test.phantom->nominal.value(), 2),
                                number(test.phantom->reading.value(), 2)),
                       9);
    if (test.dose)
        flow.paragraph(
            tr("X-rays: this scan %1 µSv; in twelve months %2 here and %3 elsewhere, with this one %4 µSv.")
                .arg(number(test.dose->thisScan.value(), 0))
                .arg(test.dose->scansHere)
                .arg(test.dose->scansElsewhere)
                .arg(number(test.dose->withThisScan().value(), 0)),
            9);
}

void dxaScans(PageFlow& flow, const DxaTest& test, const TestReport& report) {
    flow.heading(tr("Scans"));
    for (const DxaScan& scan : test.scans) {
        const QString how = QStringList{plain(scan.scanner.scanner), plain(scan.scanner.software),
                                        plain(scan.scanner.mode), plain(scan.source)}
                                .filter(QRegularExpression(QStringLiteral(".")))
                                .join(QStringLiteral(", "));
        flow.paragraph(scan.counts() ? tr("Scan %1 at %2 (%3)%4.")
                                           .arg(scan.number)
                                           .arg(clock(scan.at), how,
                                                &scan == test.scan() ? tr(", used") : tr(", not used"))
                                     : tr("Scan %1 at %2 set aside: %3.")
                                           .arg(scan.number)
                                           .arg(clock(scan.at), plain(scan.setAsideReason)),
                       9);
        for (const std::string& finding : scan.findings)
            flow.paragraph(tr("Rule: %1").arg(plain(finding)), 9);
    }
    for (const NamedFigure& figure : {regions(report, {}, Columns::All), limbs(report)})
        flow.figure(230, [figure](QPainter& painter, const QRectF& area) {
            painter.save();
            painter.translate(area.topLeft());
            painter.scale(0.75, 0.75);
            figure.paint(painter, QRectF(0, 0, area.width() / 0.75, area.height() / 0.75), printPalette());
            painter.restore();
        });
}

void dxaInWords(PageFlow& flow, const TestReport& report) {
    const DxaResult& result = *report.dxa();
    const std::vector<double> columns{0.5, 0.5};
    if (result.halfBody.empty()) {
        const auto pair = [&](const LimbBalance& limbs, const QString& name) {
            flow.row({name, limbs.notable() ? tr("right and left differ; we will look at that together")
                                            : tr("right and left alike, as far as this test can tell")},
                     columns, false, {}, 10.5);
        };
        pair(result.armLean, tr("Muscle of your arms"));
        pair(result.legLean, tr("Muscle of your legs"));
    }
    const auto& test = std::get<DxaTest>(report.computed.test);
    if (test.dose)
        flow.row({tr("X-rays of this scan"), tr("about as much as nature gives you in %1 days")
                                                 .arg(number(dxa::daysOfBackground(test.dose->thisScan), 1))},
                 columns, false, {}, 10.5);
}

} // namespace fusain::report
