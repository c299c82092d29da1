#include "procedure/meaning/components_file.hpp"

#include "core/anthropometry/limits.hpp"
#include "core/base/message.hpp"
#include "core/compartments/multi_component.hpp"
#include "core/units/format.hpp"
#include "procedure/method/result_json.hpp"
#include "record/base/json.hpp"

#include <cmath>

namespace fusain {
namespace {

using anthropometry::plausibleHeight;
using anthropometry::plausibleMass;

std::string outOfRange(const std::string& key, double low, double high) {
    return key + " is out of range (" + fixed(low, 0) + " to " + fixed(high, 0) + ")";
}

template <class Q>
Measured<Q> readingAt(const Json& json, const char* key, Source source) {
    const Json& reading = json.at(key);
    if (!reading.is_object())
        throw Json::other_error::create(501, std::string(key) + " needs a value and a standard error", &json);
    const double value = reading.at("value").get<double>(), error = reading.at("standard_error").get<double>();
    if (!std::isfinite(value) || !(value > 0.0) || !(error > 0.0))
        throw Json::other_error::create(501, std::string(key) + " needs a value and a standard error above 0",
                                        &json);
    return Measured<Q>(Uncertain(value, source, error));
}

compartments::Readings readingsFrom(const Json& json) {
    compartments::Readings readings{readingAt<Kilograms>(json, "mass_kg", Source::DryMass),
                                    readingAt<Litres>(json, "body_volume_l", Source::VolumeTrials),
                                    readingAt<Litres>(json, "body_water_l", Source::DilutionWater),
                                    {},
                                    metresFromCentimetres(json.at("height_cm").get<double>())};
    if (json.contains("bone_mineral_kg"))
        readings.boneMineral = readingAt<Kilograms>(json, "bone_mineral_kg", Source::ScanBone);
    if (!plausibleMass.holds(readings.mass.estimate()))
        throw Json::other_error::create(
            501, outOfRange("mass_kg", plausibleMass.low.value(), plausibleMass.high.value()), &json);
    if (!plausibleHeight.holds(readings.height))
        throw Json::other_error::create(
            501, outOfRange("height_cm", centimetres(plausibleHeight.low), centimetres(plausibleHeight.high)),
            &json);
    const double density = readings.mass.estimate().value() / readings.volume.estimate().value();
    if (!compartments::plausibleBodyDensity(KilogramsPerLitre(density)))
        throw Json::other_error::create(501, "mass over volume is no density of a body", &json);
    return readings;
}

} // namespace

Expected<Json> componentsFromFile(const Json& json, const std::string& where) {
    return readDocument(where, [&] {
        const compartments::Readings readings = readingsFrom(json);
        Json models = Json::array();
        for (const auto& model : compartments::multiComponentModels()) {
            const auto body = compartments::compositionFrom(model, readings);
            if (!body)
                continue;
            Json entry{{"model", model.id},
                       {"citation", model.citation},
                       {"grade", std::string(1, model.grade)},
                       {"fat_percent", valueJson(body->fatPercent)},
                       {"fat_mass", valueJson(body->fatMass)},
                       {"fat_free_mass", valueJson(body->fatFreeMass)}};
            if (model.grade != 'A')
                entry["flags"] = {"not yet verified against the source"};
            models.push_back(std::move(entry));
        }
        return Json{{"format", "fusain-components-result"}, {"models", models}};
    });
}

} // namespace fusain
