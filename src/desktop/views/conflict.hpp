#pragma once
#include "desktop/services/session.hpp"

#include <QButtonGroup>
#include <QDialog>

namespace fusain::desktop {

/// Two edits of one client at once: each field that differs, as it was entered here and as it is in the lab
/// book by now, and the person chooses. Nothing is chosen for them.
class ClientConflict : public QDialog {
    Q_OBJECT
public:
    /// @param entered what was typed here  @param present what another workstation saved meanwhile
    ClientConflict(Session& session, Client entered, Client present, QWidget* parent = nullptr);
    /// Whether nothing differs, so that there is nothing to ask.
    [[nodiscard]] bool empty() const { return fields_.empty(); }
    /// The client with the chosen fields.
    [[nodiscard]] Client chosen() const;

private:
    struct Field {
        QString name, here, there;
        void (*take)(Client& into, const Client& from);
        QButtonGroup* choice = nullptr; ///< 0 for here, 1 for there
    };
    void collect();
    [[nodiscard]] QWidget* rows();

    Session& session_;
    Client entered_, present_;
    std::vector<Field> fields_;
};

} // namespace fusain::desktop
