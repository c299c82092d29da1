// A client for other programs: a table, and a FHIR bundle held against the rules that are written down.
#include "exchange/lab/client_export.hpp"
#include "procedure/all/procedure.hpp"
#include "record/base/json.hpp"
#include "support/dxa_run.hpp"
#include "support/girth_run.hpp"

#include <gtest/gtest.h>

namespace fusain::exchange::client_export_test {
namespace {

using namespace testing;

const Client client{"client 1", "SP-101",     "Ailsa Brandvold",  *dateFromIso("1984-06-02"),
                    Sex::Male,  Metres(1.75), UnitSystem::Metric, "",
                    false};

std::vector<ComputedTest> oneScan() {
    static MemoryJournal journal;
    auto run = *DxaProcedure::begin(dxaSetting(), "t/1", man, technician, journal, SteppingClock());
    prepare(run);
    EXPECT_TRUE(run.acceptScan(scanOf(sheetsScan())));
    finish(run);
    return {*computeTest(snapshotOf(run), run.setting().policy)};
}

TEST(ClientTable, HasALineForEachTestAndNoName) {
    const std::string text = clientTableCsv(oneScan());
    EXPECT_NE(
        text.find(
            "dxa,\"Scanner, 3.1, whole body\",70.800,25.424,0.674,1.941,20.711,30.136,18.000,0.540,1.497,"),
        std::string::npos)
        << text;
    EXPECT_EQ(text.find("Ailsa"), std::string::npos);
}

TEST(FhirBundle, KeepsTheRulesThatAreWrittenDown) {
    const Json bundle = fhirBundle(client, oneScan(), {"%PDF-1.4 pages"}, false);
    EXPECT_TRUE(problemsWithBundle(bundle).empty()) << problemsWithBundle(bundle).front();
    const Json& patient = bundle.at("entry")[0].at("resource");
    EXPECT_EQ(patient.at("gender"), "male");
    EXPECT_EQ(patient.at("birthDate"), "1984-06-02");
    EXPECT_EQ(patient.at("id"), "client-1"); // no blanks in an id
    const Json& report = bundle.at("entry").back().at("resource");
    EXPECT_EQ(report.at("resourceType"), "DiagnosticReport");
    EXPECT_EQ(report.at("presentedForm")[0].at("data"), "JVBERi0xLjQgcGFnZXM="); // base64(1) of the text
    EXPECT_EQ(report.at("result").size(), 8u);
}

// What a tape gives has names made for the export: they outlive the list that they are in.
TEST(FhirBundle, HasTheGirthsOfATape) {
    const Json bundle = fhirBundle(client, {testing::tapedOn("2026-03-12T09:00:00.000Z")}, {}, false);
    EXPECT_TRUE(problemsWithBundle(bundle).empty());
    const std::string text = bundle.dump();
    for (const char* name :
         {"Girth, waist", "Girth, hip", "Girth, neck", "Girth, right upper arm", "Girth, right thigh"})
        EXPECT_NE(text.find(name), std::string::npos) << name;
}

TEST(FhirBundle, HidesNames) {
    const std::string text = fhirBundle(client, oneScan(), {}, true).dump();
    EXPECT_EQ(text.find("Ailsa"), std::string::npos);
    EXPECT_EQ(text.find("1984"), std::string::npos);
    EXPECT_NE(text.find("SP-101"), std::string::npos);
}

TEST(FhirBundle, BrokenBundlesAreNamed) {
    const Json good = fhirBundle(client, oneScan(), {}, false);
    const auto problems = [&](auto damage) {
        Json bundle = good;
        damage(bundle);
        return problemsWithBundle(bundle);
    };
    EXPECT_FALSE(problems([](Json& b) { b["type"] = "batch"; }).empty());
    EXPECT_FALSE(problems([](Json& b) { b["entry"].erase(0); }).empty());
    EXPECT_FALSE(problems([](Json& b) { b["entry"].push_back(b["entry"][1]); }).empty());
    EXPECT_FALSE(
        problems([](Json& b) { b["entry"][1]["resource"]["valueQuantity"]["value"] = "much"; }).empty());
    EXPECT_FALSE(
        problems([](Json& b) { b["entry"][1]["resource"]["subject"]["reference"] = "Patient/9"; }).empty());
    EXPECT_FALSE(problems([](Json& b) { b["entry"][1]["resource"].erase("code"); }).empty());
    EXPECT_FALSE(problems([](Json& b) { b["entry"][1]["resource"]["resourceType"] = "Device"; }).empty());
    EXPECT_FALSE(problems([](Json& b) { b["entry"][1].erase("fullUrl"); }).empty());
}

} // namespace
} // namespace fusain::exchange::client_export_test
