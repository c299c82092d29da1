#pragma once
#include "desktop/services/session.hpp"
#include "desktop/widgets/figure_view.hpp"
#include "desktop/widgets/parts.hpp"
#include "procedure/meaning/progress.hpp"

namespace fusain::desktop {

/// A client over time: one quantity over real dates, two visits compared, and what made the mass change.
class ProgressPage : public QWidget {
    Q_OBJECT
public:
    explicit ProgressPage(Session& session);
    /// @param tests of one client, newest first; those that are not signed or give nothing are left out
    void showTests(const std::vector<AnyTest>& tests);

private:
    void offerVisits();
    void show();
    void showTrend();
    void showComparison();
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
    FigureView* trend_;
    QTableWidget* changes_;
    FigureView* balance_;
    QLabel* words_;
};

} // namespace fusain::desktop
