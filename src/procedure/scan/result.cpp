#include "procedure/scan/result.hpp"

#include "core/anthropometry/ages.hpp"
#include "core/units/format.hpp"
#include "procedure/method/result_json.hpp"

#include <cmath>

namespace fusain {
namespace {

using anthropometry::LimbBalance;
using dxa::Region;

// The densitometer's own sums where it gave them, else ours.
dxa::Scan completed(dxa::Scan scan) {
    if (!scan.of(Region::Subtotal))
        scan.regions.push_back(*dxa::sumOf(scan, std::span(dxa::parts).subspan(1), Region::Subtotal));
    if (!scan.of(Region::Total))
        scan.regions.push_back(*dxa::sumOf(scan, dxa::parts, Region::Total));
    return scan;
}

std::string settingText(const DxaScan& scan) {
    std::string text = scan.scanner.scanner;
    for (const std::string& part : {scan.scanner.software, scan.scanner.mode})
        if (!part.empty())
            text += ", " + part;
    return scan.halfBody.empty() ? text : text + ", half body";
}

void weighSides(DxaResult& result, const DxaPolicy& policy) {
    const auto pair = [&](dxa::Pair limbs, bool lean, double limit) {
        const dxa::RegionReading &right = *result.scan.of(limbs.right), &left = *result.scan.of(limbs.left);
        return dxa::balance(lean ? right.lean : right.fat, lean ? left.lean : left.fat,
                            lean ? policy.precision.leanOf(limbs.right) : policy.precision.fatOf(limbs.right),
                            policy.balance.kind, limit);
    };
    result.armLean = pair(dxa::arms, true, policy.balance.arms);
    result.legLean = pair(dxa::legs, true, policy.balance.legs);
    result.armFat = pair(dxa::arms, false, policy.balance.arms);
    result.legFat = pair(dxa::legs, false, policy.balance.legs);
}

void takeReported(DxaResult& result, const DxaTest& test) {
    if (const auto* mass = test.reportedValue("visceral-fat-mass")) {
        result.visceralFat = Kilograms(mass->value);
        result.visceralVolume = dxa::visceralVolume(*result.visceralFat);
    }
    if (const auto* area = test.reportedValue("visceral-fat-area"))
        result.visceralArea = area->value;
    const ReportedByScanner* reported = test.reportedOfScan();
    for (const dxa::ReportedBone& bone : reported ? reported->bones : std::vector<dxa::ReportedBone>{})
        result.bone.push_back(dxa::boneSentence(bone, test.subject.sex, test.subject.age, test.afterMenopause));
}

void flag(DxaResult& result, const DxaTest& test) {
    for (const dxa::ScanFinding& finding : result.findings)
        result.flags.push_back(finding.what);
    if (!result.halfBody.empty())
        result.flags.push_back({FUSAIN_TEXT("Half-body scan, mirrored. The uncertainty is about 1 % of mass "
                                            "and 1 %-point of fat larger. Left and right are not compared."),
                                {}});
    for (const std::string& artefact : test.scan()->artefacts)
        result.flags.push_back(
            {FUSAIN_TEXT("Noted at the scan: {1}. Bone mineral and soft tissue of that region are "
                         "not to be trusted."),
             {artefact}});
    if (test.subject.age < anthropometry::adultAge)
        result.flags.push_back(
            {FUSAIN_TEXT("A child's bone is read without the head. References for adults are not used."), {}});
    flagFat(result, result.composition);
}

} // namespace

Expected<DxaResult> computeDxa(const DxaTest& test, const DxaPolicy& policy) {
    if (!test.mass)
        return tl::unexpected(missingReading(FUSAIN_TEXT("mass")));
    const DxaScan* kept = test.scan();
    if (!kept)
        return tl::unexpected(missingReading(FUSAIN_TEXT("scan")));
    const Kilograms scale(test.mass->value);
    auto findings = dxa::judgeScan(kept->readings, scale, policy.limits, !kept->halfBody.empty());
    if (!findings.empty() && findings.front().fault == dxa::Fault::Number)
        return failure(findings.front().what, {}, findings.front().remedy);
    DxaResult result;
    result.mass = scale;
    result.scan = completed(kept->readings);
    result.scanner = kept->scanner;
    result.setting = settingText(*kept);
    result.halfBody = kept->halfBody;
    result.findings = std::move(findings);
    const dxa::BodyByScan body =
        dxa::bodyFrom(*result.scan.of(Region::Total), policy.precision, policy.day, test.subject.height);
    result.composition = body.composition;
    result.lean = body.lean;
    result.boneMineral = body.boneMineral;
    result.scanMass = body.mass;
    result.indices = dxa::indicesOf(result.scan, test.subject.height, scale, policy.convention);
    const double partOfLean = result.indices.limbLean / result.scan.of(Region::Total)->lean;
    result.limbLean = Measured<Kilograms>(
        Uncertain(result.indices.limbLean.value(), Source::ScanLean,
                  dxa::limbLeanError(result.scan, policy.precision).value()) +
        Uncertain(0.0, Source::BodyWaterOfTheDay, partOfLean * policy.day.bodyWater.value()));
    weighSides(result, policy);
    takeReported(result, test);
    flag(result, test);
    return result;
}

std::vector<Message> dxaFindings(const DxaResult& result, const DxaTest& test) {
    std::vector<Message> sentences;
    sentences.push_back(
        {FUSAIN_TEXT("Scan total: fat {1} + lean {2} + bone mineral {3} kg. Scale: {4} kg."),
         {fixed(result.composition.fatMass.estimate().value(), 1), fixed(result.lean.estimate().value(), 1),
          fixed(result.boneMineral.estimate().value(), 2), fixed(result.mass.value(), 1)}});
    if (result.indices.androidGynoid)
        sentences.push_back(
            {FUSAIN_TEXT("Android/gynoid fat ratio {1}; trunk/limb fat mass ratio {2}."),
             {fixed(*result.indices.androidGynoid, 2), fixed(result.indices.trunkToLimbFat, 2)}});
    if (result.visceralFat)
        sentences.push_back(
            {FUSAIN_TEXT("Visceral fat, as reported by the scanner: {1} kg ({2} L). Comparable only on the "
                         "same scanner."),
             {fixed(result.visceralFat->value(), 2), fixed(result.visceralVolume->value(), 2)}});
    sentences.insert(sentences.end(), result.bone.begin(), result.bone.end());
    if (test.dose)
        sentences.push_back(
            {FUSAIN_TEXT("X-rays: {1} µSv for this scan, {2} µSv in twelve months. Natural background gives as "
                         "much in {3} d."),
             {fixed(test.dose->thisScan.value(), 0), fixed(test.dose->withThisScan().value(), 0),
              fixed(dxa::daysOfBackground(test.dose->withThisScan()), 1)}});
    return sentences;
}

Json toJson(const DxaResult& result, const DxaTest& test, const DxaPolicy& policy) {
    Json json = resultJson(result, &result.composition);
    json["method"] = ScanMethod::id;
    json["test"] = test.id;
    json["test_version"] = test.version;
    json["recipe"] = {{"engine", dxaEngineVersion}, {"policy", policy.id}, {"scanner", toJson(result.scanner)}};
    json["lean"] = valueJson(result.lean);
    json["bone_mineral"] = valueJson(result.boneMineral);
    json["scan_mass"] = valueJson(result.scanMass);
    json["limb_lean"] = valueJson(result.limbLean);
    Json regions = Json::array();
    for (const dxa::RegionReading& reading : result.scan.regions) {
        Json region{{"region", dxa::regionKey(reading.region)},
                    {"fat_kg", reading.fat.value()},
                    {"lean_kg", reading.lean.value()},
                    {"bone_mineral_kg", reading.boneMineral.value()},
                    {"fat_percent_whole_mass", reading.fatOfMass().value()},
                    {"fat_percent_soft_tissue", reading.fatOfTissue().value()}};
        if (const auto density = reading.boneDensity())
            region["bone_density_g_cm2"] = density->value();
        regions.push_back(region);
    }
    json["regions"] = regions;
    json["indices"] = {{"trunk_to_limb_fat", result.indices.trunkToLimbFat},
                       {"trunk_to_leg_fat_percent", result.indices.trunkToLegFatPercent},
                       {"lean_index_kg_m2", result.indices.leanIndex.value()},
                       {"limb_lean_index_kg_m2", result.indices.limbLeanIndex.value()},
                       {"limb_lean_by_bmi_m2", result.indices.limbLeanByBmi.value()},
                       {"bone_mineral_index_kg_m2", result.indices.boneMineralIndex.value()}};
    if (result.indices.androidGynoid)
        json["indices"]["android_gynoid"] = *result.indices.androidGynoid;
    json["balance"] = {{"arm_lean", balanceJson(result.armLean)},
                       {"leg_lean", balanceJson(result.legLean)},
                       {"arm_fat", balanceJson(result.armFat)},
                       {"leg_fat", balanceJson(result.legFat)}};
    Json findings = Json::array();
    for (const dxa::ScanFinding& finding : result.findings)
        findings.push_back({{"fault", dxa::faultName(finding.fault)},
                            {"region", dxa::regionKey(finding.region)},
                            {"repeat", finding.severity == dxa::Severity::Repeat},
                            {"what", finding.what.english()}});
    json["findings"] = findings;
    return json;
}

} // namespace fusain
