#include "procedure/impedance/events.hpp"

#include "record/base/json.hpp"

namespace fusain {
namespace {

// Schema 1 did not say how the analyzer was connected for a sweep, nor with which sweep values were reported:
// the order of the events tells.
void moduleChecked(ImpedanceTest& test, const Event& event) {
    const Json data = withDefaults(event, {{"number", test.moduleChecks.nextNumber()}});
    test.moduleChecks.push_back(ofTest(moduleCheckFromJson(data), test, event));
}

void identityConfirmed(ImpedanceTest& test, const Event& event) {
    Json data = *event.data;
    bringDoubtsForward(data);
    test.identity = ofTest(identityCheckFromJson(data), test, event);
    test.subject.height = test.identity->height;
}

void keepSweep(ImpedanceTest& test, const Event& event, Json data) {
    const ModuleCheck* check = test.moduleCheck();
    Json filled{{"analyzer", toJson(test.setup)}, {"module_check", check ? check->number : 0}};
    filled.update(data);
    bringVerdictForward(filled);
    test.sweeps.push_back(ofTest(impedanceSweepFromJson(filled), test, event));
    if (const std::string reason = data.value("overridden_because", ""); !reason.empty())
        test.notes.push_back({NoteKind::SignalOverridden, {}, reason});
}

void keepReported(ImpedanceTest& test, const Event& event, const Json& values) {
    ReportedValues reported{{}, test.sweep() ? test.sweep()->number : 0, {}};
    reported.at = event.at;
    for (const Json& value : values)
        reported.values.push_back(reportedValueFromJson(value));
    if (!reported.values.empty() || event.kind == "values.reported")
        test.reported.push_back(ofTest(std::move(reported), test, event));
}

void imported(ImpedanceTest& test, const Event& event) {
    test.mass = ofTest(readingFromJson(event.data->at("mass_kg")), test, event);
    if (event.data->contains("sweep"))
        keepSweep(test, event, event.data->at("sweep"));
    keepReported(test, event, event.data->at("reported"));
    test.notes.push_back({NoteKind::Imported, {}, event.data->at("source").get<std::string>()});
}

void lengthTaped(ImpedanceTest& test, const Event& event) {
    if (const auto segment = impedance::segmentFromKey(event.data->at("segment").get<std::string>()))
        test.tapedLengths[*segment] = Metres(event.data->at("length_m").get<double>());
}

const EventTable<ImpedanceTest>& handlers() {
    static const EventTable<ImpedanceTest> table{
        {"analyzer.set", [](ImpedanceTest& t, const Event& e) { t.setup = analyzerSetupFromJson(e.data); }},
        {"module.checked", moduleChecked},
        {"identity.confirmed", identityConfirmed},
        {"mass.read", [](ImpedanceTest& t, const Event& e) { t.mass = ofTest(readingFromJson(e.data), t, e); }},
        {"sweep.accepted", [](ImpedanceTest& t, const Event& e) { keepSweep(t, e, *e.data); }},
        {"sweep.set-aside", [](ImpedanceTest& t, const Event& e) { applySetAside(t.sweeps, e); }},
        {"sweep.restored", [](ImpedanceTest& t, const Event& e) { applyRestored(t.sweeps, e); }},
        {"values.reported", [](ImpedanceTest& t, const Event& e) { keepReported(t, e, e.data->at("values")); }},
        {"readings.imported", imported},
        {"parts.missing",
         [](ImpedanceTest& t, const Event& e) {
             t.missingParts = e.data->at("parts").get<std::vector<std::string>>();
         }},
        {"length.taped", lengthTaped},
    };
    return table;
}

} // namespace

void applyEvent(ImpedanceTest& test, const Event& event) {
    applyBy(handlers(), test, event);
}

} // namespace fusain
