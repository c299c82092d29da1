#include "report/result_figures.hpp"

#include "report/dxa_pages.hpp"
#include "report/figures/body_figures.hpp"
#include "report/figures/field_figure.hpp"
#include "report/figures/impedance_figures.hpp"
#include "report/figures/rule_figure.hpp"
#include "report/reference_rule.hpp"
#include "report/words.hpp"

#include <QCoreApplication>
#include <cmath>

namespace fusain::report {
namespace {

using impedance::Segment;

QString tr(const char* text) {
    return QCoreApplication::translate("fusain", text);
}

const ImpedanceTest& testOf(const ComputedTest& computed) {
    return std::get<ImpedanceTest>(computed.test);
}

NamedFigure arc(const TestReport& report) {
    ArcModel model;
    if (const ImpedanceSweep* sweep = testOf(report.computed).sweep())
        if (const auto* whole = sweep->readings.of(Segment::WholeBody))
            model.points = whole->points;
    model.fit = report.impedance()->arc;
    return {tr("Arc"),
            [model](QPainter& painter, const QRectF& area, const Palette& palette) {
                paintArc(painter, area, model, palette);
            },
            true};
}

NamedFigure vector(const TestReport& report, const QString& name, const impedance::VectorReference& reference) {
    VectorModel model{reference, {}};
    for (const ComputedTest& past : report.history)
        if (const auto& before = std::get<ImpedanceResult>(past.result).vector)
            model.path.push_back({*before, day(past.record().startedAt)});
    model.path.push_back({*report.impedance()->vector, tr("now")});
    return {name,
            [model](QPainter& painter, const QRectF& area, const Palette& palette) {
                paintVector(painter, area, model, palette);
            },
            true};
}

// One scale for each index that has a reference, under each other.
NamedFigure indices(const TestReport& report) {
    const TestSubject& subject = report.record().subject;
    std::vector<RuleModel> rules;
    const auto add = [&](const QString& title, const QString& unit, const auto& value,
                         const reference::ReferenceSet* set, double step) {
        rules.push_back(referenceRule(title, unit, spindleOf(value), step, set, subject));
    };
    const ImpedanceResult& result = *report.impedance();
    if (result.phaseAngle && result.geometry == impedance::ElectrodeGeometry::SupineGel)
        add(tr("Phase angle"), QStringLiteral("°"), *result.phaseAngle, report.phaseAngleReference, 1.0);
    if (const auto* composition = report.composition()) {
        add(tr("Fat-free mass index"), QStringLiteral("kg/m²"), composition->fatFreeMassIndex,
            report.fatFreeMassIndexReference, 2.0);
        add(tr("Fat mass index"), QStringLiteral("kg/m²"), composition->fatMassIndex,
            report.fatMassIndexReference, 2.0);
    }
    if (result.limbLean && subject.age.value() >= 60.0)
        add(tr("Lean mass of the limbs, index"), QStringLiteral("kg/m²"),
            Measured<KilogramsPerSquareMetre>(result.limbLean->uncertain() /
                                              Uncertain(subject.height.value() * subject.height.value())),
            report.limbLeanReference, 1.0);
    return {tr("Indices"), [rules](QPainter& painter, const QRectF& area, const Palette& palette) {
                paintRules(painter, area, rules, palette);
            }};
}

NamedFigure limbs(const TestReport& report) {
    const ImpedanceResult& result = *report.impedance();
    LimbsModel model;
    for (const auto& lean : result.segmentation->segments) {
        // The trunk is known to a few kilograms at best.
        const int decimals = lean.segment == Segment::Trunk ? 0 : 1;
        model.parts.push_back(
            {lean.segment,
             number(lean.scaled.value(), decimals) + QStringLiteral(" kg") +
                 (lean.error.value() > 0.0 ? QStringLiteral(" ± ") + number(lean.error.value(), decimals)
                                           : QString()),
             tr("%1 %").arg(number(100.0 * lean.partOfReference, 0)), lean.partOfReference});
    }
    model.arms = result.arms;
    model.legs = result.legs;
    model.note = result.fromReported
                     ? tr("Lean mass as reported by the instrument; % of the reference by height")
                 : result.segmentation->calibrated
                     ? tr("Lean mass, calibrated in this lab; % of the reference by height")
                     : tr("Lean mass, uncalibrated estimate; % of the reference by height");
    return {tr("Limbs"),
            [model](QPainter& painter, const QRectF& area, const Palette& palette) {
                paintLimbs(painter, area, model, palette);
            },
            true};
}

NamedFigure errors(const TestReport& report) {
    const auto& fat = report.composition()->fatPercent;
    std::vector<BudgetBar> bars;
    for (const BudgetLine& line : fat.budget())
        bars.push_back({say(sourceName(line.source)), line.fraction,
                        QStringLiteral("± %1 %").arg(number(line.standardError, 2))});
    if (const double method = fat.methodError().value(); method > 0.0)
        bars.push_back({report.dxa() ? tr("apart: the densitometer for this person")
                                     : tr("apart: fat-free density of people"),
                        0.0, QStringLiteral("± %1 %").arg(number(method, 1))});
    return {tr("Errors"), [bars](QPainter& painter, const QRectF& area, const Palette& palette) {
                painter.setFont(textFont(13, Weight::SemiBold));
                painter.setPen(palette.ink);
                painter.drawText(QRectF(area.left(), area.top(), area.width(), 20), Qt::AlignLeft,
                                 tr("Where the uncertainty of the fat percentage comes from"));
                paintBudget(painter, area.adjusted(0, 28, 0, 0), bars, palette);
            }};
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

std::optional<NamedFigure> core(const TestReport& report) {
    const auto now = columnOf(*report.impedance(), tr("now"));
    if (!now)
        return std::nullopt;
    CoreModel model;
    if (!report.history.empty())
        if (const auto before = columnOf(std::get<ImpedanceResult>(report.history.back().result),
                                         day(report.history.back().record().startedAt)))
            model.columns.push_back(*before);
    model.columns.push_back(*now);
    model.note = tr("To scale in kg. Mineral is 6.8 % of the fat-free mass by assumption (Brozek 1963).");
    return NamedFigure{tr("Core"), [model](QPainter& painter, const QRectF& area, const Palette& palette) {
                           paintCore(painter, area, model, palette);
                       }};
}

} // namespace

NamedFigure fieldFigure(const TestReport& report) {
    FieldModel model;
    const TestSubject& subject = report.record().subject;
    const auto add = [&](const compartments::Composition& composition, const QString& label) {
        model.path.push_back({composition.fatFreeMassIndex.estimate().value(),
                              composition.fatMassIndex.estimate().value(), label});
    };
    for (const auto& past : {report.baseline, report.earlier})
        if (past)
            add(past->composition, day(past->at));
    add(*report.composition(), tr("now"));
    const auto *fmi = report.fatMassIndexReference, *ffmi = report.fatFreeMassIndexReference;
    if (fmi && ffmi)
        if (const auto* y = fmi->rowFor(subject.sex, subject.age), *x = ffmi->rowFor(subject.sex, subject.age);
            x && y) {
            model.reference = QRectF(QPointF(x->low, y->low), QPointF(x->high, y->high));
            model.referenceName =
                tr("Hatched: %1, %2")
                    .arg(QString::fromStdString(fmi->title), QString::fromStdString(fmi->population));
        }
    return {tr("Field"), [model](QPainter& painter, const QRectF& area, const Palette& palette) {
                paintField(painter, area, model, palette);
            }};
}

NamedFigure coreFigure(const TestReport& report) {
    if (report.dxa())
        return dxaCore(report);
    if (auto column = report.impedance() ? core(report) : std::nullopt)
        return *column;
    const auto columnOf = [](const compartments::Composition& body, const QString& title) {
        return CoreModel::Column{title,
                                 {{tr("fat-free"), body.fatFreeMass.estimate().value()},
                                  {tr("fat"), body.fatMass.estimate().value()}}};
    };
    CoreModel model;
    if (report.earlier)
        model.columns.push_back(columnOf(report.earlier->composition, day(report.earlier->at)));
    model.columns.push_back(columnOf(*report.composition(), tr("now")));
    model.note = tr("To scale in kg.");
    return {tr("Core"), [model](QPainter& painter, const QRectF& area, const Palette& palette) {
                paintCore(painter, area, model, palette);
            }};
}

std::vector<NamedFigure> figuresOf(const TestReport& report) {
    std::vector<NamedFigure> figures;
    if (report.composition()) {
        figures.push_back(fieldFigure(report));
        figures.push_back(errors(report));
    }
    if (report.dxa())
        for (NamedFigure& figure : dxaFigures(report))
            figures.push_back(std::move(figure));
    const ImpedanceResult* result = report.impedance();
    if (!result)
        return figures;
    if (auto column = core(report))
        figures.push_back(std::move(*column));
    figures.push_back(indices(report));
    if (result->segmentation)
        figures.push_back(limbs(report));
    if (!result->fromReported)
        figures.push_back(arc(report));
    if (result->vector && result->geometry == impedance::ElectrodeGeometry::SupineGel &&
        report.record().subject.age.value() >= 18.0) {
        figures.push_back(
            vector(report, tr("Vector"), *impedance::vectorReferenceFor(report.record().subject.sex)));
        if (report.ownVectors)
            figures.push_back(vector(report, tr("Own"), *report.ownVectors));
    }
    return figures;
}

} // namespace fusain::report
