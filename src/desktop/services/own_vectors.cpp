#include "desktop/services/own_vectors.hpp"

#include "core/anthropometry/ages.hpp"
#include "record/all/record.hpp"

namespace fusain::desktop {

std::shared_ptr<const impedance::VectorReference> OwnVectors::of(Sex sex) {
    if (collectedAt_ != book_.eventCount()) {
        collectedAt_ = book_.eventCount();
        collect();
    }
    const auto found = bySex_.find(sex);
    return found == bySex_.end() ? nullptr : found->second;
}

void OwnVectors::collect() {
    constexpr std::size_t enough = 30;
    std::map<Sex, std::map<std::string, impedance::BodyVector>> people;
    for (const AnyTest& any : book_.testsSince(Instant{}, ImpedanceMethod::id)) {
        const auto& past = std::get<ImpedanceTest>(any);
        const ImpedanceSweep* sweep = past.sweep();
        const auto whole = sweep ? sweep->readings.standard(impedance::Segment::WholeBody) : std::nullopt;
        if (whole && past.state == TestState::Signed && past.subject.age >= anthropometry::adultAge &&
            past.setup.geometry == impedance::ElectrodeGeometry::SupineGel)
            people[past.subject.sex][past.subject.clientId] = impedance::vectorOf(*whole, past.subject.height);
    }
    bySex_.clear();
    for (const auto& [group, vectors] : people) {
        std::vector<impedance::BodyVector> list;
        for (const auto& [client, vector] : vectors)
            list.push_back(vector);
        if (list.size() < enough)
            continue;
        if (auto own = impedance::ownReference(
                list, group, group == Sex::Male ? "this lab's own men" : "this lab's own women"))
            bySex_[group] = std::make_shared<const impedance::VectorReference>(*own);
    }
}

} // namespace fusain::desktop
