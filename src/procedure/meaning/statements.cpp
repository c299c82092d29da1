#include "procedure/meaning/statements.hpp"

#include <algorithm>
#include <array>
#include <cmath>

namespace fusain {
namespace {

const anthropometry::LimbBalance* sidesOf(const ComputedTest& test, SidesStatement::Limbs limbs) {
    const bool arms = limbs == SidesStatement::Limbs::Arms;
    using Found = const anthropometry::LimbBalance*;
    return std::visit(Overloaded{
                          [](const DensityResult&) -> Found { return nullptr; },
                          [](const GirthResult&) -> Found { return nullptr; },
                          [&](const DxaResult& scan) -> Found {
                              return !scan.halfBody.empty() ? nullptr : arms ? &scan.armLean : &scan.legLean;
                          },
                          [&](const ImpedanceResult& impedance) -> Found {
                              const auto& pair = arms ? impedance.arms : impedance.legs;
                              return pair ? &*pair : nullptr;
                          },
                      },
                      test.result);
}

struct PlaceWords {
    std::string_view verdict, closed, open;
};
constexpr std::array placeWords{
    PlaceWords{FUSAIN_TEXT("below the reference range"),
               FUSAIN_TEXT("{1} {2} {3} (95 % CI {4} to {5}): below the reference range of {6} to {7} ({8})."),
               FUSAIN_TEXT("{1} {2} {3} (95 % CI {4} to {5}): below the reference limit of {6} ({8}).")},
    PlaceWords{FUSAIN_TEXT("close to the lower limit"),
               FUSAIN_TEXT("{1} {2} {3} (95 % CI {4} to {5}): close to the lower limit of the reference range "
                           "of {6} to {7} ({8})."),
               FUSAIN_TEXT("{1} {2} {3} (95 % CI {4} to {5}): close to the lower limit of {6} ({8}).")},
    PlaceWords{FUSAIN_TEXT("within the reference range"),
               FUSAIN_TEXT("{1} {2} {3} (95 % CI {4} to {5}): within the reference range of {6} to {7} ({8})."),
               FUSAIN_TEXT("{1} {2} {3} (95 % CI {4} to {5}): not below the reference limit of {6} ({8}).")},
    PlaceWords{FUSAIN_TEXT("close to the upper limit"),
               FUSAIN_TEXT("{1} {2} {3} (95 % CI {4} to {5}): close to the upper limit of the reference range "
                           "of {6} to {7} ({8})."),
               {}},
    PlaceWords{FUSAIN_TEXT("above the reference range"),
               FUSAIN_TEXT("{1} {2} {3} (95 % CI {4} to {5}): above the reference range of {6} to {7} ({8})."),
               {}},
};
const PlaceWords& wordsOf(ReferencePlace place) {
    return placeWords[static_cast<std::size_t>(place)];
}

std::string_view verdictWords(const PlaceStatement& statement) {
    return wordsOf(statement.place).verdict;
}

std::string_view verdictWords(const ChangeStatement& statement) {
    switch (statement.comparison.verdict) {
    case Verdict::Real:
        return FUSAIN_TEXT("exceeds the LSC");
    case Verdict::MayBeNoise:
        return FUSAIN_TEXT("within measurement error");
    case Verdict::NotComparable:
        break;
    }
    return FUSAIN_TEXT("not comparable");
}

std::string_view verdictWords(const SidesStatement& statement) {
    return statement.balance.notable() ? FUSAIN_TEXT("notable difference")
           : statement.balance.real()  ? FUSAIN_TEXT("difference below the lab's threshold")
                                       : FUSAIN_TEXT("within measurement error");
}

Message sentenceOf(const PlaceStatement& statement) {
    const FollowedText& text = textOf(statement.quantity);
    const PlaceWords& words = wordsOf(statement.place);
    return {std::string(statement.row->openAbove() ? words.open : words.closed),
            {std::string(text.title), fixed(statement.value, text.decimals), std::string(text.unit),
             fixed(statement.value - statement.half, text.decimals),
             fixed(statement.value + statement.half, text.decimals), fixed(statement.row->low, 1),
             statement.row->openAbove() ? std::string() : fixed(statement.row->high, 1), statement.set->title}};
}

// Never certain: 99 stands for all above.
std::string percentText(double probability) {
    return fixed(std::min(99.0, 100.0 * probability), 0);
}

Message sentenceOf(const ChangeStatement& statement) {
    const FollowedText& text = textOf(statement.quantity);
    const Comparison& comparison = statement.comparison;
    const Change& change = comparison.change;
    // A second digit where the first would make a change and its limit look alike.
    const bool alike =
        fixed(std::abs(change.difference), text.decimals) == fixed(change.leastSignificant, text.decimals);
    const int decimals = text.decimals + (alike ? 1 : 0);
    const std::vector<std::string> arguments{std::string(text.title),
                                             signedFixed(change.difference, decimals),
                                             std::string(text.unit),
                                             isoText(dateOf(comparison.from)),
                                             fixed(change.leastSignificant, decimals),
                                             percentText(change.directionProbability())};
    if (comparison.verdict == Verdict::Real)
        return {FUSAIN_TEXT("{1} {2} {3} since {4}: exceeds the LSC of {5} {3}."), arguments};
    if (comparison.verdict == Verdict::MayBeNoise)
        return {FUSAIN_TEXT("{1} {2} {3} since {4}: within measurement error, LSC {5} {3} (probability of this "
                            "direction {6} %)."),
                arguments};
    return comparison.why;
}

Message sentenceOf(const SidesStatement& statement) {
    const anthropometry::LimbBalance& balance = statement.balance;
    const bool arms = statement.limbs == SidesStatement::Limbs::Arms;
    const std::vector<std::string> arguments{
        arms ? FUSAIN_TEXT("Arm lean mass") : FUSAIN_TEXT("Leg lean mass"),
        signedFixed(balance.difference.value(), 2), fixed(balance.leastSignificant.value(), 2),
        fixed(balance.threshold.value(), 2), signedFixed(balance.asymmetry.value(), 0)};
    if (balance.notable())
        return {
            FUSAIN_TEXT("{1}, right − left: {2} kg ({5} %). Exceeds the measurement error (± {3} kg) and the "
                        "lab's threshold ({4} kg)."),
            arguments};
    if (balance.real())
        return {
            FUSAIN_TEXT("{1}, right − left: {2} kg ({5} %). Exceeds the measurement error (± {3} kg), not the "
                        "lab's threshold ({4} kg)."),
            arguments};
    return {FUSAIN_TEXT("{1}: no left–right difference beyond the measurement error of ± {3} kg."), arguments};
}

template <class Kind, class Fits>
const Kind* findIn(std::span<const Statement> all, Fits fits) {
    for (const Statement& statement : all)
        if (const Kind* each = std::get_if<Kind>(&statement); each && fits(*each))
            return each;
    return nullptr;
}

} // namespace

ReferencePlace placeIn(const reference::ReferenceRow& row, double value, double half) {
    switch (reference::positionIn(row, value)) {
    case reference::Position::Below:
        return value + half < row.low ? ReferencePlace::Below : ReferencePlace::CloseToLower;
    case reference::Position::Above:
        return value - half > row.high ? ReferencePlace::Above : ReferencePlace::CloseToUpper;
    case reference::Position::Within:
        break;
    }
    return ReferencePlace::Within;
}

Statements::Statements(const StatementInputs& inputs) {
    const ComputedTest& test = *inputs.test;
    addPlaces(inputs);
    const auto mayBeCompared = [&](const ComputedTest& past) {
        return compare(keyQuantity(test), past, test, inputs.precision);
    };
    for (std::size_t i = 0; i < inputs.history.size(); ++i) {
        const Comparison comparison = mayBeCompared(inputs.history[i]);
        const bool comparable = comparison.verdict != Verdict::NotComparable;
        if (comparable && !first_)
            first_ = i;
        if (comparable)
            last_ = i;
        else if (i + 1 == inputs.history.size()) {
            obstacle_ = comparison.why;
            preparedOtherwise_ = !comparison.unlike.empty();
        }
    }
    if (first_ == last_)
        first_.reset();
    if (last_)
        addChanges(inputs, Since::Last, inputs.history[*last_]);
    if (first_)
        addChanges(inputs, Since::First, inputs.history[*first_]);
    addSides(test);
}

void Statements::addPlaces(const StatementInputs& inputs) {
    const TestSubject& subject = inputs.test->record().subject;
    for (const auto& [quantity, set] :
         {std::pair(Followed::FatPercent, inputs.fat), std::pair(Followed::FatMassIndex, inputs.fatMassIndex),
          std::pair(Followed::FatFreeMassIndex, inputs.fatFreeMassIndex),
          std::pair(Followed::LimbLeanIndex, inputs.limbLeanIndex)}) {
        const auto* row = set ? set->rowFor(subject.sex, subject.age) : nullptr;
        const auto value = row ? valueOf(quantity, *inputs.test) : std::nullopt;
        if (!value)
            continue;
        const double half = value->halfInterval();
        all_.push_back(
            PlaceStatement{quantity, value->value, half, set, row, placeIn(*row, value->value, half)});
    }
}

void Statements::addChanges(const StatementInputs& inputs, Since since, const ComputedTest& earlier) {
    for (const auto texts : {followedQuantities(), followedGirths()})
        for (const FollowedText& text : texts) {
            Comparison comparison = compare(text.quantity, earlier, *inputs.test, inputs.precision);
            if (comparison.known)
                all_.push_back(ChangeStatement{text.quantity, since, std::move(comparison)});
        }
}

void Statements::addSides(const ComputedTest& test) {
    for (const auto limbs : {SidesStatement::Limbs::Arms, SidesStatement::Limbs::Legs})
        if (const auto* balance = sidesOf(test, limbs))
            all_.push_back(SidesStatement{limbs, *balance});
}

const PlaceStatement* Statements::place(Followed quantity) const {
    return findIn<PlaceStatement>(all_, [&](const auto& each) { return each.quantity == quantity; });
}

const ChangeStatement* Statements::change(Followed quantity, Since since) const {
    return findIn<ChangeStatement>(
        all_, [&](const auto& each) { return each.quantity == quantity && each.since == since; });
}

const SidesStatement* Statements::sides(SidesStatement::Limbs limbs) const {
    return findIn<SidesStatement>(all_, [&](const auto& each) { return each.limbs == limbs; });
}

bool isBelowReference(const Statements& statements) {
    const auto* fat = statements.place(Followed::FatPercent);
    return fat && fat->place == ReferencePlace::Below;
}

std::string_view verdictOf(const Statement& statement) {
    return std::visit([](const auto& each) { return verdictWords(each); }, statement);
}

Message labSentence(const Statement& statement) {
    return std::visit([](const auto& each) { return sentenceOf(each); }, statement);
}

} // namespace fusain
