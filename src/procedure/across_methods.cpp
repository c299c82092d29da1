#include "procedure/across_methods.hpp"

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

// The volume that is known best: a measured lung gas beats a predicted one.
const ComputedTest* bestDensity(const ComputedTest* tank, const ComputedTest* chamber) {
    if (!tank || !chamber)
        return tank ? tank : chamber;
    const auto error = [](const ComputedTest* test) {
        return test->density()->body.volume.technicalError().value();
    };
    return error(chamber) < error(tank) ? chamber : tank;
}

std::optional<Measured<Litres>> waterOf(const ComputedTest* impedance) {
    const auto* result = impedance ? std::get_if<ImpedanceResult>(&impedance->result) : nullptr;
    if (!result || result->fromReported)
        return std::nullopt;
    if (result->fluids)
        return Measured<Litres>(
            Uncertain(result->fluids->total().value(), Source::Resistance, result->fluids->totalError.value()) +
            Uncertain(0.0, Source::PredictionEquation, spectroscopyWaterSpread));
    return result->bodyWater;
}

void addModels(MethodsOfADay& day, const ComputedTest* density, const ComputedTest* impedance,
               const ComputedTest* scan) {
    const auto water = waterOf(impedance);
    if (!density || !water)
        return;
    compartments::Readings readings{
        Measured<Kilograms>(density->shared().mass, Source::DryMass, common(density->policy).dryMassError),
        density->density()->body.volume, *water, std::nullopt, density->record().subject.height};
    if (scan)
        readings.boneMineral = std::get<DxaResult>(scan->result).boneMineral;
    for (const auto& model : compartments::multiComponentModels())
        if (model.grade == 'A')
            if (auto composition = compartments::compositionFrom(model, readings))
                day.models.push_back({&model, std::move(*composition)});
    day.inputs.push_back(
        {FUSAIN_TEXT("Density from the {1} test: {2} L ± {3}."),
         {std::string(methodTitle(methodOf(density->test))), fixed(readings.volume.estimate().value(), 2),
          fixed(readings.volume.technicalError().value(), 2)}});
    day.inputs.push_back(
        {FUSAIN_TEXT("Body water from impedance: {1} L ± {2}, the spread between people included."),
         {fixed(water->estimate().value(), 1), fixed(water->technicalError().value(), 1)}});
    if (readings.boneMineral)
        day.inputs.push_back({FUSAIN_TEXT("Bone mineral from the densitometer: {1} kg ± {2}."),
                              {fixed(readings.boneMineral->estimate().value(), 3),
                               fixed(readings.boneMineral->technicalError().value(), 3)}});
}

} // namespace

MethodsOfADay acrossMethods(std::span<const ComputedTest> tests) {
    MethodsOfADay day;
    std::vector<const ComputedTest*> latest;
    for (const std::string_view method : methods)
        if (const ComputedTest* test = latestOf(tests, method); test && test->composition())
            latest.push_back(test);
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
    const auto of = [&](std::string_view method) { return latestOf(tests, method); };
    addModels(day, bestDensity(of(methodHydrostatic), of(methodChamber)), of(methodImpedance), of(methodDxa));
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

double meanRepeatError(std::span<const ComputedTest> tests, std::string_view method) {
    double sum = 0.0;
    int count = 0;
    for (const ComputedTest& test : tests)
        if (methodOf(test.test) == method)
            if (const auto outcome = outcomeOf(test)) {
                sum += repeatError(outcome->composition.fatPercent, outcome->repeated);
                ++count;
            }
    return count > 0 ? sum / count : 0.0;
}

} // namespace fusain
