#include "procedure/meaning/components_file.hpp"
#include "record/base/json.hpp"

#include <gtest/gtest.h>

namespace fusain::components_file_test {
namespace {

Json readings() {
    const auto reading = [](double value, double error) {
        return Json{{"value", value}, {"standard_error", error}};
    };
    return {{"mass_kg", reading(70.0, 0.05)},
            {"body_volume_l", reading(70.0 / 1.065, 0.1)},
            {"body_water_l", reading(43.4 / 0.9937, 0.6)},
            {"bone_mineral_kg", reading(2.968, 0.03)},
            {"height_cm", 175.0}};
}

// The sheet's example: 14.377 % by Wang 2002, 15.113 % by Siri 1961.
TEST(ComponentsFile, GivesEveryModelWithItsFigures) {
    const auto result = componentsFromFile(readings(), "a.json");
    ASSERT_TRUE(result) << result.error().english();
    const Json& models = result->at("models");
    ASSERT_EQ(models.size(), 8u);
    EXPECT_EQ(models[0]["model"], "fat.four.wang-2002");
    EXPECT_NEAR(models[0]["fat_percent"]["value"].get<double>(), 14.377, 1e-3);
    EXPECT_GT(models[0]["fat_percent"]["ci95_high"].get<double>(),
              models[0]["fat_percent"]["value"].get<double>());
    for (const Json& model : models)
        EXPECT_EQ(model["grade"] == "B", model.contains("flags")) << model["model"];
    Json three = readings();
    three.erase("bone_mineral_kg");
    EXPECT_EQ(componentsFromFile(three, "a.json")->at("models").size(), 3u);
}

TEST(ComponentsFile, SaysWhatCannotBeRight) {
    const auto refused = [](const char* key, const Json& value) {
        Json json = readings();
        json[key] = value;
        return !componentsFromFile(json, "a.json");
    };
    EXPECT_TRUE(refused("height_cm", 17.5));
    EXPECT_TRUE(refused("body_volume_l", Json{{"value", 40.0}, {"standard_error", 0.1}})); // density 1.75
    EXPECT_TRUE(refused("mass_kg", Json{{"value", 70.0}}));                                // no error
    EXPECT_TRUE(refused("mass_kg", Json{{"value", 70.0}, {"standard_error", 0.0}}));
    EXPECT_TRUE(refused("body_water_l", "much"));
    Json without = readings();
    without.erase("body_water_l");
    const auto result = componentsFromFile(without, "a.json");
    ASSERT_FALSE(result);
    EXPECT_NE(result.error().english().find("body_water_l"), std::string::npos) << result.error().english();
}

} // namespace
} // namespace fusain::components_file_test
