#include "record/lab/screening.hpp"

#include "record/base/named.hpp"
#include "record/method/protocol.hpp"

#include <algorithm>
#include <array>

namespace fusain {
namespace {

constexpr int eatingLimit = 2; // Morgan 1999

constexpr Named<ScreeningEffect> effects[] = {{"eating", ScreeningEffect::Eating},
                                              {"eating-history", ScreeningEffect::EatingHistory},
                                              {"stop", ScreeningEffect::Stop},
                                              {"protein", ScreeningEffect::Protein}};
constexpr Named<ScreeningAnswer> answers[] = {
    {"no", ScreeningAnswer::No}, {"yes", ScreeningAnswer::Yes}, {"declined", ScreeningAnswer::Declined}};

ScreeningQuestion questionFrom(const Json& json) {
    ScreeningQuestion question{json.at("id").get<std::string>(),   json.at("question").get<std::string>(),
                               json.value("applies_if", ""),       named(json, "effect", effects),
                               json.at("holds_days").get<int>(),   json.at("why").get<std::string>(),
                               json.at("whom").get<std::string>(), json.at("source").get<std::string>(),
                               json.at("grade").get<std::string>()};
    if (!holdsFor(question.appliesIf, {}))
        throw Json::other_error::create(
            501, "applies_if is \"" + question.appliesIf + "\", which is not about people", &json);
    if (question.holdsDays < 1)
        throw Json::other_error::create(501, "holds_days is at least 1", &json);
    return question;
}

ScreeningItem itemFrom(const Json& json) {
    return {json.at("question").get<std::string>(),
            named(json, "answer", answers),
            instantAt(json, "at"),
            instantAt(json, "until"),
            json.at("by").get<std::string>(),
            json.value("set", "")};
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
    return readDocument(where, [&] {
        ScreeningQuestions set{json.at("id").get<std::string>(),
                               json.at("title").get<std::string>(),
                               json.at("version").get<int>(),
                               {}};
        for (const Json& each : json.at("questions"))
            set.questions.push_back(questionFrom(each));
        return set;
    });
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
    Json items = Json::array();
    for (const ScreeningItem& item : screening.items)
        items.push_back({{"question", item.question},
                         {"answer", wordFor(item.answer, answers)},
                         {"at", isoText(item.at)},
                         {"until", isoText(item.until)},
                         {"by", item.by},
                         {"set", item.set}});
    return {{"format", "fusain-client-screening"}, {"items", items}};
}

Expected<Screening> screeningFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] {
        Screening screening;
        for (const Json& item : json.at("items"))
            screening.put(itemFrom(item));
        return screening;
    });
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

} // namespace fusain
