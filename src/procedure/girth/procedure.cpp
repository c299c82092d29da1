#include "procedure/girth/procedure.hpp"

#include "core/anthropometry/limits.hpp"
#include "core/units/format.hpp"
#include "procedure/girth/events.hpp"
#include "procedure/girth/result.hpp"
#include "procedure/method/result_json.hpp"

#include <algorithm>

namespace fusain {
namespace {

using Done = Procedure::Done;

constexpr Centimetres shortestRule{20.0}, longestRule{200.0};

constexpr NumberedWords words{FUSAIN_TEXT("Excluding a reading needs a reason."),
                              FUSAIN_TEXT("There is no reading {1}.")};

} // namespace

girth::RepeatJudgement judgeSite(const GirthTest& test, girth::Site site, const girth::RepeatRule& rule) {
    std::vector<girth::Repeat> readings;
    for (const GirthReading& each : test.girths)
        if (each.counts() && each.site == site)
            readings.push_back({each.number, each.value});
    return girth::judge(readings, site, rule);
}

std::optional<Json> GirthProcedure::resultDocument() const {
    const auto result = computeGirths(test_, setting_.policy);
    return result ? std::optional(numbersOf(toJson(*result, test_, setting_.policy))) : std::nullopt;
}

bool GirthProcedure::readingDone(Step step) const {
    using enum GirthStep;
    switch (step.as<GirthStep>()) {
    case Tape:
        return test_.tape() && test_.tape()->agrees();
    case Mass:
        return test_.mass.has_value();
    case Girths:
        return !nextSite();
    default:
        return false;
    }
}

bool GirthProcedure::needsAttention(Step step) const {
    return step == GirthStep::Tape && test_.tape() && !isDone(step);
}

int GirthProcedure::countingAt(girth::Site site) const {
    return static_cast<int>(std::ranges::count_if(
        test_.girths, [&](const GirthReading& each) { return each.counts() && each.site == site; }));
}

std::optional<girth::Site> GirthProcedure::nextSite() const {
    std::optional<girth::Site> next;
    for (const girth::Site site : setting_.policy.sites)
        if (judgementOf(site).verdict == girth::RepeatVerdict::NeedMore &&
            (!next || countingAt(site) < countingAt(*next)))
            next = site;
    return next;
}

Done GirthProcedure::checkTape(Centimetres nominal, Centimetres reading, const Attribution& from) {
    for (const Centimetres length : {nominal, reading})
        if (!(length >= shortestRule && length <= longestRule))
            return refused(
                {FUSAIN_TEXT("A rule for the tape is {1} to {2} cm long."),
                 {fixed(shortestRule.value(), 0), fixed(longestRule.value(), 0)}},
                {FUSAIN_TEXT("Type centimetres: the length of the rule, then what the tape shows."), {}});
    return keep<tape::TapeChecked>(TapeCheck{{from, test_.tapeChecks.nextNumber(), {}}, nominal, reading});
}

Done GirthProcedure::weigh(Kilograms mass, const Attribution& from, const std::string& keptBecause) {
    return readMass<tape::MassRead>(GirthStep::Mass, mass, anthropometry::plausibleMass, from, keptBecause);
}

Done GirthProcedure::takeGirth(girth::Site site, Centimetres value, const Attribution& from) {
    if (auto obstacle = obstacleTo(GirthStep::Girths))
        return refused(*obstacle, {});
    const girth::SiteText& text = girth::textOf(site);
    if (!(value >= text.least && value <= text.most))
        return refused({FUSAIN_TEXT("{1} cm is out of range for this site."), {fixed(value.value(), 1)}},
                       {FUSAIN_TEXT("The range is {1} to {2} cm. Check the unit."),
                        {fixed(text.least.value(), 0), fixed(text.most.value(), 0)}});
    if (countingAt(site) >= setting_.policy.repeats.most)
        return refused({FUSAIN_TEXT("{1} readings of a site are the most for one session."),
                        {std::to_string(setting_.policy.repeats.most)}},
                       {FUSAIN_TEXT("Exclude one with a reason, or use what there is."), {}});
    return keep<tape::GirthTaken>(GirthReading{{from, test_.girths.nextNumber(), {}}, site, value});
}

Done GirthProcedure::setAside(int number, const std::string& reason) {
    return setNumberedAside<tape::GirthSetAside>(words, number, test_.girths.find(number), reason);
}

Done GirthProcedure::restore(int number) {
    const GirthReading* reading = test_.girths.find(number);
    if (reading && !reading->counts() && countingAt(reading->site) >= setting_.policy.repeats.most)
        return refused({FUSAIN_TEXT("{1} readings of a site are the most for one session."),
                        {std::to_string(setting_.policy.repeats.most)}},
                       {FUSAIN_TEXT("Exclude another one first."), {}});
    return restoreNumbered<tape::GirthRestored>(words, number, reading);
}

} // namespace fusain
