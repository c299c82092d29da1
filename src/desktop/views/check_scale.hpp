#pragma once
#include "desktop/services/session.hpp"
#include "desktop/widgets/figure_view.hpp"
#include "report/figures/check_scale_figure.hpp"

namespace fusain::desktop {

/// The error of a check on a scale with its limit, over the errors of the checks before it.
class CheckScale : public FigureView {
    Q_OBJECT
public:
    explicit CheckScale(Session& session);
    /// Reads the latest checks of an instrument from the lab book: once, when a step begins.
    void readEarlier(const std::string& instrument, const std::string& check);
    /// @param model its earlier errors are those that were read, unless it has its own
    void showErrors(report::CheckScaleModel model);

private:
    Session& session_;
    std::vector<double> earlier_;
};

} // namespace fusain::desktop
