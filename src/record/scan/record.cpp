#include "record/scan/record.hpp"

#include "record/base/json_lists.hpp"
#include "record/scan/method.hpp"

#include <algorithm>

namespace fusain {
namespace {

using dxa::RegionReading;

Json toJson(const RegionReading& reading) {
    Json json{{"region", dxa::regionKey(reading.region)},
              {"fat_kg", reading.fat.value()},
              {"lean_kg", reading.lean.value()},
              {"bone_mineral_kg", reading.boneMineral.value()}};
    if (reading.area)
        json["area_cm2"] = reading.area->value();
    if (reading.printedMass)
        json["mass_kg"] = reading.printedMass->value();
    return json;
}
RegionReading regionFrom(const Json& json) {
    const std::string key = json.at("region").get<std::string>();
    const auto region = dxa::regionFromKey(key);
    if (!region)
        throw Json::other_error::create(501, "\"" + key + "\" is not a region of a scan", &json);
    RegionReading reading{*region,
                          Kilograms(json.at("fat_kg").get<double>()),
                          Kilograms(json.at("lean_kg").get<double>()),
                          Kilograms(json.at("bone_mineral_kg").get<double>()),
                          {},
                          {}};
    if (const auto area = optionalAt<double>(json, "area_cm2"))
        reading.area = SquareCentimetres(*area);
    if (const auto mass = optionalAt<double>(json, "mass_kg"))
        reading.printedMass = Kilograms(*mass);
    return reading;
}

} // namespace

const ReportedValue* DxaTest::reportedValue(std::string_view quantity) const {
    const auto found = std::ranges::find(reported, quantity, &ReportedValue::quantity);
    return found == reported.end() ? nullptr : &*found;
}

Json toJson(const ScannerSetup& setup) {
    return {{"scanner", setup.scanner}, {"software", setup.software}, {"mode", setup.mode}};
}
ScannerSetup scannerSetupFromJson(const Json& json) {
    return {json.value("scanner", ""), json.value("software", ""), json.value("mode", "")};
}

Json toJson(const PhantomReading& reading) {
    return {{"nominal_percent", reading.nominal.value()},
            {"reading_percent", reading.reading.value()},
            {"at", isoText(reading.at)}};
}
PhantomReading phantomReadingFromJson(const Json& json) {
    return {Percent(json.at("nominal_percent").get<double>()),
            Percent(json.at("reading_percent").get<double>()), instantAt(json, "at")};
}

Json toJson(const DoseStatement& statement) {
    return {{"scans_here", statement.scansHere},
            {"scans_elsewhere", statement.scansElsewhere},
            {"last_year_usv", statement.lastYear.value()},
            {"this_scan_usv", statement.thisScan.value()},
            {"at", isoText(statement.at)}};
}
DoseStatement doseStatementFromJson(const Json& json) {
    return {json.value("scans_here", 0), json.value("scans_elsewhere", 0),
            Microsieverts(json.at("last_year_usv").get<double>()),
            Microsieverts(json.at("this_scan_usv").get<double>()), instantAt(json, "at")};
}

Json toJson(const dxa::Scan& scan) {
    Json regions = Json::array();
    for (const RegionReading& reading : scan.regions)
        regions.push_back(toJson(reading));
    return {{"regions", regions}};
}
dxa::Scan scanFromJson(const Json& json) {
    dxa::Scan scan;
    readList(json, "regions", scan.regions, regionFrom);
    for (const dxa::Region region : dxa::regions)
        if (std::ranges::count(scan.regions, region, &RegionReading::region) > 1)
            throw Json::other_error::create(
                501, "the region \"" + std::string(dxa::regionKey(region)) + "\" is there twice", &json);
    return scan;
}

Json toJson(const dxa::ReportedBone& bone) {
    Json json{{"site", bone.site}};
    if (bone.density)
        json["density_g_cm2"] = bone.density->value();
    if (bone.tScore)
        json["t_score"] = *bone.tScore;
    if (bone.zScore)
        json["z_score"] = *bone.zScore;
    return json;
}
dxa::ReportedBone reportedBoneFromJson(const Json& json) {
    dxa::ReportedBone bone{json.at("site").get<std::string>(),
                           {},
                           optionalAt<double>(json, "t_score"),
                           optionalAt<double>(json, "z_score")};
    if (const auto density = optionalAt<double>(json, "density_g_cm2"))
        bone.density = GramsPerSquareCentimetre(*density);
    return bone;
}

Json toJson(const DxaScan& scan) {
    Json json = toJson(scan.readings);
    json.update(toJson(scan.scanner));
    json.update(numberedJson(scan));
    json.update({{"half_body", scan.halfBody},
                 {"artefacts", scan.artefacts},
                 {"dose_usv", scan.dose.value()},
                 {"source", scan.source},
                 {"findings", scan.findings}});
    return json;
}
DxaScan dxaScanFromJson(const Json& json) {
    return {numberedFromJson(json),
            scanFromJson(json),
            scannerSetupFromJson(json),
            json.value("half_body", ""),
            json.value("artefacts", std::vector<std::string>{}),
            Microsieverts(json.value("dose_usv", 0.0)),
            json.value("source", ""),
            json.value("findings", std::vector<std::string>{})};
}

Json toJson(const DxaTest& test) {
    Json json = commonJson(test, ScanMethod::id);
    json["scanner"] = toJson(test.scanner);
    setIf(json, "phantom", test.phantom);
    setIf(json, "mass_kg", test.mass);
    setIf(json, "dose", test.dose);
    json["scans"] = listOf(test.scans);
    json["reported"] = listOf(test.reported);
    json["bones"] = listOf(test.bones);
    json["after_menopause"] = test.afterMenopause;
    return json;
}

Expected<DxaTest> dxaTestFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] {
        DxaTest test;
        readCommon(json, test);
        test.scanner = scannerSetupFromJson(json.at("scanner"));
        readIf(json, "phantom", test.phantom, phantomReadingFromJson);
        readIf(json, "mass_kg", test.mass, readingFromJson);
        readIf(json, "dose", test.dose, doseStatementFromJson);
        readList(json, "scans", test.scans, dxaScanFromJson);
        readList(json, "reported", test.reported, reportedValueFromJson);
        readList(json, "bones", test.bones, reportedBoneFromJson);
        test.afterMenopause = json.value("after_menopause", false);
        return test;
    });
}

} // namespace fusain
