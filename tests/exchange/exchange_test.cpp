#include "exchange/chamber/pressure_csv.hpp"
#include "exchange/lab/quality_csv.hpp"
#include "exchange/tank/hydrostatic_batch.hpp"
#include "exchange/tank/trace_csv.hpp"
#include "procedure/tank/result.hpp"
#include "record/base/json.hpp"
#include "support/hydrostatic_run.hpp"
#include "support/property.hpp"

namespace fusain::exchange::exchange_test {
namespace {

TEST(TraceCsv, KeepsEveryDigit) {
    fusain::testing::holdsFor("round trip", [] {
        std::vector<hydrostatic::ForceSample> samples;
        for (int i = 0; i < 20; ++i)
            samples.push_back({Seconds(i / 3.0), Kilograms(*rc::gen::inRange(-100000, 100000) / 7.0)});
        const auto back = traceFromCsv(traceToCsv(samples), "t.csv");
        RC_ASSERT(back.has_value());
        for (std::size_t i = 0; i < samples.size(); ++i)
            RC_ASSERT((*back)[i].gross == samples[i].gross && (*back)[i].time == samples[i].time);
    });
}

TEST(TraceCsv, ReadsSpreadsheetFlavours) {
    EXPECT_EQ(traceFromCsv("\xEF\xBB\xBFtime_s,gross_kg\r\n0,7.1\r\n0.02,7.2\r\n", "t")->size(), 2u);
    EXPECT_DOUBLE_EQ((*traceFromCsv("time_s;gross_kg\n0;7,1\n0,02;7,2\n", "t"))[1].gross.value(), 7.2);
}

TEST(TraceCsv, NamesLineAndColumn) {
    const auto where = [](const char* text) { return traceFromCsv(text, "t.csv").error().where; };
    EXPECT_EQ(where(""), "t.csv, line 1, column 1");
    EXPECT_EQ(where("time_s,gross_kg\n0,7\n0.1,seven\n"), "t.csv, line 3, column 2");
    EXPECT_EQ(where("time_s,gross_kg\n0,7\n0,7\n"), "t.csv, line 3, column 1");
    EXPECT_EQ(where("time_s,gross_kg\n0\n"), "t.csv, line 2, column 2");
    EXPECT_EQ(where("\xFF\xFEt\0i"), "t.csv, line 1, column 1");
    EXPECT_EQ(where("time_s,gross_kg\n"), "t.csv, line 2, column 1");
}

const std::string header =
    "id,sex,age_y,height_cm,mass_kg,gross_kg,tare_kg,water_c,residual_volume_l,vital_capacity_l\n";

struct BatchRun {
    std::string output;
    std::vector<std::string> complaints;
    bool whole = true;
};

BatchRun compute(const std::string& text, std::size_t piece = 1 << 20) {
    BatchRun run;
    const HydrostaticPolicy policy = fusain::testing::standardSetting().policy;
    HydrostaticBatch batch(
        policy, "in.csv", [&](std::string_view part) { run.output += part; },
        [&](const Problem& problem) { run.complaints.push_back(problem.english()); });
    for (std::size_t at = 0; at < text.size() && run.whole; at += piece)
        run.whole = batch.add(std::string_view(text).substr(at, piece)).has_value();
    run.whole = run.whole && batch.finish().has_value();
    return run;
}

double cell(const std::string& output, int row, int column) {
    std::stringstream lines(output);
    std::string line;
    for (int i = 0; i <= row; ++i)
        std::getline(lines, line);
    std::stringstream cells(line);
    for (int i = 0; i <= column; ++i)
        std::getline(cells, line, ',');
    return std::stod(line);
}

TEST(PressureCsv, KeepsEveryDigitAndNamesLineAndColumn) {
    const std::vector<airdisplacement::PressureSample> samples{
        {Seconds(0.0), Pascals(1.0 / 3.0), Pascals(-2.0 / 7.0)}, {Seconds(0.01), Pascals(5.0), Pascals(-6.0)}};
    const auto read = pressuresFromCsv(pressuresToCsv(samples), "p.csv");
    ASSERT_TRUE(read);
    ASSERT_EQ(read->size(), 2u);
    EXPECT_EQ((*read)[0].test, samples[0].test);
    EXPECT_EQ((*read)[0].reference, samples[0].reference);
    const auto bad = pressuresFromCsv("time_s,test_pa,reference_pa\n0,1,2\n0.01,1\n", "p.csv");
    ASSERT_FALSE(bad);
    EXPECT_NE(bad.error().english().find("line 3, column 3"), std::string::npos) << bad.error().english();
    EXPECT_FALSE(pressuresFromCsv("time_s,test_pa\n0,1\n", "p.csv")); // the reference pressure is missing
    EXPECT_FALSE(pressuresFromCsv("", "p.csv"));
}

TEST(QualityCsv, ChecksAndStudies) {
    const std::vector<Check> checks{{"c",
                                     "chamber",
                                     "cylinder-volume",
                                     *instantFromIso("2026-03-12T07:00:00.000Z"),
                                     50.0,
                                     50.25,
                                     false,
                                     "bram",
                                     "said \"odd\"",
                                     {50.2, 50.3}}};
    EXPECT_NE(checksToCsv(checks).find(
                  "2026-03-12T07:00:00.000Z,chamber,cylinder-volume,50,50.25,0.25,no,\"bram\",\"said "
                  "\"\"odd\"\"\",50.2 50.3"),
              std::string::npos)
        << checksToCsv(checks);
    const auto study = studyFromCsv("first,second\n18.2,18.5\n25.1,24.6\n", "s.csv");
    ASSERT_TRUE(study);
    EXPECT_EQ(study->size(), 2u);
    EXPECT_EQ(studyFromCsv("18,2;18,5\r\n25,1;24,6\r\n", "s.csv")->at(0).at(0), 18.2);
    EXPECT_FALSE(studyFromCsv("18.2,18.5\n25.1,x\n", "s.csv"));
    EXPECT_FALSE(studyFromCsv("18.2\n", "s.csv"));
    EXPECT_FALSE(studyFromCsv("", "s.csv"));
}

TEST(Batch, GivesWhatTheBenchGives) {
    HydrostaticTest test;
    test.subject = fusain::testing::man;
    test.dryMass = Reading(Attribution::typed(), 70.0);
    test.waterTemperature = Reading(Attribution::typed(), 34.0);
    test.residualVolume = MeasuredResidualVolume{{}, Litres(1.30), "x"};
    test.trials = {{{{}, 1, {}}, Kilograms(3.30), Kilograms(0.02), 0, Kilograms(0.0), {}, {}}};
    const auto bench = computeHydrostatic(test, fusain::testing::standardSetting().policy);
    const BatchRun run = compute(header + "a,male,30,175,70,7.45,4.15,34,1.30,\n");
    const auto& fat = bench->body.fatPercent;
    EXPECT_NEAR(cell(run.output, 1, 6), fat.estimate().value(), 1e-9);
    EXPECT_NEAR(cell(run.output, 1, 7), fat.repeatability().value(), 1e-9);
    EXPECT_NEAR(cell(run.output, 1, 8), fat.leastSignificantChange().value(), 1e-9);
    EXPECT_NEAR(cell(run.output, 1, 9), fat.low().value(), 1e-9);
    EXPECT_NEAR(cell(run.output, 1, 10), fat.high().value(), 1e-9);
    EXPECT_NEAR(cell(run.output, 1, 11) + cell(run.output, 1, 16), 70.0, 1e-9);
}

TEST(Batch, DoesNotCareWhereTheFileIsCut) {
    std::string text = header;
    for (int i = 0; i < 50; ++i)
        text += "p" + std::to_string(i) + ",female,31.5,168,71.3," + std::to_string(5.0 + i / 100.0) +
                ",4.15,34.1,,3.9\n";
    const std::string whole = compute(text).output;
    for (const std::size_t piece : {1u, 7u, 64u, 1000u})
        EXPECT_EQ(compute(text, piece).output, whole) << piece;
}

TEST(Batch, BadRowsAreReportedAndTheRestGoesOn) {
    const BatchRun run = compute(
        header + "a,male,30,175,70,7.45,4.15,34,1.30,\n" + "b,male,x,175,70,7.45,4.15,34,1.30,\n" +
        "c,man,30,175,70,7.45,4.15,34,1.30,\n" + "d,male,30,1.75,70,7.45,4.15,34,1.30,\n" +
        "e,male,30,175,70,75,4.15,34,1.30,\n" + "f,male,30,175,70,7.45,4.15,93,1.30,\n" + "g,male,30,175\n" +
        "h,male,3,100,15,4.4,4.15,34,,\n" + "i,male,30,175,70,7.45,4.15,34,1.30,\n");
    EXPECT_TRUE(run.whole);
    EXPECT_EQ(run.complaints.size(), 7u);
    EXPECT_NE(run.complaints[0].find("line 3, column age_y"), std::string::npos) << run.complaints[0];
    EXPECT_EQ(std::ranges::count(run.output, '\n'), 3); // header, a and i
}

TEST(Batch, SpreadsheetFlavoursGiveTheSameNumbers) {
    const std::string plain = compute(header + "a,male,30,175,70.5,7.45,4.15,34,1.30,\n").output;
    std::string semicolons = header + "a,male,30,175,70.5,7.45,4.15,34,1.30,\n";
    std::ranges::replace(semicolons, ',', ';');
    std::string commas = semicolons;
    for (std::size_t at = commas.find('.'); at != std::string::npos; at = commas.find('.', at + 1))
        commas[at] = ',';
    EXPECT_EQ(compute(semicolons).output, plain);
    EXPECT_EQ(compute(commas).output, plain);
    EXPECT_EQ(compute("\xEF\xBB\xBF" + header + "a,male,30,175,70.5,7.45,4.15,34,1.30,\r\n").output, plain);
}

TEST(Batch, AQuotedCellMayHoldTheSeparator) {
    const BatchRun run = compute(header + "\"Brandvold, A\",male,30,175,70,7.45,4.15,34,1.30,\n");
    EXPECT_TRUE(run.complaints.empty()) << run.complaints.front();
    EXPECT_NE(run.output.find("\"Brandvold, A\",1.06"), std::string::npos) << run.output;
}

TEST(Batch, AChildWithoutAMeasuredResidualVolumeIsLeftOut) {
    const BatchRun run =
        compute(header + "a,female,11,146,38,5.2,4.15,34,,2.5\n" + "b,female,11,146,38,5.2,4.15,34,0.78,2.5\n");
    ASSERT_EQ(run.complaints.size(), 1u);
    EXPECT_NE(run.complaints[0].find("child"), std::string::npos) << run.complaints[0];
    EXPECT_EQ(std::ranges::count(run.output, '\n'), 2);
}

TEST(Batch, WholeFilesThatAreNoTableAreRefused) {
    EXPECT_FALSE(compute("").whole);
    EXPECT_FALSE(compute("id,sex\n").whole);
    EXPECT_FALSE(compute(std::string(200000, 'x'), 4096).whole);
    EXPECT_FALSE(compute("\xFF\xFEi\0d\0").whole);
}

} // namespace
} // namespace fusain::exchange::exchange_test
