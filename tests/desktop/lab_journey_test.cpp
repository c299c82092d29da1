// What a lab sets up for itself, in the real window: its name, links and people, how its days are planned, how
// two of its methods are held against each other, and tables from its densitometer.
#include "desktop/bench/scan/scan_panel.hpp"
#include "desktop/places/day/planning_dialog.hpp"
#include "desktop/places/practice/made_up_visits.hpp"
#include "desktop/places/quality/agreement_page.hpp"
#include "desktop/services/background.hpp"
#include "desktop/services/cross_calibrations.hpp"
#include "desktop/services/day_board.hpp"
#include "record/all/record.hpp"
#include "record/base/json.hpp"
#include "record/library/catalogue.hpp"
#include "support/journey.hpp"

#include <QFile>
#include <QFileDialog>

namespace fusain::desktop::lab_journey_test {
namespace {

class Lab : public Journey {
protected:
    template <class Widget>
    static Widget* named(QWidget& in, const QString& name) {
        for (Widget* each : in.findChildren<Widget*>())
            if (each->accessibleName() == name)
                return each;
        ADD_FAILURE() << "nothing is called " << name.toStdString();
        return nullptr;
    }
    static void click(QWidget& in, const QString& text) {
        for (QPushButton* each : in.findChildren<QPushButton*>())
            if (each->text().startsWith(text))
                return each->click();
        ADD_FAILURE() << "no button " << text.toStdString();
    }
    static QString words(QWidget& in) {
        QStringList all;
        for (const QLabel* each : in.findChildren<QLabel*>())
            all << each->text();
        return all.join(QLatin1Char('\n'));
    }
    void physiologistAtTheBench() { session->setAtTheBench({"oriel", "Oriel Thackway", Role::Physiologist}); }
    // Types into the next question of several lines.
    void replyWithLines(const QString& lines) {
        QTimer::singleShot(0, shell.get(), [lines] {
            auto* dialog = qobject_cast<QInputDialog*>(QApplication::activeModalWidget());
            ASSERT_TRUE(dialog);
            dialog->setTextValue(lines);
            dialog->accept();
        });
    }
};

TEST_F(Lab, ItsNameAndUnitsAreKept) {
    SettingsPlace& settings = shell->settings();
    shell->open(PlaceName::Settings);
    named<QLineEdit>(settings, QStringLiteral("Name of the lab"))
        ->setText(QStringLiteral("  Heron  Quay lab "));
    named<QComboBox>(settings, QStringLiteral("Units of the lab"))->setCurrentIndex(1);
    click(settings, QStringLiteral("Save"));
    EXPECT_EQ(session->labName(), "Heron Quay lab");
    EXPECT_EQ(session->units(), UnitSystem::UsCustomary);
    closeWindow();
    openWindow();
    EXPECT_EQ(session->labName(), "Heron Quay lab");
}

TEST_F(Lab, AWayToAnInstrumentThatIsNoneIsSaidAndNothingIsKept) {
    SettingsPlace& settings = shell->settings();
    shell->open(PlaceName::Settings);
    const QString cell = roleWords(QStringLiteral("load-cell"));
    named<QComboBox>(settings, cell + QStringLiteral(": how its readings come"))->setCurrentIndex(1);
    named<QLineEdit>(settings, cell)->setText(QStringLiteral("over there"));
    named<QLineEdit>(settings, QStringLiteral("Name of the lab"))->setText(QStringLiteral("Heron Quay lab"));
    named<QLineEdit>(settings, QStringLiteral("Address"))->setText(QStringLiteral("not kept either"));
    click(settings, QStringLiteral("Save"));
    EXPECT_TRUE(words(settings).contains(QStringLiteral("over there")));
    EXPECT_EQ(session->book().setting("link.load-cell", "none"), "none");
    EXPECT_EQ(session->book().setting("lab-address"), ""); // one act: all of it or nothing
}

TEST_F(Lab, ALinkShowsWhatIsKeptAndGivesItBack) {
    for (const char* text : {"tcp:10.0.0.7:4001", "serial:/dev/ttyUSB0:9600:even"})
        EXPECT_EQ(LinkField(QStringLiteral("Scale"), QLatin1String(text)).address(), QLatin1String(text));
    EXPECT_EQ(LinkField(QStringLiteral("Scale"), QStringLiteral("none")).address(), QString());
}

// What the pages carry of the lab: a picture of any size becomes a small one in the book.
TEST_F(Lab, ItsLetterheadIsOnEveryPage) {
    QImage picture(4000, 1000, QImage::Format_RGB32);
    picture.fill(Qt::darkGreen);
    const QString logo = folder.filePath(QStringLiteral("logo.png")),
                  noLogo = folder.filePath(QStringLiteral("lab.fusain"));
    ASSERT_TRUE(picture.save(logo));
    {
        SettingsPlace& settings = shell->settings();
        shell->open(PlaceName::Settings);
        auto* form = settings.findChild<LetterheadForm*>();
        ASSERT_TRUE(form);
        EXPECT_FALSE(form->takeLogo(noLogo)); // no picture
        ASSERT_TRUE(form->takeLogo(logo));
        named<QLineEdit>(settings, QStringLiteral("Name of the lab"))
            ->setText(QStringLiteral("Heron Quay lab"));
        named<QLineEdit>(settings, QStringLiteral("Address"))
            ->setText(QStringLiteral("4 Quay Lane, Heronsford"));
        named<QLineEdit>(settings, QStringLiteral("Telephone"))->setText(QStringLiteral("Heronsford 12"));
        named<QComboBox>(settings, QStringLiteral("Paper"))->setCurrentIndex(1);
        click(settings, QStringLiteral("Save"));
    }
    const auto head = session->letterhead();
    EXPECT_EQ(head.address, "4 Quay Lane, Heronsford");
    EXPECT_EQ(head.telephone, "Heronsford 12");
    EXPECT_EQ(head.paper, report::Paper::Letter);
    EXPECT_EQ(QImage::fromData(head.logo).size(), QSize(520, 130));
    EXPECT_LT(head.logo.size(), 40'000);
    // shows what is kept
    EXPECT_EQ(named<QComboBox>(shell->settings(), QStringLiteral("Paper"))->currentIndex(), 1);
    EXPECT_TRUE(session->book().verify().sound());
}

TEST_F(Lab, OnlyThePhysiologistSaysWhoWorksHere) {
    const std::size_t before = session->book().staff().size();
    SettingsPlace& settings = shell->settings();
    shell->open(PlaceName::Settings);
    named<QLineEdit>(settings, QStringLiteral("Name of a new colleague"))
        ->setText(QStringLiteral("Sunniva Pell"));
    click(settings, QStringLiteral("Add colleague"));
    EXPECT_EQ(session->book().staff().size(), before);
    EXPECT_TRUE(
        words(settings).contains(QStringLiteral("Only a physiologist or an administrator can do this")));
    physiologistAtTheBench();
    click(settings, QStringLiteral("Add colleague"));
    ASSERT_EQ(session->book().staff().size(), before + 1);
    EXPECT_EQ(session->book().staff().back().name, "Sunniva Pell");
    click(settings, QStringLiteral("Add colleague"));
    EXPECT_TRUE(words(settings).contains(QStringLiteral("needs a name")));
}

TEST_F(Lab, OpeningHoursThatOverlapAreSaidAndAGoodDayIsPlannedWithItsBreak) {
    {
        PlanningDialog planning(*session, planningInForce(*session));
        named<QLineEdit>(planning, QStringLiteral("Open"))->setText(QStringLiteral("06:00-12:00, 11:00-18:00"));
        click(planning, QStringLiteral("Save the plan"));
        EXPECT_NE(planning.result(), QDialog::Accepted);
        EXPECT_TRUE(words(planning).contains(QStringLiteral("overlap"))) << words(planning).toStdString();
        EXPECT_TRUE(session->book().setting("planning").empty());
        named<QLineEdit>(planning, QStringLiteral("Open"))->setText(QStringLiteral("08:00-12:00, 13:00-17:00"));
        click(planning, QStringLiteral("Save the plan"));
        EXPECT_EQ(planning.result(), QDialog::Accepted);
    }
    const PlanningPolicy kept = planningInForce(*session);
    EXPECT_EQ(kept.id, "planning.lab");
    EXPECT_EQ(openingText(kept.opening), "08:00-12:00, 13:00-17:00");
    DayBoard board(*session);
    board.load(session->now());
    ASSERT_TRUE(board.book(someone().id, "dxa", *instantFromIso("2026-03-12T12:20:00.000Z"), {}));
    board.load(session->now());
    ASSERT_EQ(board.plan().conflicts.size(), 1u) << "nobody is here at noon";
}

TEST_F(Lab, WaterTooHotForPeopleIsNeverPlanned) {
    PlanningDialog planning(*session, planningInForce(*session));
    named<QLineEdit>(planning, QStringLiteral("Water for the first client, °C"))->setText(QStringLiteral("41"));
    click(planning, QStringLiteral("Save the plan"));
    EXPECT_NE(planning.result(), QDialog::Accepted);
    EXPECT_TRUE(words(planning).contains(QStringLiteral("40 °C"))) << words(planning).toStdString();
    named<QLineEdit>(planning, QStringLiteral("Water for the first client, °C"))->clear();
    click(planning, QStringLiteral("Save the plan"));
    EXPECT_TRUE(words(planning).contains(QStringLiteral("Every field needs a number")));
}

TEST_F(Lab, APlanningPolicySpoiltByHandFallsBackToTheShippedOne) {
    ASSERT_TRUE(session->book().setSetting("planning", R"({"format": "fusain-planning"})", "bram"));
    EXPECT_EQ(planningInForce(*session).id, session->catalogue().planning.id);
    ASSERT_TRUE(session->book().setSetting("planning", "not json at all", "bram"));
    EXPECT_EQ(planningInForce(*session).id, session->catalogue().planning.id);
}

// Everybody had both methods on one day; the physiologist adopts the line by a click, a technician cannot.
TEST_F(Lab, ACrossCalibrationIsAdoptedByAClickOfThePhysiologist) {
    simulation::Random random(7);
    for (int i = 0; i < quality::crossCalibrationPeople; ++i) {
        const Client person = someone(("Person " + std::to_string(i)).c_str());
        const Json body{{"sex", "male"},      {"mass_kg", 62.0 + 1.1 * i}, {"fat_fraction", 0.08 + 0.008 * i},
                        {"height_cm", 175.0}, {"vital_capacity_l", 5.0},   {"residual_volume_l", 1.5}};
        for (const std::string_view method : {methodImpedance, methodDxa}) {
            ReadingVisit visit;
            visit.weeksAgo = 1.0;
            visit.method = method;
            ASSERT_TRUE(playVisit(*session, person, visit, body, random));
        }
    }
    shell->open(PlaceName::Quality);
    shell->quality().showAgreement();
    AgreementPage& page = shell->quality().agreement();
    const auto choose = [&](const QString& box, std::string_view method) {
        auto* methods = named<QComboBox>(page, box);
        methods->setCurrentIndex(
            methods->findData(QString::fromUtf8(method.data(), static_cast<qsizetype>(method.size()))));
    };
    choose(QStringLiteral("Reference method"), methodImpedance);
    choose(QStringLiteral("Other method"), methodDxa);
    session->background().finish();
    EXPECT_TRUE(words(page).contains(QStringLiteral("n = %1.").arg(quality::crossCalibrationPeople)))
        << words(page).toStdString();
    click(page, QStringLiteral("Adopt"));
    EXPECT_TRUE(shell->lastProblem().contains(QStringLiteral("physiologist")));
    EXPECT_FALSE(adoptedCalibration(session->book(), "impedance", "dxa"));
    physiologistAtTheBench();
    session->background().finish();
    click(page, QStringLiteral("Adopt"));
    session->background().finish();
    const auto adopted = adoptedCalibration(session->book(), "impedance", "dxa");
    ASSERT_TRUE(adopted) << shell->lastProblem().toStdString();
    EXPECT_EQ(adopted->people, quality::crossCalibrationPeople);
    EXPECT_NEAR(adopted->slope, 1.0, 0.25) << "both measure the same bodies";
    EXPECT_TRUE(words(page).contains(QStringLiteral("Adopted on")));
    const auto* figure = page.findChild<FigureView*>(); // a point a person, and three lines
    ASSERT_TRUE(figure);
    EXPECT_EQ(figure->points().size(), static_cast<std::size_t>(quality::crossCalibrationPeople) + 3);
    QTest::keyClick(shell->focusWidget(), Qt::Key_Escape);
    EXPECT_EQ(shell->quality().where(), QStringLiteral("Quality"));
}

class Scanner : public Lab {
protected:
    void toTheScan() {
        ASSERT_TRUE(session->report(session->startRun(someone("Goran Lethe"), {}, methodDxa)));
        shell->open(PlaceName::Bench);
        auto& run = dynamic_cast<DxaProcedure&>(*session->run());
        for (int i = 0; i < 80 && run.currentStep() != DxaStep::Scan; ++i)
            ASSERT_TRUE(driver->advance());
        ASSERT_EQ(run.currentStep(), DxaStep::Scan);
    }
    DxaProcedure& run() { return dynamic_cast<DxaProcedure&>(*session->run()); }
};

TEST_F(Scanner, ReportedValuesAreTypedAndKeptApart) {
    toTheScan();
    replyWithLines(
        QStringLiteral("visceral-fat-mass, 1.42, kg\nbone-density.total, 1.184, g/cm²\nt-score.total, -0.4"));
    click(*shell->bench().currentPanel(), QStringLiteral("Reported values"));
    ASSERT_TRUE(run().test().reportedValue("visceral-fat-mass")) << shell->lastProblem().toStdString();
    EXPECT_DOUBLE_EQ(run().test().reportedValue("visceral-fat-mass")->value, 1.42);
    ASSERT_EQ(run().test().reportedOfScan()->bones.size(), 1u);
    replyWithLines(QStringLiteral("visceral-fat-mass, much, kg"));
    click(*shell->bench().currentPanel(), QStringLiteral("Reported values"));
    EXPECT_FALSE(shell->lastProblem().isEmpty());
    EXPECT_DOUBLE_EQ(run().test().reportedValue("visceral-fat-mass")->value, 1.42) << "what was kept stays";
}

} // namespace
} // namespace fusain::desktop::lab_journey_test
