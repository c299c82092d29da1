#include "exchange/scan/dxa_batch.hpp"

#include "core/anthropometry/indices.hpp"
#include "core/anthropometry/limits.hpp"
#include "core/units/format.hpp"

#include <cmath>

namespace fusain::exchange {
namespace {

constexpr std::array<std::string_view, 7> columns{"id",     "sex",     "age_y",          "height_cm",
                                                  "fat_kg", "lean_kg", "bone_mineral_kg"};
/// Bone mineral as a part of what is free of fat; outside it a column is wrong. As the checks of a scan.
constexpr double leastBone = 0.02, mostBone = 0.10;

std::optional<double> numberIn(const CsvTable& table, std::string_view column) {
    const auto place = table.column(column);
    return place ? parseTyped(table.rows.front().cells[*place]) : std::nullopt;
}

// One person of the table.
struct Row {
    std::string id;
    Metres height;
    dxa::RegionReading total;
    std::optional<Kilograms> limbLean;
};

Expected<Row> rowFrom(const CsvTable& table) {
    Row row;
    row.id = table.rows.front().cells[*table.column("id")];
    const std::string& sex = table.rows.front().cells[*table.column("sex")];
    if (sex != "male" && sex != "female")
        return failure({FUSAIN_TEXT("sex must be male or female, not \"{1}\"."), {sex}});
    const auto height = numberIn(table, "height_cm"), fat = numberIn(table, "fat_kg"),
               lean = numberIn(table, "lean_kg"), bone = numberIn(table, "bone_mineral_kg");
    if (!height || !anthropometry::plausibleHeight.holds(metresFromCentimetres(*height)))
        return failure({FUSAIN_TEXT("The height is missing or out of range."), {}});
    if (!fat || !lean || !bone || !(*fat >= 0.0 && *lean > 0.0 && *bone > 0.0))
        return failure({FUSAIN_TEXT("Fat, lean or bone mineral is missing or out of range."), {}});
    row.height = metresFromCentimetres(*height);
    row.total.fat = Kilograms(*fat);
    row.total.lean = Kilograms(*lean);
    row.total.boneMineral = Kilograms(*bone);
    if (!anthropometry::plausibleMass.holds(row.total.mass()))
        return failure({FUSAIN_TEXT("Fat, lean and bone mineral add up to {1} kg, which is out of range."),
                        {fixed(row.total.mass().value(), 1)}});
    if (const auto limbs = numberIn(table, "limb_lean_kg"); limbs && *limbs > 0.0 && *limbs < *lean)
        row.limbLean = Kilograms(*limbs);
    return row;
}

std::string limbColumns(const Row& row) {
    if (!row.limbLean)
        return ",";
    const double bodyMassIndex = anthropometry::massIndex(row.total.mass(), row.height).value();
    return fmt::format("{:.3f},{:.4f}", anthropometry::massIndex(*row.limbLean, row.height).value(),
                       row.limbLean->value() / bodyMassIndex);
}

} // namespace

DxaBatch::DxaBatch(const DxaPolicy& policy, std::string where, Write write, Complain complain)
    : LineBatch(std::move(where), std::move(write), std::move(complain), columns, outputHeader,
                "docs/formats/scan.md"),
      policy_(policy) {}

Expected<std::string> DxaBatch::rowOf(const CsvTable& table) {
    const auto row = rowFrom(table);
    if (!row)
        return tl::unexpected(row.error());
    const auto body = dxa::bodyFrom(row->total, policy_.precision, policy_.day, row->height).composition;
    const double bone = row->total.boneMineral / (row->total.lean + row->total.boneMineral);
    return fmt::format("{},{},{},{},{},{}\n", csvCell(row->id), figures(body.fatPercent), figures(body.fatMass),
                       figures(body.fatFreeMass), limbColumns(*row),
                       bone < leastBone || bone > mostBone ? "bone-implausible" : "");
}

} // namespace fusain::exchange
