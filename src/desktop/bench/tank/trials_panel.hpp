#pragma once
#include "core/hydrostatic/weighing_trace.hpp"
#include "desktop/bench/method/method_panel.hpp"
#include "desktop/bench/method/step_panel.hpp"
#include "procedure/tank/method.hpp"

namespace fusain::desktop {

/// The submersions: the live trace, what it says, and the table of trials.
class TrialsPanel : public MethodPanel<TankMethod> {
    Q_OBJECT
public:
    explicit TrialsPanel(Session& session);
    void refresh() override;
    [[nodiscard]] QString primaryText() const override;
    [[nodiscard]] bool primaryEnabled() const override;
    void primary() override;
    void repeat() override;
    void setAside() override;
    [[nodiscard]] QString verdict() const override;
    [[nodiscard]] StandBack standBack() const override;
    [[nodiscard]] QWidget* firstField() const override;

    /// Plays a saved trace through the panel as if it came from the load cell.
    void replay(std::vector<hydrostatic::ForceSample> samples);

private:
    enum class State { Idle, Recording, Stopped };
    [[nodiscard]] bool linked() const;
    void takeFrame(const link::Frame& frame);
    void takeSample(const hydrostatic::ForceSample& sample);
    void startTrial();
    void acceptTrace();
    void acceptTyped();
    void showTrace();
    void loadTrace();
    void saveTrace();
    void goOnWithWhatThereIs();
    [[nodiscard]] int selectedTrial() const;

    State state_ = State::Idle;
    std::optional<double> startTime_;
    std::vector<hydrostatic::ForceSample> samples_;
    hydrostatic::WeighingTraceAnalyzer analyzer_;
    std::vector<hydrostatic::ForceSample> replayed_;
    std::size_t replayAt_ = 0;
    QTimer* replayTimer_;
    FigureView* plot_;
    QLabel* live_;
    QLabel* traceWords_;
    ValueField* typed_;
    QTableWidget* table_;
};

} // namespace fusain::desktop
