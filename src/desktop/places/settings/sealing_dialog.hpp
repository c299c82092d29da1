#pragma once
#include "desktop/services/session.hpp"

#include <QDialog>
#include <QLineEdit>

namespace fusain::desktop {

/// Shows a new recovery phrase once, to be printed or written down; goes on when it was typed back.
class PhraseDialog : public QDialog {
    Q_OBJECT
public:
    /// @param act what is then done, on the button
    PhraseDialog(Session& session, const QString& act, QWidget* parent = nullptr);
    [[nodiscard]] std::string phrase() const { return phrase_; }

private:
    void print();
    Session& session_;
    std::string phrase_;
    QLineEdit* typed_;
};

} // namespace fusain::desktop
