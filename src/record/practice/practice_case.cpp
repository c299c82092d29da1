#include "record/practice/practice_case.hpp"

#include "record/all/record.hpp"
#include "record/base/people.hpp"
#include "record/practice/practice_fields.hpp"

#include <algorithm>
#include <array>

namespace fusain {
namespace {

constexpr Named<GoalKind> goalKinds[] = {
    {"catch", GoalKind::Catch}, {"restraint", GoalKind::Restraint}, {"finish", GoalKind::Finish}};
constexpr std::array<std::string_view, 3> levels{"plain", "harder", "nasty"};
constexpr std::array<std::string_view, 4> neededOfPerson{"sex", "mass_kg", "fat_fraction", "height_cm"};

const Fields<PracticeGoal>& goalFields() {
    using Goal = PracticeGoal;
    static const auto fields =
        Fields<Goal>("goal")
            .required("id", &Goal::id, "stable within the case")
            .word("kind", &Goal::kind, goalKinds, "what it is about", Presence::Optional)
            .required("say", &Goal::say, "what was done when the fact holds")
            .sparse("missed", &Goal::missed, "what happened when it does not; else what was to be done")
            .required("fact", &Goal::fact, "of the finished record")
            .optional("least", &Goal::least, "of the fact")
            .sparse("most", &Goal::most, "of the fact")
            .sparse("cost", &Goal::cost, "of missing it")
            .sparse("practise", &Goal::practise, "what to practise next");
    return fields;
}

const Fields<PracticeFault>& faultFields() {
    static const auto fields =
        Fields<PracticeFault>("fault")
            .required("fault", &PracticeFault::name, "of the simulated instruments")
            .sparse("recordings", &PracticeFault::recordings, "from 1, in order of time", atLeast(1));
    return fields;
}

const Fields<PracticeRemark>& remarkFields() {
    static const auto fields = Fields<PracticeRemark>("remark")
                                   .required("step", &PracticeRemark::step, "when it is reached")
                                   .required("say", &PracticeRemark::say, "what the person says then");
    return fields;
}

const Fields<PracticeChecks>& checksFields() {
    static const auto fields = Fields<PracticeChecks>("checks of the mornings before")
                                   .required("instrument", &PracticeChecks::instrument, "id")
                                   .required("check", &PracticeChecks::check, "id")
                                   .required("readings", &PracticeChecks::readings, "the last is yesterday's");
    return fields;
}

const Fields<PracticeMistaken>& mistakenFields() {
    using Mistaken = PracticeMistaken;
    static const auto fields =
        Fields<Mistaken>("record opened by mistake")
            .required("name", &Mistaken::name, "nearly the same")
            .required("born", &Mistaken::birthDate, "of that person")
            .required("height_cm", &Mistaken::height, "of that person", between(50.0, 250.0));
    return fields;
}

const Fields<readiness::Answer>& practiceAnswerFields() {
    using readiness::Answer;
    static const auto fields =
        Fields<Answer>("answer")
            .sparse("hours", &Answer::ago, "how long ago", atLeast(0.0))
            .sparse("number", &Answer::number, "in the unit of the rule")
            .sparse("choice", &Answer::choice, "one of the rule's")
            .check([](const Answer& answer) {
                return std::string(answer.unknown() ? "an answer has hours, a number or a choice" : "");
            });
    return fields;
}

const Fields<PracticeEarlier>& earlierFields() {
    static const auto fields = [] {
        auto made = Fields<PracticeEarlier>("earlier test");
        made.required("weeks_ago", &PracticeEarlier::weeksAgo, "how long ago", aboveUpTo(0.0, 5200.0));
        addPerson(made, "person", &PracticeEarlier::person, "what was different of the body then",
                  Presence::Sparse);
        return made;
    }();
    return fields;
}

std::string caseProblem(const PracticeCase& read) {
    if (std::ranges::find(methods, read.method) == methods.end())
        return "unknown method \"" + read.method + "\"";
    if (std::ranges::find(levels, read.level) == levels.end())
        return "level is plain, harder or nasty";
    for (const std::string_view needed : neededOfPerson)
        if (!read.person->contains(std::string(needed)))
            return "person lacks " + std::string(needed);
    return read.goals.empty() ? "a case has at least one goal" : "";
}

const Fields<PracticeCase>& caseFields() {
    using Case = PracticeCase;
    static const auto fields = [] {
        auto made = Fields<Case>("practice case");
        made.format("fusain-practice", 2)
            .required("id", &Case::id, "stable")
            .required("method", &Case::method, "that is practised")
            .required("title", &Case::title, "as a person reads it")
            .required("level", &Case::level, "plain, harder or nasty")
            .required("story", &Case::story, "what the trainee is told")
            .required("name", &Case::name, "as the person says it")
            .required("born", &Case::birthDate, "as the person says it");
        addPerson(made, "person", &Case::person, "body of the simulator", Presence::Required);
        const FieldNote faults{
            "faults",         "list of faults, each a name or a part", {}, {},
            Presence::Sparse, "of the simulated instruments",          {}, faultFields().notes()};
        made.custom(
            faults,
            [faults](const Json& json, Case& read) {
                for (const Json& each : listIn(json, faults))
                    read.faults.push_back(each.is_string() ? PracticeFault{each.get<std::string>(), {}}
                                                           : faultFields().read(each));
            },
            [](const Case& read) {
                Json list = Json::array();
                for (const PracticeFault& fault : read.faults)
                    list.push_back(faultFields().write(fault));
                return list;
            });
        addAnswers(made, "answers", &Case::answers, "by rule; the others are answered as asked");
        made.list("remarks", &Case::remarks, remarkFields(), "what the person says by itself",
                  Presence::Sparse);
        made.custom(
            {"hints", "texts by step", {}, {}, Presence::Sparse, "for who asks", {}, {}},
            [](const Json& json, Case& read) { read.hints = json.get<std::map<std::string, std::string>>(); },
            [](const Case& read) { return Json(read.hints); });
        made.list("checks", &Case::checks, checksFields(), "of the mornings before", Presence::Sparse)
            .part("earlier", &Case::earlier, earlierFields(), "the same person's earlier test")
            .part("mistaken_for", &Case::mistaken, mistakenFields(), "whose record was opened")
            .list("expect", &Case::goals, goalFields(), "what should be noticed or done", Presence::Required)
            .check(caseProblem);
        return made;
    }();
    return fields;
}

const Fields<PracticeAct>& actFields() {
    using Act = PracticeAct;
    static const auto fields = Fields<Act>("practice act")
                                   .format("fusain-practice-act", 1)
                                   .required("id", &Act::id, "stable")
                                   .required("methods", &Act::methods, "where it is offered")
                                   .required("say", &Act::say, "on the button")
                                   .required("helped", &Act::helped, "what happens when it was the reason")
                                   .required("in_vain", &Act::inVain, "what happens when it was not");
    return fields;
}

} // namespace

void checkMethod(const std::string& method, const Json& at) {
    if (std::ranges::find(methods, method) == methods.end())
        throw Json::other_error::create(501, "unknown method \"" + method + "\"", &at);
}

readiness::Answer practiceAnswerFromJson(const Json& json) {
    return practiceAnswerFields().read(json);
}

Document personFrom(const Json& json, const FieldNote& note) {
    static constexpr std::array<std::string_view, 12> numbers{"mass_kg",
                                                              "fat_fraction",
                                                              "residual_volume_l",
                                                              "vital_capacity_l",
                                                              "fat_free_density_kg_per_l",
                                                              "more_thoracic_gas_l",
                                                              "height_cm",
                                                              "water_of_fat_free",
                                                              "right_arm",
                                                              "left_arm",
                                                              "trunk_fat",
                                                              "limbs"};
    if (!json.is_object())
        refuse(json, note, "is " + std::string(json.type_name()));
    for (const auto& [key, value] : json.items()) {
        if (key == "sex")
            static_cast<void>(sexFromText(value.get<std::string>()));
        else if (std::ranges::find(numbers, key) == numbers.end())
            refuse(json, note, "has an unknown key \"" + key + "\"");
        else
            static_cast<void>(numberIn(value, {key, "number", {}, between(0.0, 1000.0), {}, {}, {}, {}}));
    }
    return json;
}

Expected<PracticeCase> practiceCaseFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] {
        PracticeCase read = caseFields().read(json);
        for (PracticeGoal& goal : read.goals)
            if (goal.missed.empty())
                goal.missed = goal.say;
        return read;
    });
}

Expected<PracticeAct> practiceActFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] {
        PracticeAct act = actFields().read(json);
        for (const std::string& method : act.methods)
            checkMethod(method, json);
        return act;
    });
}

DocumentKind practiceCaseKind() {
    return {"Practice case", caseFields().notes()};
}

DocumentKind practiceActKind() {
    return {"Practice act", actFields().notes()};
}

} // namespace fusain
