#include "procedure/chamber/events.hpp"

#include "record/base/json.hpp"

namespace fusain {
namespace {

// Schema 1 did not say under which calibration a trial was taken: the order of the events tells.
void scaleChecked(ChamberTest& test, const Event& event) {
    const Json data = withDefaults(event, {{"number", test.scaleChecks.nextNumber()}});
    test.scaleChecks.push_back(ofTest(scaleCheckFromJson(data), test, event));
}

void calibrated(ChamberTest& test, const Event& event) {
    const Json data = withDefaults(event, {{"number", test.calibrations.nextNumber()}, {"set", test.set}});
    test.calibrations.push_back(ofTest(calibrationFromJson(data), test, event));
}

void volumeAccepted(ChamberTest& test, const Event& event) {
    const ChamberCalibration* calibration = test.calibration();
    Json data =
        withDefaults(event, {{"set", test.set}, {"calibration", calibration ? calibration->number : 0}});
    bringVerdictForward(data);
    test.trials.push_back(ofTest(volumeTrialFromJson(data), test, event));
}

void startedOver(ChamberTest& test, const Event& event) {
    ++test.set;
    test.notes.push_back({NoteKind::StartedOver, {}, reasonIn(event)});
}

const EventTable<ChamberTest>& handlers() {
    static const EventTable<ChamberTest> table{
        {"scale.checked", scaleChecked},
        {"chamber.calibrated", calibrated},
        {"mass.read", [](ChamberTest& t, const Event& e) { t.mass = ofTest(readingFromJson(e.data), t, e); }},
        {"volume.accepted", volumeAccepted},
        {"volume.set-aside", [](ChamberTest& t, const Event& e) { applySetAside(t.trials, e); }},
        {"volume.restored", [](ChamberTest& t, const Event& e) { applyRestored(t.trials, e); }},
        {"chamber.started-over", startedOver},
        {"thoracic-gas.measured",
         [](ChamberTest& t, const Event& e) {
             t.thoracicGas = ofTest(measuredThoracicGasFromJson(e.data), t, e);
         }},
    };
    return table;
}

} // namespace

void applyEvent(ChamberTest& test, const Event& event) {
    applyBy(handlers(), test, event);
}

} // namespace fusain
