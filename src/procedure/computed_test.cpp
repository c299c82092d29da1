#include "procedure/computed_test.hpp"

namespace fusain {
namespace {

template <class... Handlers>
struct Overloaded : Handlers... {
    using Handlers::operator()...;
};

// Record, policy and result of one method always stand at the same place of their variants.
template <std::size_t Method, class Visit>
auto visitMethod(const ComputedTest& computed, Visit visit) {
    return visit(std::get<Method>(computed.test), std::get<Method>(computed.policy),
                 std::get<Method>(computed.result));
}

template <class Visit>
auto visitOwn(const ComputedTest& computed, Visit visit) {
    static_assert(methods.size() == 4);
    switch (computed.test.index()) {
    case 0:
        return visitMethod<0>(computed, visit);
    case 1:
        return visitMethod<1>(computed, visit);
    case 2:
        return visitMethod<2>(computed, visit);
    default:
        return visitMethod<3>(computed, visit);
    }
}

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
    if (const auto* dxa = std::get_if<DxaResult>(&result))
        return &dxa->composition;
    return &density()->body;
}

const DensityResult* ComputedTest::density() const {
    return std::visit(Overloaded{[](const TestResult&) -> const DensityResult* { return nullptr; },
                                 [](const DensityResult& shared) -> const DensityResult* { return &shared; }},
                      result);
}

std::vector<WorkedLine> ComputedTest::sheet() const {
    return visitOwn(*this, [](const auto& record, const auto& own, const auto& found) {
        return workedSheet(record, own, found);
    });
}

Json ComputedTest::document() const {
    return visitOwn(*this, [](const auto& record, const auto& own, const auto& found) {
        return toJson(found, record, own);
    });
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
            [&](const DxaTest& record, const DxaPolicy& own) {
                return assembled(test, policy, computeDxa(record, own));
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
