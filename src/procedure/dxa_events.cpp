// Events of the densitometer.
#include "procedure/test_events.hpp"

#include <algorithm>
#include <map>

namespace fusain {
namespace {

using Apply = void (*)(DxaTest&, const Event&);

DxaScan* scanNumbered(DxaTest& test, const Json& data) {
    const auto found = std::ranges::find(test.scans, data.at("number").get<int>(), &DxaScan::number);
    return found == test.scans.end() ? nullptr : &*found;
}

const std::map<std::string, Apply>& handlers() {
    static const std::map<std::string, Apply> table{
        {"scanner.set", [](DxaTest& t, const Event& e) { t.scanner = scannerSetupFromJson(e.data); }},
        {"phantom.read", [](DxaTest& t, const Event& e) { t.phantom = phantomReadingFromJson(e.data); }},
        {"mass.read", [](DxaTest& t, const Event& e) { t.mass = readingFromJson(e.data); }},
        {"dose.stated", [](DxaTest& t, const Event& e) { t.dose = doseStatementFromJson(e.data); }},
        {"menopause.stated",
         [](DxaTest& t, const Event& e) { t.afterMenopause = e.data.at("after").get<bool>(); }},
        {"scan.accepted",
         [](DxaTest& t, const Event& e) {
             t.scans.push_back(dxaScanFromJson(e.data));
             t.scanner = t.scans.back().scanner;
         }},
        {"scan.set-aside",
         [](DxaTest& t, const Event& e) {
             if (DxaScan* scan = scanNumbered(t, e.data))
                 scan->setAsideReason = e.data.at("reason").get<std::string>();
         }},
        {"scan.restored",
         [](DxaTest& t, const Event& e) {
             if (DxaScan* scan = scanNumbered(t, e.data))
                 scan->setAsideReason.clear();
         }},
        {"values.reported",
         [](DxaTest& t, const Event& e) {
             t.reported.clear();
             t.bones.clear();
             for (const Json& value : e.data.at("values"))
                 t.reported.push_back(reportedValueFromJson(value));
             for (const Json& bone : e.data.at("bones"))
                 t.bones.push_back(reportedBoneFromJson(bone));
         }},
    };
    return table;
}

} // namespace

void applyEvent(DxaTest& test, const Event& event) {
    if (applyCommonEvent(test, event))
        return;
    if (const auto handler = handlers().find(event.kind); handler != handlers().end())
        handler->second(test, event);
}

} // namespace fusain
