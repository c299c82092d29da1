#include "report/method/parts.hpp"

#include "core/catalogue/equations.hpp"
#include "report/base/words.hpp"

namespace fusain::report {

QString use(bool counts, bool used, const std::string& setAside) {
    return !counts ? tr("excluded: %1").arg(plain(setAside)) : used ? tr("used") : tr("valid, not used");
}

QString givenText(const readiness::Answer& answer) {
    if (answer.keptAsTold == readiness::KeptAsTold::List)
        return tr("said to the list as a whole");
    if (answer.keptAsTold == readiness::KeptAsTold::Group)
        return tr("said together with the group");
    if (!answer.choice.empty())
        return say(std::string_view(answer.choice));
    if (answer.never)
        return tr("never");
    if (answer.ago)
        return tr("%1 h before").arg(number(answer.ago->value(), 1));
    return answer.number ? number(*answer.number, 2) : tr("unknown");
}

QString cite(const std::string& id) {
    const Equation* equation = findEquation(id);
    return equation ? plain(std::string(equation->citation)) : QString();
}

void wordsRow(PageFlow& flow, const QString& name, const QString& words) {
    flow.row({name, words}, {0.5, 0.5}, false, {}, 9.5);
}

void limbsInWords(PageFlow& flow, const anthropometry::LimbBalance& limbs, const QString& name) {
    wordsRow(flow, name,
             limbs.notable() ? tr("right and left differ; we will look at that together")
                             : tr("right and left alike, as far as this test can tell"));
}

void paintScaled(QPainter& painter, const QRectF& area, double scale, const NamedFigure& figure,
                 const Palette& palette) {
    painter.save();
    painter.translate(area.topLeft());
    painter.scale(scale, scale);
    figure.paint(painter, QRectF(0, 0, area.width() / scale, area.height() / scale), palette);
    painter.restore();
}

void figureOnPaper(PageFlow& flow, const NamedFigure& figure, double height) {
    flow.figure(height, [figure](QPainter& painter, const QRectF& area) {
        paintScaled(painter, area, onPaper, figure, printPalette());
    });
}

NamedFigure scales(const QString& name, std::vector<RuleModel> rules) {
    return {name, [rules = std::move(rules)](QPainter& painter, const QRectF& area, const Palette& palette) {
                paintRules(painter, area, rules, palette);
            }};
}

} // namespace fusain::report
