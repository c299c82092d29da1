#pragma once
#include "core/dxa/safety.hpp"
#include "core/dxa/scan.hpp"
#include "record/base/document_kind.hpp"
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
struct PhantomReading : NumberedReading {
    Percent nominal; ///< fat that the phantom's certificate or the lab's baseline states
    Percent reading;
    [[nodiscard]] Percent error() const { return reading - nominal; }
};

/// What the client had of X-rays for body composition in the last year, asked before the scan.
struct DoseStatement : Attribution {
    int scansHere = 0;      ///< in this lab book
    int scansElsewhere = 0; ///< as the client says
    Microsieverts lastYear; ///< both together
    Microsieverts thisScan;
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
    int check = 0;         ///< number of the phantom reading that it was taken under; 0 for none
    SignalVerdict verdict; ///< of the rules, by the limits of the policy
};

/// What the densitometer reported of one scan: "visceral-fat-mass" (kg), "visceral-fat-area" (cm²) … and bones.
struct ReportedByScanner : ReportedValues {
    std::vector<dxa::ReportedBone> bones;
};

/// The raw record of one test on the densitometer.
struct DxaTest : RawTest {
    ScannerSetup scanner; ///< for the next scan; each scan keeps the one that it was made with
    Repeated<PhantomReading> phantoms;
    std::optional<Reading> mass; ///< kg, on the scale
    std::optional<DoseStatement> dose;
    Repeated<DxaScan> scans;
    std::vector<ReportedByScanner> reported;
    bool afterMenopause = false; ///< as the client says; decides which bone score may be shown
    /// The latest scan that counts.
    [[nodiscard]] const DxaScan* scan() const { return scans.latest(); }
    /// The latest reading of the phantom; null before the first.
    [[nodiscard]] const PhantomReading* phantom() const { return phantoms.latest(); }
    /// What the densitometer reported of the scan that counts; null when it reported nothing.
    [[nodiscard]] const ReportedByScanner* reportedOfScan() const {
        return belongingTo(reported, scan() ? scan()->number : 0);
    }
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
[[nodiscard]] Json toJson(const ReportedByScanner& reported);
[[nodiscard]] ReportedByScanner reportedByScannerFromJson(const Json& json);
[[nodiscard]] Json toJson(const DxaScan& scan);
[[nodiscard]] DxaScan dxaScanFromJson(const Json& json);
/// Schema 1 named the file under "source" and kept what the rules said as sentences.
void bringScanForward(Json& scan);

/// The keys of this kind of document.
[[nodiscard]] DocumentKind dxaTestKind();

} // namespace fusain
