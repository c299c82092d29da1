#include "record/base/field_note.hpp"

#include "core/units/format.hpp"
#include "record/base/json.hpp"

#include <algorithm>
#include <cmath>

namespace fusain {
namespace {

std::string shortNumber(double value) {
    std::string text = Json(value).dump();
    return text.ends_with(".0") ? text.substr(0, text.size() - 2) : text;
}

std::string allowed(const FieldNote& note) {
    if (!note.words.empty())
        return note.words;
    std::string text = note.holds;
    if (const std::string limits = note.limits.text(); !limits.empty())
        text += ", " + limits;
    return note.unit.empty() ? text : text + " " + note.unit;
}

void row(std::string& table, const FieldNote& note, const std::string& before) {
    static constexpr std::string_view presence[] = {"yes", "", ""};
    table += "| `" + before + note.key + "` | " + allowed(note) + " | " +
             std::string(presence[static_cast<int>(note.presence)]) + " | " + note.meaning + " |\n";
    for (const FieldNote& inner : note.inner)
        row(table, inner, before + note.key + (note.holds.starts_with("list") ? "[]." : "."));
}

} // namespace

std::string Limits::text() const {
    if (std::isfinite(lowest) && std::isfinite(highest))
        return (lowestOut ? "more than " + shortNumber(lowest) + " up to " : shortNumber(lowest) + " to ") +
               shortNumber(highest);
    if (std::isfinite(lowest))
        return lowestOut ? "more than " + shortNumber(lowest) : shortNumber(lowest) + " or more";
    return std::isfinite(highest) ? shortNumber(highest) + " or less" : "";
}

void refuse(const Json& json, const FieldNote& note, const std::string& wrong) {
    throw Json::other_error::create(501, note.key + " " + wrong + "; allowed: " + allowed(note), &json);
}

double numberIn(const Json& json, const FieldNote& note) {
    if (!json.is_number())
        refuse(json, note, "is " + std::string(json.type_name()));
    const auto value = json.get<double>();
    if (!std::isfinite(value) || !note.limits.allow(value))
        refuse(json, note, "is " + shortNumber(value));
    return value;
}

int wholeNumberIn(const Json& json, const FieldNote& note) {
    const double value = numberIn(json, note);
    if (value != std::floor(value) || std::abs(value) > std::numeric_limits<int>::max())
        refuse(json, note, "is " + shortNumber(value));
    return static_cast<int>(value);
}

void checkVersion(const Json& json, const FieldNote& note) {
    if (json.is_number_integer() && json.get<double>() > note.limits.highest)
        throw Json::other_error::create(501,
                                        note.key + " " + json.dump() +
                                            " was written by a newer Fusain; this one reads up to " +
                                            shortNumber(note.limits.highest),
                                        &json);
    static_cast<void>(wholeNumberIn(json, note));
}

Instant momentIn(const Json& json, const FieldNote& note) {
    const auto moment = instantFromIso(json.get<std::string>());
    if (!moment)
        refuse(json, note, "is not a time like 2026-03-12T07:40:00.000Z");
    return *moment;
}

Date dateIn(const Json& json, const FieldNote& note) {
    const auto date = dateFromIso(json.get<std::string>());
    if (!date)
        refuse(json, note, "is not a date like 2026-03-12");
    return *date;
}

const Json& listIn(const Json& json, const FieldNote& note) {
    if (!json.is_array())
        refuse(json, note, "is " + std::string(json.type_name()));
    return json;
}

void checkKeys(const Json& json, const std::vector<KnownKey>& keys) {
    if (!json.is_object())
        throw Json::other_error::create(501, std::string("an object was expected, not ") + json.type_name(),
                                        &json);
    for (const auto& [key, value] : json.items())
        if (std::ranges::find(keys, key, &KnownKey::key) == keys.end()) {
            std::string known;
            for (const KnownKey& each : keys)
                known += (known.empty() ? "" : ", ") + each.key;
            throw Json::other_error::create(501, "\"" + key + "\" is not known here; known are: " + known,
                                            &json);
        }
    for (const KnownKey& each : keys)
        if (each.required && !json.contains(each.key))
            throw Json::other_error::create(501, "\"" + each.key + "\" is missing", &json);
}

std::string markdownTable(const std::vector<FieldNote>& notes) {
    std::string table = "| key | holds | required | meaning |\n|---|---|---|---|\n";
    for (const FieldNote& note : notes)
        row(table, note, "");
    return table;
}

} // namespace fusain
