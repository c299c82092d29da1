#include "procedure/interpretation.hpp"

#include "core/quality/precision.hpp"

#include <algorithm>
#include <cmath>

namespace fusain {
namespace {

double middle(const reference::ReferenceRow& row) {
    return 0.5 * (row.low + row.high);
}

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
    const std::vector<std::string> arguments{since, signedFixed(fat.difference, 1),
                                             fixed(fat.leastSignificant, 1), signedFixed(lean.difference, 1),
                                             fixed(lean.leastSignificant, 1)};
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

Changes changesSince(const EarlierResult& earlier, const DensityResult& now, const LabPrecision& own) {
    const auto& c = now.body;
    const bool measured = now.lungGasMeasured || earlier.lungGasMeasured;
    const auto change = [&](double before, double beforeError, const auto& after,
                            const std::optional<double>& study) {
        if (study)
            return Change{after.estimate().value() - before, quality::leastSignificantChange(*study)};
        const double error = measured ? after.technicalError().value() : repeatError(after, now);
        // The earlier error is stored whole; when the prediction cancels, the present repeat error stands for
        // both.
        return Change{after.estimate().value() - before,
                      quality::leastSignificantChange(measured ? beforeError : error, error)};
    };
    return {
        change(earlier.fatPercent.value(), earlier.fatPercentError.value(), c.fatPercent, own.fatPercent),
        change(earlier.fatMass.value(), earlier.fatMassError.value(), c.fatMass, own.fatMass),
        change(earlier.fatFreeMass.value(), earlier.fatFreeMassError.value(), c.fatFreeMass, own.fatFreeMass)};
}

WeightPattern weightPattern(const DensityResult& result, const reference::ReferenceSet* fatMassIndex,
                            const reference::ReferenceSet* fatFreeMassIndex, const TestSubject& subject) {
    const auto* fat = fatMassIndex ? fatMassIndex->rowFor(subject.sex, subject.age) : nullptr;
    const auto* lean = fatFreeMassIndex ? fatFreeMassIndex->rowFor(subject.sex, subject.age) : nullptr;
    if (!fat || !lean)
        return WeightPattern::Unknown;
    const double fatDistance =
        (result.body.fatMassIndex.estimate().value() - middle(*fat)) / (fat->high - fat->low);
    const double leanDistance =
        (result.body.fatFreeMassIndex.estimate().value() - middle(*lean)) / (lean->high - lean->low);
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

std::vector<Message> findings(const RawTest& test, const DensityResult& result,
                              const reference::ReferenceSet* fatReference,
                              const std::optional<EarlierResult>& earlier,
                              const std::optional<EarlierResult>& baseline, const LabPrecision& own) {
    std::vector<Message> sentences;
    const auto& fat = result.body.fatPercent;
    const auto* row = fatReference ? fatReference->rowFor(test.subject.sex, test.subject.age) : nullptr;
    if (row)
        sentences.push_back(positionSentence(*fatReference, *row, fat));
    else
        sentences.push_back({FUSAIN_TEXT("{1} % fat; the chosen reference does not cover this person."),
                             {fixed(fat.estimate().value(), 1)}});
    if (earlier)
        sentences.push_back(
            changeSentence(changesSince(*earlier, result, own), FUSAIN_TEXT("Since the last test")));
    if (baseline)
        sentences.push_back(
            changeSentence(changesSince(*baseline, result, own), FUSAIN_TEXT("Since the first test")));
    const double half = normal95 * fat.technicalError().value();
    if (const auto budget = fat.budget(); !budget.empty())
        sentences.push_back({FUSAIN_TEXT("The interval is ± {1} % fat; most of it ({2} %) comes from: {3}."),
                             {fixed(half, 1), fixed(100.0 * budget.front().fraction, 0),
                              std::string(sourceName(budget.front().source))}});
    for (const AnsweredQuestion& answer : test.answers)
        if (!answer.finding.kept && !answer.acceptedReason.empty())
            sentences.push_back(
                {FUSAIN_TEXT("Preparation not as asked: \"{1}\" Gone on because: {2}."),
                 {answer.question.empty() ? answer.rule : answer.question, answer.acceptedReason}});
    sentences.insert(sentences.end(), result.flags.begin(), result.flags.end());
    return sentences;
}

namespace {

// What the larger uncertainty rests on: a predicted lung gas first, then deviations, then the largest share.
Message causeOf(const RawTest& record, const DensityResult& result, const RawTest& otherRecord,
                const DensityResult& other) {
    for (const DensityResult* each : {&result, &other})
        if (!each->lungGasMeasured)
            return {each->lungGas == Source::ThoracicGas
                        ? FUSAIN_TEXT(
                              "Most likely the thoracic gas in the chamber, which was predicted: measure it.")
                        : FUSAIN_TEXT(
                              "Most likely the residual volume in the tank, which was predicted: measure it."),
                    {}};
    for (const RawTest* each : {&record, &otherRecord})
        for (const AnsweredQuestion& answer : each->answers)
            if (!answer.finding.kept)
                return {FUSAIN_TEXT("A deviation could explain it: \"{1}\""), {answer.question}};
    return {FUSAIN_TEXT("Both lung volumes were measured and the preparation was as asked: think of trapped "
                        "air in the tank, "
                        "or of clothing and hair in the chamber."),
            {}};
}

} // namespace

OtherMethod compareMethods(const RawTest& record, const DensityResult& result, std::string_view otherMethod,
                           const RawTest& otherRecord, const DensityResult& other) {
    OtherMethod comparison;
    comparison.method = otherMethod;
    comparison.fatPercent = other.body.fatPercent.estimate();
    comparison.difference = (result.body.fatPercent.estimate() - other.body.fatPercent.estimate()).value();
    comparison.halfInterval = normal95 * std::hypot(result.body.fatPercent.technicalError().value(),
                                                    other.body.fatPercent.technicalError().value());
    const double noticeable = 1.0; // %fat: below this nobody asks why
    if (!comparison.agrees() || std::abs(comparison.difference) > noticeable)
        comparison.likelyCause = causeOf(record, result, otherRecord, other);
    return comparison;
}

int monthsToNextTest(const DensityResult& result) {
    const double limit = quality::leastSignificantChange(repeatError(result.body.fatPercent, result));
    return std::clamp(static_cast<int>(std::ceil(limit / 0.5)), 2, 6);
}

} // namespace fusain
