#pragma once
#include "desktop/services/lab_forms.hpp"

#include <QDialog>

namespace fusain::desktop {

/// The lab's own settings: what its pages carry, its methods and how each instrument is reached, how a client
/// gets out of it, and who works here.
class LabSettings : public QDialog {
    Q_OBJECT
public:
    explicit LabSettings(Session& session, QWidget* parent = nullptr);

private:
    [[nodiscard]] QWidget* waysOutPage();
    [[nodiscard]] QWidget* staffPage();
    void save();
    void addColleague();
    void showColleagues();

    Session& session_;
    LetterheadForm* letterhead_;
    MethodsForm* methods_;
    std::map<std::string, QLineEdit*> waysOut_; ///< by method
    QTableWidget* colleagues_;
    QLineEdit* colleagueName_;
    QComboBox* colleagueRole_;
    QLabel* problem_;
};

} // namespace fusain::desktop
