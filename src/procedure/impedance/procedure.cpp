#include "procedure/impedance/procedure.hpp"

#include "core/anthropometry/limits.hpp"
#include "core/units/comparison.hpp"
#include "procedure/impedance/events.hpp"
#include "procedure/impedance/result.hpp"
#include "procedure/method/result_json.hpp"
#include "record/base/json.hpp"

#include <algorithm>
#include <cmath>

namespace fusain {
namespace {

using Done = Procedure::Done;
using impedance::Segment;
using impedance::Spectrum;
using impedance::SpectrumPoint;

std::optional<Problem> problemWithPoint(const Spectrum& spectrum, const SpectrumPoint& point) {
    const std::string segment(impedance::segmentName(spectrum.segment));
    const auto problem = [&](Message what, Message remedy) {
        return Problem{
            std::move(what), segment, {FUSAIN_TEXT("Nothing was kept of this sweep."), {}}, std::move(remedy)};
    };
    const double hertz = point.frequency.value(), ohms = point.magnitude.value();
    if (!std::isfinite(hertz) || hertz < 500.0 || hertz > 2e6)
        return problem({FUSAIN_TEXT("Frequency {1} Hz is out of range (1 kHz–1 MHz)."),
                        {std::isfinite(hertz) ? fixed(hertz, 0) : "?"}},
                       {FUSAIN_TEXT("Give frequencies in hertz."), {}});
    if (!std::isfinite(ohms) || (point.impedance && !(std::isfinite(point.impedance->resistance.value()) &&
                                                      std::isfinite(point.impedance->reactance.value()))))
        return problem({FUSAIN_TEXT("At {1} kHz there is no number."), {fixed(hertz / 1000.0, 0)}},
                       {FUSAIN_TEXT("Measure again, or leave the frequency out."), {}});
    if (point.impedance && point.impedance->resistance.value() <= 0.0)
        return problem({FUSAIN_TEXT("The resistance at {1} kHz is {2} Ω. No body has that."),
                        {fixed(hertz / 1000.0, 0), fixed(point.impedance->resistance.value(), 1)}},
                       {FUSAIN_TEXT("Check that no leads are swapped, and repeat the sweep."), {}});
    if (ohms < (spectrum.segment == Segment::Trunk ? 1.0 : 20.0))
        return problem({FUSAIN_TEXT("{1} Ω at {2} kHz is out of range. Are these kilohms?"),
                        {fixed(ohms, 3), fixed(hertz / 1000.0, 0)}},
                       {FUSAIN_TEXT("Give ohms; look at the unit of the export."), {}});
    if (ohms > 5000.0)
        return problem({FUSAIN_TEXT("{1} Ω at {2} kHz is out of range. An electrode may be off."),
                        {fixed(ohms, 0), fixed(hertz / 1000.0, 0)}},
                       {FUSAIN_TEXT("Check that all electrodes touch."), {}});
    return std::nullopt;
}

constexpr std::string_view sweepReader = "sweep-signal 1";

constexpr NumberedWords words{FUSAIN_TEXT("Excluding a sweep needs a reason."),
                              FUSAIN_TEXT("There is no sweep {1}.")};

} // namespace

std::optional<Problem> problemWithSweep(const impedance::Sweep& sweep) {
    if (sweep.spectra.empty() ||
        std::ranges::any_of(sweep.spectra, [](const Spectrum& each) { return each.points.empty(); }))
        return Problem{{FUSAIN_TEXT("The sweep has no reading, or a segment without any."), {}},
                       {},
                       {},
                       {FUSAIN_TEXT("Measure again, or leave the segment out."), {}}};
    for (const Spectrum& spectrum : sweep.spectra) {
        for (const SpectrumPoint& point : spectrum.points)
            if (auto problem = problemWithPoint(spectrum, point))
                return problem;
        const auto wrong = std::ranges::adjacent_find(spectrum.points, std::ranges::greater_equal(),
                                                      &SpectrumPoint::frequency);
        if (wrong != spectrum.points.end())
            return Problem{{FUSAIN_TEXT("The frequencies of the {1} do not rise from one reading to the next."),
                            {std::string(impedance::segmentName(spectrum.segment))}},
                           {},
                           {},
                           {FUSAIN_TEXT("Sort them; no frequency twice."), {}}};
    }
    for (const Segment segment : impedance::segments)
        if (std::ranges::count(sweep.spectra, segment, &Spectrum::segment) > 1)
            return Problem{
                {FUSAIN_TEXT("The {1} is there twice."), {std::string(impedance::segmentName(segment))}},
                {},
                {},
                {}};
    return std::nullopt;
}

std::vector<impedance::SignalFinding> ImpedanceProcedure::judge(const impedance::Sweep& sweep) const {
    return impedance::judgeSignal(sweep, setting_.policy.signalLimits(test_.setup.geometry));
}

std::optional<Json> ImpedanceProcedure::resultDocument() const {
    const auto result = computeImpedance(test_, setting_.policy, {});
    return result ? std::optional(numbersOf(toJson(*result, test_, setting_.policy))) : std::nullopt;
}

bool ImpedanceProcedure::readingDone(Step step) const {
    using enum ImpedanceStep;
    switch (step.as<ImpedanceStep>()) {
    case Module:
        return test_.moduleCheck() &&
               within(std::abs(test_.moduleCheck()->relativeError()), setting_.policy.moduleTolerance);
    case Identity:
        return test_.identity.has_value();
    case Mass:
        return test_.mass.has_value();
    case Sweep:
        return test_.sweep() != nullptr || !test_.reportedValues().empty();
    default:
        return false;
    }
}

bool ImpedanceProcedure::needsAttention(Step step) const {
    return step == ImpedanceStep::Module && test_.moduleCheck() && !isDone(step);
}

std::optional<bool> ImpedanceProcedure::appliesToAnalyzer(const std::string& condition,
                                                          impedance::ElectrodeGeometry geometry) {
    const bool lying = geometry == impedance::ElectrodeGeometry::SupineGel;
    if (condition == "supine analyzer" || condition == "gel electrodes")
        return lying;
    return condition == "standing analyzer" ? std::optional(!lying) : std::nullopt;
}

bool ImpedanceProcedure::applies(const std::string& condition) const {
    return appliesToAnalyzer(condition, test_.setup.geometry).value_or(Procedure::applies(condition));
}

Done ImpedanceProcedure::setUp(const AnalyzerSetup& setup) {
    if (setup.electrodes != 2 && setup.electrodes != 4 && setup.electrodes != 8)
        return refused({FUSAIN_TEXT("An analyzer has two, four or eight electrodes."), {}}, {});
    if (setup.side != "right" && setup.side != "left")
        return refused({FUSAIN_TEXT("The measured side is right or left."), {}}, {});
    return appendOpen(analyzer::AnalyzerSet{setup});
}

Done ImpedanceProcedure::checkModule(Ohms nominal, Ohms reading, const Attribution& from) {
    if (!(nominal.value() >= 10.0 && nominal.value() <= 2000.0) || !(reading.value() > 0.0))
        return refused({FUSAIN_TEXT("A test module is 10 to 2000 Ω, and its reading is above zero."), {}},
                       {FUSAIN_TEXT("Type ohms: as marked on the module, then as read."), {}});
    return keep<analyzer::ModuleChecked>(
        ModuleCheck{{from, test_.moduleChecks.nextNumber(), {}}, nominal, reading});
}

Done ImpedanceProcedure::confirmIdentity(const std::string& code, const std::string& clientCode, Metres height,
                                         std::vector<impedance::IdentityDoubt> doubts,
                                         const std::string& keptBecause) {
    if (!doubts.empty() && blank(keptBecause))
        return refused(doubts.front().message(),
                       {FUSAIN_TEXT("Say why it is this client, or correct it."), {}});
    if (code != clientCode)
        return refused({FUSAIN_TEXT("The code \"{1}\" is not that of this client."), {code}},
                       {FUSAIN_TEXT("Whose turn is it? Open that client's test, or type the code again."), {}});
    if (!anthropometry::plausibleHeight.holds(height))
        return refused({FUSAIN_TEXT("Height {1} cm is out of range."), {fixed(centimetres(height), 1)}},
                       {FUSAIN_TEXT("The range is 50 to 230 cm. Check the unit."), {}});
    return keep<analyzer::IdentityConfirmed>(IdentityCheck{{}, code, height, std::move(doubts), keptBecause});
}

Done ImpedanceProcedure::weigh(Kilograms mass, const Attribution& from, const std::string& keptBecause) {
    return readMass<analyzer::MassRead>(ImpedanceStep::Mass, mass, anthropometry::plausibleMass, from,
                                        keptBecause);
}

ImpedanceSweep ImpedanceProcedure::judged(impedance::Sweep sweep, const Attribution& from) const {
    ImpedanceSweep kept;
    static_cast<Attribution&>(kept) = from;
    kept.number = test_.sweeps.nextNumber();
    kept.setup = test_.setup;
    kept.check = test_.moduleCheck() ? test_.moduleCheck()->number : 0;
    const auto findings = judge(sweep);
    kept.verdict = {std::string(sweepReader), findings.empty()                  ? "clean"
                                              : impedance::mustRepeat(findings) ? "repeat"
                                                                                : "look"};
    for (const impedance::SignalFinding& finding : findings)
        kept.verdict.remarks.push_back({std::string(faultName(finding.fault)),
                                        std::string(impedance::segmentKey(finding.segment)),
                                        finding.severity == impedance::Severity::Bad});
    kept.readings = std::move(sweep);
    return kept;
}

Done ImpedanceProcedure::acceptSweep(impedance::Sweep sweep, const Attribution& from,
                                     const std::string& reasonInSpite, const std::string& keptBecause) {
    if (auto obstacle = obstacleTo(ImpedanceStep::Sweep))
        return refused(*obstacle, {});
    if (auto sameSetUp = takenBefore<analyzer::AnalyzerSet, analyzer::ModuleChecked>(
            from, {FUSAIN_TEXT("The analyzer was set up or checked again after this sweep was recorded."), {}});
        !sameSetUp)
        return sameSetUp;
    if (auto problem = problemWithSweep(sweep))
        return tl::unexpected(*problem);
    const auto findings = judge(sweep);
    if (impedance::mustRepeat(findings)) {
        if (blank(reasonInSpite))
            return refused(findings.front().what, findings.front().remedy);
        if (!may(atTheBench().role, Right::Override))
            return refused(
                {FUSAIN_TEXT("Using a sweep that should be repeated is the physiologist's decision."), {}},
                {FUSAIN_TEXT("Repeat it, or ask the physiologist."), {}});
    }
    return keep<analyzer::SweepAccepted>(judged(std::move(sweep), from),
                                         blank(reasonInSpite) ? std::string() : reasonInSpite, keptBecause);
}

Done ImpedanceProcedure::importReadings(Kilograms mass, impedance::Sweep sweep,
                                        std::vector<ReportedValue> reported, const std::string& source) {
    if (!anthropometry::plausibleMass.holds(mass))
        return refused({FUSAIN_TEXT("Body mass {1} kg is out of range."), {fixed(mass.value(), 2)}},
                       {FUSAIN_TEXT("Map the column with the mass in kilograms."), {}});
    auto own = attributed(Attribution::fromFile(test_.id, {}, source));
    if (!own)
        return tl::unexpected(own.error());
    own->at = test_.startedAt; // when they were taken, not when they were read in
    analyzer::ReadingsImported imported{{*own, mass.value()}, {}, ReportedValues{}, source};
    if (!sweep.spectra.empty()) {
        if (auto problem = problemWithSweep(sweep))
            return tl::unexpected(*problem);
        if (const auto findings = judge(sweep); impedance::mustRepeat(findings))
            return refused(findings.front().what, findings.front().remedy);
        imported.sweep = judged(std::move(sweep), *own);
    }
    imported.reported->values = std::move(reported);
    return appendOpen(imported);
}

Done ImpedanceProcedure::setAside(int number, const std::string& reason) {
    return setNumberedAside<analyzer::SweepSetAside>(words, number, test_.sweeps.find(number), reason);
}

Done ImpedanceProcedure::restore(int number) {
    return restoreNumbered<analyzer::SweepRestored>(words, number, test_.sweeps.find(number));
}

Done ImpedanceProcedure::keepReported(std::vector<ReportedValue> values) {
    for (const ReportedValue& value : values)
        if (!std::isfinite(value.value) || blank(value.quantity))
            return refused({FUSAIN_TEXT("A reported value needs a name and a number."), {}}, {});
    const auto within = [&](std::string_view quantity, double least, double most) {
        const auto found = std::ranges::find(values, quantity, &ReportedValue::quantity);
        return found == values.end() || (found->value >= least && found->value <= most);
    };
    if (!within("fat-percent", 1.0, 75.0) ||
        !within("fat-free-mass", 5.0, test_.mass ? test_.mass->value : 300.0))
        return refused(
            {FUSAIN_TEXT("The reported fat or fat-free mass does not go with this person's mass."), {}},
            {FUSAIN_TEXT("Check the units, and whose values these are."), {}});
    return appendOpen(analyzer::ValuesReported{{{}, 0, std::move(values)}});
}

Done ImpedanceProcedure::setMissingParts(const std::vector<std::string>& parts) {
    for (const std::string& part : parts) {
        const auto slash = part.find('/');
        const std::string side = part.substr(0, slash);
        if (slash == std::string::npos || (side != "left" && side != "right") ||
            !impedance::findMissingPart(part.substr(slash + 1)))
            return refused({FUSAIN_TEXT("\"{1}\" is not a part of the body with its side."), {part}}, {});
    }
    return appendOpen(analyzer::PartsMissing{parts});
}

Done ImpedanceProcedure::tapeLength(impedance::Segment segment, Metres length) {
    if (!(length.value() >= 0.1 && length.value() <= 1.3))
        return refused({FUSAIN_TEXT("Length {1} cm is out of range."), {fixed(centimetres(length), 1)}},
                       {FUSAIN_TEXT("Type centimetres."), {}});
    return appendOpen(analyzer::LengthTaped{segment, length});
}

void takeCalibrations(ImpedancePolicy& policy, const SettingOf& setting) {
    for (const Sex sex : {Sex::Male, Sex::Female}) {
        const std::string whose = "." + std::string(sexText(sex));
        const auto own = [&](const std::string& key, auto read, auto& target) {
            if (const std::string kept = setting(key + whose); !kept.empty())
                if (auto found = readDocument(key, [&] { return read(Json::parse(kept)); }))
                    target[sex] = *found;
        };
        own("calibration.contact-to-gel", pairedRegressionFromJson, policy.contactToGel);
        own("calibration.segments." + geometryText(policy.geometry), segmentModelFromJson, policy.segments);
    }
}

std::optional<impedance::IdentityFacts> lastFacts(const std::vector<ImpedanceTest>& past, const RawTest& now) {
    std::optional<impedance::IdentityFacts> last;
    for (const ImpedanceTest& each : past)
        if (each.id != now.id && each.state == TestState::Signed && each.startedAt < now.startedAt)
            last = {each.subject.height, each.mass ? std::optional(Kilograms(each.mass->value)) : std::nullopt,
                    each.wholeBodyMagnitude()};
    return last;
}

} // namespace fusain
