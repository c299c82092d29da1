#pragma once
#include "desktop/services/session.hpp"

#include <QWizard>

namespace fusain::desktop {

/// The first start of a new lab book: five short pages. Each keeps what it holds when it is left; whoever stops
/// goes on there the next time.
class FirstStart : public QWizard {
    Q_OBJECT
public:
    explicit FirstStart(Session& session, QWidget* parent = nullptr);
    /// Whether the pages of this lab book were gone through, or it is older than they are.
    [[nodiscard]] static bool done(Session& session);
};

} // namespace fusain::desktop
