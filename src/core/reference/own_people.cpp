#include "core/reference/own_people.hpp"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>

namespace fusain::reference {
namespace {

constexpr double adult = 18.0, oldest = 120.0;
constexpr std::array lowerAges{18.0, 30.0, 40.0, 50.0, 60.0, 70.0};
constexpr std::array percents{5.0, 10.0, 25.0, 50.0, 75.0, 90.0, 95.0};

// Between the ordered values in proportion, position p·(n − 1).
double percentileOf(const std::vector<double>& ordered, double percent) {
    const double position = percent / 100.0 * static_cast<double>(ordered.size() - 1);
    const auto below = static_cast<std::size_t>(position);
    const std::size_t above = std::min(below + 1, ordered.size() - 1);
    return ordered[below] + (position - std::floor(position)) * (ordered[above] - ordered[below]);
}

ReferenceRow rowOf(Sex sex, std::size_t band, std::vector<double> values) {
    std::ranges::sort(values);
    PercentileTable table;
    for (const double percent : percents)
        table.points.push_back({percent, percentileOf(values, percent)});
    ReferenceRow row;
    row.sex = sex;
    row.ageFrom = Years(lowerAges[band]);
    row.ageTo = Years(band + 1 < lowerAges.size() ? lowerAges[band + 1] - 1.0 : oldest);
    row.low = percentileOf(values, 10.0);
    row.high = percentileOf(values, 90.0);
    row.people = static_cast<int>(values.size());
    row.distribution = std::move(table);
    return row;
}

} // namespace

std::vector<ReferenceRow> rowsFromOwnPeople(std::span<const OwnValue> values) {
    std::map<std::pair<Sex, std::size_t>, std::vector<double>> groups;
    for (const OwnValue& each : values) {
        if (each.age.value() < adult)
            continue;
        const auto band = std::ranges::upper_bound(lowerAges, each.age.value()) - lowerAges.begin() - 1;
        groups[{each.sex, static_cast<std::size_t>(band)}].push_back(each.value);
    }
    std::vector<ReferenceRow> rows;
    for (auto& [group, people] : groups)
        if (people.size() >= ownPeopleNeeded)
            rows.push_back(rowOf(group.first, group.second, std::move(people)));
    return rows;
}

} // namespace fusain::reference
