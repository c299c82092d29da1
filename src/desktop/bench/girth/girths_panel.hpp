#pragma once
#include "desktop/bench/method/method_panel.hpp"
#include "desktop/bench/method/trial_board.hpp"
#include "procedure/girth/method.hpp"

#include <QTableWidget>

namespace fusain::desktop {

/// The sites in turn: where the tape is laid, what it shows, and how well the readings of a site agree.
class GirthsPanel : public MethodPanel<GirthMethod> {
    Q_OBJECT
public:
    explicit GirthsPanel(Session& session);
    void refresh() override;
    void entered() override;
    [[nodiscard]] QString primaryText() const override;
    [[nodiscard]] bool primaryEnabled() const override;
    void primary() override;
    void repeat() override;
    void setAside() override;
    [[nodiscard]] QString verdict() const override;
    [[nodiscard]] StandBack standBack() const override;
    [[nodiscard]] QWidget* firstField() const override;
    [[nodiscard]] QLineEdit* typingField() const override { return typed_->edit(); }
    /// The site whose reading would be accepted.
    [[nodiscard]] girth::Site site() const;

private:
    [[nodiscard]] bool linked() const;
    /// What the tape shows round the body now; nothing while it is open, or has not been off since the last
    /// reading: the same laying is never read twice.
    [[nodiscard]] std::optional<Centimetres> laid() const;
    /// What the primary button would accept.
    [[nodiscard]] std::optional<Centimetres> candidate() const;
    /// The site chosen out of turn, else the next of the round; nothing once every site has its value.
    [[nodiscard]] std::optional<girth::Site> asked() const;
    void tapeMoved(double shown);
    void layAnew();
    void choose();
    void showSites();
    void showSite();
    void useWhatThereIs();
    [[nodiscard]] QString inUnits(Centimetres value) const;

    QLabel *live_, *landmark_, *hold_;
    QTableWidget* sites_;
    TrialBoard* board_;
    ValueField* typed_;
    std::optional<girth::Site> chosen_; ///< out of turn
    bool off_ = false;                  ///< the tape was off the body since the last reading
    double shown_ = 0.0;                ///< by the tape, cm
};

} // namespace fusain::desktop
