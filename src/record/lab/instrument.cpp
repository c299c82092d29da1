#include "record/lab/instrument.hpp"

#include "record/base/json.hpp"
#include "record/base/people.hpp"

#include <algorithm>
#include <cmath>

namespace fusain {
namespace {

std::optional<Date> certificateIn(const Json& json) {
    const auto until = optionalAt<std::string>(json, "certificate_until");
    if (!until)
        return std::nullopt;
    const auto date = dateFromIso(*until);
    if (!date)
        throw Json::other_error::create(501, "certificate_until must be a date like 2027-06-30", &json);
    return date;
}

CheckDefinition checkFrom(const Json& json) {
    CheckDefinition check;
    check.id = json.at("id").get<std::string>();
    check.title = json.at("title").get<std::string>();
    check.unit = json.at("unit").get<std::string>();
    check.decimals = json.value("decimals", 3);
    check.rule = {json.at("nominal").get<double>(), json.value("readings", 1),
                  optionalAt<double>(json, "mean_limit"), optionalAt<double>(json, "spread_limit"),
                  optionalAt<double>(json, "each_limit")};
    check.uncertainty = json.value("uncertainty", 0.0);
    check.object = json.at("object").get<std::string>();
    check.certificateUntil = certificateIn(json);
    check.everyHours = json.at("every_hours").get<double>();
    check.blocks = json.value("blocks", true);
    check.source = json.at("source").get<std::string>();
    if (!check.rule.meanLimit && !check.rule.eachLimit)
        throw Json::other_error::create(501, "a check needs mean_limit or each_limit", &json);
    if (check.rule.readings < 1 || !(check.everyHours > 0.0))
        throw Json::other_error::create(501, "readings and every_hours must be above zero", &json);
    return check;
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
    return readDocument(where, [&] {
        Instrument instrument;
        instrument.id = json.at("id").get<std::string>();
        instrument.name = json.at("name").get<std::string>();
        instrument.methods = json.at("methods").get<std::vector<std::string>>();
        for (const Json& check : json.at("checks"))
            instrument.checks.push_back(checkFrom(check));
        return instrument;
    });
}

Json toJson(const ReferenceObject& object) {
    Json json{{"object", object.object},
              {"identification", object.identification},
              {"nominal", object.nominal},
              {"uncertainty", object.uncertainty}};
    if (object.certificateUntil)
        json["certificate_until"] = isoText(*object.certificateUntil);
    return json;
}

Expected<ReferenceObject> referenceObjectFromJson(const Json& json, const std::string& where) {
    auto read = readDocument(where, [&] {
        return ReferenceObject{json.at("object").get<std::string>(), json.value("identification", ""),
                               json.at("nominal").get<double>(), json.at("uncertainty").get<double>(),
                               certificateIn(json)};
    });
    if (read)
        if (auto problem = problemWith(*read))
            return tl::unexpected(*problem);
    return read;
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
    Json json{{"readings", limits.readings},
              {"every_hours", limits.everyHours},
              {"blocks", limits.blocks},
              {"source", limits.source}};
    for (const auto& [key, limit] : {std::pair("mean_limit", limits.mean), std::pair("each_limit", limits.each),
                                     std::pair("spread_limit", limits.spread)})
        if (limit)
            json[key] = *limit;
    return json;
}

Expected<CheckLimits> checkLimitsFromJson(const Json& json, const std::string& where) {
    auto read = readDocument(where, [&] {
        return CheckLimits{optionalAt<double>(json, "mean_limit"),   optionalAt<double>(json, "each_limit"),
                           optionalAt<double>(json, "spread_limit"), json.at("readings").get<int>(),
                           json.at("every_hours").get<double>(),     json.at("blocks").get<bool>(),
                           json.at("source").get<std::string>()};
    });
    if (read)
        if (auto problem = problemWith(*read))
            return tl::unexpected(*problem);
    return read;
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
    if (!(limits.everyHours > 0.0 && std::isfinite(limits.everyHours)))
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
    check.everyHours = limits.everyHours;
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
        status.validUntil = status.lastGood->plusMinutes(definition.everyHours * 60.0);
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
        json["fat_percent"] = {people.leastFat, people.mostFat};
    return json;
}

StudiedPeople studiedPeopleFromJson(const Json& json) {
    StudiedPeople people;
    if (const auto sex = optionalAt<std::string>(json, "sex"))
        people.sex = sexFromText(*sex);
    if (const auto fat = json.find("fat_percent"); fat != json.end()) {
        people.leastFat = fat->at(0).get<double>();
        people.mostFat = fat->at(1).get<double>();
    }
    return people;
}

} // namespace fusain
