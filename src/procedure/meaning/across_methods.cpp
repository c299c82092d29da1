#include "procedure/meaning/across_methods.hpp"

#include "core/numeric/best_estimate.hpp"
#include "procedure/meaning/same_day.hpp"

#include <algorithm>
#include <map>

namespace fusain {
namespace {

using compartments::Mineral;

const ComputedTest* latestOf(std::span<const ComputedTest> tests, std::string_view method) {
    const ComputedTest* latest = nullptr;
    for (const ComputedTest& test : tests)
        if (methodOf(test.test) == method && (!latest || latest->record().startedAt < test.record().startedAt))
            latest = &test;
    return latest;
}

// Of the latest test by each method, the one whose body volume is known best; null when none goes through
// density.
const ComputedTest* bestDensity(std::span<const ComputedTest* const> latest) {
    const auto error = [](const ComputedTest* test) {
        return test->density()->body.volume.totalError().value();
    };
    const ComputedTest* best = nullptr;
    for (const ComputedTest* test : latest)
        if (test->density() && (!best || error(test) < error(best)))
            best = test;
    return best;
}

Measured<Litres> spectroscopyWater(const impedance::Fluids& fluids, const DayToDay& day, double spread) {
    return Measured<Litres>(Uncertain(fluids.total().value(), Source::Resistance, fluids.totalError.value()) +
                            Uncertain(0.0, Source::SpectrumOfTheDay, day.spectrumWater.value()) +
                            Uncertain(0.0, Source::PredictionEquation, spread));
}

// Body water of the day, and how it was found.
struct Water {
    Measured<Litres> litres;
    Message how;
    std::optional<Measured<Litres>> atWorst; ///< where the spread between people is not well known
};
Message waterInput(std::string_view english, const Measured<Litres>& litres) {
    return {std::string(english), {fixed(litres.estimate().value(), 1), fixed(litres.totalError().value(), 1)}};
}

std::optional<Water> waterFrom(const ImpedanceResult& result, const DayToDay& day) {
    constexpr auto english =
        FUSAIN_TEXT("Body water from impedance: {1} L (SE {2}, the spread between people included).");
    if (result.fromReported)
        return std::nullopt;
    if (result.fluids) {
        const auto litres = spectroscopyWater(*result.fluids, day, spectroscopyWaterSpread);
        return Water{litres, waterInput(english, litres),
                     spectroscopyWater(*result.fluids, day, spectroscopyWaterSpreadAtWorst)};
    }
    if (result.bodyWater)
        return Water{*result.bodyWater, waterInput(english, *result.bodyWater), {}};
    return std::nullopt;
}

Water waterFrom(const WaterSample& sample) {
    const auto litres = compartments::bodyWaterByDilution(sample.water);
    return {litres,
            sample.dilution && sample.dilution->tracer == compartments::Tracer::Oxygen18
                ? waterInput(FUSAIN_TEXT("Body water by dilution of oxygen-18: {1} L (SE {2})."), litres)
            : sample.dilution
                ? waterInput(FUSAIN_TEXT("Body water by dilution of deuterium: {1} L (SE {2})."), litres)
                : waterInput(FUSAIN_TEXT("Body water by dilution: {1} L (SE {2})."), litres),
            {}};
}

// What a method gives to the models of three and four components.
struct Components {
    std::optional<Water> water;
    std::optional<Measured<Kilograms>> boneMineral;
};
Components componentsOf(const ComputedTest& test) {
    return std::visit(Overloaded{
                          [](const DensityResult&) { return Components{}; },
                          [](const GirthResult&) { return Components{}; },
                          [&](const ImpedanceResult& result) {
                              return Components{waterFrom(result, common(test.policy).day), std::nullopt};
                          },
                          [](const DxaResult& result) {
                              return Components{std::nullopt, result.boneMineral};
                          },
                      },
                      test.result);
}

void addInputs(MethodsOfADay& day, const ComputedTest& density, const compartments::Readings& readings,
               const Message& water) {
    day.inputs.push_back(
        {FUSAIN_TEXT("Volume from the {1} test: {2} L (SE {3})."),
         {std::string(methodTitle(methodOf(density.test))), fixed(readings.volume.estimate().value(), 2),
          fixed(readings.volume.totalError().value(), 2)}});
    day.inputs.push_back(water);
    if (readings.boneMineral)
        day.inputs.push_back({FUSAIN_TEXT("Bone mineral from the densitometer: {1} kg (SE {2})."),
                              {fixed(readings.boneMineral->estimate().value(), 3),
                               fixed(readings.boneMineral->totalError().value(), 3)}});
}

// How much the first model hangs on a spread of water that is not well known.
void addSensitivity(MethodsOfADay& day, compartments::Readings readings, const Measured<Litres>& atWorst) {
    readings.bodyWater = atWorst;
    const ModelValue& first = day.models.front();
    if (const auto worse = compartments::compositionFrom(*first.model, readings))
        day.inputs.push_back({FUSAIN_TEXT("Were the spread of body water between people {1} L, the 95 % CI of "
                                          "\"{2}\" would reach {3} % to each side instead of {4} %."),
                              {fixed(spectroscopyWaterSpreadAtWorst, 0), std::string(first.model->title),
                               fixed(worse->fatPercent.halfInterval().value(), 1),
                               fixed(first.composition.fatPercent.halfInterval().value(), 1)}});
}

void addModels(MethodsOfADay& day, std::span<const ComputedTest* const> latest,
               const std::optional<WaterSample>& dilution) {
    const ComputedTest* density = bestDensity(latest);
    Components known;
    if (dilution)
        known.water = waterFrom(*dilution);
    for (const ComputedTest* test : latest) {
        const Components own = componentsOf(*test);
        known.water = known.water ? known.water : own.water;
        known.boneMineral = known.boneMineral ? known.boneMineral : own.boneMineral;
    }
    if (!density || !known.water)
        return;
    const compartments::Readings readings{
        Measured<Kilograms>(density->shared().mass, Source::DryMass, common(density->policy).dryMassError),
        density->density()->body.volume, known.water->litres, known.boneMineral,
        density->record().subject.height};
    for (const auto& model : compartments::multiComponentModels())
        if (model.grade == 'A')
            if (auto composition = compartments::compositionFrom(model, readings))
                day.models.push_back({&model, std::move(*composition)});
    addInputs(day, *density, readings, known.water->how);
    if (known.water->atWorst && !day.models.empty())
        addSensitivity(day, readings, *known.water->atWorst);
}

void addBest(MethodsOfADay& day) {
    if (day.values.size() < 2)
        return;
    std::vector<Uncertain> values;
    for (const MethodValue& value : day.values)
        values.push_back(value.fatPercent.uncertain());
    BestEstimate best = bestEstimate(values, &sameOnOneDay);
    day.best = {Measured<Percent>(best.value), std::move(best.weights)};
}

} // namespace

MethodsOfADay acrossMethods(std::span<const ComputedTest> tests, const std::optional<WaterSample>& dilution) {
    MethodsOfADay day;
    std::vector<const ComputedTest*> all, latest; // of each method; and those of them that give fat
    for (const std::string_view method : methods)
        if (const ComputedTest* test = latestOf(tests, method)) {
            all.push_back(test);
            if (test->composition())
                latest.push_back(test);
        }
    for (const ComputedTest* test : latest)
        day.values.push_back({test->record().id, methodOf(test->test), test->record().startedAt,
                              test->composition()->fatPercent});
    if (!latest.empty())
        day.day = latest.front()->record().startedAt;
    for (std::size_t i = 0; i < latest.size(); ++i)
        for (std::size_t j = i + 1; j < latest.size(); ++j)
            if (const auto comparison = compareMethods(*latest[i], *latest[j]))
                day.pairs.push_back(
                    {i, j, comparison->difference, comparison->halfInterval, comparison->likelyCause});
    addModels(day, all, dilution);
    addBest(day);
    return day;
}

std::vector<quality::PairedValue> pairedFat(std::span<const ComputedTest> tests, std::string_view reference,
                                            std::string_view other,
                                            const std::function<bool(Instant, Instant)>& sameDay) {
    std::map<std::string_view, std::vector<const ComputedTest*>> others;
    for (const ComputedTest& test : tests)
        if (methodOf(test.test) == other && test.composition())
            others[test.record().subject.clientId].push_back(&test);
    std::vector<quality::PairedValue> pairs;
    for (const ComputedTest& first : tests) {
        if (methodOf(first.test) != reference || !first.composition())
            continue;
        for (const ComputedTest* second : others[first.record().subject.clientId])
            if (sameDay(second->record().startedAt, first.record().startedAt)) {
                pairs.push_back({first.composition()->fatPercent.estimate().value(),
                                 second->composition()->fatPercent.estimate().value()});
                break;
            }
    }
    return pairs;
}

double meanVisitError(std::span<const ComputedTest> tests, std::string_view method,
                      const std::optional<StudiedError>& own) {
    double sum = 0.0;
    int count = 0;
    for (const ComputedTest& test : tests)
        if (methodOf(test.test) == method)
            if (const auto outcome = outcomeOf(test)) {
                sum += visitError(outcome->composition.fatPercent.uncertain(), own);
                ++count;
            }
    return count > 0 ? sum / count : 0.0;
}

} // namespace fusain
