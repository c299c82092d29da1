#pragma once
#include "procedure/all/computed.hpp"
#include "procedure/all/procedure.hpp"
#include "procedure/scan/procedure.hpp"
#include "support/hydrostatic_run.hpp"

namespace fusain::testing {

inline const TestSubject woman{"client-2", Sex::Female, Years(34.0), Metres(1.65), false};

/// @param index 0: kilograms, whole mass; 1: percent; 2: pounds, soft tissue
inline DxaSetting dxaSetting(std::size_t index = 0) {
    return {*dxaPolicyFromJson(dataFile("policies/dxa.json").at(index), "policies"),
            *protocolFromJson(dataFile("protocols/dxa.json"), "protocols")};
}

/// The sheet's test man: fat 18.0, lean 50.0, BMC 2.8 kg, arms 3.1/3.3 and legs 8.5/8.6 kg of lean.
inline dxa::Scan sheetsScan() {
    using dxa::Region;
    const auto region = [](Region which, double fat, double lean, double bone) {
        return dxa::RegionReading{which, Kilograms(fat), Kilograms(lean), Kilograms(bone), {}, {}};
    };
    return {{region(Region::Head, 1.0, 3.3, 0.5), region(Region::LeftArm, 1.0, 3.1, 0.2),
             region(Region::RightArm, 1.1, 3.3, 0.2), region(Region::Trunk, 9.4, 23.2, 0.9),
             region(Region::LeftLeg, 2.7, 8.5, 0.5), region(Region::RightLeg, 2.8, 8.6, 0.5),
             region(Region::Subtotal, 17.0, 46.7, 2.3), region(Region::Total, 18.0, 50.0, 2.8),
             region(Region::Android, 1.6, 3.35, 0.05), region(Region::Gynoid, 2.7, 7.1, 0.2)}};
}

/// Everything before the scan, typed, by the book.
inline void prepare(DxaProcedure& run, Kilograms mass = Kilograms(70.8)) {
    MUST(run.setScanner({"Scanner", "3.1", "whole body"}));
    MUST(run.readPhantom(Percent(24.05), Percent(24.2)));
    MUST(run.answerOpen(onTheLimit));
    MUST(run.weigh(mass, Attribution::typed()));
    MUST(run.stateDose(0, Microsieverts(0.0), 0));
    MUST(run.confirm(DxaStep::Positioning));
}

/// A scan file that was chosen for this test.
inline Attribution fromFile(const Procedure& run, const std::string& name = "scan-1.json") {
    return Attribution::fromFile(run.record().id, "scanner", name);
}

inline DxaScan scanOf(dxa::Scan readings) {
    DxaScan scan;
    scan.readings = std::move(readings);
    scan.dose = Microsieverts(5.0);
    return scan;
}

inline void finish(DxaProcedure& run) {
    MUST(run.confirm(DxaStep::Lines));
    MUST(run.confirm(DxaStep::Result));
    MUST(run.interpret("In the band."));
    MUST(run.sign(technician, physiologist));
}

/// A finished set of readings of the test man, with so much less fat, taken at a moment.
inline ComputedTest scannedOn(const char* when, double lessFat = 0.0, double lessLean = 0.0) {
    static MemoryJournal journal;
    auto run =
        *DxaProcedure::begin(dxaSetting(), "t", man, technician, journal, SteppingClock(*instantFromIso(when)));
    dxa::Scan scan = sheetsScan();
    for (auto& region : scan.regions)
        if (region.region == dxa::Region::Trunk || region.region == dxa::Region::Subtotal ||
            region.region == dxa::Region::Total) {
            region.fat -= Kilograms(lessFat);
            region.lean -= Kilograms(lessLean);
        }
    prepare(run, Kilograms(70.8 - lessFat - lessLean));
    EXPECT_TRUE(run.acceptScan(scanOf(scan)));
    return *computeTest(snapshotOf(run), run.setting().policy);
}

} // namespace fusain::testing
