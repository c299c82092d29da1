#include "procedure/scan/events.hpp"

#include "record/base/json.hpp"

namespace fusain {
namespace {

const EventTable<DxaTest>& handlers() {
    static const EventTable<DxaTest> table{
        {"scanner.set", [](DxaTest& t, const Event& e) { t.scanner = scannerSetupFromJson(e.data); }},
        {"phantom.read", [](DxaTest& t, const Event& e) { t.phantom = phantomReadingFromJson(e.data); }},
        {"mass.read", [](DxaTest& t, const Event& e) { t.mass = readingFromJson(e.data); }},
        {"dose.stated", [](DxaTest& t, const Event& e) { t.dose = doseStatementFromJson(e.data); }},
        {"menopause.stated",
         [](DxaTest& t, const Event& e) { t.afterMenopause = e.data->at("after").get<bool>(); }},
        {"scan.accepted",
         [](DxaTest& t, const Event& e) {
             t.scans.push_back(dxaScanFromJson(e.data));
             t.scanner = t.scans.back().scanner;
         }},
        {"scan.set-aside", [](DxaTest& t, const Event& e) { applySetAside(t.scans, e); }},
        {"scan.restored", [](DxaTest& t, const Event& e) { applyRestored(t.scans, e); }},
        {"values.reported",
         [](DxaTest& t, const Event& e) {
             t.reported.clear();
             t.bones.clear();
             for (const Json& value : e.data->at("values"))
                 t.reported.push_back(reportedValueFromJson(value));
             for (const Json& bone : e.data->at("bones"))
                 t.bones.push_back(reportedBoneFromJson(bone));
         }},
    };
    return table;
}

} // namespace

void applyEvent(DxaTest& test, const Event& event) {
    applyBy(handlers(), test, event);
}

} // namespace fusain
