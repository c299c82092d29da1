#include "core/compartments/two_component.hpp"

#include "core/anthropometry/ages.hpp"
#include "core/base/message.hpp"

#include <array>
#include <cmath>

namespace fusain::compartments {
namespace {

struct AgeRow {
    int from;
    int to; ///< completed years, inclusive
    TwoComponentConstants male;
    TwoComponentConstants female;
};

std::optional<TwoComponentConstants> lookUp(std::span<const AgeRow> rows, Sex sex, Years age) {
    const double completed = std::floor(age.value());
    for (const AgeRow& row : rows)
        if (completed >= row.from && completed <= row.to)
            return sex == Sex::Male ? row.male : row.female;
    return std::nullopt;
}

constexpr std::array lohmanRows{
    AgeRow{7, 8, {5.38, 4.97}, {5.43, 5.03}},   AgeRow{9, 10, {5.30, 4.89}, {5.35, 4.95}},
    AgeRow{11, 12, {5.23, 4.81}, {5.25, 4.84}}, AgeRow{13, 14, {5.07, 4.64}, {5.12, 4.69}},
    AgeRow{15, 16, {5.03, 4.59}, {5.07, 4.64}}, AgeRow{17, 18, {4.95, 4.50}, {5.05, 4.62}},
};

constexpr std::array whiteRows{
    AgeRow{7, 12, {5.30, 4.89}, {5.35, 4.95}},
    AgeRow{13, 16, {5.07, 4.64}, {5.10, 4.66}},
    AgeRow{17, 19, {4.99, 4.55}, {5.05, 4.62}},
    AgeRow{20, 80, {4.95, 4.50}, {5.01, 4.57}},
};

std::optional<TwoComponentConstants> forAdults(const TwoComponentConstants& constants, Years age) {
    return age >= anthropometry::adultEquationsAge ? std::optional(constants) : std::nullopt;
}

constexpr std::string_view ancestryCaveat =
    FUSAIN_TEXT("Ancestry is a poor proxy for hydration and bone mineral. Four-component work finds no certain "
                "difference in "
                "fat-free density between groups; prefer Siri or a model with measured water.");

constexpr std::array conversions{
    DensityConversion{"fat.density.siri-1961", FUSAIN_TEXT("Siri 1961"), false, false, "",
                      [](Sex, Years age) { return forAdults(siri1961, age); }},
    DensityConversion{"fat.density.brozek-1963", FUSAIN_TEXT("Brozek 1963"), false, false, "",
                      [](Sex, Years age) { return forAdults(brozek1963, age); }},
    DensityConversion{"fat.density.lohman-1989", FUSAIN_TEXT("Lohman 1989, children"), false, true, "",
                      [](Sex sex, Years age) {
                          return age < anthropometry::adultEquationsAge ? lohman1989(sex, age) : std::nullopt;
                      }},
    DensityConversion{"fat.density.schutte-1984", FUSAIN_TEXT("Schutte 1984, black men"), true, false,
                      ancestryCaveat,
                      [](Sex sex, Years age) {
                          const bool valid = sex == Sex::Male && age.value() >= 18.0 && age.value() < 33.0;
                          return valid ? std::optional(schutte1984) : std::nullopt;
                      }},
    DensityConversion{"fat.density.wagner-heyward-2001", FUSAIN_TEXT("Wagner and Heyward 2001, black men"),
                      true, false, ancestryCaveat,
                      [](Sex sex, Years age) {
                          const bool valid = sex == Sex::Male && age.value() >= 19.0 && age.value() < 46.0;
                          return valid ? std::optional(wagnerHeyward2001) : std::nullopt;
                      }},
    DensityConversion{"fat.density.heyward-wagner-2004.black-women",
                      FUSAIN_TEXT("Heyward and Wagner 2004, black women"), true, false, ancestryCaveat,
                      [](Sex sex, Years age) {
                          const bool valid = sex == Sex::Female && age.value() >= 24.0 && age.value() < 80.0;
                          return valid ? std::optional(heywardWagnerBlackWomen2004) : std::nullopt;
                      }},
    DensityConversion{"fat.density.heyward-wagner-2004.white",
                      FUSAIN_TEXT("Heyward and Wagner 2004, white people"), true, false, ancestryCaveat,
                      &heywardWagnerWhite2004},
};

} // namespace

std::optional<TwoComponentConstants> lohman1989(Sex sex, Years age) {
    return lookUp(lohmanRows, sex, age);
}

std::optional<TwoComponentConstants> heywardWagnerWhite2004(Sex sex, Years age) {
    return lookUp(whiteRows, sex, age);
}

Measured<Percent> fatPercent(const TwoComponentConstants& constants, const Measured<KilogramsPerLitre>& density,
                             KilogramsPerLitre fatFreeDensitySpread) {
    const double D = density.estimate().value();
    const double percent = 100.0 * (constants.C1 / D - constants.C2);
    const Measured<Percent> technical(density.uncertain().mapped(percent, -100.0 * constants.C1 / (D * D)));
    const double fatFree = constants.fatFreeDensity();
    const double slope = (100.0 - percent) * constants.C1 / (fatFree * fatFree);
    return technical.with(Source::FatFreeDensity, Percent(slope * fatFreeDensitySpread.value()));
}

std::span<const DensityConversion> densityConversions() {
    return conversions;
}

const DensityConversion* findDensityConversion(std::string_view id) {
    for (const DensityConversion& conversion : conversions)
        if (conversion.id == id)
            return &conversion;
    return nullptr;
}

} // namespace fusain::compartments
