#include "exchange/tank/hydrostatic_batch.hpp"

#include "core/anthropometry/ages.hpp"
#include "core/anthropometry/indices.hpp"
#include "core/anthropometry/limits.hpp"
#include "core/hydrostatic/body_density.hpp"
#include "core/hydrostatic/composition.hpp"
#include "core/water/density.hpp"
#include "procedure/tank/result.hpp"

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>
#include <fmt/format.h>

namespace fusain::exchange {
namespace {

constexpr std::size_t longestLine = 65536;
constexpr std::size_t outputChunk = 1 << 16;
constexpr std::array<std::string_view, 10> names{
    "id",       "sex",     "age_y",   "height_cm",         "mass_kg",
    "gross_kg", "tare_kg", "water_c", "residual_volume_l", "vital_capacity_l"};

std::string_view trimmed(std::string_view text) {
    while (!text.empty() && (text.front() == ' ' || text.front() == '"'))
        text.remove_prefix(1);
    while (!text.empty() && (text.back() == ' ' || text.back() == '"' || text.back() == '\r'))
        text.remove_suffix(1);
    return text;
}

// Takes the next cell off the line. A quoted cell may hold the separator; the quotes stay for `trimmed`.
std::string_view takeCell(std::string_view& line, char separator, bool& last) {
    std::size_t end = 0;
    for (bool quoted = false; end < line.size() && (quoted || line[end] != separator); ++end)
        quoted = quoted != (line[end] == '"');
    const std::string_view cell = trimmed(line.substr(0, end));
    last = end == line.size();
    line.remove_prefix(last ? end : end + 1);
    return cell;
}

// An id with a separator or a quote inside is quoted again on the way out.
void appendText(std::string& output, std::string_view text) {
    if (text.find_first_of(",\"\n") == std::string_view::npos) {
        output += text;
    } else {
        output += '"';
        output += text;
        output += '"';
    }
    output += ',';
}

void append(std::string& output, double value) {
    std::array<char, 32> digits;
    const auto end = std::to_chars(digits.data(), digits.data() + digits.size(), value).ptr;
    output.append(digits.data(), end);
    output += ',';
}

template <class Q>
void append(std::string& output, const Measured<Q>& value) {
    append(output, value.estimate().value());
    append(output, value.repeatability().value());
    append(output, value.leastSignificantChange().value());
    append(output, value.low().value());
    append(output, value.high().value());
}

} // namespace

struct HydrostaticBatch::Row {
    std::string_view id, sex;
    std::array<double, ColumnCount> value{};
    std::array<bool, ColumnCount> given{};
};

HydrostaticBatch::HydrostaticBatch(const HydrostaticPolicy& policy, std::string where, Write write,
                                   Complain complain)
    : policy_(policy), where_(std::move(where)), write_(std::move(write)), complain_(std::move(complain)) {}

Expected<void> HydrostaticBatch::add(std::string_view piece) {
    for (auto end = piece.find('\n'); end != std::string_view::npos; end = piece.find('\n')) {
        std::string_view line = piece.substr(0, end);
        if (!pending_.empty()) {
            pending_ += line;
            line = pending_;
        }
        if (auto done = takeLine(line); !done)
            return done;
        pending_.clear();
        piece.remove_prefix(end + 1);
    }
    pending_ += piece;
    if (pending_.size() > longestLine)
        return failure({FUSAIN_TEXT("A line is longer than 64 kB: this is not a table."), {}},
                       fmt::format("{}, line {}", where_, line_ + 1),
                       {FUSAIN_TEXT("Check the file; rows end with a line feed."), {}});
    return {};
}

Expected<void> HydrostaticBatch::finish() {
    if (!pending_.empty())
        if (auto done = takeLine(pending_); !done)
            return done;
    if (line_ == 0)
        return failure({FUSAIN_TEXT("The table is empty."), {}}, where_,
                       {FUSAIN_TEXT("The first line names the columns."), {}});
    pending_.clear();
    write_(output_);
    output_.clear();
    return {};
}

Expected<void> HydrostaticBatch::takeLine(std::string_view line) {
    ++line_;
    if (line_ == 1)
        return takeHeader(line);
    if (!trimmed(line).empty())
        takeRow(line);
    if (output_.size() > outputChunk) {
        write_(output_);
        output_.clear();
    }
    return {};
}

Expected<void> HydrostaticBatch::takeHeader(std::string_view line) {
    if (line.starts_with("\xFF\xFE") || line.starts_with("\xFE\xFF"))
        return failure({FUSAIN_TEXT("The file is in UTF-16."), {}}, where_,
                       {FUSAIN_TEXT("Save it as UTF-8."), {}});
    if (line.starts_with("\xEF\xBB\xBF"))
        line.remove_prefix(3);
    std::array<bool, ColumnCount> found{};
    separator_ = line.find(';') == std::string_view::npos ? ',' : ';';
    for (bool last = false; !last;) {
        const auto known = std::ranges::find(names, takeCell(line, separator_, last));
        columnAt_.push_back(known == names.end() ? -1 : static_cast<int>(known - names.begin()));
        if (known != names.end())
            found[static_cast<std::size_t>(known - names.begin())] = true;
    }
    for (std::size_t column = 0; column < VitalCapacity; ++column)
        if (!found[column])
            return failure(
                {FUSAIN_TEXT("The column \"{1}\" is missing."), {std::string(names[column])}},
                where_ + ", line 1",
                {FUSAIN_TEXT("Columns are separated by commas or semicolons; fusain-calc(1) lists them."), {}});
    output_ += outputHeader;
    return {};
}

bool HydrostaticBatch::readNumber(std::string_view cell, Column column, double& value) {
    std::array<char, 32> pointed;
    if (separator_ == ';' && cell.size() <= pointed.size() && cell.find(',') != std::string_view::npos) {
        std::ranges::replace_copy(cell, pointed.begin(), ',', '.');
        cell = {pointed.data(), cell.size()};
    }
    const auto result = std::from_chars(cell.data(), cell.data() + cell.size(), value);
    if (result.ec == std::errc() && result.ptr == cell.data() + cell.size() && std::isfinite(value))
        return true;
    reject(
        names[column],
        {FUSAIN_TEXT("\"{1}\" is not a number; the decimal mark is a point (a comma only between semicolons)."),
         {std::string(cell.substr(0, 40))}});
    return false;
}

void HydrostaticBatch::reject(std::string_view column, Message what) {
    ++rejected_;
    complain_({std::move(what), fmt::format("{}, line {}, column {}", where_, line_, column), {}, {}});
}

void HydrostaticBatch::takeRow(std::string_view line) {
    Row row;
    std::size_t position = 0;
    for (bool last = false; position < columnAt_.size(); ++position) {
        const std::string_view cell = takeCell(line, separator_, last);
        const int at = columnAt_[position];
        if (at == Id)
            row.id = cell;
        else if (at == SexOf)
            row.sex = cell;
        else if (at >= 0 && !cell.empty()) {
            if (!readNumber(cell, static_cast<Column>(at), row.value[static_cast<std::size_t>(at)]))
                return;
            row.given[static_cast<std::size_t>(at)] = true;
        }
        if (last)
            break;
    }
    if (position + 1 < columnAt_.size())
        return reject(names[0], {FUSAIN_TEXT("The row has {1} cells instead of {2}."),
                                 {std::to_string(position + 1), std::to_string(columnAt_.size())}});
    if (row.sex != "male" && row.sex != "female")
        return reject("sex", {FUSAIN_TEXT("sex must be male or female, not \"{1}\"."),
                              {std::string(row.sex.substr(0, 40))}});
    for (const Column column : {Age, Height, Mass, Gross, Tare, Water})
        if (!row.given[column])
            return reject(names[column], {FUSAIN_TEXT("The value is missing."), {}});
    if (row.value[Height] < 50.0 || row.value[Height] > 250.0)
        return reject("height_cm", {FUSAIN_TEXT("Height is 50 to 250 cm."), {}});
    if (!anthropometry::plausibleMass.holds(Kilograms(row.value[Mass])))
        return reject("mass_kg", {FUSAIN_TEXT("Dry mass is 10 to 300 kg."), {}});
    if (row.value[Gross] - row.value[Tare] >= row.value[Mass])
        return reject("gross_kg", {FUSAIN_TEXT("The underwater mass is not below the dry mass."), {}});
    if (water::judgeTemperature(Celsius(row.value[Water])) == water::TemperatureVerdict::Refused)
        return reject("water_c", {FUSAIN_TEXT("No test below 20 or above 40 °C."), {}});
    compute(row);
}

void HydrostaticBatch::compute(const Row& row) {
    const Sex sex = row.sex == "male" ? Sex::Male : Sex::Female;
    const Years age(row.value[Age]);
    const Metres height = metresFromCentimetres(row.value[Height]);
    const bool child = age < anthropometry::adultEquationsAge;
    const auto* conversion =
        compartments::findDensityConversion(child ? policy_.childConversion : policy_.adultConversion);
    const auto constants = conversion->constantsFor(sex, age);
    if (!constants)
        return reject("age_y", {FUSAIN_TEXT("No conversion of the policy covers this age."), {}});
    ResidualVolumeUsed residual{
        Litres(row.value[ResidualVolume]), policy_.measuredResidualVolumeError, true, {}, {}, true};
    if (!row.given[ResidualVolume]) {
        auto predicted = predictResidualVolume(
            policy_.residualVolumeEquation, sex, height, age,
            row.given[VitalCapacity] ? std::optional(Litres(row.value[VitalCapacity])) : std::nullopt);
        if (!predicted)
            return reject("vital_capacity_l", predicted.error().what);
        residual = std::move(*predicted);
    }
    const auto net = Measured<Kilograms>(Kilograms(row.value[Gross] - row.value[Tare]),
                                         Source::UnderwaterReading, policy_.typedReadingError)
                         .with(Source::BetweenTrials, Kilograms(betweenTrialsError({}, 0.0)));
    const compartments::Body c =
        hydrostatic::compose(
            {massOfTheDay(Kilograms(row.value[Mass]), policy_.dryMassError, policy_.day), net,
             Measured<Celsius>(Celsius(row.value[Water]), Source::WaterTemperature,
                               policy_.waterTemperatureError),
             lungVolume(Source::ResidualVolume,
                        {residual.volume, residual.standardError, residual.measured,
                         policy_.measuredResidualVolumeError},
                        policy_.day.residualVolume),
             Measured<Litres>(policy_.gutGas, Source::GutGas, policy_.gutGasError), *constants,
             policy_.fatFreeDensitySpread.of(age, anthropometry::massIndex(Kilograms(row.value[Mass]), height)),
             height})
            .body;
    appendText(output_, row.id);
    append(output_, c.density);
    append(output_, c.fatPercent);
    append(output_, c.fatMass);
    append(output_, c.fatFreeMass);
    append(output_, c.fatMassIndex.estimate().value());
    append(output_, c.fatFreeMassIndex.estimate().value());
    append(output_, residual.volume.value());
    output_ += residual.measured ? "measured," : "predicted,";
    if (!compartments::plausibleBodyDensity(c.density.estimate()))
        output_ += "density-implausible ";
    if (water::judgeTemperature(Celsius(row.value[Water])) != water::TemperatureVerdict::Comfortable)
        output_ += "water-unusual ";
    if (!residual.withinValidity)
        output_ += "residual-volume-outside-validity ";
    if (output_.back() == ' ')
        output_.pop_back();
    output_ += '\n';
    ++computed_;
}

} // namespace fusain::exchange
