#include "procedure/method/density_result.hpp"

#include "core/anthropometry/ages.hpp"
#include "core/anthropometry/indices.hpp"
#include "core/units/format.hpp"
#include "procedure/method/result_json.hpp"

namespace fusain {
Expected<ChosenConversion> chooseConversion(const DensityPolicy& policy, const TestSubject& subject,
                                            const std::optional<std::string>& chosen) {
    const bool child = subject.age < anthropometry::adultEquationsAge;
    const std::string id = chosen.value_or(child ? policy.childConversion : policy.adultConversion);
    const auto* conversion = compartments::findDensityConversion(id);
    const auto constants = conversion ? conversion->constantsFor(subject.sex, subject.age) : std::nullopt;
    if (!constants || conversion->childConstants != child)
        return failure({FUSAIN_TEXT("The conversion {1} does not cover a person of {2} years."),
                        {id, fixed(subject.age.value(), 0)}},
                       {}, {FUSAIN_TEXT("Choose another conversion in the policy."), {}});
    return ChosenConversion{id, *constants};
}

std::vector<EquationChoice> densityConversionsToTry() {
    std::vector<EquationChoice> choices;
    for (const auto& conversion : compartments::densityConversions())
        choices.push_back({std::string(conversion.id), std::string(conversion.title)});
    return choices;
}

KilogramsPerLitre fatFreeDensitySpread(const DensityPolicy& policy, const TestSubject& subject,
                                       Kilograms mass) {
    return policy.fatFreeDensitySpread.of(subject.age, anthropometry::massIndex(mass, subject.height));
}

void setLungGas(DensityResult& result, Source lungGas, bool measured) {
    result.lungGas = lungGas;
    result.lungGasMeasured = measured;
}

// What was predicted is wrong for this person each time, and the lungs of the day differ from what they usually
// are. A prediction must not make two visits look closer than measuring would.
Measured<Litres> lungVolume(Source measuredAs, const LungVolume& volume, Litres ofTheDay) {
    if (volume.measured)
        return {volume.litres, measuredAs, volume.standardError};
    return Measured<Litres>(volume.litres, Source::LungPrediction, volume.standardError)
        .with(Source::LungOfTheDay, std::max(ofTheDay, volume.measuredError));
}

void flagBody(DensityResult& result) {
    const double density = result.body.density.estimate().value();
    if (!compartments::plausibleBodyDensity(KilogramsPerLitre(density)))
        result.flags.push_back(
            {FUSAIN_TEXT("Body density {1} kg/L is out of range (0.93–1.10). A reading must be wrong."),
             {fixed(density, 4)}});
    flagFat(result, result.body);
}

Json bodyJson(const DensityResult& result) {
    Json json = resultJson(result, &result.body);
    json["body_volume"] = valueJson(result.body.volume);
    json["body_density"] = valueJson(result.body.density);
    return json;
}

} // namespace fusain
