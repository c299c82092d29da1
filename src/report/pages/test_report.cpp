#include "report/pages/test_report.hpp"

#include "core/anthropometry/ages.hpp"
#include "core/anthropometry/indices.hpp"
#include "core/anthropometry/limits.hpp"
#include "procedure/method/reference_standing.hpp"

#include <algorithm>

namespace fusain::report {
namespace {

// Percentile and z-score of what the chosen sets cover.
std::vector<Message> standingsOf(const TestReport& report) {
    std::vector<Message> found;
    const auto add = [&](const reference::ReferenceSet* set, double value) {
        if (const auto sentence = set ? standingIn(*set, report.record().subject, value) : std::nullopt)
            found.push_back(*sentence);
    };
    if (const auto* composition = report.composition())
        add(report.references.fat, composition->fatPercent.estimate().value());
    std::ranges::move(report.visit([]<class Method>(const OwnReport<Method>& own) {
        return Reported<Method>::standings(own);
    }),
                      std::back_inserter(found));
    return found;
}

} // namespace

std::map<std::string_view, SinceLast> TestReport::changesSinceLast() const {
    std::map<std::string_view, SinceLast> changes;
    for (const Statement& statement : statements.all())
        if (const auto* change = std::get_if<ChangeStatement>(&statement);
            change && change->since == Since::Last && change->comparison.verdict != Verdict::NotComparable)
            changes[textOf(change->quantity).id] = {change->comparison.change.difference,
                                                    change->comparison.verdict == Verdict::Real};
    return changes;
}

std::vector<Message> findingsOf(const TestReport& report) {
    auto sentences = findings(report.computed, report.statements,
                              report.history.empty() ? nullptr : &report.history.back());
    const auto standings = standingsOf(report);
    sentences.insert(sentences.begin() + (sentences.empty() ? 0 : 1), standings.begin(), standings.end());
    if (report.history.empty())
        return sentences;
    // What differed in the preparation belongs right behind the change that it may explain.
    const auto differences =
        preparationDifferences(report.record(), report.history.back().record(), report.protocol);
    const auto behind = std::min<std::size_t>(sentences.size(), (report.earlier ? 3 : 1) + standings.size());
    sentences.insert(sentences.begin() + static_cast<std::ptrdiff_t>(behind), differences.begin(),
                     differences.end());
    std::ranges::move(
        report.visit([]<class Method>(const OwnReport<Method>& own) { return Reported<Method>::changes(own); }),
        std::back_inserter(sentences));
    return sentences;
}

bool betterWithoutNumbers(const RawTest& record, Kilograms mass) {
    return record.subject.age >= anthropometry::adultAge &&
           anthropometry::massIndex(mass, record.subject.height) < anthropometry::thinBelow;
}

} // namespace fusain::report
