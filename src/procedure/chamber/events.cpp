#include "procedure/chamber/events.hpp"

#include "record/base/json.hpp"

namespace fusain {
namespace {

const EventTable<ChamberTest>& handlers() {
    static const EventTable<ChamberTest> table{
        {"scale.checked", [](ChamberTest& t, const Event& e) { t.scale = scaleCheckFromJson(e.data); }},
        {"chamber.calibrated",
         [](ChamberTest& t, const Event& e) { t.calibration = calibrationFromJson(e.data); }},
        {"mass.read", [](ChamberTest& t, const Event& e) { t.mass = readingFromJson(e.data); }},
        {"volume.accepted",
         [](ChamberTest& t, const Event& e) { t.trials.push_back(volumeTrialFromJson(e.data)); }},
        {"volume.set-aside", [](ChamberTest& t, const Event& e) { applySetAside(t.trials, e); }},
        {"volume.restored", [](ChamberTest& t, const Event& e) { applyRestored(t.trials, e); }},
        {"chamber.started-over",
         [](ChamberTest& t, const Event& e) {
             if (t.calibration)
                 t.earlierCalibrations.push_back(*t.calibration);
             t.calibration.reset();
             ++t.set;
             t.notes.push_back("calibration: started over, " + e.data->at("reason").get<std::string>());
         }},
        {"thoracic-gas.measured",
         [](ChamberTest& t, const Event& e) { t.thoracicGas = measuredThoracicGasFromJson(e.data); }},
    };
    return table;
}

} // namespace

void applyEvent(ChamberTest& test, const Event& event) {
    applyBy(handlers(), test, event);
}

} // namespace fusain
