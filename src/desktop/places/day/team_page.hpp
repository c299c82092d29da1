#pragma once
#include "desktop/places/day/team_morning.hpp"
#include "desktop/places/day/team_results.hpp"
#include "desktop/recordings/impedance/sweep_recording.hpp"
#include "desktop/widgets/figure_view.hpp"
#include "desktop/widgets/parts.hpp"
#include "desktop/widgets/records_view.hpp"
#include "exchange/lab/group_table.hpp"
#include "report/pages/group_page.hpp"

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
    /// D: an answer is not as asked.
    void somethingDiffers();
    /// X: the person is called again later.
    void setAside();
    /// The values stand where anybody may look over a shoulder, so they are hidden until they are asked for.
    void showValues(bool on);
    [[nodiscard]] const TeamQueue& queue() const { return queue_; }
    [[nodiscard]] QString message() const { return message_->text(); }

Q_SIGNALS:
    void left();
    /// The person's test goes on step by step at the ordinary bench.
    void openBench();

protected:
    void keyPressEvent(QKeyEvent* event) override;

    /// The page about the group; a quantity of fewer people than a group needs is left out.
    [[nodiscard]] report::PageFlow groupPages();

private:
    enum class Stage { AskGroup, Code, Alone, Group, Mass, Sweep, Sweeping, Again };
    void go(Stage stage);
    void goOn();
    [[nodiscard]] bool onePersonIsHere() const;
    [[nodiscard]] static readiness::KeptAsTold toldAt(Stage stage);
    /// What is to be done at this stage, and the word on the primary button.
    [[nodiscard]] std::pair<QString, QString> words() const;
    void callByCode();
    void takeMass();
    [[nodiscard]] std::optional<std::string> isThisPerson(std::optional<Kilograms> mass,
                                                          std::optional<Ohms> magnitude);
    void recordFor(const Procedure& run);
    void startSweep();
    void swept();
    void finishPerson();
    void showStage();
    void showQuestions(const std::vector<const readiness::Rule*>& rules);
    [[nodiscard]] std::vector<exchange::GroupRow> groupRows();
    [[nodiscard]] report::GroupQuantity quantityOf(const QString& title, const QString& unit,
                                                   std::optional<double> exchange::GroupRow::*value);
    void showSummary();
    void fillBoard();
    [[nodiscard]] std::vector<TableModel::Cell> cellsOf(const TeamResult& result) const;
    void showArc();
    /// Every measured result with what is unusual about it, and then the signature.
    void reviewAndSign();
    void saveGroup();

    Session& session_;
    TeamMorning morning_;
    TeamResults results_;
    bool values_ = false;
    TeamQueue queue_{{}};
    Stage stage_ = Stage::AskGroup;
    std::unique_ptr<SweepRecording> sweep_; ///< of the person whose turn it is
    std::vector<impedance::SignalFinding> findings_;
    RecordsView* list_; ///< who is to come, by client
    QLabel *who_, *instruction_;
    QTableWidget* questions_;
    QLabel *live_, *message_;
    QLineEdit* code_;
    QPushButton *primary_, *differs_, *aside_;
    FigureView *arc_, *summary_;
    QPushButton* showValues_;
};

} // namespace fusain::desktop
