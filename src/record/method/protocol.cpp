#include "record/method/protocol.hpp"

#include "core/anthropometry/ages.hpp"
#include "core/units/format.hpp"
#include "record/method/record_fields.hpp"

#include <algorithm>
#include <array>
#include <cmath>
#include <set>
#include <utility>

namespace fusain {
namespace {

using namespace readiness;

constexpr Named<AnswerType> answerTypes[] = {
    {"time-since", AnswerType::TimeSince}, {"choice", AnswerType::Choice}, {"number", AnswerType::Number}};
constexpr Named<Comparison> comparisons[] = {{"at-least", Comparison::AtLeast},
                                             {"more-than", Comparison::MoreThan},
                                             {"at-most", Comparison::AtMost},
                                             {"less-than", Comparison::LessThan},
                                             {"equals", Comparison::Equals}};
constexpr Named<Action> brokenActions[] = {
    {"note", Action::Note}, {"wait", Action::Wait}, {"rebook", Action::Rebook}, {"blocked", Action::Blocked}};

constexpr std::array<std::string_view, 4> timeUnits{"min", "h", "d", "days"};
constexpr std::array<std::string_view, 4> grades{"A", "B", "C", "policy"};
// Conditions that are not about people; the method that has such a set-up decides them.
constexpr std::array<std::string_view, 3> setups{"supine analyzer", "standing analyzer", "gel electrodes"};

// What nobody who reads the rule could keep to, or what a person is not asked about in a group.
std::string ruleProblem(const Rule& rule) {
    if (rule.type == AnswerType::Choice &&
        std::ranges::find(rule.choices, rule.limitChoice) == rule.choices.end())
        return "limit \"" + rule.limitChoice + "\" is none of the choices";
    if (rule.type == AnswerType::Choice ? rule.okIf != Comparison::Equals : rule.okIf == Comparison::Equals)
        return "ok_if is \"equals\" for a choice, and for nothing else";
    if (rule.type == AnswerType::TimeSince && std::ranges::find(timeUnits, rule.unit) == timeUnits.end())
        return "unit \"" + rule.unit + "\" is no unit of time; known are: min, h, d, days";
    if (!holdsFor(rule.appliesIf, {}) && std::ranges::find(setups, rule.appliesIf) == setups.end())
        return "applies_if \"" + rule.appliesIf +
               "\" is not known; known are: repeat test, woman, childbearing age, from 70 years, minor, supine "
               "analyzer, standing analyzer, gel electrodes";
    if (std::ranges::find(grades, rule.grade) == grades.end())
        return "grade \"" + rule.grade + "\" is none of: A, B, C, policy";
    if (rule.mayAskGroup && (rule.actionIfBroken == Action::Blocked ||
                             (rule.type == AnswerType::TimeSince && rule.okIf != Comparison::AtLeast)))
        return "may_ask_group: each person is asked what blocks a test, and what is soon untrue again";
    return {};
}

const Fields<Rule>& ruleFields() {
    static const auto fields = [] {
        auto made = Fields<Rule>("rule");
        made.required("id", &Rule::id, "stable within the protocol")
            .required("question", &Rule::question, "as it is asked")
            .word("answer", &Rule::type, answerTypes, "how it is answered")
            .word("ok_if", &Rule::okIf, comparisons, "how the answer is held against the limit");
        const FieldNote limit{"limit",
                              "number, or one of the choices",
                              {},
                              {},
                              Presence::Required,
                              "what the answer is held against",
                              {},
                              {}};
        made.custom(
            limit,
            [limit](const Json& json, Rule& rule) {
                if (rule.type == AnswerType::Choice)
                    rule.limitChoice = json.get<std::string>();
                else
                    rule.limit = numberIn(json, limit);
            },
            [](const Rule& rule) {
                return rule.type == AnswerType::Choice ? Json(rule.limitChoice) : Json(rule.limit);
            });
        made.sparse("unit", &Rule::unit, "of the limit, for times and numbers")
            .sparse("choices", &Rule::choices, "of a question with choices")
            .sparse("applies_if", &Rule::appliesIf, "whom it is asked; everybody where it is absent")
            .word("effect", &Rule::effect, effectWords, "of breaking it on the fat estimate")
            .sparse("effect_size", &Rule::effectSize, "how large the effect is")
            .required("reason", &Rule::reason, "why it is asked")
            .required("source", &Rule::source, "where that is published")
            .required("grade", &Rule::grade, "A, B or C: how well the source is known; policy: the lab's own")
            .word("if_broken", &Rule::actionIfBroken, brokenActions, "what follows")
            .sparse("bars", &Rule::bars, "the way to measure that it closes")
            .sparse("may_ask_group", &Rule::mayAskGroup, "a list may be asked together")
            .check(ruleProblem);
        return made;
    }();
    return fields;
}

// What is said at a step, by its id.
constexpr auto readSayings = [](const Json& json, Protocol& protocol) {
    for (const auto& [step, sentences] : json.items())
        protocol.say[step] = sentences.get<std::vector<std::string>>();
};

const Fields<Protocol>& protocolFields() {
    static const auto fields =
        Fields<Protocol>("protocol")
            .format("fusain-protocol", 2)
            .required("id", &Protocol::id, "stable; records name it")
            .required("title", &Protocol::title, "as a person reads it")
            .required("method", &Protocol::method, "that it is for")
            .list("screening", &Protocol::screening, ruleFields(), "asked first", Presence::Required)
            .list("readiness", &Protocol::readiness, ruleFields(), "asked next", Presence::Required)
            .required("safety", &Protocol::safety, "lines that are always shown")
            .required("rehearsal", &Protocol::rehearsal, "what is practised with the client")
            .custom({"say", "sentences by step", {}, {}, Presence::Sparse, "said aloud to the client", {}, {}},
                    readSayings,
                    [](const Protocol& protocol) -> std::optional<Json> {
                        return protocol.say.empty() ? std::nullopt : std::optional(Json(protocol.say));
                    })
            .check([](const Protocol& protocol) {
                std::set<std::string> seen;
                for (const auto* list : {&protocol.screening, &protocol.readiness})
                    for (const Rule& rule : *list)
                        if (!seen.insert(rule.id).second)
                            return "the id \"" + rule.id + "\" is used twice";
                return std::string();
            });
    return fields;
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
        Protocol protocol = protocolFields().read(json);
        protocol.document = json;
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

DocumentKind protocolKind() {
    return {"Protocol", protocolFields().notes()};
}

} // namespace fusain
