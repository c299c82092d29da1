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

void addSince(KeyPointFacts& facts, const ComputedTest& earlier, const ComputedTest& now,
              const LabPrecision& own) {
    const Comparison fat = compare(Followed::FatMass, earlier, now, own),
                     lean = compare(Followed::FatFreeMass, earlier, now, own),
                     mass = compare(Followed::Mass, earlier, now, own);
    if (fat.verdict == Verdict::NotComparable) {
        facts["setting.changed"] = 1.0;
        return;
    }
    addChange(facts, "fat", fat.change);
    addChange(facts, "lean", lean.change);
    if (mass.change.real() && lean.change.real() && mass.change.difference < 0.0 &&
        lean.change.difference < 0.0) {
        facts["loss.kg"] = -mass.change.difference;
        facts["loss.lean.percent"] = 100.0 * lean.change.difference / mass.change.difference;
    }
    if (mass.perWeek && mass.change.real())
        facts["loss.percent-a-week"] = -100.0 * *mass.perWeek / now.shared().mass.value();
}

void addSinceFirst(KeyPointFacts& facts, const ComputedTest& first, const ComputedTest& now,
                   const LabPrecision& own) {
    for (const auto& [name, quantity] : {std::pair("fat.since-first", Followed::FatMass),
                                         std::pair("lean.since-first", Followed::FatFreeMass)})
        if (const Comparison since = compare(quantity, first, now, own);
            since.verdict != Verdict::NotComparable)
            addChange(facts, name, since.change);
}

void addPlace(KeyPointFacts& facts, const compartments::Composition& body, const TestSubject& subject,
              const reference::ReferenceSet* reference) {
    const double fat = body.fatPercent.estimate().value(), half = body.fatPercent.halfInterval().value();
    facts["fat.percent"] = fat;
    facts["fat.half-interval"] = half;
    if (const auto* row = reference ? reference->rowFor(subject.sex, subject.age) : nullptr) {
        // At the edge of the band the interval decides: only a value wholly outside lies outside.
        facts["fat.place"] = fat + half < row->low ? -1.0 : fat - half > row->high ? 1.0 : 0.0;
        facts["fat.band.low"] = row->low;
        if (!row->openAbove())
            facts["fat.band.high"] = row->high;
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
    std::visit(Overloaded{ofScan, ofImpedance, [](const DensityResult&) {}}, test.result);
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
    KeyPointFacts facts{{"visit", inputs.earlier ? 2.0 : 1.0}};
    if (subject.age < anthropometry::adultAge)
        facts["minor"] = 1.0;
    facts["body-mass-index"] = anthropometry::massIndex(test.shared().mass, subject.height).value();
    double deviations = 0.0;
    for (const AnsweredQuestion& answer : test.record().answers)
        deviations += !answer.finding.kept && answer.effect != readiness::Effect::None;
    facts["preparation.deviations"] = deviations;
    if (const auto* body = test.composition()) {
        addPlace(facts, *body, subject, inputs.fat);
        if (inputs.earlier && inputs.earlier->composition())
            addSince(facts, *inputs.earlier, test, inputs.precision);
        if (inputs.first && inputs.first->composition())
            addSinceFirst(facts, *inputs.first, test, inputs.precision);
    }
    addLimbs(facts, test, inputs.limbLean);
    return facts;
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
