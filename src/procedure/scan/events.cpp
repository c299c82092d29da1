#include "procedure/scan/events.hpp"

#include "procedure/scan/procedure.hpp"
#include "record/base/json_lists.hpp"

namespace fusain::scanner {
namespace {

// Schema 1 reported in an event of its own, after the scan.
ReportedByScanner reportedIn(const Event& event, const char* values, int scan, const DxaTest& test) {
    ReportedByScanner reported{{{}, scan, {}}, {}};
    reported.at = event.at;
    readList(event.data, values, reported.values, reportedValueFromJson);
    readList(event.data, "bones", reported.bones, reportedBoneFromJson);
    return ofTest(std::move(reported), test, event);
}

void setText(Json& data, const char* key, const std::string& text) {
    if (!text.empty())
        data[key] = text;
}

} // namespace

ScannerSet ScannerSet::read(const Event& event, const RawTest&) {
    return {scannerSetupFromJson(event.data)};
}
Json ScannerSet::data() const {
    return toJson(setup);
}
void ScannerSet::applyTo(DxaTest& test) const {
    test.scanner = setup;
}

DoseStated DoseStated::read(const Event& event, const RawTest& test) {
    return {ofTest(doseStatementFromJson(without(event.data, {"overridden_because"})), test, event),
            event.data->value("overridden_because", "")};
}
Json DoseStated::data() const {
    Json data = toJson(statement);
    setText(data, "overridden_because", overriddenBecause);
    return data;
}
void DoseStated::applyTo(DxaTest& test) const {
    test.dose = statement;
    if (!overriddenBecause.empty())
        test.notes.push_back({NoteKind::DoseOverridden, {}, overriddenBecause});
}

MenopauseStated MenopauseStated::read(const Event& event, const RawTest&) {
    onlyKeys(event, {"after"});
    return {event.data->at("after").get<bool>()};
}
Json MenopauseStated::data() const {
    return {{"after", after}};
}
void MenopauseStated::applyTo(DxaTest& test) const {
    test.afterMenopause = after;
}

ScanAccepted ScanAccepted::read(const Event& event, const DxaTest& test) {
    Json data = withDefaults(event, {{"phantom", test.phantoms.empty() ? 0 : test.phantoms.back().number}});
    bringScanForward(data);
    DxaScan scan = ofTest(dxaScanFromJson(without(data, {"reported", "bones", "labelled", "scanned_at",
                                                         "overridden_because", "reassigned_because"})),
                          test, event);
    const int number = scan.number;
    const bool dated = data.contains("scanned_at");
    return {std::move(scan),
            reportedIn(event, "reported", number, test),
            data.value("labelled", ""),
            dated ? std::optional(instantAt(data, "scanned_at")) : std::nullopt,
            data.value("overridden_because", ""),
            data.value("reassigned_because", "")};
}
Json ScanAccepted::data() const {
    Json data = toJson(scan);
    if (!reported.values.empty())
        data["reported"] = listOf(reported.values);
    if (!reported.bones.empty())
        data["bones"] = listOf(reported.bones);
    setText(data, "labelled", labelled);
    if (scannedAt)
        data["scanned_at"] = isoText(*scannedAt);
    setText(data, "overridden_because", overriddenBecause);
    setText(data, "reassigned_because", reassignedBecause);
    return data;
}
void ScanAccepted::applyTo(DxaTest& test) const {
    test.scans.push_back(scan);
    test.scanner = scan.scanner;
    if (!reported.values.empty() || !reported.bones.empty())
        test.reported.push_back(reported);
    if (!overriddenBecause.empty())
        test.notes.push_back({NoteKind::SignalOverridden, {}, overriddenBecause});
    if (!reassignedBecause.empty())
        test.notes.push_back({NoteKind::ScanReassigned, labelled, reassignedBecause});
}

ValuesReported ValuesReported::read(const Event& event, const DxaTest& test) {
    onlyKeys(event, {"values"}, {"bones"});
    return {reportedIn(event, "values", test.scans.empty() ? 0 : test.scans.back().number, test)};
}
Json ValuesReported::data() const {
    return {{"values", listOf(reported.values)}, {"bones", listOf(reported.bones)}};
}
void ValuesReported::applyTo(DxaTest& test) const {
    test.reported.push_back(reported);
}

} // namespace fusain::scanner

namespace fusain {

void checkEvent(const DxaTest& test, const Event& event) {
    static_cast<void>(readEvent<scanner::AnyEvent>(event, test));
}
void applyEvent(DxaTest& test, const Event& event) {
    applyAs<scanner::AnyEvent>(test, event);
}

} // namespace fusain
