// Events of underwater weighing.
#include "procedure/test_events.hpp"

#include <algorithm>
#include <map>

namespace fusain {
namespace {

using Apply = void (*)(HydrostaticTest&, const Event&);

WeighingTrial* trialNumbered(HydrostaticTest& test, const Json& data) {
    const int number = data.at("number").get<int>();
    const auto found = std::ranges::find(test.trials, number, &WeighingTrial::number);
    return found == test.trials.end() ? nullptr : &*found;
}

const std::map<std::string, Apply>& handlers() {
    static const std::map<std::string, Apply> table{
        {"load-cell.checked",
         [](HydrostaticTest& t, const Event& e) { t.loadCell = loadCellCheckFromJson(e.data); }},
        {"dry-mass.read", [](HydrostaticTest& t, const Event& e) { t.dryMass = readingFromJson(e.data); }},
        {"water-temperature.read",
         [](HydrostaticTest& t, const Event& e) { t.waterTemperature = readingFromJson(e.data); }},
        {"room.read",
         [](HydrostaticTest& t, const Event& e) {
             t.roomTemperature = readingFromJson(e.data.at("temperature_c"));
             t.pressure = readingFromJson(e.data.at("pressure_mmhg"));
         }},
        {"vital-capacity.added",
         [](HydrostaticTest& t, const Event& e) { t.efforts.push_back(effortFromJson(e.data)); }},
        {"residual-volume.measured",
         [](HydrostaticTest& t, const Event& e) { t.residualVolume = measuredResidualVolumeFromJson(e.data); }},
        {"trial.accepted",
         [](HydrostaticTest& t, const Event& e) { t.trials.push_back(trialFromJson(e.data)); }},
        {"trial.set-aside",
         [](HydrostaticTest& t, const Event& e) {
             if (WeighingTrial* trial = trialNumbered(t, e.data))
                 trial->setAsideReason = e.data.at("reason").get<std::string>();
         }},
        {"trial.restored",
         [](HydrostaticTest& t, const Event& e) {
             if (WeighingTrial* trial = trialNumbered(t, e.data))
                 trial->setAsideReason.clear();
         }},
    };
    return table;
}

} // namespace

void applyEvent(HydrostaticTest& test, const Event& event) {
    if (applyCommonEvent(test, event))
        return;
    if (const auto handler = handlers().find(event.kind); handler != handlers().end())
        handler->second(test, event);
}

} // namespace fusain
