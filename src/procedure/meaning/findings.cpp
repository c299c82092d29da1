#include "procedure/meaning/findings.hpp"

#include <algorithm>
#include <cmath>

namespace fusain {
namespace {

// Above or below only when the whole interval is; a value beyond a limit that its interval reaches back over is
// close to it.
Message positionSentence(const reference::ReferenceSet& set, const reference::ReferenceRow& row,
                         const Measured<Percent>& fat) {
    const double value = fat.estimate().value();
    const std::vector<std::string> arguments{
        fixed(value, 1), fixed(row.low, 0),           fixed(row.high, 0),
        set.title,       fixed(fat.low().value(), 1), fixed(fat.high().value(), 1)};
    const auto position = reference::positionIn(row, value);
    if (position == reference::Position::Within)
        return {FUSAIN_TEXT("{1} % fat lies in the band of {2} to {3} % for this sex and age ({4})."),
                arguments};
    if (position == reference::Position::Below)
        return {
            fat.high().value() < row.low
                ? FUSAIN_TEXT("{1} % fat lies below the band of {2} to {3} % for this sex and age ({4}).")
                : FUSAIN_TEXT(
                      "{1} % fat (95 % CI {5}–{6}) is close to the lower limit of {2} % for this sex and age "
                      "({4})."),
            arguments};
    return {fat.low().value() > row.high
                ? FUSAIN_TEXT("{1} % fat lies above the band of {2} to {3} % for this sex and age ({4}).")
                : FUSAIN_TEXT(
                      "{1} % fat (95 % CI {5}–{6}) is close to the upper limit of {3} % for this sex and age "
                      "({4})."),
            arguments};
}

// Never certain: 99 stands for all above.
std::string percentText(double probability) {
    return fixed(std::min(99.0, 100.0 * probability), 0);
}

// `since` begins the sentence: "Since the last test" or "Since the first test (2025-01-09)".
Message changeSentence(const Changes& changes, const std::string& since) {
    const Change& fat = changes.fatMass;
    const Change& lean = changes.fatFreeMass;
    // A second digit where the first would make a change and its limit look alike.
    const auto decimals = [](const Change& change) {
        return fixed(std::abs(change.difference), 1) == fixed(change.leastSignificant, 1) ? 2 : 1;
    };
    const std::vector<std::string> arguments{since,
                                             signedFixed(fat.difference, decimals(fat)),
                                             fixed(fat.leastSignificant, decimals(fat)),
                                             signedFixed(lean.difference, decimals(lean)),
                                             fixed(lean.leastSignificant, decimals(lean)),
                                             percentText(fat.directionProbability()),
                                             percentText(lean.directionProbability())};
    if (fat.real() && !lean.real())
        return {FUSAIN_TEXT("{1}: fat mass {2} kg, beyond the LSC ({3} kg; probability of this direction {6} "
                            "%); fat-free mass within measurement error ({4} kg)."),
                arguments};
    if (fat.real() && lean.real())
        return {FUSAIN_TEXT("{1}: fat mass {2} kg (LSC {3} kg) and fat-free mass {4} kg (LSC {5} kg), both "
                            "beyond the LSC."),
                arguments};
    if (lean.real())
        return {FUSAIN_TEXT("{1}: fat-free mass {4} kg, beyond the LSC ({5} kg; probability of this direction "
                            "{7} %); fat mass within measurement error ({2} kg)."),
                arguments};
    return {FUSAIN_TEXT("{1}: no change beyond the LSC (fat mass {2} kg, LSC {3} kg; probability of this "
                        "direction {6} %)."),
            arguments};
}

// Within two weeks tissue changes little, however hard somebody tries.
constexpr double shortRetestDays = 14.0, mostTissueADay = 0.15; // kg of fat; an engineering choice

// A large change in a few days is explained by what can move so fast.
std::optional<Message> tooFastForTissue(const Outcome& earlier, const Outcome& now) {
    const double days = static_cast<double>(now.at.milliseconds - earlier.at.milliseconds) / 86400000.0;
    const double change = (now.composition.fatMass.estimate() - earlier.composition.fatMass.estimate()).value();
    const double most = mostTissueADay * std::max(1.0, days);
    if (days > shortRetestDays || std::abs(change) <= most)
        return std::nullopt;
    return Message{FUSAIN_TEXT("In {1} days at most about {2} kg of fat can come or go: water, food or the "
                               "preparation explain most of the {3} kg; body mass changed by {4} kg."),
                   {fixed(std::round(days), 0), fixed(most, 1), signedFixed(change, 1),
                    signedFixed((now.mass - earlier.mass).value(), 1)}};
}

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
    if (const auto fast = earlier && !obstacle ? tooFastForTissue(*earlier, outcome) : std::nullopt)
        sentences.push_back(*fast);
    if (baseline && !obstacleToChange(*baseline, outcome))
        sentences.push_back(
            changeSentence(changesSince(*baseline, outcome, own), FUSAIN_TEXT("Since the first test")));
    const double half = fat.halfInterval().value();
    if (const auto budget = fat.budget(); !budget.empty())
        sentences.push_back(
            {FUSAIN_TEXT("The 95 % CI is ± {1} % fat. Most of its variance ({2} %) comes from: {3}."),
             {fixed(half, 1), fixed(100.0 * budget.front().fraction, 0),
              std::string(sourceName(budget.front().source))}});
}

} // namespace

std::vector<Message> findings(const ComputedTest& test, const reference::ReferenceSet* fatReference,
                              const std::optional<Outcome>& earlier, const std::optional<Outcome>& baseline,
                              const LabPrecision& own) {
    std::vector<Message> sentences;
    if (const auto outcome = outcomeOf(test))
        aboutFat(sentences, *outcome, test.record().subject, fatReference, earlier, baseline, own);
    std::ranges::move(test.findings(), std::back_inserter(sentences));
    for (const AnsweredQuestion& answer : test.record().answers)
        if (!answer.finding.kept && !answer.acceptedReason.empty())
            sentences.push_back(
                {FUSAIN_TEXT("Deviation: \"{1}\" Continued because: {2}."),
                 {answer.question.empty() ? answer.rule : answer.question, answer.acceptedReason}});
    const auto& flags = test.shared().flags;
    sentences.insert(sentences.end(), flags.begin(), flags.end());
    return sentences;
}

} // namespace fusain
