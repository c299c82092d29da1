#include "procedure/meaning/progress.hpp"

#include "core/anthropometry/indices.hpp"
#include "core/quality/precision.hpp"

#include <algorithm>
#include <array>
#include <cmath>

namespace fusain {
namespace {

constexpr double millisecondsADay = 86400000.0;

constexpr std::array texts{
    FollowedText{Followed::Mass, "mass", FUSAIN_TEXT("body mass"), "kg", 1},
    FollowedText{Followed::FatPercent, "fat-percent", FUSAIN_TEXT("fat"), "%", 1},
    FollowedText{Followed::FatMass, "fat-mass", FUSAIN_TEXT("fat mass"), "kg", 1},
    FollowedText{Followed::FatFreeMass, "fat-free-mass", FUSAIN_TEXT("fat-free mass"), "kg", 1},
    FollowedText{Followed::FatMassIndex, "fat-mass-index", FUSAIN_TEXT("fat mass index"), "kg/m²", 1},
    FollowedText{Followed::FatFreeMassIndex, "fat-free-mass-index", FUSAIN_TEXT("fat-free mass index"), "kg/m²",
                 1},
    FollowedText{Followed::LimbLean, "limb-lean", FUSAIN_TEXT("appendicular lean mass"), "kg", 1},
    FollowedText{Followed::LimbLeanIndex, "limb-lean-index", FUSAIN_TEXT("limb lean over height²"), "kg/m²", 2},
    FollowedText{Followed::LimbLeanShare, "limb-lean-share",
                 FUSAIN_TEXT("limb lean for each 10 kg of body mass"), "kg", 2},
    FollowedText{Followed::TrunkFat, "trunk-fat", FUSAIN_TEXT("fat of the trunk"), "kg", 1},
    FollowedText{Followed::VisceralFat, "visceral-fat", FUSAIN_TEXT("visceral fat, as reported"), "kg", 2},
    FollowedText{Followed::BodyWater, "body-water", FUSAIN_TEXT("body water"), "L", 1},
    FollowedText{Followed::PhaseAngle, "phase-angle", FUSAIN_TEXT("phase angle"), "°", 2},
};

constexpr std::array regionTexts{
    FollowedText{Followed::RightArmLean, "right-arm-lean", FUSAIN_TEXT("lean of the right arm"), "kg", 2},
    FollowedText{Followed::LeftArmLean, "left-arm-lean", FUSAIN_TEXT("lean of the left arm"), "kg", 2},
    FollowedText{Followed::RightLegLean, "right-leg-lean", FUSAIN_TEXT("lean of the right leg"), "kg", 2},
    FollowedText{Followed::LeftLegLean, "left-leg-lean", FUSAIN_TEXT("lean of the left leg"), "kg", 2},
    FollowedText{Followed::TrunkLean, "trunk-lean", FUSAIN_TEXT("lean of the trunk"), "kg", 1},
    FollowedText{Followed::RightArmFat, "right-arm-fat", FUSAIN_TEXT("fat of the right arm"), "kg", 2},
    FollowedText{Followed::LeftArmFat, "left-arm-fat", FUSAIN_TEXT("fat of the left arm"), "kg", 2},
    FollowedText{Followed::RightLegFat, "right-leg-fat", FUSAIN_TEXT("fat of the right leg"), "kg", 2},
    FollowedText{Followed::LeftLegFat, "left-leg-fat", FUSAIN_TEXT("fat of the left leg"), "kg", 2},
};

constexpr std::array girthTexts{
    FollowedText{Followed::Waist, "waist", FUSAIN_TEXT("waist"), "cm", 1},
    FollowedText{Followed::Hip, "hip", FUSAIN_TEXT("hip"), "cm", 1},
    FollowedText{Followed::Neck, "neck", FUSAIN_TEXT("neck"), "cm", 1},
    FollowedText{Followed::Arm, "arm", FUSAIN_TEXT("right upper arm"), "cm", 1},
    FollowedText{Followed::Thigh, "thigh", FUSAIN_TEXT("right thigh"), "cm", 1},
    FollowedText{Followed::WaistToHeight, "waist-to-height", FUSAIN_TEXT("waist-to-height ratio"), "", 3},
    FollowedText{Followed::WaistToHip, "waist-to-hip", FUSAIN_TEXT("waist-to-hip ratio"), "", 3},
};

struct RegionPart {
    Followed quantity;
    dxa::Region region;
    bool lean;
};
constexpr std::array regionParts{
    RegionPart{Followed::RightArmLean, dxa::Region::RightArm, true},
    RegionPart{Followed::LeftArmLean, dxa::Region::LeftArm, true},
    RegionPart{Followed::RightLegLean, dxa::Region::RightLeg, true},
    RegionPart{Followed::LeftLegLean, dxa::Region::LeftLeg, true},
    RegionPart{Followed::TrunkLean, dxa::Region::Trunk, true},
    RegionPart{Followed::RightArmFat, dxa::Region::RightArm, false},
    RegionPart{Followed::LeftArmFat, dxa::Region::LeftArm, false},
    RegionPart{Followed::RightLegFat, dxa::Region::RightLeg, false},
    RegionPart{Followed::LeftLegFat, dxa::Region::LeftLeg, false},
    RegionPart{Followed::TrunkFat, dxa::Region::Trunk, false},
};

// A region of a scan; its precision is a share of itself. A mirrored half repeats the other and says nothing.
std::optional<FollowedValue> fromRegion(Followed quantity, const DxaResult& scan,
                                        const dxa::ScanPrecision& precision) {
    const auto part = std::ranges::find(regionParts, quantity, &RegionPart::quantity);
    const auto* region = part == regionParts.end() ? nullptr : scan.scan.of(part->region);
    if (!region || (!scan.halfBody.empty() && quantity != Followed::TrunkFat))
        return std::nullopt;
    const double mass = (part->lean ? region->lean : region->fat).value();
    return FollowedValue{mass,
                         mass * (part->lean ? precision.leanOf(part->region) : precision.fatOf(part->region))};
}

// Lean of the limbs over something that is known far better.
FollowedValue scaledBy(double factor, const Measured<Kilograms>& limbLean) {
    return followed(Measured<Kilograms>(limbLean.uncertain() * factor));
}

// Lean of the limbs, and held against height and body mass.
std::optional<FollowedValue> limbsFor(Followed quantity, const Measured<Kilograms>& limbLean,
                                      const TestSubject& who, Kilograms mass) {
    constexpr double tenKilograms = 10.0;
    if (quantity == Followed::LimbLean)
        return followed(limbLean);
    if (quantity == Followed::LimbLeanIndex)
        return scaledBy(1.0 / (who.height.value() * who.height.value()), limbLean);
    if (quantity == Followed::LimbLeanShare)
        return scaledBy(tenKilograms / mass.value(), limbLean);
    return std::nullopt;
}

std::optional<FollowedValue> fromScan(Followed quantity, const DxaTest& test, const DxaPolicy& policy,
                                      const DxaResult& scan) {
    if (auto limbs = limbsFor(quantity, scan.limbLean, test.subject, scan.mass))
        return limbs;
    if (auto region = fromRegion(quantity, scan, policy.precision))
        return region;
    constexpr double visceralPrecision = 0.10; // upper end of the published 5 to 10 %, sheet 2.1
    if (quantity == Followed::VisceralFat && scan.visceralFat)
        return FollowedValue{scan.visceralFat->value(), visceralPrecision * scan.visceralFat->value()};
    return std::nullopt;
}

std::optional<FollowedValue> fromImpedance(Followed quantity, const ImpedanceTest& test,
                                           const ImpedanceResult& impedance, const DayToDay& day) {
    if (quantity == Followed::PhaseAngle && impedance.phaseAngle)
        return followed(*impedance.phaseAngle);
    if (impedance.limbLean)
        if (auto limbs = limbsFor(quantity, *impedance.limbLean, test.subject, impedance.mass))
            return limbs;
    if (quantity == Followed::BodyWater && impedance.fluids)
        return FollowedValue{impedance.fluids->total().value(),
                             std::hypot(impedance.fluids->totalError.value(), day.spectrumWater.value())};
    if (quantity == Followed::BodyWater && impedance.bodyWater)
        return followed(*impedance.bodyWater);
    return std::nullopt;
}

// A girth is followed by the lab's own study of it, where there is one.
std::optional<FollowedValue> fromGirths(Followed quantity, const GirthResult& girths, const LabPrecision& own) {
    if (quantity == Followed::WaistToHeight && girths.waistToHeight)
        return followed(*girths.waistToHeight);
    if (quantity == Followed::WaistToHip && girths.waistToHip)
        return followed(*girths.waistToHip);
    const auto site = std::ranges::find(girthTexts, quantity, &FollowedText::quantity) - girthTexts.begin();
    if (site >= static_cast<std::ptrdiff_t>(girth::sites.size()))
        return std::nullopt;
    const auto* found = girths.at(girth::sites[static_cast<std::size_t>(site)]);
    return found ? std::optional(followed(found->value, own.of(textOf(quantity).id))) : std::nullopt;
}

// A study of a mass speaks for its index as well: height is not measured anew.
std::optional<StudiedError> byHeight(std::optional<StudiedError> study, Metres height) {
    if (study)
        study->standardDeviation /= height.value() * height.value();
    return study;
}

// What a method gives beside mass, fat and the rest.
std::optional<FollowedValue> ownValue(Followed quantity, const ComputedTest& test, const LabPrecision& own) {
    using Value = std::optional<FollowedValue>;
    return test.visit(Overloaded{
        [](const auto&, const auto&, const DensityResult&) -> Value { return std::nullopt; },
        [&](const ImpedanceTest& record, const ImpedancePolicy& policy, const ImpedanceResult& result)
            -> Value { return fromImpedance(quantity, record, result, policy.day); },
        [&](const DxaTest& record, const DxaPolicy& policy, const DxaResult& result) -> Value {
            return fromScan(quantity, record, policy, result);
        },
        [&](const GirthTest&, const GirthPolicy&, const GirthResult& result) -> Value {
            return fromGirths(quantity, result, own);
        },
    });
}

// The parts beside fat that a method tells apart by weighing them; empty where it gives the rest as one.
std::vector<std::pair<std::string_view, FollowedValue>> weighedParts(const ComputedTest& test,
                                                                     const LabPrecision& own) {
    using Parts = std::vector<std::pair<std::string_view, FollowedValue>>;
    return std::visit(
        Overloaded{
            [](const DensityResult&) { return Parts{}; },
            [](const ImpedanceResult&) { return Parts{}; },
            [](const GirthResult&) { return Parts{}; },
            [&](const DxaResult& scan) { // lean and fat-free mass repeat alike: one limit for both
                return Parts{{FUSAIN_TEXT("lean"), followed(scan.lean, own.fatFreeMass)},
                             {FUSAIN_TEXT("bone mineral"), followed(scan.boneMineral)}};
            },
        },
        test.result);
}

// Mass and values that do not hang on an equation are comparable by method alone.
bool hangsOnEquation(Followed quantity) {
    return quantity != Followed::Mass && quantity != Followed::PhaseAngle; // a girth has none
}

std::string settingOf(Followed quantity, const ComputedTest& test) {
    return quantity == Followed::Mass ? std::string() : test.shared().setting;
}
std::string conversionOf(Followed quantity, const ComputedTest& test) {
    return hangsOnEquation(quantity) ? test.shared().conversion : std::string();
}

std::optional<Message> obstacle(Followed quantity, const ComputedTest& earlier, const ComputedTest& now) {
    if (quantity == Followed::Mass) // scales are checked against masses, whatever comes after them
        return std::nullopt;
    if (methodOf(earlier.test) != methodOf(now.test))
        return Message{FUSAIN_TEXT("not comparable: another method"), {}};
    if (settingOf(quantity, earlier) != settingOf(quantity, now))
        return Message{FUSAIN_TEXT("not comparable: then {1}, now {2}"),
                       {settingOf(quantity, earlier), settingOf(quantity, now)}};
    if (conversionOf(quantity, earlier) != conversionOf(quantity, now))
        return Message{FUSAIN_TEXT("not comparable: another equation"), {}};
    return std::nullopt;
}

// A scale weighs what is there, breakfast and all.
std::vector<PreparationDifference> unlikeFor(Followed quantity, const ComputedTest& earlier,
                                             const ComputedTest& now) {
    return quantity == Followed::Mass ? std::vector<PreparationDifference>()
                                      : spoilingDifferences(now.record(), earlier.record());
}

Message whyUnlike(const PreparationDifference& first) {
    if (first.rule.empty())
        return {FUSAIN_TEXT("not comparable: {1} hours apart in the day"),
                {fixed(std::abs(first.hoursLater), 0)}};
    return {FUSAIN_TEXT("not comparable: prepared differently (\"{1}\")"), {first.question}};
}

} // namespace

std::span<const FollowedText> followedQuantities() {
    return texts;
}

std::span<const FollowedText> followedRegions() {
    return regionTexts;
}

std::span<const FollowedText> followedGirths() {
    return girthTexts;
}

std::vector<FollowedText> studiedOf(std::string_view instrument) {
    if (instrument == Running<GirthMethod>::precisionInstrument)
        return {girthTexts.begin(), girthTexts.begin() + girth::sites.size()};
    return {textOf(Followed::FatPercent), textOf(Followed::FatMass), textOf(Followed::FatFreeMass)};
}

const FollowedText& textOf(Followed quantity) {
    const FollowedText* found = nullptr;
    for (const auto known : {followedQuantities(), followedRegions(), followedGirths()})
        if (const auto text = std::ranges::find(known, quantity, &FollowedText::quantity); text != known.end())
            found = &*text;
    return *found;
}

Followed keyQuantity(const ComputedTest& test) {
    if (test.composition())
        return Followed::FatMass;
    return methodOf(test.test) == GirthMethod::id ? Followed::Waist : Followed::PhaseAngle;
}

std::optional<FollowedValue> valueOf(Followed quantity, const ComputedTest& test, const LabPrecision& own) {
    if (quantity == Followed::Mass) {
        const MethodPolicy& policy = common(test.policy);
        return followed(massOfTheDay(test.shared().mass, policy.dryMassError, policy.day));
    }
    const auto* body = test.composition();
    if (body)
        switch (quantity) {
        case Followed::FatPercent:
            return followed(body->fatPercent, own.fatPercent);
        case Followed::FatMass:
            return followed(body->fatMass, own.fatMass);
        case Followed::FatFreeMass:
            return followed(body->fatFreeMass, own.fatFreeMass);
        case Followed::FatMassIndex:
            return followed(body->fatMassIndex, byHeight(own.fatMass, test.record().subject.height));
        case Followed::FatFreeMassIndex:
            return followed(body->fatFreeMassIndex, byHeight(own.fatFreeMass, test.record().subject.height));
        default:
            break;
        }
    return ownValue(quantity, test, own);
}

std::vector<Series> seriesOf(Followed quantity, std::span<const ComputedTest> tests, const LabPrecision& own) {
    std::vector<Series> lines;
    for (const ComputedTest& test : tests) {
        const auto value = valueOf(quantity, test, own);
        if (!value)
            continue;
        const std::string_view method = methodOf(test.test);
        const std::string setting = settingOf(quantity, test), conversion = conversionOf(quantity, test);
        auto line = std::ranges::find_if(lines, [&](const Series& each) {
            return each.method == method && each.setting == setting && each.conversion == conversion;
        });
        if (line == lines.end())
            line = lines.insert(lines.end(), {method, setting, conversion, {}});
        line->points.push_back({test.record().id, test.record().startedAt, *value});
    }
    return lines;
}

std::optional<quality::Trend> trendOf(const Series& series) {
    std::vector<quality::DatedValue> visits;
    for (const Series::Point& point : series.points)
        visits.push_back({static_cast<double>(point.at.milliseconds) / millisecondsADay, point.value.value});
    return quality::trendOf(visits);
}

int expectedPush(Followed quantity, const std::vector<PreparationDifference>& unlike) {
    int onFat = 0;
    for (const PreparationDifference& each : unlike) {
        const int push = each.effect == readiness::Effect::Over    ? 1
                         : each.effect == readiness::Effect::Under ? -1
                                                                   : 0;
        if (push == 0 || onFat * push < 0)
            return 0; // one that nobody can say, or two against each other
        onFat = push;
    }
    switch (quantity) {
    case Followed::FatPercent:
    case Followed::FatMass:
    case Followed::FatMassIndex:
        return onFat;
    case Followed::FatFreeMass:
    case Followed::FatFreeMassIndex:
        return -onFat;
    default:
        return 0;
    }
}

Comparison compare(Followed quantity, const ComputedTest& earlier, const ComputedTest& now,
                   const LabPrecision& own) {
    Comparison comparison;
    comparison.from = earlier.record().startedAt;
    comparison.to = now.record().startedAt;
    const auto before = valueOf(quantity, earlier, own), after = valueOf(quantity, now, own);
    if (!before || !after) {
        comparison.why = {FUSAIN_TEXT("not comparable: one of the tests does not give it"), {}};
        return comparison;
    }
    comparison.known = true;
    if (auto reason = obstacle(quantity, earlier, now)) {
        comparison.why = std::move(*reason);
        return comparison;
    }
    comparison.change = changeBetween(*before, *after);
    comparison.unlike = unlikeFor(quantity, earlier, now);
    if (!comparison.unlike.empty()) {
        comparison.why = whyUnlike(comparison.unlike.front());
        return comparison;
    }
    comparison.verdict = comparison.change.real() ? Verdict::Real : Verdict::MayBeNoise;
    comparison.why = {comparison.change.real() ? FUSAIN_TEXT("exceeds the LSC ({1} {2})")
                                               : FUSAIN_TEXT("within measurement error (LSC {1} {2})"),
                      {fixed(comparison.change.leastSignificant, textOf(quantity).decimals),
                       std::string(textOf(quantity).unit)}};
    const double weeks =
        static_cast<double>(comparison.to.milliseconds - comparison.from.milliseconds) / millisecondsADay / 7.0;
    if (weeks >= 1.0)
        comparison.perWeek = comparison.change.difference / weeks;
    return comparison;
}

Comparison compareConverted(const ComputedTest& earlier, const ComputedTest& now,
                            const CrossCalibration& line) {
    Comparison comparison;
    comparison.from = earlier.record().startedAt;
    comparison.to = now.record().startedAt;
    const auto before = valueOf(Followed::FatPercent, earlier), after = valueOf(Followed::FatPercent, now);
    if (!before || !after || methodOf(earlier.test) != line.from || methodOf(now.test) != line.to) {
        comparison.why = {FUSAIN_TEXT("not comparable: another method"), {}};
        return comparison;
    }
    if (!line.covers(before->value)) {
        comparison.why = {FUSAIN_TEXT("not comparable: {1} % is outside the range of the cross-calibration"),
                          {fixed(before->value, 1)}};
        return comparison;
    }
    comparison.change = {after->value - line.convert(before->value),
                         quality::leastSignificantChangeConverted(line.slope, before->visitError,
                                                                  after->visitError, line.scatter.value())};
    comparison.verdict = comparison.change.real() ? Verdict::Real : Verdict::MayBeNoise;
    comparison.why = {
        comparison.change.real()
            ? FUSAIN_TEXT("exceeds the LSC, converted from another method: then {1} % by the new one")
            : FUSAIN_TEXT("within measurement error, converted from another method: then {1} % by the new one"),
        {fixed(line.convert(before->value), 1)}};
    return comparison;
}

Message rateSentence(double perWeek, Kilograms mass) {
    const double percent = 100.0 * std::abs(perWeek) / mass.value();
    const std::vector<std::string> arguments{fixed(std::abs(perWeek), 2), fixed(percent, 1)};
    if (percent < 0.05)
        return {FUSAIN_TEXT("The mass hardly changes from week to week."), {}};
    if (perWeek > 0.0)
        return {FUSAIN_TEXT("{1} kg gained a week ({2} % of the mass)."), arguments};
    if (percent > 1.5)
        return {FUSAIN_TEXT("{1} kg lost a week ({2} % of the mass) is faster than any usual limit. A "
                            "physician should know."),
                arguments};
    if (percent > 1.0)
        return {FUSAIN_TEXT("{1} kg lost a week ({2} % of the mass) is faster than the usual 0.5 to 1 % a "
                            "week. Lean mass is lost as well."),
                arguments};
    return {FUSAIN_TEXT("{1} kg lost a week ({2} % of the mass): within the usual range of up to 1 % a week."),
            arguments};
}

std::optional<MassBalance> massBalance(const ComputedTest& earlier, const ComputedTest& now,
                                       const LabPrecision& own) {
    if (obstacle(Followed::FatMass, earlier, now) || !unlikeFor(Followed::FatMass, earlier, now).empty() ||
        !earlier.composition() || !now.composition())
        return std::nullopt;
    MassBalance balance;
    const Change fat =
        changeBetween(*valueOf(Followed::FatMass, earlier, own), *valueOf(Followed::FatMass, now, own));
    balance.parts.push_back({FUSAIN_TEXT("fat"), fat});
    const auto partsThen = weighedParts(earlier, own), partsNow = weighedParts(now, own);
    const auto water = [](const ComputedTest& test) { return ownValue(Followed::BodyWater, test, {}); };
    if (!partsThen.empty() && partsThen.size() == partsNow.size()) {
        for (std::size_t i = 0; i < partsNow.size(); ++i)
            balance.parts.push_back(
                {partsNow[i].first, changeBetween(partsThen[i].second, partsNow[i].second)});
    } else {
        Change rest = changeBetween(*valueOf(Followed::FatFreeMass, earlier, own),
                                    *valueOf(Followed::FatFreeMass, now, own));
        if (const auto before = water(earlier), after = water(now); before && after) {
            const Change moved = changeBetween(*before, *after);
            balance.parts.push_back({FUSAIN_TEXT("water"), moved});
            rest = {rest.difference - moved.difference,
                    std::hypot(rest.leastSignificant, moved.leastSignificant)};
            balance.parts.push_back({FUSAIN_TEXT("the rest"), rest});
        } else {
            balance.parts.push_back({FUSAIN_TEXT("fat-free mass"), rest});
        }
    }
    for (const auto& each : balance.parts)
        balance.mass += Kilograms(each.change.difference);
    return balance;
}

} // namespace fusain
