// Events of the impedance analyzer.
#include "procedure/test_events.hpp"

#include <algorithm>
#include <map>

namespace fusain {
namespace {

using Apply = void (*)(ImpedanceTest&, const Event&);

ImpedanceSweep* sweepNumbered(ImpedanceTest& test, const Json& data) {
    const auto found = std::ranges::find(test.sweeps, data.at("number").get<int>(), &ImpedanceSweep::number);
    return found == test.sweeps.end() ? nullptr : &*found;
}

const std::map<std::string, Apply>& handlers() {
    static const std::map<std::string, Apply> table{
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
        {"sweep.set-aside",
         [](ImpedanceTest& t, const Event& e) {
             if (ImpedanceSweep* sweep = sweepNumbered(t, e.data))
                 sweep->setAsideReason = e.data.at("reason").get<std::string>();
         }},
        {"sweep.restored",
         [](ImpedanceTest& t, const Event& e) {
             if (ImpedanceSweep* sweep = sweepNumbered(t, e.data))
                 sweep->setAsideReason.clear();
         }},
        {"values.reported",
         [](ImpedanceTest& t, const Event& e) {
             t.reported.clear();
             for (const Json& value : e.data.at("values"))
                 t.reported.push_back(reportedValueFromJson(value));
         }},
        {"readings.imported",
         [](ImpedanceTest& t, const Event& e) {
             t.mass = readingFromJson(e.data.at("mass_kg"));
             if (e.data.contains("sweep"))
                 t.sweeps.push_back(impedanceSweepFromJson(e.data.at("sweep")));
             for (const Json& value : e.data.at("reported"))
                 t.reported.push_back(reportedValueFromJson(value));
             t.notes.push_back("imported from " + e.data.at("source").get<std::string>() +
                               ": screening and readiness were not asked here");
         }},
        {"parts.missing",
         [](ImpedanceTest& t, const Event& e) {
             t.missingParts = e.data.at("parts").get<std::vector<std::string>>();
         }},
        {"length.taped",
         [](ImpedanceTest& t, const Event& e) {
             if (const auto segment = impedance::segmentFromKey(e.data.at("segment").get<std::string>()))
                 t.tapedLengths[*segment] = Metres(e.data.at("length_m").get<double>());
         }},
    };
    return table;
}

} // namespace

void applyEvent(ImpedanceTest& test, const Event& event) {
    if (applyCommonEvent(test, event))
        return;
    if (const auto handler = handlers().find(event.kind); handler != handlers().end())
        handler->second(test, event);
}

} // namespace fusain
