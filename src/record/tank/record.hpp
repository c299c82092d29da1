#pragma once
#include "core/hydrostatic/weighing_trace.hpp"
#include "core/units/comparison.hpp"
#include "record/base/document_kind.hpp"
#include "record/method/recorded.hpp"
#include "record/method/repeated.hpp"

#include <cmath>

namespace fusain {

/// One forced expiration, already at body conditions.
struct VitalCapacityEffort : Attribution {
    int number = 0;
    Litres volume; ///< L BTPS
    bool acceptable = true;
    std::string remark;
};

/// Residual volume that was measured, not predicted.
struct MeasuredResidualVolume : Attribution {
    Litres volume; ///< L BTPS
    std::string method;
};

/// One submersion, with the tare that the load cell had then.
struct WeighingTrial : NumberedReading {
    Kilograms gross;         ///< steady gross reading, chair and belt included
    Kilograms standardError; ///< of the reading alone
    int check = 0;           ///< number of the load-cell check that it was taken under; 0 for none
    Kilograms tare;          ///< chair and belt at that check
    SignalVerdict verdict;   ///< of the recorded trace; empty for a typed reading
    Recorded<hydrostatic::ForceSample> trace;
    [[nodiscard]] Kilograms net() const { return gross - tare; }
};

/// Largest disagreement of the load cell with its reference mass, kg: a lab-adjustable default,
/// worth 0.14 %fat in a 70 kg person.
inline constexpr double loadCellTolerance = 0.02;

/// The load cell before the client enters: zeroed with the chair and the belt hanging in the water.
struct LoadCellCheck : NumberedReading {
    Kilograms tare;             ///< what the indicator shows with chair and belt submerged (0 when zeroed)
    Kilograms referenceNominal; ///< reference mass as marked
    Kilograms referenceReading; ///< what the indicator showed more with it
    [[nodiscard]] Kilograms error() const { return referenceReading - referenceNominal; }
    /// Whether the load cell agrees with its reference mass.
    [[nodiscard]] bool agrees() const { return within(std::abs(error().value()), loadCellTolerance); }
};

/// The raw record of one underwater weighing.
struct HydrostaticTest : RawTest {
    Repeated<LoadCellCheck> loadCellChecks;  ///< the latest holds for the trials that follow it
    std::optional<Reading> waterTemperature; ///< °C
    std::optional<Reading> dryMass;          ///< kg
    std::optional<Reading> roomTemperature;  ///< °C, at the spirometer
    std::optional<Reading> pressure;         ///< mmHg
    std::vector<VitalCapacityEffort> efforts;
    std::optional<MeasuredResidualVolume> residualVolume;
    Repeated<WeighingTrial> trials;
    /// The check that holds now; null before the first.
    [[nodiscard]] const LoadCellCheck* loadCell() const { return loadCellChecks.latest(); }
};

[[nodiscard]] Json toJson(const HydrostaticTest& test);
/// Reads a raw record of schema 1 or 2; a newer one is refused with a message.
[[nodiscard]] Expected<HydrostaticTest> hydrostaticTestFromJson(const Json& json, const std::string& where);

// Parts that also travel inside events.
[[nodiscard]] Json toJson(const VitalCapacityEffort& effort);
[[nodiscard]] VitalCapacityEffort effortFromJson(const Json& json);
[[nodiscard]] Json toJson(const WeighingTrial& trial);
[[nodiscard]] WeighingTrial trialFromJson(const Json& json);
[[nodiscard]] Json toJson(const LoadCellCheck& check);
[[nodiscard]] LoadCellCheck loadCellCheckFromJson(const Json& json);
[[nodiscard]] Json toJson(const MeasuredResidualVolume& volume);
[[nodiscard]] MeasuredResidualVolume measuredResidualVolumeFromJson(const Json& json);
[[nodiscard]] Reading waterTemperatureFromJson(const Json& json); ///< °C
[[nodiscard]] Reading roomTemperatureFromJson(const Json& json);  ///< °C
[[nodiscard]] Reading pressureFromJson(const Json& json);         ///< mmHg

/// The keys of this kind of document.
[[nodiscard]] DocumentKind hydrostaticTestKind();

} // namespace fusain
