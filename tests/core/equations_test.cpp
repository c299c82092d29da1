#include "core/catalogue/equations.hpp"

#include <cmath>
#include <fstream>
#include <gtest/gtest.h>
#include <set>
#include <sstream>

namespace fusain::equations_test {
namespace {

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
    const auto valueOf = [](const char* id, const std::map<std::string, std::string>& arguments) {
        const auto value = evaluateEquation(id, arguments);
        EXPECT_TRUE(value) << (value ? std::string() : value.error().english());
        return value ? value->value : 0.0;
    };
    // +2 mg/L in 1500 L from 10 %: 30 mL. pH 7.5: 1/(1 + 10^-0.03) = 0.5173.
    EXPECT_NEAR(
        valueOf("tank.chlorine-dose", {{"raise_mg_l", "2"}, {"volume_l", "1500"}, {"stock_percent", "10"}}),
        30.0, 1e-9);
    EXPECT_NEAR(valueOf("tank.hypochlorous-share", {{"ph", "7.5"}}), 0.5173, 1e-4);
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

} // namespace
} // namespace fusain::equations_test
