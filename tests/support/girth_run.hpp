#pragma once
#include "procedure/all/computed.hpp"
#include "procedure/all/procedure.hpp"
#include "procedure/girth/procedure.hpp"
#include "support/hydrostatic_run.hpp"

namespace fusain::testing {

/// @param index 0: five sites; 1: waist and hip, limits for Asian adults
inline GirthSetting girthSetting(std::size_t index = 0) {
    return {*girthPolicyFromJson(dataFile("policies/girths.json").at(index), "policies"),
            *protocolFromJson(dataFile("protocols/girths.json"), "protocols")};
}

/// Everything before the tape, by the book.
inline void prepare(GirthProcedure& run, Kilograms mass = Kilograms(80.0)) {
    MUST(run.checkTape(Centimetres(100.0), Centimetres(100.1)));
    MUST(run.answerOpen(onTheLimit));
    MUST(run.weigh(mass, Attribution::typed()));
    MUST(run.confirm(GirthStep::Landmarks));
}

/// Three rounds, a millimetre apart. @param waist cm; the other sites are always the same
inline void measure(GirthProcedure& run, double waist = 96.0) {
    using girth::Site;
    while (const auto site = run.nextSite()) {
        const double value = *site == Site::Waist  ? waist
                             : *site == Site::Hip  ? 100.0
                             : *site == Site::Neck ? 38.0
                             : *site == Site::Arm  ? 31.0
                                                   : 56.0;
        const double off = 0.1 * static_cast<double>(run.judgementOf(*site).spread.value() > 0.0) - 0.05;
        MUST(run.takeGirth(*site, Centimetres(value + off)));
    }
}

inline void finish(GirthProcedure& run) {
    MUST(run.confirm(GirthStep::Result));
    MUST(run.interpret("Followed from here."));
    MUST(run.sign(technician, physiologist));
}

/// A finished set of girths of the test man, taken at a moment.
inline ComputedTest tapedOn(const char* when, double waist = 96.0) {
    static MemoryJournal journal;
    auto run = *GirthProcedure::begin(girthSetting(), "t", man, technician, journal,
                                      SteppingClock(*instantFromIso(when)));
    prepare(run);
    measure(run, waist);
    return *computeTest(snapshotOf(run), run.setting().policy);
}

} // namespace fusain::testing
