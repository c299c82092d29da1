#pragma once
#include "desktop/bench/method/method_panel.hpp"
#include "desktop/bench/method/step_panel.hpp"
#include "desktop/bench/method/trial_board.hpp"
#include "desktop/recordings/tank/trial_recording.hpp"
#include "desktop/widgets/figure_view.hpp"
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

    [[nodiscard]] QLineEdit* typingField() const override { return typed_->edit(); }
    void entered() override;

    /// Plays a saved trace through the panel as if it came from the load cell. @param name of the file
    void replay(std::vector<hydrostatic::ForceSample> samples, std::string name);

private:
    [[nodiscard]] bool linked() const;
    /// What the load cell shows for chair and belt.
    [[nodiscard]] Kilograms tare() const;
    [[nodiscard]] QString typedText() const;
    void acceptTrace();
    [[nodiscard]] bool mayDive();
    void readWater();
    [[nodiscard]] std::optional<Problem> waterObstacle() const;
    [[nodiscard]] bool waterCleared();
    [[nodiscard]] bool rested();
    void acceptTyped();
    void showBoard();
    void showTrace();
    void showKeptTrial();
    [[nodiscard]] const hydrostatic::TraceReading& readingOf(const WeighingTrial& trial);
    void loadTrace();
    void saveTrace();
    void goOnWithWhatThereIs();
    [[nodiscard]] int selectedTrial() const;

    FigureView* plot_;
    QLabel* live_;
    QLabel* traceWords_;
    ValueField* typed_;
    std::optional<std::size_t> warnedAt_; ///< after so many dives somebody was told to rest
    TrialBoard* board_;
    std::optional<Problem> water_;     ///< why nobody may be in it, as it was read last
    std::optional<Instant> waterRead_; ///< when the water was read last; nothing before
    std::optional<std::pair<std::string, std::optional<Instant>>>
        cleared_;                           ///< test and reading that were overridden
    std::optional<Kilograms> ready_;        ///< what the board shows of the recording
    std::pair<std::string, int> readTrial_; ///< test and number of the kept trial that was read last
    hydrostatic::TraceReading keptReading_;
};

} // namespace fusain::desktop
