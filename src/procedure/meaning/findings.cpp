#include "procedure/meaning/findings.hpp"

#include <algorithm>
#include <cmath>

namespace fusain {
namespace {

// Within two weeks tissue changes little, however hard somebody tries.
constexpr double shortRetestDays = 14.0, mostTissueADay = 0.15; // kg of fat; an engineering choice

void addChange(std::vector<Message>& sentences, const Statements& statements, Since since) {
    for (const Followed quantity : {Followed::FatMass, Followed::FatFreeMass})
        if (const auto* change = statements.change(quantity, since))
            sentences.push_back(labSentence(*change));
}

// What the fat says: its place, what changed, and how sure it is.
void aboutFat(std::vector<Message>& sentences, const Outcome& outcome, const Statements& statements,
              const ComputedTest* lastTest) {
    const auto& fat = outcome.composition.fatPercent;
    if (const auto* place = statements.place(Followed::FatPercent))
        sentences.push_back(labSentence(*place));
    else
        sentences.push_back({FUSAIN_TEXT("{1} % fat; the chosen reference does not cover this person."),
                             {fixed(fat.estimate().value(), 1)}});
    if (statements.obstacle())
        sentences.push_back(*statements.obstacle());
    addChange(sentences, statements, Since::Last);
    const auto before = lastTest && !statements.obstacle() ? outcomeOf(*lastTest) : std::nullopt;
    if (const auto fast = before ? tooFastForTissue(*before, outcome) : std::nullopt)
        sentences.push_back(*fast);
    addChange(sentences, statements, Since::First);
    const double half = fat.halfInterval().value();
    if (const auto budget = fat.budget(); !budget.empty())
        sentences.push_back(
            {FUSAIN_TEXT("The 95 % CI is ± {1} % fat. Most of its variance ({2} %) comes from: {3}."),
             {fixed(half, 1), fixed(100.0 * budget.front().fraction, 0),
              std::string(sourceName(budget.front().source))}});
}

// A test without fat: what became of the girths.
void aboutGirths(std::vector<Message>& sentences, const Statements& statements) {
    if (statements.obstacle())
        sentences.push_back(*statements.obstacle());
    for (const Since since : {Since::Last, Since::First})
        for (const FollowedText& text : followedGirths())
            if (const auto* change = statements.change(text.quantity, since))
                sentences.push_back(labSentence(*change));
}

} // namespace

std::optional<Message> tooFastForTissue(const Outcome& earlier, const Outcome& now) {
    const double days = static_cast<double>(now.at.milliseconds - earlier.at.milliseconds) / 86400000.0;
    const double change = (now.composition.fatMass.estimate() - earlier.composition.fatMass.estimate()).value();
    const double most = mostTissueADay * std::max(1.0, days);
    if (days > shortRetestDays || std::abs(change) <= most)
        return std::nullopt;
    return Message{
        FUSAIN_TEXT("Since the last test ({1} d) at most about {2} kg of fat can have come or gone. Water, "
                    "food or the preparation explain most of the {3} kg. Body mass changed by {4} kg."),
        {fixed(std::round(days), 0), fixed(most, 1), signedFixed(change, 1),
         signedFixed((now.mass - earlier.mass).value(), 1)}};
}

std::vector<Message> findings(const ComputedTest& test, const Statements& statements,
                              const ComputedTest* lastTest) {
    std::vector<Message> sentences;
    if (const auto outcome = outcomeOf(test))
        aboutFat(sentences, *outcome, statements, lastTest);
    std::ranges::move(test.findings(), std::back_inserter(sentences));
    if (!test.composition())
        aboutGirths(sentences, statements);
    for (const auto limbs : {SidesStatement::Limbs::Arms, SidesStatement::Limbs::Legs})
        if (const auto* sides = statements.sides(limbs))
            sentences.push_back(labSentence(*sides));
    for (const AnsweredQuestion& answer : test.record().answers)
        if (!answer.finding.kept && !answer.acceptedReason.empty())
            sentences.push_back(
                {FUSAIN_TEXT("Deviation: \"{1}\". Reason to continue: {2}."),
                 {answer.question.empty() ? answer.rule : answer.question, answer.acceptedReason}});
    const auto& flags = test.shared().flags;
    sentences.insert(sentences.end(), flags.begin(), flags.end());
    return sentences;
}

} // namespace fusain
