#include "exchange/scan/scan_csv.hpp"

#include "core/units/format.hpp"
#include "exchange/base/reported_text.hpp"
#include "record/base/fields.hpp"

#include <algorithm>
#include <array>
#include <fmt/format.h>
#include <set>
#include <sstream>

namespace fusain::exchange {
namespace {

using dxa::Region;
using dxa::RegionReading;

constexpr std::array<std::string_view, 6> targets{"region", "fat", "lean", "bone-mineral", "area", "mass"};

std::string lowered(std::string_view text) {
    std::string result;
    for (const char c : text)
        result += c == ' ' || c == '_' ? '-' : static_cast<char>(std::tolower(static_cast<unsigned char>(c)));
    return result;
}

std::string trimmed(const std::string& text) {
    const auto first = text.find_first_not_of(" \t\r"), end = text.find_last_not_of(" \t\r");
    return first == std::string::npos ? std::string() : text.substr(first, end - first + 1);
}

// The word of a header that tells what it is, before any unit.
std::string targetOf(const std::string& header) {
    const std::string text = lowered(header);
    const auto has = [&](std::string_view part) { return text.find(part) != std::string::npos; };
    if (has("percent") || has("%") || has("bmd") || has("density"))
        return {};
    if (has("region"))
        return "region";
    if (has("bmc") || has("bone"))
        return "bone-mineral";
    if (has("area"))
        return "area";
    if (has("lean"))
        return "lean";
    if (has("fat"))
        return "fat";
    return has("total-mass") || text.starts_with("mass") ? "mass" : "";
}

double factorOf(const std::vector<std::string>& header) {
    for (const std::string& each : header) {
        const std::string text = lowered(each);
        if (targetOf(each) != "fat")
            continue;
        if (text.ends_with("lb") || text.ends_with("(lb)") || text.ends_with("lbs"))
            return kilogramsPerPound;
        if (text.ends_with("-g") || text.ends_with("(g)"))
            return 0.001;
    }
    return 1.0;
}

// "L Arm", "Arm left", "left_arm" …
std::optional<Region> regionOf(const std::string& word, const ScanMapping& mapping) {
    if (const auto own = mapping.regions.find(word); own != mapping.regions.end())
        return dxa::regionFromKey(own->second);
    const std::string text = lowered(word);
    if (const auto exact = dxa::regionFromKey(text))
        return exact;
    const auto has = [&](std::string_view part) { return text.find(part) != std::string::npos; };
    const bool left = has("left") || text.starts_with("l-") || text.ends_with("-l");
    const bool right = has("right") || text.starts_with("r-") || text.ends_with("-r");
    if (has("arm") && left != right)
        return left ? Region::LeftArm : Region::RightArm;
    if (has("leg") && left != right)
        return left ? Region::LeftLeg : Region::RightLeg;
    return std::nullopt;
}

class Reader {
public:
    Reader(const CsvTable& table, const ScanMapping& mapping) : table_(table), mapping_(mapping) {
        for (std::size_t i = 0; i < table.header.size(); ++i)
            if (const auto target = mapping.targets.find(table.header[i]); target != mapping.targets.end())
                columns_[target->second] = i;
    }

    Expected<dxa::Scan> read() {
        for (const std::string_view needed : {"region", "fat", "lean", "bone-mineral"})
            if (!columns_.contains(needed))
                return failure({FUSAIN_TEXT("No column is named as \"{1}\"."), {std::string(needed)}}, {},
                               {FUSAIN_TEXT("Say which column it is."), {}});
        dxa::Scan scan;
        for (const CsvTable::Row& row : table_.rows) {
            auto reading = regionFrom(row);
            if (!reading)
                return tl::unexpected(reading.error());
            if (scan.of(reading->region))
                return failure(
                    {FUSAIN_TEXT("The {1} is there twice."), {std::string(dxa::regionName(reading->region))}},
                    lineOf(row));
            scan.regions.push_back(*reading);
        }
        return scan;
    }

private:
    static std::string lineOf(const CsvTable::Row& row) { return "line " + std::to_string(row.line); }

    [[nodiscard]] std::string cell(const CsvTable::Row& row, std::string_view target) const {
        const auto column = columns_.find(target);
        return column == columns_.end() || column->second >= row.cells.size() ? std::string()
                                                                              : row.cells[column->second];
    }

    Expected<std::optional<double>> numberOf(const CsvTable::Row& row, std::string_view target,
                                             bool needed) const {
        const std::string text = cell(row, target);
        if (text.empty() && !needed)
            return std::optional<double>();
        const auto value = parseTyped(text);
        if (!value)
            return failure({FUSAIN_TEXT("\"{1}\" is no number ({2})."), {text, std::string(target)}},
                           lineOf(row));
        return value;
    }

    Expected<RegionReading> regionFrom(const CsvTable::Row& row) const {
        const std::string word = cell(row, "region");
        const auto region = regionOf(word, mapping_);
        if (!region)
            return failure({FUSAIN_TEXT("\"{1}\" is not a region of a scan."), {word}}, lineOf(row),
                           {FUSAIN_TEXT("Say which region it is."), {}});
        RegionReading reading;
        reading.region = *region;
        for (const auto& [target, value] :
             {std::pair("fat", &RegionReading::fat), std::pair("lean", &RegionReading::lean),
              std::pair("bone-mineral", &RegionReading::boneMineral)}) {
            const auto number = numberOf(row, target, true);
            if (!number)
                return tl::unexpected(number.error());
            reading.*value = Kilograms(**number * mapping_.kilograms);
        }
        const auto area = numberOf(row, "area", false), mass = numberOf(row, "mass", false);
        if (!area || !mass)
            return tl::unexpected(area ? mass.error() : area.error());
        if (*area)
            reading.area = SquareCentimetres(**area);
        if (*mass)
            reading.printedMass = Kilograms(**mass * mapping_.kilograms);
        return reading;
    }

    const CsvTable& table_;
    const ScanMapping& mapping_;
    std::map<std::string, std::size_t, std::less<>> columns_;
};

const Fields<ScanMapping>& mappingFields() {
    static const auto fields =
        Fields<ScanMapping>("mapping of a scan's table")
            .constant("format", "fusain-scan-mapping", Presence::Optional)
            .required("targets", &ScanMapping::targets, "what each column means, by its header")
            .optional("kilograms", &ScanMapping::kilograms, "factor to kilograms", aboveUpTo(0.0, 10.0))
            .optional("regions", &ScanMapping::regions, "the densitometer's words for the keys of regions")
            .check([](const ScanMapping& mapping) {
                for (const auto& [header, target] : mapping.targets)
                    if (std::ranges::find(targets, target) == targets.end())
                        return std::string("\"") + target + "\" is not a column of a scan";
                return std::string();
            });
    return fields;
}

} // namespace

Json toJson(const ScanMapping& mapping) {
    return mappingFields().write(mapping);
}

Expected<ScanMapping> scanMappingFromJson(const Json& json) {
    return readDocument("mapping", [&] { return mappingFields().read(json); });
}

DocumentKind scanMappingKind() {
    return {"Columns of a densitometer's table", mappingFields().notes()};
}

ScanMapping guessScanMapping(const CsvTable& table) {
    ScanMapping mapping;
    std::set<std::string> taken;
    for (const std::string& header : table.header)
        if (const std::string target = targetOf(header); !target.empty() && taken.insert(target).second)
            mapping.targets[header] = target;
    mapping.kilograms = factorOf(table.header);
    return mapping;
}

std::string mappingText(const CsvTable& table, const ScanMapping& mapping) {
    std::string text;
    for (const std::string& header : table.header) {
        const auto target = mapping.targets.find(header);
        text += header + " = " + (target == mapping.targets.end() ? "" : target->second) + "\n";
    }
    for (const auto& [word, region] : mapping.regions)
        text += word + " = " + region + "\n";
    return text + "unit = " +
           (mapping.kilograms == 1.0     ? "kg"
            : mapping.kilograms == 0.001 ? "g"
                                         : "lb") +
           "\n";
}

Expected<ScanMapping> scanMappingFromText(std::string_view text) {
    ScanMapping mapping;
    std::istringstream lines{std::string(text)};
    for (std::string line; std::getline(lines, line);) {
        const auto equals = line.rfind('=');
        if (equals == std::string::npos)
            continue;
        const std::string word = trimmed(line.substr(0, equals)), meaning = trimmed(line.substr(equals + 1));
        if (word == "unit") {
            if (meaning != "kg" && meaning != "g" && meaning != "lb")
                return failure({FUSAIN_TEXT("The unit of a scan is kg, g or lb, not \"{1}\"."), {meaning}});
            mapping.kilograms = meaning == "kg" ? 1.0 : meaning == "g" ? 0.001 : kilogramsPerPound;
        } else if (std::ranges::find(targets, meaning) != targets.end()) {
            mapping.targets[word] = meaning;
        } else if (dxa::regionFromKey(meaning)) {
            mapping.regions[word] = meaning;
        } else if (!meaning.empty()) {
            return failure({FUSAIN_TEXT("\"{1}\" is neither a column nor a region of a scan."), {meaning}});
        }
    }
    return mapping;
}

Expected<ReportedScan> reportedScanFromText(std::string_view text) {
    const auto values = reportedFromText(text);
    if (!values)
        return tl::unexpected(values.error());
    ReportedScan scan;
    for (const ReportedValue& value : *values) {
        const auto dot = value.quantity.find('.');
        const std::string what = value.quantity.substr(0, dot);
        if (dot == std::string::npos || (what != "t-score" && what != "z-score" && what != "bone-density")) {
            scan.values.push_back(value);
            continue;
        }
        const std::string site = value.quantity.substr(dot + 1);
        auto bone = std::ranges::find(scan.bones, site, &dxa::ReportedBone::site);
        if (bone == scan.bones.end())
            bone = scan.bones.insert(scan.bones.end(), {site, {}, {}, {}});
        if (what == "t-score")
            bone->tScore = value.value;
        else if (what == "z-score")
            bone->zScore = value.value;
        else
            bone->density = GramsPerSquareCentimetre(value.value);
    }
    return scan;
}

Expected<dxa::Scan> scanFromTable(const CsvTable& table, const ScanMapping& mapping) {
    return Reader(table, mapping).read();
}

Expected<dxa::Scan> scanFromCsv(std::string_view text, const std::string& where) {
    const auto table = tableFromCsv(text, where);
    if (!table)
        return tl::unexpected(table.error());
    auto scan = scanFromTable(*table, guessScanMapping(*table));
    if (!scan)
        scan.error().where = where + (scan.error().where.empty() ? "" : ", " + scan.error().where);
    return scan;
}

std::string scanToCsv(const dxa::Scan& scan) {
    std::string text = "region,fat_kg,lean_kg,bone_mineral_kg,area_cm2\n";
    for (const RegionReading& reading : scan.regions)
        text += fmt::format("{},{},{},{},{}\n", dxa::regionKey(reading.region), reading.fat.value(),
                            reading.lean.value(), reading.boneMineral.value(),
                            reading.area ? fmt::format("{}", reading.area->value()) : "");
    return text;
}

} // namespace fusain::exchange
