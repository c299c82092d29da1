#pragma once
#include "record/lab/water_log.hpp"
#include "store/book/lab_book.hpp"

namespace fusain {
struct LabCatalogue;
}

namespace fusain::desktop {

/// The water of a day: its latest reading, and what that one finds.
struct WaterState {
    std::optional<WaterLogEntry> latest; ///< nothing before the first reading of the day
    std::vector<water::CareFinding> findings;
    [[nodiscard]] water::CareVerdict verdict() const { return water::worst(findings); }
};

/// The tank's water log in the lab book, and what the latest reading of a day means for a test.
class WaterBook {
public:
    WaterBook(store::LabBook& book, const LabCatalogue& catalogue) : book_(book), catalogue_(catalogue) {}
    /// Readings of the local day of this moment, oldest first.
    [[nodiscard]] Expected<std::vector<WaterLogEntry>> on(Instant day) const;
    Expected<void> log(const WaterLogEntry& entry);
    [[nodiscard]] Expected<WaterState> stateAt(Instant now) const;
    /// Why nobody may be in the tank: the water was not read today, or its latest reading is bad. Nothing when
    /// it is good.
    [[nodiscard]] std::optional<Problem> obstacle(Instant now) const;

private:
    store::LabBook& book_;
    const LabCatalogue& catalogue_;
};

} // namespace fusain::desktop
