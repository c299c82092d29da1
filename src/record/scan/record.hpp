#pragma once
#include "core/dxa/safety.hpp"
#include "core/dxa/scan.hpp"
#include "record/method/repeated.hpp"

namespace fusain {

/// What a scan was made with. Numbers of two settings are not compared without a calibration of one by the
/// other.
struct ScannerSetup {
    std::string scanner;  ///< as the lab calls it
    std::string software; ///< with its version
    std::string mode;     ///< of the whole-body scan, as the densitometer names it
    friend bool operator==(const ScannerSetup&, const ScannerSetup&) = default;
};

/// The soft-tissue phantom of the morning.
struct PhantomReading {
    Percent nominal; ///< fat that the phantom's certificate or the lab's baseline states
    Percent reading;
    Instant at;
    [[nodiscard]] Percent error() const { return reading - nominal; }
};

/// What the client had of X-rays for body composition in the last year, asked before the scan.
struct DoseStatement {
    int scansHere = 0;      ///< in this lab book
    int scansElsewhere = 0; ///< as the client says
    Microsieverts lastYear; ///< both together
    Microsieverts thisScan;
    Instant at;
    [[nodiscard]] Microsieverts withThisScan() const { return lastYear + thisScan; }
};

/// One whole-body scan, as it came.
struct DxaScan : NumberedReading {
    dxa::Scan readings;
    ScannerSetup scanner;
    std::string halfBody; ///< "right" or "left": the side that was complete and was mirrored; empty for a whole
                          ///< body
    std::vector<std::string> artefacts; ///< metal, movement … as the operator notes them
    Microsieverts dose;
    std::string source;                ///< file it came from; empty when typed
    std::vector<std::string> findings; ///< what the rules said then, in English
};

/// The raw record of one test on the densitometer.
struct DxaTest : RawTest {
    ScannerSetup scanner;
    std::optional<PhantomReading> phantom;
    std::optional<Reading> mass; ///< kg, on the scale
    std::optional<DoseStatement> dose;
    Repeated<DxaScan> scans;
    std::vector<ReportedValue> reported; ///< "visceral-fat-mass" (kg), "visceral-fat-area" (cm²) …
    std::vector<dxa::ReportedBone> bones;
    bool afterMenopause = false; ///< as the client says; decides which bone score may be shown
    /// The latest scan that counts.
    [[nodiscard]] const DxaScan* scan() const { return scans.latest(); }
    [[nodiscard]] const ReportedValue* reportedValue(std::string_view quantity) const;
};

[[nodiscard]] Json toJson(const DxaTest& test);
[[nodiscard]] Expected<DxaTest> dxaTestFromJson(const Json& json, const std::string& where);

// Parts that also travel inside events and files.
[[nodiscard]] Json toJson(const ScannerSetup& setup);
[[nodiscard]] ScannerSetup scannerSetupFromJson(const Json& json);
[[nodiscard]] Json toJson(const PhantomReading& reading);
[[nodiscard]] PhantomReading phantomReadingFromJson(const Json& json);
[[nodiscard]] Json toJson(const DoseStatement& statement);
[[nodiscard]] DoseStatement doseStatementFromJson(const Json& json);
[[nodiscard]] Json toJson(const dxa::Scan& scan);
[[nodiscard]] dxa::Scan scanFromJson(const Json& json);
[[nodiscard]] Json toJson(const dxa::ReportedBone& bone);
[[nodiscard]] dxa::ReportedBone reportedBoneFromJson(const Json& json);
[[nodiscard]] Json toJson(const DxaScan& scan);
[[nodiscard]] DxaScan dxaScanFromJson(const Json& json);

} // namespace fusain
