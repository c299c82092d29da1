#include "procedure/any_procedure.hpp"

namespace fusain {
namespace {

template <class Policy>
struct MethodOf;
template <>
struct MethodOf<HydrostaticPolicy> {
    using Type = HydrostaticProcedure;
};
template <>
struct MethodOf<ChamberPolicy> {
    using Type = ChamberProcedure;
};
template <>
struct MethodOf<ImpedancePolicy> {
    using Type = ImpedanceProcedure;
};
template <>
struct MethodOf<DxaPolicy> {
    using Type = DxaProcedure;
};

template <class Method>
Expected<std::unique_ptr<Procedure>> owned(Expected<Method> procedure) {
    if (!procedure)
        return tl::unexpected(procedure.error());
    return std::make_unique<Method>(std::move(*procedure));
}

// The analyzer is connected, and the densitometer set, as the policy says until somebody says otherwise.
Expected<void> setUp(Procedure& procedure, const AnyPolicy& policy) {
    if (const auto* impedance = std::get_if<ImpedancePolicy>(&policy))
        return static_cast<ImpedanceProcedure&>(procedure).setUp(
            {impedance->analyzer, {}, impedance->electrodes, impedance->geometry, "right", std::nullopt});
    if (const auto* dxa = std::get_if<DxaPolicy>(&policy))
        return static_cast<DxaProcedure&>(procedure).setScanner(dxa->scanner);
    return {};
}

} // namespace

Expected<std::unique_ptr<Procedure>> beginTest(const AnyPolicy& policy, const Protocol& protocol,
                                               const std::string& testId, const TestSubject& subject,
                                               const Staff& atTheBench, Journal& journal, Clock clock) {
    auto begun = std::visit(
        [&](const auto& own) {
            using Method = typename MethodOf<std::decay_t<decltype(own)>>::Type;
            return owned<Method>(Method::begin({own, protocol}, testId, subject, atTheBench, journal, clock));
        },
        policy);
    if (begun)
        if (auto done = setUp(**begun, policy); !done)
            return tl::unexpected(done.error());
    return begun;
}

Expected<std::unique_ptr<Procedure>> resumeTest(const AnyPolicy& policy, const Protocol& protocol,
                                                std::vector<Event> events, const Staff& atTheBench,
                                                Journal& journal, Clock clock) {
    return std::visit(
        [&](const auto& own) {
            using Method = typename MethodOf<std::decay_t<decltype(own)>>::Type;
            return owned<Method>(
                Method::resume({own, protocol}, std::move(events), atTheBench, journal, std::move(clock)));
        },
        policy);
}

} // namespace fusain
