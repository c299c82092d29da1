#include "procedure/all/procedure.hpp"
#include "record/lab/reference_json.hpp"
#include "report/base/words.hpp"
#include "report/figures/rule_figure.hpp"
#include "report/pages/test_report.hpp"
#include "support/hydrostatic_run.hpp"
#include "support/pdf_text.hpp"

#include <QBuffer>
#include <QFile>
#include <QGuiApplication>
#include <QRegularExpression>
#include <QTemporaryDir>
#include <csignal>
#include <sys/resource.h>

namespace fusain::report::report_test {
namespace {

using namespace fusain::testing;

class Report : public ::testing::Test {
protected:
    static void SetUpTestSuite() { ASSERT_TRUE(loadFonts(QStringLiteral(FUSAIN_SOURCE_DIR "/data/fonts"))); }
    Report() {
        report.client = {"client-1", "SP-001",     "Teo Marangwe",     *dateFromIso("1996-01-01"),
                         Sex::Male,  Metres(1.75), UnitSystem::Metric, "",
                         false};
        report.references.fat = &reference;
        report.statements = Statements({.test = &report.computed, .fat = &reference});
        report.technician = "Bram Iyengar";
        report.physiologist = "Oriel Thackway";
    }
    QString write(const PageFlow& pages) {
        const QString path = folder.filePath(QStringLiteral("report.pdf"));
        EXPECT_TRUE(writePdf(pages, path, QStringLiteral("Report")));
        return path;
    }
    static QString text(const PageFlow& pages) { return textOf(pages); }

    reference::ReferenceSet reference =
        *referenceFromJson(dataFile("references/composition.json").at(0), "references");
    TestReport report = [] {
        MemoryJournal journal;
        auto run =
            HydrostaticProcedure::begin(standardSetting(), "t1", man, technician, journal, SteppingClock());
        prepare(*run);
        weighThreeTimes(*run);
        finish(*run);
        TestReport made(*computeTest(snapshotOf(*run), run->setting().policy));
        made.lab.name = "Test lab";
        made.protocol = run->protocol();
        return made;
    }();
    HydrostaticTest& tank() { return std::get<HydrostaticTest>(report.computed.test); }
    QTemporaryDir folder;
};

// On Letter the page of A4 is smaller by the same in both directions, and in the middle.
TEST_F(Report, OtherPaperScalesEvenly) {
    const auto square = [](const Letterhead& lab) {
        PageFlow flow(QStringLiteral("foot"), lab);
        flow.figure(200, [](QPainter& painter, const QRectF& area) {
            painter.fillRect(QRectF(area.left(), area.top(), 200, 200), Qt::black);
        });
        QImage sheet((sizeOf(flow.paper()) * 2.0).toSize(), QImage::Format_RGB32);
        sheet.fill(Qt::white);
        QPainter painter(&sheet);
        flow.paint(painter, 0, sheet.rect());
        painter.end();
        QRect black;
        for (int y = 0; y < sheet.height() / 2; ++y)
            for (int x = 0; x < sheet.width(); ++x)
                if (qGray(sheet.pixel(x, y)) < 64)
                    black |= QRect(x, y, 1, 1);
        return black;
    };
    EXPECT_NEAR(square({}).width(), 400, 1);
    const QRect letter = square({.paper = Paper::Letter});
    EXPECT_NEAR(letter.width(), 400.0 * 792.0 / 842.0, 1.0);
    EXPECT_NEAR(letter.height(), letter.width(), 1.0);
    EXPECT_NEAR(letter.left(), 2.0 * (48.0 * 792.0 / 842.0 + (612.0 - 595.0 * 792.0 / 842.0) / 2.0), 1.0);

    report.lab.paper = Paper::Letter;
    QFile pdf(write(clientCopy(report)));
    ASSERT_TRUE(pdf.open(QIODevice::ReadOnly));
    EXPECT_TRUE(QString::fromLatin1(pdf.readAll())
                    .contains(QRegularExpression(QStringLiteral("MediaBox \\[0 0 612[.0]* 792"))));
}

TEST_F(Report, EveryPageCarriesTheLab) {
    report.lab.address = "4 Quay Lane, Heronsford";
    report.lab.telephone = "Heronsford 12";
    const PageFlow pages = labCopy(report);
    ASSERT_GT(pages.pageCount(), 1);
    EXPECT_EQ(text(pages).count(QStringLiteral("4 Quay Lane, Heronsford · Heronsford 12")), pages.pageCount());
    QImage picture(200, 100, QImage::Format_ARGB32);
    picture.fill(Qt::transparent);
    picture.setPixelColor(100, 50, Qt::red);
    QBuffer logo;
    ASSERT_TRUE(picture.save(&logo, "PNG"));
    report.lab.logo = logo.data();
    const PageFlow withLogo = clientCopy(report);
    EXPECT_EQ(withLogo.pageCount(), clientCopy(report).pageCount());
    const QString images = outputOf(QStringLiteral("pdfimages"), {QStringLiteral("-list"), write(withLogo)});
    EXPECT_TRUE(images.contains(QLatin1String("200 100 rgb"))) << images.toStdString();
    EXPECT_FALSE(images.contains(QLatin1String("smask"))); // no transparency in PDF/A-1b
    report.lab.logo = "no picture";
    EXPECT_FALSE(text(clientCopy(report)).isEmpty());
}

// Beside the logo the date ends before it; below it a line has the whole width.
TEST_F(Report, NothingIsWrittenOverTheLogo) {
    QImage picture(200, 100, QImage::Format_RGB32);
    picture.fill(Qt::red);
    QBuffer logo;
    ASSERT_TRUE(picture.save(&logo, "PNG"));
    report.lab.logo = logo.data();
    report.lab.name = "A laboratory with a name that goes on for rather longer than the line has room for";
    QImage sheet(595, 842, QImage::Format_RGB32);
    sheet.fill(Qt::white);
    QPainter painter(&sheet);
    clientCopy(report).paint(painter, 0, sheet.rect());
    painter.end();
    QRect corner;
    for (int y = 0; y < 120; ++y)
        for (int x = 0; x < sheet.width(); ++x)
            if (sheet.pixelColor(x, y) == QColor(Qt::red))
                corner |= QRect(x, y, 1, 1);
    ASSERT_GT(corner.width(), 60);
    for (int y = corner.top(); y <= corner.bottom(); ++y)
        for (int x = corner.left(); x <= corner.right(); ++x)
            ASSERT_EQ(sheet.pixelColor(x, y), QColor(Qt::red)) << x << ", " << y;
}

TEST_F(Report, TheClientCopyIsOnePageInPlainWords) {
    const PageFlow pages = clientCopy(report);
    EXPECT_EQ(pages.pageCount(), 1);
    const QString words = text(pages);
    for (const char* part : {"Teo Marangwe", "About 14 % of your body mass is fat", "very likely between",
                             "not a diagnosis", "Gallagher", "Oriel Thackway"})
        EXPECT_TRUE(words.contains(QLatin1String(part))) << part << "\n" << words.toStdString();
}

TEST_F(Report, TheLabCopyHasEverythingOnTwoOrThreePages) {
    const PageFlow pages = labCopy(report);
    EXPECT_GE(pages.pageCount(), 2);
    EXPECT_LE(pages.pageCount(), 3);
    const QString words = text(pages);
    for (const char* part : {"Worked sheet", "1.0658", "Trials", "Bonge", "Siri", "Tanaka", "oxygen dilution",
                             "Where the uncertainty comes from"})
        EXPECT_TRUE(words.contains(QLatin1String(part))) << part << "\n" << words.toStdString();
}

TEST_F(Report, AClientCopyInWordsOnlyHasNoResultInIt) {
    report.withoutNumbers = true;
    const QString words = text(clientCopy(report));
    EXPECT_TRUE(words.contains(QLatin1String("in words only"))) << words.toStdString();
    EXPECT_FALSE(words.contains(QRegularExpression(QStringLiteral("\\d+(\\.\\d+)? ?(%|kg|lb)"))))
        << words.toStdString();
}

TEST_F(Report, WordsOnlyIsTheUsualForAThinAdult) {
    EXPECT_FALSE(betterWithoutNumbers(tank(), Kilograms(tank().dryMass->value))); // 70 kg at 175 cm
    tank().dryMass->value = 18.5 * 1.75 * 1.75 - 0.01;
    EXPECT_TRUE(betterWithoutNumbers(tank(), Kilograms(tank().dryMass->value)));
    tank().subject.age = Years(15.0); // an adult limit: not for the young
    EXPECT_FALSE(betterWithoutNumbers(tank(), Kilograms(tank().dryMass->value)));
}

TEST_F(Report, TheClientCopySaysWhereTheValueLies) {
    report.statements = Statements({.test = &report.computed, .fat = report.references.fat});
    const QString words = text(clientCopy(report)).simplified();
    EXPECT_TRUE(words.contains(QLatin1String("Your value is within the reference range.")))
        << words.toStdString();
    EXPECT_TRUE(words.contains(QLatin1String("8 to 23 %"))) << words.toStdString();
}

TEST_F(Report, NamesAreHiddenInPrivacyMode) {
    report.namesHidden = true;
    for (const PageFlow& pages : {clientCopy(report), labCopy(report)}) {
        const QString words = text(pages);
        EXPECT_FALSE(words.contains(QLatin1String("Marangwe")));
        EXPECT_TRUE(words.contains(QLatin1String("SP-001")));
    }
}

TEST_F(Report, UsCustomaryUnitsAreNotMixedWithMetric) {
    report.units = UnitSystem::UsCustomary;
    const QString words = text(clientCopy(report));
    EXPECT_TRUE(words.contains(QLatin1String("154.3 lb"))) << words.toStdString(); // 70 / 0.45359237
    EXPECT_FALSE(words.contains(QLatin1String(" kg")));
}

TEST_F(Report, AnAmendmentSaysSo) {
    tank().version = 2;
    tank().amendmentReason = "scale was in the wrong unit";
    EXPECT_TRUE(text(clientCopy(report)).contains(QLatin1String("version 2")));
    EXPECT_TRUE(text(labCopy(report)).contains(QLatin1String("scale was in the wrong unit")));
}

TEST_F(Report, ThePdfIsA1bWithItsFontsInside) {
    const QString path = write(labCopy(report));
    QFile file(path);
    ASSERT_TRUE(file.open(QIODevice::ReadOnly));
    const QByteArray bytes = file.readAll();
    EXPECT_TRUE(bytes.startsWith("%PDF-1.4"));
    EXPECT_TRUE(bytes.contains("pdfaid:part"));
    EXPECT_TRUE(bytes.contains("/OutputIntents"));
    EXPECT_FALSE(QString::fromLatin1(bytes).contains(
        QRegularExpression(QStringLiteral("/SMask [0-9]")))); // no soft masks in PDF/A-1
    const QString fonts = outputOf(QStringLiteral("pdffonts"), {path});
    EXPECT_TRUE(fonts.contains(QLatin1String("Atkinson"))) << fonts.toStdString();
    EXPECT_FALSE(fonts.contains(QLatin1String(" no no "))) << "a font is not embedded: " << fonts.toStdString();
}

TEST_F(Report, AFullOrMissingFolderIsExplainedAndLeavesNothing) {
    const auto refused = writePdf(clientCopy(report), QStringLiteral("/nonexistent/report.pdf"), {});
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().english().find("could not be written"), std::string::npos);
    // A file size limit stands for the full disk: the write fails in the middle.
    const QString path = folder.filePath(QStringLiteral("full.pdf"));
    rlimit before{};
    getrlimit(RLIMIT_FSIZE, &before);
    std::signal(SIGXFSZ, SIG_IGN);
    const rlimit small{2000, before.rlim_max};
    setrlimit(RLIMIT_FSIZE, &small);
    const auto full = writePdf(clientCopy(report), path, {});
    setrlimit(RLIMIT_FSIZE, &before);
    EXPECT_FALSE(full);
    EXPECT_FALSE(QFile::exists(path));
}

TEST_F(Report, ASpindleIsAsWideAsItsInterval) {
    QImage image(400, 60, QImage::Format_RGB32);
    image.fill(Qt::white);
    QPainter painter(&image);
    paintSpindle(painter, {20.0, 5.0, false}, 0.0, 10.0, 30.0, 12.0, printPalette()); // 15 … 25 at 10 px a unit
    painter.end();
    const auto inked = [&](int x) { return QColor(image.pixel(x, 30)) != QColor(Qt::white); };
    EXPECT_TRUE(inked(152));
    EXPECT_TRUE(inked(248));
    EXPECT_FALSE(inked(146));
    EXPECT_FALSE(inked(254));
}

TEST(Graduation, IsOneTwoOrFiveTimesAPowerOfTen) {
    EXPECT_DOUBLE_EQ(graduation(40.0, 8), 5.0);
    EXPECT_DOUBLE_EQ(graduation(0.8, 8), 0.1);
    EXPECT_DOUBLE_EQ(graduation(13.0, 7), 2.0);
}

} // namespace
} // namespace fusain::report::report_test
