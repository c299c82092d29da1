#include "record/impedance/record.hpp"

#include "record/base/json_lists.hpp"
#include "record/impedance/method.hpp"

#include <algorithm>

namespace fusain {
namespace {

using impedance::ElectrodeGeometry;
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

const ReportedValue* ImpedanceTest::reportedValue(std::string_view quantity) const {
    const auto found = std::ranges::find(reported, quantity, &ReportedValue::quantity);
    return found == reported.end() ? nullptr : &*found;
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
    return {{"nominal_ohm", check.nominal.value()},
            {"reading_ohm", check.reading.value()},
            {"at", isoText(check.at)}};
}
ModuleCheck moduleCheckFromJson(const Json& json) {
    return {Ohms(json.at("nominal_ohm").get<double>()), Ohms(json.at("reading_ohm").get<double>()),
            instantAt(json, "at")};
}

Json toJson(const IdentityCheck& check) {
    return {{"code", check.code},
            {"height_m", check.height.value()},
            {"doubts", check.doubts},
            {"at", isoText(check.at)}};
}
IdentityCheck identityCheckFromJson(const Json& json) {
    return {json.value("code", ""), Metres(json.at("height_m").get<double>()),
            json.value("doubts", std::vector<std::string>{}), instantAt(json, "at")};
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
    json["findings"] = sweep.findings;
    return json;
}
ImpedanceSweep impedanceSweepFromJson(const Json& json) {
    return {numberedFromJson(json), sweepFromJson(json), json.value("findings", std::vector<std::string>{})};
}

Json toJson(const ImpedanceTest& test) {
    Json json = commonJson(test, ImpedanceMethod::id);
    json["analyzer"] = toJson(test.setup);
    setIf(json, "module_check", test.moduleCheck);
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

Expected<ImpedanceTest> impedanceTestFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] {
        ImpedanceTest test;
        readCommon(json, test);
        test.setup = analyzerSetupFromJson(json.at("analyzer"));
        readIf(json, "module_check", test.moduleCheck, moduleCheckFromJson);
        readIf(json, "identity", test.identity, identityCheckFromJson);
        readIf(json, "mass_kg", test.mass, readingFromJson);
        readList(json, "sweeps", test.sweeps, impedanceSweepFromJson);
        readList(json, "reported", test.reported, reportedValueFromJson);
        test.missingParts = json.value("missing_parts", std::vector<std::string>{});
        if (const auto lengths = json.find("taped_lengths_m"); lengths != json.end())
            for (const auto& [key, value] : lengths->items())
                test.tapedLengths[segmentFrom(key)] = Metres(value.get<double>());
        return test;
    });
}

} // namespace fusain
