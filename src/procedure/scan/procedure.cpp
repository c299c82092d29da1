#include "procedure/scan/procedure.hpp"

#include "core/anthropometry/limits.hpp"
#include "core/units/comparison.hpp"
#include "core/units/format.hpp"
#include "procedure/method/result_json.hpp"
#include "procedure/scan/events.hpp"
#include "procedure/scan/result.hpp"
#include "record/base/json.hpp"

#include <algorithm>
#include <cmath>

namespace fusain {
namespace {

using Done = Procedure::Done;

constexpr std::string_view scanReader = "scan-rules 1";

constexpr NumberedWords words{FUSAIN_TEXT("Excluding a scan needs a reason."),
                              FUSAIN_TEXT("There is no scan {1}.")};

} // namespace

std::vector<dxa::ScanFinding> DxaProcedure::judge(const dxa::Scan& scan, bool halfBody) const {
    const auto scale = test_.mass ? std::optional(Kilograms(test_.mass->value)) : std::nullopt;
    return dxa::judgeScan(scan, scale, setting_.policy.limits, halfBody);
}

std::optional<Message> DxaProcedure::tableObstacle() const {
    if (test_.mass && test_.mass->value > setting_.policy.tableLimit.value())
        return Message{FUSAIN_TEXT("Do not scan. {1} kg is above the table limit of {2} kg."),
                       {fixed(test_.mass->value, 1), fixed(setting_.policy.tableLimit.value(), 0)}};
    return std::nullopt;
}

std::optional<Json> DxaProcedure::resultDocument() const {
    const auto result = computeDxa(test_, setting_.policy);
    return result ? std::optional(numbersOf(toJson(*result, test_, setting_.policy))) : std::nullopt;
}

bool DxaProcedure::readingDone(Step step) const {
    using enum DxaStep;
    switch (step.as<DxaStep>()) {
    case Phantom:
        return test_.phantom() &&
               within(std::abs(test_.phantom()->error().value()), setting_.policy.phantomTolerance.value());
    case Mass:
        return test_.mass && !tableObstacle();
    case Dose:
        return test_.dose.has_value();
    case DxaStep::Scan:
        return test_.scan() != nullptr;
    default:
        return false;
    }
}

bool DxaProcedure::needsAttention(Step step) const {
    return (step == DxaStep::Phantom && test_.phantom() && !isDone(step)) ||
           (step == DxaStep::Mass && tableObstacle());
}

Done DxaProcedure::setScanner(const ScannerSetup& setup) {
    if (blank(setup.scanner))
        return refused({FUSAIN_TEXT("The densitometer needs a name."), {}}, {});
    return appendOpen(scanner::ScannerSet{setup});
}

Done DxaProcedure::readPhantom(Percent nominal, Percent reading, const Attribution& from) {
    for (const Percent value : {nominal, reading})
        if (!(value.value() >= 1.0 && value.value() <= 99.0))
            return refused({FUSAIN_TEXT("The fat of a phantom is 1 to 99 %."), {}},
                           {FUSAIN_TEXT("Type percent: as on the certificate, then as read."), {}});
    return keep<scanner::PhantomRead>(
        PhantomReading{{from, test_.phantoms.nextNumber(), {}}, nominal, reading});
}

Done DxaProcedure::weigh(Kilograms mass, const Attribution& from, const std::string& keptBecause) {
    return readMass<scanner::MassRead>(DxaStep::Mass, mass, anthropometry::plausibleMass, from, keptBecause);
}

Done DxaProcedure::stateDose(int scansHere, Microsieverts doseHere, int scansElsewhere,
                             const std::string& reason) {
    if (scansElsewhere < 0 || scansElsewhere > 50)
        return refused({FUSAIN_TEXT("{1} scans in a year is out of range."), {std::to_string(scansElsewhere)}},
                       {});
    const DxaPolicy& policy = setting_.policy;
    const auto own = attributed(Attribution::typed());
    if (!own)
        return tl::unexpected(own.error());
    const DoseStatement statement{*own, scansHere, scansElsewhere,
                                  doseHere + policy.dosePerScan * static_cast<double>(scansElsewhere),
                                  policy.dosePerScan};
    const Microsieverts limit = policy.yearlyDoseOf(test_.subject.age);
    if (statement.withThisScan() > limit) {
        if (blank(reason) || !may(atTheBench().role, Right::Override))
            return refused(
                {FUSAIN_TEXT("With this scan {1} µSv in twelve months, more than this lab's {2} µSv."),
                 {fixed(statement.withThisScan().value(), 0), fixed(limit.value(), 0)}},
                {FUSAIN_TEXT("The physiologist or the licensed operator decides, and says why."), {}});
    }
    return appendOpen(scanner::DoseStated{statement, blank(reason) ? std::string() : reason});
}

Done DxaProcedure::stateMenopause(bool after) {
    return appendOpen(scanner::MenopauseStated{after});
}

Done DxaProcedure::acceptScan(DxaScan scan, const std::string& reasonInSpite) {
    if (scan.origin != Origin::Typed)
        return refused({FUSAIN_TEXT("A scan from a file is taken with the label of its file."), {}}, {});
    return keepScan({std::move(scan), {}}, reasonInSpite);
}

Done DxaProcedure::acceptFile(const ScanFile& file, const std::string& clientCode, const ScanRemarks& remarks,
                              const Attribution& from, const std::string& reasonInSpite, const AlsoKept& also) {
    scanner::ScanAccepted accepted{{}, {}, file.clientCode, file.scannedAt};
    if (file.clientCode != clientCode) {
        const bool reassigned = !blank(remarks.reassignedBecause);
        if (!reassigned || !may(atTheBench().role, Right::Override))
            return refused({FUSAIN_TEXT("The scan is of \"{1}\", not of this client (\"{2}\")."),
                            {file.clientCode, clientCode}},
                           {reassigned ? FUSAIN_TEXT("Only a physiologist can reassign a scan.")
                                       : FUSAIN_TEXT("Whose scan is it? Open that client's test."),
                            {}});
        accepted.reassignedBecause = remarks.reassignedBecause;
    }
    if (auto problem = problemWithReported(file.reported, file.bones))
        return tl::unexpected(*problem);
    accepted.reported.values = file.reported;
    accepted.reported.bones = file.bones;
    DxaScan& scan = accepted.scan;
    static_cast<Attribution&>(scan) = from;
    scan.readings = file.scan;
    scan.scanner = file.scanner;
    scan.halfBody = file.halfBody;
    scan.artefacts = remarks.artefacts;
    scan.dose = file.dose;
    return keepScan(std::move(accepted), reasonInSpite, also);
}

Done DxaProcedure::keepScan(scanner::ScanAccepted accepted, const std::string& reasonInSpite,
                            const AlsoKept& also) {
    DxaScan& scan = accepted.scan;
    if (auto obstacle = obstacleTo(DxaStep::Scan))
        return refused(*obstacle, {});
    if (!scan.halfBody.empty() && scan.halfBody != "right" && scan.halfBody != "left")
        return refused({FUSAIN_TEXT("The complete side of a half body is right or left."), {}}, {});
    const auto findings = judge(scan.readings, !scan.halfBody.empty());
    if (dxa::mustRepeat(findings)) {
        const bool none = findings.front().fault == dxa::Fault::Number;
        if (none || blank(reasonInSpite))
            return refused(findings.front().what, findings.front().remedy);
        if (!may(atTheBench().role, Right::Override))
            return refused(
                {FUSAIN_TEXT("Using a scan that should be repeated is the physiologist's decision."), {}},
                {FUSAIN_TEXT("Correct or repeat it, or ask the physiologist."), {}});
        accepted.overriddenBecause = reasonInSpite;
    }
    const auto own = attributed(scan);
    if (!own)
        return tl::unexpected(own.error());
    static_cast<Attribution&>(scan) = *own;
    scan.number = test_.scans.nextNumber();
    scan.check = test_.phantom() ? test_.phantom()->number : 0;
    if (scan.scanner.scanner.empty())
        scan.scanner = test_.scanner;
    scan.verdict = {std::string(scanReader), findings.empty()            ? "clean"
                                             : dxa::mustRepeat(findings) ? "repeat"
                                                                         : "look"};
    for (const dxa::ScanFinding& finding : findings)
        scan.verdict.remarks.push_back({std::string(faultName(finding.fault)),
                                        std::string(dxa::regionKey(finding.region)),
                                        finding.severity == dxa::Severity::Repeat});
    return appendOpen(accepted, also);
}

Done DxaProcedure::setAside(int number, const std::string& reason) {
    return setNumberedAside<scanner::ScanSetAside>(words, number, test_.scans.find(number), reason);
}

Done DxaProcedure::restore(int number) {
    return restoreNumbered<scanner::ScanRestored>(words, number, test_.scans.find(number));
}

std::optional<Problem> DxaProcedure::problemWithReported(const std::vector<ReportedValue>& values,
                                                         const std::vector<dxa::ReportedBone>& bones) {
    for (const ReportedValue& value : values) {
        if (!std::isfinite(value.value) || blank(value.quantity))
            return refused({FUSAIN_TEXT("A reported value needs a name and a number."), {}}, {}).value();
        if (value.quantity == "visceral-fat-mass" && !(value.value >= 0.0 && value.value < 15.0))
            return refused({FUSAIN_TEXT("Visceral fat {1} kg is out of range. Is this in grams?"),
                            {fixed(value.value, 1)}},
                           {})
                .value();
    }
    for (const dxa::ReportedBone& bone : bones)
        for (const auto& score : {bone.tScore, bone.zScore})
            if (score && !(std::abs(*score) <= 10.0))
                return refused({FUSAIN_TEXT("Bone score {1} is out of range."), {fixed(*score, 1)}}, {})
                    .value();
    return std::nullopt;
}

Done DxaProcedure::keepReported(const std::vector<ReportedValue>& values,
                                const std::vector<dxa::ReportedBone>& bones) {
    if (auto problem = problemWithReported(values, bones))
        return tl::unexpected(*problem);
    return appendOpen(scanner::ValuesReported{{{{}, 0, values}, bones}});
}

} // namespace fusain
