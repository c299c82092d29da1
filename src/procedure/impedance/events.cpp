#include "procedure/impedance/events.hpp"

#include "record/base/json.hpp"

namespace fusain {
namespace {

const EventTable<ImpedanceTest>& handlers() {
    static const EventTable<ImpedanceTest> table{
        {"analyzer.set", [](ImpedanceTest& t, const Event& e) { t.setup = analyzerSetupFromJson(e.data); }},
        {"module.checked",
         [](ImpedanceTest& t, const Event& e) { t.moduleCheck = moduleCheckFromJson(e.data); }},
        {"identity.confirmed",
         [](ImpedanceTest& t, const Event& e) {
             t.identity = identityCheckFromJson(e.data);
             t.subject.height = t.identity->height;
         }},
        {"mass.read", [](ImpedanceTest& t, const Event& e) { t.mass = readingFromJson(e.data); }},
        {"sweep.accepted",
         [](ImpedanceTest& t, const Event& e) { t.sweeps.push_back(impedanceSweepFromJson(e.data)); }},
        {"sweep.set-aside", [](ImpedanceTest& t, const Event& e) { applySetAside(t.sweeps, e); }},
        {"sweep.restored", [](ImpedanceTest& t, const Event& e) { applyRestored(t.sweeps, e); }},
        {"values.reported",
         [](ImpedanceTest& t, const Event& e) {
             t.reported.clear();
             for (const Json& value : e.data->at("values"))
                 t.reported.push_back(reportedValueFromJson(value));
         }},
        {"readings.imported",
         [](ImpedanceTest& t, const Event& e) {
             t.mass = readingFromJson(e.data->at("mass_kg"));
             if (e.data->contains("sweep"))
                 t.sweeps.push_back(impedanceSweepFromJson(e.data->at("sweep")));
             for (const Json& value : e.data->at("reported"))
                 t.reported.push_back(reportedValueFromJson(value));
             t.notes.push_back("imported from " + e.data->at("source").get<std::string>() +
                               ": screening and readiness were not asked here");
         }},
        {"parts.missing",
         [](ImpedanceTest& t, const Event& e) {
             t.missingParts = e.data->at("parts").get<std::vector<std::string>>();
         }},
        {"length.taped",
         [](ImpedanceTest& t, const Event& e) {
             if (const auto segment = impedance::segmentFromKey(e.data->at("segment").get<std::string>()))
                 t.tapedLengths[*segment] = Metres(e.data->at("length_m").get<double>());
         }},
    };
    return table;
}

} // namespace

void applyEvent(ImpedanceTest& test, const Event& event) {
    applyBy(handlers(), test, event);
}

} // namespace fusain
