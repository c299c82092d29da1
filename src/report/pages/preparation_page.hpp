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

/// One page for the client: when and what, what to leave, do and bring, and what to tell us of before.
[[nodiscard]] PageFlow preparationPage(const PreparationSheet& sheet, const PreparationHead& head);
/// The same as text, to be put into a letter.
[[nodiscard]] QString preparationText(const PreparationSheet& sheet, const PreparationHead& head);
/// One line of a sheet in words. @param clockTimes as in PreparationHead
[[nodiscard]] QString preparationWords(const PreparationSheet& sheet, const PreparationLine& line,
                                       bool clockTimes);
/// The lines of a sheet under headings, as a part of another page. @param most of each kind; 0: all
void addPreparation(PageFlow& flow, const PreparationSheet& sheet, bool clockTimes, int most = 0,
                    double size = 10.5);

} // namespace fusain::report
