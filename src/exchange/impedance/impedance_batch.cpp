#include "exchange/impedance/impedance_batch.hpp"

#include "core/anthropometry/limits.hpp"
#include "core/units/format.hpp"
#include "exchange/impedance/impedance_csv.hpp"

#include <algorithm>
#include <fmt/format.h>

namespace fusain::exchange {
namespace {

constexpr std::string_view personColumns[] = {"id", "sex", "age_y", "height_cm", "mass_kg"};

std::string optionalNumber(bool there, double value, int decimals) {
    return there ? fmt::format("{:.{}f}", value, decimals) : std::string();
}

// The columns that hold readings mean themselves; the person's are taken by name.
ImportMapping readingsOf(const CsvTable& table) {
    ImportMapping mapping;
    for (const std::string& column : table.header)
        if (std::ranges::find(personColumns, column) == std::end(personColumns) && isImportTarget(column))
            mapping.targets[column] = column;
    mapping.targets["id"] = "code";
    mapping.targets["mass_kg"] = "mass_kg";
    mapping.targets["height_cm"] = "height_cm";
    return mapping;
}

Expected<ImpedanceTest> testFrom(const CsvTable& table, const ImpedancePolicy& policy) {
    const auto bad = [](Message what) { return failure(std::move(what)); };
    const CsvTable::Row& row = table.rows.front();
    ImportedRow read = importRows(table, readingsOf(table)).front();
    if (read.problem)
        return tl::unexpected(*read.problem);
    const std::string& sex = row.cells[*table.column("sex")];
    const auto age = parseTyped(row.cells[*table.column("age_y")]);
    if (sex != "male" && sex != "female")
        return bad({FUSAIN_TEXT("sex must be male or female, not \"{1}\"."), {sex}});
    if (!age || !(*age >= 0.0 && *age <= 120.0) || !read.height || !read.mass ||
        !anthropometry::plausibleHeight.holds(*read.height) ||
        !(read.mass->value() >= 3.0 && read.mass->value() <= 300.0))
        return bad({FUSAIN_TEXT("Age, height or mass is missing or out of range."), {}});
    ImpedanceTest test;
    test.id = read.code;
    test.subject = {read.code, sex == "male" ? Sex::Male : Sex::Female, Years(*age), *read.height, false};
    test.setup.geometry = policy.geometry;
    test.mass = Reading{Attribution::typed(), read.mass->value()};
    if (!read.sweep.spectra.empty()) {
        ImpedanceSweep sweep;
        sweep.number = 1;
        sweep.readings = std::move(read.sweep);
        sweep.setup = test.setup;
        test.sweeps.push_back(std::move(sweep));
    }
    if (!read.reported.empty())
        test.reported.push_back({{}, test.sweeps.empty() ? 0 : 1, std::move(read.reported)});
    return test;
}

} // namespace

ImpedanceBatch::ImpedanceBatch(const ImpedancePolicy& policy, std::string where, Write write, Complain complain)
    : LineBatch(std::move(where), std::move(write), std::move(complain), personColumns, outputHeader,
                "docs/formats/impedance-csv.md"),
      policy_(policy) {}

Expected<std::string> ImpedanceBatch::rowOf(const CsvTable& row) {
    const auto test = testFrom(row, policy_);
    if (!test)
        return tl::unexpected(test.error());
    const auto result = computeImpedance(*test, policy_);
    if (!result)
        return tl::unexpected(result.error());
    const auto* body = result->composition ? &*result->composition : nullptr;
    const auto* arc = result->arc ? &*result->arc : nullptr;
    std::string flags;
    for (const Message& flag : result->flags)
        flags += (flags.empty() ? "" : " | ") + flag.english();
    const char* verdict = !arc                                                ? ""
                          : arc->verdict == impedance::FitVerdict::Good       ? "good"
                          : arc->verdict == impedance::FitVerdict::Acceptable ? "acceptable"
                                                                              : "rejected";
    return fmt::format("{},{},{},{},{},{},{},{},{},{},{},{},{},{},{}\n", csvCell(test->id),
                       body ? figures(body->fatFreeMass) : std::string(",,,,"),
                       optionalNumber(body, body ? body->fatPercent.estimate().value() : 0.0, 2),
                       optionalNumber(result->bodyWater.has_value(),
                                      result->bodyWater ? result->bodyWater->estimate().value() : 0.0, 2),
                       optionalNumber(result->skeletalMuscle.has_value(),
                                      result->skeletalMuscle ? result->skeletalMuscle->estimate().value() : 0.0,
                                      2),
                       optionalNumber(result->phaseAngle.has_value(),
                                      result->phaseAngle ? result->phaseAngle->estimate().value() : 0.0, 3),
                       optionalNumber(arc, arc ? arc->model.zeroResistance.value() : 0.0, 2),
                       optionalNumber(arc, arc ? arc->zeroResistanceError.value() : 0.0, 2),
                       optionalNumber(arc, arc ? arc->model.infiniteResistance.value() : 0.0, 2),
                       optionalNumber(arc, arc ? arc->infiniteResistanceError.value() : 0.0, 2),
                       optionalNumber(result->fluids.has_value(),
                                      result->fluids ? result->fluids->extracellular.value() : 0.0, 3),
                       optionalNumber(result->fluids.has_value(),
                                      result->fluids ? result->fluids->intracellular.value() : 0.0, 3),
                       verdict, impedance::mustRepeat(result->signal) ? "repeat" : "clean", csvCell(flags));
}

} // namespace fusain::exchange
