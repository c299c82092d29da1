// Every reading that is typed, at the last value that is taken and the first that is not, on both sides.
#include "support/chamber_run.hpp"
#include "support/dxa_run.hpp"
#include "support/impedance_run.hpp"

#include <cmath>
#include <limits>

namespace fusain::typed_limits_test {
namespace {

using namespace testing;

/// @param take types a value in a test of its own; true when it was taken
template <class Take>
void expectLimits(const char* what, double least, double most, const Take& take) {
    const double beyond = 1e-6;
    EXPECT_TRUE(take(least)) << what << ' ' << least;
    EXPECT_TRUE(take(most)) << what << ' ' << most;
    EXPECT_FALSE(take(least - beyond)) << what << " below " << least;
    EXPECT_FALSE(take(most + beyond)) << what << " above " << most;
    for (const double none : {std::nan(""), std::numeric_limits<double>::infinity(), -least})
        EXPECT_FALSE(take(none)) << what << ' ' << none;
}

class TypedLimits : public ::testing::Test {
protected:
    MemoryJournal journal;
    HydrostaticProcedure tank() {
        return *HydrostaticProcedure::begin(standardSetting(), "t", man, technician, journal, SteppingClock());
    }
    ChamberProcedure chamber() {
        return *ChamberProcedure::begin(chamberSetting(), "t", man, technician, journal, SteppingClock());
    }
    ImpedanceProcedure impedance() {
        return *ImpedanceProcedure::begin(impedanceSetting(), "t", man, technician, journal, SteppingClock());
    }
    DxaProcedure scanner() {
        return *DxaProcedure::begin(dxaSetting(), "t", man, technician, journal, SteppingClock());
    }
};

TEST_F(TypedLimits, OfTheTank) {
    const auto typed = Attribution::typed();
    expectLimits("reference mass", 0.5, 50.0, [&](double kg) {
        return tank().checkLoadCell(Kilograms(4.0), Kilograms(kg), Kilograms(kg)).has_value();
    });
    EXPECT_TRUE(tank().checkLoadCell(Kilograms(60.0), Kilograms(5.0), Kilograms(5.0)));
    EXPECT_TRUE(tank().checkLoadCell(Kilograms(-60.0), Kilograms(5.0), Kilograms(5.0)));
    EXPECT_FALSE(tank().checkLoadCell(Kilograms(60.001), Kilograms(5.0), Kilograms(5.0)));
    EXPECT_FALSE(tank().checkLoadCell(Kilograms(4.0), Kilograms(5.0), Kilograms(std::nan(""))));
    expectLimits("room temperature", 10.0, 45.0, [&](double celsius) {
        return tank().readRoom(Celsius(celsius), MillimetresOfMercury(760.0), typed).has_value();
    });
    expectLimits("air pressure", 500.0, 820.0, [&](double mmHg) {
        return tank().readRoom(Celsius(22.0), MillimetresOfMercury(mmHg), typed).has_value();
    });
    expectLimits("residual volume", 0.2, 5.0, [&](double litres) {
        return tank().measureResidualVolume(Litres(litres), "oxygen dilution", typed).has_value();
    });
    EXPECT_FALSE(tank().measureResidualVolume(Litres(1.2), " ", typed));
    expectLimits("vital capacity", 0.5, 10.0,
                 [&](double litres) { return tank().addEffort(Litres(litres), true, {}, typed).has_value(); });
    auto many = tank();
    for (int effort = 0; effort < 8; ++effort)
        EXPECT_TRUE(many.addEffort(Litres(4.0), true, {}, typed)) << effort;
    EXPECT_FALSE(many.addEffort(Litres(4.0), true, {}, typed));
}

// A body in water weighs something, and less than on land.
TEST_F(TypedLimits, OfAWeighing) {
    auto run = tank();
    prepare(run); // 70 kg on land, 4.15 kg of chair
    const auto take = [&](double gross, double error) {
        auto copy = run;
        return copy.acceptTrial(Kilograms(gross), Kilograms(error)).has_value();
    };
    for (const double edge : {15.0, -15.0}) {
        EXPECT_TRUE(take(4.15 + 0.9999 * edge, 0.0)) << edge;
        EXPECT_FALSE(take(4.15 + 1.0001 * edge, 0.0)) << edge;
    }
    EXPECT_FALSE(take(4.15 + 70.0, 0.0)); // not below the mass on land
    EXPECT_FALSE(take(7.4, -1e-9));
    EXPECT_FALSE(take(std::nan(""), 0.02));
}

TEST_F(TypedLimits, OfTheChamber) {
    expectLimits("reference mass", 1.0, 200.0,
                 [&](double kg) { return chamber().checkScale(Kilograms(kg), Kilograms(kg)).has_value(); });
    EXPECT_FALSE(chamber().checkScale(Kilograms(20.0), Kilograms(std::nan(""))));
    expectLimits("cylinder", 5.0, 150.0, [&](double litres) {
        return chamber().calibrateTyped(Litres(litres), Litres(litres)).has_value();
    });
    for (const auto& [reading, taken] :
         {std::pair(25.0, true), std::pair(100.0, true), std::pair(24.999, false), std::pair(100.001, false)})
        EXPECT_EQ(chamber().calibrateTyped(Litres(50.0), Litres(reading)).has_value(), taken) << reading;
    const auto takeVolume = [&](double litres) {
        auto run = chamber();
        prepare(run); // 70 kg
        return run.acceptTrial(Litres(litres), Litres(0.0)).has_value();
    };
    // What no living body has: 70 kg in less than 70/1.18 L, or in more than 70/0.93 L.
    for (const auto& [litres, taken] :
         {std::pair(70.0 / 1.1799, true), std::pair(70.0 / 1.1801, false), std::pair(70.0 / 0.9301, true),
          std::pair(70.0 / 0.9299, false), std::pair(4.999, false), std::pair(300.1, false)})
        EXPECT_EQ(takeVolume(litres), taken) << litres;
    expectLimits("thoracic gas", 0.5, 8.0, [&](double litres) {
        return chamber().measureThoracicGas(Litres(litres), "panting").has_value();
    });
}

TEST_F(TypedLimits, OfTheAnalyzer) {
    expectLimits("test module", 10.0, 2000.0, [&](double ohms) {
        auto run = impedance();
        return run.checkModule(Ohms(ohms), Ohms(ohms)).has_value();
    });
    EXPECT_FALSE(impedance().checkModule(Ohms(500.0), Ohms(0.0)));
    EXPECT_TRUE(impedance().checkModule(Ohms(500.0), Ohms(0.01)));
    expectLimits("segment length", 0.1, 1.3, [&](double metres) {
        return impedance().tapeLength(impedance::Segment::LeftArm, Metres(metres)).has_value();
    });
    const auto problemAt = [](impedance::Segment segment, double ohms) {
        impedance::Sweep sweep;
        impedance::Spectrum spectrum{segment, {}};
        spectrum.points.push_back(impedance::magnitudePoint(Hertz(50e3), Ohms(ohms)));
        sweep.spectra.push_back(spectrum);
        return problemWithSweep(sweep).has_value();
    };
    EXPECT_FALSE(problemAt(impedance::Segment::WholeBody, 5000.0));
    EXPECT_TRUE(problemAt(impedance::Segment::WholeBody, 5000.1));
    EXPECT_FALSE(problemAt(impedance::Segment::WholeBody, 20.0));
    EXPECT_TRUE(problemAt(impedance::Segment::WholeBody, 19.9));
    EXPECT_FALSE(problemAt(impedance::Segment::Trunk, 1.0));
    EXPECT_TRUE(problemAt(impedance::Segment::Trunk, 0.9));
}

TEST_F(TypedLimits, OfTheDensitometer) {
    expectLimits("phantom", 1.0, 99.0, [&](double percent) {
        return scanner().readPhantom(Percent(percent), Percent(24.0)).has_value();
    });
    expectLimits("phantom as read", 1.0, 99.0, [&](double percent) {
        return scanner().readPhantom(Percent(24.0), Percent(percent)).has_value();
    });
    const auto reported = [&](const char* what, double value) {
        auto run = scanner();
        return run.keepReported({{what, value, "kg"}}, {}).has_value();
    };
    EXPECT_TRUE(reported("visceral-fat-mass", 0.0));
    EXPECT_TRUE(reported("visceral-fat-mass", 14.999));
    EXPECT_FALSE(reported("visceral-fat-mass", 15.0));
    EXPECT_FALSE(reported("visceral-fat-mass", -0.001));
    EXPECT_FALSE(reported("", 1.0));
    for (const auto& [score, taken] :
         {std::pair(10.0, true), std::pair(-10.0, true), std::pair(10.01, false), std::pair(-10.01, false)}) {
        auto run = scanner();
        EXPECT_EQ(run.keepReported({}, {{"total", GramsPerSquareCentimetre(1.0), score, {}}}).has_value(),
                  taken)
            << score;
    }
}

} // namespace
} // namespace fusain::typed_limits_test
