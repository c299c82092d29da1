#pragma once
#include "desktop/bench/method/step_panel.hpp"
#include "procedure/method/method.hpp"

namespace fusain::desktop {

/// A panel of one method: it reaches the running test as that method's own.
template <class Method>
class MethodPanel : public StepPanel {
public:
    using StepPanel::StepPanel;

protected:
    [[nodiscard]] typename Running<Method>::Procedure& own() const { return runningAs<Method>(run()); }
};

} // namespace fusain::desktop
