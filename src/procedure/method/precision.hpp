#pragma once
#include "core/numeric/measured.hpp"
#include "core/units/units.hpp"

#include <map>
#include <optional>
#include <string>

namespace fusain {

/// What a precision study of the lab found for one quantity.
struct StudiedError {
    double standardDeviation = 0.0; ///< root mean square, unit of the quantity
    bool betweenDays = false;       ///< on other days; else repeated on the same day, repositioned
};

/// The lab's own precision, where it has measured it.
struct LabPrecision {
    std::optional<StudiedError> fatPercent, fatMass, fatFreeMass;
    std::map<std::string, StudiedError, std::less<>> others; ///< by the id of the quantity
    [[nodiscard]] std::optional<StudiedError> of(std::string_view id) const {
        const auto found = others.find(id);
        return found == others.end() ? std::nullopt : std::optional(found->second);
    }
};

/// Whom a verdict is about, as far as a study can tell people apart.
struct MeasuredPerson {
    Sex sex = Sex::Female;
    Percent fat;
};

/// Standard error of one visit about the same person's other visits. A study between days takes the place of
/// readings and day, one of the same day that of the readings. @param own what the lab found, if anything
[[nodiscard]] double visitError(const Uncertain& value, const std::optional<StudiedError>& own);

} // namespace fusain
