#pragma once
#include "desktop/services/session.hpp"
#include "desktop/widgets/figure_view.hpp"
#include "desktop/widgets/guarded_slider.hpp"
#include "desktop/widgets/parts.hpp"
#include "desktop/widgets/records_view.hpp"
#include "procedure/all/computed.hpp"
#include "procedure/meaning/plan.hpp"
#include "report/figures/course_figure.hpp"

#include <QCheckBox>

namespace fusain::desktop {

/// What is realistic from here: resting energy side by side, a target as a range, energy and weeks at sliders
/// that show where a guard stands. It stops and names who helps where no plan belongs.
class PlanPage : public QWidget {
    Q_OBJECT
public:
    explicit PlanPage(Session& session);
    /// @param tests newest first; the latest signed one that gives fat is where the plan begins
    void showTests(const std::optional<Client>& client, const std::vector<AnyTest>& tests);
    [[nodiscard]] QString stop() const { return stop_->text(); }
    /// What is known of the client's health from here on. @param kept also in their record
    void useScreening(Screening screening, bool kept);

private:
    void show();
    [[nodiscard]] QWidget* controls();
    [[nodiscard]] QWidget* whereItLeads();
    void followControls();
    void showGuards();
    void showPlan(const Plan& plan);
    void showPoints(const Plan& plan);
    void showSchools();
    void useSchool(const QString& id);
    [[nodiscard]] QStringList planInWords(const Plan& plan) const;
    void askAboutHealth();
    void keep();
    void load();
    void useWhatTheGoalNeeds();
    void describeDay();
    void showLevel(double level);
    void measureRest();
    [[nodiscard]] PlanSubject subject() const;
    [[nodiscard]] PlanRequest request() const;
    [[nodiscard]] std::optional<std::int64_t> readAt() const;
    [[nodiscard]] std::vector<Asked> asked() const;

    Session& session_;
    std::optional<Client> client_;
    std::optional<ComputedTest> test_;
    std::vector<report::CourseModel::Measured> past_; ///< masses before and at that test, oldest first
    bool lowLimbLean_ = false,
         belowReference_ = false; ///< of the test: found once, not at each move of a slider
    std::int64_t readAt_ = 0;     ///< last event of the book when what is shown was read
    Screening screening_;         ///< of the client; more than is kept where they did not want it kept
    QLabel* start_;
    ValueField* target_;
    GuardedSlider* weeks_;
    GuardedSlider* change_;
    QLabel *sliders_, *weeksWords_;
    QLabel* guard_; ///< why a stretch of a slider is hatched
    QComboBox* activity_;
    ValueField* exercise_;
    ValueField* resting_;
    QCheckBox* athlete_;
    QPushButton *health_, *needs_, *describe_, *measure_;
    QLabel* stop_;
    QWidget* result_;
    FigureView* course_;
    QTableWidget* points_;
    RecordsView* schools_;
    ValueField* trainingDays_;
    QLineEdit* notes_;
    QLabel* words_;
    QPushButton* keep_;
    QLabel* kept_; ///< that it was kept, or why it cannot be
};

} // namespace fusain::desktop
