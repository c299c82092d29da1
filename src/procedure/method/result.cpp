#include "procedure/method/result.hpp"

#include "core/units/format.hpp"
#include "procedure/method/result_json.hpp"

namespace fusain {

Problem missingReading(std::string_view reading) {
    return {{FUSAIN_TEXT("The result needs one more reading: {1}."), {std::string(reading)}},
            {},
            {},
            {FUSAIN_TEXT("Take the reading, then come back."), {}}};
}

void flagFat(TestResult& result, const compartments::Composition& composition) {
    if (const double fat = composition.fatPercent.estimate().value(); fat < 3.0 || fat > 60.0)
        result.flags.push_back(
            {FUSAIN_TEXT("{1} % fat is outside what this method can be trusted with."), {fixed(fat, 1)}});
}

Measured<Kilograms> massOfTheDay(Kilograms reading, Kilograms readingError, const DayToDay& day) {
    return Measured<Kilograms>(reading, Source::DryMass, readingError)
        .with(Source::BodyWaterOfTheDay, day.bodyWater)
        .with(Source::GutContentOfTheDay, day.gutContent);
}

Json resultJson(const TestResult& result, const compartments::Composition* composition) {
    Json flags = Json::array();
    for (const Message& flag : result.flags)
        flags.push_back(flag.english());
    Json json{{"format", "fusain-result"}, {"schema", 1}, {"flags", flags}};
    if (composition)
        json.update({{"fat_percent", valueJson(composition->fatPercent)},
                     {"fat_mass", valueJson(composition->fatMass)},
                     {"fat_free_mass", valueJson(composition->fatFreeMass)},
                     {"fat_mass_index", valueJson(composition->fatMassIndex)},
                     {"fat_free_mass_index", valueJson(composition->fatFreeMassIndex)}});
    return json;
}

} // namespace fusain
