#include "desktop/places/day/preparation_dialog.hpp"

#include "desktop/services/text_files.hpp"
#include "desktop/widgets/appearance.hpp"
#include "report/base/language.hpp"
#include "report/base/words.hpp"

#include <QClipboard>
#include <QDialogButtonBox>
#include <QFileDialog>
#include <QGuiApplication>
#include <QVBoxLayout>

namespace fusain::desktop {

PreparationDialog::PreparationDialog(Session& session, const Client& client, const Methods& methods,
                                     QWidget* parent)
    : QDialog(parent), session_(session),
      sheet_(sheetFor(session, client, methods)), head_{session.letterhead(), session.nameOf(client), true},
      client_(client), at_(methods.empty() ? session.now() : methods.front().second), language_(new QComboBox),
      preview_(new PagePreview) {
    setWindowTitle(tr("Preparation sheet"));
    resize(scaled(900), scaled(760));
    for (const QString& code : report::pageLanguages())
        language_->addItem(report::languageName(code), code);
    language_->setCurrentIndex(std::max(0, language_->findData(QString::fromStdString(client.language))));
    language_->setAccessibleName(tr("Language of the pages"));
    auto* close = new QDialogButtonBox;
    auto* keep = close->addButton(tr("Save as PDF…"), QDialogButtonBox::ActionRole);
    auto* print = close->addButton(tr("Print…"), QDialogButtonBox::ActionRole);
    auto* copy = close->addButton(tr("Copy as text"), QDialogButtonBox::ActionRole);
    close->addButton(tr("Close"), QDialogButtonBox::RejectRole);
    auto* layout = new QVBoxLayout(this);
    layout->addLayout(inOneRow({language_}));
    layout->addWidget(preview_, 1);
    layout->addWidget(close);
    connect(language_, &QComboBox::currentIndexChanged, this, &PreparationDialog::show);
    connect(keep, &QPushButton::clicked, this, &PreparationDialog::save);
    connect(print, &QPushButton::clicked, preview_, &PagePreview::print);
    connect(copy, &QPushButton::clicked, this, [this] { QGuiApplication::clipboard()->setText(text()); });
    connect(close, &QDialogButtonBox::rejected, this, &QDialog::reject);
    show();
}

QString PreparationDialog::language() const {
    return report::spokenTo(client_, at_, language_->currentData().toString());
}

report::PageFlow PreparationDialog::pages() const {
    const report::InLanguage theirs(language());
    return report::preparationPage(sheet_, head_);
}

QString PreparationDialog::text() const {
    const report::InLanguage theirs(language());
    return report::preparationText(sheet_, head_);
}

void PreparationDialog::show() {
    preview_->setPages(pages());
}

bool PreparationDialog::saveTo(const QString& path) {
    return session_.report(report::writePdf(pages(), path, tr("Preparation sheet")));
}

void PreparationDialog::save() {
    const QString path = QFileDialog::getSaveFileName(
        this, tr("Save the sheet"),
        safeFileName(QStringLiteral("%1-%2-preparation.pdf")
                         .arg(QString::fromStdString(client_.code), report::day(sheet_.methods.front().at))),
        tr("PDF (*.pdf)"));
    if (!path.isEmpty())
        saveTo(path);
}

} // namespace fusain::desktop

#include "moc_preparation_dialog.cpp"
