#pragma once
#include "core/reference/reference_set.hpp"
#include "desktop/services/session.hpp"
#include "desktop/widgets/figure_view.hpp"
#include "desktop/widgets/parts.hpp"
#include "report/figures/reference_figure.hpp"

namespace fusain::desktop {

/// A reference set drawn along age, with the lab's own clients laid over it when they are asked for.
class ReferencePicture : public QWidget {
    Q_OBJECT
public:
    explicit ReferencePicture(Session& session);
    /// @param set null shows nothing
    void showSet(const reference::ReferenceSet* set);

private:
    [[nodiscard]] std::string field() const;
    void askPeople();
    void paint();

    Session& session_;
    const reference::ReferenceSet* set_ = nullptr;
    FigureView* figure_;
    QComboBox* people_;                               ///< by which method the clients were measured
    std::vector<report::ReferenceModel::Person> own_; ///< read when they were asked for
};

} // namespace fusain::desktop
