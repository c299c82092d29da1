#include "desktop/bench/method/closing_panels.hpp"

#include "desktop/services/computing.hpp"
#include "desktop/services/text_files.hpp"
#include "desktop/widgets/appearance.hpp"
#include "procedure/all/procedure.hpp"
#include "report/base/words.hpp"

#include <QFileDialog>
#include <QHBoxLayout>
#include <algorithm>

namespace fusain::desktop {
namespace {

// What two metres away is told of a test that gives no fat.
StandBack withoutFat(const ImpedanceResult& result) {
    return {result.phaseAngle ? number(result.phaseAngle->estimate().value(), 1) + QStringLiteral("°")
                              : QString(),
            QObject::tr("Phase angle; fat is not worked out with these electrodes.")};
}

StandBack withoutFat(const DensityResult&) {
    return {};
}

StandBack withoutFat(const DxaResult&) {
    return {};
}

StandBack withoutFat(const GirthResult& result) {
    const SiteGirth* waist = result.at(girth::Site::Waist);
    return {waist ? QStringLiteral("%1 cm").arg(report::number(waist->value.estimate().value(), 1)) : QString(),
            QObject::tr("Waist; a tape gives no fat.")};
}

} // namespace

ResultPanel::ResultPanel(Session& session, std::span<const StepText> sheet, Step step)
    : StepPanel(session, sheet, step), findings_(new FindingsView(session)) {
    body()->itemAt(1)->widget()->hide(); // the findings speak for themselves
    body()->addWidget(findings_, 1);
}

void ResultPanel::refresh() {
    if (isVisible())
        findings_->showTest(snapshotOf(run()));
}

void ResultPanel::primary() {
    session_.report(run().confirm(step()));
}

StandBack ResultPanel::standBack() const {
    const auto result = session_.computing().computed(snapshotOf(run()));
    if (!result)
        return {{}, report::say(result.error())};
    if (!result->composition())
        return std::visit([](const auto& own) { return withoutFat(own); }, result->result);
    const auto& fat = result->composition()->fatPercent;
    return {QStringLiteral("%1 %").arg(report::number(fat.estimate().value(), 1)),
            tr("± %1 % (95 % CI)").arg(report::number(fat.halfInterval().value(), 1))};
}

ReportPanel::ReportPanel(Session& session, std::span<const StepText> sheet, Step step)
    : StepPanel(session, sheet, step), copy_(new QComboBox),
      withoutNumbers_(new QCheckBox(tr("client copy in words only"))), preview_(new PagePreview) {
    body()->itemAt(1)->widget()->hide();
    copy_->addItems({tr("Client copy"), tr("Lab copy")});
    copy_->setAccessibleName(tr("Which copy"));
    auto* printer = button(tr("Print…"));
    body()->addLayout(inOneRow({copy_, withoutNumbers_, printer}));
    body()->addWidget(preview_, 1);
    connect(copy_, &QComboBox::currentIndexChanged, this, [this] {
        preview_->toFirstPage();
        showPages();
    });
    connect(withoutNumbers_, &QCheckBox::toggled, this, &ReportPanel::showPages);
    connect(printer, &QPushButton::clicked, this, [this] {
        if (preview_->print())
            session_.report(run().confirm(this->step()));
    });
}

std::optional<report::PageFlow> ReportPanel::pages() {
    auto report = session_.computing().reportOn(snapshotOf(run()));
    if (!report) {
        preview_->clear(report::say(report.error()));
        return std::nullopt;
    }
    if (shownTest_ != report->record().id) {
        shownTest_ = report->record().id;
        showChecked(withoutNumbers_, report->withoutNumbers);
    }
    report->withoutNumbers = withoutNumbers_->isChecked();
    if (copy_->currentIndex() == 1)
        return report::labCopy(*report);
    const report::InLanguage language(report::spokenTo(report->client, report->record().startedAt));
    return report::clientCopy(*report);
}

void ReportPanel::showCopy(bool lab) {
    copy_->setCurrentIndex(lab ? 1 : 0);
}

void ReportPanel::refresh() {
    if (isVisible())
        showPages();
}

void ReportPanel::showPages() {
    if (auto flow = pages())
        preview_->setPages(std::move(*flow));
}

bool ReportPanel::saveTo(const QString& path) {
    auto flow = pages();
    if (!flow || !session_.report(report::writePdf(*flow, path, tr("Body composition report"))))
        return false;
    return run().isDone(step()) || session_.report(run().confirm(step()));
}

void ReportPanel::primary() {
    const auto client = session_.book().client(run().record().subject.clientId);
    const QString name =
        QStringLiteral("%1-%2-%3.pdf")
            .arg(QString::fromStdString(client ? client->code : "client"),
                 report::day(run().record().startedAt),
                 copy_->currentIndex() == 0 ? QStringLiteral("client") : QStringLiteral("lab"));
    const QString path =
        QFileDialog::getSaveFileName(this, tr("Save the report"), safeFileName(name), tr("PDF (*.pdf)"));
    if (!path.isEmpty())
        saveTo(path);
}

} // namespace fusain::desktop

#include "moc_closing_panels.cpp"
