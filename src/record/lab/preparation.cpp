#include "record/lab/preparation.hpp"

#include "record/base/json.hpp"

#include <set>

namespace fusain {
namespace {

PreparationKind preparationKindFrom(const Json& json) {
    const auto text = json.get<std::string>();
    if (text == "avoid")
        return PreparationKind::Avoid;
    if (text == "do")
        return PreparationKind::Do;
    if (text == "bring")
        return PreparationKind::Bring;
    if (text == "tell")
        return PreparationKind::Tell;
    throw Json::other_error::create(501, "unknown kind \"" + text + "\"; avoid, do, bring or tell", &json);
}

PreparationTopic topicFrom(const Json& json) {
    PreparationTopic topic;
    topic.id = json.at("topic").get<std::string>();
    topic.kind = preparationKindFrom(json.at("kind"));
    topic.sentence = json.at("sentence").get<std::string>();
    topic.child = json.value("child", "");
    topic.why = json.at("why").get<std::string>();
    topic.rules = json.at("rules").get<std::vector<std::string>>();
    topic.adultsOnly = json.value("adults_only", false);
    if (topic.sentence.empty() || topic.rules.empty())
        throw Json::other_error::create(501, "a topic has a sentence and at least one rule", &json);
    return topic;
}

} // namespace

Expected<PreparationTexts> preparationFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] {
        PreparationTexts texts;
        texts.id = json.at("id").get<std::string>();
        std::set<std::string> seen;
        for (const Json& entry : json.at("topics")) {
            texts.topics.push_back(topicFrom(entry));
            if (!seen.insert(texts.topics.back().id).second)
                throw Json::other_error::create(
                    501, "the topic \"" + texts.topics.back().id + "\" stands twice", &entry);
        }
        texts.inTheLab = json.value("in_the_lab", std::vector<std::string>{});
        return texts;
    });
}

} // namespace fusain
