#include "procedure/lab_catalogue.hpp"

#include <algorithm>

namespace fusain {
namespace {

template <class List, class Project>
auto findIn(const List& list, const std::string& key, Project project) -> decltype(list.data()) {
    const auto found = std::ranges::find(list, key, project);
    return found == list.end() ? nullptr : &*found;
}

} // namespace

const HydrostaticPolicy* LabCatalogue::policy(const std::string& id) const {
    return findIn(policies, id, &HydrostaticPolicy::id);
}
const Protocol* LabCatalogue::protocol(const std::string& id) const {
    return findIn(protocols, id, &Protocol::id);
}
const reference::ReferenceSet* LabCatalogue::reference(const std::string& id) const {
    return findIn(references, id, &reference::ReferenceSet::id);
}
const reference::ReferenceSet* LabCatalogue::referenceFor(const std::string& quantity) const {
    return findIn(references, quantity, &reference::ReferenceSet::quantity);
}

} // namespace fusain
