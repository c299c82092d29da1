#include "procedure/tank/events.hpp"

#include "procedure/tank/procedure.hpp"

namespace fusain::tank {

RoomRead RoomRead::read(const Event& event, const RawTest& test) {
    onlyKeys(event, {"temperature_c", "pressure_mmhg"});
    return {ofTest(roomTemperatureFromJson(event.data->at("temperature_c")), test, event),
            ofTest(pressureFromJson(event.data->at("pressure_mmhg")), test, event)};
}
Json RoomRead::data() const {
    return {{"temperature_c", toJson(temperature)}, {"pressure_mmhg", toJson(pressure)}};
}
void RoomRead::applyTo(HydrostaticTest& test) const {
    test.roomTemperature = temperature;
    test.pressure = pressure;
}

VitalCapacityAdded VitalCapacityAdded::read(const Event& event, const RawTest& test) {
    return {ofTest(effortFromJson(event.data), test, event)};
}
Json VitalCapacityAdded::data() const {
    return toJson(effort);
}
void VitalCapacityAdded::applyTo(HydrostaticTest& test) const {
    test.efforts.push_back(effort);
}

// Schema 1 did not say under which check a trial was taken: the order of the events tells.
TrialAccepted TrialAccepted::read(const Event& event, const HydrostaticTest& test) {
    const LoadCellCheck* check = test.loadCell();
    Json data = withDefaults(event, {{"load_cell_check", check ? check->number : 0},
                                     {"tare_kg", check ? check->tare.value() : 0.0}});
    bringVerdictForward(data);
    return {ofTest(trialFromJson(data), test, event)};
}
Json TrialAccepted::data() const {
    return toJson(trial);
}
void TrialAccepted::applyTo(HydrostaticTest& test) const {
    test.trials.push_back(trial);
}

} // namespace fusain::tank

namespace fusain {

void checkEvent(const HydrostaticTest& test, const Event& event) {
    static_cast<void>(readEvent<tank::AnyEvent>(event, test));
}
void applyEvent(HydrostaticTest& test, const Event& event) {
    applyAs<tank::AnyEvent>(test, event);
}

} // namespace fusain
