#include "procedure/meaning/across_methods.hpp"

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

std::optional<Measured<Litres>> waterOf(const ImpedanceResult& result, const DayToDay& day) {
    if (result.fromReported)
        return std::nullopt;
    if (result.fluids)
        return Measured<Litres>(
            Uncertain(result.fluids->total().value(), Source::Resistance, result.fluids->totalError.value()) +
            Uncertain(0.0, Source::SpectrumOfTheDay, day.spectrumWater.value()) +
            Uncertain(0.0, Source::PredictionEquation, spectroscopyWaterSpread));
    return result.bodyWater;
}

// What a method gives to the models of three and four components.
struct Components {
    std::optional<Measured<Litres>> water;
    std::optional<Measured<Kilograms>> boneMineral;
};
Components componentsOf(const ComputedTest& test) {
    return std::visit(Overloaded{
                          [](const DensityResult&) { return Components{}; },
                          [&](const ImpedanceResult& result) {
                              return Components{waterOf(result, common(test.policy).day), std::nullopt};
                          },
                          [](const DxaResult& result) {
                              return Components{std::nullopt, result.boneMineral};
                          },
                      },
                      test.result);
}

void addModels(MethodsOfADay& day, std::span<const ComputedTest* const> latest) {
    const ComputedTest* density = bestDensity(latest);
    Components known;
    for (const ComputedTest* test : latest) {
        const Components own = componentsOf(*test);
        known.water = known.water ? known.water : own.water;
        known.boneMineral = known.boneMineral ? known.boneMineral : own.boneMineral;
    }
    const auto& water = known.water;
    if (!density || !water)
        return;
    compartments::Readings readings{
        Measured<Kilograms>(density->shared().mass, Source::DryMass, common(density->policy).dryMassError),
        density->density()->body.volume, *water, known.boneMineral, density->record().subject.height};
    for (const auto& model : compartments::multiComponentModels())
        if (model.grade == 'A')
            if (auto composition = compartments::compositionFrom(model, readings))
                day.models.push_back({&model, std::move(*composition)});
    day.inputs.push_back(
        {FUSAIN_TEXT("Volume from the {1} test: {2} L (SE {3})."),
         {std::string(methodTitle(methodOf(density->test))), fixed(readings.volume.estimate().value(), 2),
          fixed(readings.volume.totalError().value(), 2)}});
    day.inputs.push_back(
        {FUSAIN_TEXT("Body water from impedance: {1} L (SE {2}, the spread between people included)."),
         {fixed(water->estimate().value(), 1), fixed(water->totalError().value(), 1)}});
    if (readings.boneMineral)
        day.inputs.push_back({FUSAIN_TEXT("Bone mineral from the densitometer: {1} kg (SE {2})."),
                              {fixed(readings.boneMineral->estimate().value(), 3),
                               fixed(readings.boneMineral->totalError().value(), 3)}});
}

} // namespace

MethodsOfADay acrossMethods(std::span<const ComputedTest> tests) {
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
    addModels(day, all);
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
