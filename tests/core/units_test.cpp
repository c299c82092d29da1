#include "core/units/format.hpp"
#include "support/property.hpp"

#include <gtest/gtest.h>

namespace fusain::units_test {
namespace {

TEST(Units, ExactConversions) {
    EXPECT_DOUBLE_EQ(pounds(Kilograms(0.45359237)), 1.0);
    EXPECT_DOUBLE_EQ(inches(Metres(0.0254)), 1.0);
    EXPECT_DOUBLE_EQ(hectopascals(MillimetresOfMercury(760.0)), 1013.25);
}

TEST(Units, ConversionsRoundTrip) {
    testing::holdsFor("pounds, inches, hectopascals", [] {
        const double x = *rc::gen::inRange(1, 300000) / 1000.0;
        RC_ASSERT(std::abs(massFromPounds(pounds(Kilograms(x))).value() - x) < 1e-12 * x);
        RC_ASSERT(std::abs(lengthFromInches(inches(Metres(x))).value() - x) < 1e-12 * x);
        RC_ASSERT(std::abs(pressureFromHectopascals(hectopascals(MillimetresOfMercury(x))).value() - x) < 1e-9);
    });
}

TEST(Format, RealMinusSignAndNoNegativeZero) {
    EXPECT_EQ(fixed(-1.25, 1), "\u22121.2");
    EXPECT_EQ(fixed(-0.04, 1), "0.0");
    EXPECT_EQ(signedFixed(0.3, 1), "+0.3");
    EXPECT_EQ(signedFixed(0.0, 1), "0.0");
}

TEST(Format, UnitsAreShownAndNotMixed) {
    EXPECT_EQ(show(Kilograms(70.0), UnitSystem::Metric).text(), "70.0 kg");
    EXPECT_EQ(show(Kilograms(70.0), UnitSystem::UsCustomary).unit, "lb");
    EXPECT_EQ(show(Percent(14.43), 1).text(), "14.4 %");
}

// 156.528 lb = 71 kg (71/0.45359237); 66.142 in = 168 cm; a temperature is in °C everywhere.
TEST(UnitsOfTheLab, TypedNumbersComeBackToTheKeptUnit) {
    EXPECT_NEAR(keptFromShown(Dimension::Mass, 156.528206, UnitSystem::UsCustomary), 71.0, 1e-6);
    EXPECT_NEAR(keptFromShown(Dimension::Height, 66.1417323, UnitSystem::UsCustomary), 168.0, 1e-6);
    EXPECT_EQ(keptFromShown(Dimension::Temperature, 34.0, UnitSystem::UsCustomary), 34.0);
    EXPECT_EQ(keptFromShown(Dimension::Mass, 71.0, UnitSystem::Metric), 71.0);
    EXPECT_EQ(unitOf(Dimension::Temperature, UnitSystem::UsCustomary), "°C");
    for (const auto dimension : {Dimension::Plain, Dimension::Mass, Dimension::Height, Dimension::Temperature})
        for (const auto system : {UnitSystem::Metric, UnitSystem::UsCustomary})
            EXPECT_NEAR(keptFromShown(dimension, shownFromKept(dimension, 71.37, system), system), 71.37,
                        1e-12);
}

TEST(TypedNumbers, PointCommaSpacesAndSigns) {
    EXPECT_EQ(parseTyped("3.45"), 3.45);
    EXPECT_EQ(parseTyped(" 3,45 "), 3.45);
    EXPECT_EQ(parseTyped("\u22120.12"), -0.12);
    EXPECT_EQ(parseTyped("1 013,25"), 1013.25);
}

TEST(TypedNumbers, AnythingElseIsRefused) {
    for (const char* text :
         {"", "  ", "3.4.5", "3,4,5", "abc", "12kg", "1e999", "nan", "inf", "--3", "1,013.25"})
        EXPECT_FALSE(parseTyped(text)) << text;
}

TEST(Typed, ANumberMayHoldASpaceThatDoesNotBreak) {
    EXPECT_EQ(parseTyped("1\u00a0234,5"), 1234.5);
    EXPECT_EQ(parseTyped("\u00a072.5"), 72.5);
    EXPECT_EQ(parseTyped("72.5\u00a0"), 72.5);
}

} // namespace
} // namespace fusain::units_test
