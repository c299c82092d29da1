#include "link/simulation/all/faults.hpp"

#include "record/all/record.hpp"

#include <algorithm>
#include <array>

namespace fusain::simulation {
namespace {

constexpr std::array known{
    NamedFault{"scale-offset", methodHydrostatic, "check-scale", FUSAIN_TEXT("the floor scale reads high"),
               [](LabFaults& f) { f.scaleOffset = true; }},
    NamedFault{"zero-drift", methodHydrostatic, "dry-load-cell",
               FUSAIN_TEXT("the zero of the load cell drifts"), [](LabFaults& f) { f.zeroDrift = true; }},
    NamedFault{"tare-changed", methodHydrostatic, "look-at-chair",
               FUSAIN_TEXT("something hangs on the chair that was not there at zero"),
               [](LabFaults& f) { f.tareChanged = true; }},
    NamedFault{"incomplete-breathing-out", methodHydrostatic, "coach-breathing",
               FUSAIN_TEXT("air is still leaving the lungs"),
               [](LabFaults& f) { f.incompleteBreathingOut = true; }},
    NamedFault{"wall-touch", methodHydrostatic, "off-the-wall", FUSAIN_TEXT("a hand or foot on the wall"),
               [](LabFaults& f) { f.wallTouch = true; }},
    NamedFault{"splash", methodHydrostatic, "still-water", FUSAIN_TEXT("restless water"),
               [](LabFaults& f) { f.splash = true; }},
    NamedFault{"held-back", methodHydrostatic, "calm", FUSAIN_TEXT("a tense person keeps air in"),
               [](LabFaults& f) { f.heldBack = true; }},
    NamedFault{"trapped-air", methodHydrostatic, "rub-off-air", FUSAIN_TEXT("bubbles in suit and hair"),
               [](LabFaults& f) { f.trappedAir = true; }},
    NamedFault{"cylinder-left", methodChamber, "empty-chamber",
               FUSAIN_TEXT("the calibration cylinder is still in the chamber"),
               [](LabFaults& f) { f.chamber.cylinderLeft = true; }},
    NamedFault{"draught", methodChamber, "close-room", FUSAIN_TEXT("a draught in the room"),
               [](LabFaults& f) { f.chamber.draught = true; }},
    NamedFault{"door-open", methodChamber, "close-chamber", FUSAIN_TEXT("the door of the chamber leaks"),
               [](LabFaults& f) { f.chamber.doorOpen = true; }},
    NamedFault{"loose-air", methodChamber, "cap", FUSAIN_TEXT("loose hair or clothing holds air"),
               [](LabFaults& f) { f.chamber.looseAir = true; }},
    NamedFault{"warm-damp", methodChamber, "dry-off", FUSAIN_TEXT("warm, damp skin"),
               [](LabFaults& f) { f.chamber.warmDamp = true; }},
    NamedFault{"coughs", methodChamber, "let-cough", FUSAIN_TEXT("coughing"),
               [](LabFaults& f) { f.chamber.coughs = true; }},
    NamedFault{"chamber-scale-off", methodChamber, "level-scale",
               FUSAIN_TEXT("the scale of the chamber reads high"),
               [](LabFaults& f) { f.chamberScaleOffset = true; }, true},
    NamedFault{"wriggles", methodChamber, "calm", FUSAIN_TEXT("the person moves in the chamber"),
               [](LabFaults& f) { f.chamber.moves = true; }},
    NamedFault{"socks", methodImpedance, "socks-off", FUSAIN_TEXT("socks between foot and contact"),
               [](LabFaults& f) { f.analyzer.socks = true; }},
    NamedFault{"thumb-off", methodImpedance, "contacts", FUSAIN_TEXT("the thumb is off its contact"),
               [](LabFaults& f) { f.analyzer.badContact = impedance::Segment::RightArm; }},
    NamedFault{"crossed-leads", methodImpedance, "leads", FUSAIN_TEXT("two leads are crossed"),
               [](LabFaults& f) { f.analyzer.crossedLeads = true; }},
    NamedFault{"thighs-touch", methodImpedance, "towel", FUSAIN_TEXT("the thighs touch"),
               [](LabFaults& f) { f.analyzer.thighsTouch = true; }},
    NamedFault{"talking", methodImpedance, "quiet", FUSAIN_TEXT("talking during the sweep"),
               [](LabFaults& f) { f.analyzer.talking = true; }},
    NamedFault{"cold-analyzer", methodImpedance, "warm-up", FUSAIN_TEXT("the analyzer is still warming up"),
               [](LabFaults& f) { f.analyzer.warmUpDrift = true; }},
    NamedFault{"module-off", methodImpedance, "call-service",
               FUSAIN_TEXT("the analyzer reads its test module wrong"),
               [](LabFaults& f) { f.analyzerOff = 0.03; }, true},
    NamedFault{"arm-outside", methodDxa, "in-the-field", FUSAIN_TEXT("an arm is outside the field"),
               [](LabFaults& f) { f.scanner.armOutside = true; }},
    NamedFault{"lines-wrong", methodDxa, "lines-again", FUSAIN_TEXT("the lines of the regions are wrong"),
               [](LabFaults& f) { f.scanner.linesWrong = true; }},
    NamedFault{"metal", methodDxa, "metal-off", FUSAIN_TEXT("metal in the field"),
               [](LabFaults& f) { f.scanner.metal = true; }},
    NamedFault{"fidgets", methodDxa, "calm", FUSAIN_TEXT("the person moves during the scan"),
               [](LabFaults& f) { f.scanner.moves = true; }},
    NamedFault{"phantom-off", methodDxa, "call-service", FUSAIN_TEXT("the densitometer has drifted"),
               [](LabFaults& f) { f.phantomOff = 2.2; }, true},
    NamedFault{"over-shirt", methodGirths, "bare-skin", FUSAIN_TEXT("the tape is over thick clothing"),
               [](LabFaults& f) { f.tape.overShirt = true; }},
    NamedFault{"pulled-tight", methodGirths, "lay-loose", FUSAIN_TEXT("the tape is pulled into the skin"),
               [](LabFaults& f) { f.tape.pulledTight = true; }},
    NamedFault{"not-level", methodGirths, "level-tape", FUSAIN_TEXT("the tape is not level"),
               [](LabFaults& f) { f.tape.notLevel = true; }},
};

} // namespace

SubmersionSettings submersionWith(const LabFaults& faults, double net, Random& random) {
    SubmersionSettings settings =
        drawSubmersion(random, net - (faults.heldBack ? 0.994 * heldBackAir : 0.0) -
                                   (faults.trappedAir ? 0.994 * trappedAirVolume : 0.0) +
                                   (faults.tareChanged ? changedTare : 0.0));
    settings.faults.incompleteBreathingOut = faults.incompleteBreathingOut;
    settings.faults.wallTouch = faults.wallTouch;
    settings.faults.splash = faults.splash;
    return settings;
}

std::span<const NamedFault> namedFaults() {
    return known;
}

const NamedFault* faultNamed(std::string_view name) {
    const auto* found = std::ranges::find(known, name, &NamedFault::name);
    return found == known.end() ? nullptr : found;
}

Expected<LabFaults> faultsNamed(std::span<const std::string> names) {
    LabFaults faults;
    for (const std::string& name : names) {
        const NamedFault* fault = faultNamed(name);
        if (!fault)
            return failure({FUSAIN_TEXT("The simulator knows no fault \"{1}\"."), {name}});
        fault->put(faults);
    }
    return faults;
}

Expected<FaultScript> FaultScript::from(std::vector<ScriptedFault> faults) {
    for (const ScriptedFault& fault : faults)
        if (!faultNamed(fault.name))
            return failure({FUSAIN_TEXT("The simulator knows no fault \"{1}\"."), {fault.name}});
    FaultScript script;
    script.faults_ = std::move(faults);
    return script;
}

std::vector<std::string> FaultScript::namesDuring(int recording) const {
    std::vector<std::string> names;
    for (const ScriptedFault& fault : faults_)
        if (fault.recordings.empty() ||
            std::ranges::find(fault.recordings, recording) != fault.recordings.end())
            names.push_back(fault.name);
    return names;
}

LabFaults FaultScript::during(int recording) const {
    const auto names = namesDuring(recording);
    return *faultsNamed(names);
}

bool FaultScript::mend(std::string_view act, int recording) {
    const auto mended = std::erase_if(faults_, [&](const ScriptedFault& fault) {
        const bool there = fault.recordings.empty() || std::ranges::find_if(fault.recordings, [&](int each) {
                                                           return each >= recording;
                                                       }) != fault.recordings.end();
        return there && faultNamed(fault.name)->act == act;
    });
    return mended > 0;
}

} // namespace fusain::simulation
