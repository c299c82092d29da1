#pragma once
#include "desktop/services/visit_reporter.hpp"
#include "desktop/widgets/page_preview.hpp"
#include "report/pages/preparation_page.hpp"

#include <QDialog>

namespace fusain::desktop {

/// The preparation sheet for a client's appointments of one day: as it will be printed, in a language of
/// choice, and as text for a letter.
class PreparationDialog : public QDialog {
    Q_OBJECT
public:
    using Methods = std::vector<std::pair<std::string, Instant>>;
    PreparationDialog(Session& session, const Client& client, const Methods& methods,
                      QWidget* parent = nullptr);
    /// @return whether the sheet was written
    bool saveTo(const QString& path);
    /// The sheet as text, in the language shown.
    [[nodiscard]] QString text() const;

private:
    void show();
    void save();
    [[nodiscard]] report::PageFlow pages() const;
    [[nodiscard]] QString language() const;

    Session& session_;
    PreparationSheet sheet_;
    report::PreparationHead head_;
    Client client_;
    Instant at_; ///< of the first appointment
    QComboBox* language_;
    PagePreview* preview_;
};

} // namespace fusain::desktop
