#include "record/library/catalogue.hpp"

#include <algorithm>
#include <cassert>

namespace fusain {
namespace {

template <class List, class Project>
auto findIn(const List& list, const std::string& key, Project project) -> const typename List::value_type* {
    const auto found = std::ranges::find(list, key, project);
    return found == list.end() ? nullptr : &*found;
}

} // namespace

const AnyPolicy* LabCatalogue::policy(const std::string& id) const {
    return findIn(policies, id, [](const AnyPolicy& each) { return common(each).id; });
}

const AnyPolicy& LabCatalogue::policyFor(std::string_view method, const std::string& id) const {
    if (const AnyPolicy* found = policy(id); found && methodOf(*found) == method)
        return *found;
    const auto first =
        std::ranges::find(policies, method, [](const AnyPolicy& each) { return methodOf(each); });
    assert(first != policies.end()); // the catalogue is refused when a method has none
    return *first;
}

const Instrument* LabCatalogue::instrument(const std::string& id) const {
    return findIn(instruments, id, &Instrument::id);
}

const Protocol* LabCatalogue::protocol(const std::string& id) const {
    return findIn(protocols, id, &Protocol::id);
}

const Protocol& LabCatalogue::protocolFor(std::string_view method, const std::string& id) const {
    if (const Protocol* found = protocol(id); found && found->method == method)
        return *found;
    const auto first = std::ranges::find(protocols, method, &Protocol::method);
    assert(first != protocols.end());
    return *first;
}

const reference::ReferenceSet* LabCatalogue::reference(const std::string& id) const {
    return findIn(references, id, &reference::ReferenceSet::id);
}
const reference::ReferenceSet* LabCatalogue::referenceFor(const std::string& quantity) const {
    return findIn(references, quantity, &reference::ReferenceSet::quantity);
}
void LabCatalogue::keep(reference::ReferenceSet set) {
    const auto found = std::ranges::find(references, set.id, &reference::ReferenceSet::id);
    if (found == references.end())
        references.push_back(std::move(set));
    else
        *found = std::move(set);
}

} // namespace fusain
