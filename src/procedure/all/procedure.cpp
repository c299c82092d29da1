#include "procedure/all/procedure.hpp"

#include "procedure/all/methods.hpp"
#include "record/base/json.hpp"

namespace fusain {
namespace {

using Begun = Expected<std::unique_ptr<Procedure>>;

/// Calls make.operator()<Method>(policy) for the method of the policy.
template <class Make>
Begun byMethodOf(const AnyPolicy& policy, Make make) {
    Begun begun;
    Methods::with(methodOf(policy), [&]<class Method> {
        begun = make.template operator()<Method>(std::get<typename Method::Policy>(policy));
    });
    return begun;
}

} // namespace

Begun beginTest(const AnyPolicy& policy, const Protocol& protocol, const std::string& testId,
                const TestSubject& subject, const Staff& atTheBench, Journal& journal, Clock clock,
                std::optional<Instant> takenAt) {
    return byMethodOf(policy, [&]<class Method>(const typename Method::Policy& own) -> Begun {
        using Own = typename Running<Method>::Procedure;
        auto begun = Own::begin({own, protocol}, testId, subject, atTheBench, journal, clock, takenAt);
        if (!begun)
            return tl::unexpected(begun.error());
        if (auto done = Running<Method>::setUp(*begun, own); !done)
            return tl::unexpected(done.error());
        return std::make_unique<Own>(std::move(*begun));
    });
}

Begun resumeTest(const AnyPolicy& policy, const Protocol& protocol, std::vector<Event> events,
                 const Staff& atTheBench, Journal& journal, Clock clock) {
    return byMethodOf(policy, [&]<class Method>(const typename Method::Policy& own) -> Begun {
        using Own = typename Running<Method>::Procedure;
        auto resumed = Own::resume({own, protocol}, std::move(events), atTheBench, journal, std::move(clock));
        if (!resumed)
            return tl::unexpected(resumed.error());
        return std::make_unique<Own>(std::move(*resumed));
    });
}

AnyTest snapshotOf(const Procedure& procedure) {
    AnyTest snapshot;
    Methods::with(procedure.method(), [&]<class Method> { snapshot = runningAs<Method>(procedure).test(); });
    return snapshot;
}

} // namespace fusain
