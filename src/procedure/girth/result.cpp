#include "procedure/girth/result.hpp"

#include "core/anthropometry/indices.hpp"
#include "core/numeric/statistics.hpp"
#include "core/units/format.hpp"
#include "procedure/girth/procedure.hpp"
#include "procedure/method/result_json.hpp"

#include <algorithm>
#include <array>
#include <cmath>

namespace fusain {
namespace {

using girth::RepeatVerdict;
using girth::Site;
using girth::Standing;

// Of the readings that make the value: their scatter, no less than what a tape can be read to.
double betweenReadings(const GirthTest& test, const girth::RepeatJudgement& repeats, Centimetres floor) {
    std::vector<double> used;
    for (const int number : repeats.used)
        used.push_back(test.girths.find(number)->value.value());
    return std::max(floor.value(), statistics::standardDeviation(used)) /
           std::sqrt(static_cast<double>(used.size()));
}

SiteGirth siteFrom(const GirthTest& test, const GirthPolicy& policy, Site site,
                   girth::RepeatJudgement repeats) {
    const auto value = Measured<Centimetres>(repeats.value, Source::TapeReading,
                                             Centimetres(betweenReadings(test, repeats, policy.repeatFloor)))
                           .with(Source::LandmarkOfTheDay, policy.dayToDay.of(site))
                           .with(Source::TapeScale, policy.tapeError);
    return {site, value, std::move(repeats)};
}

template <class Q>
GirthIndex indexOf(girth::Index index, const Measured<Q>& value, const std::string& limits,
                   const GirthTest& test, Kilograms mass) {
    GirthIndex made{index, value.estimate().value(), value.halfInterval().value(), girth::limitSet(limits), {},
                    {}};
    const TestSubject& who = test.subject;
    if (!made.limits)
        return made;
    if (who.age < anthropometry::adultAge) {
        made.whyNot = FUSAIN_TEXT("the limits are for adults");
        return made;
    }
    const auto bodyMassIndex = anthropometry::massIndex(mass, who.height);
    if (const auto below = made.limits->bodyMassIndexBelow; below && bodyMassIndex >= *below) {
        made.whyNot = FUSAIN_TEXT("the limits are for people with a lower body mass index");
        return made;
    }
    made.standing = girth::standingOf(made.value, made.half, *made.limits, who.sex);
    return made;
}

void addIndices(GirthResult& result, const GirthTest& test, const GirthPolicy& policy) {
    const SiteGirth* waist = result.at(Site::Waist);
    const SiteGirth* hip = result.at(Site::Hip);
    if (!waist)
        return;
    result.waistToHeight = girth::waistToHeight(waist->value, test.subject.height);
    result.indices.push_back(indexOf(girth::Index::Waist, waist->value, policy.waistLimits, test, result.mass));
    result.indices.push_back(indexOf(girth::Index::WaistToHeight, *result.waistToHeight,
                                     policy.waistToHeightLimits, test, result.mass));
    if (!hip)
        return;
    result.waistToHip = girth::waistToHip(waist->value, hip->value);
    result.indices.push_back(
        indexOf(girth::Index::WaistToHip, *result.waistToHip, policy.waistToHipLimits, test, result.mass));
}

void flagResult(GirthResult& result, const GirthTest& test) {
    for (const SiteGirth& each : result.sites)
        if (each.repeats.verdict == RepeatVerdict::Scattered)
            result.flags.push_back(
                {FUSAIN_TEXT("The readings of one site differ by {1} cm ({2}): their median "
                             "is used."),
                 {fixed(each.repeats.spread.value(), 1), std::string(girth::textOf(each.site).name)}});
    if (test.tape() && !test.tape()->agrees())
        result.flags.push_back(
            {FUSAIN_TEXT("The tape was {1} cm off its rule."), {signedFixed(test.tape()->error().value(), 1)}});
}

struct IndexWords {
    std::string_view name; ///< marked for translation
    std::string_view unit;
    int decimals;
};
// In the order of girth::Index.
constexpr std::array indexWords{IndexWords{FUSAIN_TEXT("Waist"), "cm", 1},
                                IndexWords{FUSAIN_TEXT("Waist-to-height ratio"), "", 3},
                                IndexWords{FUSAIN_TEXT("Waist-to-hip ratio"), "", 3}};

constexpr std::array sentences{
    FUSAIN_TEXT("{1} {2} (95 % CI {3} to {4}): below the limit of {5} ({6})."),
    FUSAIN_TEXT("{1} {2} (95 % CI {3} to {4}): close to the limit of {5} ({6})."),
    FUSAIN_TEXT("{1} {2} (95 % CI {3} to {4}): above the limit of {5} ({6})."),
    FUSAIN_TEXT("{1} {2} (95 % CI {3} to {4}): close to the upper limit of {5} ({6})."),
    FUSAIN_TEXT("{1} {2} (95 % CI {3} to {4}): above the upper limit of {5} ({6}).")};

} // namespace

const SiteGirth* GirthResult::at(Site site) const {
    const auto found = std::ranges::find(sites, site, &SiteGirth::site);
    return found == sites.end() ? nullptr : &*found;
}

Expected<GirthResult> computeGirths(const GirthTest& test, const GirthPolicy& policy) {
    if (!test.mass)
        return tl::unexpected(missingReading("mass"));
    GirthResult result;
    result.mass = Kilograms(test.mass->value);
    for (const Site site : girth::sites)
        if (auto repeats = judgeSite(test, site, policy.repeats); repeats.verdict != RepeatVerdict::NeedMore)
            result.sites.push_back(siteFrom(test, policy, site, std::move(repeats)));
    if (!result.at(Site::Waist))
        return tl::unexpected(missingReading("a waist that counts"));
    addIndices(result, test, policy);
    flagResult(result, test);
    return result;
}

Message sentenceOf(const GirthIndex& index, Sex sex) {
    const IndexWords& words = indexWords[static_cast<std::size_t>(index.index)];
    const auto number = [&](double value) { return fixed(value, words.decimals); };
    if (!index.standing)
        return {FUSAIN_TEXT("{1} {2} (95 % CI {3} to {4}): not compared, {5}."),
                {std::string(words.name), number(index.value), number(index.value - index.half),
                 number(index.value + index.half), std::string(index.whyNot)}};
    const bool high = *index.standing == Standing::CloseToHigh || *index.standing == Standing::High;
    const double limit = high ? *index.limits->highFor(sex) : index.limits->limitFor(sex);
    return {std::string(sentences[static_cast<std::size_t>(*index.standing)]),
            {std::string(words.name),
             number(index.value) + (words.unit.empty() ? "" : " " + std::string(words.unit)),
             number(index.value - index.half), number(index.value + index.half),
             fixed(limit, index.index == girth::Index::Waist ? 0 : 2), std::string(index.limits->title)}};
}

std::vector<Message> girthFindings(const GirthResult& result, Sex sex) {
    std::vector<Message> findings;
    for (const GirthIndex& index : result.indices)
        findings.push_back(sentenceOf(index, sex));
    return findings;
}

Json toJson(const GirthResult& result, const GirthTest& test, const GirthPolicy& policy) {
    Json json = resultJson(result, nullptr);
    json["method"] = GirthMethod::id;
    json["test"] = test.id;
    json["test_version"] = test.version;
    json["recipe"] = {{"engine", girthEngineVersion},
                      {"policy", policy.id},
                      {"waist_limits", policy.waistLimits},
                      {"waist_to_height_limits", policy.waistToHeightLimits},
                      {"waist_to_hip_limits", policy.waistToHipLimits}};
    for (const SiteGirth& each : result.sites) {
        Json site = valueJson(each.value);
        site["readings_used"] = each.repeats.used;
        json["girths"][std::string(girth::textOf(each.site).key)] = std::move(site);
    }
    if (result.waistToHeight)
        json["waist_to_height"] = valueJson(*result.waistToHeight);
    if (result.waistToHip)
        json["waist_to_hip"] = valueJson(*result.waistToHip);
    return json;
}

} // namespace fusain
