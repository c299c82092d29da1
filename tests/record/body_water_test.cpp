#include "record/base/json.hpp"
#include "record/lab/body_water.hpp"
#include "support/errors.hpp"

#include <gtest/gtest.h>

namespace fusain::body_water_test {
namespace {

using compartments::Enrichment;
using compartments::Tracer;

WaterSample sample() {
    return waterSampleFrom(
        {Tracer::Deuterium, Kilograms(0.010), Enrichment::MilligramsPerKilogram, 150.0, 390.0}, Instant{1000},
        "oriel");
}

TEST(BodyWater, IsKeptAndReadAgain) {
    const std::vector<WaterSample> kept{sample(), {Instant{2000}, "bram", Litres(41.5), {}}};
    const auto read = waterSamplesFromJson(toJson(kept), "water");
    ASSERT_TRUE(read);
    ASSERT_EQ(read->size(), 2u);
    EXPECT_EQ(toJson(*read), toJson(kept));
    EXPECT_EQ(read->front().dilution->after, 390.0);
    EXPECT_FALSE(read->back().dilution);
}

TEST(BodyWater, ThatCannotBeRightIsRefused) {
    const auto refused = [](auto change) {
        WaterSample wrong = sample();
        change(wrong);
        return problemWith(wrong).has_value();
    };
    EXPECT_FALSE(refused([](WaterSample&) {}));
    EXPECT_TRUE(refused([](WaterSample& s) { s.dilution->after = s.dilution->before; }));
    EXPECT_TRUE(refused([](WaterSample& s) { s.dilution->before = -1.0; }));
    EXPECT_TRUE(refused([](WaterSample& s) { s.dilution->dose = Kilograms(0.0); }));
    EXPECT_TRUE(refused([](WaterSample& s) { s.dilution->dose = Kilograms(0.201); }));
    EXPECT_FALSE(refused([](WaterSample& s) { s.dilution->dose = Kilograms(0.200); }));
    EXPECT_TRUE(refused([](WaterSample& s) { s.water = Litres(std::nan("")); }));
    // Of 80 kg: 28 to 64 L.
    const auto of80 = [](double litres) {
        return problemWith({Instant{}, "b", Litres(litres), {}}, Kilograms(80.0)).has_value();
    };
    EXPECT_TRUE(of80(27.99));
    EXPECT_FALSE(of80(28.0));
    EXPECT_FALSE(of80(64.0));
    EXPECT_TRUE(of80(64.01));
}

TEST(BodyWater, OfAWrongDocumentIsAProblem) {
    EXPECT_FALSE(waterSamplesFromJson(Json::object(), "water"));
    Json wrong = toJson({sample()});
    wrong[0]["dilution"]["tracer"] = "tritium";
    EXPECT_FALSE(waterSamplesFromJson(wrong, "water"));
}

} // namespace
} // namespace fusain::body_water_test
