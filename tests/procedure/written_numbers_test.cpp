// Numbers that somebody wrote into an interpretation are held against the test.
#include "procedure/all/procedure.hpp"
#include "procedure/meaning/retest_time.hpp"
#include "procedure/meaning/written_claims.hpp"
#include "procedure/meaning/written_numbers.hpp"
#include "support/dxa_run.hpp"

#include <gtest/gtest.h>

namespace fusain::written_numbers_test {
namespace {

using namespace testing;

TEST(WrittenNumbers, OnlyThoseWithAUnitOfAResultAreRead) {
    const auto found =
        numbersWritten("Lost 2.0 kg since 12 March, 25,4 % fat; 3 times a week, 90 min, test 4.");
    ASSERT_EQ(found.size(), 2u);
    EXPECT_EQ(found[0].text, "2.0 kg");
    EXPECT_EQ(found[0].decimals, 1);
    EXPECT_NEAR(found[1].value, 25.4, 1e-12); // with a comma
    EXPECT_EQ(found[1].unit, "%");
    EXPECT_TRUE(numbersWritten("").empty());
}

TEST(WrittenNumbers, AreHeldAgainstTheTestAsTheyWereRounded) {
    const std::vector<ComputedTest> history{scannedOn("2026-01-01T08:00:00.000Z")};
    const ComputedTest now = scannedOn("2026-03-12T08:00:00.000Z", 2.0); // 16 of 68.8 kg: 23.26 %
    const Statements said({.test = &now, .history = history});
    const auto strange = [&](const char* text) { return numbersNotInTest(text, now, said).size(); };
    EXPECT_EQ(strange("16.0 kg of fat, 23.3 %, 2 kg less"), 0u);
    EXPECT_EQ(strange("23 %"), 0u);
    EXPECT_EQ(strange("23.2 %"), 1u); // 23.26 is not 23.2
    EXPECT_EQ(strange("2.1 kg less"), 1u);
    EXPECT_EQ(strange("35.3 lb of fat"), 0u); // 16 / 0.45359237
    EXPECT_EQ(strange("34.3 lb of fat"), 1u);
    EXPECT_EQ(strange("16.0 %"), 1u); // the number of another unit
    EXPECT_EQ(strange("8.5 kg of lean in the left leg"), 0u);
    EXPECT_EQ(strange("9.9 Lives"), 0u); // no litres
}

TEST(WrittenClaims, AreHeldAgainstTheVerdictOfTheTest) {
    const std::vector<ComputedTest> history{scannedOn("2026-01-01T08:00:00.000Z")};
    const ComputedTest now = scannedOn("2026-03-12T08:00:00.000Z", 2.0); // 2 kg less fat, beyond the LSC
    const Statements said({.test = &now, .history = history});
    const auto against = [&](const char* text) { return claimsAgainst(text, said).size(); };
    EXPECT_EQ(against("You have lost fat. Fat mass is down by 2.0 kg."), 0u);
    EXPECT_EQ(against("You have gained fat."), 1u);
    EXPECT_EQ(against("Das Fett hat zugenommen!"), 1u);
    EXPECT_EQ(against("Das Fett ist weniger geworden"), 0u);
    EXPECT_EQ(against("You gained muscle."), 1u);          // within the error
    EXPECT_EQ(against("You may have gained muscle."), 0u); // left to its writer
    EXPECT_EQ(against("Less fat and more muscle."), 0u);   // about two of them
    EXPECT_EQ(against("Fat-free mass increased."), 1u);
    EXPECT_EQ(against("Increased: fat"), 1u);         // at the end of a sentence
    EXPECT_EQ(against("Fatigue increased."), 0u);     // another word that begins so
    EXPECT_EQ(against("Nonfat milk increased."), 0u); // or ends so
    EXPECT_EQ(against("Àfat increased."), 0u);        // in letters of other languages too
    EXPECT_EQ(against("Down to the sea. Thank you for coming; up again soon."), 0u);
    const auto found = claimsAgainst("Good work, 25.4 % now. Fat increased.", said);
    ASSERT_EQ(found.size(), 1u);
    EXPECT_EQ(found[0].sentence, "Fat increased");
    EXPECT_EQ(std::get<ChangeStatement>(*found[0].statement).quantity, Followed::FatMass);
}

TEST(WrittenClaims, AboutTheRangeFollowTheInterval) {
    const ComputedTest now = scannedOn("2026-03-12T08:00:00.000Z", 2.0);
    reference::ReferenceSet set;
    set.rows = {{now.record().subject.sex, Years(0.0), Years(120.0), 1.0, 2.0}}; // far below what was measured
    const Statements above({.test = &now, .fat = &set});
    EXPECT_TRUE(claimsAgainst("Your fat is above the reference range", above).empty());
    EXPECT_EQ(claimsAgainst("Your fat is within the range", above).size(), 1u);
    EXPECT_EQ(claimsAgainst("Dein Fett ist unterhalb des Referenzbereichs, im Bereich unter 2", above).size(),
              1u);
    set.rows.front().low = set.rows.front().high - 0.5;
    set.rows.front().high = 23.0; // 23.26 reaches back over it
    const Statements close({.test = &now, .fat = &set});
    EXPECT_EQ(claimsAgainst("Your fat is above the range", close).size(), 1u);
    EXPECT_TRUE(claimsAgainst("Your fat is close to the upper limit of the range", close).empty());
    EXPECT_TRUE(claimsAgainst("", close).empty());
}

TEST(NextTests, ComeWhenAUsualPaceAndTheirOwnCouldBeSeen) {
    const std::vector<ComputedTest> visits{scannedOn("2026-01-01T08:00:00.000Z"),
                                           scannedOn("2026-03-12T08:00:00.000Z", 2.0)};
    const Instant last = visits.back().record().startedAt;
    // Two scans with 16 kg of fat: 1.96·√2·0.03·16 = 1.3304 kg; at 0.25 kg a week 5.3 weeks, at 0.2 6.7.
    const auto next = nextTest(visits);
    ASSERT_TRUE(next);
    EXPECT_NEAR(next->leastVisible.value(), 1.3304, 1e-3);
    EXPECT_EQ(next->at, weeksAfter(last, 6));
    ASSERT_TRUE(next->atOwnPace);
    EXPECT_NEAR(next->ownPace.value(), -0.2, 1e-3); // two kilograms in ten weeks
    EXPECT_EQ(*next->atOwnPace, weeksAfter(last, 7));
    EXPECT_FALSE(nextTest(std::span(visits).last(1))->atOwnPace) << "nobody knows it yet";
    const std::vector<ComputedTest> alike{visits.front(), scannedOn("2026-03-12T08:00:00.000Z", 1.0)};
    EXPECT_FALSE(nextTest(alike)->atOwnPace) << "within the error";
    EXPECT_FALSE(nextTest({}));
}

TEST(WrittenNumbers, BothEndsOfAnIntervalAreOfTheTest) {
    const ComputedTest now = scannedOn("2026-03-12T08:00:00.000Z");
    const Statements said({.test = &now});
    const auto fat = valueOf(Followed::FatPercent, now);
    ASSERT_TRUE(fat);
    for (const double end : {fat->value - fat->halfInterval(), fat->value + fat->halfInterval()}) {
        EXPECT_TRUE(numbersNotInTest(fixed(end, 2) + " %", now, said).empty()) << end;
        EXPECT_FALSE(numbersNotInTest(fixed(end + 0.02, 2) + " %", now, said).empty()) << end;
    }
}

} // namespace
} // namespace fusain::written_numbers_test
