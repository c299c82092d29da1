#include "record/impedance/record.hpp"

#include "record/impedance/method.hpp"
#include "record/impedance/record_fields.hpp"
#include "record/method/schema.hpp"

#include <algorithm>

namespace fusain {
namespace {

using impedance::ElectrodeGeometry;
using impedance::IdentityDoubt;
using impedance::Segment;
using impedance::Spectrum;
using impedance::SpectrumPoint;
using impedance::Sweep;

/// A reading as a document has it: both parts where they were read; the magnitude alone where that was all.
struct WrittenPoint {
    Hertz frequency;
    std::optional<Ohms> resistance, reactance, magnitude;
    std::optional<double> scatter;
};

const Fields<WrittenPoint>& pointFields() {
    static const auto fields =
        Fields<WrittenPoint>("spectrum point")
            .required("hz", &WrittenPoint::frequency, "frequency", aboveUpTo(0.0, 1e8))
            .sparse("r_ohm", &WrittenPoint::resistance, "resistance", aboveUpTo(0.0, 1e5))
            .sparse("xc_ohm", &WrittenPoint::reactance, "reactance", between(-1e5, 1e5))
            .sparse("z_ohm", &WrittenPoint::magnitude, "magnitude, where the parts were not read",
                    aboveUpTo(0.0, 1e5))
            .sparse("scatter", &WrittenPoint::scatter, "relative standard deviation of what was averaged",
                    atLeast(0.0))
            .check([](const WrittenPoint& point) {
                const bool parts = point.resistance && point.reactance && !point.magnitude;
                const bool alone = !point.resistance && !point.reactance && point.magnitude;
                return std::string(parts || alone ? "" : "a point has r_ohm and xc_ohm, or z_ohm alone");
            });
    return fields;
}

} // namespace

template <>
struct FieldValue<SpectrumPoint> {
    static constexpr std::string_view holds = "spectrum point";
    static std::vector<FieldNote> inner() { return pointFields().notes(); }
    static SpectrumPoint read(const Json& json, const FieldNote&) {
        const WrittenPoint written = pointFields().read(json);
        SpectrumPoint point =
            written.magnitude
                ? impedance::magnitudePoint(written.frequency, *written.magnitude)
                : impedance::pointOf(written.frequency, {*written.resistance, *written.reactance});
        point.scatter = written.scatter;
        return point;
    }
    static Json write(const SpectrumPoint& point) {
        WrittenPoint written{point.frequency, {}, {}, {}, point.scatter};
        if (point.impedance) {
            written.resistance = point.impedance->resistance;
            written.reactance = point.impedance->reactance;
        } else {
            written.magnitude = point.magnitude;
        }
        return pointFields().write(written);
    }
};

template <>
struct FieldValue<Segment> {
    static constexpr std::string_view holds = "word";
    static std::string words() {
        std::string known;
        for (const Segment segment : impedance::segments)
            known += (known.empty() ? "" : ", ") + std::string(impedance::segmentKey(segment));
        return known;
    }
    static Segment read(const Json& json, const FieldNote&) { return from(json.get<std::string>(), json); }
    static Json write(Segment segment) { return impedance::segmentKey(segment); }
    static Segment from(const std::string& key, const Json& json) {
        const auto segment = impedance::segmentFromKey(key);
        if (!segment)
            throw Json::other_error::create(501, "\"" + key + "\" is not a segment of the body", &json);
        return *segment;
    }
};

namespace {

constexpr Named<IdentityDoubt::About> doubtful[] = {{"height", IdentityDoubt::About::Height},
                                                    {"mass", IdentityDoubt::About::Mass},
                                                    {"impedance", IdentityDoubt::About::Impedance}};

const Fields<IdentityDoubt>& doubtFields() {
    static const auto fields =
        Fields<IdentityDoubt>("doubt")
            .word("about", &IdentityDoubt::about, doubtful, "what does not go with the last visit")
            .required("now", &IdentityDoubt::now, "in cm, kg or ohm")
            .required("last", &IdentityDoubt::last, "at the last visit");
    return fields;
}

const Fields<Spectrum>& spectrumFields() {
    static const auto fields = Fields<Spectrum>("spectrum")
                                   .required("segment", &Spectrum::segment, "of the body")
                                   .optional("points", &Spectrum::points, "rising in frequency");
    return fields;
}

const Fields<Sweep>& sweepFields() {
    static const auto fields =
        Fields<Sweep>("readings of a sweep")
            .list("spectra", &Sweep::spectra, spectrumFields(), "one each segment")
            .sparse("closing", &Sweep::closing, "the first point read again at the end")
            .check([](const Sweep& sweep) {
                for (const Segment segment : impedance::segments)
                    if (std::ranges::count(sweep.spectra, segment, &Spectrum::segment) > 1)
                        return "the segment \"" + std::string(impedance::segmentKey(segment)) +
                               "\" is there twice";
                return std::string();
            });
    return fields;
}

const Fields<AnalyzerSetup>& setupFields() {
    using Setup = AnalyzerSetup;
    static const auto fields =
        Fields<Setup>("analyzer set-up")
            .optional("analyzer", &Setup::analyzer, "as the lab calls it")
            .optional("firmware", &Setup::firmware, "empty when it is not known")
            .optional("electrodes", &Setup::electrodes, "2, 4 or 8")
            .word("geometry", &Setup::geometry, geometryWords, "how the client was connected")
            .optional("side", &Setup::side, "of a whole-body reading: right or left")
            .sparse("limb_temperature_c", &Setup::limbTemperature, "of the skin", between(0.0, 50.0))
            .check([](const Setup& setup) {
                const bool known = setup.electrodes == 2 || setup.electrodes == 4 || setup.electrodes == 8;
                return std::string(known ? "" : "electrodes must be 2, 4 or 8");
            })
            .check([](const Setup& setup) {
                return std::string(
                    setup.side == "right" || setup.side == "left" ? "" : "side must be right or left");
            });
    return fields;
}

const Fields<ModuleCheck>& moduleFields() {
    static const auto fields =
        Fields<ModuleCheck>("module check")
            .with(numberedFields())
            .required("nominal_ohm", &ModuleCheck::nominal, "as marked", aboveUpTo(0.0, 1e6))
            .required("reading_ohm", &ModuleCheck::reading, "as read", between(0.0, 1e6));
    return fields;
}

const Fields<IdentityCheck>& identityFields() {
    static const auto fields =
        Fields<IdentityCheck>("identity check")
            .with(attributionFields())
            .optional("code", &IdentityCheck::code, "typed or scanned")
            .required("height_m", &IdentityCheck::height, "measured or confirmed at this visit",
                      between(0.5, 2.5))
            .list("doubts", &IdentityCheck::doubts, doubtFields(), "that were seen")
            .sparse("kept_because", &IdentityCheck::keptBecause, "why it is this person");
    return fields;
}

const Fields<ImpedanceSweep>& impedanceSweepFields() {
    using Taken = ImpedanceSweep;
    static const auto fields =
        Fields<Taken>("sweep")
            .with(numberedFields())
            .flat(&Taken::readings, sweepFields())
            .part("analyzer", &Taken::setup, setupFields(), "how it was connected for this sweep")
            .required("module_check", &Taken::check, "number of the check it was taken under; 0 for none",
                      atLeast(0))
            .flat(&Taken::verdict, verdictFields());
    return fields;
}

} // namespace

const Fields<ImpedanceTest>& impedanceTestFields() {
    using Test = ImpedanceTest;
    static const auto fields = [] {
        auto made = Fields<Test>("raw record of an impedance test");
        made.with(rawTestFields(ImpedanceMethod::id))
            .part("analyzer", &Test::setup, setupFields(), "for the next sweep")
            .list("module_checks", &Test::moduleChecks, moduleFields(), "the latest holds for what follows")
            .part("identity", &Test::identity, identityFields(), "how the client was recognized")
            .part("mass_kg", &Test::mass, massFields(), "on the scale")
            .list("sweeps", &Test::sweeps, impedanceSweepFields(), "as they came")
            .list("reported", &Test::reported, reportedValuesFields(), "what the analyzer computed itself")
            .optional("missing_parts", &Test::missingParts, "ids of amputated parts");
        const FieldNote lengths{"taped_lengths_m",  "length by segment",     "m", between(0.0, 2.5),
                                Presence::Optional, "where a tape was used", {},  {}};
        made.custom(
            lengths,
            [lengths](const Json& json, Test& test) {
                test.tapedLengths.clear();
                for (const auto& [key, value] : json.items())
                    test.tapedLengths[FieldValue<Segment>::from(key, json)] = Metres(numberIn(value, lengths));
            },
            [](const Test& test) {
                Json written = Json::object();
                for (const auto& [segment, length] : test.tapedLengths)
                    written[std::string(impedance::segmentKey(segment))] = length.value();
                return written;
            });
        made.check([](const Test& test) { return repeatedNumber(test.sweeps, "sweeps"); })
            .check([](const Test& test) { return repeatedNumber(test.moduleChecks, "module_checks"); });
        return made;
    }();
    return fields;
}

std::optional<Ohms> ImpedanceTest::wholeBodyMagnitude() const {
    const auto* whole = sweep() ? sweep()->readings.of(Segment::WholeBody) : nullptr;
    const auto* point = whole ? whole->at(impedance::standardFrequency) : nullptr;
    return point ? std::optional(point->magnitude) : std::nullopt;
}

std::vector<ReportedValue> ImpedanceTest::reportedValues() const {
    const ReportedValues* belonging = belongingTo(reported, sweep() ? sweep()->number : 0);
    return belonging ? belonging->values : std::vector<ReportedValue>{};
}

const ReportedValue* ImpedanceTest::reportedValue(std::string_view quantity) const {
    const ReportedValues* belonging = belongingTo(reported, sweep() ? sweep()->number : 0);
    return belonging ? belonging->find(quantity) : nullptr;
}

std::string geometryText(ElectrodeGeometry geometry) {
    return std::string(wordFor(geometry, geometryWords));
}

Json toJson(const AnalyzerSetup& setup) {
    return setupFields().write(setup);
}
AnalyzerSetup analyzerSetupFromJson(const Json& json) {
    return setupFields().read(json);
}
Json toJson(const ModuleCheck& check) {
    return moduleFields().write(check);
}
ModuleCheck moduleCheckFromJson(const Json& json) {
    return moduleFields().read(json);
}
Json toJson(const IdentityCheck& check) {
    return identityFields().write(check);
}
void bringDoubtsForward(Json& check) {
    Json& doubts = check["doubts"];
    if (!doubts.is_array() || doubts.empty() || !doubts.front().is_string())
        return;
    std::string sentences;
    for (const Json& each : doubts)
        sentences += (sentences.empty() ? "" : " ") + each.get<std::string>();
    doubts = Json::array();
    check["kept_because"] = sentences;
}
IdentityCheck identityCheckFromJson(const Json& json) {
    return identityFields().read(json);
}
Json toJson(const impedance::Sweep& sweep) {
    return sweepFields().write(sweep);
}
impedance::Sweep sweepFromJson(const Json& json) {
    return sweepFields().read(json);
}
Json toJson(const ImpedanceSweep& sweep) {
    return impedanceSweepFields().write(sweep);
}
ImpedanceSweep impedanceSweepFromJson(const Json& json) {
    return impedanceSweepFields().read(json);
}
Json toJson(const ImpedanceTest& test) {
    return impedanceTestFields().write(test);
}

namespace {

// Schema 1 knew one set-up, one check and one list of reported values for all sweeps of a test.
void bringForward(Json& json) {
    Json checks = Json::array();
    if (json.contains("module_check")) {
        checks.push_back(json.at("module_check"));
        checks.back()["number"] = 1;
        json.erase("module_check");
    }
    int counting = 0;
    for (Json& sweep : json["sweeps"]) {
        sweep["analyzer"] = json.at("analyzer");
        sweep["module_check"] = checks.size();
        bringVerdictForward(sweep);
        if (!sweep.contains("set_aside"))
            counting = sweep.at("number").get<int>();
    }
    json["module_checks"] = std::move(checks);
    if (json.contains("identity"))
        bringDoubtsForward(json.at("identity"));
    bringReportedForward(json, counting);
}

} // namespace

Expected<ImpedanceTest> impedanceTestFromJson(const Json& json, const std::string& where) {
    return readRecord(json, where, bringForward, impedanceTestFields());
}

DocumentKind impedanceTestKind() {
    return {"Raw record of an impedance test", impedanceTestFields().notes()};
}

} // namespace fusain
