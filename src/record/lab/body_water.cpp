#include "record/lab/body_water.hpp"

#include "core/base/message.hpp"
#include "core/units/format.hpp"
#include "record/base/named.hpp"

namespace fusain {
namespace {

using compartments::Dilution;
using compartments::Enrichment;
using compartments::Tracer;

constexpr Kilograms greatestDose{0.2};
constexpr double leastShare = 0.35, mostShare = 0.80; // L of water per kg of a living person
constexpr Litres leastWater{5.0}, mostWater{100.0};

constexpr Named<Tracer> tracers[] = {{"deuterium", Tracer::Deuterium}, {"oxygen-18", Tracer::Oxygen18}};
constexpr Named<Enrichment> units[] = {{"mg/kg", Enrichment::MilligramsPerKilogram},
                                       {"ppm", Enrichment::AtomsPerMillion}};

Json dilutionJson(const Dilution& dilution) {
    return {{"tracer", wordFor(dilution.tracer, tracers)},
            {"dose_kg", dilution.dose.value()},
            {"unit", wordFor(dilution.unit, units)},
            {"before", dilution.before},
            {"after", dilution.after}};
}

Dilution dilutionFrom(const Json& json) {
    return {named(json, "tracer", tracers), Kilograms(json.at("dose_kg").get<double>()),
            named(json, "unit", units), json.at("before").get<double>(), json.at("after").get<double>()};
}

Json sampleJson(const WaterSample& sample) {
    Json json{{"at", isoText(sample.at)}, {"by", sample.by}, {"body_water_l", sample.water.value()}};
    if (sample.dilution)
        json["dilution"] = dilutionJson(*sample.dilution);
    return json;
}

WaterSample sampleFrom(const Json& json) {
    WaterSample sample{instantAt(json, "at"),
                       json.at("by").get<std::string>(),
                       Litres(json.at("body_water_l").get<double>()),
                       {}};
    if (json.contains("dilution"))
        sample.dilution = dilutionFrom(json.at("dilution"));
    if (const auto problem = problemWith(sample))
        throw Json::other_error::create(501, problem->english(), &json);
    return sample;
}

Problem wrong(Message what, Message remedy) {
    return {std::move(what), {}, {}, std::move(remedy)};
}

} // namespace

WaterSample waterSampleFrom(const Dilution& dilution, Instant at, std::string by) {
    return {at, std::move(by), compartments::bodyWater(dilution), dilution};
}

std::optional<Problem> problemWith(const WaterSample& sample, const std::optional<Kilograms>& mass) {
    if (const auto& dilution = sample.dilution) {
        if (!(dilution->dose > Kilograms(0.0) && dilution->dose <= greatestDose))
            return wrong({FUSAIN_TEXT("Dose {1} g is out of range (above 0, up to 200 g)."),
                          {fixed(1000.0 * dilution->dose.value(), 1)}},
                         {FUSAIN_TEXT("Type the grams of pure tracer water."), {}});
        if (!(dilution->before >= 0.0 && dilution->after > dilution->before))
            return wrong({FUSAIN_TEXT("The enrichment after the dose must be above the one before."), {}},
                         {FUSAIN_TEXT("Check the two samples."), {}});
    }
    const Litres least = mass ? Litres(leastShare * mass->value()) : leastWater,
                 most = mass ? Litres(mostShare * mass->value()) : mostWater;
    if (!(sample.water >= least && sample.water <= most))
        return wrong({FUSAIN_TEXT("Body water {1} L is out of range ({2}–{3} L)."),
                      {fixed(sample.water.value(), 1), fixed(least.value(), 1), fixed(most.value(), 1)}},
                     {FUSAIN_TEXT("Check dose, enrichments and their unit."), {}});
    return std::nullopt;
}

Json toJson(const std::vector<WaterSample>& samples) {
    Json list = Json::array();
    for (const WaterSample& sample : samples)
        list.push_back(sampleJson(sample));
    return list;
}

Expected<std::vector<WaterSample>> waterSamplesFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] {
        if (!json.is_array())
            throw Json::other_error::create(501, "the samples of body water are a list", &json);
        std::vector<WaterSample> samples;
        for (const Json& each : json)
            samples.push_back(sampleFrom(each));
        return samples;
    });
}

} // namespace fusain
