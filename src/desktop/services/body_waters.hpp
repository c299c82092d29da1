#pragma once
#include "record/lab/body_water.hpp"
#include "store/book/lab_book.hpp"

namespace fusain::desktop {

/// Body water by dilution of one client, oldest first.
[[nodiscard]] std::vector<WaterSample> bodyWatersOf(store::LabBook& book, const std::string& clientId);
/// The last of a day.
[[nodiscard]] std::optional<WaterSample> bodyWaterOn(const std::vector<WaterSample>& samples, Instant day);
/// Keeps a sample; it takes the place of another of its day. @return a Problem where what is kept cannot be
/// read
Expected<void> keepBodyWater(store::LabBook& book, const std::string& clientId, const WaterSample& sample);

} // namespace fusain::desktop
