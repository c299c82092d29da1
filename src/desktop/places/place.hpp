#pragma once
#include "desktop/session.hpp"
#include "desktop/widgets/parts.hpp"

namespace fusain::desktop {

/// One of the five places of the shell.
class Place : public QWidget {
    Q_OBJECT
public:
    explicit Place(Session& session) : session_(session) { setObjectName(QStringLiteral("page")); }
    /// Shows the present state of the lab book.
    virtual void refresh() = 0;
    /// Where the breadcrumb says we are.
    [[nodiscard]] virtual QString where() const = 0;
    /// The first thing that the keyboard reaches.
    virtual void enter() { setFocus(); }

Q_SIGNALS:
    void openClient(const QString& id);
    void openBench();

protected:
    Session& session_;
};

} // namespace fusain::desktop
