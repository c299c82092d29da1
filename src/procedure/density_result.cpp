#include "procedure/density_result.hpp"

#include "core/units/format.hpp"

namespace fusain {
namespace {

template <class Q>
Json valueJson(const Measured<Q>& value) {
    Json budget = Json::array();
    for (const BudgetLine& line : value.budget())
        budget.push_back({{"source", sourceName(line.source)},
                          {"standard_error", line.standardError},
                          {"fraction", line.fraction}});
    return {{"value", value.estimate().value()},
            {"unit", Q::symbol()},
            {"standard_error", value.technicalError().value()},
            {"method_error", value.methodError().value()},
            {"variance_budget", budget}};
}

} // namespace

Problem missingReading(std::string_view reading) {
    return {{FUSAIN_TEXT("The result needs one more reading: {1}."), {std::string(reading)}},
            {},
            {},
            {FUSAIN_TEXT("Take it, then come back."), {}}};
}

Expected<ChosenConversion> chooseConversion(const DensityPolicy& policy, const TestSubject& subject,
                                            const std::optional<std::string>& chosen) {
    const bool child = subject.age.value() < 17.0;
    const std::string id = chosen.value_or(child ? policy.childConversion : policy.adultConversion);
    const auto* conversion = compartments::findDensityConversion(id);
    const auto constants = conversion ? conversion->constantsFor(subject.sex, subject.age) : std::nullopt;
    if (!constants || conversion->childConstants != child)
        return failure({FUSAIN_TEXT("The conversion {1} does not cover a person of {2} years."),
                        {id, fixed(subject.age.value(), 0)}},
                       {}, {FUSAIN_TEXT("Choose another conversion in the policy."), {}});
    return ChosenConversion{id, *constants};
}

void flagBody(DensityResult& result) {
    const double density = result.body.density.estimate().value();
    if (!compartments::plausibleBodyDensity(KilogramsPerLitre(density)))
        result.flags.push_back(
            {FUSAIN_TEXT("Body density {1} kg/L lies outside 0.93 to 1.10: a reading must be wrong."),
             {fixed(density, 4)}});
    if (const double fat = result.body.fatPercent.estimate().value(); fat < 3.0 || fat > 60.0)
        result.flags.push_back(
            {FUSAIN_TEXT("{1} % fat is outside what this method can be trusted with."), {fixed(fat, 1)}});
}

Json bodyJson(const DensityResult& result) {
    Json flags = Json::array();
    for (const Message& flag : result.flags)
        flags.push_back(flag.english());
    const compartments::Body& body = result.body;
    return {{"format", "fusain-result"},
            {"schema", 1},
            {"body_volume", valueJson(body.volume)},
            {"body_density", valueJson(body.density)},
            {"fat_percent", valueJson(body.fatPercent)},
            {"fat_mass", valueJson(body.fatMass)},
            {"fat_free_mass", valueJson(body.fatFreeMass)},
            {"fat_mass_index", valueJson(body.fatMassIndex)},
            {"fat_free_mass_index", valueJson(body.fatFreeMassIndex)},
            {"flags", flags}};
}

} // namespace fusain
