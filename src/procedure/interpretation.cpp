#include "procedure/interpretation.hpp"

#include "core/quality/precision.hpp"

#include <algorithm>
#include <cmath>

namespace fusain {
namespace {

Message positionSentence(const reference::ReferenceSet& set, const reference::ReferenceRow& row,
                         const Measured<Percent>& fat) {
    const double value = fat.estimate().value();
    const std::vector<std::string> arguments{fixed(value, 1), fixed(row.low, 0), fixed(row.high, 0), set.title};
    switch (reference::positionIn(row, value)) {
    case reference::Position::Below:
        return {FUSAIN_TEXT("{1} % fat lies below the band of {2} to {3} % for this sex and age ({4})."),
                arguments};
    case reference::Position::Above:
        return {FUSAIN_TEXT("{1} % fat lies above the band of {2} to {3} % for this sex and age ({4})."),
                arguments};
    case reference::Position::Within:
        return {FUSAIN_TEXT("{1} % fat lies in the band of {2} to {3} % for this sex and age ({4})."),
                arguments};
    }
    return {};
}

// `since` begins the sentence: "Since the last test" or "Since the first test (2025-01-09)".
Message changeSentence(const Changes& changes, const std::string& since) {
    const Change& fat = changes.fatMass;
    const Change& lean = changes.fatFreeMass;
    // A second digit where the first would make a change and its limit look alike.
    const auto decimals = [](const Change& change) {
        return fixed(std::abs(change.difference), 1) == fixed(change.leastSignificant, 1) ? 2 : 1;
    };
    const std::vector<std::string> arguments{
        since, signedFixed(fat.difference, decimals(fat)), fixed(fat.leastSignificant, decimals(fat)),
        signedFixed(lean.difference, decimals(lean)), fixed(lean.leastSignificant, decimals(lean))};
    if (fat.real() && !lean.real())
        return {FUSAIN_TEXT("{1}: fat mass {2} kg, more than the {3} kg the test can tell apart; fat-free mass "
                            "unchanged within error ({4} kg)."),
                arguments};
    if (fat.real() && lean.real())
        return {
            FUSAIN_TEXT("{1}: fat mass {2} kg and fat-free mass {4} kg, both more than the test's own error."),
            arguments};
    if (lean.real())
        return {FUSAIN_TEXT("{1}: fat-free mass {4} kg, more than the {5} kg the test can tell apart; fat mass "
                            "unchanged within error."),
                arguments};
    return {FUSAIN_TEXT("{1}: no change larger than the test's own error (fat mass {2} kg, limit {3} kg)."),
            arguments};
}

} // namespace

std::optional<Outcome> outcomeOf(const ComputedTest& test) {
    const auto* composition = test.composition();
    if (!composition)
        return std::nullopt;
    return Outcome{test.record().startedAt, test.shared().mass,       *composition,
                   test.shared().repeated,  test.shared().conversion, test.shared().setting};
}

std::optional<Message> obstacleToChange(const Outcome& earlier, const Outcome& now) {
    if (earlier.setting == now.setting)
        return std::nullopt;
    return Message{
        FUSAIN_TEXT("Not comparable with the last test: then {1}, now {2}. No change is computed without a "
                    "cross-calibration."),
        {earlier.setting, now.setting}};
}

Changes changesSince(const Outcome& earlier, const Outcome& now, const LabPrecision& own) {
    // Only what is predicted in both tests, by the same equation, cancels.
    std::vector<Source> repeated;
    if (earlier.conversion == now.conversion)
        std::ranges::copy_if(now.repeated, std::back_inserter(repeated), [&](Source source) {
            return std::ranges::find(earlier.repeated, source) != earlier.repeated.end();
        });
    const auto change = [&](const auto& before, const auto& after, const std::optional<double>& study) {
        const double difference = (after.estimate() - before.estimate()).value();
        return Change{difference, study ? quality::leastSignificantChange(*study)
                                        : quality::leastSignificantChange(repeatError(before, repeated),
                                                                          repeatError(after, repeated))};
    };
    const auto &a = earlier.composition, &b = now.composition;
    return {change(a.fatPercent, b.fatPercent, own.fatPercent), change(a.fatMass, b.fatMass, own.fatMass),
            change(a.fatFreeMass, b.fatFreeMass, own.fatFreeMass)};
}

WeightPattern weightPattern(const compartments::Composition& composition,
                            const reference::ReferenceSet* fatMassIndex,
                            const reference::ReferenceSet* fatFreeMassIndex, const TestSubject& subject) {
    const auto* fat = fatMassIndex ? fatMassIndex->rowFor(subject.sex, subject.age) : nullptr;
    const auto* lean = fatFreeMassIndex ? fatFreeMassIndex->rowFor(subject.sex, subject.age) : nullptr;
    if (!fat || !lean)
        return WeightPattern::Unknown;
    const double fatDistance =
        (composition.fatMassIndex.estimate().value() - fat->middle()) / (fat->high - fat->low);
    const double leanDistance =
        (composition.fatFreeMassIndex.estimate().value() - lean->middle()) / (lean->high - lean->low);
    if (std::abs(fatDistance - leanDistance) < 0.5)
        return WeightPattern::Even;
    return fatDistance > leanDistance ? WeightPattern::FatLed : WeightPattern::MuscleLed;
}

std::string_view patternText(WeightPattern pattern) {
    switch (pattern) {
    case WeightPattern::FatLed:
        return FUSAIN_TEXT("fat-led");
    case WeightPattern::MuscleLed:
        return FUSAIN_TEXT("muscle-led");
    case WeightPattern::Even:
        return FUSAIN_TEXT("even");
    case WeightPattern::Unknown:
        break;
    }
    return FUSAIN_TEXT("not covered by the reference");
}

namespace {

// What the fat says: its band, what changed, and how sure it is.
void aboutFat(std::vector<Message>& sentences, const Outcome& outcome, const TestSubject& subject,
              const reference::ReferenceSet* fatReference, const std::optional<Outcome>& earlier,
              const std::optional<Outcome>& baseline, const LabPrecision& own) {
    const auto& fat = outcome.composition.fatPercent;
    if (const auto* row = fatReference ? fatReference->rowFor(subject.sex, subject.age) : nullptr)
        sentences.push_back(positionSentence(*fatReference, *row, fat));
    else
        sentences.push_back({FUSAIN_TEXT("{1} % fat; the chosen reference does not cover this person."),
                             {fixed(fat.estimate().value(), 1)}});
    const auto obstacle = earlier ? obstacleToChange(*earlier, outcome) : std::nullopt;
    if (obstacle)
        sentences.push_back(*obstacle);
    else if (earlier)
        sentences.push_back(
            changeSentence(changesSince(*earlier, outcome, own), FUSAIN_TEXT("Since the last test")));
    if (baseline && !obstacleToChange(*baseline, outcome))
        sentences.push_back(
            changeSentence(changesSince(*baseline, outcome, own), FUSAIN_TEXT("Since the first test")));
    const double half = normal95 * fat.technicalError().value();
    if (const auto budget = fat.budget(); !budget.empty())
        sentences.push_back({FUSAIN_TEXT("The interval is ± {1} % fat; most of it ({2} %) comes from: {3}."),
                             {fixed(half, 1), fixed(100.0 * budget.front().fraction, 0),
                              std::string(sourceName(budget.front().source))}});
}

} // namespace

std::vector<Message> preparationDifferences(const RawTest& now, const RawTest& earlier,
                                            const Protocol& protocol) {
    constexpr double minutesOfDay = 24.0 * 60.0, noticeable = 120.0;
    std::vector<Message> differences;
    const double days = minutesBetween(earlier.startedAt, now.startedAt) / minutesOfDay;
    const double shift = (days - std::round(days)) * minutesOfDay;
    if (std::abs(shift) > noticeable)
        differences.push_back(
            {shift > 0.0
                 ? FUSAIN_TEXT("{1} hours later in the day than at the earlier test: fluid and food differ.")
                 : FUSAIN_TEXT("{1} hours earlier in the day than at the earlier test: fluid and food differ."),
             {fixed(std::abs(shift) / 60.0, 0)}});
    for (const AnsweredQuestion& answer : now.answers) {
        const AnsweredQuestion* then = earlier.answerTo(answer.rule);
        const readiness::Rule* rule = protocol.find(answer.rule);
        if (!then || !rule || answer.finding.kept == then->finding.kept ||
            answer.effect == readiness::Effect::None)
            continue;
        const bool nowBroken = !answer.finding.kept;
        const bool over = (answer.effect == readiness::Effect::Over) == nowBroken;
        differences.push_back(
            {answer.effect == readiness::Effect::Noise
                 ? FUSAIN_TEXT("Not as at the earlier test: \"{1}\" The change is less certain ({2}).")
             : over ? FUSAIN_TEXT("Not as at the earlier test: \"{1}\" Fat may look higher against then ({2}).")
                    : FUSAIN_TEXT("Not as at the earlier test: \"{1}\" Fat may look lower against then ({2})."),
             {rule->question, rule->effectSize}});
    }
    return differences;
}

std::vector<Message> findings(const ComputedTest& test, const reference::ReferenceSet* fatReference,
                              const std::optional<Outcome>& earlier, const std::optional<Outcome>& baseline,
                              const LabPrecision& own) {
    std::vector<Message> sentences;
    if (const auto outcome = outcomeOf(test))
        aboutFat(sentences, *outcome, test.record().subject, fatReference, earlier, baseline, own);
    if (const auto* impedance = std::get_if<ImpedanceResult>(&test.result)) {
        const auto more = impedanceFindings(*impedance, test.record().subject);
        sentences.insert(sentences.end(), more.begin(), more.end());
    }
    if (const auto* dxa = std::get_if<DxaResult>(&test.result)) {
        const auto more = dxaFindings(*dxa, std::get<DxaTest>(test.test));
        sentences.insert(sentences.end(), more.begin(), more.end());
    }
    for (const AnsweredQuestion& answer : test.record().answers)
        if (!answer.finding.kept && !answer.acceptedReason.empty())
            sentences.push_back(
                {FUSAIN_TEXT("Preparation not as asked: \"{1}\" Gone on because: {2}."),
                 {answer.question.empty() ? answer.rule : answer.question, answer.acceptedReason}});
    const auto& flags = test.shared().flags;
    sentences.insert(sentences.end(), flags.begin(), flags.end());
    return sentences;
}

namespace {

// What the larger uncertainty rests on: an equation or a predicted lung gas first, then deviations, then the
// usual suspects.
Message causeOf(const ComputedTest& test, const ComputedTest& other) {
    for (const ComputedTest* each : {&test, &other})
        if (std::holds_alternative<ImpedanceResult>(each->result))
            return {
                FUSAIN_TEXT(
                    "Most likely the impedance equation, whose error for one person is kilograms; fluid moves "
                    "the two methods in different directions."),
                {}};
    for (const ComputedTest* each : {&test, &other})
        if (std::holds_alternative<DxaResult>(each->result))
            return {FUSAIN_TEXT(
                        "Most likely the densitometer's own calibration of fat and lean, which differs from "
                        "make to make and person to person."),
                    {}};
    for (const ComputedTest* each : {&test, &other})
        if (const DensityResult* density = each->density(); density && !density->lungGasMeasured)
            return {density->lungGas == Source::ThoracicGas
                        ? FUSAIN_TEXT(
                              "Most likely the thoracic gas in the chamber, which was predicted: measure it.")
                        : FUSAIN_TEXT(
                              "Most likely the residual volume in the tank, which was predicted: measure it."),
                    {}};
    for (const ComputedTest* each : {&test, &other})
        for (const AnsweredQuestion& answer : each->record().answers)
            if (!answer.finding.kept)
                return {FUSAIN_TEXT("A deviation could explain it: \"{1}\""), {answer.question}};
    return {FUSAIN_TEXT("Both lung volumes were measured and the preparation was as asked: think of trapped "
                        "air in the tank, "
                        "or of clothing and hair in the chamber."),
            {}};
}

} // namespace

std::optional<OtherMethod> compareMethods(const ComputedTest& test, const ComputedTest& other) {
    const auto own = outcomeOf(test), theirs = outcomeOf(other);
    if (!own || !theirs)
        return std::nullopt;
    const auto &a = own->composition.fatPercent, &b = theirs->composition.fatPercent;
    // What only one of two densitometric methods does not share counts; against impedance, everything does.
    const bool bothDensity = test.density() && other.density();
    const auto error = [&](const Measured<Percent>& fat) {
        return bothDensity ? fat.technicalError().value() : fat.totalError().value();
    };
    OtherMethod comparison;
    comparison.method = methodOf(other.test);
    comparison.fatPercent = b.estimate();
    comparison.difference = (a.estimate() - b.estimate()).value();
    comparison.halfInterval = normal95 * std::hypot(error(a), error(b));
    const double noticeable = 1.0; // %fat: below this nobody asks why
    if (!comparison.agrees() || std::abs(comparison.difference) > noticeable)
        comparison.likelyCause = causeOf(test, other);
    return comparison;
}

int monthsToNextTest(const Outcome& outcome) {
    const double limit =
        quality::leastSignificantChange(repeatError(outcome.composition.fatPercent, outcome.repeated));
    return std::clamp(static_cast<int>(std::ceil(limit / 0.5)), 2, 6);
}

} // namespace fusain
