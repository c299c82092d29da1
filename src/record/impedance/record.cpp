#include "record/impedance/record.hpp"

#include "record/base/json_lists.hpp"
#include "record/impedance/method.hpp"
#include "record/method/schema.hpp"

#include <algorithm>
#include <array>

namespace fusain {
namespace {

using impedance::ElectrodeGeometry;
using impedance::IdentityDoubt;
using impedance::Segment;
using impedance::Spectrum;
using impedance::SpectrumPoint;

Segment segmentFrom(const Json& json) {
    const auto segment = impedance::segmentFromKey(json.get<std::string>());
    if (!segment)
        throw Json::other_error::create(501, "\"" + json.get<std::string>() + "\" is not a segment of the body",
                                        &json);
    return *segment;
}

ElectrodeGeometry geometryFrom(const std::string& text, const Json& json) {
    if (text != "supine-gel" && text != "standing-contact")
        throw Json::other_error::create(501, "geometry must be supine-gel or standing-contact", &json);
    return text == "supine-gel" ? ElectrodeGeometry::SupineGel : ElectrodeGeometry::StandingContact;
}

// Both parts where they were read; the magnitude alone where that was all.
Json toJson(const SpectrumPoint& point) {
    Json json{{"hz", point.frequency.value()}};
    if (point.impedance) {
        json["r_ohm"] = point.impedance->resistance.value();
        json["xc_ohm"] = point.impedance->reactance.value();
    } else {
        json["z_ohm"] = point.magnitude.value();
    }
    if (point.scatter)
        json["scatter"] = *point.scatter;
    return json;
}
SpectrumPoint pointFrom(const Json& json) {
    const Hertz frequency(json.at("hz").get<double>());
    SpectrumPoint point = json.contains("z_ohm")
                              ? impedance::magnitudePoint(frequency, Ohms(json.at("z_ohm").get<double>()))
                              : impedance::pointOf(frequency, {Ohms(json.at("r_ohm").get<double>()),
                                                               Ohms(json.at("xc_ohm").get<double>())});
    point.scatter = optionalAt<double>(json, "scatter");
    return point;
}

constexpr std::array<std::string_view, 3> doubtNames{"height", "mass", "impedance"};

IdentityDoubt doubtFrom(const Json& json) {
    const auto about = std::ranges::find(doubtNames, json.at("about").get<std::string>());
    if (about == doubtNames.end())
        throw Json::other_error::create(501, "a doubt is about height, mass or impedance", &json);
    return {static_cast<IdentityDoubt::About>(about - doubtNames.begin()), json.at("now").get<double>(),
            json.at("last").get<double>()};
}

Json toJson(const Spectrum& spectrum) {
    Json points = Json::array();
    for (const SpectrumPoint& point : spectrum.points)
        points.push_back(toJson(point));
    return {{"segment", impedance::segmentKey(spectrum.segment)}, {"points", points}};
}
Spectrum spectrumFrom(const Json& json) {
    Spectrum spectrum{segmentFrom(json.at("segment")), {}};
    readList(json, "points", spectrum.points, pointFrom);
    return spectrum;
}

} // namespace

std::optional<Ohms> ImpedanceTest::wholeBodyMagnitude() const {
    const auto* whole = sweep() ? sweep()->readings.of(Segment::WholeBody) : nullptr;
    const auto* point = whole ? whole->at(impedance::standardFrequency) : nullptr;
    return point ? std::optional(point->magnitude) : std::nullopt;
}

std::vector<ReportedValue> ImpedanceTest::reportedValues() const {
    const ReportedValues* belonging = belongingTo(reported, sweep() ? sweep()->number : 0);
    return belonging ? belonging->values : std::vector<ReportedValue>{};
}

const ReportedValue* ImpedanceTest::reportedValue(std::string_view quantity) const {
    const ReportedValues* belonging = belongingTo(reported, sweep() ? sweep()->number : 0);
    return belonging ? belonging->find(quantity) : nullptr;
}

std::string geometryText(ElectrodeGeometry geometry) {
    return geometry == ElectrodeGeometry::SupineGel ? "supine-gel" : "standing-contact";
}

Json toJson(const AnalyzerSetup& setup) {
    Json json{{"analyzer", setup.analyzer},
              {"firmware", setup.firmware},
              {"electrodes", setup.electrodes},
              {"geometry", geometryText(setup.geometry)},
              {"side", setup.side}};
    if (setup.limbTemperature)
        json["limb_temperature_c"] = setup.limbTemperature->value();
    return json;
}
AnalyzerSetup analyzerSetupFromJson(const Json& json) {
    AnalyzerSetup setup{json.value("analyzer", ""),  json.value("firmware", ""),
                        json.value("electrodes", 8), geometryFrom(json.at("geometry").get<std::string>(), json),
                        json.value("side", "right"), std::nullopt};
    if (const auto temperature = optionalAt<double>(json, "limb_temperature_c"))
        setup.limbTemperature = Celsius(*temperature);
    return setup;
}

Json toJson(const ModuleCheck& check) {
    Json json = numberedJson(check);
    json.update({{"nominal_ohm", check.nominal.value()}, {"reading_ohm", check.reading.value()}});
    return json;
}
ModuleCheck moduleCheckFromJson(const Json& json) {
    return {numberedFromJson(json), Ohms(json.at("nominal_ohm").get<double>()),
            Ohms(json.at("reading_ohm").get<double>())};
}

Json toJson(const IdentityCheck& check) {
    Json json = attributionJson(check);
    json.update({{"code", check.code}, {"height_m", check.height.value()}, {"doubts", Json::array()}});
    for (const IdentityDoubt& doubt : check.doubts)
        json["doubts"].push_back({{"about", doubtNames[static_cast<std::size_t>(doubt.about)]},
                                  {"now", doubt.now},
                                  {"last", doubt.last}});
    if (!check.keptBecause.empty())
        json["kept_because"] = check.keptBecause;
    return json;
}
void bringDoubtsForward(Json& check) {
    Json& doubts = check["doubts"];
    if (doubts.empty() || !doubts.front().is_string())
        return;
    std::string sentences;
    for (const Json& each : doubts)
        sentences += (sentences.empty() ? "" : " ") + each.get<std::string>();
    doubts = Json::array();
    check["kept_because"] = sentences;
}
IdentityCheck identityCheckFromJson(const Json& json) {
    IdentityCheck check{attributionFromJson(json),
                        json.value("code", ""),
                        Metres(json.at("height_m").get<double>()),
                        {},
                        json.value("kept_because", "")};
    readList(json, "doubts", check.doubts, doubtFrom);
    return check;
}

Json toJson(const impedance::Sweep& sweep) {
    Json spectra = Json::array();
    for (const Spectrum& spectrum : sweep.spectra)
        spectra.push_back(toJson(spectrum));
    Json json{{"spectra", spectra}};
    if (sweep.closing)
        json["closing"] = toJson(*sweep.closing);
    return json;
}
impedance::Sweep sweepFromJson(const Json& json) {
    impedance::Sweep sweep;
    readList(json, "spectra", sweep.spectra, spectrumFrom);
    readIf(json, "closing", sweep.closing, pointFrom);
    return sweep;
}

Json toJson(const ImpedanceSweep& sweep) {
    Json json = toJson(sweep.readings);
    json.update(numberedJson(sweep));
    json["analyzer"] = toJson(sweep.setup);
    json["module_check"] = sweep.check;
    setVerdict(json, sweep.verdict);
    return json;
}
ImpedanceSweep impedanceSweepFromJson(const Json& json) {
    return {numberedFromJson(json), sweepFromJson(json), analyzerSetupFromJson(json.at("analyzer")),
            json.at("module_check").get<int>(), verdictIn(json)};
}

Json toJson(const ImpedanceTest& test) {
    Json json = commonJson(test, ImpedanceMethod::id);
    json["analyzer"] = toJson(test.setup);
    json["module_checks"] = listOf(test.moduleChecks);
    setIf(json, "identity", test.identity);
    setIf(json, "mass_kg", test.mass);
    json["sweeps"] = listOf(test.sweeps);
    json["reported"] = listOf(test.reported);
    json["missing_parts"] = test.missingParts;
    Json lengths = Json::object();
    for (const auto& [segment, length] : test.tapedLengths)
        lengths[std::string(impedance::segmentKey(segment))] = length.value();
    json["taped_lengths_m"] = lengths;
    return json;
}

namespace {

ImpedanceTest testFrom(const Json& json) {
    ImpedanceTest test;
    readCommon(json, test);
    test.setup = analyzerSetupFromJson(json.at("analyzer"));
    readList(json, "module_checks", test.moduleChecks, moduleCheckFromJson);
    readIf(json, "identity", test.identity, identityCheckFromJson);
    readIf(json, "mass_kg", test.mass, readingFromJson);
    readList(json, "sweeps", test.sweeps, impedanceSweepFromJson);
    readList(json, "reported", test.reported, reportedValuesFromJson);
    test.missingParts = json.value("missing_parts", std::vector<std::string>{});
    if (const auto lengths = json.find("taped_lengths_m"); lengths != json.end())
        for (const auto& [key, value] : lengths->items())
            test.tapedLengths[segmentFrom(key)] = Metres(value.get<double>());
    return test;
}

// Schema 1 knew one set-up, one check and one list of reported values for all sweeps of a test.
void bringForward(Json& json) {
    Json checks = Json::array();
    if (json.contains("module_check")) {
        checks.push_back(json.at("module_check"));
        checks.back()["number"] = 1;
        json.erase("module_check");
    }
    int counting = 0;
    for (Json& sweep : json["sweeps"]) {
        sweep["analyzer"] = json.at("analyzer");
        sweep["module_check"] = checks.size();
        bringVerdictForward(sweep);
        if (!sweep.contains("set_aside"))
            counting = sweep.at("number").get<int>();
    }
    json["module_checks"] = std::move(checks);
    if (json.contains("identity"))
        bringDoubtsForward(json.at("identity"));
    bringReportedForward(json, counting);
}

} // namespace

Expected<ImpedanceTest> impedanceTestFromJson(const Json& json, const std::string& where) {
    return readRecord(json, where, bringForward, testFrom);
}

} // namespace fusain
