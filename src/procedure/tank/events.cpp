#include "procedure/tank/events.hpp"

#include "record/base/json.hpp"

namespace fusain {
namespace {

const EventTable<HydrostaticTest>& handlers() {
    static const EventTable<HydrostaticTest> table{
        {"load-cell.checked",
         [](HydrostaticTest& t, const Event& e) { t.loadCell = loadCellCheckFromJson(e.data); }},
        {"dry-mass.read", [](HydrostaticTest& t, const Event& e) { t.dryMass = readingFromJson(e.data); }},
        {"water-temperature.read",
         [](HydrostaticTest& t, const Event& e) { t.waterTemperature = readingFromJson(e.data); }},
        {"room.read",
         [](HydrostaticTest& t, const Event& e) {
             t.roomTemperature = readingFromJson(e.data->at("temperature_c"));
             t.pressure = readingFromJson(e.data->at("pressure_mmhg"));
         }},
        {"vital-capacity.added",
         [](HydrostaticTest& t, const Event& e) { t.efforts.push_back(effortFromJson(e.data)); }},
        {"residual-volume.measured",
         [](HydrostaticTest& t, const Event& e) { t.residualVolume = measuredResidualVolumeFromJson(e.data); }},
        {"trial.accepted",
         [](HydrostaticTest& t, const Event& e) { t.trials.push_back(trialFromJson(e.data)); }},
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
