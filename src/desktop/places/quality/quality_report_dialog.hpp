#pragma once
#include "desktop/services/session.hpp"
#include "desktop/widgets/page_preview.hpp"
#include "report/pages/quality_report.hpp"

#include <QDialog>

namespace fusain::desktop {

/// The quality report of one instrument over a period, as it will be printed; saved as PDF or as a table.
class QualityReportDialog : public QDialog {
    Q_OBJECT
public:
    QualityReportDialog(Session& session, const Instrument& instrument, std::vector<Check> checks,
                        QWidget* parent = nullptr);
    /// @param path of a PDF, or of a table when it ends with .csv  @return whether it was written
    bool saveTo(const QString& path);

private:
    void show();
    void save();
    [[nodiscard]] std::optional<report::Period> period();
    [[nodiscard]] report::PageFlow pages(const report::Period& period);

    Session& session_;
    const Instrument& instrument_;
    std::vector<Check> checks_;
    QLineEdit *from_, *until_;
    PagePreview* preview_;
};

} // namespace fusain::desktop
