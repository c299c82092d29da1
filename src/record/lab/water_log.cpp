#include "record/lab/water_log.hpp"

#include "record/base/fields.hpp"

namespace fusain {
namespace {

const Fields<water::CareReading>& waterReadingFields() {
    using Reading = water::CareReading;
    static const auto fields =
        Fields<Reading>("reading of the water")
            .required("free_chlorine_mg_l", &Reading::freeChlorine, "mg/L", between(0.0, 50.0))
            .sparse("combined_chlorine_mg_l", &Reading::combinedChlorine, "mg/L", between(0.0, 20.0))
            .required("ph", &Reading::acidity, "pH", between(4.0, 10.0))
            .required("temperature_c", &Reading::temperature, "of the water", between(5.0, 60.0))
            .check([](const Reading& reading) {
                const auto problem = water::problemWith(reading);
                return problem ? problem->english() : std::string();
            });
    return fields;
}

const Fields<WaterLogEntry>& entryFields() {
    using Entry = WaterLogEntry;
    static const auto fields = Fields<Entry>("entry of the water log")
                                   .required("at", &Entry::at, "when it was read")
                                   .required("by", &Entry::by, "staff id")
                                   .flat(&Entry::reading, waterReadingFields())
                                   .optional("note", &Entry::note, "what was done");
    return fields;
}

} // namespace

Json toJson(const WaterLogEntry& entry) {
    return entryFields().write(entry);
}

Expected<std::vector<WaterLogEntry>> waterLogFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] {
        if (!json.is_array())
            throw Json::other_error::create(501, "a water log is a list", &json);
        std::vector<WaterLogEntry> entries;
        for (const Json& each : json)
            entries.push_back(entryFields().read(each));
        return entries;
    });
}

DocumentKind waterLogKind() {
    return {"Entry of the water log", entryFields().notes()};
}

} // namespace fusain
