#include "procedure/scan/procedure.hpp"

#include "core/units/comparison.hpp"
#include "core/units/format.hpp"
#include "record/base/json.hpp"

#include <algorithm>
#include <cmath>

namespace fusain {
namespace {

using Done = Procedure::Done;

constexpr NumberedWords words{"scan", FUSAIN_TEXT("Setting a scan aside needs a reason."),
                              FUSAIN_TEXT("There is no scan {1}.")};

} // namespace

std::vector<dxa::ScanFinding> DxaProcedure::judge(const dxa::Scan& scan, bool halfBody) const {
    const auto scale = test_.mass ? std::optional(Kilograms(test_.mass->value)) : std::nullopt;
    return dxa::judgeScan(scan, scale, setting_.policy.limits, halfBody);
}

std::optional<Message> DxaProcedure::tableObstacle() const {
    if (test_.mass && test_.mass->value > setting_.policy.tableLimit.value())
        return Message{
            FUSAIN_TEXT("{1} kg is more than the {2} kg that the table bears: no scan on this machine."),
            {fixed(test_.mass->value, 1), fixed(setting_.policy.tableLimit.value(), 0)}};
    return std::nullopt;
}

bool DxaProcedure::readingDone(Step step) const {
    using enum DxaStep;
    switch (step.as<DxaStep>()) {
    case Phantom:
        return test_.phantom &&
               within(std::abs(test_.phantom->error().value()), setting_.policy.phantomTolerance.value());
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
    return (step == DxaStep::Phantom && test_.phantom && !isDone(step)) ||
           (step == DxaStep::Mass && tableObstacle());
}

Done DxaProcedure::setScanner(const ScannerSetup& setup) {
    if (blank(setup.scanner))
        return refused({FUSAIN_TEXT("The densitometer needs a name."), {}}, {});
    return appendOpen("scanner.set", toJson(setup));
}

Done DxaProcedure::readPhantom(Percent nominal, Percent reading) {
    for (const Percent value : {nominal, reading})
        if (!(value.value() >= 1.0 && value.value() <= 99.0))
            return refused({FUSAIN_TEXT("The fat of a phantom lies between 1 and 99 %."), {}},
                           {FUSAIN_TEXT("Type percent: as on the certificate, then as read."), {}});
    return appendOpen("phantom.read", toJson(PhantomReading{nominal, reading, now()}));
}

Done DxaProcedure::weigh(Kilograms mass, Origin origin) {
    return readMass(DxaStep::Mass, mass, origin);
}

Done DxaProcedure::stateDose(int scansHere, Microsieverts doseHere, int scansElsewhere,
                             const std::string& reason) {
    if (scansElsewhere < 0 || scansElsewhere > 50)
        return refused({FUSAIN_TEXT("{1} scans in a year cannot be right."), {std::to_string(scansElsewhere)}},
                       {});
    const DxaPolicy& policy = setting_.policy;
    const DoseStatement statement{scansHere, scansElsewhere,
                                  doseHere + policy.dosePerScan * static_cast<double>(scansElsewhere),
                                  policy.dosePerScan, now()};
    if (statement.withThisScan() > policy.yearlyDose) {
        if (blank(reason) || atTheBench().role != Role::Physiologist)
            return refused(
                {FUSAIN_TEXT("With this scan {1} µSv in twelve months, more than this lab's {2} µSv."),
                 {fixed(statement.withThisScan().value(), 0), fixed(policy.yearlyDose.value(), 0)}},
                {FUSAIN_TEXT("The physiologist or the licensed operator decides, and says why."), {}});
        if (auto noted = addNote("dose above the lab's yearly limit: " + reason); !noted)
            return noted;
    }
    return appendOpen("dose.stated", toJson(statement));
}

Done DxaProcedure::stateMenopause(bool after) {
    return appendOpen("menopause.stated", {{"after", after}});
}

Done DxaProcedure::acceptScan(DxaScan scan, const std::string& reasonInSpite) {
    if (auto obstacle = obstacleTo(DxaStep::Scan))
        return refused(*obstacle, {});
    if (!scan.halfBody.empty() && scan.halfBody != "right" && scan.halfBody != "left")
        return refused({FUSAIN_TEXT("The complete side of a half body is right or left."), {}}, {});
    const auto findings = judge(scan.readings, !scan.halfBody.empty());
    if (dxa::mustRepeat(findings)) {
        const bool none = findings.front().fault == dxa::Fault::Number;
        if (none || blank(reasonInSpite))
            return refused(findings.front().what, findings.front().remedy);
        if (atTheBench().role != Role::Physiologist)
            return refused(
                {FUSAIN_TEXT("Using a scan that should be repeated is the physiologist's decision."), {}},
                {FUSAIN_TEXT("Correct or repeat it, or ask the physiologist."), {}});
        if (auto noted = addNote("scan used in spite of the rules: " + reasonInSpite); !noted)
            return noted;
    }
    scan.number = test_.scans.nextNumber();
    scan.at = now();
    if (scan.scanner.scanner.empty())
        scan.scanner = test_.scanner;
    scan.findings.clear();
    for (const dxa::ScanFinding& finding : findings)
        scan.findings.push_back(finding.what.english());
    return appendOpen("scan.accepted", toJson(scan));
}

Done DxaProcedure::acceptFile(const ScanFile& file, const std::string& clientCode, const std::string& source,
                              const std::string& reasonInSpite) {
    if (file.clientCode != clientCode)
        return refused({FUSAIN_TEXT("The scan is of \"{1}\", not of this client (\"{2}\")."),
                        {file.clientCode, clientCode}},
                       {FUSAIN_TEXT("Whose scan is it? Open that client's test."), {}});
    DxaScan scan;
    scan.readings = file.scan;
    scan.scanner = file.scanner;
    scan.halfBody = file.halfBody;
    scan.dose = file.dose;
    scan.origin = Origin::Link;
    scan.source = source;
    if (auto kept = acceptScan(std::move(scan), reasonInSpite); !kept)
        return kept;
    return file.reported.empty() && file.bones.empty() ? Done{} : keepReported(file.reported, file.bones);
}

Done DxaProcedure::setAside(int number, const std::string& reason) {
    return setNumberedAside(words, number, test_.scans.find(number), reason);
}

Done DxaProcedure::restore(int number) {
    return restoreNumbered(words, number);
}

Done DxaProcedure::keepReported(const std::vector<ReportedValue>& values,
                                const std::vector<dxa::ReportedBone>& bones) {
    Json reported = Json::array(), scores = Json::array();
    for (const ReportedValue& value : values) {
        if (!std::isfinite(value.value) || blank(value.quantity))
            return refused({FUSAIN_TEXT("A reported value needs a name and a number."), {}}, {});
        if (value.quantity == "visceral-fat-mass" && !(value.value >= 0.0 && value.value < 15.0))
            return refused({FUSAIN_TEXT("{1} kg of visceral fat cannot be right: grams for kilograms?"),
                            {fixed(value.value, 1)}},
                           {});
        reported.push_back(toJson(value));
    }
    for (const dxa::ReportedBone& bone : bones) {
        for (const auto& score : {bone.tScore, bone.zScore})
            if (score && !(std::abs(*score) <= 10.0))
                return refused({FUSAIN_TEXT("A bone score of {1} cannot be right."), {fixed(*score, 1)}}, {});
        scores.push_back(toJson(bone));
    }
    return appendOpen("values.reported", {{"values", reported}, {"bones", scores}});
}

} // namespace fusain
