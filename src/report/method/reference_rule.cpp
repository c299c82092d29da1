#include "report/method/reference_rule.hpp"

#include "report/base/words.hpp"

#include <cmath>

namespace fusain::report {

RuleModel referenceRule(const QString& title, const QString& unit, const Spindle& value, double step,
                        const reference::ReferenceSet* set, const TestSubject& subject,
                        const std::optional<Spindle>& past) {
    RuleModel rule;
    rule.title = title;
    rule.unit = unit;
    rule.from = std::max(0.0, step * std::floor((value.estimate - value.halfWidth - 1.2 * step) / step));
    rule.to = step * std::ceil((value.estimate + value.halfWidth + 2.0 * step) / step);
    if (past)
        rule.spindles.push_back(*past);
    rule.spindles.push_back(value);
    if (const auto* row = set ? set->rowFor(subject.sex, subject.age) : nullptr) {
        rule.from = std::min(rule.from, std::max(0.0, row->low - step));
        rule.to = std::max(rule.to, (row->openAbove() ? row->low : row->high) + step);
        rule.band = {row->low, std::min(row->high, rule.to)};
        rule.reference =
            say(std::string_view(set->title)) + QStringLiteral("; ") + say(std::string_view(set->population));
    }
    return rule;
}

} // namespace fusain::report
