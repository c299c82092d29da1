#include "procedure/scan/events.hpp"

#include "record/base/json_lists.hpp"

namespace fusain {
namespace {

void phantomRead(DxaTest& test, const Event& event) {
    const Json data = withDefaults(event, {{"number", test.phantoms.nextNumber()}});
    test.phantoms.push_back(ofTest(phantomReadingFromJson(data), test, event));
}

void doseStated(DxaTest& test, const Event& event) {
    test.dose = ofTest(doseStatementFromJson(event.data), test, event);
    if (const std::string reason = event.data->value("overridden_because", ""); !reason.empty())
        test.notes.push_back({NoteKind::DoseOverridden, {}, reason});
}

// What came with a scan; schema 1 reported it in an event of its own after the scan.
void keepReported(DxaTest& test, const Event& event) {
    ReportedByScanner reported{{{}, test.scans.empty() ? 0 : test.scans.back().number, {}}, {}};
    reported.at = event.at;
    readList(*event.data, event.data->contains("values") ? "values" : "reported", reported.values,
             reportedValueFromJson);
    readList(*event.data, "bones", reported.bones, reportedBoneFromJson);
    if (!reported.values.empty() || !reported.bones.empty() || event.kind == "values.reported")
        test.reported.push_back(ofTest(std::move(reported), test, event));
}

void scanAccepted(DxaTest& test, const Event& event) {
    Json data = withDefaults(event, {{"phantom", test.phantoms.empty() ? 0 : test.phantoms.back().number}});
    bringScanForward(data);
    test.scans.push_back(ofTest(dxaScanFromJson(data), test, event));
    test.scanner = test.scans.back().scanner;
    keepReported(test, event);
    if (const std::string reason = event.data->value("overridden_because", ""); !reason.empty())
        test.notes.push_back({NoteKind::SignalOverridden, {}, reason});
    if (const std::string reason = event.data->value("reassigned_because", ""); !reason.empty())
        test.notes.push_back({NoteKind::ScanReassigned, event.data->value("labelled", ""), reason});
}

const EventTable<DxaTest>& handlers() {
    static const EventTable<DxaTest> table{
        {"scanner.set", [](DxaTest& t, const Event& e) { t.scanner = scannerSetupFromJson(e.data); }},
        {"phantom.read", phantomRead},
        {"mass.read", [](DxaTest& t, const Event& e) { t.mass = ofTest(readingFromJson(e.data), t, e); }},
        {"dose.stated", doseStated},
        {"menopause.stated",
         [](DxaTest& t, const Event& e) { t.afterMenopause = e.data->at("after").get<bool>(); }},
        {"scan.accepted", scanAccepted},
        {"scan.set-aside", [](DxaTest& t, const Event& e) { applySetAside(t.scans, e); }},
        {"scan.restored", [](DxaTest& t, const Event& e) { applyRestored(t.scans, e); }},
        {"values.reported", keepReported},
    };
    return table;
}

} // namespace

void applyEvent(DxaTest& test, const Event& event) {
    applyBy(handlers(), test, event);
}

} // namespace fusain
