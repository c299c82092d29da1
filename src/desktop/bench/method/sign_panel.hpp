#pragma once
#include "desktop/bench/method/step_panel.hpp"
#include "desktop/widgets/page_preview.hpp"

namespace fusain::desktop {

/// Signing as a handover: the technician leaves the test to the physiologist, who signs at her own turn and in
/// her own name; beside it the page that the client will get.
class SignPanel : public StepPanel {
    Q_OBJECT
public:
    SignPanel(Session& session, std::span<const StepText> sheet, Step step);
    void refresh() override;
    [[nodiscard]] QString primaryText() const override;
    void primary() override;
    [[nodiscard]] QString verdict() const override;

private:
    /// What the primary act does now.
    enum class Act { Sign, HandOver, Amend, Wait };
    [[nodiscard]] Act act() const;
    [[nodiscard]] std::optional<Staff> technician() const;
    [[nodiscard]] std::optional<Staff> physiologist() const;
    void fillTechnicians();
    void showPage();
    void sign();

    QLabel *state_, *answers_; ///< and who answers for the result
    QComboBox* technician_;
    PagePreview* page_;
    std::string filledFor_; ///< test and version that the box stands for
    std::vector<Staff> staff_;
};

} // namespace fusain::desktop
