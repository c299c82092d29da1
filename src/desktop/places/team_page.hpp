#pragma once
#include "desktop/session.hpp"
#include "desktop/widgets/parts.hpp"
#include "desktop/widgets/sweep_recorder.hpp"
#include "procedure/team_queue.hpp"

namespace fusain::desktop {

/// A team morning: a queue of people on the impedance analyzer, each done with a handful of key presses. Every
/// test is an ordinary one, run through the same procedure and kept in the same lab book.
class TeamPage : public QWidget {
    Q_OBJECT
public:
    explicit TeamPage(Session& session);
    void refresh();
    void enter();
    /// The one action of the moment, as Space does it.
    void primary();
    /// X: the person is called again later.
    void setAside();
    [[nodiscard]] const TeamQueue& queue() const { return queue_; }
    [[nodiscard]] QString message() const { return message_->text(); }

Q_SIGNALS:
    void left();

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    enum class Stage { Code, Questions, Mass, Sweep, Sweeping, Again };
    [[nodiscard]] ImpedanceProcedure* running() const;
    [[nodiscard]] std::vector<store::Visit> visits();
    void callByCode();
    Expected<void> start(const Client& client, const store::Visit& visit);
    Expected<void> makeReady(const Client& client);
    void answerAsAsked();
    void takeMass();
    void startSweep();
    void swept();
    void finishPerson();
    void setVisit(const std::string& state);
    void showStage();
    void showSummary();
    void signAll();
    void saveGroup();
    [[nodiscard]] std::vector<ComputedTest> measured();

    Session& session_;
    TeamQueue queue_{{}};
    Stage stage_ = Stage::Code;
    SweepRecorder* recorder_;
    std::vector<impedance::SignalFinding> findings_;
    QTableWidget* list_;
    QLabel *who_, *instruction_, *live_, *message_;
    QLineEdit* code_;
    QPushButton* primary_;
    FigureView* summary_;
};

} // namespace fusain::desktop
