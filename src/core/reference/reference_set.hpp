#pragma once
#include "core/reference/distribution.hpp"
#include "core/units/units.hpp"

#include <limits>
#include <optional>
#include <string>
#include <vector>

namespace fusain::reference {

/// A stretch of the scale with the name that its own source gives it.
struct Band {
    std::string
        label; ///< e.g. "middle", as worded by this program where the source's word would judge a person
    std::optional<double> from;
    std::optional<double> to;
};

/// What a reference set says about people of one sex and age.
struct ReferenceRow {
    Sex sex = Sex::Female;
    Years ageFrom;                                         ///< completed, inclusive
    Years ageTo;                                           ///< completed, inclusive
    double low = 0.0;                                      ///< lower end of the band drawn under the scale
    double high = std::numeric_limits<double>::infinity(); ///< upper end of it; infinite where there is none
    std::vector<Band> bands;
    Distribution distribution; ///< empty where the source gives bands only
    int people = 0;            ///< that the row rests on; 0 where it is not said

    [[nodiscard]] bool openAbove() const { return high == std::numeric_limits<double>::infinity(); }
    /// Middle of the band; of an open one, its lower end.
    [[nodiscard]] double middle() const { return openAbove() ? low : 0.5 * (low + high); }
};

/// A reference for one quantity: published, or the lab's own. It is always shown with its name and population.
struct ReferenceSet {
    std::string id;
    std::string quantity; ///< "fat-percent", "fat-mass-index", "fat-free-mass-index" …
    std::string unit;
    std::string title;
    std::string population;
    std::string citation;
    std::string date;
    std::string grade;       ///< "A"; "B", shown as "to be confirmed against the source"; "lab", the lab's own
    std::string bandMeaning; ///< what low … high stands for in this set
    std::string method;      ///< id of the only method that it is for; empty: any
    std::vector<ReferenceRow> rows;

    /// The row for this person, or nothing when the set does not cover them.
    [[nodiscard]] const ReferenceRow* rowFor(Sex sex, Years age) const;
    /// Whether a lab may show results against it without a further check of the source.
    [[nodiscard]] bool mayBeChosen() const { return grade == "A" || grade == "lab"; }
};

/// Where a value lies with regard to the drawn band.
enum class Position { Below, Within, Above };
[[nodiscard]] Position positionIn(const ReferenceRow& row, double value);

} // namespace fusain::reference
