#pragma once
#include "procedure/chamber/procedure.hpp"
#include "support/hydrostatic_run.hpp"

namespace fusain::testing {

inline ChamberSetting chamberSetting() {
    return {*chamberPolicyFromJson(dataFile("policies/air-displacement.json").at(0), "policies"),
            *protocolFromJson(dataFile("protocols/air-displacement.json"), "protocols")};
}

/// Everything before the first volume trial, typed, by the book.
inline void prepare(ChamberProcedure& run) {
    MUST(run.confirm(ChamberStep::WarmUp));
    MUST(run.checkScale(Kilograms(20.0), Kilograms(20.004)));
    MUST(run.calibrateTyped(Litres(50.0), Litres(50.02)));
    MUST(run.answerOpen(onTheLimit));
    MUST(run.weigh(Kilograms(70.0), Attribution::typed()));
}

inline void measureTwice(ChamberProcedure& run) {
    for (const double volume : {63.46, 63.54})
        MUST(run.acceptTrial(Litres(volume), Litres(0.0)));
    MUST(run.measureThoracicGas(Litres(3.840), "panting"));
}

inline void finish(ChamberProcedure& run) {
    MUST(run.confirm(ChamberStep::Result));
    MUST(run.interpret("In the band."));
    MUST(run.sign(technician, physiologist));
}

} // namespace fusain::testing
