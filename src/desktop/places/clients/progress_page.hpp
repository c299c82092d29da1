#pragma once
#include "desktop/services/session.hpp"
#include "desktop/widgets/figure_view.hpp"
#include "desktop/widgets/parts.hpp"
#include "procedure/meaning/progress.hpp"
#include "report/figures/trend_figure.hpp"

#include <QCheckBox>

namespace fusain::desktop {

/// A client over time: one quantity over real dates and its neighbours in little, two visits compared, and what
/// made the mass change.
class ProgressPage : public QWidget {
    Q_OBJECT
public:
    explicit ProgressPage(Session& session);
    /// @param tests of one client, newest first; those that are not signed or give nothing are left out
    void showTests(const std::vector<AnyTest>& tests);

private:
    void offerVisits();
    void show();
    [[nodiscard]] QLayout* pictures();
    void choose(Followed quantity);
    void showTrend();
    void showSmall(const LabPrecision& own);
    void showComparison();
    void addChange(const FollowedText& text, const ComputedTest& then, const ComputedTest& now,
                   const LabPrecision& own, QStringList& sentences);
    /// Chooses the visits of a stretch of the trend and shows only that.
    void choosePeriod(double from, double to);
    void zoom();
    [[nodiscard]] std::vector<Series> shownSeries(Followed quantity, const LabPrecision& own) const;
    [[nodiscard]] Comparison compared(Followed quantity, const ComputedTest& then, const ComputedTest& now,
                                      const LabPrecision& own);
    [[nodiscard]] QString nextDate(const ComputedTest& now, const LabPrecision& own) const;
    [[nodiscard]] LabPrecision precision(const ComputedTest& test);
    [[nodiscard]] Followed quantity() const;
    /// Places in tests_ of the two visits that are compared; earlier first.
    [[nodiscard]] std::optional<std::pair<std::size_t, std::size_t>> visits() const;

    Session& session_;
    std::vector<ComputedTest> tests_; ///< signed, oldest first
    QComboBox* quantity_;
    QComboBox* from_;
    QComboBox* to_;
    QCheckBox* regions_; ///< arms, legs and trunk as well
    QPushButton* zoom_;
    std::optional<std::pair<Instant, Instant>> period_; ///< that the trend shows; all of it without
    report::TrendModel drawn_;                          ///< what the trend shows
    FigureView* trend_;
    /// Mass, fat and the rest in little, each to be chosen for the large picture.
    std::vector<std::pair<Followed, FigureView*>> small_;
    QTableWidget* changes_;
    FigureView* balance_;
    QLabel* words_;
};

} // namespace fusain::desktop
