#pragma once
#include "core/hydrostatic/weighing_trace.hpp"
#include "core/readiness/rule.hpp"
#include "record/people.hpp"

namespace fusain {

/// How a number came into the record.
enum class Origin { Typed, Link };

/// One reading with the moment it was accepted.
struct Reading {
    double value = 0.0; ///< in the unit that the field's name states
    Origin origin = Origin::Typed;
    Instant at;
};

struct AnsweredQuestion {
    std::string rule;
    readiness::Answer answer;
    readiness::Finding finding;
    std::string acceptedReason; ///< why the test went on past a deviation
    std::string acceptedBy;     ///< staff id
    Instant at;
    /// A deviation that nobody has answered for yet.
    [[nodiscard]] bool open() const {
        return !finding.kept && finding.action != readiness::Action::Note && acceptedReason.empty();
    }
};

/// One forced expiration, already at body conditions.
struct VitalCapacityEffort {
    int number = 0;
    Litres volume; ///< L BTPS
    bool acceptable = true;
    std::string remark;
    Origin origin = Origin::Typed;
    Instant at;
};

/// Residual volume that was measured, not predicted.
struct MeasuredResidualVolume {
    Litres volume; ///< L BTPS
    std::string method;
    Instant at;
};

/// One submersion.
struct WeighingTrial {
    int number = 0;
    Kilograms gross;         ///< steady gross reading, chair and belt included
    Kilograms standardError; ///< of the reading alone
    Origin origin = Origin::Typed;
    Instant at;
    std::string setAsideReason; ///< empty while the trial counts
    std::string reading;        ///< what the trace analysis said, for link trials
    std::vector<hydrostatic::ForceSample> trace;
    [[nodiscard]] bool counts() const { return setAsideReason.empty(); }
};

/// The load cell before the client enters: zeroed with the chair and the belt hanging in the water.
struct LoadCellCheck {
    Kilograms tare;             ///< what the indicator shows with chair and belt submerged (0 when zeroed)
    Kilograms referenceNominal; ///< reference mass as marked
    Kilograms referenceReading; ///< what the indicator showed more with it
    Instant at;
    [[nodiscard]] Kilograms error() const { return referenceReading - referenceNominal; }
};

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

/// The raw record of one underwater weighing: readings, answers and trials, as they were accepted. Never
/// rounded, never changed after signing; results are computed from it and kept beside it.
struct HydrostaticTest {
    static constexpr int schemaVersion = 1;
    std::string id;
    int version = 1;             ///< 2, 3 … are amendments
    std::string amendmentReason; ///< empty for version 1
    TestSubject subject;
    std::string policyId;
    std::string protocolId;
    std::string startedBy;
    Instant startedAt;
    TestState state = TestState::Running;
    std::string refusal; ///< why the test was not done

    std::vector<std::string> doneSteps; ///< steps without a reading of their own that were confirmed
    std::optional<LoadCellCheck> loadCell;
    std::optional<Reading> waterTemperature; ///< °C
    std::vector<AnsweredQuestion> answers;
    std::optional<Reading> dryMass;         ///< kg
    std::optional<Reading> roomTemperature; ///< °C, at the spirometer
    std::optional<Reading> pressure;        ///< mmHg
    std::vector<VitalCapacityEffort> efforts;
    std::optional<MeasuredResidualVolume> residualVolume;
    std::vector<WeighingTrial> trials;
    std::vector<std::string> notes;
    std::string interpretation; ///< the physiologist's own words
    std::optional<Signature> signature;

    [[nodiscard]] bool done(const std::string& step) const;
};

[[nodiscard]] Json toJson(const HydrostaticTest& test);
/// Reads a raw record of schema version 1; a newer version is refused with a message.
[[nodiscard]] Expected<HydrostaticTest> hydrostaticTestFromJson(const Json& json, const std::string& where);

// Parts that also travel inside events.
[[nodiscard]] Json toJson(const Reading& reading);
[[nodiscard]] Reading readingFromJson(const Json& json);
[[nodiscard]] Json toJson(const readiness::Answer& answer);
[[nodiscard]] readiness::Answer answerFromJson(const Json& json);
[[nodiscard]] Json toJson(const AnsweredQuestion& question);
[[nodiscard]] AnsweredQuestion answeredQuestionFromJson(const Json& json);
[[nodiscard]] Json toJson(const VitalCapacityEffort& effort);
[[nodiscard]] VitalCapacityEffort effortFromJson(const Json& json);
[[nodiscard]] Json toJson(const WeighingTrial& trial);
[[nodiscard]] WeighingTrial trialFromJson(const Json& json);
[[nodiscard]] Json toJson(const LoadCellCheck& check);
[[nodiscard]] LoadCellCheck loadCellCheckFromJson(const Json& json);
[[nodiscard]] Json toJson(const TestSubject& subject);
[[nodiscard]] TestSubject subjectFromJson(const Json& json);
[[nodiscard]] Json toJson(const MeasuredResidualVolume& volume);
[[nodiscard]] MeasuredResidualVolume measuredResidualVolumeFromJson(const Json& json);

} // namespace fusain
