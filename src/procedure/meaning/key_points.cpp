#include "procedure/meaning/key_points.hpp"

#include "core/anthropometry/ages.hpp"
#include "core/anthropometry/indices.hpp"
#include "core/anthropometry/limits.hpp"

#include <algorithm>
#include <cmath>
#include <set>

namespace fusain {
namespace {

void addChange(KeyPointFacts& facts, const std::string& name, const Change& change) {
    facts[name + ".change.real"] = !change.real() ? 0.0 : change.difference < 0.0 ? -1.0 : 1.0;
    facts[name + ".change.kg"] = std::abs(change.difference);
    facts[name + ".change.limit"] = change.leastSignificant;
    if (change.leastSignificant > 0.0)
        facts[name + ".change.size"] = std::abs(change.difference) / change.leastSignificant;
}

// Of a change that may be judged; of no other.
const Change* judged(const ChangeStatement* statement) {
    return statement && statement->comparison.verdict != Verdict::NotComparable ? &statement->comparison.change
                                                                                : nullptr;
}

void addSince(KeyPointFacts& facts, const Statements& statements, const ComputedTest& now) {
    if (statements.obstacle()) {
        facts[statements.preparedOtherwise() ? "preparation.unlike" : "setting.changed"] = 1.0;
        return;
    }
    const auto* fat = judged(statements.change(Followed::FatMass, Since::Last));
    const auto* lean = judged(statements.change(Followed::FatFreeMass, Since::Last));
    if (!fat || !lean)
        return;
    addChange(facts, "fat", *fat);
    addChange(facts, "lean", *lean);
    const auto* mass = statements.change(Followed::Mass, Since::Last);
    if (!judged(mass) || !judged(mass)->real())
        return;
    const Change& scale = mass->comparison.change;
    if (lean->real() && scale.difference < 0.0 && lean->difference < 0.0) {
        facts["loss.kg"] = -scale.difference;
        facts["loss.lean.percent"] = 100.0 * lean->difference / scale.difference;
    }
    if (mass->comparison.perWeek)
        facts["loss.percent-a-week"] = -100.0 * *mass->comparison.perWeek / now.shared().mass.value();
}

void addSinceFirst(KeyPointFacts& facts, const Statements& statements) {
    for (const auto& [name, quantity] : {std::pair("fat.since-first", Followed::FatMass),
                                         std::pair("lean.since-first", Followed::FatFreeMass)})
        if (const auto* change = judged(statements.change(quantity, Since::First)))
            addChange(facts, name, *change);
}

// −1 below, −0.5 close to the lower limit, 0 within, 0.5 close to the upper limit, 1 above.
double asNumber(ReferencePlace place) {
    return 0.5 * (static_cast<int>(place) - static_cast<int>(ReferencePlace::Within));
}

void addPlace(KeyPointFacts& facts, const compartments::Composition& body, const Statements& statements) {
    facts["fat.percent"] = body.fatPercent.estimate().value();
    facts["fat.half-interval"] = body.fatPercent.halfInterval().value();
    if (const auto* place = statements.place(Followed::FatPercent)) {
        facts["fat.place"] = asNumber(place->place);
        facts["fat.band.low"] = place->row->low;
        if (!place->row->openAbove())
            facts["fat.band.high"] = place->row->high;
    }
}

void addLimbs(KeyPointFacts& facts, const ComputedTest& test, const reference::ReferenceSet* limbLean) {
    const auto notable = [&](const std::string& name, const anthropometry::LimbBalance& limbs) {
        facts[name + ".notable"] = limbs.notable() ? 1.0 : 0.0;
        facts[name + ".difference.kg"] = std::abs(limbs.difference.value());
        if (limbs.leastSignificant.value() > 0.0)
            facts[name + ".size"] = std::abs(limbs.difference / limbs.leastSignificant);
    };
    const auto ofScan = [&](const DxaResult& scan) {
        notable("arms", scan.armLean);
        notable("legs", scan.legLean);
        const TestSubject& subject = test.record().subject;
        const auto* row = limbLean ? limbLean->rowFor(subject.sex, subject.age) : nullptr;
        facts["limb-lean.index"] = scan.indices.limbLeanIndex.value();
        if (row) {
            facts["limb-lean.limit"] = row->low;
            facts["limb-lean.low"] = scan.indices.limbLeanIndex.value() < row->low ? 1.0 : 0.0;
        }
    };
    const auto ofImpedance = [&](const ImpedanceResult& impedance) {
        if (impedance.arms)
            notable("arms", *impedance.arms);
        if (impedance.legs)
            notable("legs", *impedance.legs);
    };
    std::visit(Overloaded{ofScan, ofImpedance, [](const DensityResult&) {}, [](const GirthResult&) {}},
               test.result);
}

Message filled(const std::string& text, const KeyPointRule& rule, const KeyPointFacts& facts) {
    Message message{text, {}};
    for (const std::string& argument : rule.arguments) {
        const double value = facts.contains(argument) ? facts.at(argument) : 0.0;
        message.arguments.push_back(fixed(value, std::abs(value) < 10.0 ? 1 : 0));
    }
    return message;
}

// Somebody thin hears no kilograms, and no praise for less of anything.
bool unkindToTheThin(const KeyPointRule& rule, const KeyPointFacts& facts) {
    const auto index = facts.find("body-mass-index");
    const bool thin = index != facts.end() && index->second < anthropometry::thinBelow.value();
    return thin && (rule.sentence.find('{') != std::string::npos ||
                    (rule.kind == KeyPointKind::Strength && rule.fact.starts_with("fat")));
}

bool holds(const KeyPointRule& rule, const KeyPointFacts& facts) {
    const auto fact = facts.find(rule.fact);
    if (fact == facts.end() || fact->second < rule.least || fact->second > rule.most)
        return false;
    return (rule.minors || !facts.contains("minor")) && !unkindToTheThin(rule, facts);
}

} // namespace

bool hasLowLimbLean(const ComputedTest& test, const reference::ReferenceSet* limbLean) {
    KeyPointFacts facts;
    addLimbs(facts, test, limbLean);
    const auto low = facts.find("limb-lean.low");
    return low != facts.end() && low->second > 0.0;
}

KeyPointFacts keyPointFacts(const KeyPointInputs& inputs) {
    const ComputedTest& test = *inputs.test;
    const TestSubject& subject = test.record().subject;
    KeyPointFacts facts{{"visit", inputs.firstTest ? 1.0 : 2.0}};
    if (subject.age < anthropometry::adultAge)
        facts["minor"] = 1.0;
    facts["body-mass-index"] = anthropometry::massIndex(test.shared().mass, subject.height).value();
    double deviations = 0.0;
    for (const AnsweredQuestion& answer : test.record().answers)
        deviations += !answer.finding.kept && answer.effect != readiness::Effect::None;
    facts["preparation.deviations"] = deviations;
    if (const auto* body = test.composition()) {
        addPlace(facts, *body, *inputs.statements);
        addSince(facts, *inputs.statements, test);
        addSinceFirst(facts, *inputs.statements);
    }
    addLimbs(facts, test, inputs.limbLean);
    return facts;
}

const Statement* statementBehind(const KeyPoint& point, const Statements& statements) {
    const std::string_view fact = point.rule->fact;
    for (const Statement& statement : statements.all()) {
        const bool behind = std::visit(
            Overloaded{
                [&](const PlaceStatement& place) {
                    return (fact == "fat.place" && place.quantity == Followed::FatPercent) ||
                           (fact == "limb-lean.low" && place.quantity == Followed::LimbLeanIndex);
                },
                [&](const ChangeStatement& change) {
                    const std::string name = std::string(change.quantity == Followed::FatMass       ? "fat"
                                                         : change.quantity == Followed::FatFreeMass ? "lean"
                                                         : change.quantity == Followed::Mass        ? "loss"
                                                                                                    : "none") +
                                             (change.since == Since::First ? ".since-first" : "");
                    return fact == name + ".change.real" || fact == name + ".percent-a-week" ||
                           fact == name + ".lean.percent";
                },
                [&](const SidesStatement& sides) {
                    return fact ==
                           (sides.limbs == SidesStatement::Limbs::Arms ? "arms.notable" : "legs.notable");
                },
            },
            statement);
        if (behind)
            return &statement;
    }
    return nullptr;
}

std::vector<KeyPoint> keyPoints(const KeyPointFacts& facts, std::span<const KeyPointRule> rules,
                                std::size_t most) {
    constexpr double largestSize = 3.0;
    std::vector<KeyPoint> points;
    for (const KeyPointRule& rule : rules) {
        if (!holds(rule, facts))
            continue;
        const auto size = facts.find(rule.size);
        const double times = size == facts.end() ? 1.0 : std::clamp(size->second, 0.5, largestSize);
        points.push_back({&rule, filled(rule.sentence, rule, facts), filled(rule.evidence, rule, facts),
                          rule.weight * times});
    }
    std::ranges::stable_sort(points, std::ranges::greater(), &KeyPoint::score);
    std::set<std::string> said;
    std::erase_if(points, [&](const KeyPoint& point) { return !said.insert(point.rule->fact).second; });
    if (points.size() > most)
        points.resize(most);
    return points;
}

} // namespace fusain
