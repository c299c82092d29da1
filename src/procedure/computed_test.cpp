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

const DensityResult& ComputedTest::density() const {
    return std::visit([](const DensityResult& shared) -> const DensityResult& { return shared; }, result);
}

std::vector<WorkedLine> ComputedTest::sheet() const {
    if (const auto* hydrostatic = std::get_if<HydrostaticResult>(&result))
        return workedSheet(std::get<HydrostaticTest>(test), std::get<HydrostaticPolicy>(policy), *hydrostatic);
    return workedSheet(std::get<ChamberTest>(test), std::get<ChamberPolicy>(policy),
                       std::get<ChamberResult>(result));
}

Json ComputedTest::document() const {
    if (const auto* hydrostatic = std::get_if<HydrostaticResult>(&result))
        return toJson(*hydrostatic, std::get<HydrostaticTest>(test), std::get<HydrostaticPolicy>(policy));
    return toJson(std::get<ChamberResult>(result), std::get<ChamberTest>(test),
                  std::get<ChamberPolicy>(policy));
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
