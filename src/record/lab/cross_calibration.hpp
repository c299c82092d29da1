#pragma once
#include "core/quality/agreement.hpp"
#include "record/base/calendar.hpp"
#include "record/base/document_kind.hpp"
#include "record/base/json_fwd.hpp"

namespace fusain {

/// A lab's own way from the fat percentage of one method to that of another, so that a client who changes
/// method keeps a usable history. Only in this direction, and only in the range that it rests on.
struct CrossCalibration {
    std::string from, to; ///< methods
    double slope = 1.0;
    Percent intercept;   ///< of fat
    Percent scatter;     ///< of fat, for one person, without repeat error
    Percent least, most; ///< of the values that it rests on
    int people = 0;
    Instant adopted;
    [[nodiscard]] double convert(double percent) const { return intercept.value() + slope * percent; }
    [[nodiscard]] bool covers(double percent) const {
        return percent >= least.value() && percent <= most.value();
    }
};
[[nodiscard]] Json toJson(const CrossCalibration& line);
[[nodiscard]] Expected<CrossCalibration> crossCalibrationFromJson(const Json& json, const std::string& where);

[[nodiscard]] DocumentKind crossCalibrationKind();

/// @param line other = a + b·reference; the conversion goes from the reference to the other
/// @param fromError, toError repeat errors of both, %fat
/// @return a Problem for fewer than 30 people
[[nodiscard]] Expected<CrossCalibration> crossCalibrationFrom(const quality::DemingLine& line, std::string from,
                                                              std::string to, double fromError, double toError,
                                                              Instant adopted);

} // namespace fusain
