#include "link/simulation/all/true_body.hpp"

#include "core/anthropometry/surface_area.hpp"
#include "core/water/density.hpp"
#include "record/base/json.hpp"
#include "record/base/people.hpp"

#include <cmath>

namespace fusain::simulation {

Json toJson(const TrueBody& body) {
    return {{"sex", sexText(body.sex)},
            {"mass_kg", body.mass},
            {"fat_fraction", body.fatFraction},
            {"residual_volume_l", body.residualVolume},
            {"vital_capacity_l", body.vitalCapacity},
            {"fat_free_density_kg_per_l", body.fatFreeDensity},
            {"more_thoracic_gas_l", body.moreThoracicGas},
            {"height_cm", body.heightCm},
            {"water_of_fat_free", body.waterOfFatFree},
            {"right_arm", body.rightArm},
            {"left_arm", body.leftArm},
            {"trunk_fat", body.trunkFat},
            {"limbs", body.limbs}};
}

TrueBody usualBody(Sex sex, Metres height, std::optional<Kilograms> mass) {
    constexpr double usualIndex = 23.0; // kg/m²
    const bool male = sex == Sex::Male;
    TrueBody body;
    body.sex = sex;
    body.heightCm = 100.0 * height.value();
    body.mass = mass ? mass->value() : usualIndex * height.value() * height.value();
    body.fatFraction = male ? 0.18 : 0.28;
    body.vitalCapacity =
        (male ? 1.62 : 1.42) * std::pow(height.value(), 2.0); // 5.1 L at 1.78 m, 3.9 L at 1.66 m
    body.residualVolume = 0.3 * body.vitalCapacity;
    return body;
}

TrueBody trueBodyFromJson(const Json& json) {
    return {sexFromText(json.value("sex", "female")),
            json.value("mass_kg", 70.0),
            json.value("fat_fraction", 0.25),
            json.value("residual_volume_l", 1.4),
            json.value("vital_capacity_l", 4.0),
            json.value("fat_free_density_kg_per_l", 1.1),
            json.value("more_thoracic_gas_l", 0.0),
            json.value("height_cm", 170.0),
            json.value("water_of_fat_free", 0.732),
            json.value("right_arm", 0.99),
            json.value("left_arm", 1.01),
            json.value("trunk_fat", 0.50),
            json.value("limbs", 1.0)};
}

ChamberOccupant occupantOf(const TrueBody& body, Metres height) {
    ChamberOccupant occupant;
    occupant.tissueVolume = body.mass / body.density();
    const bool male = body.sex == Sex::Male;
    occupant.meanThoracicGas =
        body.residualVolume + 0.32 * body.vitalCapacity + (male ? 0.4 : 0.3) + body.moreThoracicGas;
    occupant.tidalVolume = male ? 0.7 : 0.5;
    occupant.skinFilm =
        4.67e-5 * squareCentimetres(anthropometry::surfaceAreaDuBois1916(Kilograms(body.mass), height)) / 0.4;
    return occupant;
}

AnalyzerPerson analyzerPersonOf(const TrueBody& body) {
    AnalyzerPerson person;
    person.sex = body.sex;
    person.height = metresFromCentimetres(body.heightCm);
    person.mass = Kilograms(body.mass);
    const double water = body.mass * (1.0 - body.fatFraction) * body.waterOfFatFree;
    const double outside = body.sex == Sex::Male ? 0.415 : 0.435;
    person.extracellular = Litres(water * outside);
    person.intracellular = Litres(water * (1.0 - outside));
    person.rightArm = body.rightArm;
    person.leftArm = body.leftArm;
    return person;
}

ScannedPerson scannedPersonOf(const TrueBody& body) {
    constexpr double boneOfFatFree = 0.044;
    const double fatFree = body.mass * (1.0 - body.fatFraction);
    ScannedPerson person;
    person.sex = body.sex;
    person.fat = Kilograms(body.mass * body.fatFraction);
    person.boneMineral = Kilograms(boneOfFatFree * fatFree);
    person.lean = Kilograms((1.0 - boneOfFatFree) * fatFree);
    person.trunkFat = body.trunkFat;
    // A thinner limb holds the current back more and weighs less.
    person.rightArm = body.limbs / body.rightArm;
    person.leftArm = body.limbs / body.leftArm;
    person.rightLeg = person.leftLeg = body.limbs;
    return person;
}

TapedPerson tapedPersonOf(const TrueBody& body) {
    // What a trunk carries beyond a usual one lies at the waist.
    constexpr double usualTrunkFat = 0.125, perKilogram = 1.2; // of the mass; cm
    TapedPerson person = usualGirths(body.sex, metresFromCentimetres(body.heightCm), Kilograms(body.mass));
    person.girths[static_cast<std::size_t>(girth::Site::Waist)] +=
        perKilogram * body.mass * (body.fatFraction * body.trunkFat - usualTrunkFat);
    return person;
}

VirtualPerson virtualPersonOf(const TrueBody& body) {
    return {body.mass,
            body.netUnderwater(water::densityTanaka2001(tankWater).value()),
            body.vitalCapacity,
            0.25,
            occupantOf(body, metresFromCentimetres(body.heightCm)),
            analyzerPersonOf(body),
            scannedPersonOf(body),
            tapedPersonOf(body),
            {}};
}

} // namespace fusain::simulation
