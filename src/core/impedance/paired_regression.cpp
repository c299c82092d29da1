#include "core/impedance/paired_regression.hpp"

#include <algorithm>
#include <cmath>

namespace fusain::impedance {

PairedRegression::Converted PairedRegression::convert(Ohms contact) const {
    const double away = contact.value() - meanContact;
    return {intercept + slope * contact,
            residualDeviation * std::sqrt(1.0 + 1.0 / people + away * away / sumOfSquares),
            contact >= lowest && contact <= highest};
}

Expected<PairedRegression> fitPairs(std::span<const PairedReading> pairs) {
    if (pairs.size() < leastPairs)
        return failure({FUSAIN_TEXT("A paired regression needs at least {1} people; there are {2}."),
                        {std::to_string(leastPairs), std::to_string(pairs.size())}},
                       {},
                       {FUSAIN_TEXT("Measure more people lying with gel and standing on the contacts."), {}});
    PairedRegression line;
    line.people = static_cast<int>(pairs.size());
    const double n = static_cast<double>(pairs.size());
    double meanGel = 0.0;
    line.lowest = line.highest = pairs.front().contact;
    for (const PairedReading& pair : pairs) {
        if (!(pair.contact.value() > 0.0 && pair.gel.value() > 0.0))
            return failure({FUSAIN_TEXT("A resistance is above zero in every pair."), {}});
        line.meanContact += pair.contact.value() / n;
        meanGel += pair.gel.value() / n;
        line.lowest = std::min(line.lowest, pair.contact);
        line.highest = std::max(line.highest, pair.contact);
    }
    double cross = 0.0;
    for (const PairedReading& pair : pairs) {
        const double away = pair.contact.value() - line.meanContact;
        line.sumOfSquares += away * away;
        cross += away * (pair.gel.value() - meanGel);
    }
    if (!(line.highest > line.lowest))
        return failure({FUSAIN_TEXT("All contact readings are the same: no line can be drawn."), {}});
    line.slope = cross / line.sumOfSquares;
    line.intercept = Ohms(meanGel - line.slope * line.meanContact);
    double rest = 0.0;
    for (const PairedReading& pair : pairs) {
        const double away = pair.gel.value() - line.intercept.value() - line.slope * pair.contact.value();
        rest += away * away;
    }
    line.residualDeviation = Ohms(std::sqrt(rest / (n - 2.0)));
    return line;
}

} // namespace fusain::impedance
