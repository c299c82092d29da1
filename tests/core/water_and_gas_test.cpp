#include "core/gas/corrections.hpp"
#include "core/water/density.hpp"

#include <gtest/gtest.h>
#include <limits>

namespace fusain::water_and_gas_test {
namespace {

// Values below were computed with Python's decimal module (30 digits) from the printed coefficients.
TEST(WaterDensity, TanakaAt34Degrees) {
    EXPECT_NEAR(water::densityTanaka2001(Celsius(34.0)).value(), 0.9943724264007725, 1e-15);
}

TEST(WaterDensity, KellAt34Degrees) {
    EXPECT_NEAR(water::densityKell1975(Celsius(34.0)).value(), 0.9943715018774842, 1e-15);
}

TEST(WaterDensity, KellIsExactAtZeroAndTabulatedAt25) {
    EXPECT_DOUBLE_EQ(water::densityKell1975(Celsius(0.0)).value(), 0.99983952);
    EXPECT_NEAR(water::densityKell1975(Celsius(25.0)).value(), 0.9970449, 5e-8);
}

TEST(WaterDensity, TheTwoFormulasAgreeWithinThreePartsPerMillion) {
    for (double t = 20.0; t <= 40.0; t += 0.5)
        EXPECT_NEAR(water::densityKell1975(Celsius(t)).value(), water::densityTanaka2001(Celsius(t)).value(),
                    3e-6)
            << t;
}

TEST(WaterDensity, FallsAsWaterWarms) {
    for (double t = 5.0; t < 40.0; t += 0.25)
        EXPECT_GT(water::densityTanaka2001(Celsius(t)), water::densityTanaka2001(Celsius(t + 0.25)));
}

TEST(WaterDensity, CarriesTheTemperatureUncertainty) {
    // Central difference of the plain function: slope about −0.00034 kg/L per °C near 34 °C.
    const double slope = (water::densityTanaka2001(Celsius(34.001)).value() -
                          water::densityTanaka2001(Celsius(33.999)).value()) /
                         0.002;
    const auto density =
        water::densityTanaka2001(Measured<Celsius>(Celsius(34.0), Source::WaterTemperature, Celsius(0.2)));
    EXPECT_NEAR(density.uncertain().share(Source::WaterTemperature), 0.2 * slope, 1e-10);
}

TEST(WaterTemperature, IsJudgedAtItsLimits) {
    using enum water::TemperatureVerdict;
    const auto judged = [](double t) { return water::judgeTemperature(Celsius(t)); };
    EXPECT_EQ(judged(19.99), Refused);
    EXPECT_EQ(judged(20.0), Unusual);
    EXPECT_EQ(judged(31.99), Unusual);
    EXPECT_EQ(judged(32.0), Comfortable);
    EXPECT_EQ(judged(36.0), Comfortable);
    EXPECT_EQ(judged(36.01), Unusual);
    EXPECT_EQ(judged(40.0), Unusual);
    EXPECT_EQ(judged(40.01), Refused);
    EXPECT_EQ(judged(std::numeric_limits<double>::quiet_NaN()), Refused);
}

TEST(VapourPressure, BuckAndAntoineAtBodyTemperature) {
    // 6.1121·exp(17.502·37/277.97)·760/1013.25 and 10^(8.10765 − 1750.286/272.0), computed with bc.
    EXPECT_NEAR(gas::vapourPressureBuck1981(Celsius(37.0)).value(), 47.102442621070736, 1e-9);
    EXPECT_NEAR(gas::vapourPressureAntoine(Celsius(37.0)).value(), 47.07333848847665, 1e-9);
}

// At 22 °C and 760 mmHg, worked with a calculator from Buck's 19.824 mmHg.
TEST(GasConditions, StandardAndDryGas) {
    EXPECT_NEAR(gas::stpdFromAtps(Celsius(22.0), MillimetresOfMercury(760.0)), 0.9012850251578984, 1e-12);
    EXPECT_NEAR(gas::btpsFromAtpd(Celsius(22.0), MillimetresOfMercury(760.0)), 1.1201179071481209, 1e-12);
}

TEST(Btps, WorkedValueAndTextbookTable) {
    EXPECT_NEAR(gas::btpsFromAtps(Celsius(22.0), MillimetresOfMercury(740.0)), 1.0920567517591233, 1e-12);
    // Usual textbook values at 760 mmHg, printed to three decimals.
    const std::pair<double, double> table[] = {{20, 1.102}, {24, 1.080}, {30, 1.045}, {34, 1.020}, {37, 1.000}};
    for (const auto& [temperature, factor] : table)
        EXPECT_NEAR(gas::btpsFromAtps(Celsius(temperature), MillimetresOfMercury(760.0)), factor, 0.001)
            << temperature;
}

} // namespace
} // namespace fusain::water_and_gas_test
