#include "record/lab/key_point_rule.hpp"

#include "record/base/json.hpp"

namespace fusain {
namespace {

KeyPointKind keyPointKindFrom(const Json& json) {
    const std::string kind = json.at("kind").get<std::string>();
    if (kind == "strength")
        return KeyPointKind::Strength;
    if (kind == "watch")
        return KeyPointKind::Watch;
    if (kind == "next")
        return KeyPointKind::Next;
    throw Json::other_error::create(501, "kind must be strength, watch or next", &json);
}

void checkPlaceholders(const KeyPointRule& rule, const Json& json) {
    for (const std::string& text : {rule.sentence, rule.evidence})
        for (std::size_t at = text.find('{'); at != std::string::npos; at = text.find('{', at + 1))
            if (const int number = text.at(at + 1) - '0';
                number < 1 || number > static_cast<int>(rule.arguments.size()))
                throw Json::other_error::create(501, "a placeholder of \"" + text + "\" has no argument",
                                                &json);
}

} // namespace

Expected<KeyPointRule> keyPointRuleFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] {
        KeyPointRule rule{json.at("id").get<std::string>(),
                          keyPointKindFrom(json),
                          json.at("fact").get<std::string>(),
                          json.at("least").get<double>(),
                          json.at("most").get<double>(),
                          json.value("weight", 1.0),
                          json.value("size", ""),
                          json.value("minors", false),
                          json.at("sentence").get<std::string>(),
                          json.at("evidence").get<std::string>(),
                          json.value("arguments", std::vector<std::string>{})};
        if (rule.least > rule.most || !(rule.weight > 0.0))
            throw Json::other_error::create(501, "a rule needs a range and a weight above zero", &json);
        checkPlaceholders(rule, json);
        return rule;
    });
}

} // namespace fusain
