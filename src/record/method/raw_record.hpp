#pragma once
#include "core/readiness/rule.hpp"
#include "record/base/calendar.hpp"
#include "record/base/document.hpp"
#include "record/base/people.hpp"
#include "record/method/attribution.hpp"
#include "record/method/note.hpp"

namespace fusain {

struct AnsweredQuestion {
    std::string rule;
    std::string question;                               ///< as it was asked; the protocol may change later
    readiness::Effect effect = readiness::Effect::None; ///< of breaking the rule on the fat estimate
    readiness::Answer answer;
    readiness::Finding finding;
    std::string acceptedReason; ///< why the test went on past a deviation
    std::string acceptedBy;     ///< staff id
    Instant at;
    /// When waiting is over, for an answer that only needs time; nothing for any other.
    [[nodiscard]] std::optional<Instant> waitUntil() const {
        if (finding.kept || finding.action != readiness::Action::Wait || finding.wait <= Minutes(0.0))
            return std::nullopt;
        return at.plusMinutes(finding.wait.value());
    }
    /// A deviation that nobody has answered for yet.
    [[nodiscard]] bool open() const {
        return !finding.kept && finding.action != readiness::Action::Note && acceptedReason.empty();
    }
};

/// A value that an instrument computed itself: kept apart, never mixed with what is computed here.
struct ReportedValue {
    std::string
        quantity; ///< "fat-percent", "lean.right-arm", "visceral-fat-mass" … or the instrument's own word
    double value = 0.0;
    std::string unit;
};

/// What an instrument reported of one reading.
struct ReportedValues : Attribution {
    int reading = 0; ///< number of the sweep or scan that they came with; 0 for values without one
    std::vector<ReportedValue> values;
    /// The value of this quantity; null when it was not reported.
    [[nodiscard]] const ReportedValue* find(std::string_view quantity) const;
};

/// The latest values that came with this reading, or without one when none came with it; null when there are
/// none.
template <class Values>
[[nodiscard]] const Values* belongingTo(const std::vector<Values>& reported, int reading) {
    const Values* found = nullptr;
    for (const Values& each : reported)
        if (each.reading == reading || (each.reading == 0 && (!found || found->reading == 0)))
            found = &each;
    return found;
}

/// Who is tested, frozen at the start of the test.
struct TestSubject {
    std::string clientId;
    Sex sex = Sex::Female;
    Years age;
    Metres height;
    bool repeatTest = false;
};

enum class TestState { Running, Refused, Signed };

struct Signature {
    std::string technician;
    std::string physiologist;
    Instant at;
};

/// What the raw record of every method holds: who was tested, by which policy and protocol, the answers given,
/// and who signed. Readings are kept as they were accepted, never rounded, never changed after signing; results
/// are computed from them and kept beside them.
struct RawTest {
    static constexpr int schemaVersion = 2;
    std::string id;
    int version = 1;             ///< 2, 3 … are amendments
    std::string amendmentReason; ///< empty for version 1
    TestSubject subject;
    std::string policyId;
    Document policy; ///< the whole policy as it stood when the test began; null in records from elsewhere
    std::string protocolId;
    Document protocol; ///< the whole protocol as it stood when the test began; null in older records
    std::string startedBy;
    Instant startedAt;
    TestState state = TestState::Running;
    std::string refusal; ///< why the test was not done

    std::vector<std::string> doneSteps; ///< steps without a reading of their own that were confirmed
    std::vector<AnsweredQuestion> answers;
    std::vector<Note> notes;
    std::string resultSeen;       ///< fingerprint of the result that was confirmed
    std::string interpretation;   ///< the physiologist's own words
    std::string interpretationOf; ///< fingerprint of the result that they speak of
    std::optional<Signature> signature;

    [[nodiscard]] bool done(const std::string& step) const;
    [[nodiscard]] const AnsweredQuestion* answerTo(const std::string& rule) const;
};
/// What a handover is of: the version and the result that the interpretation speaks of.
[[nodiscard]] std::string handoverOf(const RawTest& test);
/// Whether a test that is not signed was left to the physiologist to be signed. An amendment, or another
/// result, has to be handed over anew.
[[nodiscard]] bool isHandedOver(const RawTest& test);

/// Throws Json::exception for a newer schema, and for a reading that is another test's or another client's.
void checkReadings(const Json& json);
/// Brings what all methods share forward from schema 1: notes become kinds with a text, and every reading says
/// whose it is. What nobody wrote down then (who accepted it, which device) stays empty.
void bringCommonForward(Json& json);
/// Schema 1 kept one list of reported values a test: it becomes that of the reading which counts.
void bringReportedForward(Json& json, int reading);
/// "running", "refused" or "signed".
[[nodiscard]] std::string stateText(TestState state);

// Parts that also travel inside events.
[[nodiscard]] Json toJson(const readiness::Answer& answer);
[[nodiscard]] readiness::Answer answerFromJson(const Json& json);
[[nodiscard]] Json toJson(const AnsweredQuestion& question);
[[nodiscard]] AnsweredQuestion answeredQuestionFromJson(const Json& json);
[[nodiscard]] Json toJson(const ReportedValue& value);
[[nodiscard]] ReportedValue reportedValueFromJson(const Json& json);
[[nodiscard]] Json toJson(const TestSubject& subject);
[[nodiscard]] TestSubject subjectFromJson(const Json& json);
[[nodiscard]] Json toJson(const ReportedValues& values);
[[nodiscard]] ReportedValues reportedValuesFromJson(const Json& json);

} // namespace fusain
