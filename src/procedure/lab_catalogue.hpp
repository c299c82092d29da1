#pragma once
#include "core/reference/reference_set.hpp"
#include "record/policy.hpp"
#include "record/protocol.hpp"

#include <vector>

namespace fusain {

/// The data that ships with the program: what a lab can choose from.
struct LabCatalogue {
    std::vector<HydrostaticPolicy> policies; ///< the first is the default
    std::vector<Protocol> protocols;
    std::vector<reference::ReferenceSet> references;

    [[nodiscard]] const HydrostaticPolicy* policy(const std::string& id) const;
    [[nodiscard]] const Protocol* protocol(const std::string& id) const;
    [[nodiscard]] const reference::ReferenceSet* reference(const std::string& id) const;
    /// The first set for a quantity, e.g. "fat-mass-index".
    [[nodiscard]] const reference::ReferenceSet* referenceFor(const std::string& quantity) const;
};

} // namespace fusain
