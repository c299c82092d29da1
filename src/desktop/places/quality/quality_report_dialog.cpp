#include "desktop/places/quality/quality_report_dialog.hpp"

#include "desktop/services/computing.hpp"
#include "desktop/services/text_files.hpp"
#include "desktop/widgets/appearance.hpp"
#include "exchange/lab/quality_csv.hpp"
#include "report/base/words.hpp"

#include <QDialogButtonBox>
#include <QFileDialog>
#include <QVBoxLayout>

namespace fusain::desktop {

QualityReportDialog::QualityReportDialog(Session& session, const Instrument& instrument,
                                         std::vector<Check> checks, QWidget* parent)
    : QDialog(parent), session_(session), instrument_(instrument), checks_(std::move(checks)),
      from_(new QLineEdit), until_(new QLineEdit), preview_(new PagePreview) {
    setWindowTitle(tr("Quality report"));
    resize(scaled(900), scaled(760));
    for (const auto& [edit, name] :
         {std::pair(from_, tr("from 2026-01-31")), std::pair(until_, tr("to 2026-12-31"))}) {
        edit->setPlaceholderText(name);
        edit->setAccessibleName(tr("Quality report, %1; empty for everything").arg(name));
        edit->setMaximumWidth(scaled(150));
        connect(edit, &QLineEdit::editingFinished, this, &QualityReportDialog::show);
    }
    auto* foot = new QDialogButtonBox;
    auto* save = foot->addButton(tr("Save as PDF or table…"), QDialogButtonBox::ActionRole);
    auto* print = foot->addButton(tr("Print…"), QDialogButtonBox::ActionRole);
    foot->addButton(tr("Close"), QDialogButtonBox::RejectRole);
    auto* layout = new QVBoxLayout(this);
    layout->addLayout(inOneRow({label(tr("Period; empty for everything"), "soft", false), from_, until_}));
    layout->addWidget(preview_, 1);
    layout->addWidget(foot);
    connect(save, &QPushButton::clicked, this, &QualityReportDialog::save);
    connect(print, &QPushButton::clicked, preview_, &PagePreview::print);
    connect(foot, &QDialogButtonBox::rejected, this, &QDialog::reject);
    show();
}

// Whole days of the lab, the last one included.
std::optional<report::Period> QualityReportDialog::period() {
    report::Period period;
    for (auto [edit, end, days] : {std::tuple(from_, &period.from, 0), std::tuple(until_, &period.until, 1)}) {
        const std::string typed = edit->text().trimmed().toStdString();
        if (typed.empty())
            continue;
        const auto noon = instantFromIso(typed + "T12:00:00.000Z"); // in every zone within that day
        if (!noon) {
            session_.report(failure({FUSAIN_TEXT("\"{1}\" is not a date."), {typed}}, {},
                                    {FUSAIN_TEXT("Type it as 2026-01-31."), {}}));
            return std::nullopt;
        }
        *end = report::startOfLocalDay(*noon, days);
    }
    return period;
}

report::PageFlow QualityReportDialog::pages(const report::Period& period) {
    return report::qualityReport(session_.letterhead(), instrument_, checks_, period,
                                 session_.computing().staffNames());
}

void QualityReportDialog::show() {
    if (const auto shown = period())
        preview_->setPages(pages(*shown));
}

bool QualityReportDialog::saveTo(const QString& path) {
    const auto chosen = period();
    if (!chosen)
        return false;
    if (path.endsWith(QLatin1String(".csv")))
        return saveText(session_, path, exchange::checksToCsv(report::within(*chosen, checks_)));
    return session_.report(report::writePdf(pages(*chosen), path, tr("Quality report")));
}

void QualityReportDialog::save() {
    const QString path = QFileDialog::getSaveFileName(
        this, tr("Quality report"),
        safeFileName(report::plain(instrument_.id) + QStringLiteral("-quality.pdf")),
        tr("PDF or table (*.pdf *.csv)"));
    if (!path.isEmpty())
        saveTo(path);
}

} // namespace fusain::desktop

#include "moc_quality_report_dialog.cpp"
