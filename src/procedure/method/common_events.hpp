#pragma once
#include "procedure/method/events.hpp"
#include "record/method/raw_record.hpp"

namespace fusain {

/// The first event of every test: who is tested, by what, and by whom.
struct TestStarted {
    static constexpr std::string_view kind = "test.started";
    std::string method;
    TestSubject subject;
    std::string policyId;
    Document policy;
    std::string protocolId;
    Document protocol;
    std::optional<Instant> takenAt; ///< when the readings were taken, for a test that comes from elsewhere
    std::string id = {}, by = {};   ///< of the envelope
    Instant at = {};

    static TestStarted read(const Event& event, const RawTest&);
    [[nodiscard]] Json data() const;
    void applyTo(RawTest& test) const;
};

/// A step without a reading was confirmed, or one was passed with a reason.
struct StepDone {
    static constexpr std::string_view kind = "step.done";
    std::string step;
    std::string reason;
    std::string result; ///< fingerprint of the result that was confirmed; empty for other steps

    static StepDone read(const Event& event, const RawTest&);
    [[nodiscard]] Json data() const;
    void applyTo(RawTest& test) const;
};

/// Where the bench went; nothing of the record changes.
struct StepShown {
    static constexpr std::string_view kind = "step.shown";
    std::string step;
    std::optional<int> place; ///< on the run sheet of then, in books of schema 3

    static StepShown read(const Event& event, const RawTest&);
    [[nodiscard]] Json data() const;
    void applyTo(RawTest&) const {}
};

struct QuestionAnswered {
    static constexpr std::string_view kind = "question.answered";
    AnsweredQuestion question;

    static QuestionAnswered read(const Event& event, const RawTest&);
    [[nodiscard]] Json data() const;
    void applyTo(RawTest& test) const;
};

struct DeviationAccepted {
    static constexpr std::string_view kind = "deviation.accepted";
    std::string rule;
    std::string reason;
    std::string by = {}; ///< of the envelope

    static DeviationAccepted read(const Event& event, const RawTest&);
    [[nodiscard]] Json data() const;
    void applyTo(RawTest& test) const;
};

struct NoteAdded {
    static constexpr std::string_view kind = "note.added";
    Note note;

    static NoteAdded read(const Event& event, const RawTest&);
    [[nodiscard]] Json data() const;
    void applyTo(RawTest& test) const;
};

struct InterpretationWritten {
    static constexpr std::string_view kind = "interpretation.written";
    std::string text;
    std::string result; ///< fingerprint of the result that it speaks of

    static InterpretationWritten read(const Event& event, const RawTest&);
    [[nodiscard]] Json data() const;
    void applyTo(RawTest& test) const;
};

struct TestRefused {
    static constexpr std::string_view kind = "test.refused";
    std::string reason;

    static TestRefused read(const Event& event, const RawTest&);
    [[nodiscard]] Json data() const;
    void applyTo(RawTest& test) const;
};

struct TestSigned {
    static constexpr std::string_view kind = "test.signed";
    std::string technician;
    std::string physiologist; ///< empty where the policy asks for none
    std::string result;       ///< fingerprint
    Instant at = {};          ///< of the envelope

    static TestSigned read(const Event& event, const RawTest&);
    [[nodiscard]] Json data() const;
    void applyTo(RawTest& test) const;
};

struct TestAmended {
    static constexpr std::string_view kind = "test.amended";
    std::string reason;

    static TestAmended read(const Event& event, const RawTest&);
    [[nodiscard]] Json data() const;
    void applyTo(RawTest& test) const;
};

/// A result was kept beside the record, which does not change.
struct ResultStored {
    static constexpr std::string_view kind = "result.stored";

    static ResultStored read(const Event&, const RawTest&) { return {}; }
    void applyTo(RawTest&) const {}
};

/// An earlier event was taken back; effectiveEvents sees to it before any event is read.
struct EventUndone {
    static constexpr std::string_view kind = "event.undone";
    std::int64_t sequence = 0;

    static EventUndone read(const Event& event, const RawTest&);
    [[nodiscard]] Json data() const;
    void applyTo(RawTest&) const {}
};

/// All that can happen in a test of a method: what every method has, and its own.
template <class... Own>
using EventsOf = std::variant<TestStarted, StepDone, StepShown, QuestionAnswered, DeviationAccepted, NoteAdded,
                              InterpretationWritten, TestRefused, TestSigned, TestAmended, ResultStored,
                              EventUndone, Own...>;

} // namespace fusain
