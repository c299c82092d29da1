// The wall of instruments, and what is behind a card.
#include "desktop/places/quality/check_page.hpp"
#include "desktop/places/quality/instrument_wall.hpp"
#include "desktop/places/quality/quality_report_dialog.hpp"
#include "desktop/places/quality/reference_dialog.hpp"
#include "desktop/services/instrument_checks.hpp"
#include "record/library/catalogue.hpp"
#include "support/journey.hpp"

#include <QAbstractItemModelTester>

namespace fusain::desktop::quality_journey_test {
namespace {

class Wall : public Journey {
protected:
    InstrumentWall& wall() { return *shell->quality().findChild<InstrumentWall*>(); }
    /// What the wall says of it once it is in view: it is not read anew while an instrument is open.
    QString verdictOf(const char* instrument) {
        shell->quality().showWall();
        for (int row = 0; row < wall().model()->rowCount(); ++row)
            if (wall().model()->index(row, 0).data(Qt::UserRole).toString() == QLatin1String(instrument))
                return wall().model()->index(row, 0).data(Qt::AccessibleTextRole).toString();
        return {};
    }
    void type(const char* reading) {
        for (QLineEdit* edit : shell->quality().findChild<CheckPage*>()->findChildren<QLineEdit*>())
            if (edit->accessibleName().startsWith(QLatin1String("Reading"))) {
                QTest::keyClicks(edit, QLatin1String(reading));
                QTest::keyClick(edit, Qt::Key_Return);
            }
    }
};

TEST_F(Wall, EveryInstrumentIsACardWithOneVerdictAndEnterOpensIt) {
    shell->open(PlaceName::Quality);
    const QAbstractItemModelTester tester(wall().model());
    EXPECT_EQ(wall().model()->rowCount(), static_cast<int>(session->catalogue().instruments.size()));
    EXPECT_TRUE(verdictOf("chamber").contains(QLatin1String("Valid")));
    EXPECT_EQ(shell->focusWidget(), &wall());
    QTest::keyClick(&wall(), Qt::Key_Right);
    const QString chosen = wall().currentIndex().data().toString();
    EXPECT_NE(wall().currentIndex().row(), 0);
    QTest::keyClick(&wall(), Qt::Key_Return);
    EXPECT_TRUE(shell->quality().where().endsWith(chosen));
    QTest::keyClick(shell->focusWidget(), Qt::Key_Escape);
    EXPECT_EQ(shell->quality().where(), QStringLiteral("Quality"));
    EXPECT_EQ(wall().currentIndex().data().toString(), chosen);
    EXPECT_EQ(shell->focusWidget(), &wall());
}

TEST_F(Wall, AFailedCheckStaysWithItsNumbersUntilItIsRepeated) {
    shell->open(PlaceName::Quality);
    shell->quality().showInstrument(QStringLiteral("chamber-scale"));
    type("20.2");
    const QString failed = verdictOf("chamber-scale");
    EXPECT_TRUE(failed.contains(QLatin1String("Failed"))) << failed.toStdString();
    EXPECT_TRUE(failed.contains(QLatin1String("+0.200 kg")));
    bool offered = false;
    for (QPushButton* each : shell->quality().findChildren<QPushButton*>())
        if (each->isVisible() && each->text() == QLatin1String("Open Chamber scale")) {
            offered = true;
            QTest::mouseClick(each, Qt::LeftButton);
        }
    ASSERT_TRUE(offered);
    type("20.001");
    bool said = false;
    for (QLabel* each : shell->quality().findChild<CheckPage*>()->findChildren<QLabel*>())
        said |= each->text().startsWith(QLatin1String("Passed: error +0.001 kg, limit"));
    EXPECT_TRUE(said);
    EXPECT_TRUE(verdictOf("chamber-scale").contains(QLatin1String("Valid")))
        << verdictOf("chamber-scale").toStdString();
}

TEST_F(Wall, AnExpiredCertificateIsSeenOnTheCard) {
    shell->open(PlaceName::Quality);
    ASSERT_TRUE(session->checks().keepReference(
        "chamber-scale", "reference-mass", {"mass", "7", 20.0, 0.0001, dateFromIso("2026-03-11")}, "bram"));
    session->tellChanges();
    EXPECT_TRUE(verdictOf("chamber-scale").contains(QLatin1String("expired")))
        << verdictOf("chamber-scale").toStdString();
}

TEST_F(Wall, TheReportIsPreviewedAndWrittenForAPeriod) {
    const Instrument& chamber = *session->catalogue().instrument("chamber");
    QualityReportDialog dialog(*session, chamber, session->book().checks("chamber"), shell.get());
    auto* from = dialog.findChild<QLineEdit*>();
    from->setText(QStringLiteral("soon"));
    EXPECT_FALSE(dialog.saveTo(folder.filePath(QStringLiteral("q.pdf"))));
    EXPECT_TRUE(shell->lastProblem().contains(QLatin1String("is not a date")));
    from->setText(QStringLiteral("2026-03-12"));
    dialog.findChildren<QLineEdit*>().back()->setText(QStringLiteral("2026-03-12"));
    EXPECT_TRUE(dialog.saveTo(folder.filePath(QStringLiteral("q.pdf"))));
    EXPECT_TRUE(dialog.saveTo(folder.filePath(QStringLiteral("q.csv"))));
    QFile table(folder.filePath(QStringLiteral("q.csv")));
    ASSERT_TRUE(table.open(QIODevice::ReadOnly));
    const QByteArray rows = table.readAll();
    EXPECT_TRUE(rows.contains("2026-03-12")) << rows.constData();
    EXPECT_FALSE(rows.contains("2026-03-11"));
}

} // namespace
} // namespace fusain::desktop::quality_journey_test
