#include "record/lab/water_log.hpp"

#include "record/base/json.hpp"

namespace fusain {
namespace {

WaterLogEntry entryFrom(const Json& json) {
    WaterLogEntry entry;
    const auto at = instantFromIso(json.at("at").get<std::string>());
    if (!at)
        throw Json::other_error::create(501, "at is not a time", &json);
    entry.at = *at;
    entry.by = json.at("by").get<std::string>();
    entry.reading = {json.at("free_chlorine_mg_l").get<double>(),
                     optionalAt<double>(json, "combined_chlorine_mg_l"), json.at("ph").get<double>(),
                     Celsius(json.at("temperature_c").get<double>())};
    entry.note = json.value("note", "");
    if (const auto problem = water::problemWith(entry.reading))
        throw Json::other_error::create(501, problem->english(), &json);
    return entry;
}

} // namespace

Json toJson(const WaterLogEntry& entry) {
    Json json{{"at", isoText(entry.at)},
              {"by", entry.by},
              {"free_chlorine_mg_l", entry.reading.freeChlorine},
              {"ph", entry.reading.acidity},
              {"temperature_c", entry.reading.temperature.value()},
              {"note", entry.note}};
    if (entry.reading.combinedChlorine)
        json["combined_chlorine_mg_l"] = *entry.reading.combinedChlorine;
    return json;
}

Expected<std::vector<WaterLogEntry>> waterLogFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] {
        if (!json.is_array())
            throw Json::other_error::create(501, "a water log is a list", &json);
        std::vector<WaterLogEntry> entries;
        for (const Json& each : json)
            entries.push_back(entryFrom(each));
        return entries;
    });
}

} // namespace fusain
