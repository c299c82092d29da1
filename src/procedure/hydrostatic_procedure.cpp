#include "procedure/hydrostatic_procedure.hpp"

#include "core/water/density.hpp"
#include "procedure/hydrostatic_events.hpp"

#include <algorithm>

namespace fusain {
namespace {

using Done = HydrostaticProcedure::Done;
using enum HydrostaticStep;

tl::unexpected<Problem> refused(Message what, Message remedy) {
    return failure(std::move(what), {}, std::move(remedy),
                   {FUSAIN_TEXT("Everything accepted so far is kept."), {}});
}

constexpr std::array allSteps{
    TankReady, LoadCell,  WaterTemperature, Screening,      Readiness, DryMass, VitalCapacity, Rehearsal,
    Trials,    OutSafely, Result,           Interpretation, Sign,      Report,  After};

std::string idOf(HydrostaticStep step) {
    return std::string(textOf(step).id);
}

bool blank(const std::string& text) {
    return text.find_first_not_of(" \t\n") == std::string::npos;
}

std::vector<hydrostatic::TrialReading> countingTrials(const HydrostaticTest& test) {
    std::vector<hydrostatic::TrialReading> readings;
    const Kilograms tare = test.loadCell ? test.loadCell->tare : Kilograms(0.0);
    for (const WeighingTrial& trial : test.trials)
        if (trial.counts())
            readings.push_back({trial.number, trial.gross - tare});
    return readings;
}

} // namespace

HydrostaticProcedure::HydrostaticProcedure(HydrostaticSetting setting, Staff staff, Journal& journal,
                                           Clock clock)
    : setting_(std::move(setting)), staff_(std::move(staff)), journal_(&journal), clock_(std::move(clock)) {}

Expected<HydrostaticProcedure> HydrostaticProcedure::begin(HydrostaticSetting setting,
                                                           const std::string& testId,
                                                           const TestSubject& subject, Staff atTheBench,
                                                           Journal& journal, Clock clock) {
    HydrostaticProcedure procedure(std::move(setting), std::move(atTheBench), journal, std::move(clock));
    procedure.test_.id = testId;
    const Done started =
        procedure.append("test.started", {{"subject", toJson(subject)},
                                          {"policy", procedure.setting_.policy.id},
                                          {"policy_document", toJson(procedure.setting_.policy)},
                                          {"protocol", procedure.setting_.protocol.id}});
    if (!started)
        return tl::unexpected(started.error());
    return procedure;
}

Expected<HydrostaticProcedure> HydrostaticProcedure::resume(HydrostaticSetting setting,
                                                            std::vector<Event> events, Staff atTheBench,
                                                            Journal& journal, Clock clock) {
    HydrostaticProcedure procedure(std::move(setting), std::move(atTheBench), journal, std::move(clock));
    auto test = replayHydrostaticTest(events);
    if (!test)
        return tl::unexpected(test.error());
    procedure.test_ = std::move(*test);
    for (const Event& event : effectiveEvents(events))
        if (event.kind == "step.shown")
            procedure.shown_ = static_cast<HydrostaticStep>(
                std::clamp(event.data.value("step", 0), 0, static_cast<int>(hydrostaticStepCount) - 1));
        else
            procedure.shown_.reset();
    procedure.events_ = std::move(events);
    return procedure;
}

Done HydrostaticProcedure::append(const std::string& kind, Json data) {
    Event event;
    event.at = clock_();
    event.by = staff_.id;
    event.kind = kind;
    event.subject = test_.id;
    event.data = std::move(data);
    auto kept = journal_->append(std::move(event));
    if (!kept)
        return tl::unexpected(kept.error());
    applyEvent(test_, *kept);
    events_.push_back(std::move(*kept));
    if (kind != "step.shown")
        shown_.reset();
    return {};
}

// For every change that a signature or a refusal forbids.
Done HydrostaticProcedure::appendOpen(const std::string& kind, Json data) {
    if (test_.state == TestState::Signed)
        return refused({FUSAIN_TEXT("This test is signed; its readings are locked."), {}},
                       {FUSAIN_TEXT("Amend it, with a reason: both versions are kept."), {}});
    if (test_.state == TestState::Refused)
        return refused({FUSAIN_TEXT("This test was ended without a result."), {}},
                       {FUSAIN_TEXT("Start a new one."), {}});
    return append(kind, std::move(data));
}

bool HydrostaticProcedure::answered(HydrostaticStep step) const {
    return std::ranges::all_of(questions(step), [&](const readiness::Rule* rule) {
        const AnsweredQuestion* answer = answerTo(rule->id);
        return answer && !answer->open();
    });
}

bool HydrostaticProcedure::isDone(HydrostaticStep step) const {
    switch (step) {
    case LoadCell:
        return test_.loadCell && (std::abs(test_.loadCell->error().value()) <= loadCellTolerance + 1e-9 ||
                                  test_.done(idOf(step)));
    case WaterTemperature:
        return test_.waterTemperature.has_value();
    case Screening:
    case Readiness:
        return answered(step);
    case DryMass:
        return test_.dryMass.has_value();
    case VitalCapacity:
        return test_.residualVolume || vitalCapacity().verdict != lung::SessionVerdict::NeedMore ||
               test_.done(idOf(step));
    case Trials:
        return trials().verdict != hydrostatic::TrialVerdict::NeedMore || test_.done(idOf(step));
    case Interpretation:
        return !test_.interpretation.empty();
    case Sign:
        return test_.state == TestState::Signed;
    default:
        return test_.done(idOf(step));
    }
}

HydrostaticStep HydrostaticProcedure::currentStep() const {
    if (shown_)
        return *shown_;
    const auto first = std::ranges::find_if_not(allSteps, [&](HydrostaticStep step) { return isDone(step); });
    return first == allSteps.end() ? After : *first;
}

StepState HydrostaticProcedure::stateOf(HydrostaticStep step) const {
    if (step == currentStep())
        return StepState::Current;
    if (step == LoadCell && test_.loadCell && !isDone(step))
        return StepState::Attention;
    return isDone(step) ? StepState::Done : StepState::Waiting;
}

std::vector<const readiness::Rule*> HydrostaticProcedure::questions(HydrostaticStep step) const {
    std::vector<const readiness::Rule*> list;
    if (step != Screening && step != Readiness)
        return list;
    for (const readiness::Rule& rule :
         step == Screening ? setting_.protocol.screening : setting_.protocol.readiness) {
        const bool applies = rule.appliesIf.empty() ||
                             (rule.appliesIf == "woman" && test_.subject.sex == Sex::Female) ||
                             (rule.appliesIf == "repeat test" && test_.subject.repeatTest);
        if (applies)
            list.push_back(&rule);
    }
    return list;
}

const AnsweredQuestion* HydrostaticProcedure::answerTo(const std::string& ruleId) const {
    return test_.answerTo(ruleId);
}

lung::SessionJudgement HydrostaticProcedure::vitalCapacity() const {
    std::vector<lung::Effort> efforts;
    for (const VitalCapacityEffort& effort : test_.efforts)
        efforts.push_back({effort.volume, effort.acceptable});
    return lung::judgeSession(efforts, test_.subject.age);
}

hydrostatic::TrialJudgement HydrostaticProcedure::trials() const {
    return hydrostatic::judgeTrials(countingTrials(test_), setting_.policy.trials);
}

std::optional<Message> HydrostaticProcedure::obstacleTo(HydrostaticStep step) const {
    const auto needs = [&](HydrostaticStep earlier) -> std::optional<Message> {
        if (isDone(earlier))
            return std::nullopt;
        return Message{FUSAIN_TEXT("First finish the step \"{1}\"."), {std::string(textOf(earlier).title)}};
    };
    std::vector<HydrostaticStep> required;
    if (step == Rehearsal || step == Trials)
        required = {Screening};
    if (step == Trials)
        required = {LoadCell, WaterTemperature, Screening, Readiness, DryMass, Rehearsal};
    if (step == Result || step == Interpretation)
        required = {Trials};
    if (step == Sign)
        required = {OutSafely, Result, Interpretation};
    if (step == Report)
        required = {Sign};
    for (const HydrostaticStep earlier : required)
        if (auto obstacle = needs(earlier))
            return obstacle;
    return std::nullopt;
}

Done HydrostaticProcedure::goTo(HydrostaticStep step) {
    auto gone = append("step.shown", {{"step", static_cast<int>(step)}});
    if (gone)
        shown_ = step;
    return gone;
}

Done HydrostaticProcedure::confirm(HydrostaticStep step, const std::string& reason) {
    if (auto obstacle = obstacleTo(step))
        return refused(*obstacle, {});
    if (step == LoadCell && staff_.role != Role::Physiologist)
        return refused({FUSAIN_TEXT("Going past a failed check is the physiologist's decision."), {}},
                       {FUSAIN_TEXT("Repeat the check, or ask the physiologist."), {}});
    const bool pastReading = step == LoadCell || step == VitalCapacity || step == Trials;
    if (pastReading && blank(reason))
        return refused({FUSAIN_TEXT("Going past this step needs a reason."), {}},
                       {FUSAIN_TEXT("Say why in one sentence."), {}});
    if (step == WaterTemperature || step == Screening || step == Readiness || step == DryMass ||
        step == Interpretation || step == Sign)
        return refused({FUSAIN_TEXT("This step needs its own answer."), {}}, {});
    // The report may be made, and the tank drained, after the record is locked.
    return step == Report || step == After
               ? append("step.done", {{"step", idOf(step)}, {"reason", reason}})
               : appendOpen("step.done", {{"step", idOf(step)}, {"reason", reason}});
}

Done HydrostaticProcedure::checkLoadCell(Kilograms tare, Kilograms referenceNominal,
                                         Kilograms referenceReading) {
    if (!(referenceNominal.value() >= 0.5 && referenceNominal.value() <= 50.0) || std::abs(tare.value()) > 60.0)
        return refused(
            {FUSAIN_TEXT("A reference mass lies between 0.5 and 50 kg, and chair and belt below 60 kg."), {}},
            {FUSAIN_TEXT("Check the numbers."), {}});
    return appendOpen("load-cell.checked",
                      toJson(LoadCellCheck{tare, referenceNominal, referenceReading, clock_()}));
}

Done HydrostaticProcedure::readWaterTemperature(Celsius temperature, Origin origin) {
    if (water::judgeTemperature(temperature) == water::TemperatureVerdict::Refused)
        return refused(
            {FUSAIN_TEXT("Water at {1} °C: no test below 20 or above 40 °C."), {fixed(temperature.value(), 1)}},
            {FUSAIN_TEXT("Check the thermometer and its unit, or warm or cool the water."), {}});
    return appendOpen("water-temperature.read", toJson(Reading{temperature.value(), origin, clock_()}));
}

Done HydrostaticProcedure::answer(const std::string& ruleId, const readiness::Answer& answer) {
    const readiness::Rule* rule = setting_.protocol.find(ruleId);
    if (!rule)
        return refused({FUSAIN_TEXT("The protocol has no question \"{1}\"."), {ruleId}}, {});
    return appendOpen(
        "question.answered",
        toJson(AnsweredQuestion{
            ruleId, rule->question, rule->effect, answer, readiness::judge(*rule, answer), {}, {}, clock_()}));
}

Done HydrostaticProcedure::answerAfterWaiting(const std::string& ruleId) {
    const AnsweredQuestion* asked = answerTo(ruleId);
    if (!asked || !asked->answer.hoursSince)
        return refused({FUSAIN_TEXT("There is no time to wait for here."), {}}, {});
    readiness::Answer now = asked->answer;
    now.hoursSince = *now.hoursSince + minutesBetween(asked->at, clock_()) / 60.0;
    return answer(ruleId, now);
}

Done HydrostaticProcedure::acceptDeviation(const std::string& ruleId, const std::string& reason) {
    const AnsweredQuestion* question = answerTo(ruleId);
    if (!question || question->finding.kept)
        return refused({FUSAIN_TEXT("There is no deviation to go past here."), {}}, {});
    if (blank(reason))
        return refused({FUSAIN_TEXT("Going on past a deviation needs a reason."), {}},
                       {FUSAIN_TEXT("Say why in one sentence."), {}});
    if (question->finding.action == readiness::Action::Blocked && staff_.role != Role::Physiologist)
        return refused(
            {FUSAIN_TEXT("This answer blocks the test; only the physiologist can decide otherwise."), {}},
            {FUSAIN_TEXT("Ask the physiologist to take the bench, or end the test."), {}});
    return appendOpen("deviation.accepted", {{"rule", ruleId}, {"reason", reason}});
}

Done HydrostaticProcedure::weighDry(Kilograms mass, Origin origin) {
    if (!(mass.value() >= 10.0 && mass.value() <= 300.0))
        return refused({FUSAIN_TEXT("A dry mass of {1} kg cannot be right."), {fixed(mass.value(), 2)}},
                       {FUSAIN_TEXT("It lies between 10 and 300 kg. Check the unit: pounds are turned into "
                                    "kilograms only in US units."),
                        {}});
    return appendOpen("dry-mass.read", toJson(Reading{mass.value(), origin, clock_()}));
}

Done HydrostaticProcedure::readRoom(Celsius temperature, MillimetresOfMercury pressure, Origin origin) {
    if (!(temperature.value() >= 10.0 && temperature.value() <= 45.0) ||
        !(pressure.value() >= 500.0 && pressure.value() <= 820.0))
        return refused(
            {FUSAIN_TEXT("Room temperature lies between 10 and 45 °C, air pressure between 500 and 820 mmHg."),
             {}},
            {FUSAIN_TEXT("Check the units: 760 mmHg is 1013 hPa."), {}});
    return appendOpen("room.read", {{"temperature_c", toJson(Reading{temperature.value(), origin, clock_()})},
                                    {"pressure_mmhg", toJson(Reading{pressure.value(), origin, clock_()})}});
}

Done HydrostaticProcedure::addEffort(Litres volume, bool acceptable, const std::string& remark, Origin origin) {
    if (test_.efforts.size() >= static_cast<std::size_t>(lung::maximumManoeuvres))
        return refused({FUSAIN_TEXT("Eight efforts are the most for one session."), {}},
                       {FUSAIN_TEXT("Use the largest, or rebook."), {}});
    if (!(volume.value() >= 0.5 && volume.value() <= 10.0))
        return refused({FUSAIN_TEXT("A vital capacity of {1} L cannot be right."), {fixed(volume.value(), 2)}},
                       {FUSAIN_TEXT("It lies between 0.5 and 10 L."), {}});
    return appendOpen("vital-capacity.added",
                      toJson(VitalCapacityEffort{static_cast<int>(test_.efforts.size()) + 1, volume, acceptable,
                                                 remark, origin, clock_()}));
}

Done HydrostaticProcedure::measureResidualVolume(Litres volume, const std::string& method) {
    if (!(volume.value() >= 0.2 && volume.value() <= 5.0))
        return refused({FUSAIN_TEXT("A residual volume of {1} L cannot be right."), {fixed(volume.value(), 2)}},
                       {FUSAIN_TEXT("It lies between 0.2 and 5 L."), {}});
    if (blank(method))
        return refused({FUSAIN_TEXT("A measured residual volume needs its method."), {}},
                       {FUSAIN_TEXT("For example oxygen dilution, helium or plethysmography."), {}});
    return appendOpen("residual-volume.measured", toJson(MeasuredResidualVolume{volume, method, clock_()}));
}

Done HydrostaticProcedure::acceptTrial(Kilograms gross, Kilograms standardError, Origin origin,
                                       const std::string& reading,
                                       std::vector<hydrostatic::ForceSample> trace) {
    if (auto obstacle = obstacleTo(Trials))
        return refused(*obstacle, {});
    const auto counting = std::ranges::count_if(test_.trials, &WeighingTrial::counts);
    if (counting >= setting_.policy.trials.maximumTrials)
        return refused({FUSAIN_TEXT("{1} trials are the most for one session."),
                        {std::to_string(setting_.policy.trials.maximumTrials)}},
                       {FUSAIN_TEXT("Use what there is, or rebook."), {}});
    const Kilograms net = gross - test_.loadCell->tare;
    if (!std::isfinite(net.value()) || net.value() >= test_.dryMass->value)
        return refused({FUSAIN_TEXT("{1} kg under water is not below the dry mass of {2} kg."),
                        {fixed(net.value(), 2), fixed(test_.dryMass->value, 2)}},
                       {FUSAIN_TEXT("Check the reading, the tare and the units."), {}});
    if (std::abs(net.value()) > 15.0)
        return refused(
            {FUSAIN_TEXT("{1} kg under water cannot be right: people weigh between −10 and 12 kg there."),
             {fixed(net.value(), 2)}},
            {FUSAIN_TEXT("Check the reading, the tare and the belt."), {}});
    return appendOpen("trial.accepted", toJson(WeighingTrial{static_cast<int>(test_.trials.size()) + 1,
                                                             gross,
                                                             standardError,
                                                             origin,
                                                             clock_(),
                                                             {},
                                                             reading,
                                                             std::move(trace)}));
}

Done HydrostaticProcedure::setAside(int trial, const std::string& reason) {
    if (blank(reason))
        return refused({FUSAIN_TEXT("Setting a trial aside needs a reason."), {}},
                       {FUSAIN_TEXT("Say why in one sentence."), {}});
    if (std::ranges::find(test_.trials, trial, &WeighingTrial::number) == test_.trials.end())
        return refused({FUSAIN_TEXT("There is no trial {1}."), {std::to_string(trial)}}, {});
    return appendOpen("trial.set-aside", {{"number", trial}, {"reason", reason}});
}

Done HydrostaticProcedure::restore(int trial) {
    return appendOpen("trial.restored", {{"number", trial}});
}

Done HydrostaticProcedure::addNote(const std::string& text) {
    return blank(text) ? Done() : appendOpen("note.added", {{"text", text}});
}

Done HydrostaticProcedure::interpret(const std::string& text) {
    if (blank(text))
        return refused({FUSAIN_TEXT("The interpretation is empty."), {}},
                       {FUSAIN_TEXT("Take over the suggested sentences, or write your own."), {}});
    return appendOpen("interpretation.written", {{"text", text}});
}

Done HydrostaticProcedure::refuse(const std::string& reason) {
    if (blank(reason))
        return refused({FUSAIN_TEXT("Ending a test needs a reason."), {}},
                       {FUSAIN_TEXT("Say why in one sentence."), {}});
    return appendOpen("test.refused", {{"reason", reason}});
}

Done HydrostaticProcedure::sign(const Staff& technician, const std::optional<Staff>& physiologist) {
    if (auto obstacle = obstacleTo(Sign))
        return refused(*obstacle, {});
    if (setting_.policy.physiologistSigns && (!physiologist || physiologist->role != Role::Physiologist))
        return refused({FUSAIN_TEXT("This lab's policy asks for the physiologist's name too."), {}},
                       {FUSAIN_TEXT("Choose the physiologist who answers for this result."), {}});
    return appendOpen("test.signed",
                      {{"technician", technician.id}, {"physiologist", physiologist ? physiologist->id : ""}});
}

Done HydrostaticProcedure::amend(const std::string& reason) {
    if (test_.state != TestState::Signed)
        return refused({FUSAIN_TEXT("Only a signed test is amended."), {}},
                       {FUSAIN_TEXT("Change it directly."), {}});
    if (blank(reason))
        return refused({FUSAIN_TEXT("An amendment needs a reason."), {}},
                       {FUSAIN_TEXT("Say why in one sentence."), {}});
    return append("test.amended", {{"reason", reason}});
}

Done HydrostaticProcedure::undo() {
    const auto holding = effectiveEvents(events_);
    const auto last = std::find_if(holding.rbegin(), holding.rend(),
                                   [](const Event& event) { return event.kind != "step.shown"; });
    if (last == holding.rend() || last->kind == "test.started" || last->kind == "test.amended")
        return refused({FUSAIN_TEXT("There is nothing to take back."), {}}, {});
    if (auto undone = appendOpen("event.undone", {{"sequence", last->sequence}}); !undone)
        return undone;
    auto replayed = replayHydrostaticTest(events_);
    if (!replayed)
        return tl::unexpected(replayed.error());
    test_ = std::move(*replayed);
    return {};
}

} // namespace fusain
