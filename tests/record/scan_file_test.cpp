#include "record/base/json.hpp"
#include "record/scan/file.hpp"

#include <gtest/gtest.h>

namespace fusain::scan_file_test {
namespace {

dxa::RegionReading region(dxa::Region which, double fat, double lean, double bone) {
    return {which, Kilograms(fat), Kilograms(lean), Kilograms(bone), SquareCentimetres(200.0), {}};
}

ScanFile file() {
    using dxa::Region;
    ScanFile scan;
    scan.clientCode = "SP-104";
    scan.scannedAt = *instantFromIso("2026-03-10T08:05:00.000Z");
    scan.scanner = {"Scanner", "3.1", "whole body"};
    scan.dose = Microsieverts(5.0);
    scan.scan = {{region(Region::Head, 1.0, 3.3, 0.5), region(Region::LeftArm, 1.0 / 3.0, 3.1, 0.2),
                  region(Region::RightArm, 1.1, 3.3, 0.2), region(Region::Trunk, 9.4, 23.2, 0.9),
                  region(Region::LeftLeg, 2.7, 8.5, 0.5), region(Region::RightLeg, 2.8, 8.6, 0.5)}};
    scan.reported = {{"visceral-fat-mass", 0.62, "kg"}};
    scan.bones = {{"total", GramsPerSquareCentimetre(1.18), -0.4, 0.1}};
    return scan;
}

TEST(ScanFiles, RoundTripWithoutLosingADigit) {
    const auto back = scanFileFromJson(*parseJson(toJson(file()).dump(), "s"), "s");
    ASSERT_TRUE(back) << back.error().english();
    EXPECT_EQ(toJson(*back), toJson(file()));
    EXPECT_EQ(back->scan.of(dxa::Region::LeftArm)->fat.value(), 1.0 / 3.0);
}

TEST(ScanFiles, OtherDocumentsNewerOnesAndTruncatedOnesAreRefused) {
    EXPECT_FALSE(scanFileFromJson(Json::array(), "a.json"));
    EXPECT_FALSE(scanFileFromJson(Json{{"format", "fusain-policy"}}, "p.json"));
    Json json = toJson(file());
    json["version"] = 9;
    EXPECT_NE(scanFileFromJson(json, "n.json").error().english().find("newer"), std::string::npos);
    const std::string text = toJson(file()).dump();
    for (std::size_t length = 0; length < text.size(); length += 41)
        EXPECT_FALSE(parseJson(text.substr(0, length), "s.json"));
}

TEST(ScanFiles, ARegionTwiceOrUnknownIsNamed) {
    Json json = toJson(file());
    json["regions"][1]["region"] = "right-arm";
    EXPECT_NE(scanFileFromJson(json, "s.json").error().english().find("twice"), std::string::npos);
    json["regions"][1]["region"] = "tail";
    EXPECT_NE(scanFileFromJson(json, "s.json").error().english().find("tail"), std::string::npos);
}

TEST(ScanFiles, AHalfBodyIsMirroredWhenItIsRead) {
    ScanFile half = file();
    half.halfBody = "left";
    half.scan.regions = {half.scan.regions[0], half.scan.regions[1], half.scan.regions[3],
                         half.scan.regions[4]};
    const auto whole = scanFileFromJson(toJson(half), "h.json");
    ASSERT_TRUE(whole) << whole.error().english();
    EXPECT_EQ(whole->scan.of(dxa::Region::RightArm)->lean, half.scan.of(dxa::Region::LeftArm)->lean);
    EXPECT_NEAR(whole->scan.of(dxa::Region::Trunk)->lean.value(), 46.4, 1e-12);
    half.scan.regions.pop_back();
    EXPECT_FALSE(scanFileFromJson(toJson(half), "h.json"));
}

} // namespace
} // namespace fusain::scan_file_test
