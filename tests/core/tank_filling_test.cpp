#include "core/water/tank_filling.hpp"

#include <cmath>
#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

namespace fusain::water::tank_filling_test {
namespace {

// The same tank in steps of a second: heat in with the water, heat out to the room by the part that is full.
double simulated(const Tank& tank, const TankSupply& supply, double hotMinutes, double settleMinutes) {
    const double fullMass = 0.995 * tank.volume.value();
    double mass = 0.0, heat = 0.0; // heat above the room's temperature, J
    const int fillSeconds = static_cast<int>(std::lround(60.0 * tank.volume.value() / supply.flow.value()));
    const int all = fillSeconds + static_cast<int>(std::lround(60.0 * settleMinutes));
    for (int second = 0; second < all; ++second) {
        if (second < fillSeconds) {
            const double in = 0.995 * supply.flow.value() / 60.0;
            const double inlet = (second < 60.0 * hotMinutes ? supply.hot : supply.cold).value();
            mass += in;
            heat += 4180.0 * in * (inlet - tank.room.value());
        }
        heat -= tank.heatLoss.value() * (mass / fullMass) * heat / (4180.0 * mass);
    }
    return tank.room.value() + heat / (4180.0 * mass);
}

TEST(TankFilling, CoolsByTheLawOfCooling) {
    // k = 25·60/(4180·0.995·1300) = 2.7743e-4 a minute; after 180 min e^(−0.049937) = 0.951289:
    // 22 + 13·0.951289 = 34.3668 °C.
    const Tank tank;
    EXPECT_NEAR(coolingPerMinute(tank), 2.7743e-4, 1e-8);
    EXPECT_NEAR(standing(tank, Celsius(35.0), Minutes(180.0)).value(), 34.3668, 1e-3);
}

TEST(TankFilling, MixesByHandWhereNothingIsLost) {
    // Without loss: half hot 60, half cold 12 gives 36.
    const Tank tight{Litres(1200), WattsPerKelvin(0.0), Celsius(22)};
    const TankSupply supply{Celsius(60), Celsius(12), LitresPerMinute(8.0)};
    EXPECT_NEAR(whenFull(tight, supply, Minutes(75.0)).value(), 36.0, 1e-9);
    // 35 °C: (35 − 12)/(60 − 12) = 0.479167 of 150 minutes = 71.875.
    const auto plan = planFilling(tight, supply, Celsius(35), Minutes(20.0));
    ASSERT_TRUE(plan);
    EXPECT_NEAR(plan->hot.value(), 71.875, 0.02);
    EXPECT_NEAR(plan->whole.value(), 150.0, 1e-9);
}

TEST(TankFilling, WarmsWhatHasCooledByExchange) {
    // 1300 L at 32 °C to 35 °C with 60 °C: 1300·3/28 = 139.29 L, out and in at 8 L/min: 34.8 min.
    const TopUp topUp = planTopUp({}, {}, Celsius(32.0), Celsius(35.0));
    EXPECT_NEAR(topUp.exchanged.value(), 139.29, 0.01);
    EXPECT_NEAR(topUp.whole.value(), 34.82, 0.01);
    // By the mixing of what is left with what comes: (1300 − 139.29)·32 + 139.29·60 = 45 500 = 1300·35.
    EXPECT_NEAR((1300.0 - topUp.exchanged.value()) * 32.0 + topUp.exchanged.value() * 60.0, 1300.0 * 35.0,
                1e-6);
}

TEST(TankFilling, ASupplyThatCannotReachItIsSaid) {
    const auto cold =
        planFilling({}, {Celsius(34), Celsius(12), LitresPerMinute(8.0)}, Celsius(35), Minutes(20.0));
    ASSERT_FALSE(cold);
    EXPECT_NE(cold.error().english().find("hot water alone"), std::string::npos);
    const auto warm = planFilling({Litres(1300), WattsPerKelvin(0.0), Celsius(30)},
                                  {Celsius(60), Celsius(36), LitresPerMinute(8.0)}, Celsius(33), Minutes(0.0));
    ASSERT_FALSE(warm);
    EXPECT_NE(warm.error().english().find("cannot be filled this cool"), std::string::npos);
    EXPECT_FALSE(planFilling({}, {}, Celsius(40.5), Minutes(0.0)));
}

// Stated bound: 0.3 °C against the fine steps, over tanks, supplies and rooms as labs have them.
RC_GTEST_PROP(TankFillingProperties, ThePlanReachesWhatItPromises, ()) {
    const Tank tank{Litres(*rc::gen::inRange(600, 2500)), WattsPerKelvin(*rc::gen::inRange(0, 90)),
                    Celsius(*rc::gen::inRange(15, 28))};
    const TankSupply supply{Celsius(*rc::gen::inRange(48, 75)), Celsius(*rc::gen::inRange(4, 20)),
                            LitresPerMinute(*rc::gen::inRange(30, 200) / 10.0)};
    const double wanted = *rc::gen::inRange(330, 360) / 10.0, settle = *rc::gen::inRange(0, 90);
    const auto plan = planFilling(tank, supply, Celsius(wanted), Minutes(settle));
    RC_PRE(plan.has_value());
    RC_ASSERT(std::abs(simulated(tank, supply, plan->hot.value(), settle) - wanted) < 0.3);
    RC_ASSERT(std::abs(standing(tank, plan->full, Minutes(settle)).value() - wanted) < 0.02);
}

RC_GTEST_PROP(TankFillingProperties, MoreHotWaterIsWarmer, ()) {
    const double minutes = *rc::gen::inRange(0, 150);
    const Tank tank;
    const TankSupply supply;
    RC_ASSERT(whenFull(tank, supply, Minutes(minutes)) < whenFull(tank, supply, Minutes(minutes + 5.0)));
}

} // namespace
} // namespace fusain::water::tank_filling_test
