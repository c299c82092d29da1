#include "report/test_report.hpp"

#include "core/anthropometry/indices.hpp"

#include "procedure/reference_standing.hpp"

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
        add(report.fatReference, composition->fatPercent.estimate().value());
    if (const ImpedanceResult* result = report.impedance();
        result && result->phaseAngle && result->geometry == impedance::ElectrodeGeometry::SupineGel)
        add(report.phaseAngleReference, result->phaseAngle->estimate().value());
    return found;
}

} // namespace

std::vector<Message> findingsOf(const TestReport& report) {
    auto sentences =
        findings(report.computed, report.fatReference,
                 report.otherSetting ? report.otherSetting : report.earlier, report.baseline, report.precision);
    const auto standings = standingsOf(report);
    sentences.insert(sentences.begin() + (sentences.empty() ? 0 : 1), standings.begin(), standings.end());
    if (report.history.empty())
        return sentences;
    // What differed in the preparation belongs right behind the change that it may explain.
    const auto differences =
        preparationDifferences(report.record(), report.history.back().record(), report.protocol);
    const auto behind = std::min<std::size_t>(sentences.size(), (report.earlier ? 2 : 1) + standings.size());
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
