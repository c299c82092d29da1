#pragma once
#include "record/lab/water_log.hpp"
#include "store/book/lab_book.hpp"

namespace fusain {
struct LabCatalogue;
}

namespace fusain::desktop {

/// The tank's water log in the lab book, and what the latest reading of a day means for a test.
class WaterBook {
public:
    WaterBook(store::LabBook& book, const LabCatalogue& catalogue) : book_(book), catalogue_(catalogue) {}
    /// Readings of the local day of this moment, oldest first.
    [[nodiscard]] Expected<std::vector<WaterLogEntry>> on(Instant day) const;
    Expected<void> log(const WaterLogEntry& entry);
    /// Why nobody may be in the tank, by the latest reading of the day; nothing when it is good or was not
    /// read.
    [[nodiscard]] std::optional<Problem> obstacle(Instant now) const;

private:
    store::LabBook& book_;
    const LabCatalogue& catalogue_;
};

} // namespace fusain::desktop
