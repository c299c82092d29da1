#pragma once
#include "desktop/places/library/reference_shelf.hpp"
#include "desktop/views/place.hpp"

#include <QTextBrowser>
#include <QTreeWidget>

namespace fusain::desktop {

/// Equations, reference sets, protocols and policies: each with citation and validity, and who in this lab
/// chose it.
class LibraryPlace : public Place {
    Q_OBJECT
public:
    explicit LibraryPlace(Session& session);
    void refresh() override;
    [[nodiscard]] QString where() const override { return tr("Library"); }
    void enter() override { tree_->setFocus(); }
    void addCommands(const PlaceCommands& add) override;
    void search(const QString& text);

private:
    void fill();
    void showEntry();
    void choose();
    void showReference(const QString& id);
    [[nodiscard]] QString equationPage(const QString& id) const;
    [[nodiscard]] QString protocolPage(const QString& id) const;
    [[nodiscard]] QString truthPage(const QString& id) const;
    [[nodiscard]] QString policyPage(const QString& id) const;
    QTreeWidget* tree_;
    QTextBrowser* page_;
    QPushButton* choose_;
    ReferenceShelf* references_;
};

} // namespace fusain::desktop
