#include "record/method/protocol.hpp"

#include "core/anthropometry/ages.hpp"
#include "core/units/format.hpp"
#include "record/base/named.hpp"

#include <array>
#include <cmath>
#include <set>
#include <utility>

namespace fusain {
namespace {

using namespace readiness;

Rule ruleFromJson(const Json& json) {
    Rule rule;
    rule.id = json.at("id").get<std::string>();
    rule.question = json.at("question").get<std::string>();
    rule.type = named<AnswerType>(json, "answer",
                                  {{"time-since", AnswerType::TimeSince},
                                   {"choice", AnswerType::Choice},
                                   {"number", AnswerType::Number}});
    rule.okIf = named<Comparison>(json, "ok_if",
                                  {{"at-least", Comparison::AtLeast},
                                   {"more-than", Comparison::MoreThan},
                                   {"at-most", Comparison::AtMost},
                                   {"less-than", Comparison::LessThan},
                                   {"equals", Comparison::Equals}});
    if (rule.type == AnswerType::Choice) {
        rule.limitChoice = json.at("limit").get<std::string>();
        rule.choices = json.at("choices").get<std::vector<std::string>>();
    } else {
        rule.limit = json.at("limit").get<double>();
        rule.unit = json.at("unit").get<std::string>();
    }
    rule.appliesIf = json.value("applies_if", "");
    rule.effect = named<Effect>(
        json, "effect",
        {{"over", Effect::Over}, {"under", Effect::Under}, {"noise", Effect::Noise}, {"none", Effect::None}});
    rule.effectSize = json.value("effect_size", "");
    rule.reason = json.at("reason").get<std::string>();
    rule.source = json.at("source").get<std::string>();
    rule.grade = json.at("grade").get<std::string>();
    rule.actionIfBroken = named<Action>(json, "if_broken",
                                        {{"note", Action::Note},
                                         {"wait", Action::Wait},
                                         {"rebook", Action::Rebook},
                                         {"blocked", Action::Blocked}});
    rule.bars = json.value("bars", "");
    rule.mayAskGroup = json.value("may_ask_group", false);
    if (rule.mayAskGroup && (rule.actionIfBroken == Action::Blocked ||
                             (rule.type == AnswerType::TimeSince && rule.okIf != Comparison::AtLeast)))
        throw Json::other_error::create(
            501, "may_ask_group: each person is asked what blocks a test, and what is soon untrue again",
            &json);
    return rule;
}

std::vector<Rule> rulesFrom(const Json& list, std::set<std::string>& seen) {
    std::vector<Rule> rules;
    for (const Json& entry : list) {
        rules.push_back(ruleFromJson(entry));
        if (!seen.insert(rules.back().id).second)
            throw Json::other_error::create(501, "the id \"" + rules.back().id + "\" is used twice", &entry);
    }
    return rules;
}

} // namespace

const Rule* Protocol::find(const std::string& ruleId) const {
    for (const auto* list : {&screening, &readiness})
        for (const Rule& rule : *list)
            if (rule.id == ruleId)
                return &rule;
    return nullptr;
}

Expected<Protocol> protocolFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] {
        Protocol protocol;
        protocol.document = json;
        std::set<std::string> seen;
        protocol.id = json.at("id").get<std::string>();
        protocol.title = json.at("title").get<std::string>();
        protocol.method = json.at("method").get<std::string>();
        protocol.screening = rulesFrom(json.at("screening"), seen);
        protocol.readiness = rulesFrom(json.at("readiness"), seen);
        protocol.safety = json.at("safety").get<std::vector<std::string>>();
        protocol.rehearsal = json.at("rehearsal").get<std::vector<std::string>>();
        protocol.say = json.value("say", decltype(protocol.say){});
        return protocol;
    });
}

std::optional<bool> holdsFor(const std::string& condition, const AskedPerson& person) {
    if (condition.empty())
        return true;
    if (condition == "repeat test")
        return person.repeatTest;
    if (condition == "woman")
        return person.sex == Sex::Female;
    if (condition == "childbearing age")
        return person.sex == Sex::Female && person.age >= childbearingFrom && person.age <= childbearingTo;
    if (condition == "from 70 years")
        return person.age >= frailtyAskedFrom;
    if (condition == "minor")
        return person.age < anthropometry::adultAge;
    return std::nullopt;
}

Message wantedText(const Rule& rule) {
    if (rule.type == AnswerType::Choice)
        return {rule.limitChoice, {}};
    const bool atLeast = rule.okIf == Comparison::AtLeast || rule.okIf == Comparison::MoreThan;
    const std::string limit = fixed(rule.limit, rule.limit == std::floor(rule.limit) ? 0 : 1);
    if (rule.type == AnswerType::TimeSince)
        return {atLeast ? FUSAIN_TEXT("at least {1} {2} ago") : FUSAIN_TEXT("at most {1} {2} ago"),
                {limit, rule.unit}};
    return {atLeast ? FUSAIN_TEXT("at least {1} {2}") : FUSAIN_TEXT("at most {1} {2}"),
            {limit, rule.unit == "C" ? "°C" : rule.unit}};
}

std::string_view gradeText(std::string_view grade) {
    if (grade == "B")
        return FUSAIN_TEXT("(not yet verified)");
    return grade == "C" ? FUSAIN_TEXT("— lab-adjustable default") : "";
}

std::string_view effectText(Effect effect) {
    static constexpr std::array texts{FUSAIN_TEXT("makes the fat estimate too high"),
                                      FUSAIN_TEXT("makes the fat estimate too low"),
                                      FUSAIN_TEXT("makes the reading less certain"), FUSAIN_TEXT("safety")};
    return texts[static_cast<std::size_t>(effect)];
}

std::string_view actionText(Action action) {
    static constexpr std::array texts{FUSAIN_TEXT("continue"), FUSAIN_TEXT("note it"), FUSAIN_TEXT("wait"),
                                      FUSAIN_TEXT("rebook"), FUSAIN_TEXT("blocked: the physiologist decides")};
    return texts[static_cast<std::size_t>(action)];
}

} // namespace fusain
