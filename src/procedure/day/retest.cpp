#include "procedure/day/retest.hpp"

#include <array>

namespace fusain {

std::span<const RetestSchool> retestSchools() {
    static constexpr std::array schools{
        RetestSchool{"precision", FUSAIN_TEXT("when a usual change could be seen"), 0},
        RetestSchool{"weeks-2-4", FUSAIN_TEXT("2 to 4 weeks"), 2},
        RetestSchool{"weeks-4-6", FUSAIN_TEXT("4 to 6 weeks"), 4},
        RetestSchool{"weeks-8", FUSAIN_TEXT("8 weeks"), 8},
        RetestSchool{"weeks-12", FUSAIN_TEXT("12 weeks"), 12},
    };
    return schools;
}

std::optional<RetestProposal> proposeRetest(const RetestSchool& school, const std::optional<Outcome>& last,
                                            const LabPrecision& own) {
    if (school.leastWeeks > 0)
        return RetestProposal{
            school.leastWeeks,
            {FUSAIN_TEXT("By convention: {1}. It is not based on measurements."), {std::string(school.title)}}};
    if (!last)
        return std::nullopt;
    const int weeks = weeksToNextTest(*last, own);
    return RetestProposal{
        weeks,
        {FUSAIN_TEXT("The smallest change that two tests can show is {1} kg of fat. At {2} kg a week that "
                     "takes {3} weeks."),
         {fixed(leastVisibleFat(*last, own), 1), fixed(usualPace, 2), std::to_string(weeks)}}};
}

} // namespace fusain
