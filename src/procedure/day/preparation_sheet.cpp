#include "procedure/day/preparation_sheet.hpp"

#include <algorithm>
#include <limits>

namespace fusain {
namespace {

using readiness::AnswerType;
using readiness::Comparison;

std::vector<PreparationLine>& listFor(PreparationSheet& sheet, PreparationKind kind) {
    switch (kind) {
    case PreparationKind::Avoid:
        return sheet.avoid;
    case PreparationKind::Do:
        return sheet.prepare;
    case PreparationKind::Bring:
        return sheet.bring;
    case PreparationKind::Tell:
        break;
    }
    return sheet.tell;
}

// When the rule must have begun to be kept for a test at this moment; nothing where it is not about time.
std::optional<Instant> startOf(const readiness::Rule& rule, Instant test) {
    const bool longAgo = rule.okIf == Comparison::AtLeast || rule.okIf == Comparison::MoreThan;
    if (!longAgo || (rule.type != AnswerType::TimeSince && rule.unit != "h" && rule.unit != "days"))
        return std::nullopt;
    return test.plusMinutes(-60.0 * readiness::limitHours(rule));
}

std::optional<PreparationLine> lineOf(const PreparationTopic& topic, std::span<const PlannedMethod> methods,
                                      const SheetReader& reader) {
    PreparationLine line{
        topic.id, reader.child() && !topic.child.empty() ? topic.child : topic.sentence, {}, topic.why};
    bool asked = false;
    for (const PlannedMethod& planned : methods)
        for (const std::string& id : topic.rules)
            if (const auto* rule = planned.protocol->find(id);
                rule && concerns(*rule, reader) && rule->bars.empty()) {
                asked = true;
                if (const auto start = startOf(*rule, planned.at))
                    line.from = line.from ? std::min(*line.from, *start) : *start;
            }
    return asked ? std::optional(line) : std::nullopt;
}

} // namespace

bool concerns(const readiness::Rule& rule, const SheetReader& reader) {
    return holdsFor(rule.appliesIf, {reader.sex, reader.age, reader.repeatTest}).value_or(true);
}

PreparationSheet preparationSheet(std::span<const PlannedMethod> methods, const SheetReader& reader,
                                  const PreparationTexts& texts) {
    PreparationSheet sheet;
    sheet.methods.assign(methods.begin(), methods.end());
    std::ranges::stable_sort(sheet.methods, {}, [](const PlannedMethod& each) { return each.at.milliseconds; });
    sheet.forChild = reader.child();
    for (const PreparationTopic& topic : texts.topics)
        if (!(topic.adultsOnly && reader.child()))
            if (auto line = lineOf(topic, sheet.methods, reader))
                listFor(sheet, topic.kind).push_back(std::move(*line));
    // What begins first stands first.
    std::ranges::stable_sort(sheet.avoid, {}, [](const PreparationLine& line) {
        return line.from ? line.from->milliseconds : std::numeric_limits<std::int64_t>::max();
    });
    return sheet;
}

} // namespace fusain
