#include "exchange/impedance/impedance_batch.hpp"

#include "core/anthropometry/limits.hpp"
#include "core/units/format.hpp"
#include "exchange/impedance/impedance_csv.hpp"

#include <algorithm>
#include <fmt/format.h>

namespace fusain::exchange {
namespace {

constexpr std::size_t longestLine = 1 << 20;
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
        return bad({FUSAIN_TEXT("Age, height or mass is missing or cannot be right."), {}});
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
    : policy_(policy), where_(std::move(where)), write_(std::move(write)), complain_(std::move(complain)) {}

Expected<void> ImpedanceBatch::add(std::string_view piece) {
    while (!piece.empty()) {
        const auto end = piece.find('\n');
        pending_.append(piece.substr(0, end));
        if (pending_.size() > longestLine)
            return failure({FUSAIN_TEXT("Line {1} is longer than a megabyte: this is no table."),
                            {std::to_string(line_ + 1)}},
                           where_);
        if (end == std::string_view::npos)
            return {};
        piece.remove_prefix(end + 1);
        if (auto taken = takeLine(std::exchange(pending_, {})); !taken)
            return taken;
    }
    return {};
}

Expected<void> ImpedanceBatch::finish() {
    if (!pending_.empty())
        if (auto taken = takeLine(std::exchange(pending_, {})); !taken)
            return taken;
    if (header_.empty())
        return failure({FUSAIN_TEXT("The file is empty."), {}}, where_);
    return {};
}

Expected<void> ImpedanceBatch::takeLine(std::string_view line) {
    ++line_;
    if (line.find_first_not_of(" \t\r") == std::string_view::npos)
        return {};
    if (header_.empty()) {
        header_ = std::string(line) + '\n';
        const auto probe = tableFromCsv(header_ + std::string(line), where_);
        if (!probe)
            return tl::unexpected(probe.error());
        for (const std::string_view column : personColumns)
            if (!probe->column(column))
                return failure({FUSAIN_TEXT("The column \"{1}\" is missing."), {std::string(column)}}, where_,
                               {FUSAIN_TEXT("See docs/formats/impedance-csv.md."), {}});
        write_(outputHeader);
        return {};
    }
    const auto table = tableFromCsv(header_ + std::string(line), where_);
    if (!table) {
        reject(table.error());
        return {};
    }
    auto test = testFrom(*table, policy_);
    if (test)
        compute(*test);
    else
        reject(test.error());
    return {};
}

void ImpedanceBatch::reject(Problem problem) {
    ++rejected_;
    problem.where = fmt::format("{}, line {}", where_, line_);
    complain_(problem);
}

namespace {

// A value and what it means: would it repeat, did it change, how far may it be from the truth.
std::string figures(const Measured<Kilograms>& value) {
    return fmt::format("{:.3f},{:.3f},{:.3f},{:.3f},{:.3f}", value.estimate().value(),
                       value.repeatability().value(), value.leastSignificantChange().value(),
                       value.low().value(), value.high().value());
}

} // namespace

void ImpedanceBatch::compute(const ImpedanceTest& test) {
    const auto result = computeImpedance(test, policy_);
    if (!result)
        return reject(result.error());
    const auto* body = result->composition ? &*result->composition : nullptr;
    const auto* arc = result->arc ? &*result->arc : nullptr;
    std::string flags;
    for (const Message& flag : result->flags)
        flags += (flags.empty() ? "" : " | ") + flag.english();
    const char* verdict = !arc                                                ? ""
                          : arc->verdict == impedance::FitVerdict::Good       ? "good"
                          : arc->verdict == impedance::FitVerdict::Acceptable ? "acceptable"
                                                                              : "rejected";
    write_(fmt::format("{},{},{},{},{},{},{},{},{},{},{},{},{},{},{}\n", csvCell(test.id),
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
                       verdict, impedance::mustRepeat(result->signal) ? "repeat" : "clean", csvCell(flags)));
    ++computed_;
}

} // namespace fusain::exchange
