#include "desktop/places/clients/import_dialog.hpp"

#include "desktop/services/instrument_checks.hpp"
#include "desktop/services/lab_undo.hpp"
#include "desktop/widgets/appearance.hpp"
#include "procedure/all/methods.hpp"
#include "record/all/record.hpp"
#include "record/base/fingerprint.hpp"
#include "record/base/json.hpp"
#include "report/base/words.hpp"
#include "store/transfer/imports.hpp"

#include <QFileInfo>
#include <QProgressDialog>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace fusain::desktop {
namespace {

constexpr int shownAfter = 300; // ms; a few rows are there before anybody reads of them
const std::string mappingSetting = "import-mapping.analyzer";

QStringList usualTargets() {
    QStringList targets{QString(),
                        QStringLiteral("code"),
                        QStringLiteral("mass_kg"),
                        QStringLiteral("height_cm"),
                        QStringLiteral("reported/fat-percent/%"),
                        QStringLiteral("reported/fat-free-mass/kg"),
                        QStringLiteral("reported/body-water/L")};
    for (const auto segment : impedance::segments)
        for (const char* part : {"r", "xc", "z", "phase"})
            targets << QStringLiteral("%1/%2/50")
                           .arg(QLatin1String(part),
                                report::plain(std::string(impedance::segmentKey(segment))));
    return targets;
}

} // namespace

ImportDialog::ImportDialog(Session& session, exchange::CsvTable table, const ChosenText& source,
                           QWidget* parent)
    : QDialog(parent), session_(session), table_(std::move(table)),
      source_(QFileInfo(QString::fromStdString(source.path)).fileName().toStdString()),
      hash_(hashOf(source.text)),
      columns_(desktop::table({tr("column"), tr("first row"), tr("means")}, tr("Columns of the export"))),
      rowsTable_(desktop::table(
          {tr("line"), tr("date"), tr("client"), tr("mass"), tr("readings"), tr("verdict")}, tr("Rows"))),
      kilohms_(new QCheckBox(tr("Values are kilohms"))), import_(button({}, true)), words_(label({}, "soft")) {
    setWindowTitle(tr("Import an analyzer's export"));
    resize(scaled(900), scaled(640));
    exchange::ImportMapping guess = exchange::guessMapping(table_.header);
    if (const auto kept = exchange::importMappingFromJson(
            Json::parse(session.book().setting(mappingSetting, "{}"), nullptr, false)))
        for (const auto& [column, target] : kept->targets)
            if (table_.column(column))
                guess.targets[column] = target;
    kilohms_->setChecked(guess.ohms != 1.0);
    columns_->setRowCount(static_cast<int>(table_.header.size()));
    for (int row = 0; row < columns_->rowCount(); ++row) {
        const auto index = static_cast<std::size_t>(row);
        setRow(columns_, row,
               {report::plain(table_.header[index]), report::plain(table_.rows.front().cells[index]), {}});
        auto* target = new QComboBox;
        target->setEditable(true);
        target->addItems(usualTargets());
        target->setCurrentText(report::plain(guess.targets[table_.header[index]]));
        target->setAccessibleName(tr("Meaning of %1").arg(report::plain(table_.header[index])));
        columns_->setCellWidget(row, 2, target);
        columns_->setRowHeight(row, 40);
        targets_.push_back(target);
        connect(target, &QComboBox::currentTextChanged, this, &ImportDialog::preview);
    }
    for (const store::Import& import : store::imports(session.book()))
        if (import.from.fileHash == hash_ && !import.takenBack)
            before_ = tr("▲ This file was imported on %1 already; its tests would stand there twice. ")
                          .arg(report::day(import.from.at));
    columns_->setColumnWidth(0, scaled(280));
    columns_->setColumnWidth(1, scaled(140));
    auto* back = button(tr("Go back"));
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(label(
        tr("What each column means; empty leaves it out. Segment readings: r, xc, z or phase / segment / kHz."),
        "soft"));
    layout->addWidget(columns_, 1);
    layout->addWidget(kilohms_);
    layout->addWidget(rowsTable_, 1);
    layout->addWidget(words_);
    layout->addLayout(inOneRow({import_, back}));
    connect(kilohms_, &QCheckBox::toggled, this, &ImportDialog::preview);
    connect(import_, &QPushButton::clicked, this, [this] {
        importGood();
        accept();
    });
    connect(back, &QPushButton::clicked, this, &QDialog::reject);
    preview();
}

exchange::ImportMapping ImportDialog::mapping() const {
    exchange::ImportMapping mapping;
    for (std::size_t i = 0; i < targets_.size(); ++i)
        if (const std::string target = targets_[i]->currentText().trimmed().toStdString();
            exchange::isImportTarget(target))
            mapping.targets[table_.header[i]] = target;
    mapping.ohms = kilohms_->isChecked() ? 1000.0 : 1.0;
    return mapping;
}

std::optional<Client> ImportDialog::clientOf(const std::string& code) {
    for (const Client& client : session_.book().findClients(code))
        if (client.code == code)
            return client;
    return std::nullopt;
}

void ImportDialog::preview() {
    rows_ = exchange::importRows(table_, mapping());
    int good = 0;
    rowsTable_->setRowCount(static_cast<int>(rows_.size()));
    for (int i = 0; i < rowsTable_->rowCount(); ++i) {
        exchange::ImportedRow& row = rows_[static_cast<std::size_t>(i)];
        const auto client = clientOf(row.code);
        if (!row.problem && !client)
            row.problem = Problem{{FUSAIN_TEXT("No client has the code \"{1}\"."), {row.code}}, {}, {}, {}};
        if (!row.problem && row.date && startOf(*row.date) > session_.now())
            row.problem = Problem{{FUSAIN_TEXT("The date is in the future."), {}}, {}, {}, {}};
        if (!row.problem && !row.mass)
            row.problem = Problem{{FUSAIN_TEXT("The mass is missing."), {}}, {}, {}, {}};
        if (!row.problem && !row.sweep.spectra.empty())
            if (auto problem = problemWithSweep(row.sweep))
                row.problem = *problem;
        if (!row.problem && row.height && client && client->height &&
            std::abs((*row.height - *client->height).value()) > impedance::IdentityLimits{}.height.value())
            row.problem =
                Problem{{FUSAIN_TEXT("The height differs from this client's: is it the right person?"), {}},
                        {},
                        {},
                        {}};
        good += !row.problem;
        setRow(rowsTable_, i,
               {QString::number(row.line), row.date ? report::plain(isoText(*row.date)) : tr("today"),
                client ? session_.nameOf(*client) : report::plain(row.code),
                row.mass ? number(row.mass->value(), 1) : QString(),
                tr("%1 segments, %2 reported").arg(row.sweep.spectra.size()).arg(row.reported.size()),
                row.problem ? QStringLiteral("▲ ") + report::say(row.problem->what) : tr("✓ good")});
    }
    rowsTable_->setColumnWidth(0, scaled(50));
    rowsTable_->setColumnWidth(1, scaled(100));
    rowsTable_->setColumnWidth(2, scaled(160));
    rowsTable_->setColumnWidth(3, scaled(70));
    rowsTable_->setColumnWidth(4, scaled(200));
    import_->setText(tr("Import %n row(s)", nullptr, good));
    import_->setEnabled(good > 0);
    words_->setText(before_ + tr("%1 of %2 rows are good; the others stay out. The file was read as %3.")
                                  .arg(good)
                                  .arg(rows_.size())
                                  .arg(QString::fromStdString(table_.encoding)));
}

// A test of its own, off the bench: what is open there stays open.
Expected<void> ImportDialog::importRow(const exchange::ImportedRow& row) {
    const auto client = clientOf(row.code);
    constexpr double noon = 12.0 * 60.0;
    const Instant takenAt = row.date ? startOf(*row.date).plusMinutes(noon) : session_.now();
    return session_.importTest(*client, takenAt, methodImpedance, [&](Procedure& run) {
        return runningAs<ImpedanceMethod>(run).importReadings(*row.mass, row.sweep, row.reported,
                                                              source_ + ", line " + std::to_string(row.line));
    });
}

int ImportDialog::importGood() {
    // One act: a cut, a full disk or a row that is refused after all leaves the book as it was.
    int imported = 0;
    const auto good = static_cast<int>(
        std::ranges::count_if(rows_, [](const exchange::ImportedRow& row) { return !row.problem; }));
    QProgressDialog progress(tr("Importing %n row(s)…", nullptr, good), tr("Cancel"), 0, good, this);
    progress.setWindowModality(Qt::WindowModal);
    progress.setMinimumDuration(shownAfter);
    const store::ImportedFrom from{session_.atTheBench().id, session_.now(), source_, hash_};
    const auto done = store::asImport(session_.book(), from, [&]() -> Expected<void> {
        for (const exchange::ImportedRow& row : rows_)
            if (!row.problem) {
                if (auto kept = importRow(row); !kept)
                    return kept;
                progress.setValue(++imported);
                if (progress.wasCanceled())
                    return failure({FUSAIN_TEXT("Cancelled."), {}}, {}, {},
                                   {FUSAIN_TEXT("No row was imported."), {}});
            }
        return session_.book().setSetting(mappingSetting, exchange::toJson(mapping()).dump(),
                                          session_.atTheBench().id);
    });
    if (done)
        session_.undoing().imported();
    return session_.report(done) ? imported : 0;
}

} // namespace fusain::desktop

#include "moc_import_dialog.cpp"
