#pragma once
#include "record/base/fields.hpp"
#include "record/practice/practice_case.hpp"

namespace fusain {

// For the sources of practice only.

/// A body of the simulator: its sex and numbers with known names; throws Json::exception for anything else.
[[nodiscard]] Document personFrom(const Json& json, const FieldNote& note);

template <class Owner>
void addPerson(Fields<Owner>& fields, std::string key, Document Owner::*member, std::string meaning,
               Presence presence) {
    const FieldNote note{std::move(key), "body of the simulator", {}, {}, presence, std::move(meaning), {}, {}};
    fields.custom(
        note, [member, note](const Json& json, Owner& owner) { owner.*member = personFrom(json, note); },
        [member](const Owner& owner) { return Json(*(owner.*member)); });
}

/// Answers by the rule that they are to.
template <class Owner>
void addAnswers(Fields<Owner>& fields, std::string key, std::map<std::string, readiness::Answer> Owner::*member,
                std::string meaning) {
    const FieldNote note{std::move(key),   "answers by rule",  {}, {},
                         Presence::Sparse, std::move(meaning), {}, {}};
    fields.custom(
        note,
        [member](const Json& json, Owner& owner) {
            for (const auto& [rule, answer] : json.items())
                (owner.*member)[rule] = practiceAnswerFromJson(answer);
        },
        [](const Owner&) { return std::nullopt; });
}

} // namespace fusain
