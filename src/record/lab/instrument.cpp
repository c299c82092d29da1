#include "record/lab/instrument.hpp"

#include "record/base/fields.hpp"
#include "record/base/people.hpp"

#include <algorithm>
#include <cmath>

namespace fusain {
namespace {

const Fields<quality::CheckRule>& ruleFields() {
    using Rule = quality::CheckRule;
    static const auto fields =
        Fields<Rule>("rule of a check")
            .required("nominal", &Rule::nominal, "certified value of the reference object, in the check's unit")
            .optional("readings", &Rule::readings, "how many are taken", between(1, 100))
            .sparse("mean_limit", &Rule::meanLimit, "of the mean against the nominal value", above(0.0))
            .sparse("spread_limit", &Rule::spreadLimit, "of the standard deviation", above(0.0))
            .sparse("each_limit", &Rule::eachLimit, "of each reading against the nominal value", above(0.0))
            .check([](const Rule& rule) {
                return std::string(rule.meanLimit || rule.eachLimit ? ""
                                                                    : "a check needs mean_limit or each_limit");
            });
    return fields;
}

const Fields<CheckDefinition>& checkFields() {
    using Check = CheckDefinition;
    static const auto fields =
        Fields<Check>("check")
            .required("id", &Check::id, "stable; checks that were made name it")
            .required("title", &Check::title, "as a person reads it")
            .required("unit", &Check::unit, "of its numbers")
            .optional("decimals", &Check::decimals, "that are shown", between(0, 6))
            .flat(&Check::rule, ruleFields())
            .optional("uncertainty", &Check::uncertainty, "standard, of the reference object", atLeast(0.0))
            .required("object", &Check::object, "what the reference object is")
            .sparse("certificate_until", &Check::certificateUntil, "of the lab's own object")
            .required("every_hours", &Check::every, "how long a passed check holds", above(0.0))
            .optional("blocks", &Check::blocks, "an overdue or failed one keeps tests from starting")
            .required("source", &Check::source, "where the limits come from")
            .sparse("grade", &Check::grade, "how well the source is known");
    return fields;
}

const Fields<Instrument>& instrumentFields() {
    static const auto fields =
        Fields<Instrument>("instrument")
            .required("id", &Instrument::id, "stable; the role of its link")
            .required("name", &Instrument::name, "as a person reads it")
            .required("methods", &Instrument::methods, "ids of those that use it")
            .list("checks", &Instrument::checks, checkFields(), "that it needs", Presence::Required);
    return fields;
}

const Fields<ReferenceObject>& objectFields() {
    using Object = ReferenceObject;
    static const auto fields =
        Fields<Object>("reference object")
            .required("object", &Object::object, "what it is")
            .optional("identification", &Object::identification, "its number")
            .required("nominal", &Object::nominal, "certified value, in the check's unit")
            .required("uncertainty", &Object::uncertainty, "standard, in the check's unit", atLeast(0.0))
            .sparse("certificate_until", &Object::certificateUntil, "absent for one without a certificate");
    return fields;
}

const Fields<CheckLimits>& limitFields() {
    using L = CheckLimits;
    static const auto fields =
        Fields<L>("limits of a check")
            .sparse("mean_limit", &L::mean, "of the mean against the nominal value", above(0.0))
            .sparse("each_limit", &L::each, "of each reading against the nominal value", above(0.0))
            .sparse("spread_limit", &L::spread, "of the standard deviation", above(0.0))
            .required("readings", &L::readings, "how many are taken", between(1, 100))
            .required("every_hours", &L::every, "how long a passed check holds", above(0.0))
            .required("blocks", &L::blocks, "an overdue or failed one keeps tests from starting")
            .required("source", &L::source, "why: the lab's own words");
    return fields;
}

template <class Thing>
Expected<Thing> readChecked(const Json& json, const std::string& where, const Fields<Thing>& fields) {
    auto read = readDocument(where, [&] { return fields.read(json); });
    if (read)
        if (auto problem = problemWith(*read))
            return tl::unexpected(*problem);
    return read;
}

} // namespace

const CheckDefinition* Instrument::check(const std::string& checkId) const {
    const auto found = std::ranges::find(checks, checkId, &CheckDefinition::id);
    return found == checks.end() ? nullptr : &*found;
}

bool Instrument::servesAny(std::span<const std::string_view> those) const {
    return std::ranges::find_first_of(methods, those) != methods.end();
}

Expected<Instrument> instrumentFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] { return instrumentFields().read(json); });
}

Json toJson(const ReferenceObject& object) {
    return objectFields().write(object);
}

Expected<ReferenceObject> referenceObjectFromJson(const Json& json, const std::string& where) {
    return readChecked(json, where, objectFields());
}

std::optional<Problem> problemWith(const ReferenceObject& object) {
    if (object.object.find_first_not_of(" \t") == std::string::npos)
        return Problem{{FUSAIN_TEXT("The reference object needs a name."), {}}, {}, {}, {}};
    if (!std::isfinite(object.nominal) || !(object.uncertainty >= 0.0) || !std::isfinite(object.uncertainty))
        return Problem{{FUSAIN_TEXT("The certified value must be a number and its uncertainty 0 or more."), {}},
                       {},
                       {},
                       {FUSAIN_TEXT("Look at the certificate."), {}}};
    return std::nullopt;
}

void use(CheckDefinition& check, const ReferenceObject& object) {
    check.object = object.object;
    check.identification = object.identification;
    check.rule.nominal = object.nominal;
    check.uncertainty = object.uncertainty;
    check.certificateUntil = object.certificateUntil;
}

Json toJson(const CheckLimits& limits) {
    return limitFields().write(limits);
}

Expected<CheckLimits> checkLimitsFromJson(const Json& json, const std::string& where) {
    return readChecked(json, where, limitFields());
}

std::optional<Problem> problemWith(const CheckLimits& limits) {
    constexpr int mostReadings = 100;
    const auto refuse = [](Message what) { return Problem{std::move(what), {}, {}, {}}; };
    if (!limits.mean && !limits.each)
        return refuse({FUSAIN_TEXT("A check needs a limit for the mean or for each reading."), {}});
    for (const auto& limit : {limits.mean, limits.each, limits.spread})
        if (limit && !(*limit > 0.0 && std::isfinite(*limit)))
            return refuse({FUSAIN_TEXT("A limit must be above 0."), {}});
    if (limits.readings < 1 || limits.readings > mostReadings)
        return refuse(
            {FUSAIN_TEXT("The number of readings must be 1 to {1}."), {std::to_string(mostReadings)}});
    if (!(limits.every > Hours(0.0) && std::isfinite(limits.every.value())))
        return refuse({FUSAIN_TEXT("A check must be valid for more than 0 hours."), {}});
    if (limits.source.find_first_not_of(" \t") == std::string::npos)
        return refuse({FUSAIN_TEXT("Own limits need a reason or a source."), {}});
    return std::nullopt;
}

void use(CheckDefinition& check, const CheckLimits& limits) {
    check.rule.meanLimit = limits.mean;
    check.rule.eachLimit = limits.each;
    check.rule.spreadLimit = limits.spread;
    check.rule.readings = limits.readings;
    check.every = limits.every;
    check.blocks = limits.blocks;
    check.source = limits.source;
}

CheckStatus statusOf(const CheckDefinition& definition, const std::vector<Check>& checks, Instant now) {
    CheckStatus status;
    bool lastPassed = false;
    for (const Check& check : checks) {
        if (check.kind == "service") {
            lastPassed = false;
            status.lastGood.reset();
            status.last.reset();
            continue;
        }
        if (check.kind != definition.id)
            continue;
        status.last = check.at;
        lastPassed = check.passed;
        if (check.passed)
            status.lastGood = check.at;
    }
    if (status.lastGood)
        status.validUntil = status.lastGood->plusMinutes(definition.every.value() * 60.0);
    if (definition.certificateUntil && startOf(*definition.certificateUntil).plusMinutes(24.0 * 60.0) <= now)
        status.state = CheckState::CertificateExpired;
    else if (status.last && !lastPassed)
        status.state = CheckState::Failed;
    else if (status.validUntil && now < *status.validUntil)
        status.state = CheckState::Valid;
    return status;
}

Json toJson(const StudiedPeople& people) {
    Json json = Json::object();
    if (people.sex)
        json["sex"] = sexText(*people.sex);
    if (!people.everybody())
        json["fat_percent"] = {people.leastFat.value(), people.mostFat.value()};
    return json;
}

StudiedPeople studiedPeopleFromJson(const Json& json) {
    StudiedPeople people;
    if (const auto sex = optionalAt<std::string>(json, "sex"))
        people.sex = sexFromText(*sex);
    if (const auto fat = json.find("fat_percent"); fat != json.end()) {
        people.leastFat = Percent(fat->at(0).get<double>());
        people.mostFat = Percent(fat->at(1).get<double>());
    }
    return people;
}

DocumentKind instrumentKind() {
    return {"Instrument", instrumentFields().notes()};
}

DocumentKind referenceObjectKind() {
    return {"Reference object of a check", objectFields().notes()};
}

DocumentKind checkLimitsKind() {
    return {"Own limits of a check", limitFields().notes()};
}

} // namespace fusain
