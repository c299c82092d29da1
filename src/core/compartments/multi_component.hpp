#pragma once
#include "core/compartments/body.hpp"

#include <span>

namespace fusain::compartments {

/// Of water in the body, kg/L at 36 °C.
inline constexpr double waterDensity = 0.9937;

/// Which mineral a four-component model wants. They are not the same: total mineral is about 1.2741 times the
/// bone mineral content that a densitometer gives.
enum class Mineral { None, BoneMineralContent, Total };

/// %fat = 100·(a/D − b·W + c·M − d): D body density in kg/L, W body water and M mineral as fractions of mass.
struct MultiComponentModel {
    std::string_view id;
    std::string_view title; ///< marked for translation
    double a, b, c, d;
    Mineral mineral;
    char grade;
    std::string_view citation;
    [[nodiscard]] constexpr int components() const { return mineral == Mineral::None ? 3 : 4; }
};
/// All models, those of grade A first; grade B only for the Library.
[[nodiscard]] std::span<const MultiComponentModel> multiComponentModels();
[[nodiscard]] const MultiComponentModel* findMultiComponentModel(std::string_view id);

/// Total body mineral from the bone mineral content of a densitometer: 1.2741·BMC.
/// @par Source Heymsfield SB et al (1989), Am J Clin Nutr 49:1283-1289; grade B factor, given by the agreement
/// of the models themselves (sheet 5).
inline constexpr double totalMineralPerBoneMineral = 1.2741;

/// Fat from density, water and, for four components, mineral of one day. Works for plain and uncertain numbers.
/// @param bodyDensity kg/L  @param bodyWater kg of water over kg of mass
/// @param mineral the fraction that the model wants; 0 for three components  @return %fat
template <class Number>
[[nodiscard]] Number fatPercent(const MultiComponentModel& model, const Number& bodyDensity,
                                const Number& bodyWater, const Number& mineral) {
    return Number(100.0) * (Number(model.a) / bodyDensity - Number(model.b) * bodyWater +
                            Number(model.c) * mineral - Number(model.d));
}

/// Readings of one day for a model of several components.
struct Readings {
    Measured<Kilograms> mass;
    Measured<Litres> volume;                        ///< free of lung and gut gas
    Measured<Litres> bodyWater;                     ///< at body temperature
    std::optional<Measured<Kilograms>> boneMineral; ///< as a densitometer gives it
    Metres height;
};
/// What a model takes for granted of one person, %fat: the densities of its parts and, for three components,
/// the share of mineral. Engineering choices, to be confirmed against four-component work.
[[nodiscard]] constexpr double modelError(const MultiComponentModel& model) {
    return model.components() == 4 ? 1.0 : 1.3;
}
/// @return nothing when the model wants mineral and there is none
[[nodiscard]] std::optional<Composition> compositionFrom(const MultiComponentModel& model,
                                                         const Readings& readings);

} // namespace fusain::compartments
