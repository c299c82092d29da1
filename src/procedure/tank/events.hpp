#pragma once
#include "procedure/method/common_events.hpp"
#include "record/tank/record.hpp"

namespace fusain::tank {

using LoadCellChecked = CheckMade<"load-cell.checked", &HydrostaticTest::loadCellChecks, loadCellCheckFromJson>;
using WaterTemperatureRead =
    ReadingTaken<"water-temperature.read", &HydrostaticTest::waterTemperature, waterTemperatureFromJson>;
using DryMassRead = MassTaken<"dry-mass.read", &HydrostaticTest::dryMass>;
using ResidualVolumeMeasured =
    ReadingTaken<"residual-volume.measured", &HydrostaticTest::residualVolume, measuredResidualVolumeFromJson>;
using TrialSetAside = SetAside<"trial.set-aside", &HydrostaticTest::trials>;
using TrialRestored = Restored<"trial.restored", &HydrostaticTest::trials>;

/// The air at the spirometer, which turns blown litres into those of the body.
struct RoomRead {
    static constexpr std::string_view kind = "room.read";
    Reading temperature; ///< °C
    Reading pressure;    ///< mmHg

    static RoomRead read(const Event& event, const RawTest& test);
    [[nodiscard]] Json data() const;
    void applyTo(HydrostaticTest& test) const;
};

struct VitalCapacityAdded {
    static constexpr std::string_view kind = "vital-capacity.added";
    VitalCapacityEffort effort;

    static VitalCapacityAdded read(const Event& event, const RawTest& test);
    [[nodiscard]] Json data() const;
    void applyTo(HydrostaticTest& test) const;
};

/// One submersion, with the check and the tare that it was taken under.
struct TrialAccepted {
    static constexpr std::string_view kind = "trial.accepted";
    WeighingTrial trial;

    static TrialAccepted read(const Event& event, const HydrostaticTest& test);
    [[nodiscard]] Json data() const;
    void applyTo(HydrostaticTest& test) const;
};

using AnyEvent = EventsOf<LoadCellChecked, WaterTemperatureRead, DryMassRead, RoomRead, VitalCapacityAdded,
                          ResidualVolumeMeasured, TrialAccepted, TrialSetAside, TrialRestored>;

} // namespace fusain::tank
