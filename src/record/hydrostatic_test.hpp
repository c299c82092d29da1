#pragma once
#include "core/hydrostatic/weighing_trace.hpp"
#include "record/raw_test.hpp"

namespace fusain {

/// One forced expiration, already at body conditions.
struct VitalCapacityEffort {
    int number = 0;
    Litres volume; ///< L BTPS
    bool acceptable = true;
    std::string remark;
    Origin origin = Origin::Typed;
    Instant at;
};

/// Residual volume that was measured, not predicted.
struct MeasuredResidualVolume {
    Litres volume; ///< L BTPS
    std::string method;
    Instant at;
};

/// One submersion.
struct WeighingTrial {
    int number = 0;
    Kilograms gross;         ///< steady gross reading, chair and belt included
    Kilograms standardError; ///< of the reading alone
    Origin origin = Origin::Typed;
    Instant at;
    std::string setAsideReason; ///< empty while the trial counts
    std::string reading;        ///< what the trace analysis said, for link trials
    std::vector<hydrostatic::ForceSample> trace;
    [[nodiscard]] bool counts() const { return setAsideReason.empty(); }
};

/// The load cell before the client enters: zeroed with the chair and the belt hanging in the water.
struct LoadCellCheck {
    Kilograms tare;             ///< what the indicator shows with chair and belt submerged (0 when zeroed)
    Kilograms referenceNominal; ///< reference mass as marked
    Kilograms referenceReading; ///< what the indicator showed more with it
    Instant at;
    [[nodiscard]] Kilograms error() const { return referenceReading - referenceNominal; }
};

/// The raw record of one underwater weighing.
struct HydrostaticTest : RawTest {
    std::optional<LoadCellCheck> loadCell;
    std::optional<Reading> waterTemperature; ///< °C
    std::optional<Reading> dryMass;          ///< kg
    std::optional<Reading> roomTemperature;  ///< °C, at the spirometer
    std::optional<Reading> pressure;         ///< mmHg
    std::vector<VitalCapacityEffort> efforts;
    std::optional<MeasuredResidualVolume> residualVolume;
    std::vector<WeighingTrial> trials;
};

[[nodiscard]] Json toJson(const HydrostaticTest& test);
/// Reads a raw record of schema version 1; a newer version is refused with a message.
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

} // namespace fusain
