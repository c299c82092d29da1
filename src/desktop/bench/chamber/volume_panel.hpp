#pragma once
#include "desktop/bench/method/method_panel.hpp"
#include "desktop/bench/method/step_panel.hpp"
#include "desktop/bench/method/trial_board.hpp"
#include "desktop/recordings/chamber/pressure_recording.hpp"
#include "desktop/widgets/figure_view.hpp"
#include "procedure/chamber/method.hpp"

namespace fusain::desktop {

/// The volume trials: the live volume, what the pressures say, the table of trials.
class VolumePanel : public MethodPanel<ChamberMethod> {
    Q_OBJECT
public:
    explicit VolumePanel(Session& session);
    void refresh() override;
    [[nodiscard]] QString primaryText() const override;
    [[nodiscard]] bool primaryEnabled() const override;
    void primary() override;
    void repeat() override;
    void setAside() override;
    [[nodiscard]] QString verdict() const override;
    [[nodiscard]] StandBack standBack() const override;
    [[nodiscard]] QWidget* firstField() const override;
    /// Plays saved pressures through the panel as if they came from the chamber.
    void replay(std::vector<airdisplacement::PressureSample> samples, std::string name);
    void entered() override;
    [[nodiscard]] QLineEdit* typingField() const override { return typed_->edit(); }

private:
    enum class State { Idle, Recording, Judged };
    [[nodiscard]] airdisplacement::TrialVerdict judgement() const;
    void judge();
    void show();
    void showBoard();
    [[nodiscard]] State state() const;
    [[nodiscard]] bool linked() const;
    [[nodiscard]] airdisplacement::VolumeReadingResult readAgain(const VolumeTrial& trial) const;
    void acceptTyped();
    void accept();
    void startOver();
    void loadTrial();
    void saveTrial();
    [[nodiscard]] int selectedTrial() const;

    std::string judgedTest_;
    std::size_t judgedSamples_ = 0;
    airdisplacement::VolumeReadingResult result_;
    FigureView* plot_;
    QLabel* live_;
    QLabel* words_;
    ValueField* typed_;
    TrialBoard* board_;
};

} // namespace fusain::desktop
