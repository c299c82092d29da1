#include "record/lab/key_point_rule.hpp"

#include "record/base/fields.hpp"

namespace fusain {
namespace {

constexpr Named<KeyPointKind> kinds[] = {
    {"strength", KeyPointKind::Strength}, {"watch", KeyPointKind::Watch}, {"next", KeyPointKind::Next}};

std::string placeholderProblem(const KeyPointRule& rule) {
    for (const std::string& text : {rule.sentence, rule.evidence})
        for (std::size_t at = text.find('{'); at != std::string::npos; at = text.find('{', at + 1))
            if (const int number = at + 1 < text.size() ? text[at + 1] - '0' : 0;
                number < 1 || number > static_cast<int>(rule.arguments.size()))
                return "a placeholder of \"" + text + "\" has no argument";
    return {};
}

const Fields<KeyPointRule>& keyPointFields() {
    using Rule = KeyPointRule;
    static const auto fields =
        Fields<Rule>("key point")
            .required("id", &Rule::id, "stable")
            .word("kind", &Rule::kind, kinds, "what it is for the client")
            .required("fact", &Rule::fact, "that is looked at")
            .required("least", &Rule::least, "of the fact, inclusive")
            .required("most", &Rule::most, "of the fact, inclusive")
            .optional("weight", &Rule::weight, "how much it matters", above(0.0))
            .optional("size", &Rule::size, "fact that says how many times its error the finding is")
            .optional("minors", &Rule::minors, "may be said to somebody under 18")
            .required("sentence", &Rule::sentence, "for the client; {1} … are filled with the arguments")
            .required("evidence", &Rule::evidence, "for the physiologist, with the numbers")
            .optional("arguments", &Rule::arguments, "facts for the placeholders of both")
            .check([](const Rule& rule) {
                return std::string(rule.least <= rule.most ? "" : "least must not be more than most");
            })
            .check(placeholderProblem);
    return fields;
}

} // namespace

Expected<KeyPointRule> keyPointRuleFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] { return keyPointFields().read(json); });
}

DocumentKind keyPointKind() {
    return {"Key point", keyPointFields().notes()};
}

} // namespace fusain
