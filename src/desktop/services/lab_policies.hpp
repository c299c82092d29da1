#pragma once
#include "desktop/services/lab_references.hpp"
#include "record/all/policy.hpp"

namespace fusain::desktop {

/// Which policies are in force in this lab.
class LabPolicies {
public:
    LabPolicies(store::LabBook& book, const LabCatalogue& catalogue, const LabReferences& references)
        : book_(book), catalogue_(catalogue), references_(references) {}

    [[nodiscard]] const AnyPolicy& inForce(std::string_view method) const;
    /// The policy in force with the lab's own calibrations put in, as a new test takes it.
    [[nodiscard]] AnyPolicy forNewTest(std::string_view method) const;
    /// The reference set for %fat that this lab chose, else the policy's.
    [[nodiscard]] const reference::ReferenceSet* fatReferenceFor(const MethodPolicy& policy) const;

private:
    store::LabBook& book_;
    const LabCatalogue& catalogue_;
    const LabReferences& references_;
};

} // namespace fusain::desktop
