#pragma once
#include "core/lung/vital_capacity.hpp"
#include "procedure/hydrostatic_steps.hpp"
#include "procedure/journal.hpp"
#include "record/hydrostatic_test.hpp"
#include "record/policy.hpp"
#include "record/protocol.hpp"

namespace fusain {

/// The policy and protocol that a test follows; frozen when it starts.
struct HydrostaticSetting {
    HydrostaticPolicy policy;
    Protocol protocol;
};

/// One underwater weighing, from the empty tank to the signed report, without a window.
///
/// The state is what the journal's events lead to. Every command checks its input, appends one event, and only
/// then changes the state; a command that fails changes nothing. Reading the events again after a power cut
/// gives the same state.
class HydrostaticProcedure {
public:
    /// Starts a new test. @return a Problem when the journal cannot keep the start
    [[nodiscard]] static Expected<HydrostaticProcedure> begin(HydrostaticSetting setting,
                                                              const std::string& testId,
                                                              const TestSubject& subject, Staff atTheBench,
                                                              Journal& journal, Clock clock);
    /// Takes a test up where its events leave it.
    [[nodiscard]] static Expected<HydrostaticProcedure> resume(HydrostaticSetting setting,
                                                               std::vector<Event> events, Staff atTheBench,
                                                               Journal& journal, Clock clock);

    [[nodiscard]] const HydrostaticTest& test() const { return test_; }
    [[nodiscard]] const HydrostaticSetting& setting() const { return setting_; }
    [[nodiscard]] const std::vector<Event>& events() const { return events_; }
    void setAtTheBench(Staff staff) { staff_ = std::move(staff); }
    [[nodiscard]] const Staff& atTheBench() const { return staff_; }

    [[nodiscard]] StepState stateOf(HydrostaticStep step) const;
    /// The step that the bench shows: the one gone to, else the first that is not done.
    [[nodiscard]] HydrostaticStep currentStep() const;
    [[nodiscard]] bool isDone(HydrostaticStep step) const;
    /// The questions of a step that apply to this client.
    [[nodiscard]] std::vector<const readiness::Rule*> questions(HydrostaticStep step) const;
    [[nodiscard]] const AnsweredQuestion* answerTo(const std::string& ruleId) const;
    [[nodiscard]] lung::SessionJudgement vitalCapacity() const;
    [[nodiscard]] hydrostatic::TrialJudgement trials() const;
    /// Why the step cannot be entered yet; nothing when it can.
    [[nodiscard]] std::optional<Message> obstacleTo(HydrostaticStep step) const;

    using Done = Expected<void>;
    Done goTo(HydrostaticStep step);
    /// Confirms a step that has no reading of its own, or goes past one (`reason` then says why).
    Done confirm(HydrostaticStep step, const std::string& reason = {});
    Done checkLoadCell(Kilograms tare, Kilograms referenceNominal, Kilograms referenceReading);
    Done readWaterTemperature(Celsius temperature, Origin origin);
    Done answer(const std::string& ruleId, const readiness::Answer& answer);
    /// Judges the answer again with the time that has passed since it was given.
    Done answerAfterWaiting(const std::string& ruleId);
    Done acceptDeviation(const std::string& ruleId, const std::string& reason);
    Done weighDry(Kilograms mass, Origin origin);
    Done readRoom(Celsius temperature, MillimetresOfMercury pressure, Origin origin);
    /// @param volume L BTPS
    Done addEffort(Litres volume, bool acceptable, const std::string& remark, Origin origin);
    Done measureResidualVolume(Litres volume, const std::string& method);
    /// @param gross steady indicator reading; @param standardError of that reading
    Done acceptTrial(Kilograms gross, Kilograms standardError, Origin origin, const std::string& reading = {},
                     std::vector<hydrostatic::ForceSample> trace = {});
    Done setAside(int trial, const std::string& reason);
    Done restore(int trial);
    Done addNote(const std::string& text);
    Done interpret(const std::string& text);
    Done refuse(const std::string& reason);
    Done sign(const Staff& technician, const std::optional<Staff>& physiologist);
    Done amend(const std::string& reason);
    /// Takes back the latest change that still holds; nothing signed can be taken back.
    Done undo();

private:
    HydrostaticProcedure(HydrostaticSetting setting, Staff staff, Journal& journal, Clock clock);
    Done append(const std::string& kind, Json data);
    Done appendOpen(const std::string& kind, Json data);
    [[nodiscard]] bool answered(HydrostaticStep step) const;

    HydrostaticSetting setting_;
    Staff staff_;
    Journal* journal_;
    Clock clock_;
    std::vector<Event> events_;
    HydrostaticTest test_;
    std::optional<HydrostaticStep> shown_;
};

/// Largest disagreement of the load cell with its reference mass, kg: an engineering choice of this program,
/// worth 0.14 %fat in a 70 kg person.
inline constexpr double loadCellTolerance = 0.02;

} // namespace fusain
