#pragma once
#include "desktop/bench/method/step_panel.hpp"
#include "procedure/method/method.hpp"

#include <algorithm>

namespace fusain::desktop {

/// A panel of one method: it reaches the running test as that method's own.
template <class Method>
class MethodPanel : public StepPanel {
public:
    using StepPanel::StepPanel;

protected:
    [[nodiscard]] typename Running<Method>::Procedure& own() const { return runningAs<Method>(run()); }
    /// Excludes a reading, with the reason that is asked for; restores one that was excluded, where the method
    /// lets it.
    /// @param reading null where none is chosen  @param question the title: "Exclude trial 3"
    void excludeOrRestore(const auto* reading, const QString& question) {
        if (!reading)
            return;
        if constexpr (requires { own().restore(reading->number); })
            if (!reading->counts()) {
                session_.report(own().restore(reading->number));
                return;
            }
        const QString reason =
            askReason(this, question,
                      StepPanel::tr("Why does it not count? It stays on the record and can be restored."));
        if (!reason.isEmpty())
            session_.report(own().setAside(reading->number, reason.toStdString()));
    }
    /// The reading of that number; null where there is none.
    [[nodiscard]] static auto numbered(const auto& readings, int number) {
        const auto found =
            std::ranges::find_if(readings, [number](const auto& each) { return each.number == number; });
        return found == std::ranges::end(readings) ? nullptr : &*found;
    }
};

} // namespace fusain::desktop
