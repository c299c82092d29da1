#include "exchange/impedance/impedance_csv.hpp"

#include "core/units/format.hpp"
#include "record/base/fields.hpp"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>

namespace fusain::exchange {
namespace {

using impedance::Segment;
using impedance::SpectrumPoint;

std::vector<std::string> split(const std::string& text, char separator) {
    std::vector<std::string> parts(1);
    for (const char c : text)
        if (c == separator)
            parts.emplace_back();
        else
            parts.back() += c;
    return parts;
}

std::string lowered(std::string text) {
    std::ranges::transform(text, text.begin(),
                           [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    return text;
}

// Readings of one segment and frequency as they are collected from columns.
struct Parts {
    std::optional<double> r, xc, z, phase, scatter;
};

// A point from what is there, or why it is none. Swapped parts and wrong units are noticed here, before
// anything is computed.
Expected<SpectrumPoint> pointFrom(const Parts& parts, double kilohertz, const std::string& where) {
    const auto bad = [&](Message what, Message remedy) {
        return failure(std::move(what), where, std::move(remedy));
    };
    for (const auto& part : {parts.r, parts.xc, parts.z, parts.phase})
        if (part && !std::isfinite(*part))
            return bad({FUSAIN_TEXT("There is no number."), {}},
                       {FUSAIN_TEXT("Measure again, or leave the frequency out."), {}});
    const Hertz frequency = fusain::kilohertz(kilohertz);
    SpectrumPoint point;
    if (parts.r && parts.xc) {
        if (std::abs(*parts.xc) > std::abs(*parts.r) && *parts.r > 0.0)
            return bad({FUSAIN_TEXT("The reactance is larger than the resistance: the two are swapped."), {}},
                       {FUSAIN_TEXT("Swap the columns."), {}});
        point = impedance::pointOf(frequency, {Ohms(*parts.r), Ohms(*parts.xc)});
    } else if (parts.z && parts.phase) {
        // Analyzers write the phase of a body with either sign.
        point = impedance::pointOf(frequency,
                                   impedance::fromPolar(Ohms(*parts.z), Degrees(std::abs(*parts.phase))));
    } else if (parts.z) {
        point = impedance::magnitudePoint(frequency, Ohms(*parts.z));
    } else {
        return bad({FUSAIN_TEXT("A reading needs resistance and reactance, or the magnitude."), {}},
                   {FUSAIN_TEXT("Name both columns."), {}});
    }
    point.scatter = parts.scatter;
    return point;
}

using Collected = std::map<Segment, std::map<double, Parts>>;

Expected<impedance::Sweep> sweepOf(const Collected& collected, const std::string& where) {
    impedance::Sweep sweep;
    for (const auto& [segment, frequencies] : collected) {
        impedance::Spectrum spectrum{segment, {}};
        for (const auto& [khz, parts] : frequencies) {
            auto point = pointFrom(parts, khz,
                                   fmt::format("{}, {} at {} kHz", where, impedance::segmentKey(segment), khz));
            if (!point)
                return tl::unexpected(point.error());
            spectrum.points.push_back(*point);
        }
        sweep.spectra.push_back(std::move(spectrum));
    }
    return sweep;
}

std::optional<double> Parts::*partNamed(const std::string& name) {
    if (name == "r")
        return &Parts::r;
    if (name == "xc")
        return &Parts::xc;
    if (name == "z")
        return &Parts::z;
    return name == "phase" ? &Parts::phase : nullptr;
}

// "r/right-arm/50" taken apart; nothing for other targets.
struct Reading {
    std::optional<double> Parts::*part;
    Segment segment;
    double kilohertz;
};
std::optional<Reading> readingTarget(const std::string& target) {
    const auto parts = split(target, '/');
    if (parts.size() != 3 || !partNamed(parts[0]))
        return std::nullopt;
    const auto segment = impedance::segmentFromKey(parts[1]);
    const auto khz = parseTyped(parts[2]);
    if (!segment || !khz || !(*khz > 0.0))
        return std::nullopt;
    return Reading{partNamed(parts[0]), *segment, *khz};
}

ImportedRow rowFrom(const CsvTable& table, const CsvTable::Row& cells, const ImportMapping& mapping) {
    ImportedRow row;
    row.line = cells.line;
    Collected collected;
    const std::string where = fmt::format("line {}", cells.line);
    for (std::size_t column = 0; column < table.header.size(); ++column) {
        const auto named = mapping.targets.find(table.header[column]);
        const std::string& cell = cells.cells[column];
        if (named == mapping.targets.end() || named->second.empty() || cell.empty())
            continue;
        const std::string& target = named->second;
        if (target == "code") {
            row.code = cell;
            continue;
        }
        if (target == "date") {
            row.date = dateFromIso(cell.substr(0, 10));
            if (row.date)
                continue;
            row.problem =
                Problem{{FUSAIN_TEXT("\"{1}\" is not a date like 2026-03-12."), {cell}}, where, {}, {}};
            return row;
        }
        const auto value = parseTyped(cell);
        if (!value || !std::isfinite(*value)) {
            row.problem = Problem{
                {FUSAIN_TEXT("\"{1}\" in the column \"{2}\" is not a number."), {cell, table.header[column]}},
                where,
                {},
                {}};
            return row;
        }
        if (target == "mass_kg")
            row.mass = Kilograms(*value);
        else if (target == "height_cm")
            row.height = metresFromCentimetres(*value);
        else if (const auto reading = readingTarget(target))
            collected[reading->segment][reading->kilohertz].*(reading->part) =
                reading->part == &Parts::phase ? *value : *value * mapping.ohms;
        else if (const auto parts = split(target, '/'); parts.front() == "reported" && parts.size() >= 2)
            row.reported.push_back({parts[1], *value, parts.size() > 2 ? parts[2] : ""});
    }
    auto sweep = sweepOf(collected, where);
    if (!sweep)
        row.problem = sweep.error();
    else
        row.sweep = std::move(*sweep);
    if (!row.problem && row.code.empty())
        row.problem = Problem{{FUSAIN_TEXT("The row names no client."), {}},
                              where,
                              {},
                              {FUSAIN_TEXT("Map the column with the client's code."), {}}};
    if (!row.problem && row.sweep.spectra.empty() && row.reported.empty())
        row.problem = Problem{{FUSAIN_TEXT("The row has no reading."), {}}, where, {}, {}};
    return row;
}

const Fields<ImportMapping>& mappingFields() {
    static const auto fields =
        Fields<ImportMapping>("mapping of an export")
            .required("targets", &ImportMapping::targets, "what each column means, by its header")
            .optional("ohms", &ImportMapping::ohms, "factor to ohms", aboveUpTo(0.0, 1e6))
            .check([](const ImportMapping& mapping) {
                for (const auto& [header, target] : mapping.targets)
                    if (!isImportTarget(target))
                        return std::string("\"") + target + "\" is not a column of a sweep";
                return std::string();
            });
    return fields;
}

} // namespace

Expected<impedance::Sweep> sweepFromCsv(std::string_view text, const std::string& where) {
    const auto table = tableFromCsv(text, where);
    if (!table)
        return tl::unexpected(table.error());
    const auto segmentColumn = table->column("segment"), khzColumn = table->column("khz");
    if (!segmentColumn || !khzColumn)
        return failure({FUSAIN_TEXT("The table needs the columns segment and khz."), {}}, where,
                       {FUSAIN_TEXT("See docs/formats/impedance-csv.md."), {}},
                       {FUSAIN_TEXT("Nothing was loaded."), {}});
    Collected collected;
    std::map<Segment, double> last;
    for (const CsvTable::Row& row : table->rows) {
        const std::string place = fmt::format("{}, line {}", where, row.line);
        const auto segment = impedance::segmentFromKey(row.cells[*segmentColumn]);
        const auto khz = parseTyped(row.cells[*khzColumn]);
        if (!segment || !khz)
            return failure({FUSAIN_TEXT("\"{1}\" at \"{2}\" kHz is not a segment and a frequency."),
                            {row.cells[*segmentColumn], row.cells[*khzColumn]}},
                           place);
        if (const auto before = last.find(*segment); before != last.end() && *khz <= before->second)
            return failure({FUSAIN_TEXT("The frequencies of the {1} do not rise from one reading to the next."),
                            {std::string(impedance::segmentName(*segment))}},
                           place, {FUSAIN_TEXT("Sort them; no frequency twice."), {}});
        last[*segment] = *khz;
        Parts parts;
        for (const auto& [name, part] :
             {std::pair("r_ohm", &Parts::r), std::pair("xc_ohm", &Parts::xc), std::pair("z_ohm", &Parts::z),
              std::pair("phase_deg", &Parts::phase), std::pair("scatter", &Parts::scatter)})
            if (const auto column = table->column(name); column && !row.cells[*column].empty()) {
                const auto value = parseTyped(row.cells[*column]);
                if (!value)
                    return failure({FUSAIN_TEXT("{1} must be a number."), {name}}, place);
                parts.*part = *value;
            }
        collected[*segment][*khz] = parts;
    }
    return sweepOf(collected, where);
}

std::string sweepToCsv(const impedance::Sweep& sweep) {
    std::string text = "segment,khz,r_ohm,xc_ohm,z_ohm,scatter\n";
    for (const impedance::Spectrum& spectrum : sweep.spectra)
        for (const SpectrumPoint& point : spectrum.points)
            text += fmt::format("{},{},{},{},{},{}\n", impedance::segmentKey(spectrum.segment),
                                point.frequency.value() / 1000.0,
                                point.impedance ? fmt::format("{}", point.impedance->resistance.value()) : "",
                                point.impedance ? fmt::format("{}", point.impedance->reactance.value()) : "",
                                point.impedance ? "" : fmt::format("{}", point.magnitude.value()),
                                point.scatter ? fmt::format("{}", *point.scatter) : "");
    return text;
}

Json toJson(const ImportMapping& mapping) {
    return mappingFields().write(mapping);
}

Expected<ImportMapping> importMappingFromJson(const Json& json) {
    return readDocument("mapping", [&] { return mappingFields().read(json); });
}

DocumentKind importMappingKind() {
    return {"Columns of an analyzer's export", mappingFields().notes()};
}

bool isImportTarget(const std::string& target) {
    return target.empty() || target == "code" || target == "date" || target == "mass_kg" ||
           target == "height_cm" || readingTarget(target).has_value() ||
           (target.starts_with("reported/") && target.size() > 9);
}

ImportMapping guessMapping(const std::vector<std::string>& header) {
    ImportMapping mapping;
    const auto has = [](const std::string& text, std::initializer_list<const char*> words) {
        return std::ranges::any_of(words,
                                   [&](const char* word) { return text.find(word) != std::string::npos; });
    };
    for (const std::string& name : header) {
        const std::string text = lowered(name);
        if (has(text, {"code", "client", "subject", " id"}) || text == "id") {
            mapping.targets[name] = "code";
        } else if (has(text, {"date", "datum"})) {
            mapping.targets[name] = "date";
        } else if (has(text, {"height", "stature"})) {
            mapping.targets[name] = "height_cm";
        } else if (has(text, {"mass", "weight"}) && !has(text, {"fat", "lean"})) {
            mapping.targets[name] = "mass_kg";
        } else if (has(text, {"fat"}) && has(text, {"%", "percent"})) {
            mapping.targets[name] = "reported/fat-percent/%";
        } else if (has(text, {"fat-free", "fat free"})) {
            mapping.targets[name] = "reported/fat-free-mass/kg";
        } else {
            const bool right = has(text, {"right"}), left = has(text, {"left"}), arm = has(text, {"arm"}),
                       leg = has(text, {"leg"});
            const char* segment = arm                    ? (left ? "left-arm" : "right-arm")
                                  : leg                  ? (left ? "left-leg" : "right-leg")
                                  : has(text, {"trunk"}) ? "trunk"
                                                         : "whole-body";
            const char* part = has(text, {"react", "xc"})              ? "xc"
                               : has(text, {"phase"})                  ? "phase"
                               : has(text, {"impedance", "|z|", "z "}) ? "z"
                               : has(text, {"resist", "r "})           ? "r"
                                                                       : nullptr;
            std::string digits;
            for (const char c : text)
                if (std::isdigit(static_cast<unsigned char>(c)))
                    digits += c;
                else if (!digits.empty())
                    break;
            if (part && (right || left || !(arm || leg)))
                mapping.targets[name] =
                    std::string(part) + "/" + segment + "/" + (digits.empty() ? "50" : digits);
        }
        if (has(text, {"kohm", "kΩ"}))
            mapping.ohms = 1000.0;
    }
    return mapping;
}

std::vector<ImportedRow> importRows(const CsvTable& table, const ImportMapping& mapping) {
    std::vector<ImportedRow> rows;
    for (const CsvTable::Row& cells : table.rows)
        rows.push_back(rowFrom(table, cells, mapping));
    return rows;
}

} // namespace fusain::exchange
