#include "core/anthropometry/indices.hpp"
#include "procedure/meaning/findings.hpp"
#include "procedure/meaning/pattern.hpp"
#include "procedure/meaning/preparation_difference.hpp"
#include "procedure/meaning/same_day.hpp"
#include "procedure/method/sheet.hpp"
#include "procedure/tank/result.hpp"
#include "record/base/json.hpp"
#include "record/lab/reference_json.hpp"
#include "support/changes.hpp"
#include "support/errors.hpp"
#include "support/hydrostatic_run.hpp"

#include <random>

namespace fusain::hydrostatic_result_test {
namespace {

using namespace fusain::testing;

HydrostaticTest weighed(const TestSubject& subject = man, double residualVolume = 1.30) {
    HydrostaticTest test;
    test.id = "t1";
    test.subject = subject;
    test.loadCellChecks = {LoadCellCheck{{{}, 1, {}}, Kilograms(4.15), Kilograms(5.0), Kilograms(5.0)}};
    test.waterTemperature = Reading(Attribution::typed(), 34.0);
    test.dryMass = Reading(Attribution::typed(), 70.0);
    if (residualVolume > 0.0)
        test.residualVolume = MeasuredResidualVolume{{}, Litres(residualVolume), "oxygen dilution"};
    int number = 0;
    for (const double gross : {7.44, 7.46, 7.45})
        test.trials.push_back(
            {{{}, ++number, {}}, Kilograms(gross), Kilograms(0.02), 1, Kilograms(4.15), {}, {}});
    return test;
}

const HydrostaticPolicy policy = standardSetting().policy;

TEST(HydrostaticResult, MeasuringTheResidualVolumeShrinksTheInterval) {
    const auto measured = computeHydrostatic(weighed(), policy);
    const auto predicted = computeHydrostatic(weighed(man, 0.0), policy);
    ASSERT_TRUE(measured && predicted);
    const auto &best = measured->body.fatPercent, &fat = predicted->body.fatPercent;
    EXPECT_LT(testing::measurementError(best), 0.5 * testing::measurementError(fat));
    EXPECT_LT(best.halfInterval(), fat.halfInterval());
    // 0.37 L of Crapo's scatter at about −7 %fat per litre: 2.6 %fat.
    EXPECT_NEAR(testing::measurementError(fat), 2.6, 0.15);
    EXPECT_GE(fat.leastSignificantChange().value(), best.leastSignificantChange().value() - 1e-12);
    // What 0.40 kg of water more does to the fat of an unchanged body, by hand: %fat = 495·V/M − 450, the mass
    // grows by it and the volume by 0.40/0.99437 L.
    const double V = predicted->body.volume.estimate().value(), M = 70.0;
    EXPECT_NEAR(std::abs(fat.uncertain().share(Source::BodyWaterOfTheDay)),
                495.0 * 0.40 * (M / 0.99437 - V) / (M * M), 1e-4);
}

// The sheet works the spread of fat-free density back from what it does to the fat: it is what the policy put
// in.
TEST(HydrostaticResult, TheSheetNamesTheSpreadThatThePolicyAssumes) {
    const HydrostaticTest test = weighed();
    const auto result = computeHydrostatic(test, policy);
    ASSERT_TRUE(result);
    const auto sheet = workedSheet(test, policy, *result);
    const auto line = std::ranges::find_if(
        sheet, [](const WorkedLine& each) { return each.name == "spread of fat-free density between people"; });
    ASSERT_NE(line, sheet.end());
    const double spread =
        policy.fatFreeDensitySpread.of(test.subject.age, anthropometry::massIndex(Kilograms(70.0), man.height))
            .value();
    EXPECT_EQ(line->formula, "SD of D_FFM " + fixed(spread, 4) + " kg/L");
}

TEST(HydrostaticResult, WhatIfChangesTheResultAndNothingElse) {
    const HydrostaticTest test = weighed();
    const Json before = toJson(test);
    WhatIf whatIf;
    whatIf.lungGas = Litres(1.80);
    const auto base = computeHydrostatic(test, policy), changed = computeHydrostatic(test, policy, whatIf);
    EXPECT_LT(changed->body.fatPercent.estimate(), base->body.fatPercent.estimate());
    whatIf = {};
    whatIf.conversion = "fat.density.brozek-1963";
    EXPECT_NEAR(computeHydrostatic(test, policy, whatIf)->body.fatPercent.estimate().value(), 14.580, 1e-3);
    EXPECT_EQ(toJson(test), before);
}

TEST(HydrostaticResult, ChildrenGetChildConstants) {
    TestSubject child{"c", Sex::Female, Years(11.4), Metres(1.46), false};
    HydrostaticTest test = weighed(child, 0.75);
    test.dryMass->value = 38.0;
    for (WeighingTrial& trial : test.trials)
        trial.gross -= Kilograms(2.3);
    const auto result = computeHydrostatic(test, policy);
    ASSERT_TRUE(result) << result.error().english();
    EXPECT_EQ(result->conversion, "fat.density.lohman-1989");
    WhatIf adult;
    adult.conversion = "fat.density.siri-1961";
    EXPECT_FALSE(computeHydrostatic(test, policy, adult));
}

TEST(HydrostaticResult, ImpossibleDensityIsFlagged) {
    HydrostaticTest test = weighed();
    for (WeighingTrial& trial : test.trials)
        trial.gross += Kilograms(5.0);
    const auto result = computeHydrostatic(test, policy);
    ASSERT_TRUE(result);
    ASSERT_FALSE(result->flags.empty());
    EXPECT_NE(result->flags.front().english().find("A reading must be wrong"), std::string::npos);
}

TEST(HydrostaticResult, NamesTheMissingReading) {
    HydrostaticTest test = weighed();
    test.dryMass.reset();
    EXPECT_NE(computeHydrostatic(test, policy).error().english().find("dry mass"), std::string::npos);
    test = weighed();
    test.trials.clear();
    EXPECT_NE(computeHydrostatic(test, policy).error().english().find("trial"), std::string::npos);
}

// Random readings with many digits: the pipeline must equal one expression in full double precision. If any
// intermediate were rounded to four decimals of density, the results would differ by up to 0.02 %fat; to six,
// by 2e-4.
TEST(HydrostaticResult, RoundsNoIntermediate) {
    std::mt19937_64 random(41);
    std::uniform_real_distribution<double> wobble(-1.0, 1.0);
    for (int i = 0; i < 500; ++i) {
        HydrostaticTest test = weighed();
        test.dryMass->value = 70.0 + 10.0 * wobble(random);
        test.waterTemperature->value = 34.0 + wobble(random);
        test.residualVolume->volume = Litres(1.3 + 0.2 * wobble(random));
        for (WeighingTrial& trial : test.trials)
            trial.gross += Kilograms(0.03 * wobble(random));
        const double net =
            (test.trials[0].gross + test.trials[1].gross + test.trials[2].gross).value() / 3.0 - 4.15;
        const double t = test.waterTemperature->value;
        const double water =
            999.974950 * (1.0 - (t - 3.983035) * (t - 3.983035) * (t + 301.797) / (522528.9 * (t + 69.34881))) /
            1000.0;
        const double density = test.dryMass->value / ((test.dryMass->value - net) / water -
                                                      test.residualVolume->volume.value() - 0.1);
        const double fat = computeHydrostatic(test, policy)->body.fatPercent.estimate().value();
        EXPECT_NEAR(fat, 495.0 / density - 450.0, 1e-10);
    }
}

TEST(BetweenTrials, FloorAndSingleReading) {
    EXPECT_DOUBLE_EQ(betweenTrialsError(std::vector<double>{3.0}, 0.02), 0.05);
    EXPECT_DOUBLE_EQ(betweenTrialsError(std::vector<double>{3.0, 3.0, 3.0, 3.0}, 0.02), 0.01);
    EXPECT_NEAR(betweenTrialsError(std::vector<double>{3.0, 3.2}, 0.02), 0.1, 1e-12); // sd 0.1414/√2
}

TEST(WorkedSheet, ShowsEveryStepWithNumbersPutIn) {
    const auto result = computeHydrostatic(weighed(), policy);
    const auto sheet = workedSheet(weighed(), policy, *result);
    const std::string text = plainText(sheet);
    for (const char* part :
         {"Ma", "Mw", "Dw", "RV", "Vb", "Db", "%fat", "FFMI", "oxygen dilution", "(70.00 − 3.300)/0.994372"})
        EXPECT_NE(text.find(part), std::string::npos) << part << "\n" << text;
}

// An outcome with errors that nothing in the present one shares.
Outcome outcomeWith(double fatPercent, double fatMass, double fatFreeMass, double error) {
    Outcome outcome;
    outcome.composition.fatPercent =
        Measured<Percent>(Percent(fatPercent), Source::BetweenTrials, Percent(0.9));
    outcome.composition.fatMass =
        Measured<Kilograms>(Kilograms(fatMass), Source::BetweenTrials, Kilograms(error));
    outcome.composition.fatFreeMass =
        Measured<Kilograms>(Kilograms(fatFreeMass), Source::BetweenTrials, Kilograms(error));
    return outcome;
}

TEST(Interpretation, ARealChangeExceedsTheLimit) {
    const auto now = outcomeOf(*computeTest(weighed(), policy));
    ASSERT_TRUE(now);
    const Changes changes = changesSince(outcomeWith(21.0, 16.0, 60.0, 0.7), *now);
    EXPECT_TRUE(changes.fatMass.real());
    EXPECT_FALSE(changes.fatFreeMass.real());
    // 1.959964·√(0.7² + se²)
    EXPECT_NEAR(changes.fatMass.leastSignificant,
                1.959964 * std::hypot(0.7, now->composition.fatMass.visitError().value(),
                                      now->composition.fatMass.personError().value()),
                1e-6); // the other result knows no error of the person, so this one's does not cancel
}

TEST(Interpretation, WhatIsPredictedInBothTestsCancelsAndOnlyThen) {
    HydrostaticTest predicted = weighed();
    predicted.residualVolume.reset();
    const auto now = outcomeOf(*computeTest(predicted, policy));
    ASSERT_TRUE(now);
    const auto& fat = now->composition.fatMass;
    const double visit = fat.visitError().value(), lungs = fat.uncertain().share(Source::LungPrediction);
    EXPECT_LT(visit, 0.5 * fat.totalError().value());
    EXPECT_NEAR(changesSince(*now, *now).fatMass.leastSignificant, 1.959964 * std::sqrt(2.0) * visit, 1e-6);
    // Measured the second time: what the prediction was off by is a part of the change.
    const auto measured = outcomeOf(*computeTest(weighed(), policy));
    EXPECT_GT(changesSince(*now, *measured).fatMass.leastSignificant, 1.959964 * std::abs(lungs));
    // By another equation there is nothing to cancel, and nothing is compared.
    const auto siri = *computeTest(weighed(), policy);
    WhatIf brozek;
    brozek.conversion = "fat.density.brozek-1963";
    const auto otherwise = computeTest(weighed(), policy, brozek);
    ASSERT_TRUE(otherwise);
    EXPECT_EQ(compare(Followed::FatMass, *otherwise, siri).verdict, Verdict::NotComparable);
    EXPECT_EQ(compare(Followed::FatMass, siri, siri).verdict, Verdict::MayBeNoise);
}

TEST(Interpretation, SaysWhereTheValueLies) {
    const auto set = referenceFromJson(dataFile("references/composition.json").at(0), "references");
    const auto test = *computeTest(weighed(), policy);
    const auto sentences = findings(test, Statements({.test = &test, .fat = &*set}));
    ASSERT_FALSE(sentences.empty());
    EXPECT_NE(sentences.front().english().find("within the reference range of 8.0 to 23.0"), std::string::npos)
        << sentences.front().english();
}

// Two kilograms of fat in nine days are water, food or preparation: at most 1.35 kg could be tissue.
TEST(Interpretation, AChangeTooFastForTissueIsExplained) {
    const auto test = *computeTest(weighed(), policy);
    const auto says = [&](double days, double kilograms) {
        Outcome earlier = *outcomeOf(test);
        earlier.at = test.record().startedAt.plusMinutes(-days * 24.0 * 60.0);
        earlier.composition.fatMass = Measured<Kilograms>(Uncertain(
            test.composition()->fatMass.estimate().value() + kilograms, Source::UnderwaterReading, 0.1));
        return tooFastForTissue(earlier, *outcomeOf(test)).has_value();
    };
    EXPECT_TRUE(says(9.0, 1.36));
    EXPECT_FALSE(says(9.0, 1.34));
    EXPECT_TRUE(says(14.0, -2.2));
    EXPECT_FALSE(says(14.1, 3.0)) << "a month may change tissue";
}

// A limit is passed when the whole interval has passed it, not before.
TEST(Interpretation, AValueWhoseIntervalReachesOverALimitIsCloseToIt) {
    auto set = *referenceFromJson(dataFile("references/composition.json").at(0), "references");
    const auto test = *computeTest(weighed(), policy);
    const auto& fat = test.composition()->fatPercent;
    const auto saidWith = [&](double low, double high) {
        for (auto& row : set.rows)
            row.low = low, row.high = high;
        return findings(test, Statements({.test = &test, .fat = &set})).front().english();
    };
    const double value = fat.estimate().value(), half = fat.halfInterval().value();
    const auto says = [](const std::string& sentence, const char* words) {
        return sentence.find(words) != std::string::npos;
    };
    EXPECT_TRUE(says(saidWith(1.0, value - half - 0.01), "above the reference range"));
    EXPECT_TRUE(says(saidWith(1.0, value - half + 0.01), "close to the upper limit"));
    EXPECT_TRUE(says(saidWith(1.0, value - 0.01), "close to the upper limit"));
    EXPECT_TRUE(says(saidWith(1.0, value + 0.01), "within the reference range"));
    EXPECT_TRUE(says(saidWith(value + 0.01, 60.0), "close to the lower limit"));
    EXPECT_TRUE(says(saidWith(value + half - 0.01, 60.0), "close to the lower limit"));
    EXPECT_TRUE(says(saidWith(value + half + 0.01, 60.0), "below the reference range"));
}

} // namespace
} // namespace fusain::hydrostatic_result_test
