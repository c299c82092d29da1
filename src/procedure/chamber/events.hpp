#pragma once
#include "procedure/method/common_events.hpp"
#include "record/chamber/record.hpp"

namespace fusain::chamber {

using ScaleChecked = CheckMade<"scale.checked", &ChamberTest::scaleChecks, scaleCheckFromJson>;
using MassRead = MassTaken<"mass.read", &ChamberTest::mass>;
using ThoracicGasMeasured =
    ReadingTaken<"thoracic-gas.measured", &ChamberTest::thoracicGas, measuredThoracicGasFromJson>;
using VolumeSetAside = SetAside<"volume.set-aside", &ChamberTest::trials>;
using VolumeRestored = Restored<"volume.restored", &ChamberTest::trials>;

/// The chamber was made ready for the present set of volume trials.
struct Calibrated {
    static constexpr std::string_view kind = "chamber.calibrated";
    ChamberCalibration calibration;

    static Calibrated read(const Event& event, const ChamberTest& test);
    [[nodiscard]] Json data() const;
    void applyTo(ChamberTest& test) const;
};

/// One volume trial, with the set and the calibration that it was taken under.
struct VolumeAccepted {
    static constexpr std::string_view kind = "volume.accepted";
    VolumeTrial trial;

    static VolumeAccepted read(const Event& event, const ChamberTest& test);
    [[nodiscard]] Json data() const;
    void applyTo(ChamberTest& test) const;
};

/// A further set of volume trials, which needs a calibration of its own.
struct StartedOver {
    static constexpr std::string_view kind = "chamber.started-over";
    std::string reason;

    static StartedOver read(const Event& event, const RawTest&);
    [[nodiscard]] Json data() const;
    void applyTo(ChamberTest& test) const;
};

using AnyEvent = EventsOf<ScaleChecked, Calibrated, MassRead, VolumeAccepted, VolumeSetAside, VolumeRestored,
                          StartedOver, ThoracicGasMeasured>;

} // namespace fusain::chamber
