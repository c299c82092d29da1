#include "core/anthropometry/ages.hpp"
#include "procedure/method/reference_standing.hpp"
#include "report/base/words.hpp"
#include "report/figures/body_figures.hpp"
#include "report/figures/pairs_figure.hpp"
#include "report/impedance/impedance_figures.hpp"
#include "report/impedance/method.hpp"
#include "report/method/reference_rule.hpp"

#include <cmath>

namespace fusain::report {

namespace {

using impedance::Segment;
using Own = OwnReport<ImpedanceMethod>;

NamedFigure arc(const Own& report) {
    ArcModel model;
    if (const ImpedanceSweep* sweep = report.record.sweep())
        if (const auto* whole = sweep->readings.of(Segment::WholeBody))
            model.points = whole->points;
    model.fit = report.result.arc;
    return {tr("Arc"),
            [model](QPainter& painter, const QRectF& area, const Palette& palette) {
                paintArc(painter, area, model, palette);
            },
            true};
}

NamedFigure vector(const Own& report, const QString& name, const impedance::VectorReference& reference) {
    VectorModel model{reference, {}};
    for (const Own::Past& past : report.history)
        if (const auto& before = past.result.vector)
            model.path.push_back({*before, day(past.at)});
    model.path.push_back({*report.result.vector, tr("now")});
    return {name,
            [model](QPainter& painter, const QRectF& area, const Palette& palette) {
                paintVector(painter, area, model, palette);
            },
            true};
}

// One scale for each index that has a reference, under each other.
NamedFigure indices(const Own& report) {
    const TestSubject& subject = report.subject();
    std::vector<RuleModel> rules;
    const auto add = [&](const QString& title, const QString& unit, const auto& value,
                         const reference::ReferenceSet* set, double step) {
        rules.push_back(referenceRule(title, unit, spindleOf(value), step, set, subject));
    };
    const ImpedanceResult& result = report.result;
    if (result.phaseAngle && result.geometry == impedance::ElectrodeGeometry::SupineGel)
        add(tr("Phase angle"), QStringLiteral("°"), *result.phaseAngle, report.references.phaseAngle, 1.0);
    if (const auto* composition = report.composition()) {
        add(tr("Fat-free mass index"), QStringLiteral("kg/m²"), composition->fatFreeMassIndex,
            report.references.fatFreeMassIndex, 2.0);
        add(tr("Fat mass index"), QStringLiteral("kg/m²"), composition->fatMassIndex,
            report.references.fatMassIndex, 2.0);
    }
    if (result.limbLean)
        add(tr("Lean mass of the limbs, index"), QStringLiteral("kg/m²"),
            Measured<KilogramsPerSquareMetre>(result.limbLean->uncertain() /
                                              Uncertain(subject.height.value() * subject.height.value())),
            report.references.limbLean, 1.0);
    return scales(tr("Indices"), std::move(rules));
}

NamedFigure limbs(const Own& report) {
    const ImpedanceResult& result = report.result;
    const auto part = [&](impedance::Segment segment) -> std::optional<PairsModel::Part> {
        const auto& segments = result.segmentation->segments;
        const auto found =
            std::ranges::find_if(segments, [&](const auto& lean) { return lean.segment == segment; });
        if (found == segments.end())
            return std::nullopt;
        const double half = found->error.value() > 0.0 ? found->halfInterval().value() : 0.0;
        return PairsModel::Part{found->scaled.value(), half,
                                found->partOfReference > 0.0
                                    ? std::optional(found->scaled.value() / found->partOfReference)
                                    : std::nullopt,
                                tr("%1 % of the reference").arg(number(100.0 * found->partOfReference, 0))};
    };
    using enum impedance::Segment;
    PairsModel model;
    model.what = tr("Lean mass, kg");
    model.decimals = 1; // and the trunk is known to a few kilograms at best
    const auto pair = [&](const QString& name, impedance::Segment right, impedance::Segment left,
                          const std::optional<anthropometry::LimbBalance>& balance) {
        const auto one = part(right), other = part(left);
        if (one && other)
            model.pairs.push_back({name, *one, *other, balance});
    };
    pair(tr("Arms"), RightArm, LeftArm, result.arms);
    pair(tr("Legs"), RightLeg, LeftLeg, result.legs);
    model.trunk = part(Trunk);
    model.note = result.fromReported ? tr("As reported by the instrument; marks: the reference by height")
                 : result.segmentation->calibrated
                     ? tr("Calibrated in this lab; marks: the reference by height")
                     : tr("Uncalibrated, for the trend only; marks: the reference by height");
    return {tr("Pairs"),
            [model](QPainter& painter, const QRectF& area, const Palette& palette) {
                paintPairs(painter, area, model, palette);
            },
            true};
}

// Water, protein, mineral, fat. Mineral is not measured: 6.8 % of the fat-free mass, as in the reference body.
std::optional<CoreModel::Column> columnOf(const ImpedanceResult& result, const QString& title) {
    if (!result.fluids || !result.composition)
        return std::nullopt;
    const double fatFree = result.composition->fatFreeMass.estimate().value();
    constexpr double waterDensity = 0.9937, mineralPart = 0.068;
    const double outside = waterDensity * result.fluids->extracellular.value(),
                 inside = waterDensity * result.fluids->intracellular.value(), mineral = mineralPart * fatFree;
    const double protein = fatFree - outside - inside - mineral;
    if (protein < 0.0)
        return std::nullopt;
    return CoreModel::Column{title,
                             {{tr("water outside cells"), outside},
                              {tr("water inside cells"), inside},
                              {tr("protein, rest"), protein},
                              {tr("mineral, assumed"), mineral},
                              {tr("fat"), result.composition->fatMass.estimate().value()}}};
}

// The reference is of people lying with gel electrodes; for contacts there is none.
bool lying(const ImpedanceResult& result) {
    return result.geometry == impedance::ElectrodeGeometry::SupineGel;
}

} // namespace

using Analyzer = Reported<ImpedanceMethod>;

QString Analyzer::whatWasDone(const Own&) {
    return tr("You were weighed, and a current too weak to feel ran through your body. Water and muscle let it "
              "pass easily, fat hardly does: from how much it was held back, the amounts can be worked out.");
}

QString Analyzer::intervalMeaning() {
    return tr("The 95 % CI is how far the value may be from the truth for this person; most of it is the "
              "equation. The "
              "LSC (least significant change, 95 %) is the smallest change that two visits can show. The "
              "repeatability SD is "
              "that of readings in one session.");
}

QString Analyzer::checksTitle() {
    return tr("Checks and preparation");
}

std::vector<ResultLine> Analyzer::lines(const Own& report) {
    const ImpedanceResult& result = report.result;
    std::vector<ResultLine> lines;
    if (result.bodyWater)
        lines.push_back(resultLine(tr("body water"), *result.bodyWater, 1, QStringLiteral("L")));
    if (result.skeletalMuscle)
        lines.push_back(resultLine(tr("skeletal muscle"), *result.skeletalMuscle, 1, QStringLiteral("kg")));
    if (result.limbLean)
        lines.push_back(resultLine(tr("lean mass of the limbs"), *result.limbLean, 1, QStringLiteral("kg")));
    if (result.phaseAngle)
        lines.push_back(resultLine(tr("phase angle"), *result.phaseAngle, 2, QStringLiteral("°")));
    return lines;
}

void Analyzer::checks(PageFlow& flow, const Own& report) {
    const ImpedanceTest& test = report.record;
    if (const ModuleCheck* check = test.moduleCheck())
        flow.paragraph(
            tr("Test module at %1: %2 Ω read %3 Ω.")
                .arg(clock(check->at), number(check->nominal.value(), 1), number(check->reading.value(), 1)),
            9);
    flow.paragraph(
        tr("%1 %2, %3 electrodes, %4, %5 side.")
            .arg(plain(test.setupUsed().analyzer), plain(test.setupUsed().firmware))
            .arg(test.setupUsed().electrodes)
            .arg(say(impedance::geometryName(test.setupUsed().geometry)), plain(test.setupUsed().side)),
        9);
    if (test.identity)
        for (const impedance::IdentityDoubt& doubt : test.identity->doubts)
            flow.paragraph(tr("Identity confirmed although: %1").arg(say(doubt.message())), 9);
    if (test.identity && !test.identity->keptBecause.empty())
        flow.paragraph(tr("Reason: %1").arg(plain(test.identity->keptBecause)), 9);
}

// The sweep that counts, segment by segment at 50 kHz, what the signal said, and the pictures.
void Analyzer::readings(PageFlow& flow, const Own& report) {
    const ImpedanceTest& test = report.record;
    const ImpedanceSweep* sweep = test.sweep();
    flow.heading(tr("Sweeps"));
    for (const ImpedanceSweep& each : test.sweeps)
        flow.paragraph(each.counts()
                           ? tr("Sweep %1 at %2%3.")
                                 .arg(each.number)
                                 .arg(clock(each.at), &each == sweep ? tr(", used") : tr(", not used"))
                           : tr("Sweep %1 at %2 excluded: %3.")
                                 .arg(each.number)
                                 .arg(clock(each.at), plain(each.setAsideReason)),
                       9);
    if (!sweep)
        return;
    const std::vector<double> columns{0.22, 0.13, 0.13, 0.13, 0.13, 0.26};
    flow.row({tr("at 50 kHz"), tr("R, Ω"), tr("Xc, Ω"), tr("|Z|, Ω"), tr("phase, °"), tr("frequencies")},
             columns, true, {1, 2, 3, 4});
    for (const impedance::Spectrum& spectrum : sweep->readings.spectra)
        if (const auto* point = spectrum.at(impedance::standardFrequency))
            flow.row({say(impedance::segmentName(spectrum.segment)),
                      point->impedance ? number(point->impedance->resistance.value(), 1) : QStringLiteral("–"),
                      point->impedance ? number(point->impedance->reactance.value(), 1) : QStringLiteral("–"),
                      number(point->magnitude.value(), 1),
                      point->impedance ? number(impedance::phaseAngle(*point->impedance).value(), 2)
                                       : QStringLiteral("–"),
                      tr("%1 from %2 to %3 kHz")
                          .arg(spectrum.points.size())
                          .arg(spectrum.points.front().frequency.value() / 1e3)
                          .arg(spectrum.points.back().frequency.value() / 1e3)},
                     columns, false, {1, 2, 3, 4});
    for (const impedance::SignalFinding& finding : report.result.signal)
        flow.paragraph(tr("Signal: %1").arg(say(finding.what)), 9);
    for (const NamedFigure& figure : figures(report))
        if (figure.onPaper)
            figureOnPaper(flow, figure, 210);
}

void Analyzer::sources(PageFlow& flow, const Own& report) {
    const ImpedanceResult& result = report.result;
    for (const EquationEstimate& each : result.estimates)
        if (each.chosen)
            flow.paragraph(
                plain(std::string(each.equation->title) + ": " + std::string(each.equation->citation) + "."),
                8.5);
    if (result.fluids)
        flow.paragraph(tr("Water from the arc: %1.")
                           .arg(plain(std::string(impedance::fluidMethodTitle(result.fluids->method)))),
                       8.5);
    flow.paragraph(tr("Computed by %1.").arg(plain(std::string(impedanceEngineVersion))), 8.5);
}

// What impedance adds to fat and the rest: water and the angle of the cells, in a line each.
QString Analyzer::whyNoFat() {
    return tr("With electrodes under hands and feet this lab does not work out fat: the published equations "
              "were made for another way of measuring and would be wrong by kilograms.");
}

void Analyzer::inWords(PageFlow& flow, const Own& report) {
    const ImpedanceResult& result = report.result;
    if (result.composition && result.fromReported)
        flow.paragraph(
            tr("These values are as the instrument reported them; how it works them out is not published."));
    if (report.withoutNumbers)
        return;
    const Litres water = result.fluids      ? result.fluids->total()
                         : result.bodyWater ? result.bodyWater->estimate()
                                            : Litres(0.0);
    if (water.value() > 0.0)
        wordsRow(flow, tr("Water in your body"), number(water.value(), 0) + QStringLiteral(" L"));
    if (result.phaseAngle)
        wordsRow(flow, tr("Phase angle (a sign of how much of you is cells)"),
                 number(result.phaseAngle->estimate().value(), 1) + QStringLiteral("°"));
    const auto limbs = [&](const std::optional<impedance::LimbBalance>& pair, const QString& name) {
        if (pair)
            limbsInWords(flow, *pair, name);
    };
    limbs(result.arms, tr("Your arms"));
    limbs(result.legs, tr("Your legs"));
}

std::optional<NamedFigure> Analyzer::core(const Own& report) {
    const auto now = columnOf(report.result, tr("now"));
    if (!now)
        return std::nullopt;
    CoreModel model;
    if (!report.history.empty())
        if (const auto before = columnOf(report.history.back().result, day(report.history.back().at)))
            model.columns.push_back(*before);
    model.columns.push_back(*now);
    model.note = tr("To scale in kg. Mineral is 6.8 % of the fat-free mass by assumption (Brozek 1963).");
    return NamedFigure{tr("Core"), [model](QPainter& painter, const QRectF& area, const Palette& palette) {
                           paintCore(painter, area, model, palette);
                       }};
}

std::optional<NamedFigure> Analyzer::sides(const Own& report) {
    return report.result.segmentation ? std::optional(limbs(report)) : std::nullopt;
}

std::vector<NamedFigure> Analyzer::figures(const Own& report) {
    const ImpedanceResult& result = report.result;
    std::vector<NamedFigure> figures;
    if (auto column = core(report))
        figures.push_back(std::move(*column));
    figures.push_back(indices(report));
    if (result.segmentation)
        figures.push_back(limbs(report));
    if (!result.fromReported)
        figures.push_back(arc(report));
    if (result.vector && result.geometry == impedance::ElectrodeGeometry::SupineGel &&
        report.subject().age >= anthropometry::adultAge) {
        figures.push_back(vector(report, tr("Vector"), *impedance::vectorReferenceFor(report.subject().sex)));
        if (report.references.ownVectors)
            figures.push_back(vector(report, tr("Own"), *report.references.ownVectors));
    }
    return figures;
}

// Where there is no fat, the angle of the cells is the value of the day.
std::optional<RuleModel> Analyzer::valueOfTheDay(const Own& report) {
    if (!report.result.phaseAngle)
        return std::nullopt;
    return referenceRule(tr("Phase angle at 50 kHz"), QStringLiteral("°"), spindleOf(*report.result.phaseAngle),
                         1.0, lying(report.result) ? report.references.phaseAngle : nullptr, report.subject());
}

std::vector<Message> Analyzer::standings(const Own& report) {
    const auto* set = report.references.phaseAngle;
    if (!set || !report.result.phaseAngle || !lying(report.result))
        return {};
    const auto sentence = standingIn(*set, report.subject(), report.result.phaseAngle->estimate().value());
    return sentence ? std::vector{*sentence} : std::vector<Message>{};
}

std::vector<Message> Analyzer::changes(const Own& report) {
    if (report.history.empty())
        return {};
    const ImpedanceResult &before = report.history.back().result, &now = report.result;
    if (!before.vector || !now.vector || before.geometry != now.geometry)
        return {};
    return {{FUSAIN_TEXT("Since the last test the vector: {1}."),
             {std::string(impedance::migrationText(impedance::migration(
                 *before.vector, *now.vector, *impedance::vectorReferenceFor(report.subject().sex))))}}};
}

} // namespace fusain::report
