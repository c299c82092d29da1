#pragma once
#include "desktop/services/session.hpp"
#include "desktop/widgets/parts.hpp"

#include <QDialog>
#include <QSpinBox>

namespace fusain::desktop {

/// Books the second test of a precision study: the same client, method and time of day, 2 to 7 days on.
class SecondDayDialog : public QDialog {
    Q_OBJECT
public:
    SecondDayDialog(Session& session, std::string method, QWidget* parent = nullptr);
    /// When the chosen client would come again; nothing while nobody can be chosen.
    [[nodiscard]] std::optional<Instant> when() const;
    bool book();

private:
    void judge();
    Session& session_;
    std::string method_;
    struct FirstDay {
        std::string clientId;
        Instant at;
    };
    std::vector<FirstDay> first_; ///< tests of the last week, the latest of each client
    QComboBox* client_;
    QSpinBox* days_;
    QLabel* words_;
    QPushButton* book_;
};

} // namespace fusain::desktop
