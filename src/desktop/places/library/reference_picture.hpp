#pragma once
#include "core/reference/reference_set.hpp"
#include "desktop/services/session.hpp"
#include "desktop/widgets/figure_view.hpp"
#include "desktop/widgets/parts.hpp"

namespace fusain::desktop {

/// A reference set drawn along age, with the lab's own clients laid over it when they are asked for.
class ReferencePicture : public QWidget {
    Q_OBJECT
public:
    explicit ReferencePicture(Session& session);
    /// @param set null shows nothing
    void showSet(const reference::ReferenceSet* set);

private:
    void paint();

    Session& session_;
    const reference::ReferenceSet* set_ = nullptr;
    FigureView* figure_;
    QComboBox* people_; ///< by which method the clients were measured
};

} // namespace fusain::desktop
