#pragma once
#include "procedure/all/computed.hpp"

#include <vector>

namespace fusain::exchange {

/// One person of a group without anything that names them.
struct GroupRow {
    Sex sex = Sex::Female;
    int age = 0;                                                               ///< completed years
    std::optional<double> fatPercent, fatFreeMassIndex, phaseAngle, bodyWater; ///< %, kg/m², °, L
};
/// Fewer people than this are not summarized: single ones would show.
inline constexpr std::size_t leastGroup = 5;

[[nodiscard]] GroupRow groupRow(const ComputedTest& test);
/// Puts the rows into an order that does not follow the queue: by sex, then by fat.
void hideOrder(std::vector<GroupRow>& rows);
[[nodiscard]] std::string groupToCsv(const std::vector<GroupRow>& rows);
/// Writes a workbook with the rows and a sheet of count, median, least and most. @return a Problem when it
/// cannot be written
[[nodiscard]] Expected<void> groupToXlsx(const std::vector<GroupRow>& rows, const std::string& path);

/// Count, least, median and most of the values that are there.
struct GroupSummary {
    int count = 0;
    double least = 0.0, median = 0.0, most = 0.0;
};
[[nodiscard]] GroupSummary summaryOf(const std::vector<GroupRow>& rows, std::optional<double> GroupRow::*value);

} // namespace fusain::exchange
