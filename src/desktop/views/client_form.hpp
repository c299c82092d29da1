#pragma once
#include "desktop/services/session.hpp"

#include <QDialog>

class QComboBox;
class QLineEdit;
class QCheckBox;
class QLabel;

namespace fusain::desktop {

/// Enters or changes a client. Duplicates are warned of before the first save.
class ClientForm : public QDialog {
    Q_OBJECT
public:
    ClientForm(Session& session, const Client& client, QWidget* parent);
    /// What was saved, after the dialog was accepted.
    [[nodiscard]] const Client& client() const { return client_; }

private:
    void save();
    Expected<void> keep(const Client& entered);
    Session& session_;
    Client client_;
    std::int64_t madeFrom_; ///< the last event of the book when the form was opened
    bool duplicatesShown_ = false;
    std::optional<Metres> heightAsked_; ///< a height far from the one before, which was asked about
    QLineEdit* name_;
    QLineEdit* code_;
    QLineEdit* birthDate_;
    QLineEdit* telephone_;
    QComboBox* sex_;
    QLineEdit* height_;
    QComboBox* units_;
    QComboBox* language_;
    QCheckBox* consent_;
    QLabel* problem_;
};

} // namespace fusain::desktop
