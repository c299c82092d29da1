#pragma once
#include "procedure/method/journal.hpp"
#include "procedure/method/replay.hpp"
#include "procedure/method/run_sheet.hpp"
#include "record/base/people.hpp"
#include "record/method/note.hpp"
#include "record/method/protocol.hpp"
#include "record/method/raw_record.hpp"

#include <functional>

namespace fusain {

/// What a method calls its numbered readings.
struct NumberedWords {
    std::string_view needsReason; ///< marked for translation
    std::string_view thereIsNone; ///< with {1} for the number, marked for translation
};

/// One test by any method, from the first check to the signed report, without a window.
///
/// The state is what the journal's events lead to. Every command checks its input, appends one event, and only
/// then changes the state; a command that fails changes nothing. Reading the events again after a power cut
/// gives the same state. What is special to a method stands in its own class.
class Procedure {
public:
    using Done = Expected<void>;
    /// What is kept together with an event, in the same transaction: a result, an appointment.
    using AlsoKept = std::function<Done()>;
    virtual ~Procedure() = default;
    Procedure(const Procedure&) = default;
    Procedure(Procedure&&) = default;
    Procedure& operator=(const Procedure&) = default;
    Procedure& operator=(Procedure&&) = default;

    [[nodiscard]] virtual std::span<const StepText> steps() const = 0;
    /// The id of its method, such as "hydrostatic".
    [[nodiscard]] virtual std::string_view method() const = 0;
    [[nodiscard]] virtual const RawTest& record() const = 0;
    [[nodiscard]] const Protocol& protocol() const { return protocol_; }
    [[nodiscard]] const std::vector<Event>& events() const { return events_; }
    void setAtTheBench(Staff staff) { staff_ = std::move(staff); }
    [[nodiscard]] const Staff& atTheBench() const { return staff_; }

    [[nodiscard]] const StepText& textOf(Step step) const {
        return steps()[static_cast<std::size_t>(step.index())];
    }
    [[nodiscard]] StepState stateOf(Step step) const;
    /// The step that the bench shows: the one gone to, else the first that is not done.
    [[nodiscard]] Step current() const;
    [[nodiscard]] bool isDone(Step step) const;
    /// The questions of a step that apply to this client.
    [[nodiscard]] std::vector<const readiness::Rule*> questions(Step step) const;
    [[nodiscard]] const AnsweredQuestion* answerTo(const std::string& ruleId) const {
        return record().answerTo(ruleId);
    }
    /// Why the step cannot be entered yet; nothing when it can.
    [[nodiscard]] std::optional<Message> obstacleTo(Step step) const;
    /// The answer because of which this step is not measured here; going past it with a reason stays open.
    [[nodiscard]] std::optional<Message> barTo(Step step) const;

    Done goTo(Step step);
    /// Confirms a step that has no reading of its own, or goes past one (`reason` then says why).
    Done confirm(Step step, const std::string& reason = {});
    Done answer(const std::string& ruleId, const readiness::Answer& answer);
    /// Answers every question of screening and readiness that has no answer yet.
    /// @param answerTo the answer to a question, or nothing to leave it open
    Done answerOpen(const std::function<std::optional<readiness::Answer>(const readiness::Rule&)>& answerTo);
    /// Judges the answer again with the time that has passed since it was given.
    Done answerAfterWaiting(const std::string& ruleId);
    Done acceptDeviation(const std::string& ruleId, const std::string& reason);
    Done addNote(const std::string& text);
    Done addNote(NoteKind kind, const std::string& text);
    Done interpret(const std::string& text);
    Done refuse(const std::string& reason, const AlsoKept& also = {});
    /// Leaves the test to the physiologist, who signs at her own turn. @return a Problem while something is
    /// open
    Done handOver(const Staff& technician);
    /// Whether it waits for that signature.
    [[nodiscard]] bool handedOver() const;
    /// Whether this lab's policy asks for the physiologist's name.
    [[nodiscard]] bool physiologistMustSign() const { return physiologistSigns_; }
    /// Signs: needs a result that can be computed and was looked at, an interpretation of that result, a
    /// technician, and by policy a physiologist. @param also is done in the same transaction; when it fails
    /// nothing is signed
    Done sign(const Staff& technician, const std::optional<Staff>& physiologist, const AlsoKept& also = {});
    /// Changes with every number of the result; empty while none can be computed.
    [[nodiscard]] const std::string& fingerprint() const;
    Done amend(const std::string& reason);
    /// Takes back the latest change that still holds; nothing signed can be taken back.
    Done undo();
    /// Stands where the events of this test lead: when it is resumed, and when others have added to it meanwhile.
    /// @return a Problem, and nothing changed, for events that cannot be read
    Done takeUp(std::vector<Event> events);

protected:
    Procedure(Protocol protocol, bool physiologistSigns, Staff staff, Journal& journal, Clock clock)
        : protocol_(std::move(protocol)), physiologistSigns_(physiologistSigns), staff_(std::move(staff)),
          journal_(&journal), clock_(std::move(clock)) {}

    /// Whether a step that has a reading or check of its own is satisfied by it.
    [[nodiscard]] virtual bool readingDone(Step step) const = 0;
    [[nodiscard]] virtual bool needsAttention(Step) const { return false; }
    /// Whether a question with this condition is asked of this client on this instrument.
    [[nodiscard]] virtual bool applies(const std::string& condition) const;
    virtual RawTest& rawRecord() = 0;
    /// The result as it is stored; nothing while it cannot be computed.
    [[nodiscard]] virtual std::optional<Json> resultDocument() const = 0;
    virtual void apply(const Event& event) = 0;
    /// Why an event could not be read again from the journal: then it is not written there.
    [[nodiscard]] virtual Done readable(const Event& event) const = 0;
    /// Makes the record anew from the events that still hold.
    virtual Done replay(std::span<const Event> events) = 0;

    /// The first event of a new test.
    /// @param takenAt when the readings were taken, for a test that comes from elsewhere; nothing for one of
    /// now
    Done start(const std::string& id, const TestSubject& subject, const std::string& policyId,
               const Json& policy, std::optional<Instant> takenAt);
    /// Keeps a mass on a scale on land. @tparam Taken the method's event of it  @param possible what a person
    /// weighs on this scale  @param keptBecause why it is this client's although it does not look like it
    template <class Taken, class Range>
    Done readMass(Step step, Kilograms mass, const Range& possible, const Attribution& from,
                  const std::string& keptBecause) {
        if (auto obstacle = obstacleTo(step))
            return refused(*obstacle, {});
        if (!possible.holds(mass))
            return refusedMass(mass, possible.low, possible.high);
        return keep<Taken>(Reading{from, mass.value()}, keptBecause);
    }
    /// Sets a numbered reading aside, with a reason, or takes it back in. @tparam Typed the event  @param known
    /// whether there is a reading with this number
    template <class Typed>
    Done setNumberedAside(const NumberedWords& words, int number, bool known, const std::string& reason) {
        if (blank(reason))
            return refused({std::string(words.needsReason), {}}, {FUSAIN_TEXT("Say why in one sentence."), {}});
        return known ? appendOpen(Typed{number, reason}) : refusedNumber(words, number);
    }
    template <class Typed>
    Done restoreNumbered(const NumberedWords& words, int number, bool known) {
        return known ? appendOpen(Typed{number}) : refusedNumber(words, number);
    }
    /// Keeps a typed event; for every change that a signature or a refusal forbids.
    template <class Typed>
    Done appendOpen(const Typed& event, const AlsoKept& also = {}) {
        auto open = stillOpen();
        return open ? append(event, also) : open;
    }
    [[nodiscard]] Instant now() const { return clock_(); }
    /// Why a recording cannot be taken: what it was to be taken under (a check, a calibration, how the
    /// electrodes sit) was made anew after it had begun. @tparam SetUps the events of that  @param made what
    /// happened, for people
    template <class... SetUps>
    [[nodiscard]] Done takenBefore(const Attribution& from, Message made) const {
        return unlessOlder(from, {SetUps::kind...}, std::move(made));
    }
    /// Whose a reading is, completed with who accepts it and when. @return a Problem when it was recorded for
    /// another test or client
    [[nodiscard]] Expected<Attribution> attributed(const Attribution& from) const;
    /// Completes the attribution of a reading and keeps the event that it is the first part of.
    template <class Typed, std::derived_from<Attribution> Taken, class... More>
    Done keep(Taken reading, More... more) {
        auto own = attributed(reading);
        if (!own)
            return tl::unexpected(own.error());
        static_cast<Attribution&>(reading) = std::move(*own);
        return appendOpen(Typed{std::move(reading), std::move(more)...});
    }

    /// Runs `read` on an event that is to be kept; what it throws becomes a refusal.
    [[nodiscard]] static Done readAgain(const Event& event, const std::function<void()>& read);
    /// A refusal that says that nothing was lost.
    [[nodiscard]] static tl::unexpected<Problem> refused(Message what, Message remedy);
    [[nodiscard]] static bool blank(const std::string& text);

private:
    template <class Typed>
    Done append(const Typed& event, const AlsoKept& also = {}) {
        return append(Typed::kind, event.data(), also);
    }
    Done append(std::string_view kind, Json data, const AlsoKept& also);
    [[nodiscard]] Done stillOpen() const;
    [[nodiscard]] Done unlessOlder(const Attribution& from, std::initializer_list<std::string_view> setUps,
                                   Message made) const;
    [[nodiscard]] static tl::unexpected<Problem> refusedMass(Kilograms mass, Kilograms least, Kilograms most);
    [[nodiscard]] static tl::unexpected<Problem> refusedNumber(const NumberedWords& words, int number);
    [[nodiscard]] std::optional<Problem> obstacleToHandingOver(const Staff& technician) const;
    [[nodiscard]] std::optional<Problem> obstacleToSigning(const Staff& technician,
                                                           const std::optional<Staff>& physiologist) const;
    [[nodiscard]] std::optional<Step> stepShownBy(const Event& event) const;
    [[nodiscard]] bool isOfThisResult(const std::string& seen) const;
    [[nodiscard]] bool answered(Step step) const;

    Protocol protocol_;
    bool physiologistSigns_;
    Staff staff_;
    Journal* journal_;
    Clock clock_;
    std::vector<Event> events_;
    std::optional<Step> shown_;
    mutable std::optional<std::size_t>
        fingerprintAt_; ///< number of events that fingerprint_ was computed after
    mutable std::string fingerprint_;
};

/// The policy and protocol that a test follows; frozen when it starts.
template <class Policy>
struct Setting {
    Policy policy;
    Protocol protocol;
};

/// What a method adds to Procedure: its record, its policy, and how a test of it begins and resumes.
/// @tparam Own the class of the method's procedure  @tparam Method its traits, such as TankMethod
template <class Own, class Method>
class MethodProcedure : public Procedure {
public:
    using Record = typename Method::Record;
    using Policy = typename Method::Policy;

    /// Starts a new test. @return a Problem when the journal cannot keep the start
    [[nodiscard]] static Expected<Own> begin(Setting<Policy> setting, const std::string& testId,
                                             const TestSubject& subject, Staff atTheBench, Journal& journal,
                                             Clock clock, std::optional<Instant> takenAt = {}) {
        Own procedure(std::move(setting), std::move(atTheBench), journal, std::move(clock));
        const Policy& policy = procedure.setting_.policy;
        if (auto started = procedure.start(testId, subject, policy.id, toJson(policy), takenAt); !started)
            return tl::unexpected(started.error());
        return procedure;
    }
    /// Takes a test up where its events leave it.
    [[nodiscard]] static Expected<Own> resume(Setting<Policy> setting, std::vector<Event> events,
                                              Staff atTheBench, Journal& journal, Clock clock) {
        Own procedure(std::move(setting), std::move(atTheBench), journal, std::move(clock));
        if (auto taken = procedure.takeUp(std::move(events)); !taken)
            return tl::unexpected(taken.error());
        return procedure;
    }

    [[nodiscard]] std::string_view method() const override { return Method::id; }
    [[nodiscard]] const Record& test() const { return test_; }
    [[nodiscard]] const Setting<Policy>& setting() const { return setting_; }
    [[nodiscard]] const RawTest& record() const override { return test_; }

protected:
    MethodProcedure(Setting<Policy> setting, Staff staff, Journal& journal, Clock clock)
        : Procedure(setting.protocol, setting.policy.physiologistSigns, std::move(staff), journal,
                    std::move(clock)),
          setting_(std::move(setting)) {}

    RawTest& rawRecord() override { return test_; }
    void apply(const Event& event) override { applyEvent(test_, event); }
    [[nodiscard]] Done readable(const Event& event) const override {
        return readAgain(event, [&] { checkEvent(test_, event); });
    }
    Done replay(std::span<const Event> events) override {
        Record replayed;
        auto done = applyEach(events, [&](const Event& event) { applyEvent(replayed, event); });
        if (done)
            test_ = std::move(replayed);
        return done;
    }

    Setting<Policy> setting_;
    Record test_;
};

} // namespace fusain
