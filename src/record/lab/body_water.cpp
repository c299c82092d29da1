#include "record/lab/body_water.hpp"

#include "core/base/message.hpp"
#include "core/units/format.hpp"
#include "record/base/fields.hpp"

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

const Fields<Dilution>& dilutionFields() {
    static const auto fields =
        Fields<Dilution>("dilution of a tracer")
            .word("tracer", &Dilution::tracer, tracers, "what was drunk")
            .required("dose_kg", &Dilution::dose, "of pure tracer water", aboveUpTo(0.0, greatestDose.value()))
            .word("unit", &Dilution::unit, units, "of the enrichments")
            .required("before", &Dilution::before, "enrichment before the dose, in `unit`", atLeast(0.0))
            .required("after", &Dilution::after, "enrichment at equilibrium, in `unit`", above(0.0));
    return fields;
}

const Fields<WaterSample>& sampleFields() {
    static const auto fields =
        Fields<WaterSample>("sample of body water")
            .required("at", &WaterSample::at, "when it was taken")
            .required("by", &WaterSample::by, "staff id of whoever typed it")
            .required("body_water_l", &WaterSample::water, "of the body, at body temperature",
                      between(leastWater.value(), mostWater.value()))
            .part("dilution", &WaterSample::dilution, dilutionFields(), "what it was worked out from")
            .check([](const WaterSample& sample) {
                const auto problem = problemWith(sample);
                return problem ? problem->english() : std::string();
            });
    return fields;
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
        list.push_back(sampleFields().write(sample));
    return list;
}

Expected<std::vector<WaterSample>> waterSamplesFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] {
        if (!json.is_array())
            throw Json::other_error::create(501, "the samples of body water are a list", &json);
        std::vector<WaterSample> samples;
        for (const Json& each : json)
            samples.push_back(sampleFields().read(each));
        return samples;
    });
}

DocumentKind waterSampleKind() {
    return {"Sample of body water", sampleFields().notes()};
}

} // namespace fusain
