#pragma once
#include "core/impedance/spectrum.hpp"
#include "record/method/repeated.hpp"

#include <map>

namespace fusain {

/// The analyzer and how it was connected; part of the record because the numbers mean nothing without it.
struct AnalyzerSetup {
    std::string analyzer; ///< as the lab calls it
    std::string firmware; ///< empty when it is not known
    int electrodes = 8;   ///< 2, 4 or 8
    impedance::ElectrodeGeometry geometry = impedance::ElectrodeGeometry::StandingContact;
    std::string side = "right";             ///< of a whole-body reading
    std::optional<Celsius> limbTemperature; ///< of the skin
};

/// A reading of a test module: a resistor, or an RC circuit at 50 kHz.
struct ModuleCheck {
    Ohms nominal;
    Ohms reading;
    Instant at;
    [[nodiscard]] double relativeError() const { return reading / nominal - 1.0; }
};

/// One sweep of the analyzer, as it came.
struct ImpedanceSweep : NumberedReading {
    impedance::Sweep readings;
    std::vector<std::string> findings; ///< what the signal judgement said then, in English
};

/// How the client was recognized.
struct IdentityCheck {
    std::string code;                ///< typed or scanned
    Metres height;                   ///< measured or confirmed at this visit
    std::vector<std::string> doubts; ///< that were seen and answered for, in English
    Instant at;
};

/// The raw record of one impedance test.
struct ImpedanceTest : RawTest {
    AnalyzerSetup setup;
    std::optional<ModuleCheck> moduleCheck;
    std::optional<IdentityCheck> identity;
    std::optional<Reading> mass; ///< kg
    Repeated<ImpedanceSweep> sweeps;
    std::vector<ReportedValue> reported;
    std::vector<std::string> missingParts;             ///< ids of amputated parts
    std::map<impedance::Segment, Metres> tapedLengths; ///< where a tape was used
    /// The latest sweep that counts.
    [[nodiscard]] const ImpedanceSweep* sweep() const { return sweeps.latest(); }
    /// |Z| of the whole body at 50 kHz, from the sweep that counts.
    [[nodiscard]] std::optional<Ohms> wholeBodyMagnitude() const;
    [[nodiscard]] const ReportedValue* reportedValue(std::string_view quantity) const;
};

[[nodiscard]] Json toJson(const ImpedanceTest& test);
[[nodiscard]] Expected<ImpedanceTest> impedanceTestFromJson(const Json& json, const std::string& where);

// Parts that also travel inside events.
[[nodiscard]] Json toJson(const AnalyzerSetup& setup);
[[nodiscard]] AnalyzerSetup analyzerSetupFromJson(const Json& json);
[[nodiscard]] Json toJson(const ModuleCheck& check);
[[nodiscard]] ModuleCheck moduleCheckFromJson(const Json& json);
[[nodiscard]] Json toJson(const IdentityCheck& check);
[[nodiscard]] IdentityCheck identityCheckFromJson(const Json& json);
[[nodiscard]] Json toJson(const ImpedanceSweep& sweep);
[[nodiscard]] ImpedanceSweep impedanceSweepFromJson(const Json& json);
[[nodiscard]] Json toJson(const impedance::Sweep& sweep);
[[nodiscard]] impedance::Sweep sweepFromJson(const Json& json);
[[nodiscard]] std::string
geometryText(impedance::ElectrodeGeometry geometry); ///< "supine-gel", "standing-contact"

} // namespace fusain
