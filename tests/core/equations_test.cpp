#include "core/catalogue/equations.hpp"

#include <algorithm>
#include <cmath>
#include <fstream>
#include <gtest/gtest.h>
#include <set>
#include <sstream>

namespace fusain::equations_test {
namespace {

double valueOf(const char* id, const std::map<std::string, std::string>& arguments) {
    const auto value = evaluateEquation(id, arguments);
    return value ? value->value : std::nan("");
}

TEST(Catalogue, IdsAreUniqueAndEveryEntryIsComplete) {
    std::set<std::string_view> ids;
    for (const Equation& equation : equationCatalogue()) {
        EXPECT_TRUE(ids.insert(equation.id).second) << equation.id;
        EXPECT_FALSE(equation.citation.empty()) << equation.id;
        EXPECT_FALSE(equation.validity.empty()) << equation.id;
        EXPECT_FALSE(equation.inputs.empty()) << equation.id;
        EXPECT_TRUE(equation.grade == 'A' || equation.grade == 'B') << equation.id;
    }
}

TEST(Catalogue, EveryEquationComputesInTheMiddleOfItsRanges) {
    for (const Equation& equation : equationCatalogue()) {
        std::map<std::string, std::string> arguments;
        for (const EquationInput& input : equation.inputs)
            arguments[std::string(input.name)] =
                input.isSex() ? "female" : std::to_string((input.minimum + input.maximum) / 2.0);
        const auto value = evaluateEquation(equation.id, arguments);
        ASSERT_TRUE(value) << equation.id << value.error().english();
        EXPECT_TRUE(std::isfinite(value->value)) << equation.id;
    }
}

TEST(Catalogue, EvaluatesTypedText) {
    const auto value = evaluateEquation("fat.density.siri-1961", {{"density_kg_per_l", "1,060"}});
    ASSERT_TRUE(value);
    EXPECT_NEAR(value->value, 16.9811320754717, 1e-9); // 495/1.06 − 450
}

TEST(Catalogue, TheTanksWaterGivesWhatTheArithmeticGives) {
    // +2 mg/L in 1500 L from 10 %: 30 mL. pH 7.5: 1/(1 + 10^-0.03) = 0.5173.
    EXPECT_NEAR(
        valueOf("tank.chlorine-dose", {{"raise_mg_l", "2"}, {"volume_l", "1500"}, {"stock_percent", "10"}}),
        30.0, 1e-9);
    // pKa of Morris 1966: 7.4695 at 34 °C, 7.5367 at 25 °C.
    EXPECT_NEAR(valueOf("tank.hypochlorous-share", {{"ph", "7.5"}, {"temperature_c", "34"}}), 0.48246, 1e-5);
    EXPECT_NEAR(valueOf("tank.hypochlorous-share", {{"ph", "7.5"}, {"temperature_c", "25"}}), 0.52108, 1e-5);
    // 1300·3/28 = 139.2857 L.
    EXPECT_NEAR(valueOf("tank.top-up",
                        {{"volume_l", "1300"}, {"temperature_c", "32"}, {"wanted_c", "35"}, {"hot_c", "60"}}),
                139.2857, 1e-3);
    // As in tank_filling_test: 34.3668 °C after three hours.
    EXPECT_NEAR(valueOf("tank.standing", {{"temperature_c", "35"},
                                          {"room_c", "22"},
                                          {"minutes", "180"},
                                          {"volume_l", "1300"},
                                          {"heat_loss_w_k", "25"}}),
                34.3668, 1e-3);
}

TEST(Catalogue, OutOfRangeIsFlaggedNotRefused) {
    const auto value = evaluateEquation("water.density.tanaka-2001", {{"temperature_c", "45"}});
    ASSERT_TRUE(value);
    EXPECT_EQ(value->flags.size(), 1u);
}

TEST(Catalogue, SaysWhatIsWrongWithTheArguments) {
    EXPECT_FALSE(evaluateEquation("no.such.equation", {}));
    EXPECT_NE(evaluateEquation("fat.density.siri-1961", {}).error().english().find("density_kg_per_l"),
              std::string::npos);
    EXPECT_FALSE(evaluateEquation("fat.density.siri-1961", {{"density_kg_per_l", "1.06"}, {"age", "3"}}));
    EXPECT_FALSE(evaluateEquation("fat.density.siri-1961", {{"density_kg_per_l", "dense"}}));
    EXPECT_FALSE(
        evaluateEquation("lung.residual-volume.wilmore-1969", {{"sex", "m"}, {"vital_capacity_l", "5"}}));
}

// By hand: 1440·(3.941·0.25 + 1.106·0.20); 25.9·60 + 284; 100·(6.386/1.065 + 3.961·0.054 − 6.090);
// 20/0.84 + 55/1.03 + 3/11.63 − 3.12; 10/240e-6/1000/1.041/0.9937; 0.027·175 + 0.017·30 − 3.447.
TEST(Catalogue, HasWhatOldRecordsAndOtherLabsUse) {
    EXPECT_NEAR(valueOf("energy.weir-1949", {{"oxygen_l_min", "0.25"}, {"carbon_dioxide_l_min", "0.20"}}),
                1737.288, 1e-3);
    EXPECT_NEAR(valueOf("energy.rmr.tinsley-2019", {{"fat_free_mass_kg", "60"}}), 1838.0, 1e-9);
    EXPECT_NEAR(valueOf("fat.three.mineral-lohman-1986",
                        {{"density_kg_per_l", "1.065"}, {"total_mineral_fraction", "0.054"}}),
                12.0138, 1e-3);
    EXPECT_NEAR(valueOf("volume.densitometer.wilson-2013",
                        {{"fat_mass_kg", "20"}, {"lean_kg", "55"}, {"bone_mineral_kg", "3"}}),
                74.3457, 1e-3);
    EXPECT_NEAR(valueOf("water.dilution.deuterium", {{"dose_g", "10"}, {"rise_mg_per_kg", "240"}}), 40.2794,
                1e-4);
    EXPECT_NEAR(valueOf("water.dilution.oxygen-18", {{"dose_g", "10"}, {"rise_mg_per_kg", "240"}}), 41.6394,
                1e-4);
    // 1.136·18 − 0.430·23 − 0.114·75
    EXPECT_NEAR(valueOf("impedance.overhydration.chamney-2007",
                        {{"extracellular_l", "18"}, {"intracellular_l", "23"}, {"mass_kg", "75"}}),
                2.008, 1e-9);
    EXPECT_NEAR(
        valueOf("lung.residual-volume.goldman-1959", {{"sex", "male"}, {"height_cm", "175"}, {"age_y", "30"}}),
        1.788, 1e-9);
    EXPECT_NEAR(valueOf("lung.residual-volume.goldman-1959",
                        {{"sex", "female"}, {"height_cm", "165"}, {"age_y", "30"}}),
                1.650, 1e-9);
}

bool flagged(const char* id, const std::map<std::string, std::string>& arguments, const char* words) {
    const auto value = evaluateEquation(id, arguments);
    return value && std::ranges::any_of(value->flags, [&](const std::string& flag) {
               return flag.find(words) != std::string::npos;
           });
}

// Kyle 2001 covers a body mass index of 17 to 33.8.
TEST(Catalogue, FlagsWhatItKnowsOfValidity) {
    const auto kyle = [](const char* mass) {
        return std::map<std::string, std::string>{{"sex", "male"},           {"age_y", "40"},
                                                  {"height_cm", "165"},      {"mass_kg", mass},
                                                  {"resistance_ohm", "480"}, {"reactance_ohm", "52"}};
    };
    EXPECT_TRUE(flagged("impedance.ffm.kyle-2001", kyle("115"), "body mass index 42.2"));
    EXPECT_TRUE(flagged("impedance.ffm.kyle-2001", kyle("92.1"), "body mass index"));  // 33.83
    EXPECT_FALSE(flagged("impedance.ffm.kyle-2001", kyle("92.0"), "body mass index")); // 33.79
    EXPECT_TRUE(flagged("impedance.ffm.kyle-2001", kyle("80"), "3.2 kg in others"));
    const std::map<std::string, std::string> child{{"sex", "male"}, {"height_cm", "140"}, {"age_y", "10"}};
    EXPECT_TRUE(flagged("lung.residual-volume.polgar-1971", child, "not yet verified"));
    EXPECT_TRUE(flagged("fat.three.fuller-1992", {{"density_kg_per_l", "1.05"}, {"water_fraction", "0.6"}},
                        "not yet verified"));
    EXPECT_TRUE(flagged("lung.residual-volume.wilmore-1969", {{"sex", "male"}, {"vital_capacity_l", "5"}},
                        "engineering choice"));
    EXPECT_FALSE(flagged("lung.residual-volume.crapo-1982",
                         {{"sex", "male"}, {"height_cm", "175"}, {"age_y", "30"}}, "not yet verified"));
}

} // namespace
} // namespace fusain::equations_test
