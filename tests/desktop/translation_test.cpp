// Every string that a person sees goes through translation: a translator that brackets what it is given shows
// the ones that do not.
#include "store/transfer/data_files.hpp"
#include "support/bench_driver.hpp"

#include <QHeaderView>
#include <QRegularExpression>
#include <QTemporaryDir>
#include <QTextBrowser>
#include <QTranslator>
#include <gtest/gtest.h>

namespace fusain::desktop::translation_test {
namespace {

using namespace fusain::testing;

class Bracketing : public QTranslator {
public:
    [[nodiscard]] bool isEmpty() const override { return false; }
    [[nodiscard]] QString translate(const char*, const char* source, const char*, int) const override {
        return QStringLiteral("⟦") + QString::fromUtf8(source) + QStringLiteral("⟧");
    }
};

QStringList textsOf(const QWidget& window) {
    QStringList texts;
    for (const auto* each : window.findChildren<QLabel*>())
        texts << each->text();
    for (const auto* each : window.findChildren<QPushButton*>())
        texts << each->text();
    for (const auto* each : window.findChildren<QLineEdit*>())
        texts << each->placeholderText() << each->accessibleName();
    for (const auto* each : window.findChildren<QListWidget*>())
        for (int row = 0; row < each->count(); ++row)
            texts << each->item(row)->text();
    for (const auto* each : window.findChildren<QComboBox*>())
        for (int row = 0; row < each->count(); ++row)
            texts << each->itemText(row);
    for (const auto* each : window.findChildren<QTableWidget*>())
        for (int column = 0; column < each->columnCount(); ++column) {
            texts << each->horizontalHeaderItem(column)->text();
            for (int row = 0; row < each->rowCount(); ++row)
                texts << (each->item(row, column) ? each->item(row, column)->text() : QString());
        }
    for (const auto* each : window.findChildren<QAbstractItemView*>()) // those with a model of their own
        if (!each->inherits("QListWidget") && !each->inherits("QTableWidget") && !each->inherits("QTreeView") &&
            each->model())
            for (int column = 0; column < each->model()->columnCount(); ++column) {
                texts << each->model()->headerData(column, Qt::Horizontal).toString();
                for (int row = 0; row < each->model()->rowCount(); ++row)
                    texts << each->model()->index(row, column).data().toString();
            }
    for (const auto* each : window.findChildren<QTextBrowser*>())
        texts << each->toPlainText().section(QLatin1Char('\n'), 0, 0);
    return texts;
}

// Names, units, symbols, ids and numbers are the same in every language.
bool needsTranslation(QString text) {
    static const QStringList data{QStringLiteral("Ailsa Brandvold"), QStringLiteral("Bram Iyengar"),
                                  QStringLiteral("Oriel Thackway"),  QStringLiteral("Fusain"),
                                  QStringLiteral("English (US)"),    QStringLiteral("English"),
                                  QStringLiteral("Deutsch"),         QStringLiteral("A4")};
    for (const QString& word : data)
        text.remove(word);
    static const QRegularExpression ids(QStringLiteral(
        "[a-z]+(\\.[a-z0-9-]+)+|C-[0-9-]+|kg/m²|kg/L|kg gross|\\bkg\\b|\\bL\\b|°C|mmHg|D_FFM|FFMI|FMI|"
        "12 March "
        "2026|VC|FFM|FM|Ma|Mw|Tw|Dw|RV|GI|Vb|Db|%fat|Vraw|BSA|SAA|VTG|TGV|cm²/"
        "Ω|µSv|BMC|LMI|BMI|Ft/Fl|kcal/d|cm²|\\bcm\\b|PhA|Xc|RI|TBW|SMM|ALM|Space|\\bs\\b"));
    text.remove(ids);
    return text.contains(QRegularExpression(QStringLiteral("[A-Za-z]{2,}"))) &&
           !text.contains(QStringLiteral("⟦"));
}

TEST(Translation, EveryStringOnEveryScreenGoesThroughIt) {
    Bracketing translator;
    QCoreApplication::installTranslator(&translator);
    QTemporaryDir folder;
    const Clock clock = [] { return *instantFromIso("2026-03-12T07:40:00.000Z"); };
    auto book = store::LabBook::openOrCreate(folder.filePath(QStringLiteral("x.fusain")), clock);
    ASSERT_TRUE((*book)->save(Staff{"bram", "Bram Iyengar", Role::Technician}, "bram"));
    ASSERT_TRUE((*book)->save(Staff{"oriel", "Oriel Thackway", Role::Physiologist}, "bram"));
    ASSERT_TRUE((*book)->setSetting("lab-name", "Fusain", "bram"));
    const Client client{"client-1",  "C-1",        "Ailsa Brandvold",  *dateFromIso("1984-06-02"),
                        Sex::Female, Metres(1.68), UnitSystem::Metric, "",
                        false};
    ASSERT_TRUE((*book)->save(client, "bram"));
    passAllChecks(**book, *store::readCatalogue(QStringLiteral(FUSAIN_SOURCE_DIR "/data")), clock());
    {
        Session session(std::move(*book), *store::readCatalogue(QStringLiteral(FUSAIN_SOURCE_DIR "/data")),
                        clock);
        Shell shell(session);
        shell.show();
        QStringList plain;
        const auto look = [&] {
            QApplication::processEvents();
            for (const QString& text : textsOf(shell))
                if (needsTranslation(text) && !plain.contains(text))
                    plain << text;
        };
        BenchDriver driver(shell, session);
        for (const std::string_view method : methods) {
            ASSERT_TRUE(session.report(session.startRun(client, {}, method)));
            shell.open(PlaceName::Bench);
            // Each step when it is reached, and now and then between: a question that waits, a table that
            // fills.
            int shown = -1;
            for (int i = 0; i < 120 && driver.advance(); ++i)
                if (const int step = session.run()->current().index();
                    step != std::exchange(shown, step) || i % 12 == 0)
                    look();
        }
        for (const PlaceName place : {PlaceName::Day, PlaceName::Clients, PlaceName::Quality,
                                      PlaceName::Library, PlaceName::Settings}) {
            shell.open(place);
            look();
        }
        shell.open(PlaceName::Quality);
        for (const Instrument& instrument : session.catalogue().instruments) {
            shell.quality().showInstrument(report::plain(instrument.id));
            look();
        }
        shell.open(PlaceName::Clients);
        for (const auto page : {ClientsPlace::Page::Findings, ClientsPlace::Page::Progress,
                                ClientsPlace::Page::Methods, ClientsPlace::Page::Plan}) {
            shell.clients().showPage(page);
            look();
        }
        EXPECT_TRUE(plain.isEmpty()) << plain.join(QStringLiteral("\n")).toStdString();
    }
    QCoreApplication::removeTranslator(&translator);
}

} // namespace
} // namespace fusain::desktop::translation_test
