// Events of the air-displacement chamber.
#include "procedure/test_events.hpp"

#include <algorithm>
#include <map>

namespace fusain {
namespace {

using Apply = void (*)(ChamberTest&, const Event&);

VolumeTrial* trialNumbered(ChamberTest& test, const Json& data) {
    const int number = data.at("number").get<int>();
    const auto found = std::ranges::find(test.trials, number, &VolumeTrial::number);
    return found == test.trials.end() ? nullptr : &*found;
}

const std::map<std::string, Apply>& handlers() {
    static const std::map<std::string, Apply> table{
        {"scale.checked", [](ChamberTest& t, const Event& e) { t.scale = scaleCheckFromJson(e.data); }},
        {"chamber.calibrated",
         [](ChamberTest& t, const Event& e) { t.calibration = calibrationFromJson(e.data); }},
        {"mass.read", [](ChamberTest& t, const Event& e) { t.mass = readingFromJson(e.data); }},
        {"volume.accepted",
         [](ChamberTest& t, const Event& e) { t.trials.push_back(volumeTrialFromJson(e.data)); }},
        {"volume.set-aside",
         [](ChamberTest& t, const Event& e) {
             if (VolumeTrial* trial = trialNumbered(t, e.data))
                 trial->setAsideReason = e.data.at("reason").get<std::string>();
         }},
        {"volume.restored",
         [](ChamberTest& t, const Event& e) {
             if (VolumeTrial* trial = trialNumbered(t, e.data))
                 trial->setAsideReason.clear();
         }},
        {"chamber.started-over",
         [](ChamberTest& t, const Event& e) {
             if (t.calibration)
                 t.earlierCalibrations.push_back(*t.calibration);
             t.calibration.reset();
             ++t.set;
             t.notes.push_back("calibration: started over, " + e.data.at("reason").get<std::string>());
         }},
        {"thoracic-gas.measured",
         [](ChamberTest& t, const Event& e) { t.thoracicGas = measuredThoracicGasFromJson(e.data); }},
    };
    return table;
}

} // namespace

void applyEvent(ChamberTest& test, const Event& event) {
    if (applyCommonEvent(test, event))
        return;
    if (const auto handler = handlers().find(event.kind); handler != handlers().end())
        handler->second(test, event);
}

} // namespace fusain
