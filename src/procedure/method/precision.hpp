#pragma once
#include <optional>

namespace fusain {

/// What a precision study of the lab found for one quantity.
struct StudiedError {
    double standardDeviation = 0.0; ///< root mean square, unit of the quantity
    bool betweenDays = false;       ///< on other days; else repeated on the same day, repositioned
};

/// The lab's own precision, where it has measured it.
struct LabPrecision {
    std::optional<StudiedError> fatPercent, fatMass, fatFreeMass;
};

} // namespace fusain
