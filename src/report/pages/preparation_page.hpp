#pragma once
#include "procedure/day/preparation_sheet.hpp"
#include "report/base/page_flow.hpp"

namespace fusain::report {

/// What stands at the head of a preparation sheet.
struct PreparationHead {
    Letterhead lab;
    QString clientName;
    bool clockTimes = true; ///< false: the appointment is a day without an hour yet
};

/// One page for the client: the way to the test by the clock, from the first thing to leave to the door, what
/// to bring, and what to tell us of before.
[[nodiscard]] PageFlow preparationPage(const PreparationSheet& sheet, const PreparationHead& head);
/// The same as text, to be put into a letter.
[[nodiscard]] QString preparationText(const PreparationSheet& sheet, const PreparationHead& head);
/// One line of a sheet in words. @param clockTimes as in PreparationHead
[[nodiscard]] QString preparationWords(const PreparationSheet& sheet, const PreparationLine& line,
                                       bool clockTimes);

} // namespace fusain::report
