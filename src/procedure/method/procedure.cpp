#include "procedure/method/procedure.hpp"

#include "core/units/format.hpp"
#include "procedure/method/common_events.hpp"
#include "record/base/fingerprint.hpp"
#include "record/base/json.hpp"

#include <algorithm>

namespace fusain {

using Done = Procedure::Done;

tl::unexpected<Problem> Procedure::refused(Message what, Message remedy) {
    return failure(std::move(what), {}, std::move(remedy),
                   {FUSAIN_TEXT("Everything accepted so far is kept."), {}});
}

bool Procedure::blank(const std::string& text) {
    return text.find_first_not_of(" \t\n") == std::string::npos;
}

Done Procedure::start(const std::string& id, const TestSubject& subject, const std::string& policyId,
                      const Json& policy, std::optional<Instant> takenAt) {
    if (auto measures = allowed(staff_.role, Right::Measure); !measures)
        return measures;
    rawRecord().id = id;
    return append(TestStarted{std::string(method()), subject, policyId, policy, protocol_.id,
                              protocol_.document, takenAt});
}

Done Procedure::takeUp(std::vector<Event> events) {
    if (auto replayed = replay(events); !replayed)
        return replayed;
    for (const Event& event : effectiveEvents(events))
        shown_ = stepShownBy(event);
    events_ = std::move(events);
    return {};
}

// By its id; books of schema 3 kept its place on the run sheet of then.
std::optional<Step> Procedure::stepShownBy(const Event& event) const {
    if (event.kind != StepShown::kind)
        return std::nullopt;
    const StepShown shown = StepShown::read(event, record());
    for (const StepText& text : steps())
        if (shown.place ? text.step.index() == *shown.place : text.id == shown.step)
            return text.step;
    return std::nullopt;
}

Done Procedure::append(std::string_view kind, Json data, const AlsoKept& also) {
    Event event;
    event.at = clock_();
    event.by = staff_.id;
    event.kind = kind;
    event.subject = record().id;
    event.data = std::move(data);
    if (auto sound = readable(event); !sound)
        return sound;
    Expected<Event> kept = tl::unexpected(Problem{});
    const auto keep = [&]() -> Done {
        kept = journal_->append(std::move(event));
        if (!kept)
            return tl::unexpected(kept.error());
        return also ? also() : Done();
    };
    // One event alone is whole by itself, and may wait for a server that is away.
    if (const Done done = also ? journal_->together(keep) : keep(); !done)
        return done;
    apply(*kept);
    events_.push_back(std::move(*kept));
    shown_ = stepShownBy(events_.back());
    return {};
}

Done Procedure::readAgain(const Event& event, const std::function<void()>& read) {
    const auto done = readDocument(event.subject, [&] {
        read();
        return true;
    });
    if (done)
        return {};
    return refused({FUSAIN_TEXT("This cannot be accepted: {1}."), done.error().what.arguments},
                   {FUSAIN_TEXT("Check the reading and take it again."), {}});
}

Done Procedure::stillOpen() const {
    if (record().state == TestState::Signed)
        return refused({FUSAIN_TEXT("This test is signed; its readings are locked."), {}},
                       {FUSAIN_TEXT("Amend it, with a reason: both versions are kept."), {}});
    if (record().state == TestState::Refused)
        return refused({FUSAIN_TEXT("This test was ended without a result."), {}},
                       {FUSAIN_TEXT("Start a new one."), {}});
    return {};
}

Expected<Attribution> Procedure::attributed(const Attribution& from) const {
    const RawTest& test = record();
    if (from.origin != Origin::Typed && from.test.empty())
        return refused({FUSAIN_TEXT("It is not known for which test this reading was recorded."), {}},
                       {FUSAIN_TEXT("Record it again in this client's test."), {}});
    if ((!from.test.empty() && from.test != test.id) ||
        (!from.client.empty() && from.client != test.subject.clientId))
        return refused({FUSAIN_TEXT("This reading was recorded for another test. It is not taken here."), {}},
                       {FUSAIN_TEXT("Record it again with this client."), {}});
    Attribution own = from;
    own.test = test.id;
    own.client = test.subject.clientId;
    own.by = staff_.id;
    own.at = clock_();
    return own;
}

Done Procedure::unlessOlder(const Attribution& from, std::initializer_list<std::string_view> setUps,
                            Message made) const {
    if (!from.afterEvent)
        return {};
    // The set-ups that hold are compared, not only the later ones: one may also have been taken back since.
    const auto holding = [&](std::span<const Event> events) {
        std::vector<std::int64_t> numbers;
        for (const Event& event : effectiveEvents(events))
            if (std::ranges::find(setUps, event.kind) != setUps.end())
                numbers.push_back(event.sequence);
        return numbers;
    };
    // By the event itself: what was accepted while a server was away has numbers of its own in between.
    const auto at = std::ranges::find(events_, *from.afterEvent, &Event::sequence);
    const auto later = at == events_.end()
                           ? std::ranges::upper_bound(events_, *from.afterEvent, {}, &Event::sequence)
                           : std::next(at);
    // What was recorded while a server was away, and others added to the test before it was accepted: nobody
    // can say any more under which set-up it was taken.
    const bool unknown = at == events_.end() && (events_.empty() || *from.afterEvent > events_.back().sequence);
    return unknown || holding({events_.begin(), later}) != holding(events_)
               ? refused(std::move(made), {FUSAIN_TEXT("Record it again."), {}})
               : Done();
}

tl::unexpected<Problem> Procedure::refusedMass(Kilograms mass, Kilograms least, Kilograms most) {
    return refused({FUSAIN_TEXT("Body mass {1} kg is out of range."), {fixed(mass.value(), 2)}},
                   {FUSAIN_TEXT("The range is {1} to {2} kg. Check the unit and what is on the scale."),
                    {fixed(least.value(), 0), fixed(most.value(), 0)}});
}

tl::unexpected<Problem> Procedure::refusedNumber(const NumberedWords& words, int number) {
    return refused({std::string(words.thereIsNone), {std::to_string(number)}}, {});
}

bool Procedure::answered(Step step) const {
    return std::ranges::all_of(questions(step), [&](const readiness::Rule* rule) {
        const AnsweredQuestion* answer = answerTo(rule->id);
        return answer && !answer->open();
    });
}

bool Procedure::isDone(Step step) const {
    const bool confirmed = record().done(std::string(textOf(step).id));
    switch (textOf(step).kind) {
    case StepKind::Reading:
        return readingDone(step);
    case StepKind::OptionalReading:
    case StepKind::Check:
        return readingDone(step) || confirmed;
    case StepKind::Screening:
    case StepKind::Readiness:
        return answered(step);
    case StepKind::Result:
        return record().state == TestState::Signed || (confirmed && isOfThisResult(record().resultSeen));
    case StepKind::Interpretation:
        return record().state == TestState::Signed ||
               (!record().interpretation.empty() && isOfThisResult(record().interpretationOf));
    case StepKind::Sign:
        return record().state == TestState::Signed;
    case StepKind::Confirm:
    case StepKind::Afterwards:
        break;
    }
    return confirmed;
}

const std::string& Procedure::fingerprint() const {
    if (fingerprintAt_ != events_.size()) {
        const auto document = resultDocument();
        fingerprint_ = document ? fingerprintOf(*document) : std::string();
        fingerprintAt_ = events_.size();
    }
    return fingerprint_;
}

bool Procedure::isOfThisResult(const std::string& seen) const {
    return !seen.empty() && seen == fingerprint();
}

Step Procedure::current() const {
    if (shown_)
        return *shown_;
    const int count = static_cast<int>(steps().size());
    for (int i = 0; i < count; ++i)
        if (!isDone(Step(i)))
            return Step(i);
    return Step(count - 1);
}

StepState Procedure::stateOf(Step step) const {
    if (step == current())
        return StepState::Current;
    if (needsAttention(step))
        return StepState::Attention;
    return isDone(step) ? StepState::Done : StepState::Waiting;
}

std::vector<const readiness::Rule*> Procedure::questions(Step step) const {
    std::vector<const readiness::Rule*> list;
    const StepKind kind = textOf(step).kind;
    if (kind != StepKind::Screening && kind != StepKind::Readiness)
        return list;
    for (const readiness::Rule& rule :
         kind == StepKind::Screening ? protocol_.screening : protocol_.readiness) {
        if (applies(rule.appliesIf))
            list.push_back(&rule);
    }
    return list;
}

bool Procedure::applies(const std::string& condition) const {
    const TestSubject& who = record().subject;
    return holdsFor(condition, {who.sex, who.age, who.repeatTest}).value_or(false);
}

std::optional<Message> Procedure::barTo(Step step) const {
    for (const AnsweredQuestion& answered : record().answers)
        if (const auto* rule = protocol_.find(answered.rule);
            rule && rule->bars == textOf(step).id && !answered.finding.kept)
            return Message{FUSAIN_TEXT("Not with this answer: \"{1}\""), {answered.question}};
    return std::nullopt;
}

std::optional<Message> Procedure::obstacleTo(Step step) const {
    for (const int needed : textOf(step).needs.indices())
        if (const Step earlier(needed); !isDone(earlier))
            return Message{FUSAIN_TEXT("First finish the step \"{1}\"."), {std::string(textOf(earlier).title)}};
    return std::nullopt;
}

Done Procedure::goTo(Step step) {
    return append(StepShown{std::string(textOf(step).id), {}});
}

Done Procedure::confirm(Step step, const std::string& reason) {
    if (auto obstacle = obstacleTo(step))
        return refused(*obstacle, {});
    const StepKind kind = textOf(step).kind;
    if (kind == StepKind::Check && !may(staff_.role, Right::Override))
        return refused({FUSAIN_TEXT("Overriding a failed check is the physiologist's decision."), {}},
                       {FUSAIN_TEXT("Repeat the check, or ask the physiologist."), {}});
    if ((kind == StepKind::Check || kind == StepKind::OptionalReading) && blank(reason))
        return refused({FUSAIN_TEXT("Skipping this step needs a reason."), {}},
                       {FUSAIN_TEXT("Say why in one sentence."), {}});
    StepDone confirmed{std::string(textOf(step).id), reason, {}};
    switch (kind) {
    case StepKind::Afterwards: // the report may be made, and the instrument left tidy, after the record is
                               // locked
        return append(confirmed);
    case StepKind::Result:
        if (fingerprint().empty())
            return refused({FUSAIN_TEXT("There is no result to confirm yet."), {}},
                           {FUSAIN_TEXT("Take the readings that are missing."), {}});
        confirmed.result = fingerprint();
        [[fallthrough]];
    case StepKind::Confirm:
    case StepKind::Check:
    case StepKind::OptionalReading:
        return appendOpen(confirmed);
    default:
        return refused({FUSAIN_TEXT("This step needs its own answer."), {}}, {});
    }
}

Done Procedure::answer(const std::string& ruleId, const readiness::Answer& answer) {
    const readiness::Rule* rule = protocol_.find(ruleId);
    if (!rule)
        return refused({FUSAIN_TEXT("The protocol has no question \"{1}\"."), {ruleId}}, {});
    return appendOpen(QuestionAnswered{
        {ruleId, rule->question, rule->effect, answer, readiness::judge(*rule, answer), {}, {}, clock_()}});
}

Done Procedure::answerOpen(
    const std::function<std::optional<readiness::Answer>(const readiness::Rule&)>& answerTo) {
    Done done;
    for (int i = 0; i < static_cast<int>(steps().size()); ++i)
        for (const readiness::Rule* rule : questions(Step(i)))
            if (done && !record().answerTo(rule->id))
                if (const auto given = answerTo(*rule))
                    done = answer(rule->id, *given);
    return done;
}

Done Procedure::answerAfterWaiting(const std::string& ruleId) {
    const AnsweredQuestion* asked = answerTo(ruleId);
    const readiness::Rule* rule = protocol_.find(ruleId);
    const bool minutes = rule && readiness::growsWithTime(*rule) && asked && asked->answer.number;
    if (!asked || !(asked->answer.ago || minutes))
        return refused({FUSAIN_TEXT("There is no time to wait for here."), {}}, {});
    readiness::Answer later = asked->answer;
    const double passed = minutesBetween(asked->at, clock_());
    if (minutes)
        later.number = *later.number + passed;
    else
        later.ago = *later.ago + Hours(passed / 60.0);
    return answer(ruleId, later);
}

Done Procedure::acceptDeviation(const std::string& ruleId, const std::string& reason) {
    const AnsweredQuestion* question = answerTo(ruleId);
    if (!question || question->finding.kept)
        return refused({FUSAIN_TEXT("No answer here needs a decision."), {}}, {});
    if (blank(reason))
        return refused({FUSAIN_TEXT("Continuing with a deviation needs a reason."), {}},
                       {FUSAIN_TEXT("Say why in one sentence."), {}});
    if (question->finding.action == readiness::Action::Blocked && !may(staff_.role, Right::Override))
        return refused(
            {FUSAIN_TEXT("This answer blocks the test; only the physiologist can decide otherwise."), {}},
            {FUSAIN_TEXT("Ask the physiologist to take the bench, or end the test."), {}});
    return appendOpen(DeviationAccepted{ruleId, reason});
}

Done Procedure::addNote(const std::string& text) {
    return blank(text) ? Done() : addNote(NoteKind::Remark, text);
}

Done Procedure::addNote(NoteKind kind, const std::string& text) {
    return appendOpen(NoteAdded{{kind, {}, text}});
}

Done Procedure::interpret(const std::string& text) {
    if (blank(text))
        return refused({FUSAIN_TEXT("The interpretation is empty."), {}},
                       {FUSAIN_TEXT("Use the suggested sentences, or write your own."), {}});
    return appendOpen(InterpretationWritten{text, fingerprint()});
}

Done Procedure::refuse(const std::string& reason, const AlsoKept& also) {
    if (blank(reason))
        return refused({FUSAIN_TEXT("Ending a test needs a reason."), {}},
                       {FUSAIN_TEXT("Say why in one sentence."), {}});
    return appendOpen(TestRefused{reason}, also);
}

std::optional<Problem> Procedure::obstacleToHandingOver(const Staff& technician) const {
    for (int i = 0; i < static_cast<int>(steps().size()); ++i)
        if (textOf(Step(i)).kind == StepKind::Sign)
            if (auto obstacle = obstacleTo(Step(i)))
                return refused(*obstacle, {}).value();
    if (fingerprint().empty())
        return refused({FUSAIN_TEXT("There is no result to sign."), {}},
                       {FUSAIN_TEXT("Take the readings that are missing, or end the test with a reason."), {}})
            .value();
    if (technician.id.empty())
        return refused({FUSAIN_TEXT("The technician's name is missing."), {}},
                       {FUSAIN_TEXT("Choose who ran the test."), {}})
            .value();
    if (!may(technician.role, Right::SignFor))
        return refused({FUSAIN_TEXT("{1} may measure, but not sign for a test."), {technician.name}},
                       {FUSAIN_TEXT("Choose the colleague who watched over it."), {}})
            .value();
    return std::nullopt;
}

std::optional<Problem> Procedure::obstacleToSigning(const Staff& technician,
                                                    const std::optional<Staff>& physiologist) const {
    if (auto obstacle = obstacleToHandingOver(technician))
        return obstacle;
    if (physiologistSigns_ && (!physiologist || !may(physiologist->role, Right::Answer)))
        return refused({FUSAIN_TEXT("This lab's policy asks for the physiologist's name too."), {}},
                       {FUSAIN_TEXT("Choose the physiologist who answers for this result."), {}})
            .value();
    return std::nullopt;
}

Done Procedure::handOver(const Staff& technician) {
    if (auto open = stillOpen(); !open)
        return open;
    if (auto obstacle = obstacleToHandingOver(technician))
        return tl::unexpected(*obstacle);
    return appendOpen(NoteAdded{{NoteKind::HandedOver, handoverOf(record()), technician.name}});
}

bool Procedure::handedOver() const {
    return isHandedOver(record()) && isOfThisResult(record().interpretationOf);
}

Done Procedure::sign(const Staff& technician, const std::optional<Staff>& physiologist, const AlsoKept& also) {
    if (auto open = stillOpen(); !open)
        return open;
    if (auto obstacle = obstacleToSigning(technician, physiologist))
        return tl::unexpected(*obstacle);
    return append(TestSigned{technician.id, physiologist ? physiologist->id : "", fingerprint()}, also);
}

Done Procedure::amend(const std::string& reason) {
    if (record().state != TestState::Signed)
        return refused({FUSAIN_TEXT("Only a signed test is amended."), {}},
                       {FUSAIN_TEXT("Change it directly."), {}});
    // Where the physiologist answers for a result, nobody else opens it again.
    if (!may(staff_.role, physiologistSigns_ ? Right::Amend : Right::SignFor))
        return refused({FUSAIN_TEXT("{1} may not amend a signed test."), {staff_.name}},
                       {FUSAIN_TEXT("Ask the physiologist to take the bench."), {}});
    if (blank(reason))
        return refused({FUSAIN_TEXT("An amendment needs a reason."), {}},
                       {FUSAIN_TEXT("Say why in one sentence."), {}});
    return append(TestAmended{reason});
}

Done Procedure::undo() {
    const auto holding = effectiveEvents(events_);
    const auto last = std::find_if(holding.rbegin(), holding.rend(),
                                   [](const Event& event) { return event.kind != StepShown::kind; });
    if (last == holding.rend() || last->kind == TestStarted::kind || last->kind == TestAmended::kind)
        return refused({FUSAIN_TEXT("There is nothing to take back."), {}}, {});
    if (auto undone = appendOpen(EventUndone{last->sequence}); !undone)
        return undone;
    fingerprintAt_.reset();
    return replay(events_);
}

} // namespace fusain
