#pragma once
#include "desktop/services/session.hpp"
#include "desktop/widgets/figure_view.hpp"
#include "desktop/widgets/parts.hpp"
#include "procedure/quality/quality_review.hpp"
#include "report/figures/control_chart_figure.hpp"

namespace fusain::desktop {

/// The control chart of one check, and the points of it that break a rule.
class ChartPage : public QWidget {
    Q_OBJECT
public:
    explicit ChartPage(Session& session);
    void showChart(const CheckDefinition& definition, const ControlSeries& series);

Q_SIGNALS:
    void checkOpened(const QString& id);

private:
    void fillFlags(const CheckDefinition& definition, const ControlSeries& series);

    Session& session_;
    FigureView* chart_;
    report::ControlChartModel model_; ///< what the chart shows
    std::vector<QString> charted_;    ///< ids of the checks on it
    QLabel* words_;
    QTableWidget* flags_;
};

} // namespace fusain::desktop
