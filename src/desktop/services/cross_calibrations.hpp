#pragma once
#include "record/lab/cross_calibration.hpp"
#include "store/book/lab_book.hpp"

namespace fusain::desktop {

/// The lab's own way from the fat of one method to that of another, where it has adopted one.
[[nodiscard]] std::optional<CrossCalibration> adoptedCalibration(store::LabBook& book, const std::string& from,
                                                                 const std::string& to);
Expected<void> adopt(store::LabBook& book, const CrossCalibration& line, const std::string& by);

} // namespace fusain::desktop
