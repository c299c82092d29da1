#include "exchange/scan/scan_csv.hpp"
#include "record/base/json.hpp"

#include <gtest/gtest.h>

namespace fusain::exchange::scan_csv_test {
namespace {

using dxa::Region;

TEST(ScanTable, OursRoundTrips) {
    const dxa::Scan scan{
        {{Region::LeftArm, Kilograms(1.0), Kilograms(3.125), Kilograms(0.2), SquareCentimetres(190), {}},
         {Region::Android, Kilograms(1.6), Kilograms(3.35), Kilograms(0.05), {}, {}}}};
    const auto back = scanFromCsv(scanToCsv(scan), "s.csv");
    ASSERT_TRUE(back) << back.error().english();
    EXPECT_EQ(scanToCsv(*back), scanToCsv(scan));
    EXPECT_FALSE(back->of(Region::Android)->area);
}

TEST(ScanTable, OtherWordsAndGramsAreGuessed) {
    const auto scan = scanFromCsv("Region;Area (cm2);BMC (g);Fat (g);Lean (g);Total Mass (g);% Fat\n"
                                  "L Arm;190;200;1000;3100;4300;23,3\n"
                                  "R Leg;420;500;2800;8600;11900;23,5\n",
                                  "export.csv");
    ASSERT_TRUE(scan) << scan.error().english();
    EXPECT_NEAR(scan->of(Region::LeftArm)->lean.value(), 3.1, 1e-12);
    EXPECT_NEAR(scan->of(Region::LeftArm)->printedMass->value(), 4.3, 1e-12);
    EXPECT_NEAR(scan->of(Region::RightLeg)->boneMineral.value(), 0.5, 1e-12);
    const auto table = tableFromCsv("region,fat_lb,lean_lb,bmc_lb\ntrunk,20,51,2\n", "p.csv");
    ASSERT_TRUE(table);
    EXPECT_NEAR(guessScanMapping(*table).kilograms, kilogramsPerPound, 1e-12);
}

TEST(ScanTable, BadRowsNameTheirLine) {
    const auto problem = [](const char* row) {
        const auto scan =
            scanFromCsv(std::string("region,fat_kg,lean_kg,bmc_kg\ntrunk,9.4,23.2,0.9\n") + row, "s.csv");
        return scan ? std::string() : scan.error().english();
    };
    EXPECT_NE(problem("tail,1,2,3\n").find("line 3"), std::string::npos) << problem("tail,1,2,3\n");
    EXPECT_NE(problem("head,much,3.3,0.5\n").find("\"much\" is no number"), std::string::npos);
    EXPECT_NE(problem("trunk,9.4,23.2,0.9\n").find("twice"), std::string::npos);
    EXPECT_FALSE(problem("head,,3.3,0.5\n").empty());
    EXPECT_FALSE(scanFromCsv("region,fat_kg\ntrunk,9.4\n", "s.csv")); // no lean, no bone
    EXPECT_FALSE(scanFromCsv("", "s.csv"));
}

TEST(ScanTable, TheMappingIsShownChangedAndKept) {
    const auto table = tableFromCsv("Bereich,Fett,Mager,Knochen\nRumpf,9.4,23.2,0.9\n", "d.csv");
    ASSERT_TRUE(table);
    EXPECT_FALSE(scanFromTable(*table, guessScanMapping(*table)));
    const auto own = scanMappingFromText("Bereich = region\nFett = fat\nMager = lean\nKnochen = bone-mineral\n"
                                         "Rumpf = trunk\nunit = kg\n");
    ASSERT_TRUE(own) << own.error().english();
    const auto scan = scanFromTable(*table, *own);
    ASSERT_TRUE(scan) << scan.error().english();
    EXPECT_NEAR(scan->of(Region::Trunk)->fat.value(), 9.4, 1e-12);
    const auto kept = scanMappingFromJson(toJson(*own));
    ASSERT_TRUE(kept);
    EXPECT_EQ(mappingText(*table, *kept), mappingText(*table, *own));
    EXPECT_FALSE(scanMappingFromText("Fett = grease\n"));
    EXPECT_FALSE(scanMappingFromText("unit = stone\n"));
    EXPECT_FALSE(scanMappingFromJson(Json{{"targets", {{"Fett", "grease"}}}}));
}

TEST(ScanTable, ReportedBonesAreGatheredBySite) {
    const auto read = reportedScanFromText("visceral-fat-mass, 0.62, kg\nbone-density.total, 1.182\n"
                                           "t-score.total, -0.4\nz-score.spine, 0.3\n");
    ASSERT_TRUE(read) << read.error().english();
    ASSERT_EQ(read->values.size(), 1u);
    ASSERT_EQ(read->bones.size(), 2u);
    EXPECT_EQ(read->bones[0].tScore, -0.4);
    EXPECT_NEAR(read->bones[0].density->value(), 1.182, 1e-12);
    EXPECT_FALSE(reportedScanFromText("nonsense"));
}

} // namespace
} // namespace fusain::exchange::scan_csv_test
