#pragma once
#include "core/impedance/vector.hpp"
#include "store/book/lab_book.hpp"

#include <map>
#include <memory>

namespace fusain::desktop {

/// The impedance vectors of the lab's own people, adults measured lying with gel electrodes, each by the latest
/// signed test. Read again only when the book has grown.
class OwnVectors {
public:
    explicit OwnVectors(store::LabBook& book) : book_(book) {}
    /// @return null where there are fewer than thirty people of this sex
    [[nodiscard]] std::shared_ptr<const impedance::VectorReference> of(Sex sex);

private:
    void collect();
    store::LabBook& book_;
    std::int64_t collectedAt_ = -1; ///< events in the book then
    std::map<Sex, std::shared_ptr<const impedance::VectorReference>> bySex_;
};

} // namespace fusain::desktop
