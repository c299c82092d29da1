#include "report/pages/trend_model.hpp"

#include "report/base/words.hpp"

namespace fusain::report {

namespace {

bool inKilograms(Followed quantity) {
    return textOf(quantity).unit == "kg";
}

} // namespace

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
    model.note = tr("bars: 95 %, from visit to visit");
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

TrendModel trendForClient(Followed quantity, const std::vector<Series>& lines, UnitSystem units) {
    TrendModel model = trendModel(quantity, lines);
    model.note = tr("the bars show how sure each test is");
    const double perKilogram =
        inKilograms(quantity) && units == UnitSystem::UsCustomary ? 1.0 / kilogramsPerPound : 1.0;
    if (perKilogram != 1.0)
        model.unit = QStringLiteral("lb");
    for (std::size_t i = 0; i < lines.size(); ++i) {
        model.lines[i].name = say(methodTitle(lines[i].method));
        for (std::size_t p = 0; p < lines[i].points.size(); ++p) {
            auto& point = model.lines[i].points[p];
            point.value *= perKilogram;
            point.halfWidth *= perKilogram;
            point.label = shortDay(lines[i].points[p].at);
        }
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
    if (plan.crossing) {
        model.crossing = static_cast<std::size_t>(plan.crossing->week);
        model.crossingWords = say(plan.crossing->why);
    }
    return model;
}

} // namespace fusain::report
