#include "procedure/scan/sheet.hpp"

// The worked sheet of a test on the densitometer.
#include "core/anthropometry/indices.hpp"

#include <fmt/format.h>

namespace fusain {
namespace {

using dxa::Region;
using dxa::RegionReading;

const Message scanned{FUSAIN_TEXT("from the scan"), {}};
const Message computed{FUSAIN_TEXT("computed"), {}};

template <class Q>
std::string errorOf(const Measured<Q>& value, int decimals) {
    return fixed(value.totalError().value(), decimals);
}

void readingLines(std::vector<WorkedLine>& sheet, const DxaTest& test, const DxaPolicy& policy,
                  const DxaResult& result) {
    sheet.push_back(
        {"W",
         FUSAIN_TEXT("mass on the scale"),
         fixed(result.mass.value(), 2),
         "kg",
         fixed(policy.dryMassError.value(), 2),
         {test.mass->origin == Origin::Link ? FUSAIN_TEXT("from the instrument") : FUSAIN_TEXT("typed"), {}},
         "",
         ""});
    sheet.push_back({"H",
                     FUSAIN_TEXT("height"),
                     fixed(centimetres(test.subject.height), 1),
                     "cm",
                     "",
                     {FUSAIN_TEXT("dossier"), {}},
                     "",
                     ""});
    const auto& body = result.composition;
    sheet.push_back({"F", FUSAIN_TEXT("fat"), fixed(body.fatMass.estimate().value(), 3), "kg",
                     errorOf(body.fatMass, 2), scanned, "", ""});
    sheet.push_back({"L", FUSAIN_TEXT("lean soft tissue"), fixed(result.lean.estimate().value(), 3), "kg",
                     errorOf(result.lean, 2), scanned, "", ""});
    sheet.push_back({"BMC", FUSAIN_TEXT("bone mineral"), fixed(result.boneMineral.estimate().value(), 3), "kg",
                     errorOf(result.boneMineral, 3), scanned, "", ""});
    sheet.push_back(
        {"M", FUSAIN_TEXT("mass of the scan"), fixed(result.scanMass.estimate().value(), 3), "kg",
         errorOf(result.scanMass, 2), computed,
         fmt::format("F + L + BMC = {} + {} + {}", fixed(body.fatMass.estimate().value(), 3),
                     fixed(result.lean.estimate().value(), 3), fixed(result.boneMineral.estimate().value(), 3)),
         ""});
}

void fatLines(std::vector<WorkedLine>& sheet, const DxaResult& result) {
    const RegionReading& total = *result.scan.of(Region::Total);
    const auto& body = result.composition;
    sheet.push_back(
        {"%fat", FUSAIN_TEXT("fat in the whole mass, bone included"),
         fixed(body.fatPercent.estimate().value(), 2), "%", errorOf(body.fatPercent, 2), computed,
         fmt::format("100F/M = 100·{}/{}", fixed(total.fat.value(), 3), fixed(total.mass().value(), 3)),
         "Convention; comparable with other methods"});
    sheet.push_back({"%fat′", FUSAIN_TEXT("fat in the soft tissue, without bone"),
                     fixed(total.fatOfTissue().value(), 2), "%", "", computed,
                     fmt::format("100F/(F + L) = 100·{}/{}", fixed(total.fat.value(), 3),
                                 fixed(total.softTissue().value(), 3)),
                     "Convention; half a point to one and a half higher"});
    sheet.push_back({"FFM", FUSAIN_TEXT("fat-free mass"), fixed(body.fatFreeMass.estimate().value(), 2), "kg",
                     errorOf(body.fatFreeMass, 2), computed, "L + BMC", ""});
    sheet.push_back({"FMI", FUSAIN_TEXT("fat mass index"), fixed(body.fatMassIndex.estimate().value(), 2),
                     "kg/m²", errorOf(body.fatMassIndex, 2), computed, "F/H²",
                     "VanItallie TB et al (1990), Am J Clin Nutr 52:953-959"});
    sheet.push_back({"FFMI", FUSAIN_TEXT("fat-free mass index"),
                     fixed(body.fatFreeMassIndex.estimate().value(), 2), "kg/m²",
                     errorOf(body.fatFreeMassIndex, 2), computed, "FFM/H²",
                     "VanItallie TB et al (1990), Am J Clin Nutr 52:953-959"});
}

void indexLines(std::vector<WorkedLine>& sheet, const DxaTest& test, const DxaPolicy& policy,
                const DxaResult& result) {
    const dxa::Indices& indices = result.indices;
    const auto line = [&](const char* symbol, std::string_view name, double value, int decimals,
                          const char* unit, std::string formula, const char* source, std::string error = {}) {
        sheet.push_back({symbol, std::string(name), fixed(value, decimals), unit, std::move(error), computed,
                         std::move(formula), source});
    };
    line("LMI", FUSAIN_TEXT("lean index"), indices.leanIndex.value(), 2, "kg/m²", "L/H²", "");
    line("ALM", FUSAIN_TEXT("appendicular lean mass"), indices.limbLean.value(), 2, "kg",
         fmt::format("{} + {} + {} + {}", fixed(result.scan.of(Region::RightArm)->lean.value(), 2),
                     fixed(result.scan.of(Region::LeftArm)->lean.value(), 2),
                     fixed(result.scan.of(Region::RightLeg)->lean.value(), 2),
                     fixed(result.scan.of(Region::LeftLeg)->lean.value(), 2)),
         "Heymsfield SB et al (1990), Am J Clin Nutr 52:214-218", errorOf(result.limbLean, 2));
    line("ALM/H²", FUSAIN_TEXT("limb lean by height"), indices.limbLeanIndex.value(), 2, "kg/m²", "ALM/H²",
         "Baumgartner RN et al (1998), Am J Epidemiol 147:755-763");
    line("ALM/BMI", FUSAIN_TEXT("limb lean by body mass index"), indices.limbLeanByBmi.value(), 3, "m²",
         fmt::format("ALM/{}", fixed(anthropometry::massIndex(result.mass, test.subject.height).value(), 2)),
         "Cawthon PM et al (2014), J Gerontol A 69:567-575");
    if (indices.androidGynoid) {
        const RegionReading &android = *result.scan.of(Region::Android),
                            &gynoid = *result.scan.of(Region::Gynoid);
        line("A/G", FUSAIN_TEXT("android over gynoid, percentages"), *indices.androidGynoid, 3, "",
             fmt::format("{}/{}", fixed(fatPercent(android, policy.convention).value(), 1),
                         fixed(fatPercent(gynoid, policy.convention).value(), 1)),
             "Convention");
    }
    line("Ft/Fl", FUSAIN_TEXT("fat of the trunk over fat of the limbs"), indices.trunkToLimbFat, 3, "", "", "");
    line("BMC/H²", FUSAIN_TEXT("bone mineral index"), indices.boneMineralIndex.value(), 3, "kg/m²", "BMC/H²",
         "");
    if (result.visceralFat)
        line("V", FUSAIN_TEXT("visceral fat, volume from the reported mass"), result.visceralVolume->value(), 3,
             "L", fmt::format("{}/0.94", fixed(result.visceralFat->value(), 3)),
             "Kaul S et al (2012), Obesity 20:1313-1318; not yet verified");
}

void regionLines(std::vector<WorkedLine>& sheet, const DxaPolicy& policy, const DxaResult& result) {
    for (const Region region : dxa::regions)
        if (const RegionReading* reading = result.scan.of(region); reading && region != Region::Total)
            sheet.push_back({"",
                             std::string(dxa::regionName(region)),
                             fixed(fatPercent(*reading, policy.convention).value(), 1),
                             "%",
                             "",
                             {FUSAIN_TEXT("fat {1}, lean {2}, bone mineral {3} kg"),
                              {fixed(reading->fat.value(), 2), fixed(reading->lean.value(), 2),
                               fixed(reading->boneMineral.value(), 3)}},
                             "",
                             ""});
}

} // namespace

std::vector<WorkedLine> workedSheet(const DxaTest& test, const DxaPolicy& policy, const DxaResult& result) {
    std::vector<WorkedLine> sheet;
    readingLines(sheet, test, policy, result);
    fatLines(sheet, result);
    indexLines(sheet, test, policy, result);
    regionLines(sheet, policy, result);
    return sheet;
}

} // namespace fusain
