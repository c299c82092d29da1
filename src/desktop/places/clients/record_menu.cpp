#include "desktop/places/clients/record_menu.hpp"

#include "desktop/places/clients/imports_dialog.hpp"
#include "desktop/services/background.hpp"
#include "desktop/services/computing.hpp"
#include "desktop/services/lab_undo.hpp"
#include "desktop/services/text_files.hpp"
#include "desktop/views/passphrase.hpp"
#include "desktop/widgets/ask.hpp"
#include "exchange/lab/client_export.hpp"
#include "exchange/lab/workbook.hpp"
#include "record/all/record.hpp"
#include "record/base/fingerprint.hpp"
#include "record/base/json.hpp"
#include "report/base/words.hpp"
#include "store/book/erasure.hpp"
#include "store/book/sealed_file.hpp"
#include "store/transfer/client_transfer.hpp"

#include <QFile>
#include <QFileDialog>
#include <QFileInfo>
#include <QInputDialog>
#include <QTemporaryDir>

namespace fusain::desktop {

RecordMenu::RecordMenu(Session& session, std::function<std::optional<Client>()> chosen, QWidget* parent)
    : QMenu(parent), session_(session), chosen_(std::move(chosen)) {
    addAction(tr("Save the whole record (JSON)…"), this, &RecordMenu::saveRecord);
    addAction(tr("Save the whole record, sealed…"), this, &RecordMenu::saveSealed);
    addAction(tr("Save a table of the tests (CSV, XLSX)…"), this, qOverload<>(&RecordMenu::saveTable));
    addAction(tr("Save a health record (FHIR)…"), this, &RecordMenu::saveBundle);
    addSeparator();
    addAction(tr("Import a record…"), this, qOverload<>(&RecordMenu::putIn));
    addAction(tr("Take back an import…"), this, &RecordMenu::showImports);
    addSeparator();
    addAction(tr("Erase who this is…"), this, &RecordMenu::erase);
}

std::vector<ComputedTest> RecordMenu::signedTests(const Client& client) {
    std::vector<ComputedTest> tests;
    for (const AnyTest& test : session_.book().testsOf(client.id))
        if (common(test).state == TestState::Signed)
            if (auto result = session_.computing().computed(test))
                tests.push_back(std::move(*result));
    return tests;
}

void RecordMenu::saveRecord() {
    const auto client = chosen_();
    if (!client)
        return;
    const auto record = store::takeOut(session_.book(), client->id);
    if (session_.report(record ? Expected<void>() : tl::unexpected(record.error())))
        saveChosen(session_, parentWidget(), tr("Save the whole record"),
                   QString::fromStdString(client->code + ".json"), tr("Records (*.json)"),
                   toJson(*record).dump(1));
}

// For a record that leaves the house. The plain file is made beside it, in a folder that is gone afterwards.
void RecordMenu::saveSealed() {
    const auto client = chosen_();
    const auto record = client ? store::takeOut(session_.book(), client->id)
                               : Expected<ClientRecord>(tl::unexpected(Problem{}));
    if (!client || !session_.report(record ? Expected<void>() : tl::unexpected(record.error())))
        return;
    const QString path =
        QFileDialog::getSaveFileName(parentWidget(), tr("Save the whole record, sealed"),
                                     safeFileName(QString::fromStdString(client->code + ".json-sealed")),
                                     tr("Sealed records (*.json-sealed)"));
    if (path.isEmpty())
        return;
    const auto passphrase =
        askNewSecret(parentWidget(), tr("Seal the record"),
                     tr("Passphrase of this record, at least %n characters. Without it nobody can open it.",
                        nullptr, static_cast<int>(leastPassphrase)));
    const QTemporaryDir beside(QFileInfo(path).absoluteDir().filePath(QStringLiteral("sealing-XXXXXX")));
    const QString plain = beside.filePath(QStringLiteral("record.json"));
    if (passphrase && saveText(session_, plain, toJson(*record).dump(1)))
        session_.report(store::sealFile(plain, path, *passphrase));
}

// Asked for twice, in two ways: a reason, and the code of the person typed.
void RecordMenu::erase() {
    const auto client = chosen_();
    if (!client)
        return;
    if (!session_.report(allowed(session_.atTheBench().role, Right::Copies)))
        return;
    const QString title = tr("Erase who %1 is").arg(session_.nameOf(*client));
    const QString reason = askReason(parentWidget(), title, tr("Why? The reason stays in the journal."));
    if (reason.isEmpty())
        return;
    const QString code = report::plain(client->code);
    QInputDialog asked(parentWidget());
    asked.setObjectName(QStringLiteral("erase"));
    asked.setWindowTitle(title);
    asked.setLabelText(
        tr("Name, birth date, telephone and note are destroyed. The measurements stay under the code. "
           "This cannot be undone.\nDaily copies of before hold them until newer ones have taken their "
           "place.\n\nType the code %1 to erase.")
            .arg(code));
    asked.setOkButtonText(tr("Erase"));
    asked.setCancelButtonText(tr("Go back"));
    if (asked.exec() != QDialog::Accepted || !provesWhoItIs(session_, parentWidget(), tr("Erase")))
        return;
    if (asked.textValue().trimmed() != code) {
        session_.report(failure({FUSAIN_TEXT("This is not the code. Nothing was erased."), {}}));
        return;
    }
    const auto erased =
        store::eraseClient(session_.book(), client->id, session_.atTheBench().id, reason.toStdString());
    if (session_.report(erased ? Expected<void>() : tl::unexpected(erased.error())) && erased->inClear > 0)
        Q_EMIT session_.problemRaised(
            {{FUSAIN_TEXT("{1} entries of an earlier version hold the name in clear and are not changed."),
              {std::to_string(erased->inClear)}},
             {},
             {},
             {FUSAIN_TEXT("A new lab book without them begins with an import of the other clients."), {}}});
}

void RecordMenu::saveTable() {
    const auto client = chosen_();
    if (!client)
        return;
    const QString path = QFileDialog::getSaveFileName(
        parentWidget(), tr("Save a table of the tests"),
        safeFileName(QString::fromStdString(client->code + ".csv")), tr("Tables (*.csv *.xlsx)"));
    if (!path.isEmpty())
        saveTable(*client, path);
}

bool RecordMenu::saveTable(const Client& client, const QString& path) {
    const std::string text = exchange::clientTableCsv(signedTests(client));
    if (!path.endsWith(QLatin1String(".xlsx")))
        return saveText(session_, path, text);
    const auto table = exchange::tableFromCsv(text, client.code);
    return session_.report(table ? exchange::tableToXlsx(*table, "tests", path.toStdString())
                                 : tl::unexpected(table.error()));
}

void RecordMenu::saveBundle() {
    const auto client = chosen_();
    if (!client)
        return;
    const auto tests = std::make_shared<const std::vector<ComputedTest>>(signedTests(*client));
    const auto reports = std::make_shared<std::vector<std::string>>();
    session_.background().runInSlices(
        tr("Writing the reports of %1").arg(session_.nameOf(*client)), tests->size(),
        [this, tests, reports](std::size_t i) -> Expected<void> {
            auto pdf = labCopyOf((*tests)[i]);
            if (!pdf)
                return tl::unexpected(pdf.error());
            reports->push_back(std::move(*pdf));
            return {};
        },
        this,
        [this, client = *client, tests, reports](const Expected<void>& done) {
            if (session_.report(done))
                saveChosen(session_, parentWidget(), tr("Save a health record"),
                           QString::fromStdString(client.code + "-fhir.json"), tr("FHIR bundles (*.json)"),
                           exchange::fhirBundle(client, *tests, *reports, session_.namesHidden()).dump(1));
        });
}

Expected<std::string> RecordMenu::labCopyOf(const ComputedTest& test) {
    const QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("copy.pdf"));
    const auto report = session_.computing().reportOnPaper(test.test);
    const auto written = report ? report::writePdf(report::labCopy(*report), path, tr("Lab copy"))
                                : Expected<void>(tl::unexpected(report.error()));
    if (!written)
        return tl::unexpected(written.error());
    QFile file(path);
    return file.open(QIODevice::ReadOnly) ? file.readAll().toStdString() : std::string();
}

void RecordMenu::showImports() {
    ImportsDialog(session_, parentWidget()).exec();
    Q_EMIT takenBack();
}

void RecordMenu::putIn() {
    const auto chosen =
        chooseText(session_, parentWidget(), tr("Import a record"), tr("Records (*.json *.json-sealed)"));
    if (!chosen)
        return;
    const QString path = QString::fromStdString(chosen->path);
    if (!store::isSealed(path)) {
        putIn(chosen->text, chosen->path);
        return;
    }
    const auto passphrase = askSecret(parentWidget(), tr("Open the record"), tr("Passphrase of this record"));
    if (!passphrase)
        return;
    const QTemporaryDir apart;
    QFile opened(apart.filePath(QStringLiteral("record.json")));
    if (session_.report(store::unsealFile(path, opened.fileName(), *passphrase)) &&
        opened.open(QIODevice::ReadOnly))
        putIn(opened.readAll().toStdString(), chosen->path);
}

bool RecordMenu::putIn(const std::string& text, const std::string& path) {
    const auto json = parseJson(text, path);
    const auto record =
        json ? clientRecordFromJson(*json, path) : Expected<ClientRecord>(tl::unexpected(json.error()));
    const store::ImportedFrom from{session_.atTheBench().id, session_.now(),
                                   QFileInfo(QString::fromStdString(path)).fileName().toStdString(),
                                   hashOf(text)};
    if (!session_.report(record ? store::putIn(session_.book(), *record, from)
                                : tl::unexpected(record.error())))
        return false;
    session_.undoing().imported();
    Q_EMIT putInDone(QString::fromStdString(record->client.id));
    return true;
}

} // namespace fusain::desktop

#include "moc_record_menu.cpp"
