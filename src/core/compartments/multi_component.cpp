#include "core/compartments/multi_component.hpp"

#include "core/base/message.hpp"

#include <algorithm>

namespace fusain::compartments {
namespace {

constexpr std::array models{
    MultiComponentModel{"fat.four.wang-2002", FUSAIN_TEXT("Four components, Wang 2002"), 2.748, 0.699, 1.129,
                        2.051, Mineral::BoneMineralContent, 'A',
                        "Wang Z et al (2002), Am J Clin Nutr 76:968-974"},
    MultiComponentModel{
        "fat.four.selinger-1977", FUSAIN_TEXT("Four components, Selinger 1977"), 2.747, 0.714, 1.146, 2.0503,
        Mineral::Total, 'A',
        "Selinger A (1977), thesis, University of California; Lohman TG (1986), Exerc Sport Sci "
        "Rev 14:325-357"},
    MultiComponentModel{"fat.four.friedl-1992", FUSAIN_TEXT("Four components, Friedl 1992"), 2.559, 0.734,
                        0.983, 1.841, Mineral::BoneMineralContent, 'A',
                        "Friedl KE et al (1992), Am J Clin Nutr 55:764-770"},
    MultiComponentModel{"fat.four.withers-1998", FUSAIN_TEXT("Four components, Withers 1998"), 2.513, 0.739,
                        0.947, 1.790, Mineral::BoneMineralContent, 'A',
                        "Withers RT et al (1998), J Appl Physiol 85:238-245"},
    MultiComponentModel{"fat.three.siri-1961", FUSAIN_TEXT("Three components with water, Siri 1961"), 2.118,
                        0.780, 0.0, 1.354, Mineral::None, 'A',
                        "Siri WE (1961), in Techniques for Measuring Body Composition, National Academy of "
                        "Sciences, 223-244"},
    MultiComponentModel{"fat.three.modlesky-1996", FUSAIN_TEXT("Three components with water, fat 0.9007"),
                        2.1176, 0.780, 0.0, 1.351, Mineral::None, 'A',
                        "Modlesky CM et al (1996), J Appl Physiol 80:2085-2096"},
    MultiComponentModel{"fat.three.fuller-1992", FUSAIN_TEXT("Three components with water, Fuller 1992"), 2.220,
                        0.764, 0.0, 1.465, Mineral::None, 'B', "Fuller NJ et al (1992), Clin Sci 82:687-693"},
    MultiComponentModel{"fat.four.fuller-1992", FUSAIN_TEXT("Four components, Fuller 1992"), 2.747, 0.710,
                        1.460, 2.050, Mineral::BoneMineralContent, 'B',
                        "Fuller NJ et al (1992), Clin Sci 82:687-693"},
};

} // namespace

std::span<const MultiComponentModel> multiComponentModels() {
    return models;
}

const MultiComponentModel* findMultiComponentModel(std::string_view id) {
    const auto found = std::ranges::find(models, id, &MultiComponentModel::id);
    return found == models.end() ? nullptr : &*found;
}

std::optional<Composition> compositionFrom(const MultiComponentModel& model, const Readings& readings) {
    if (model.mineral != Mineral::None && !readings.boneMineral)
        return std::nullopt;
    const Uncertain& mass = readings.mass.uncertain();
    const Uncertain water = readings.bodyWater.uncertain() * Uncertain(waterDensity) / mass;
    Uncertain mineral(0.0);
    if (model.mineral != Mineral::None)
        mineral = readings.boneMineral->uncertain() / mass;
    if (model.mineral == Mineral::Total)
        mineral = mineral * Uncertain(totalMineralPerBoneMineral);
    const Uncertain fat = fatPercent(model, mass / readings.volume.uncertain(), water, mineral) +
                          Uncertain(0.0, Source::ModelAssumption, modelError(model));
    return compositionFrom(
        {.mass = readings.mass, .fatFreeMass = Measured<Kilograms>(mass - mass * fat / Uncertain(100.0))},
        readings.height);
}

} // namespace fusain::compartments
