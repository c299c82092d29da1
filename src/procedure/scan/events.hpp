#pragma once
#include "procedure/method/common_events.hpp"
#include "record/scan/record.hpp"

namespace fusain::scanner {

using PhantomRead = CheckMade<"phantom.read", &DxaTest::phantoms, phantomReadingFromJson>;
using MassRead = MassTaken<"mass.read", &DxaTest::mass>;
using ScanSetAside = SetAside<"scan.set-aside", &DxaTest::scans>;
using ScanRestored = Restored<"scan.restored", &DxaTest::scans>;

/// The densitometer and mode of the scans that follow.
struct ScannerSet {
    static constexpr std::string_view kind = "scanner.set";
    ScannerSetup setup;

    static ScannerSet read(const Event& event, const RawTest&);
    [[nodiscard]] Json data() const;
    void applyTo(DxaTest& test) const;
};

struct DoseStated {
    static constexpr std::string_view kind = "dose.stated";
    DoseStatement statement;
    std::string overriddenBecause; ///< why more than the lab's yearly dose is right; empty below it

    static DoseStated read(const Event& event, const RawTest& test);
    [[nodiscard]] Json data() const;
    void applyTo(DxaTest& test) const;
};

struct MenopauseStated {
    static constexpr std::string_view kind = "menopause.stated";
    bool after = false;

    static MenopauseStated read(const Event& event, const RawTest&);
    [[nodiscard]] Json data() const;
    void applyTo(DxaTest& test) const;
};

/// One scan with all that came with it, and what was decided about it.
struct ScanAccepted {
    static constexpr std::string_view kind = "scan.accepted";
    DxaScan scan;
    ReportedByScanner reported;
    std::string labelled = {};             ///< code on the file
    std::optional<Instant> scannedAt = {}; ///< as the file says
    std::string overriddenBecause = {};    ///< why it is used although it should be repeated
    std::string reassignedBecause = {};    ///< why a scan labelled for somebody else is this client's

    static ScanAccepted read(const Event& event, const DxaTest& test);
    [[nodiscard]] Json data() const;
    void applyTo(DxaTest& test) const;
};

/// What the densitometer reported of the latest scan, typed after it.
struct ValuesReported {
    static constexpr std::string_view kind = "values.reported";
    ReportedByScanner reported;

    static ValuesReported read(const Event& event, const DxaTest& test);
    [[nodiscard]] Json data() const;
    void applyTo(DxaTest& test) const;
};

using AnyEvent = EventsOf<ScannerSet, PhantomRead, MassRead, DoseStated, MenopauseStated, ScanAccepted,
                          ScanSetAside, ScanRestored, ValuesReported>;

} // namespace fusain::scanner
