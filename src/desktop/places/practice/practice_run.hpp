#pragma once
#include "desktop/services/session.hpp"
#include "record/practice/practice_case.hpp"
#include "record/practice/practice_log.hpp"

namespace fusain::simulation {
class SimulatedLab;
}

namespace fusain::desktop {

/// Where the log of a practice test is kept among the settings: this, and the id of the test.
inline constexpr std::string_view practiceLogKey = "practice-run.";
[[nodiscard]] std::optional<PracticeLog> practiceLogOf(store::LabBook& book, const std::string& testId);

/// The case that runs on the bench: its made-up person, what is wrong, what the trainee says and does about it.
/// All that is not in the raw record goes into the log, event by event, so that a power cut loses nothing.
class PracticeRun : public QObject {
    Q_OBJECT
public:
    PracticeRun(Session& session, QObject* parent);
    /// The instruments that misbehave; without them only the client does.
    void setInstruments(simulation::SimulatedLab* instruments);

    /// Makes the person with all that came before, and starts the test. @return whether it started
    bool begin(const PracticeCase& practice, HelpLevel help);
    /// The case of the test that runs; null outside of one.
    [[nodiscard]] const PracticeCase* current() const { return current_; }
    [[nodiscard]] const PracticeLog& log() const { return log_; }
    /// What can be said and done beside the screen in this case.
    [[nodiscard]] std::vector<const PracticeAct*> acts() const;
    /// Does it. @return what comes of it
    QString act(const std::string& id);
    /// The step that is open; -1 outside of a case.
    [[nodiscard]] int step() const { return current_ ? session_.run()->current().index() : -1; }
    /// What the person says by itself at the step that is open; empty when nothing.
    [[nodiscard]] QString remark() const;
    /// The hint for the step that is open, where the level of help gives it by itself.
    [[nodiscard]] QString prompt() const;
    /// The hint for the step that is open, asked for.
    QString hint();

Q_SIGNALS:
    void changed();

private:
    void follow();
    void takeUp();
    void keep();
    void noteRecording(int number, const QStringList& spoiltBy);
    Expected<void> makePast(const PracticeCase& practice, const Client& client);
    [[nodiscard]] bool calledFor(const std::string& act) const;
    [[nodiscard]] std::string stepId() const;

    Session& session_;
    simulation::SimulatedLab* instruments_ = nullptr;
    const PracticeCase* current_ = nullptr;
    std::string testId_; ///< of the test that runs, practised or not
    PracticeLog log_;
};

} // namespace fusain::desktop
