#pragma once
#include "procedure/method/common_events.hpp"
#include "record/impedance/record.hpp"

namespace fusain::analyzer {

using ModuleChecked = CheckMade<"module.checked", &ImpedanceTest::moduleChecks, moduleCheckFromJson>;
using MassRead = MassTaken<"mass.read", &ImpedanceTest::mass>;
using SweepSetAside = SetAside<"sweep.set-aside", &ImpedanceTest::sweeps>;
using SweepRestored = Restored<"sweep.restored", &ImpedanceTest::sweeps>;

/// How the analyzer is connected for the sweeps that follow.
struct AnalyzerSet {
    static constexpr std::string_view kind = "analyzer.set";
    AnalyzerSetup setup;

    static AnalyzerSet read(const Event& event, const RawTest&);
    [[nodiscard]] Json data() const;
    void applyTo(ImpedanceTest& test) const;
};

/// Who stands on the analyzer, with the height of this visit.
struct IdentityConfirmed {
    static constexpr std::string_view kind = "identity.confirmed";
    IdentityCheck check;

    static IdentityConfirmed read(const Event& event, const RawTest& test);
    [[nodiscard]] Json data() const;
    void applyTo(ImpedanceTest& test) const;
};

/// One sweep, with how the analyzer was connected for it.
struct SweepAccepted {
    static constexpr std::string_view kind = "sweep.accepted";
    ImpedanceSweep sweep;
    std::string overriddenBecause; ///< why it is used although it should be repeated; empty for any other
    std::string keptBecause; ///< why it is this client's although it does not look like it; empty likewise

    static SweepAccepted read(const Event& event, const ImpedanceTest& test);
    [[nodiscard]] Json data() const;
    void applyTo(ImpedanceTest& test) const;
};

/// What the analyzer computed itself, of the sweep that counts.
struct ValuesReported {
    static constexpr std::string_view kind = "values.reported";
    ReportedValues reported;

    static ValuesReported read(const Event& event, const ImpedanceTest& test);
    [[nodiscard]] Json data() const;
    void applyTo(ImpedanceTest& test) const;
};

/// One row of an export: mass, sweep and reported values at once.
struct ReadingsImported {
    static constexpr std::string_view kind = "readings.imported";
    Reading mass;
    std::optional<ImpedanceSweep> sweep;
    std::optional<ReportedValues> reported;
    std::string source; ///< name of the file

    static ReadingsImported read(const Event& event, const ImpedanceTest& test);
    [[nodiscard]] Json data() const;
    void applyTo(ImpedanceTest& test) const;
};

struct PartsMissing {
    static constexpr std::string_view kind = "parts.missing";
    std::vector<std::string> parts;

    static PartsMissing read(const Event& event, const RawTest&);
    [[nodiscard]] Json data() const;
    void applyTo(ImpedanceTest& test) const;
};

struct LengthTaped {
    static constexpr std::string_view kind = "length.taped";
    impedance::Segment segment;
    Metres length;

    static LengthTaped read(const Event& event, const RawTest&);
    [[nodiscard]] Json data() const;
    void applyTo(ImpedanceTest& test) const;
};

using AnyEvent = EventsOf<AnalyzerSet, ModuleChecked, IdentityConfirmed, MassRead, SweepAccepted, SweepSetAside,
                          SweepRestored, ValuesReported, ReadingsImported, PartsMissing, LengthTaped>;

} // namespace fusain::analyzer
