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
    return {QStringLiteral("%1 %").arg(QString::fromStdString(fixed(fat.estimate().value(), 1))),
            tr("± %1 % (95 % CI)").arg(QString::fromStdString(fixed(fat.halfInterval().value(), 1)))};
}

InterpretationPanel::InterpretationPanel(Session& session, std::span<const StepText> sheet, Step step)
    : StepPanel(session, sheet, step), suggestions_(label({})), text_(new QPlainTextEdit) {
    auto* take = button(tr("Take these sentences over"));
    text_->setAccessibleName(tr("Interpretation"));
    text_->setTabChangesFocus(true);
    body()->addWidget(suggestions_);
    body()->addWidget(take, 0, Qt::AlignLeft);
    body()->addWidget(text_, 1);
    connect(take, &QPushButton::clicked, this, [this] { text_->setPlainText(suggested_); });
}

void InterpretationPanel::refresh() {
    const auto report = session_.computing().reportOn(snapshotOf(run()));
    if (!report) {
        suggestions_->setText(report::say(report.error()));
        return;
    }
    QStringList lines, points, evidence;
    for (const Message& sentence : report::findingsOf(*report))
        lines << report::sentence(sentence);
    for (const KeyPoint& point : report->keyPoints) {
        // What is taken over is read by the client.
        const report::InLanguage language(QString::fromStdString(report->client.language));
        points << report::say(point.sentence);
        evidence << tr("– %1 (%2)").arg(points.back(), report::say(point.evidence));
    }
    suggested_ = points.isEmpty() ? lines.mid(0, 2).join(QLatin1Char(' ')) : points.join(QLatin1Char('\n'));
    suggestions_->setText(
        (points.isEmpty()
             ? QString()
             : tr("What matters today, for the client:\n%1\n\n").arg(evidence.join(QLatin1Char('\n')))) +
        tr("What the numbers say:\n") + lines.join(QLatin1Char('\n')));
    if (!text_->hasFocus() && !run().record().interpretation.empty())
        text_->setPlainText(QString::fromStdString(run().record().interpretation));
}

// What was written about one test is never there for another, and is still there when that test comes back.
void InterpretationPanel::entered() {
    const std::string test = run().record().id;
    if (draftOf_ == test)
        return;
    drafts_[draftOf_] = text_->toPlainText();
    draftOf_ = test;
    const auto draft = drafts_.find(test);
    text_->setPlainText(draft != drafts_.end() ? draft->second
                                               : QString::fromStdString(run().record().interpretation));
}

void InterpretationPanel::primary() {
    session_.report(run().interpret(text_->toPlainText().trimmed().toStdString()));
}

SignPanel::SignPanel(Session& session, std::span<const StepText> sheet, Step step)
    : StepPanel(session, sheet, step), summary_(label({}, "heading")), technician_(new QComboBox),
      physiologist_(new QComboBox) {
    technician_->setAccessibleName(tr("Technician"));
    physiologist_->setAccessibleName(tr("Physiologist"));
    for (QComboBox* box : {technician_, physiologist_})
        box->setMaximumWidth(scaled(320));
    body()->addWidget(summary_);
    body()->addWidget(label(tr("Technician"), "soft"));
    body()->addWidget(technician_);
    body()->addWidget(label(tr("Physiologist who answers for the result"), "soft"));
    body()->addWidget(physiologist_);
    body()->addStretch();
}

// Filled for each test anew: who ran it, never who ran the one before.
void SignPanel::refresh() {
    const std::string test = run().record().id + '/' + std::to_string(run().record().version);
    if (filledFor_ != test) {
        filledFor_ = test;
        staff_ = session_.book().staff();
        technician_->clear();
        physiologist_->clear();
        technician_->addItem(tr("choose who ran the test"), QString());
        physiologist_->addItem(tr("nobody"), QString());
        for (const Staff& staff : staff_) {
            technician_->addItem(QString::fromStdString(staff.name), QString::fromStdString(staff.id));
            if (staff.role == Role::Physiologist)
                physiologist_->addItem(QString::fromStdString(staff.name), QString::fromStdString(staff.id));
        }
        technician_->setCurrentIndex(
            std::max(0, technician_->findData(QString::fromStdString(run().record().startedBy))));
        const bool here = session_.atTheBench().role == Role::Physiologist;
        physiologist_->setCurrentIndex(
            here ? std::max(0, physiologist_->findData(QString::fromStdString(session_.atTheBench().id))) : 0);
    }
    const auto& signature = run().record().signature;
    summary_->setText(
        signature ? tr("Signed by %1 and %2 at %3. Version %4.")
                        .arg(QString::fromStdString(session_.computing().staffNames()(signature->technician)),
                             QString::fromStdString(session_.computing().staffNames()(signature->physiologist)),
                             report::clock(signature->at))
                        .arg(run().record().version)
                  : tr("Version %1, not signed yet.").arg(run().record().version));
}

QString SignPanel::primaryText() const {
    return run().record().state == TestState::Signed ? tr("Amend with a reason") : tr("Sign and lock");
}

void SignPanel::primary() {
    if (run().record().state == TestState::Signed) {
        const QString reason = askReason(this, tr("Amend a signed test"),
                                         tr("What has to change, and why? Both versions are kept."));
        if (!reason.isEmpty())
            session_.report(run().amend(reason.toStdString()));
        return;
    }
    const auto chosen = [&](const QComboBox* box) -> std::optional<Staff> {
        const auto found = std::ranges::find(staff_, box->currentData().toString().toStdString(), &Staff::id);
        return found == staff_.end() ? std::nullopt : std::optional(*found);
    };
    session_.report(session_.signRun(chosen(technician_).value_or(Staff{}), chosen(physiologist_)));
}

QString SignPanel::verdict() const {
    return run().record().state == TestState::Signed
               ? tr("Locked. An amendment makes a new version; both are kept.")
               : StepPanel::verdict();
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
    connect(withoutNumbers_, &QCheckBox::clicked, this, &ReportPanel::showPages);
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
        withoutNumbers_->setChecked(report->withoutNumbers);
    }
    report->withoutNumbers = withoutNumbers_->isChecked();
    if (copy_->currentIndex() == 1)
        return report::labCopy(*report);
    const report::InLanguage language(QString::fromStdString(report->client.language));
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
