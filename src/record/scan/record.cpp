#include "record/scan/record.hpp"

#include "record/method/schema.hpp"
#include "record/scan/method.hpp"
#include "record/scan/record_fields.hpp"

#include <algorithm>

namespace fusain {

using dxa::Region;
using dxa::RegionReading;

template <>
struct FieldValue<Region> {
    static constexpr std::string_view holds = "word";
    static std::string words() {
        std::string known;
        for (const Region region : dxa::regions)
            known += (known.empty() ? "" : ", ") + std::string(dxa::regionKey(region));
        return known;
    }
    static Region read(const Json& json, const FieldNote& note) {
        const auto key = json.get<std::string>();
        const auto region = dxa::regionFromKey(key);
        if (!region)
            refuse(json, note, "is \"" + key + "\"");
        return *region;
    }
    static Json write(Region region) { return dxa::regionKey(region); }
};

const Fields<ScannerSetup>& scannerSetupFields() {
    static const auto fields =
        Fields<ScannerSetup>("scanner set-up")
            .optional("scanner", &ScannerSetup::scanner, "as the lab calls it")
            .optional("software", &ScannerSetup::software, "with its version")
            .optional("mode", &ScannerSetup::mode, "of the whole-body scan, as the densitometer names it");
    return fields;
}

namespace {

constexpr Limits partLimits = between(0.0, 500.0);

const Fields<RegionReading>& regionFields() {
    static const auto fields =
        Fields<RegionReading>("region")
            .required("region", &RegionReading::region, "of the scan")
            .required("fat_kg", &RegionReading::fat, "fat", partLimits)
            .required("lean_kg", &RegionReading::lean, "free of fat and of bone mineral", partLimits)
            .required("bone_mineral_kg", &RegionReading::boneMineral, "ash", partLimits)
            .sparse("area_cm2", &RegionReading::area, "of the bone", atLeast(0.0))
            .sparse("mass_kg", &RegionReading::printedMass, "the densitometer's own sum", partLimits);
    return fields;
}

} // namespace

const Fields<dxa::Scan>& scanFields() {
    using dxa::Scan;
    static const auto fields =
        Fields<Scan>("readings of a scan")
            .list("regions", &Scan::regions, regionFields(), "one each region")
            .check([](const Scan& scan) {
                for (const Region region : dxa::regions)
                    if (std::ranges::count(scan.regions, region, &RegionReading::region) > 1)
                        return "the region \"" + std::string(dxa::regionKey(region)) + "\" is there twice";
                return std::string();
            });
    return fields;
}

const Fields<dxa::ReportedBone>& boneFields() {
    using dxa::ReportedBone;
    static const auto fields =
        Fields<ReportedBone>("reported bone")
            .required("site", &ReportedBone::site, "total, total-less-head, spine, hip, femoral-neck, radius")
            .sparse("density_g_cm2", &ReportedBone::density, "as reported", atLeast(0.0))
            .sparse("t_score", &ReportedBone::tScore, "as reported")
            .sparse("z_score", &ReportedBone::zScore, "as reported");
    return fields;
}

std::string halfBodyProblem(const std::string& halfBody) {
    const bool known = halfBody.empty() || halfBody == "right" || halfBody == "left";
    return known ? "" : "half_body must be right, left or empty";
}

namespace {

const Fields<PhantomReading>& phantomFields() {
    static const auto fields =
        Fields<PhantomReading>("phantom reading")
            .with(numberedFields())
            .required("nominal_percent", &PhantomReading::nominal, "fat as certified", between(0.0, 100.0))
            .required("reading_percent", &PhantomReading::reading, "fat as read", between(0.0, 100.0));
    return fields;
}

const Fields<DoseStatement>& doseFields() {
    using Statement = DoseStatement;
    static const auto fields =
        Fields<Statement>("dose statement")
            .with(attributionFields())
            .optional("scans_here", &Statement::scansHere, "in this lab book, in the last year", atLeast(0))
            .optional("scans_elsewhere", &Statement::scansElsewhere, "as the client says", atLeast(0))
            .required("last_year_usv", &Statement::lastYear, "both together", atLeast(0.0))
            .required("this_scan_usv", &Statement::thisScan, "of the scan to come", atLeast(0.0));
    return fields;
}

const Fields<DxaScan>& dxaScanFields() {
    static const auto fields =
        Fields<DxaScan>("scan")
            .with(numberedFields())
            .flat(&DxaScan::readings, scanFields())
            .flat(&DxaScan::scanner, scannerSetupFields())
            .optional("half_body", &DxaScan::halfBody, "right or left, the side that was mirrored; else empty")
            .optional("artefacts", &DxaScan::artefacts, "metal, movement … as the operator notes them")
            .optional("dose_usv", &DxaScan::dose, "of this scan", atLeast(0.0))
            .required("phantom", &DxaScan::check,
                      "number of the phantom reading it was taken under; 0 for none", atLeast(0))
            .flat(&DxaScan::verdict, verdictFields())
            .check([](const DxaScan& scan) { return halfBodyProblem(scan.halfBody); });
    return fields;
}

const Fields<ReportedByScanner>& reportedByScannerFields() {
    static const auto fields =
        Fields<ReportedByScanner>("reported values")
            .with(reportedValuesFields())
            .list("bones", &ReportedByScanner::bones, boneFields(), "density and scores by site");
    return fields;
}

} // namespace

const Fields<DxaTest>& dxaTestFields() {
    using Test = DxaTest;
    static const auto fields =
        Fields<Test>("raw record of a scan")
            .with(rawTestFields(ScanMethod::id))
            .part("scanner", &Test::scanner, scannerSetupFields(), "for the next scan")
            .list("phantoms", &Test::phantoms, phantomFields(), "the latest holds for what follows")
            .part("mass_kg", &Test::mass, massFields(), "on the scale")
            .part("dose", &Test::dose, doseFields(), "asked before the scan")
            .list("scans", &Test::scans, dxaScanFields(), "as they came")
            .list("reported", &Test::reported, reportedByScannerFields(),
                  "what the densitometer computed itself")
            .optional("after_menopause", &Test::afterMenopause, "as the client says")
            .check([](const Test& test) { return repeatedNumber(test.scans, "scans"); })
            .check([](const Test& test) { return repeatedNumber(test.phantoms, "phantoms"); });
    return fields;
}

const ReportedValue* DxaTest::reportedValue(std::string_view quantity) const {
    const ReportedByScanner* belonging = reportedOfScan();
    return belonging ? belonging->find(quantity) : nullptr;
}

Json toJson(const ScannerSetup& setup) {
    return scannerSetupFields().write(setup);
}
ScannerSetup scannerSetupFromJson(const Json& json) {
    return scannerSetupFields().read(json);
}
Json toJson(const PhantomReading& reading) {
    return phantomFields().write(reading);
}
PhantomReading phantomReadingFromJson(const Json& json) {
    return phantomFields().read(json);
}
Json toJson(const DoseStatement& statement) {
    return doseFields().write(statement);
}
DoseStatement doseStatementFromJson(const Json& json) {
    return doseFields().read(json);
}
Json toJson(const dxa::Scan& scan) {
    return scanFields().write(scan);
}
dxa::Scan scanFromJson(const Json& json) {
    return scanFields().read(json);
}
Json toJson(const dxa::ReportedBone& bone) {
    return boneFields().write(bone);
}
dxa::ReportedBone reportedBoneFromJson(const Json& json) {
    return boneFields().read(json);
}
Json toJson(const DxaScan& scan) {
    return dxaScanFields().write(scan);
}
DxaScan dxaScanFromJson(const Json& json) {
    return dxaScanFields().read(json);
}
Json toJson(const ReportedByScanner& reported) {
    return reportedByScannerFields().write(reported);
}
ReportedByScanner reportedByScannerFromJson(const Json& json) {
    return reportedByScannerFields().read(json);
}
Json toJson(const DxaTest& test) {
    return dxaTestFields().write(test);
}

void bringScanForward(Json& scan) {
    if (const std::string file = scan.value("source", ""); !file.empty()) {
        scan["origin"] = "file";
        scan["link"] = file;
    }
    scan.erase("source");
    bringVerdictForward(scan);
}
namespace {

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
    return readRecord(json, where, bringForward, dxaTestFields());
}

DocumentKind dxaTestKind() {
    return {"Raw record of a scan", dxaTestFields().notes()};
}

} // namespace fusain
