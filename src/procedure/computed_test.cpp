#include "procedure/computed_test.hpp"

namespace fusain {
namespace {

template <class... Handlers>
struct Overloaded : Handlers... {
    using Handlers::operator()...;
};

template <class Result>
Expected<ComputedTest> assembled(const AnyTest& test, const AnyPolicy& policy, Expected<Result> result) {
    if (!result)
        return tl::unexpected(result.error());
    return ComputedTest{test, policy, std::move(*result)};
}

} // namespace

const TestResult& ComputedTest::shared() const {
    return std::visit([](const TestResult& common) -> const TestResult& { return common; }, result);
}

const compartments::Composition* ComputedTest::composition() const {
    if (const auto* impedance = std::get_if<ImpedanceResult>(&result))
        return impedance->composition ? &*impedance->composition : nullptr;
    return &density()->body;
}

const DensityResult* ComputedTest::density() const {
    return std::visit(Overloaded{[](const ImpedanceResult&) -> const DensityResult* { return nullptr; },
                                 [](const DensityResult& shared) -> const DensityResult* { return &shared; }},
                      result);
}

std::vector<WorkedLine> ComputedTest::sheet() const {
    return std::visit(
        Overloaded{[](const HydrostaticTest& record, const HydrostaticPolicy& own,
                      const HydrostaticResult& found) { return workedSheet(record, own, found); },
                   [](const ChamberTest& record, const ChamberPolicy& own, const ChamberResult& found) {
                       return workedSheet(record, own, found);
                   },
                   [](const ImpedanceTest& record, const ImpedancePolicy& own, const ImpedanceResult& found) {
                       return workedSheet(record, own, found);
                   },
                   [](const auto&, const auto&, const auto&) { return std::vector<WorkedLine>{}; }},
        test, policy, result);
}

Json ComputedTest::document() const {
    return std::visit(Overloaded{[](const HydrostaticTest& record, const HydrostaticPolicy& own,
                                    const HydrostaticResult& found) { return toJson(found, record, own); },
                                 [](const ChamberTest& record, const ChamberPolicy& own,
                                    const ChamberResult& found) { return toJson(found, record, own); },
                                 [](const ImpedanceTest& record, const ImpedancePolicy& own,
                                    const ImpedanceResult& found) { return toJson(found, record, own); },
                                 [](const auto&, const auto&, const auto&) { return Json(); }},
                      test, policy, result);
}

Expected<ComputedTest> computeTest(const AnyTest& test, const AnyPolicy& policy, const WhatIf& whatIf) {
    return std::visit(
        Overloaded{
            [&](const HydrostaticTest& record, const HydrostaticPolicy& own) {
                return assembled(test, policy, computeHydrostatic(record, own, whatIf));
            },
            [&](const ChamberTest& record, const ChamberPolicy& own) {
                return assembled(test, policy, computeChamber(record, own, whatIf));
            },
            [&](const ImpedanceTest& record, const ImpedancePolicy& own) {
                return assembled(test, policy, computeImpedance(record, own, whatIf));
            },
            [&](const auto&, const auto&) -> Expected<ComputedTest> {
                return failure({FUSAIN_TEXT("The policy \"{1}\" is for another method."), {common(policy).id}});
            }},
        test, policy);
}

AnyPolicy policyOf(const AnyTest& test, const LabCatalogue& catalogue) {
    const RawTest& record = common(test);
    if (!record.policy.is_null())
        if (auto kept = anyPolicyFromJson(record.policy, record.id); kept && methodOf(*kept) == methodOf(test))
            return *kept;
    return catalogue.policyFor(methodOf(test), record.policyId);
}

} // namespace fusain
