#include "record/scan/record.hpp"

#include "record/base/json_lists.hpp"
#include "record/method/schema.hpp"
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
    const ReportedByScanner* belonging = reportedOfScan();
    return belonging ? belonging->find(quantity) : nullptr;
}

Json toJson(const ScannerSetup& setup) {
    return {{"scanner", setup.scanner}, {"software", setup.software}, {"mode", setup.mode}};
}
ScannerSetup scannerSetupFromJson(const Json& json) {
    return {json.value("scanner", ""), json.value("software", ""), json.value("mode", "")};
}

Json toJson(const PhantomReading& reading) {
    Json json = numberedJson(reading);
    json.update({{"nominal_percent", reading.nominal.value()}, {"reading_percent", reading.reading.value()}});
    return json;
}
PhantomReading phantomReadingFromJson(const Json& json) {
    return {numberedFromJson(json), Percent(json.at("nominal_percent").get<double>()),
            Percent(json.at("reading_percent").get<double>())};
}

Json toJson(const DoseStatement& statement) {
    Json json = attributionJson(statement);
    json.update({{"scans_here", statement.scansHere},
                 {"scans_elsewhere", statement.scansElsewhere},
                 {"last_year_usv", statement.lastYear.value()},
                 {"this_scan_usv", statement.thisScan.value()}});
    return json;
}
DoseStatement doseStatementFromJson(const Json& json) {
    return {attributionFromJson(json), json.value("scans_here", 0), json.value("scans_elsewhere", 0),
            Microsieverts(json.at("last_year_usv").get<double>()),
            Microsieverts(json.at("this_scan_usv").get<double>())};
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
                 {"phantom", scan.check}});
    setVerdict(json, scan.verdict);
    return json;
}
void bringScanForward(Json& scan) {
    if (const std::string file = scan.value("source", ""); !file.empty()) {
        scan["origin"] = "file";
        scan["link"] = file;
    }
    bringVerdictForward(scan);
}
DxaScan dxaScanFromJson(const Json& json) {
    return {numberedFromJson(json),
            scanFromJson(json),
            scannerSetupFromJson(json),
            json.value("half_body", ""),
            json.value("artefacts", std::vector<std::string>{}),
            Microsieverts(json.value("dose_usv", 0.0)),
            json.at("phantom").get<int>(),
            verdictIn(json)};
}

Json toJson(const ReportedByScanner& reported) {
    Json json = toJson(static_cast<const ReportedValues&>(reported));
    json["bones"] = listOf(reported.bones);
    return json;
}
ReportedByScanner reportedByScannerFromJson(const Json& json) {
    ReportedByScanner reported{reportedValuesFromJson(json), {}};
    readList(json, "bones", reported.bones, reportedBoneFromJson);
    return reported;
}

Json toJson(const DxaTest& test) {
    Json json = commonJson(test, ScanMethod::id);
    json["scanner"] = toJson(test.scanner);
    json["phantoms"] = listOf(test.phantoms);
    setIf(json, "mass_kg", test.mass);
    setIf(json, "dose", test.dose);
    json["scans"] = listOf(test.scans);
    json["reported"] = listOf(test.reported);
    json["after_menopause"] = test.afterMenopause;
    return json;
}

namespace {

DxaTest testFrom(const Json& json) {
    DxaTest test;
    readCommon(json, test);
    test.scanner = scannerSetupFromJson(json.at("scanner"));
    readList(json, "phantoms", test.phantoms, phantomReadingFromJson);
    readIf(json, "mass_kg", test.mass, readingFromJson);
    readIf(json, "dose", test.dose, doseStatementFromJson);
    readList(json, "scans", test.scans, dxaScanFromJson);
    readList(json, "reported", test.reported, reportedByScannerFromJson);
    test.afterMenopause = json.value("after_menopause", false);
    return test;
}

// Schema 1 knew one reading of the phantom and one list of reported values and bones for all scans of a test.
void bringForward(Json& json) {
    Json phantoms = Json::array();
    if (json.contains("phantom")) {
        phantoms.push_back(json.at("phantom"));
        phantoms.back()["number"] = 1;
        json.erase("phantom");
    }
    int counting = 0;
    for (Json& scan : json["scans"]) {
        scan["phantom"] = phantoms.size();
        bringScanForward(scan);
        if (!scan.contains("set_aside"))
            counting = scan.at("number").get<int>();
    }
    json["phantoms"] = std::move(phantoms);
    Json bones = json.value("bones", Json::array());
    json.erase("bones");
    if (json.value("reported", Json::array()).empty() && bones.empty())
        return;
    bringReportedForward(json, counting);
    if (json["reported"].empty())
        json["reported"].push_back(
            {{"reading", counting}, {"at", json.at("started_at")}, {"values", Json::array()}});
    json["reported"].front()["bones"] = std::move(bones);
}

} // namespace

Expected<DxaTest> dxaTestFromJson(const Json& json, const std::string& where) {
    return readRecord(json, where, bringForward, testFrom);
}

} // namespace fusain
