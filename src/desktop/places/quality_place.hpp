#pragma once
#include "desktop/places/place.hpp"

namespace fusain::desktop {

/// Checks of the scale and the load cell with their history, and the care of the lab book itself.
class QualityPlace : public Place {
    Q_OBJECT
public:
    explicit QualityPlace(Session& session);
    void refresh() override;
    [[nodiscard]] QString where() const override { return tr("Quality"); }
    void enter() override { checks_->setFocus(); }

private:
    void keepCheck();
    void verify();
    void backUp();
    void restore();
    void showHistory();
    QComboBox* instrument_;
    ValueField* nominal_;
    ValueField* reading_;
    QTableWidget* checks_;
    FigureView* history_;
    QLabel* book_;
};

/// Largest disagreement of the floor scale with its reference mass, kg: an engineering choice of this program.
inline constexpr double scaleTolerance = 0.05;

} // namespace fusain::desktop
