#include "procedure/tank/events.hpp"

#include "record/base/json.hpp"

namespace fusain {
namespace {

// Schema 1 had one reading of each kind and said neither whose it was nor under which check it was taken: the
// order of the events tells.
void loadCellChecked(HydrostaticTest& test, const Event& event) {
    const Json data = withDefaults(event, {{"number", test.loadCellChecks.nextNumber()}});
    test.loadCellChecks.push_back(ofTest(loadCellCheckFromJson(data), test, event));
}

void trialAccepted(HydrostaticTest& test, const Event& event) {
    const LoadCellCheck* check = test.loadCell();
    Json data = withDefaults(event, {{"load_cell_check", check ? check->number : 0},
                                     {"tare_kg", check ? check->tare.value() : 0.0}});
    bringVerdictForward(data);
    test.trials.push_back(ofTest(trialFromJson(data), test, event));
}

void roomRead(HydrostaticTest& test, const Event& event) {
    test.roomTemperature = ofTest(readingFromJson(event.data->at("temperature_c")), test, event);
    test.pressure = ofTest(readingFromJson(event.data->at("pressure_mmhg")), test, event);
}

const EventTable<HydrostaticTest>& handlers() {
    static const EventTable<HydrostaticTest> table{
        {"load-cell.checked", loadCellChecked},
        {"dry-mass.read",
         [](HydrostaticTest& t, const Event& e) { t.dryMass = ofTest(readingFromJson(e.data), t, e); }},
        {"water-temperature.read",
         [](HydrostaticTest& t, const Event& e) {
             t.waterTemperature = ofTest(readingFromJson(e.data), t, e);
         }},
        {"room.read", roomRead},
        {"vital-capacity.added",
         [](HydrostaticTest& t, const Event& e) { t.efforts.push_back(ofTest(effortFromJson(e.data), t, e)); }},
        {"residual-volume.measured",
         [](HydrostaticTest& t, const Event& e) {
             t.residualVolume = ofTest(measuredResidualVolumeFromJson(e.data), t, e);
         }},
        {"trial.accepted", trialAccepted},
        {"trial.set-aside", [](HydrostaticTest& t, const Event& e) { applySetAside(t.trials, e); }},
        {"trial.restored", [](HydrostaticTest& t, const Event& e) { applyRestored(t.trials, e); }},
    };
    return table;
}

} // namespace

void applyEvent(HydrostaticTest& test, const Event& event) {
    applyBy(handlers(), test, event);
}

} // namespace fusain
