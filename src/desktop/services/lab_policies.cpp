#include "desktop/services/lab_policies.hpp"

#include "procedure/all/methods.hpp"

namespace fusain::desktop {

const AnyPolicy& LabPolicies::inForce(std::string_view method) const {
    return catalogue_.policyFor(method, book_.setting("policy." + std::string(method)));
}

AnyPolicy LabPolicies::forNewTest(std::string_view method) const {
    AnyPolicy policy = inForce(method);
    Methods::with(method, [&]<class Method> {
        Running<Method>::takeCalibrations(std::get<typename Method::Policy>(policy),
                                          [this](const std::string& key) { return book_.setting(key); });
    });
    return policy;
}

const reference::ReferenceSet* LabPolicies::fatReferenceFor(const MethodPolicy& policy) const {
    return references_.chosenFor("fat-percent", policy.fatReference);
}

} // namespace fusain::desktop
