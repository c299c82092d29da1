#pragma once
#include "core/reference/reference_set.hpp"
#include "desktop/services/session.hpp"
#include "desktop/widgets/parts.hpp"

namespace fusain::desktop {

/// The reference sets in the Library: the page of one, choosing it, and making, changing, bringing in and
/// saving sets of the lab's own.
class ReferenceShelf : public QWidget {
    Q_OBJECT
public:
    explicit ReferenceShelf(Session& session);
    /// @param set null hides the actions on a set and leaves those that make one
    void show(const reference::ReferenceSet* set);
    /// What the set says, as a page.
    [[nodiscard]] QString page() const;

Q_SIGNALS:
    /// A set was made or changed.
    void added(const QString& id);

private:
    [[nodiscard]] bool mayChange();
    void choose();
    void edit(reference::ReferenceSet set);
    void editShown();
    void makeNew();
    void bringIn();
    void saveAs();
    void fromOwnPeople();

    Session& session_;
    const reference::ReferenceSet* set_ = nullptr;
    QPushButton *choose_, *edit_, *save_, *add_;
};

} // namespace fusain::desktop
