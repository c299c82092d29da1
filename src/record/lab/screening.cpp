#include "record/lab/screening.hpp"

#include "record/base/fields.hpp"
#include "record/method/protocol.hpp"

#include <algorithm>
#include <array>

namespace fusain {
namespace {

constexpr int eatingLimit = 2; // Morgan 1999

constexpr Named<ScreeningEffect> screeningEffects[] = {{"eating", ScreeningEffect::Eating},
                                                       {"eating-history", ScreeningEffect::EatingHistory},
                                                       {"stop", ScreeningEffect::Stop},
                                                       {"protein", ScreeningEffect::Protein}};
constexpr Named<ScreeningAnswer> answers[] = {
    {"no", ScreeningAnswer::No}, {"yes", ScreeningAnswer::Yes}, {"declined", ScreeningAnswer::Declined}};

const Fields<ScreeningQuestion>& questionFields() {
    using Question = ScreeningQuestion;
    static const auto fields =
        Fields<Question>("health question")
            .required("id", &Question::id, "stable; answers name it")
            .required("question", &Question::question, "as it is asked")
            .optional("applies_if", &Question::appliesIf, "whom it is asked; everybody where it is empty")
            .word("effect", &Question::effect, screeningEffects, "what a yes means for a plan")
            .required("holds_days", &Question::holdsDays, "after so many days it is asked again",
                      between(1, 3650))
            .required("why", &Question::why, "it is asked")
            .required("whom", &Question::whom, "to turn to instead")
            .required("source", &Question::source, "where it is published")
            .required("grade", &Question::grade, "how well the source is known")
            .check([](const Question& question) {
                return holdsFor(question.appliesIf, {}).has_value()
                           ? std::string()
                           : "applies_if is \"" + question.appliesIf + "\", which is not about people";
            });
    return fields;
}

const Fields<ScreeningQuestions>& questionsFields() {
    using Set = ScreeningQuestions;
    // The version is that of the questions: an answer names the set that it was given to.
    static const auto fields =
        Fields<Set>("health questions")
            .constant("format", "fusain-screening", Presence::Optional)
            .required("id", &Set::id, "stable; answers name it")
            .required("title", &Set::title, "as a person reads it")
            .required("version", &Set::version, "of the questions", atLeast(1))
            .list("questions", &Set::questions, questionFields(), "in the order of asking", Presence::Required);
    return fields;
}

const Fields<ScreeningItem>& itemFields() {
    using Item = ScreeningItem;
    static const auto fields = Fields<Item>("answer")
                                   .required("question", &Item::question, "id")
                                   .word("answer", &Item::answer, answers, "as it was given")
                                   .required("at", &Item::at, "when it was given")
                                   .required("until", &Item::until, "how long it holds")
                                   .required("by", &Item::by, "staff id")
                                   .optional("set", &Item::set, "id and version of the questions");
    return fields;
}

const Fields<Screening>& screeningFields() {
    static const auto fields =
        Fields<Screening>("answers about health")
            .constant("format", "fusain-client-screening", Presence::Optional)
            .list("items", &Screening::items, itemFields(), "the latest of each question", Presence::Required);
    return fields;
}

} // namespace

std::vector<const ScreeningQuestion*> ScreeningQuestions::concerning(Sex sex, Years age) const {
    std::vector<const ScreeningQuestion*> list;
    for (const ScreeningQuestion& question : questions)
        if (holdsFor(question.appliesIf, {sex, age}).value_or(true))
            list.push_back(&question);
    return list;
}

Expected<ScreeningQuestions> screeningQuestionsFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] { return questionsFields().read(json); });
}

const ScreeningItem* Screening::find(const std::string& question) const {
    const auto found = std::ranges::find(items, question, &ScreeningItem::question);
    return found == items.end() ? nullptr : &*found;
}

Clearance Screening::clearanceOf(const std::string& question, Instant now) const {
    const ScreeningItem* item = find(question);
    if (item && item->answer == ScreeningAnswer::Yes)
        return Clearance::Said;
    return item && item->answer == ScreeningAnswer::No && now < item->until ? Clearance::Cleared
                                                                            : Clearance::NotAsked;
}

void Screening::put(ScreeningItem item) {
    std::erase_if(items, [&](const ScreeningItem& other) { return other.question == item.question; });
    items.push_back(std::move(item));
}

ScreeningItem screeningItem(const ScreeningQuestions& set, const ScreeningQuestion& question,
                            ScreeningAnswer answer, Instant at, std::string by) {
    constexpr double minutesADay = 24.0 * 60.0;
    return {question.id,
            answer,
            at,
            at.plusMinutes(question.holdsDays * minutesADay),
            std::move(by),
            set.id + "/" + std::to_string(set.version)};
}

Json toJson(const Screening& screening) {
    return screeningFields().write(screening);
}

Expected<Screening> screeningFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] { return screeningFields().read(json); });
}

std::vector<Asked> askedOf(const ScreeningQuestions& set, const Screening& screening, Sex sex, Years age,
                           Instant now) {
    std::vector<Asked> asked;
    for (const ScreeningQuestion* question : set.concerning(sex, age))
        asked.push_back({question, screening.clearanceOf(question->id, now)});
    return asked;
}

bool eatingConcern(const std::vector<Asked>& asked) {
    int said = 0;
    for (const Asked& each : asked)
        if (each.clearance == Clearance::Said) {
            if (each.question->effect == ScreeningEffect::EatingHistory)
                return true;
            said += each.question->effect == ScreeningEffect::Eating;
        }
    return said >= eatingLimit;
}

DocumentKind healthQuestionsKind() {
    return {"Health questions", questionsFields().notes()};
}

DocumentKind healthAnswersKind() {
    return {"Answers about health", screeningFields().notes()};
}

} // namespace fusain
