// The pages about girths: what a client and the lab read of a change is what Progress says of it.
#include "procedure/meaning/statements.hpp"
#include "report/base/words.hpp"
#include "report/pages/test_report.hpp"
#include "support/girth_run.hpp"
#include "support/pdf_text.hpp"

#include <cmath>

namespace fusain::report::girth_report_test {
namespace {

using namespace testing;

class GirthReport : public ::testing::Test {
protected:
    static void SetUpTestSuite() { ASSERT_TRUE(loadFonts(QStringLiteral(FUSAIN_SOURCE_DIR "/data/fonts"))); }
    /// Two tests of the test man, two months apart. @param waist cm, now; then it was 96
    static TestReport since(double waist, const LabPrecision& own = {}) {
        TestReport report(tapedOn("2026-03-12T09:00:00.000Z", waist));
        report.history.push_back(tapedOn("2026-01-12T09:00:00.000Z", 96.0));
        report.lab.name = "Test lab";
        report.client = {"client-1", "SP-001", "Ruan Achterberg", *dateFromIso("1996-01-01"), Sex::Male,
                         Metres(1.75), UnitSystem::Metric, "", false};
        report.protocol = girthSetting().protocol;
        report.precision = own;
        report.statements =
            Statements({.test = &report.computed, .history = report.history, .precision = own});
        return report;
    }
    static bool clientReads(const TestReport& report, const char* part) {
        return textOf(clientCopy(report)).simplified().contains(QLatin1String(part));
    }
    static bool labReads(const TestReport& report, const char* part) {
        return std::ranges::any_of(findingsOf(report), [&](const Message& each) {
            return sentence(each).contains(QLatin1String(part));
        });
    }
};

// At the least change that the two tests can tell apart, and a millimetre beyond it.
TEST_F(GirthReport, AWaistHasBecomeLessOnlyBeyondTheLeastSignificantChange) {
    const auto before = valueOf(Followed::Waist, tapedOn("2026-01-12T09:00:00.000Z"));
    const double least = 1.959963984540054 * std::sqrt(2.0) * before->visitError;
    const TestReport within = since(96.0 - least + 0.1), beyond = since(96.0 - least - 0.1);
    EXPECT_TRUE(clientReads(within, "no measurable change"));
    EXPECT_FALSE(clientReads(within, "less"));
    EXPECT_TRUE(labReads(within, "since 2026-01-12: within measurement error"));
    EXPECT_TRUE(clientReads(beyond, "cm less"));
    EXPECT_TRUE(labReads(beyond, "since 2026-01-12: exceeds the LSC"));
}

// A lab that has found its own repeats to be wider says so everywhere, on the client's page as well.
TEST_F(GirthReport, TheLabsOwnStudyDecidesOnThePageToo) {
    LabPrecision own;
    own.others["waist"] = {2.0, true};
    EXPECT_TRUE(clientReads(since(92.0), "4 cm less"));
    const TestReport studied = since(92.0, own); // 1.96·√2·2.0 = 5.5 cm
    EXPECT_FALSE(clientReads(studied, "4 cm less"));
    EXPECT_TRUE(labReads(studied, "LSC of 5.5 cm") || labReads(studied, "LSC 5.5 cm"));
    EXPECT_TRUE(clientReads(since(90.0, own), "6 cm less"));
}

TEST_F(GirthReport, AWaistOfAnotherHourIsNotCompared) {
    TestReport report(tapedOn("2026-03-12T17:00:00.000Z", 90.0));
    report.history.push_back(tapedOn("2026-01-12T09:00:00.000Z", 96.0));
    report.protocol = girthSetting().protocol;
    report.statements = Statements({.test = &report.computed, .history = report.history});
    EXPECT_FALSE(clientReads(report, "less"));
    EXPECT_FALSE(clientReads(report, "no measurable change"));
    EXPECT_TRUE(labReads(report, "hours apart in the day"));
}

TEST_F(GirthReport, TheClientsUnitsAreTheClients) {
    TestReport report = since(86.0);
    EXPECT_TRUE(clientReads(report, "86 cm, 10 cm less"));
    report.units = UnitSystem::UsCustomary;
    EXPECT_TRUE(clientReads(report, "33.8 in, 3.9 in less")); // (86 − 0.05)/2.54 and 10/2.54
    EXPECT_FALSE(clientReads(report, "86 cm"));
}

TEST_F(GirthReport, InWordsItGivesNoNumbersAndNoDirection) {
    TestReport report = since(86.0);
    report.withoutNumbers = true;
    const QString words = textOf(clientCopy(report)).simplified();
    for (const char* part : {"86 cm", "less", "0.49"})
        EXPECT_FALSE(words.contains(QLatin1String(part))) << part << '\n' << words.toStdString();
    EXPECT_TRUE(words.contains(QLatin1String("no measurable change"))); // of hip and limbs
}

} // namespace
} // namespace fusain::report::girth_report_test
