#pragma once
#include "desktop/bench/method/method_panel.hpp"
#include "desktop/bench/method/step_panel.hpp"
#include "desktop/recordings/impedance/sweep_recording.hpp"
#include "desktop/widgets/figure_view.hpp"
#include "procedure/impedance/method.hpp"

namespace fusain::desktop {

/// The sweep: the arc as it grows, the segments, what the signal says, and the sweeps so far.
class SweepPanel : public MethodPanel<ImpedanceMethod> {
    Q_OBJECT
public:
    explicit SweepPanel(Session& session);
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

private:
    enum class State { Idle, Recording, Judged };
    [[nodiscard]] const impedance::Sweep* shown() const;
    void show();
    bool take(const impedance::Sweep& sweep, const Attribution& from, const std::string& reasonInSpite = {});
    void accept(const std::string& reasonInSpite);
    void acceptTyped();
    void useInSpite();
    void typeReported();
    void importSweep();
    [[nodiscard]] State state() const;
    /// What the rules say of the complete sweep; nothing while there is none.
    [[nodiscard]] std::vector<impedance::SignalFinding> findings() const;
    [[nodiscard]] std::vector<impedance::IdentityDoubt> identityDoubts(const impedance::Sweep& sweep) const;

    FigureView* arc_;
    QLabel* live_;
    QLabel* words_;
    QTableWidget* segments_;
    ValueField *resistance_, *reactance_; ///< of the whole body at 50 kHz, typed
    QLabel* kept_;
};

} // namespace fusain::desktop
