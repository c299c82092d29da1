// Sweeps, analyzers' exports and group tables on their way in and out.
#include "exchange/base/reported_text.hpp"
#include "exchange/impedance/impedance_csv.hpp"
#include "exchange/lab/group_table.hpp"
#include "record/base/json.hpp"
#include "support/impedance_run.hpp"

#include <algorithm>
#include <filesystem>
#include <gtest/gtest.h>

namespace fusain::exchange::impedance_csv_test {
namespace {

using impedance::Segment;

TEST(CsvTable, ReadsQuotesSeparatorsAndLineEnds) {
    const auto table = tableFromCsv(
        "\xEF\xBB\xBF\"name\";\"value, kΩ\"\r\n\"a \"\"b\"\"\";1,5\r\n\r\n\"two\nlines\";2\r\n", "f");
    ASSERT_TRUE(table) << table.error().english();
    EXPECT_EQ(table->header, (std::vector<std::string>{"name", "value, kΩ"}));
    ASSERT_EQ(table->rows.size(), 2u);
    EXPECT_EQ(table->rows[0].cells[0], "a \"b\"");
    EXPECT_EQ(table->rows[1].cells[0], "two\nlines");
    EXPECT_EQ(table->rows[1].line, 4u);
    EXPECT_EQ(table->column("value, kΩ"), 1u);
    EXPECT_FALSE(table->column("x"));
}

TEST(CsvTable, SaysWhereAFileIsCutOff) {
    for (const char* text : {"", "a,b\n", "a,b\n1,2\n3", "a,b\n\"1,2\n",
                             "\xFF\xFE"
                             "a,b"})
        EXPECT_FALSE(tableFromCsv(text, "f")) << text;
    EXPECT_NE(tableFromCsv("a,b\n1,2\n3", "f").error().english().find("line 3"), std::string::npos);
    EXPECT_EQ(csvCell("plain"), "plain");
    EXPECT_EQ(csvCell("a,\"b\""), "\"a,\"\"b\"\"\"");
}

TEST(SweepCsv, GoesOutAndComesBackTheSame) {
    impedance::Sweep sweep = testing::cleanSweep();
    sweep.spectra[0].points[0].scatter = 0.0012;
    const auto back = sweepFromCsv(sweepToCsv(sweep), "f");
    ASSERT_TRUE(back) << back.error().english();
    EXPECT_EQ(fusain::toJson(*back), fusain::toJson(sweep));
}

TEST(SweepCsv, ReadsMagnitudeAndPhaseWithEitherSign) {
    const auto sweep =
        sweepFromCsv("segment,khz,z_ohm,phase_deg\nwhole-body,50,483.735465,-7.125016\ntrunk,50,30,\n", "f");
    ASSERT_TRUE(sweep) << sweep.error().english();
    EXPECT_NEAR(sweep->standard(Segment::WholeBody)->reactance.value(), 60.0, 1e-4);
    EXPECT_FALSE(sweep->standard(Segment::Trunk));
    EXPECT_DOUBLE_EQ(sweep->of(Segment::Trunk)->points.front().magnitude.value(), 30.0);
}

TEST(SweepCsv, SaysWhatIsWrongAndWhere) {
    const auto wrong = [](const char* rows) {
        return sweepFromCsv(std::string("segment,khz,r_ohm,xc_ohm\n") + rows, "f").error().english();
    };
    EXPECT_NE(wrong("whole-body,50,60,480\n").find("swapped"), std::string::npos);
    EXPECT_NE(wrong("whole-body,50,480,60\nwhole-body,5,560,30\n").find("do not rise"), std::string::npos);
    EXPECT_NE(wrong("whole-body,50,480,60\nwhole-body,100,x,60\n").find("line 3"), std::string::npos);
    EXPECT_NE(wrong("head,50,480,60\n").find("not a segment"), std::string::npos);
    EXPECT_NE(wrong("whole-body,50,480,\n").find("resistance and reactance"), std::string::npos);
    EXPECT_NE(wrong("whole-body,50,nan,60\n").find("number"), std::string::npos);
    EXPECT_FALSE(sweepFromCsv("segment,r_ohm\nwhole-body,5\n", "f"));
}

TEST(ReportedText, OneALine) {
    const auto values = reportedFromText("fat-percent, 24.1, %\n\n lean.trunk,22,5\n");
    ASSERT_TRUE(values);
    ASSERT_EQ(values->size(), 2u);
    EXPECT_EQ(values->at(0).unit, "%");
    EXPECT_FALSE(reportedFromText("fat-percent"));
    EXPECT_FALSE(reportedFromText(" \n"));
}

constexpr const char* anExport =
    "Client ID,Weight (kg),Height (cm),Resistance right arm 50kHz,Reactance right arm 50kHz,"
    "Resistance whole body 50kHz,Reactance whole body 50kHz,Body fat %,Operator\n"
    "SP-1,70.0,175,226,28,480,60,18.4,B\n"
    "SP-2,60.0,165,273,30,62,580,29.8,B\n"
    "SP-3,,165,273,30,580,62,29.8,B\n"
    ",60,165,273,30,580,62,29.8,B\n"
    "SP-5,60,165,abc,30,580,62,29.8,B\n"
    "SP-6,60,165,,,,,,B\n";

TEST(ImportMapping, IsGuessedFromTheHeadersAndKept) {
    const auto table = *tableFromCsv(anExport, "f");
    const ImportMapping guess = guessMapping(table.header);
    EXPECT_EQ(guess.targets.at("Client ID"), "code");
    EXPECT_EQ(guess.targets.at("Weight (kg)"), "mass_kg");
    EXPECT_EQ(guess.targets.at("Resistance right arm 50kHz"), "r/right-arm/50");
    EXPECT_EQ(guess.targets.at("Reactance whole body 50kHz"), "xc/whole-body/50");
    EXPECT_EQ(guess.targets.at("Body fat %"), "reported/fat-percent/%");
    EXPECT_FALSE(guess.targets.contains("Operator"));
    const auto kept = importMappingFromJson(toJson(guess));
    ASSERT_TRUE(kept);
    EXPECT_EQ(kept->targets, guess.targets);
    EXPECT_DOUBLE_EQ(guessMapping({"Resistance (kOhm)"}).ohms, 1000.0);
    EXPECT_TRUE(isImportTarget("z/trunk/250"));
    EXPECT_FALSE(isImportTarget("z/head/250"));
    EXPECT_FALSE(isImportTarget("r/trunk/fifty"));
}

TEST(ImportRows, AreJudgedOneByOne) {
    const auto table = *tableFromCsv(anExport, "f");
    const auto rows = importRows(table, guessMapping(table.header));
    ASSERT_EQ(rows.size(), 6u);
    EXPECT_FALSE(rows[0].problem);
    EXPECT_NEAR(rows[0].sweep.standard(Segment::WholeBody)->resistance.value(), 480.0, 1e-12);
    EXPECT_EQ(rows[0].reported.front().quantity, "fat-percent");
    EXPECT_NE(rows[1].problem->english().find("swapped"), std::string::npos);
    EXPECT_FALSE(rows[2].problem); // the mass may come from elsewhere
    EXPECT_FALSE(rows[2].mass);
    EXPECT_TRUE(rows[3].problem); // nobody's
    EXPECT_NE(rows[4].problem->english().find("\"abc\""), std::string::npos);
    EXPECT_NE(rows[5].problem->english().find("no reading"), std::string::npos);
}

GroupRow person(Sex sex, double fat) {
    return {sex, 24, fat, 18.0, 6.0, std::nullopt};
}

TEST(GroupTable, HasNoNamesAndNoOrder) {
    std::vector<GroupRow> rows{person(Sex::Female, 24.0), person(Sex::Male, 12.0), person(Sex::Female, 19.0),
                               person(Sex::Male, 15.0), person(Sex::Female, 21.0)};
    hideOrder(rows);
    EXPECT_DOUBLE_EQ(*rows[0].fatPercent, 12.0);
    EXPECT_DOUBLE_EQ(*rows[2].fatPercent, 19.0);
    const std::string csv = groupToCsv(rows);
    EXPECT_EQ(csv.substr(0, csv.find('\n')),
              "sex,age_y,fat_percent,fat_free_mass_index_kg_m2,phase_angle_deg,body_water_l");
    EXPECT_NE(csv.find("male,24,12.0,18.0,6.00,\n"), std::string::npos) << csv;
    const auto summary = summaryOf(rows, &GroupRow::fatPercent);
    EXPECT_EQ(summary.count, 5);
    EXPECT_DOUBLE_EQ(summary.median, 19.0);
    EXPECT_DOUBLE_EQ(summary.most, 24.0);
    EXPECT_EQ(summaryOf(rows, &GroupRow::bodyWater).count, 0);
}

TEST(GroupTable, IsAWorkbookToo) {
    const std::string path = ::testing::TempDir() + "fusain-group.xlsx";
    ASSERT_TRUE(groupToXlsx({person(Sex::Female, 24.0)}, path));
    EXPECT_GT(std::filesystem::file_size(path), 2000u);
    std::filesystem::remove(path);
    EXPECT_FALSE(groupToXlsx({}, "/nonexistent/group.xlsx"));
}

} // namespace
} // namespace fusain::exchange::impedance_csv_test
