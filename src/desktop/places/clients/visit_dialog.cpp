#include "desktop/places/clients/visit_dialog.hpp"

#include "desktop/services/text_files.hpp"
#include "desktop/widgets/appearance.hpp"
#include "report/base/words.hpp"

#include <QDialogButtonBox>
#include <QFileDialog>
#include <QVBoxLayout>

namespace fusain::desktop {

VisitDialog::VisitDialog(Session& session, const Client& client, QWidget* parent)
    : QDialog(parent), session_(session), client_(client), days_(visitDays(session, client.id)),
      day_(new QComboBox), copy_(new QComboBox), language_(new QComboBox),
      withoutNumbers_(new QCheckBox(tr("in words only"))), withoutName_(new QCheckBox(tr("without the name"))),
      preview_(new PagePreview) {
    setWindowTitle(tr("Report on a visit"));
    resize(scaled(1000), scaled(760));
    for (const Instant day : days_)
        day_->addItem(report::day(day));
    day_->setAccessibleName(tr("Visit"));
    copy_->addItems({tr("Client copy"), tr("Lab copy")});
    copy_->setAccessibleName(tr("Which copy"));
    for (const QString& code : report::pageLanguages())
        language_->addItem(report::languageName(code), code);
    language_->setCurrentIndex(std::max(0, language_->findData(QString::fromStdString(client.language))));
    language_->setAccessibleName(tr("Language of the pages"));
    showChecked(withoutName_, session.namesHidden());
    auto* close = new QDialogButtonBox;
    auto* keep = close->addButton(tr("Save as PDF…"), QDialogButtonBox::ActionRole);
    auto* print = close->addButton(tr("Print…"), QDialogButtonBox::ActionRole);
    print->setDefault(true); // the client waits for the page: Ctrl+P, Enter, and Enter at the printer
    close->addButton(tr("Close"), QDialogButtonBox::RejectRole);
    auto* layout = new QVBoxLayout(this);
    layout->addLayout(inOneRow({day_, copy_, language_, withoutNumbers_, withoutName_}));
    layout->addWidget(preview_, 1);
    layout->addWidget(close);
    for (QComboBox* each : {day_, copy_, language_})
        connect(each, &QComboBox::currentIndexChanged, this, &VisitDialog::show);
    for (QCheckBox* each : {withoutNumbers_, withoutName_})
        connect(each, &QCheckBox::toggled, this, &VisitDialog::show);
    connect(keep, &QPushButton::clicked, this, &VisitDialog::save);
    connect(print, &QPushButton::clicked, preview_, &PagePreview::print);
    connect(close, &QDialogButtonBox::rejected, this, &QDialog::reject);
    show();
}

Expected<report::PageFlow> VisitDialog::pages() {
    if (days_.empty())
        return failure({FUSAIN_TEXT("Nothing is signed yet."), {}}, {},
                       {FUSAIN_TEXT("Sign the test, then write the report."), {}});
    auto visit = visitReportOn(session_, client_, days_[static_cast<std::size_t>(day_->currentIndex())]);
    if (!visit)
        return tl::unexpected(visit.error());
    if (shownDay_ != day_->currentIndex()) {
        shownDay_ = day_->currentIndex();
        showChecked(withoutNumbers_, visit->withoutNumbers);
    }
    visit->withoutNumbers = withoutNumbers_->isChecked();
    visit->namesHidden = withoutName_->isChecked();
    for (report::TestReport& test : visit->tests)
        test.namesHidden = visit->namesHidden;
    if (copy_->currentIndex() == 1)
        return labCopy(*visit); // the lab reads its own language
    const report::InLanguage language(
        report::spokenTo(visit->client, visit->day(), language_->currentData().toString()));
    return clientCopy(*visit);
}

void VisitDialog::show() {
    language_->setEnabled(copy_->currentIndex() == 0);
    withoutNumbers_->setEnabled(copy_->currentIndex() == 0);
    if (auto flow = pages())
        preview_->setPages(std::move(*flow));
    else
        preview_->clear(report::say(flow.error()));
}

bool VisitDialog::saveTo(const QString& path) {
    const auto flow = pages();
    return session_.report(flow ? report::writePdf(*flow, path, tr("Body composition report"))
                                : Expected<void>(tl::unexpected(flow.error())));
}

void VisitDialog::save() {
    const QString name =
        QStringLiteral("%1-%2-%3.pdf")
            .arg(QString::fromStdString(client_.code), day_->currentText(),
                 copy_->currentIndex() == 0 ? QStringLiteral("visit") : QStringLiteral("visit-lab"));
    const QString path =
        QFileDialog::getSaveFileName(this, tr("Save the report"), safeFileName(name), tr("PDF (*.pdf)"));
    if (!path.isEmpty())
        saveTo(path);
}

} // namespace fusain::desktop

#include "moc_visit_dialog.cpp"
