#pragma once
#include "procedure/tank/procedure.hpp"
#include "record/base/json.hpp"

#include <fstream>
#include <gtest/gtest.h>
#include <sstream>

namespace fusain::testing {

inline Json dataFile(const std::string& name) {
    std::ifstream file(std::string(FUSAIN_SOURCE_DIR) + "/data/" + name);
    std::stringstream text;
    text << file.rdbuf();
    return Json::parse(text.str());
}

inline HydrostaticSetting standardSetting() {
    return {*hydrostaticPolicyFromJson(dataFile("policies/hydrostatic.json").at(0), "policies"),
            *protocolFromJson(dataFile("protocols/hydrostatic.json"), "protocol")};
}

/// A clock that moves one second at every look.
class SteppingClock {
public:
    explicit SteppingClock(Instant start = *instantFromIso("2026-03-12T07:40:00.000Z"))
        : now_(std::make_shared<Instant>(start)) {}
    Instant operator()() const { return *now_ = now_->plusMinutes(1.0 / 60.0); }

private:
    std::shared_ptr<Instant> now_;
};

inline const Staff technician{"bram", "Bram Iyengar", Role::Technician};
inline const Staff physiologist{"oriel", "Oriel Thackway", Role::Physiologist};
inline const TestSubject man{"client-1", Sex::Male, Years(30.0), Metres(1.75), false};

inline readiness::Answer onTheLimit(const readiness::Rule& rule) {
    return readiness::answerKeeping(rule);
}

/// A reading that was recorded for this test.
inline Attribution linked(const Procedure& run, const char* device = "analyzer") {
    return Attribution::overLink(run.record().id, device, "tcp:127.0.0.1:1");
}

/// Eight seconds on the load cell that are read at once.
inline std::vector<hydrostatic::ForceSample> steadyTrace(double gross = 7.44) {
    std::vector<hydrostatic::ForceSample> trace;
    for (int i = 0; i < 400; ++i)
        trace.push_back({Seconds(0.02 * i), Kilograms(gross + 0.002 * std::sin(0.9 * i))});
    return trace;
}

#define MUST(command)                                                                                          \
    do {                                                                                                       \
        const auto outcome = (command);                                                                        \
        ASSERT_TRUE(outcome.has_value()) << outcome.error().english();                                         \
    } while (false)

/// Everything before the first trial, by the book.
inline void prepare(HydrostaticProcedure& run) {
    MUST(run.confirm(HydrostaticStep::TankReady));
    MUST(run.checkLoadCell(Kilograms(4.15), Kilograms(5.0), Kilograms(5.004)));
    MUST(run.readWaterTemperature(Celsius(34.0), Attribution::typed()));
    MUST(run.answerOpen(onTheLimit));
    MUST(run.weighDry(Kilograms(70.0), Attribution::typed()));
    MUST(run.measureResidualVolume(Litres(1.30), "oxygen dilution"));
    MUST(run.confirm(HydrostaticStep::Rehearsal));
}

inline void weighThreeTimes(HydrostaticProcedure& run) {
    for (const double gross : {7.44, 7.46, 7.45})
        MUST(run.acceptTrial(Kilograms(gross), Kilograms(0.02)));
}

inline void finish(HydrostaticProcedure& run) {
    MUST(run.confirm(HydrostaticStep::OutSafely));
    MUST(run.confirm(HydrostaticStep::Result));
    MUST(run.interpret("In the band."));
    MUST(run.sign(technician, physiologist));
}

} // namespace fusain::testing
