#pragma once
#include "record/lab/screening.hpp"
#include "store/book/lab_book.hpp"

namespace fusain::desktop {

/// What a client answered about their health, as it is kept; nothing was asked where it cannot be read.
[[nodiscard]] Screening screeningOf(store::LabBook& book, const std::string& clientId);
/// Whether a client's pages are better in words only, by what they answered; also where it cannot be read.
[[nodiscard]] bool betterInWords(store::LabBook& book, const ScreeningQuestions& set,
                                 const std::string& clientId, Sex sex, Years age, Instant now);
/// @return a Problem where what is kept cannot be read: it is not written over
Expected<void> keepScreening(store::LabBook& book, const std::string& clientId, const Screening& screening,
                             const std::string& by, std::optional<std::int64_t> madeFrom = {});

} // namespace fusain::desktop
