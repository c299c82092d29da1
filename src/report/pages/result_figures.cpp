#include "report/pages/result_figures.hpp"

#include "report/base/words.hpp"
#include "report/figures/body_figures.hpp"
#include "report/figures/field_figure.hpp"
#include "report/figures/rule_figure.hpp"
#include "report/method/reference_rule.hpp"

#include <QCoreApplication>
#include <cmath>

namespace fusain::report {
NamedFigure errorsFigure(const Measured<Percent>& fat) {
    std::vector<BudgetBar> bars;
    for (const BudgetLine& line : fat.budget())
        bars.push_back(
            {say(sourceName(line.source)), line.fraction, tr("SE %1 %").arg(number(line.standardError, 2))});
    return {tr("Errors"), [bars](QPainter& painter, const QRectF& area, const Palette& palette) {
                painter.setFont(textFont(13, Weight::SemiBold));
                painter.setPen(palette.ink);
                painter.drawText(QRectF(area.left(), area.top(), area.width(), 20), Qt::AlignLeft,
                                 area.width() < 400.0
                                     ? tr("Where the interval comes from")
                                     : tr("Where the uncertainty of the fat percentage comes from"));
                paintBudget(painter, area.adjusted(0, 28, 0, 0), bars, palette);
            }};
}

RuleModel fatRule(const TestReport& report) {
    std::optional<Spindle> past;
    if (report.earlier)
        past = spindleOf(report.earlier->composition.fatPercent, true);
    return referenceRule(tr("Body fat"), QStringLiteral("%"), spindleOf(report.composition()->fatPercent), 5.0,
                         report.references.fat, report.record().subject, past);
}

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
    const auto *fmi = report.references.fatMassIndex, *ffmi = report.references.fatFreeMassIndex;
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
    if (auto own = report.visit(
            []<class Method>(const OwnReport<Method>& each) { return Reported<Method>::core(each); }))
        return *own;
    const auto layer = [](const QString& name, const Measured<Kilograms>& mass,
                          const std::optional<StudiedError>& own) {
        return CoreModel::Layer{name, mass.estimate().value(), visitError(mass.uncertain(), own)};
    };
    const auto columnOf = [&](const compartments::Composition& body, const QString& title) {
        return CoreModel::Column{title,
                                 {layer(tr("fat-free"), body.fatFreeMass, report.precision.fatFreeMass),
                                  layer(tr("fat"), body.fatMass, report.precision.fatMass)}};
    };
    CoreModel model;
    if (report.earlier)
        model.columns.push_back(columnOf(report.earlier->composition, day(report.earlier->at)));
    model.columns.push_back(columnOf(*report.composition(), tr("now")));
    model.note = report.earlier ? tr("To scale in kg. ≈: no measurable change.") : tr("To scale in kg.");
    return {tr("Core"), [model](QPainter& painter, const QRectF& area, const Palette& palette) {
                paintCore(painter, area, model, palette);
            }};
}

std::vector<NamedFigure> figuresOf(const TestReport& report) {
    auto figures =
        report.visit([]<class Method>(const OwnReport<Method>& own) { return Reported<Method>::figures(own); });
    if (report.composition()) {
        figures.push_back(fieldFigure(report));
        figures.push_back(errorsFigure(report.composition()->fatPercent));
    }
    return figures;
}

} // namespace fusain::report
