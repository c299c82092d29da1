#pragma once
#include "record/lab/screening.hpp"
#include "store/book/lab_book.hpp"

namespace fusain::desktop {

/// What a client answered about their health, as it is kept.
[[nodiscard]] Screening screeningOf(store::LabBook& book, const std::string& clientId);
Expected<void> keepScreening(store::LabBook& book, const std::string& clientId, const Screening& screening,
                             const std::string& by);

} // namespace fusain::desktop
