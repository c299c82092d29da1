#include "desktop/bench/scan/scan_panel.hpp"

#include "desktop/recordings/scan/scan_recording.hpp"
#include "desktop/services/text_files.hpp"
#include "desktop/services/workstation.hpp"
#include "desktop/widgets/appearance.hpp"
#include "desktop/widgets/flowing_row.hpp"
#include "exchange/scan/scan_csv.hpp"
#include "record/base/json.hpp"
#include "report/base/words.hpp"

#include <QFileDialog>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QMessageBox>
#include <algorithm>
#include <cmath>

namespace fusain::desktop {
namespace {

using dxa::Region;
using dxa::RegionReading;

enum Column { Name, Fat, Lean, Bone, Area, Sum, FatPart };

std::vector<std::string> wordsOf(const QString& list) {
    std::vector<std::string> words;
    for (const QString& word : list.split(QLatin1Char(','), Qt::SkipEmptyParts))
        if (!word.trimmed().isEmpty())
            words.push_back(word.trimmed().toStdString());
    return words;
}

} // namespace

ScanPanel::ScanPanel(Session& session)
    : MethodPanel(session, dxaSteps(), DxaStep::Scan), live_(label({}, "live")), words_(label({}, "heading")),
      regions_(table({tr("region"), tr("fat, kg"), tr("lean, kg"), tr("bone, kg"), tr("area, cm²"),
                      tr("sum, kg"), tr("% fat")},
                     tr("Regions of the scan"))),
      half_(new QComboBox), artefacts_(new QLineEdit), kept_(label({}, "soft")) {
    regions_->setEditTriggers(QAbstractItemView::AnyKeyPressed | QAbstractItemView::DoubleClicked |
                              QAbstractItemView::EditKeyPressed);
    regions_->setSelectionBehavior(QAbstractItemView::SelectItems);
    regions_->setRowCount(static_cast<int>(dxa::regions.size()));
    for (int row = 0; row < regions_->rowCount(); ++row)
        for (int column = 0; column < regions_->columnCount(); ++column) {
            auto* cell = new QTableWidgetItem(
                column == Name ? report::say(dxa::regionName(dxa::regions[static_cast<std::size_t>(row)]))
                               : QString());
            if (column == Name || column == Sum || column == FatPart)
                cell->setFlags(Qt::ItemIsEnabled);
            if (column != Name)
                cell->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
            regions_->setItem(row, column, cell);
        }
    fitColumns();
    regions_->setMinimumHeight(scaled(300));
    half_->addItems(
        {tr("whole body"), tr("half body, right side complete"), tr("half body, left side complete")});
    half_->setAccessibleName(tr("Whole or half body"));
    artefacts_->setPlaceholderText(tr("noted at the scan: metal, movement …"));
    artefacts_->setAccessibleName(tr("Noted at the scan"));
    auto* load = button(tr("Import…"));
    auto* reported = button(tr("Reported values…"));
    auto* spite = button(tr("Override finding…"));
    auto* place = button(tr("Folder…"));
    auto* reading = new QHBoxLayout;
    reading->addWidget(live_);
    reading->addWidget(words_, 1);
    body()->addLayout(reading);
    body()->addWidget(regions_, 1);
    body()->addWidget(kept_);
    auto* options = new QHBoxLayout;
    options->addWidget(half_);
    options->addWidget(artefacts_, 1);
    body()->addLayout(options);
    body()->addLayout(new FlowingRow({load, reported, spite, place}));
    connect(load, &QPushButton::clicked, this, &ScanPanel::importScan);
    connect(reported, &QPushButton::clicked, this, &ScanPanel::typeReported);
    connect(spite, &QPushButton::clicked, this, &ScanPanel::useInSpite);
    connect(place, &QPushButton::clicked, this, &ScanPanel::chooseFolder);
    connect(half_, &QComboBox::currentIndexChanged, this, &ScanPanel::judge);
    connect(regions_, &QTableWidget::cellChanged, this, [this](int, int column) {
        if (column == Name || column == Sum || column == FatPart)
            return;
        file_.reset(); // whoever changes a number answers for all of them
        judge();
    });
    connect(&scans_, &ScanFolder::read, this, &ScanPanel::takeFromFolder);
    whenRecorded([this] {
        const ScanRecording& scan = recording<ScanRecording>();
        if (!scan.recording())
            scans_.watch(folder());
        showLive();
        Q_EMIT touched();
    });
}

// All of them beside each other in the smallest window: units stand below, the longest names on two lines.
void ScanPanel::fitColumns() {
    QFont bold = font();
    bold.setWeight(QFont::DemiBold);
    const int padding = scaled(14);
    regions_->setColumnWidth(Name, scaled(99));
    for (const int column : {Fat, Lean, Bone, Area, Sum, FatPart}) {
        QTableWidgetItem& head = *regions_->horizontalHeaderItem(column);
        head.setText(head.text().replace(QLatin1String(", "), QLatin1String(",\n")));
        const QSize words = QFontMetrics(bold).size(0, head.text());
        regions_->setColumnWidth(column, std::max(scaled(62), words.width() + padding));
    }
    wrapLines(*regions_);
}

ScanPanel::State ScanPanel::state() const {
    return recording<ScanRecording>().recording() ? State::Scanning : here_ ? State::Here : State::Idle;
}

void ScanPanel::showLive() {
    const ScanRecording& scan = recording<ScanRecording>();
    const auto whole = here_ ? typed() : std::nullopt;
    const auto total = whole ? dxa::sumOf(*whole, dxa::parts, Region::Total) : std::nullopt;
    live_->setText(scan.recording() ? number(scan.percent(), 0) + QStringLiteral(" %")
                   : total          ? number(total->mass().value(), 1) + QStringLiteral(" kg")
                                    : QString());
}

bool ScanPanel::linked() const {
    return session_.hub().isLive(scannerRole);
}

QString ScanPanel::folder() const {
    return QString::fromStdString(session_.workstation().setting("scan-folder"));
}

std::string ScanPanel::clientCode() const {
    const auto client = session_.book().client(run().record().subject.clientId);
    return client ? client->code : std::string();
}

QString ScanPanel::halfBody() const {
    return half_->currentIndex() == 0   ? QString()
           : half_->currentIndex() == 1 ? QStringLiteral("right")
                                        : QStringLiteral("left");
}

// The newest scan of this client that is not on the record yet; everything else is left where it lies.
void ScanPanel::takeFromFolder() {
    if (!session_.run() || !dynamic_cast<DxaProcedure*>(session_.run()) || file_)
        return;
    int others = 0, unread = 0;
    for (const FoundScan& found : scans_.scans()) {
        const bool used = std::ranges::find(own().test().scans, found.name.toStdString(), &DxaScan::link) !=
                          own().test().scans.end();
        if (!found.file)
            ++unread;
        else if (found.file->clientCode != clientCode())
            ++others;
        else if (!used && !file_ && !(found.file->scannedAt < own().test().startedAt)) {
            show(found.file->scan);
            file_ = *found.file;
            fileName_ = found.name;
            half_->setCurrentIndex(file_->halfBody.empty() ? 0 : file_->halfBody == "right" ? 1 : 2);
            judge();
        }
    }
    QStringList words;
    if (others > 0)
        words << tr("%n scan(s) of other clients", nullptr, others);
    if (unread > 0)
        words << tr("%n file(s) that are no scans", nullptr, unread);
    foreign_ =
        words.isEmpty() ? QString() : tr("Also in the folder, left alone: %1.").arg(words.join(tr(" and ")));
    Q_EMIT touched();
}

void ScanPanel::show(const dxa::Scan& scan) {
    const QSignalBlocker blocker(regions_);
    for (int row = 0; row < regions_->rowCount(); ++row) {
        const RegionReading* reading = scan.of(dxa::regions[static_cast<std::size_t>(row)]);
        const auto put = [&](Column column, std::optional<double> value, int decimals) {
            regions_->item(row, column)->setText(value ? number(*value, decimals) : QString());
        };
        put(Fat, reading ? std::optional(reading->fat.value()) : std::nullopt, 3);
        put(Lean, reading ? std::optional(reading->lean.value()) : std::nullopt, 3);
        put(Bone, reading ? std::optional(reading->boneMineral.value()) : std::nullopt, 3);
        put(Area, reading && reading->area ? std::optional(reading->area->value()) : std::nullopt, 0);
    }
}

std::optional<dxa::Scan> ScanPanel::typed() const {
    dxa::Scan scan;
    for (int row = 0; row < regions_->rowCount(); ++row) {
        const auto cell = [&](Column column) {
            return parseTyped(regions_->item(row, column)->text().toStdString());
        };
        const auto fat = cell(Fat), lean = cell(Lean), bone = cell(Bone), area = cell(Area);
        bool begun = false;
        for (const Column column : {Fat, Lean, Bone})
            begun = begun || !regions_->item(row, column)->text().isEmpty();
        if (!begun)
            continue;
        if (!fat || !lean || !bone)
            return std::nullopt;
        RegionReading reading{dxa::regions[static_cast<std::size_t>(row)],
                              Kilograms(*fat),
                              Kilograms(*lean),
                              Kilograms(*bone),
                              {},
                              {}};
        if (area)
            reading.area = SquareCentimetres(*area);
        scan.regions.push_back(reading);
    }
    if (scan.regions.empty())
        return std::nullopt;
    if (!halfBody().isEmpty() && !scan.of(Region::Total))
        return dxa::mirrored(scan);
    return scan;
}

void ScanPanel::judge() {
    if (!session_.run() || !dynamic_cast<DxaProcedure*>(session_.run()))
        return;
    const auto scan = typed();
    here_ = scan.has_value();
    findings_ = scan ? own().judge(*scan, !halfBody().isEmpty()) : std::vector<dxa::ScanFinding>{};
    const QSignalBlocker blocker(regions_);
    for (int row = 0; row < regions_->rowCount(); ++row) {
        const RegionReading* reading = scan ? scan->of(dxa::regions[static_cast<std::size_t>(row)]) : nullptr;
        regions_->item(row, Sum)->setText(reading ? number(reading->mass().value(), 3) : QString());
        regions_->item(row, FatPart)
            ->setText(reading && reading->mass().value() > 0.0
                          ? number(fatPercent(*reading, own().setting().policy.convention).value(), 1)
                          : QString());
    }
    const auto total = scan ? dxa::sumOf(*scan, dxa::parts, Region::Total) : std::nullopt;
    showLive();
    words_->setText(!findings_.empty() ? report::say(findings_.front().what)
                    : total            ? tr("Regions, sums and the scale agree.")
                                       : QString());
    Q_EMIT touched();
}

void ScanPanel::refresh() {
    const auto& test = own().test();
    if (watchedTest_ != test.id) { // another client: nothing typed for the last one stays
        watchedTest_ = test.id;
        file_.reset();
        show({});
        half_->setCurrentIndex(0);
        artefacts_->clear();
        judge();
    }
    scans_.watch(folder());
    QStringList lines;
    for (const DxaScan& scan : test.scans)
        lines << (scan.counts() ? (&scan == test.scan() ? tr("✓ scan %1, used").arg(scan.number)
                                                        : tr("scan %1").arg(scan.number))
                                : tr("scan %1 excluded: %2")
                                      .arg(scan.number)
                                      .arg(QString::fromStdString(scan.setAsideReason)));
    if (const ReportedByScanner* reported = test.reportedOfScan())
        lines << tr("%1 values as reported by the densitometer")
                     .arg(reported->values.size() + reported->bones.size());
    if (!foreign_.isEmpty())
        lines << foreign_;
    if (folder().isEmpty())
        lines << tr("No folder is watched: import the scan, or type it.");
    kept_->setText(lines.join(QStringLiteral("; ")));
}

QString ScanPanel::primaryText() const {
    switch (state()) {
    case State::Scanning:
        return tr("Scanning…");
    case State::Here:
        return tr("Accept the scan");
    case State::Idle:
        break;
    }
    if (run().isDone(step()))
        return {};
    return linked() ? tr("Start the scan") : tr("Accept the scan");
}

bool ScanPanel::primaryEnabled() const {
    if (run().obstacleTo(step()) || state() == State::Scanning)
        return false;
    return state() == State::Here ? !dxa::mustRepeat(findings_) : linked();
}

void ScanPanel::primary() {
    if (!primaryEnabled())
        return;
    if (state() == State::Here)
        return accept({});
    start();
}

void ScanPanel::start() {
    session_.report(recording<ScanRecording>().start());
}

void ScanPanel::repeat() {
    if (!linked() || run().obstacleTo(step()) || state() == State::Scanning)
        return;
    if (QMessageBox::question(
            this, tr("Scan again?"),
            tr("A second scan is a second dose. Can the region lines be corrected instead?\n\n"
               "Scan again anyway?")) != QMessageBox::Yes)
        return;
    file_.reset();
    show({});
    judge();
    start();
}

void ScanPanel::accept(const std::string& reasonInSpite) {
    const auto scan = typed();
    if (!scan)
        return;
    const auto notes = wordsOf(artefacts_->text());
    Expected<void> kept;
    if (file_) {
        ScanFile file = *file_;
        file.scan = *scan; // with what was corrected by hand
        file.halfBody = halfBody().toStdString();
        const auto remarks = remarksOn(file, notes);
        if (!remarks)
            return;
        kept = own().acceptFile(
            file, clientCode(), *remarks,
            Attribution::fromFile(run().record().id, "scanner", fileName_.toStdString()), reasonInSpite, [&] {
                return remarks->reassignedBecause.empty()
                           ? Procedure::Done()
                           : session_.noteReassigned(file.clientCode, fileName_.toStdString(),
                                                     remarks->reassignedBecause);
            });
    } else {
        DxaScan record;
        record.readings = *scan;
        record.halfBody = halfBody().toStdString();
        record.artefacts = notes;
        record.dose = own().setting().policy.dosePerScan;
        kept = own().acceptScan(std::move(record), reasonInSpite);
    }
    if (!kept) {
        session_.report(kept);
        return;
    }
    file_.reset();
    here_ = false;
    findings_.clear();
    show({});
    artefacts_->clear();
    session_.report(kept);
}

// A scan that is labelled for somebody else is a physiologist's decision. @return nothing when it is not taken
std::optional<ScanRemarks> ScanPanel::remarksOn(const ScanFile& file, const std::vector<std::string>& notes) {
    ScanRemarks remarks{notes, {}};
    if (file.clientCode == clientCode() || !may(session_.atTheBench().role, Right::Override))
        return remarks;
    const QString reason =
        askReason(this, tr("Reassign the scan"),
                  tr("The scan is labelled \"%1\", this client is \"%2\".\n"
                     "Why is it this client's scan? Both records keep the reason.")
                      .arg(QString::fromStdString(file.clientCode), QString::fromStdString(clientCode())));
    if (reason.isEmpty())
        return std::nullopt;
    remarks.reassignedBecause = reason.toStdString();
    return remarks;
}

void ScanPanel::useInSpite() {
    if (state() != State::Here || !dxa::mustRepeat(findings_)) {
        session_.report(failure({FUSAIN_TEXT("There is no scan here that the rules object to."), {}}));
        return;
    }
    const QString reason =
        askReason(this, tr("Use this scan anyway"),
                  report::say(findings_.front().what) + tr("\nThe physiologist decides and says why."));
    if (!reason.isEmpty())
        accept(reason.toStdString());
}

void ScanPanel::importScan() {
    const auto chosen = chooseText(session_, this, tr("Import a scan"), tr("Scans (*.csv *.json)"), 4);
    if (!chosen)
        return;
    if (QString::fromStdString(chosen->path).endsWith(QLatin1String(".csv")))
        return importTable(chosen->text, chosen->path);
    const auto json = parseJson(chosen->text, chosen->path);
    const auto file =
        json ? scanFileFromJson(*json, chosen->path) : Expected<ScanFile>(tl::unexpected(json.error()));
    if (!session_.report(file ? Expected<void>() : tl::unexpected(file.error())))
        return;
    show(file->scan);
    file_ = *file;
    fileName_ = QString::fromStdString(chosen->path).section(QLatin1Char('/'), -1);
    half_->setCurrentIndex(file->halfBody.empty() ? 0 : file->halfBody == "right" ? 1 : 2);
    judge();
}

// The mapping is shown before it is used, and kept for the next table of this densitometer.
void ScanPanel::importTable(const std::string& text, const std::string& path) {
    const auto table = exchange::tableFromCsv(text, path);
    if (!session_.report(table ? Expected<void>() : tl::unexpected(table.error())))
        return;
    exchange::ScanMapping mapping = exchange::guessScanMapping(*table);
    if (const std::string kept = session_.book().setting("scan-mapping"); !kept.empty())
        if (const auto saved = exchange::scanMappingFromJson(Json::parse(kept, nullptr, false)); saved)
            mapping = *saved;
    bool agreed = false;
    const QString lines =
        QInputDialog::getMultiLineText(this, tr("What the columns mean"),
                                       tr("One a line. Columns: region, fat, lean, bone-mineral, area, mass. "
                                          "Words for regions: left-arm, trunk …"),
                                       QString::fromStdString(exchange::mappingText(*table, mapping)), &agreed);
    if (!agreed)
        return;
    const auto own = exchange::scanMappingFromText(lines.toStdString());
    const auto scan =
        own ? exchange::scanFromTable(*table, *own) : Expected<dxa::Scan>(tl::unexpected(own.error()));
    if (!session_.report(scan ? Expected<void>() : tl::unexpected(scan.error())))
        return;
    session_.report(
        session_.book().setSetting("scan-mapping", exchange::toJson(*own).dump(), session_.atTheBench().id));
    file_.reset();
    show(*scan);
    judge();
}

void ScanPanel::typeReported() {
    bool kept = false;
    const QString text = QInputDialog::getMultiLineText(
        this, tr("Values reported by the densitometer"),
        tr("One a line: name, number, unit. Known names: visceral-fat-mass (kg), visceral-fat-area (cm²), "
           "bone-density.total (g/cm²), t-score.total, z-score.total; for total also spine, hip, "
           "femoral-neck."),
        {}, &kept);
    if (!kept)
        return;
    const auto read = exchange::reportedScanFromText(text.toStdString());
    session_.report(read ? own().keepReported(read->values, read->bones) : tl::unexpected(read.error()));
}

void ScanPanel::chooseFolder() {
    const QString place =
        QFileDialog::getExistingDirectory(this, tr("Where the densitometer leaves its scans"), folder());
    if (!place.isEmpty() && session_.report(session_.workstation().setSetting(
                                "scan-folder", place.toStdString(), session_.atTheBench().id)))
        refresh();
}

void ScanPanel::setAside() {
    if (const DxaScan* scan = own().test().scan())
        excludeOrRestore(scan, tr("Exclude scan %1").arg(scan->number));
}

QString ScanPanel::verdict() const {
    if (const auto obstacle = own().tableObstacle())
        return report::say(*obstacle);
    if (const auto obstacle = run().obstacleTo(step()))
        return report::say(*obstacle);
    if (state() == State::Scanning)
        return linked() ? tr("Still and quiet; nobody within a metre of the table.")
                        : tr("Link to the densitometer lost. The scan may still be running: X-rays may be on. "
                             "Stay out of the controlled area. Import the file when it ends.");
    if (state() == State::Here && !findings_.empty())
        return report::say(findings_.front().what) + QLatin1Char(' ') + report::say(findings_.front().remedy);
    if (state() == State::Here)
        return tr("Regions, sums and the scale agree. Accept it, then look at the region lines.");
    return run().isDone(step()) ? tr("Done.") : StepPanel::verdict();
}

StandBack ScanPanel::standBack() const {
    return {live_->text(), verdict()};
}

QWidget* ScanPanel::firstField() const {
    return linked() || state() == State::Here ? nullptr : regions_;
}

} // namespace fusain::desktop

#include "moc_scan_panel.cpp"
