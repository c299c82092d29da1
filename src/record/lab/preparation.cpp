#include "record/lab/preparation.hpp"

#include "record/base/fields.hpp"

#include <set>

namespace fusain {
namespace {

constexpr Named<PreparationKind> preparationKinds[] = {{"avoid", PreparationKind::Avoid},
                                                       {"do", PreparationKind::Do},
                                                       {"bring", PreparationKind::Bring},
                                                       {"tell", PreparationKind::Tell}};

const Fields<PreparationTopic>& topicFields() {
    using Topic = PreparationTopic;
    static const auto fields =
        Fields<Topic>("topic")
            .required("topic", &Topic::id, "stable")
            .word("kind", &Topic::kind, preparationKinds, "what the line asks for")
            .required("sentence", &Topic::sentence, "{1} is the clock time, worked back from the appointment")
            .optional("child", &Topic::child, "the sentence for a child, where it is another")
            .required("why", &Topic::why, "in one short sentence")
            .required("rules", &Topic::rules, "of the protocols; the strictest that applies counts")
            .optional("adults_only", &Topic::adultsOnly, "not on a child's sheet")
            .check([](const Topic& topic) {
                return std::string(topic.sentence.empty() || topic.rules.empty()
                                       ? "a topic has a sentence and at least one rule"
                                       : "");
            });
    return fields;
}

const Fields<PreparationTexts>& textFields() {
    using Texts = PreparationTexts;
    static const auto fields =
        Fields<Texts>("preparation texts")
            .format("fusain-preparation", 1)
            .required("id", &Texts::id, "stable")
            .list("topics", &Texts::topics, topicFields(), "lines of the sheets", Presence::Required)
            .optional("in_the_lab", &Texts::inTheLab, "rules that only the lab can keep")
            .check([](const Texts& texts) {
                std::set<std::string> seen;
                for (const PreparationTopic& topic : texts.topics)
                    if (!seen.insert(topic.id).second)
                        return "the topic \"" + topic.id + "\" is there twice";
                return std::string();
            });
    return fields;
}

} // namespace

Expected<PreparationTexts> preparationFromJson(const Json& json, const std::string& where) {
    return readDocument(where, [&] { return textFields().read(json); });
}

DocumentKind preparationKind() {
    return {"Preparation texts", textFields().notes()};
}

} // namespace fusain
