#pragma once
#include "core/quality/control_chart.hpp"
#include "core/quality/precision_study.hpp"
#include "procedure/method/precision.hpp"
#include "record/base/people.hpp"
#include "record/lab/instrument.hpp"

#include <functional>

namespace fusain {

/// A check's history on its control chart. A service restarts the baseline; before ten values there is none,
/// and nothing is judged.
struct ControlSeries {
    /// The values between two services, judged by the baseline of their own first values.
    struct Stretch {
        Instant from, until;
        quality::Baseline baseline;
    };
    std::vector<Check> checks; ///< of one kind, in order of time
    std::vector<quality::ChartPoint> points;
    std::vector<Instant> services;
    std::vector<Stretch> stretches;            ///< those that have a baseline
    std::optional<quality::Baseline> baseline; ///< of the present stretch
    [[nodiscard]] std::size_t rejected() const;
};

/// @param checks all of the instrument, services included, in order of time
[[nodiscard]] ControlSeries controlSeries(const CheckDefinition& definition, const std::vector<Check>& checks);

/// Why no test by this method may start: an instrument of it whose blocking check is overdue, failed, or rests
/// on an expired certificate.
/// @param checksOf all checks of an instrument, in order of time
[[nodiscard]] std::optional<Problem>
obstacleToTests(std::string_view method, const std::vector<Instrument>& instruments,
                const std::function<std::vector<Check>(const std::string&)>& checksOf, Instant now);

/// The lab's precision in the hands of one colleague: of each quantity the latest study that is large enough,
/// one of the colleague's own before one of their role, that before one of everyone.
/// A study of people like the one measured comes before one of everybody.
/// @param studies of one instrument, in order of time  @param person nothing: only studies of everybody count
[[nodiscard]] LabPrecision precisionInHandsOf(const Staff& colleague, const std::vector<Study>& studies,
                                              const std::optional<MeasuredPerson>& person = {});

/// One signed result of a quantity.
struct StudyValue {
    std::string clientId;
    Instant at;
    double value = 0.0;
    std::string setting = {}; ///< instrument and equation: repeats are of one
};
/// The latest repeats of each person that a study may use: of one day, or each 2 to 7 days after the one
/// before.
/// @param values any order  @param repeats of each person, at least 2; people with fewer are left out
/// @param sameDay whether two moments are one day in the lab's zone
[[nodiscard]] std::vector<std::vector<double>> repeatsFor(bool betweenDays, int repeats,
                                                          std::vector<StudyValue> values,
                                                          const std::function<bool(Instant, Instant)>& sameDay);
/// Days from one test to the next that a study between days may have.
inline constexpr double leastDaysApart = 2.0, mostDaysApart = 7.0;

} // namespace fusain
