#include "procedure/impedance/events.hpp"

#include "procedure/impedance/procedure.hpp"
#include "record/base/json_lists.hpp"

namespace fusain::analyzer {
namespace {

// Schema 1 did not say how the analyzer was connected for a sweep: the order of the events tells.
ImpedanceSweep sweepIn(const Event& event, const Json& data, const ImpedanceTest& test) {
    const ModuleCheck* check = test.moduleCheck();
    Json filled{{"analyzer", toJson(test.setup)}, {"module_check", check ? check->number : 0}};
    filled.update(data);
    bringVerdictForward(filled);
    return ofTest(impedanceSweepFromJson(filled), test, event);
}

// Nor with which sweep values were reported: with the one that counted then.
ReportedValues reportedIn(const Event& event, const char* key, const ImpedanceSweep* sweep,
                          const ImpedanceTest& test) {
    ReportedValues reported{{}, sweep ? sweep->number : 0, {}};
    reported.at = event.at;
    readList(event.data, key, reported.values, reportedValueFromJson);
    return ofTest(std::move(reported), test, event);
}

} // namespace

AnalyzerSet AnalyzerSet::read(const Event& event, const RawTest&) {
    return {analyzerSetupFromJson(event.data)};
}
Json AnalyzerSet::data() const {
    return toJson(setup);
}
void AnalyzerSet::applyTo(ImpedanceTest& test) const {
    test.setup = setup;
}

IdentityConfirmed IdentityConfirmed::read(const Event& event, const RawTest& test) {
    Json data = *event.data;
    bringDoubtsForward(data);
    return {ofTest(identityCheckFromJson(data), test, event)};
}
Json IdentityConfirmed::data() const {
    return toJson(check);
}
void IdentityConfirmed::applyTo(ImpedanceTest& test) const {
    test.identity = check;
    test.subject.height = check.height;
}

SweepAccepted SweepAccepted::read(const Event& event, const ImpedanceTest& test) {
    return {sweepIn(event, without(event.data, {"overridden_because", "kept_because"}), test),
            event.data->value("overridden_because", ""), event.data->value("kept_because", "")};
}
Json SweepAccepted::data() const {
    Json data = toJson(sweep);
    if (!overriddenBecause.empty())
        data["overridden_because"] = overriddenBecause;
    if (!keptBecause.empty())
        data["kept_because"] = keptBecause;
    return data;
}
void SweepAccepted::applyTo(ImpedanceTest& test) const {
    test.sweeps.push_back(sweep);
    if (!overriddenBecause.empty())
        test.notes.push_back({NoteKind::SignalOverridden, {}, overriddenBecause});
    if (!keptBecause.empty())
        test.notes.push_back({NoteKind::IdentityKept, {}, keptBecause});
}

ValuesReported ValuesReported::read(const Event& event, const ImpedanceTest& test) {
    onlyKeys(event, {"values"});
    return {reportedIn(event, "values", test.sweep(), test)};
}
Json ValuesReported::data() const {
    return {{"values", listOf(reported.values)}};
}
void ValuesReported::applyTo(ImpedanceTest& test) const {
    test.reported.push_back(reported);
}

ReadingsImported ReadingsImported::read(const Event& event, const ImpedanceTest& test) {
    onlyKeys(event, {"mass_kg", "source"}, {"reported", "sweep"});
    ReadingsImported imported;
    imported.mass = ofTest(massFromJson(event.data->at("mass_kg")), test, event);
    if (event.data->contains("sweep"))
        imported.sweep = sweepIn(event, event.data->at("sweep"), test);
    ReportedValues reported =
        reportedIn(event, "reported", imported.sweep ? &*imported.sweep : test.sweep(), test);
    if (!reported.values.empty())
        imported.reported = std::move(reported);
    imported.source = event.data->at("source").get<std::string>();
    return imported;
}
Json ReadingsImported::data() const {
    Json data{{"mass_kg", toJson(mass)},
              {"source", source},
              {"reported", reported ? listOf(reported->values) : Json::array()}};
    if (sweep)
        data["sweep"] = toJson(*sweep);
    return data;
}
void ReadingsImported::applyTo(ImpedanceTest& test) const {
    test.mass = mass;
    if (sweep)
        test.sweeps.push_back(*sweep);
    if (reported)
        test.reported.push_back(*reported);
    test.notes.push_back({NoteKind::Imported, {}, source});
}

PartsMissing PartsMissing::read(const Event& event, const RawTest&) {
    onlyKeys(event, {"parts"});
    return {event.data->at("parts").get<std::vector<std::string>>()};
}
Json PartsMissing::data() const {
    return {{"parts", parts}};
}
void PartsMissing::applyTo(ImpedanceTest& test) const {
    test.missingParts = parts;
}

LengthTaped LengthTaped::read(const Event& event, const RawTest&) {
    onlyKeys(event, {"segment", "length_m"});
    const auto segment = impedance::segmentFromKey(event.data->at("segment").get<std::string>());
    if (!segment)
        throw Json::other_error::create(501, "the segment is not known", &*event.data);
    return {*segment, Metres(event.data->at("length_m").get<double>())};
}
Json LengthTaped::data() const {
    return {{"segment", impedance::segmentKey(segment)}, {"length_m", length.value()}};
}
void LengthTaped::applyTo(ImpedanceTest& test) const {
    test.tapedLengths[segment] = length;
}

} // namespace fusain::analyzer

namespace fusain {

void checkEvent(const ImpedanceTest& test, const Event& event) {
    static_cast<void>(readEvent<analyzer::AnyEvent>(event, test));
}
void applyEvent(ImpedanceTest& test, const Event& event) {
    applyAs<analyzer::AnyEvent>(test, event);
}

} // namespace fusain
