#pragma once
#include "core/impedance/signal.hpp"
#include "record/base/document_kind.hpp"
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
struct ModuleCheck : NumberedReading {
    Ohms nominal;
    Ohms reading;
    [[nodiscard]] double relativeError() const { return reading / nominal - 1.0; }
};

/// One sweep of the analyzer, as it came, with how the analyzer was connected for it.
struct ImpedanceSweep : NumberedReading {
    impedance::Sweep readings;
    AnalyzerSetup setup;
    int check = 0;         ///< number of the check with the test module that it was taken under; 0 for none
    SignalVerdict verdict; ///< of the sweep, by the limits of the policy
};

/// How the client was recognized.
struct IdentityCheck : Attribution {
    std::string code;                             ///< typed or scanned
    Metres height;                                ///< measured or confirmed at this visit
    std::vector<impedance::IdentityDoubt> doubts; ///< that were seen
    std::string keptBecause;                      ///< why it is this person all the same
};

/// The raw record of one impedance test.
struct ImpedanceTest : RawTest {
    AnalyzerSetup setup; ///< for the next sweep; each sweep keeps the one that it was taken with
    Repeated<ModuleCheck> moduleChecks;
    std::optional<IdentityCheck> identity;
    std::optional<Reading> mass; ///< kg
    Repeated<ImpedanceSweep> sweeps;
    std::vector<ReportedValues> reported;
    std::vector<std::string> missingParts;             ///< ids of amputated parts
    std::map<impedance::Segment, Metres> tapedLengths; ///< where a tape was used
    /// The latest sweep that counts.
    [[nodiscard]] const ImpedanceSweep* sweep() const { return sweeps.latest(); }
    /// How the analyzer was connected for the sweep that counts, or is for the next when there is none.
    [[nodiscard]] const AnalyzerSetup& setupUsed() const { return sweep() ? sweep()->setup : setup; }
    /// The latest check with the test module; null before the first.
    [[nodiscard]] const ModuleCheck* moduleCheck() const { return moduleChecks.latest(); }
    /// What the analyzer reported of the sweep that counts, or without a sweep.
    [[nodiscard]] std::vector<ReportedValue> reportedValues() const;
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
/// Schema 1 kept the doubts of a check as sentences, the last of them the reason: they stay, as the reason.
void bringDoubtsForward(Json& check);
[[nodiscard]] Json toJson(const ImpedanceSweep& sweep);
[[nodiscard]] ImpedanceSweep impedanceSweepFromJson(const Json& json);
[[nodiscard]] Json toJson(const impedance::Sweep& sweep);
[[nodiscard]] impedance::Sweep sweepFromJson(const Json& json);
[[nodiscard]] std::string
geometryText(impedance::ElectrodeGeometry geometry); ///< "supine-gel", "standing-contact"

/// The keys of this kind of document.
[[nodiscard]] DocumentKind impedanceTestKind();

} // namespace fusain
