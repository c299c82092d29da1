#pragma once
#include "desktop/services/session.hpp"

#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QTableWidget>

namespace fusain::desktop {

/// Who works here, who has to sign in, and whether clients' names are sealed in the file.
class PeoplePage : public QWidget {
    Q_OBJECT
public:
    explicit PeoplePage(Session& session);
    void refresh();

private:
    QLayout* colleagueRow();
    QWidget* namesBox();
    void addColleague();
    void changePassphrase();
    void revokeKey();
    void askEverybody(bool everybody);
    void sealNames();
    void changePhrase();
    void unsealNames();
    void showNames();
    [[nodiscard]] Staff chosenColleague() const;
    /// Whether whoever is at the bench may decide who works here; says so where not.
    [[nodiscard]] bool mayDecide();

    Session& session_;
    QTableWidget* colleagues_;
    QLineEdit* name_;
    QComboBox* role_;
    QCheckBox* signIn_;
    QLabel* names_; ///< how they stand in the file
    QPushButton *seal_, *phrase_, *unseal_;
    QLabel* said_;
};

} // namespace fusain::desktop
