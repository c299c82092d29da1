#pragma once
#include "desktop/places/library/equation_trial.hpp"
#include "desktop/places/library/library_model.hpp"
#include "desktop/places/library/reference_picture.hpp"
#include "desktop/places/library/reference_shelf.hpp"
#include "desktop/views/place.hpp"

#include <QCheckBox>
#include <QTextBrowser>
#include <QTreeView>

namespace fusain::desktop {

/// Equations, reference sets, protocols and policies: each with citation and validity, and who in this lab
/// chose it. What is in force is marked; the list can be narrowed to a method, to what is in force, to a word.
class LibraryPlace : public Place {
    Q_OBJECT
public:
    explicit LibraryPlace(Session& session);
    void refresh() override;
    [[nodiscard]] bool concerns(const Changes& changes) const override {
        return changes.shown || changes.settings || changes.people; // the lab's own clients beside a reference
    }
    [[nodiscard]] QString where() const override { return tr("Library"); }
    void enter() override { tree_->setFocus(); }
    void addCommands(const PlaceCommands& add) override;
    /// Opens the first entry with these words in its title or id.
    void search(const QString& text);

private:
    QLayout* narrowing();
    void fill();
    void narrow();
    [[nodiscard]] QString chosenId() const;
    /// Puts the list on an entry; nothing when it is not listed.
    void open(const QString& id);
    void showEntry();
    void choose();
    void showReference(const QString& id);
    [[nodiscard]] QString equationPage(const QString& id) const;
    [[nodiscard]] QString protocolPage(const QString& id) const;
    [[nodiscard]] QString termPage(const QString& id) const;
    [[nodiscard]] QString truthPage(const QString& id) const;
    [[nodiscard]] QString policyPage(const QString& id) const;

    QLineEdit* words_;   ///< that a title or id must contain
    QComboBox* method_;  ///< whose entries are listed
    QCheckBox* inForce_; ///< only what this lab uses
    QTreeView* tree_;
    LibraryModel* model_;
    LibraryFilter* filter_;
    QLabel *title_, *below_; ///< of the entry; its id and whether it is in force
    QTextBrowser* page_;
    QPushButton* choose_;
    ReferencePicture* picture_;
    EquationTrial* trial_;
    ReferenceShelf* references_;
};

} // namespace fusain::desktop
