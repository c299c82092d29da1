#pragma once
#include "desktop/services/session.hpp"

#include <QDialog>
#include <QLabel>
#include <QLineEdit>

namespace fusain::desktop {

/// Asks for somebody's passphrase before they sign or take the bench; an empty one, unasked, for who has no
/// key.
/// @param act what is then done, on the button  @return nothing when they went back
[[nodiscard]] std::optional<std::string> passphraseOf(Session& session, QWidget* parent, const Staff& staff,
                                                      const QString& act);

/// The same before they take the bench, for which their PIN of the day is enough.
[[nodiscard]] std::optional<std::string> passphraseOrPinOf(Session& session, QWidget* parent,
                                                           const Staff& staff, const QString& act);

/// Asks whoever is at the bench for their passphrase, and for the PIN with which they unlock this window and
/// take the bench for the rest of the day.
void chooseDayPin(Session& session, QWidget* parent);

/// Whether whoever is at the bench proves it before an act that only they may do: true at once without a
/// passphrase. What is wrong is reported.
[[nodiscard]] bool provesWhoItIs(Session& session, QWidget* parent, const QString& act);

/// A first passphrase of a person, or another in place of theirs.
class NewPassphrase : public QDialog {
    Q_OBJECT
public:
    NewPassphrase(Session& session, const Staff& staff, QWidget* parent = nullptr);

private:
    void keep();
    Session& session_;
    Staff staff_;
    QLineEdit *before_, *first_, *again_;
    QLabel* said_;
};

} // namespace fusain::desktop
