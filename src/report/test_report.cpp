#include "report/test_report.hpp"

#include "core/anthropometry/indices.hpp"

#include <algorithm>

namespace fusain::report {

std::vector<Message> findingsOf(const TestReport& report) {
    auto sentences =
        findings(report.computed, report.fatReference,
                 report.otherSetting ? report.otherSetting : report.earlier, report.baseline, report.precision);
    if (report.history.empty())
        return sentences;
    // What differed in the preparation belongs right behind the change that it may explain.
    const auto differences =
        preparationDifferences(report.record(), report.history.back().record(), report.protocol);
    const auto behind = std::min<std::size_t>(sentences.size(), report.earlier ? 2 : 1);
    sentences.insert(sentences.begin() + static_cast<std::ptrdiff_t>(behind), differences.begin(),
                     differences.end());
    const auto* before = std::get_if<ImpedanceResult>(&report.history.back().result);
    const ImpedanceResult* now = report.impedance();
    if (before && now && before->vector && now->vector && before->geometry == now->geometry)
        sentences.push_back({FUSAIN_TEXT("Since the last test the vector: {1}."),
                             {std::string(impedance::migrationText(impedance::migration(
                                 *before->vector, *now->vector,
                                 *impedance::vectorReferenceFor(report.record().subject.sex))))}});
    return sentences;
}

bool betterWithoutNumbers(const RawTest& record, Kilograms mass) {
    return record.subject.age.value() >= 18.0 &&
           anthropometry::massIndex(mass, record.subject.height).value() < 18.5;
}

} // namespace fusain::report
