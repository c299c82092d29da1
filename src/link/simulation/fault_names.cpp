#include "link/simulation/fault_names.hpp"

#include <map>

namespace fusain::simulation {

Expected<LabFaults> faultsNamed(std::span<const std::string> names) {
    static const std::map<std::string_view, void (*)(LabFaults&)> known{
        {"scale-offset", [](LabFaults& f) { f.scaleOffset = true; }},
        {"zero-drift", [](LabFaults& f) { f.zeroDrift = true; }},
        {"incomplete-breathing-out", [](LabFaults& f) { f.incompleteBreathingOut = true; }},
        {"wall-touch", [](LabFaults& f) { f.wallTouch = true; }},
        {"splash", [](LabFaults& f) { f.splash = true; }},
        {"cylinder-left", [](LabFaults& f) { f.chamber.cylinderLeft = true; }},
        {"draught", [](LabFaults& f) { f.chamber.draught = true; }},
        {"loose-air", [](LabFaults& f) { f.chamber.looseAir = true; }},
        {"warm-damp", [](LabFaults& f) { f.chamber.warmDamp = true; }},
        {"coughs", [](LabFaults& f) { f.chamber.coughs = true; }},
        {"socks", [](LabFaults& f) { f.analyzer.socks = true; }},
        {"crossed-leads", [](LabFaults& f) { f.analyzer.crossedLeads = true; }},
        {"thighs-touch", [](LabFaults& f) { f.analyzer.thighsTouch = true; }},
        {"talking", [](LabFaults& f) { f.analyzer.talking = true; }},
        {"arm-outside", [](LabFaults& f) { f.scanner.armOutside = true; }},
        {"lines-wrong", [](LabFaults& f) { f.scanner.linesWrong = true; }},
        {"metal", [](LabFaults& f) { f.scanner.metal = true; }},
    };
    LabFaults faults;
    for (const std::string& name : names) {
        const auto found = known.find(name);
        if (found == known.end())
            return failure({FUSAIN_TEXT("The simulator knows no fault \"{1}\"."), {name}});
        found->second(faults);
    }
    return faults;
}

} // namespace fusain::simulation
