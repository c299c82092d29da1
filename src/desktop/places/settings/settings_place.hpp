#pragma once
#include "desktop/services/lab_forms.hpp"
#include "desktop/views/place.hpp"

#include <QListWidget>
#include <QStackedWidget>

namespace fusain::desktop {

class PeoplePage;

/// The settings of the lab, page by page: what its pages carry, who works here, its methods and how each
/// instrument is reached, how a client gets out of one, how the window looks, and the care of the lab book.
class SettingsPlace : public Place {
    Q_OBJECT
public:
    enum class Page { Lab, People, Methods, GettingOut, Screen, LabBook };
    explicit SettingsPlace(Session& session);
    void refresh() override;
    [[nodiscard]] bool concerns(const Changes& changes) const override {
        return changes.shown || changes.settings || changes.colleagues;
    }
    [[nodiscard]] QString where() const override;
    void enter() override;
    void addCommands(const PlaceCommands& add) override;
    void undo() override;
    void showPage(Page page);

protected:
    void showEvent(QShowEvent* event) override;

Q_SIGNALS:
    void lockAfterChosen(int minutes);

private:
    /// What is written down page by page and kept together.
    struct Forms {
        LetterheadForm* letterhead = nullptr;
        MethodsForm* methods = nullptr;
        std::map<std::string, QLineEdit*> waysOut; ///< by method
    };

    QWidget* screenPage();
    QWidget* waysOutForm();
    /// Shows what is kept in forms that are made anew.
    void loadForms();
    [[nodiscard]] bool edited() const;
    void save();
    void showScreen();

    QListWidget* list_;
    QStackedWidget* pages_;
    QList<QWidget*> formPages_; ///< each holds one form
    Forms forms_;
    bool chosen_ = false; ///< something was chosen or ticked in a form and not saved yet
    QPushButton* save_;
    QLabel* said_;
    PeoplePage* people_;
    QCheckBox *dark_, *contrast_, *names_;
    QComboBox* textSize_;
    QComboBox* lockAfter_;
};

} // namespace fusain::desktop
