#pragma once
#include "core/impedance/cole.hpp"
#include "procedure/impedance/procedure.hpp"
#include "support/hydrostatic_run.hpp"

namespace fusain::testing {

/// @param index 0: lying, gel, Kyle; 1: Sun; 2: standing contacts
inline ImpedanceSetting impedanceSetting(std::size_t index = 0) {
    return {*impedancePolicyFromJson(dataFile("policies/impedance.json").at(index), "policies"),
            *protocolFromJson(dataFile("protocols/impedance.json"), "protocols")};
}

/// Eight frequencies of the whole body of the sheet's man; five segments that add up to it.
inline impedance::Sweep cleanSweep(double legs = 1.0) {
    using impedance::Segment;
    const impedance::ColeModel arc{Ohms(589.2956), Ohms(391.8270), 0.70, Hertz(40e3), Seconds(0.0)};
    impedance::Sweep sweep;
    for (const auto& [segment, part] :
         {std::pair(Segment::WholeBody, 1.0), std::pair(Segment::RightArm, 0.47),
          std::pair(Segment::LeftArm, 0.48), std::pair(Segment::Trunk, 0.06),
          std::pair(Segment::RightLeg, 0.47), std::pair(Segment::LeftLeg, 0.47 * legs)}) {
        impedance::Spectrum spectrum{segment, {}};
        for (const double khz : {1.0, 5.0, 20.0, 50.0, 100.0, 250.0, 500.0, 1000.0})
            spectrum.points.push_back(impedance::pointOf(
                kilohertz(khz), impedance::impedanceOf(part * arc.at(kilohertz(khz)).complex())));
        sweep.spectra.push_back(std::move(spectrum));
    }
    return sweep;
}

/// Everything before the sweep, typed, by the book.
inline void prepare(ImpedanceProcedure& run, Kilograms mass = Kilograms(70.0)) {
    MUST(run.setUp({"Analyzer", "1.0", 8, run.setting().policy.geometry, "right", std::nullopt}));
    MUST(run.confirm(ImpedanceStep::WarmUp));
    MUST(run.checkModule(Ohms(500.0), Ohms(500.4)));
    MUST(run.confirmIdentity("C-1", "C-1", run.test().subject.height));
    MUST(run.answerOpen(onTheLimit));
    MUST(run.weigh(mass, Attribution::typed()));
    MUST(run.confirm(ImpedanceStep::Electrodes));
    MUST(run.confirm(ImpedanceStep::Posture));
}

inline void finish(ImpedanceProcedure& run) {
    MUST(run.confirm(ImpedanceStep::Result));
    MUST(run.interpret("In the band."));
    MUST(run.sign(technician, physiologist));
}

} // namespace fusain::testing
