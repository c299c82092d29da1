#include "procedure/all/computed.hpp"

#include "record/base/json.hpp"
#include "record/library/catalogue.hpp"

namespace fusain {

const TestResult& ComputedTest::shared() const {
    return std::visit([](const TestResult& common) -> const TestResult& { return common; }, result);
}

const compartments::Composition* ComputedTest::composition() const {
    return std::visit(
        []<class Result>(const Result& found) -> const compartments::Composition* {
            return Running<typename Result::Method>::composition(found);
        },
        result);
}

const DensityResult* ComputedTest::density() const {
    return std::visit(
        []<class Result>(const Result& found) -> const DensityResult* {
            return Running<typename Result::Method>::density(found);
        },
        result);
}

std::vector<Message> ComputedTest::findings() const {
    return visit([]<class Result>(const auto& record, const auto&, const Result& found) {
        return Running<typename Result::Method>::findings(found, record);
    });
}

std::vector<WorkedLine> ComputedTest::sheet() const {
    return visit(
        [](const auto& record, const auto& own, const auto& found) { return workedSheet(record, own, found); });
}

Json ComputedTest::document() const {
    return visit(
        [](const auto& record, const auto& own, const auto& found) { return toJson(found, record, own); });
}

bool givesFat(std::string_view method) {
    bool gives = false;
    Methods::with(method, [&]<class Method> { gives = Running<Method>::givesFat; });
    return gives;
}

Expected<ComputedTest> computeTest(const AnyTest& test, const AnyPolicy& policy, const WhatIf& whatIf) {
    if (methodOf(test) != methodOf(policy))
        return failure({FUSAIN_TEXT("The policy \"{1}\" is for another method."), {common(policy).id}});
    Expected<ComputedTest> computed;
    Methods::with(methodOf(test), [&]<class Method> {
        auto result = Running<Method>::compute(std::get<typename Method::Record>(test),
                                               std::get<typename Method::Policy>(policy), whatIf);
        if (result)
            computed = ComputedTest{test, policy, std::move(*result)};
        else
            computed = tl::unexpected(result.error());
    });
    return computed;
}

namespace {

Problem notThere(Message what) {
    return {
        std::move(what),
        {},
        {FUSAIN_TEXT("The readings are kept as they are."), {}},
        {FUSAIN_TEXT("Open this lab book with the Fusain that made the test, or choose another policy for it."),
         {}}};
}

} // namespace

Expected<AnyPolicy> policyOf(const AnyTest& test, const LabCatalogue& catalogue) {
    const RawTest& record = common(test);
    if (!record.policy->is_null()) {
        auto kept = anyPolicyFromJson(record.policy, record.id + ", policy_document");
        if (kept && methodOf(*kept) != methodOf(test))
            return failure({FUSAIN_TEXT("The policy \"{1}\" is for another method."), {common(*kept).id}},
                           record.id);
        return kept;
    }
    if (!record.policyId.empty() && !catalogue.policy(record.policyId))
        return tl::unexpected(notThere({FUSAIN_TEXT("There is no policy called \"{1}\"."), {record.policyId}}));
    return catalogue.policyFor(methodOf(test), record.policyId);
}

Expected<Protocol> protocolOf(const AnyTest& test, const LabCatalogue& catalogue) {
    const RawTest& record = common(test);
    if (!record.protocol->is_null()) {
        auto kept = protocolFromJson(record.protocol, record.id + ", protocol_document");
        if (kept && kept->method != methodOf(test))
            return failure({FUSAIN_TEXT("The protocol \"{1}\" is for another method."), {kept->id}}, record.id);
        return kept;
    }
    if (!record.protocolId.empty() && !catalogue.protocol(record.protocolId))
        return tl::unexpected(
            notThere({FUSAIN_TEXT("There is no protocol called \"{1}\"."), {record.protocolId}}));
    return catalogue.protocolFor(methodOf(test), record.protocolId);
}

Expected<ComputedTest> computeByItsPolicy(const AnyTest& test, const LabCatalogue& catalogue,
                                          const WhatIf& whatIf) {
    const auto policy = policyOf(test, catalogue);
    return policy ? computeTest(test, *policy, whatIf) : tl::unexpected(policy.error());
}

} // namespace fusain
