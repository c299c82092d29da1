#include "procedure/chamber/events.hpp"

#include "procedure/chamber/procedure.hpp"

// Schema 1 did not say under which calibration a trial was taken: the order of the events tells.

namespace fusain::chamber {

Calibrated Calibrated::read(const Event& event, const ChamberTest& test) {
    const Json data = withDefaults(event, {{"number", test.calibrations.nextNumber()}, {"set", test.set}});
    return {ofTest(calibrationFromJson(data), test, event)};
}
Json Calibrated::data() const {
    return toJson(calibration);
}
void Calibrated::applyTo(ChamberTest& test) const {
    test.calibrations.push_back(calibration);
}

VolumeAccepted VolumeAccepted::read(const Event& event, const ChamberTest& test) {
    const ChamberCalibration* calibration = test.calibration();
    Json data =
        withDefaults(event, {{"set", test.set}, {"calibration", calibration ? calibration->number : 0}});
    bringVerdictForward(data);
    return {ofTest(volumeTrialFromJson(data), test, event)};
}
Json VolumeAccepted::data() const {
    return toJson(trial);
}
void VolumeAccepted::applyTo(ChamberTest& test) const {
    test.trials.push_back(trial);
}

StartedOver StartedOver::read(const Event& event, const RawTest&) {
    onlyKeys(event, {"reason"});
    return {event.data->at("reason").get<std::string>()};
}
Json StartedOver::data() const {
    return {{"reason", reason}};
}
void StartedOver::applyTo(ChamberTest& test) const {
    ++test.set;
    test.notes.push_back({NoteKind::StartedOver, {}, reason});
}

} // namespace fusain::chamber

namespace fusain {

void checkEvent(const ChamberTest& test, const Event& event) {
    static_cast<void>(readEvent<chamber::AnyEvent>(event, test));
}
void applyEvent(ChamberTest& test, const Event& event) {
    applyAs<chamber::AnyEvent>(test, event);
}

} // namespace fusain
