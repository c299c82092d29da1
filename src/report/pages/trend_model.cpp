#include "report/pages/trend_model.hpp"

#include "report/base/words.hpp"

namespace fusain::report {

QString seriesName(const Series& series) {
    QString name = say(methodTitle(series.method));
    if (!series.setting.empty())
        name += QStringLiteral(" (%1)").arg(QString::fromStdString(series.setting));
    return name;
}

TrendModel trendModel(Followed quantity, const std::vector<Series>& lines) {
    TrendModel model;
    const FollowedText& text = textOf(quantity);
    model.title = say(text.title);
    model.unit = QString::fromUtf8(text.unit.data(), static_cast<qsizetype>(text.unit.size()));
    for (const Series& line : lines) {
        TrendModel::Line drawn{seriesName(line), {}};
        for (const auto& point : line.points)
            drawn.points.push_back({static_cast<double>(point.at.milliseconds) / 86400000.0, point.value.value,
                                    normal95 * point.value.visitError, day(point.at)});
        model.lines.push_back(std::move(drawn));
    }
    return model;
}

CourseModel courseModel(const Plan& plan) {
    CourseModel model;
    const double last = static_cast<double>(plan.points.size() - 1);
    for (const PlanPoint& point : plan.points)
        model.weeks.push_back(
            {point.mass.value(), point.lowest.value(), point.highest.value(), point.fatMass.value(),
             plan.points.front().mass.value() + plan.staticChange.value() * point.week / last});
    return model;
}

} // namespace fusain::report
