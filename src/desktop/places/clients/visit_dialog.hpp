#pragma once
#include "desktop/services/visit_reporter.hpp"
#include "desktop/widgets/page_preview.hpp"

#include <QCheckBox>
#include <QDialog>

namespace fusain::desktop {

/// The report on one visit, whatever methods it had: two pages for the client, in the client's language, or
/// everything for the lab.
class VisitDialog : public QDialog {
    Q_OBJECT
public:
    VisitDialog(Session& session, const Client& client, QWidget* parent = nullptr);
    /// Writes the shown copy. @return whether it was written
    bool saveTo(const QString& path);

private:
    void show();
    void save();
    [[nodiscard]] Expected<report::PageFlow> pages();

    Session& session_;
    Client client_;
    std::vector<Instant> days_;
    QComboBox *day_, *copy_, *language_;
    QCheckBox *withoutNumbers_, *withoutName_;
    PagePreview* preview_;
    int shownDay_ = -1;
};

} // namespace fusain::desktop
