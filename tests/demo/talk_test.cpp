// What is said across the table: scenes, keys, pen, and the pages that the client takes along.
#include "demo_lab.hpp"
#include "desktop/services/visit_reporter.hpp"
#include "desktop/views/talk_view.hpp"
#include "desktop/widgets/appearance.hpp"
#include "desktop/window/shell.hpp"
#include "report/pages/talk_pages.hpp"
#include "support/pdf_text.hpp"

#include <QRegularExpression>
#include <QTest>
#include <QTimer>

namespace fusain::demo::talk_test {
namespace {

using namespace fusain::desktop;
using About = report::TalkScene::About;

class Talk : public DemoLab {
protected:
    void SetUp() override {
        report::loadFonts(QStringLiteral(FUSAIN_SOURCE_DIR "/data/fonts"));
        setTextScale(1.0);
        const Instant now = clock;
        session = std::make_unique<Session>(*store::LabBook::open(copied(), [now] { return now; }), *catalogue,
                                            [now] { return now; });
    }
    report::VisitReport visitOf(const char* id) {
        const auto client = session->book().client(id);
        return *visitReportOn(*session, *client, visitDays(*session, id).front());
    }
    static std::vector<About> about(const std::vector<report::TalkScene>& scenes) {
        std::vector<About> all;
        for (const report::TalkScene& scene : scenes)
            all.push_back(scene.about);
        return all;
    }
    std::unique_ptr<Session> session;
};

TEST_F(Talk, AVisitIsSaidInScenes) {
    const auto scenes = report::talkScenes(visitOf("goran"));
    EXPECT_EQ(about(scenes), (std::vector{About::Today, About::SinceWeBegan, About::WhereYouAre,
                                          About::YourSides, About::Plan, About::Next}));
    EXPECT_TRUE(scenes[0].headline.contains(QStringLiteral("30 %"))) << scenes[0].headline.toStdString();
    EXPECT_TRUE(scenes[1].headline.contains(QStringLiteral("lost about 4.4 kg")))
        << scenes[1].headline.toStdString();
    EXPECT_TRUE(scenes[2].headline.contains(QStringLiteral("above the reference range")));
}

TEST_F(Talk, WhoAskedForWordsGetsNoNumbersAndAMinorNoScaleAndNoPlan) {
    auto visit = visitOf("goran");
    visit.withoutNumbers = true;
    for (const report::TalkScene& scene : report::talkScenes(visit)) {
        if (scene.about == About::Next)
            continue; // a date
        EXPECT_FALSE(scene.picture) << scene.headline.toStdString();
        EXPECT_FALSE(scene.headline.contains(QRegularExpression(QStringLiteral("\\d"))))
            << scene.headline.toStdString();
        EXPECT_FALSE(scene.below.contains(QStringLiteral("kg"))) << scene.below.toStdString();
    }
    int minors = 0;
    for (const Client& client : session->book().clients()) {
        if (visitDays(*session, client.id).empty())
            continue;
        const auto theirs = visitReportOn(*session, client, visitDays(*session, client.id).front());
        if (!theirs || !theirs->minor())
            continue;
        ++minors;
        for (const About each : about(report::talkScenes(*theirs))) {
            EXPECT_NE(each, About::WhereYouAre) << client.name;
            EXPECT_NE(each, About::Plan) << client.name;
        }
    }
    EXPECT_GE(minors, 1);
}

TEST_F(Talk, EveryClientsScenesSayWhatTheTestsSay) {
    int said = 0;
    for (const Client& client : session->book().clients()) {
        if (visitDays(*session, client.id).empty())
            continue;
        const auto visit = visitReportOn(*session, client, visitDays(*session, client.id).front());
        if (!visit || visit->withoutNumbers)
            continue;
        for (const report::TalkScene& scene : report::talkScenes(*visit)) {
            const auto& since = visit->sinceFirst ? visit->sinceFirst : visit->since;
            if (scene.about != About::SinceWeBegan)
                continue;
            ++said;
            const Change& fat = since->balance.parts.front().change;
            EXPECT_EQ(scene.headline.startsWith(QStringLiteral("No measurable")), !fat.real()) << client.name;
            if (fat.real()) {
                EXPECT_EQ(scene.headline.contains(QStringLiteral("lost")), fat.difference < 0.0) << client.name;
            }
        }
    }
    EXPECT_GE(said, 3);
}

TEST_F(Talk, KeysGoFromSceneToSceneAndNothingElseIsSeen) {
    TalkView talk(*session, visitOf("goran"));
    talk.show();
    ASSERT_TRUE(QTest::qWaitForWindowExposed(&talk));
    EXPECT_EQ(talk.scene(), 0);
    QTest::keyClick(&talk, Qt::Key_Backspace);
    EXPECT_EQ(talk.scene(), 0);
    QTest::keyClick(&talk, Qt::Key_Space);
    QTest::keyClick(&talk, Qt::Key_Right);
    EXPECT_EQ(talk.scene(), 2);
    QTest::keyClick(&talk, Qt::Key_End);
    EXPECT_EQ(talk.scene(), static_cast<int>(talk.scenes().size()) - 1);
    QTest::keyClick(&talk, Qt::Key_Space);
    EXPECT_EQ(talk.scene(), static_cast<int>(talk.scenes().size()) - 1);
    QTest::keyClick(&talk, Qt::Key_Home);
    const auto seen = [&] {
        QString words;
        for (const QLabel* each : talk.findChildren<QLabel*>())
            if (each->isVisible())
                words += each->text() + QLatin1Char('\n');
        return words;
    };
    const QString notes = report::talkNotes(visitOf("goran")).first();
    EXPECT_FALSE(seen().contains(notes)); // the interpreter's
    QTest::keyClick(&talk, Qt::Key_Tab);
    EXPECT_TRUE(seen().contains(notes));
    QTest::keyClick(&talk, Qt::Key_Tab);
    EXPECT_FALSE(seen().contains(notes));
    for (const Client& client : session->book().clients()) {
        EXPECT_FALSE(seen().contains(QString::fromStdString(client.name))) << client.name;
    }
}

TEST_F(Talk, WhatWasDrawnStaysOnItsSceneAndGoesWithThePage) {
    TalkView talk(*session, visitOf("goran"));
    talk.show();
    ASSERT_TRUE(QTest::qWaitForWindowExposed(&talk));
    auto* sheet = talk.findChild<PenSheet*>();
    QTest::keyClick(&talk, Qt::Key_P);
    QTest::mousePress(sheet, Qt::LeftButton, {}, {40, 40});
    QTest::mouseMove(sheet, {90, 60});
    QTest::mouseRelease(sheet, Qt::LeftButton, {}, {90, 60});
    ASSERT_EQ(sheet->lines().size(), 1u);
    QTest::keyClick(&talk, Qt::Key_K); // today goes along
    QTest::keyClick(&talk, Qt::Key_Space);
    EXPECT_TRUE(sheet->lines().empty());
    QTest::keyClick(&talk, Qt::Key_Backspace);
    EXPECT_EQ(sheet->lines().size(), 1u);
    EXPECT_EQ(talk.marks().chosen, std::set{0});
    const QString path = folder->filePath(QStringLiteral("talk.pdf"));
    ASSERT_TRUE(talk.saveTo(path));
    const std::string words =
        testing::outputOf(QStringLiteral("pdftotext"), {QStringLiteral("-layout"), path, QStringLiteral("-")})
            .toStdString();
    EXPECT_NE(words.find("30 %"), std::string::npos) << words;
    EXPECT_EQ(words.find("lost about"), std::string::npos) << words;
    QTest::keyClick(&talk, Qt::Key_C);
    EXPECT_TRUE(sheet->lines().empty());
    EXPECT_FALSE(talk.saveTo(QStringLiteral("/nowhere/talk.pdf")));
}

TEST_F(Talk, WhatWasDrawnIsThereAgainAndBehindTheClientsPages) {
    const auto pagesOf = [&] {
        return report::clientCopy(visitOf("goran")).pageCount();
    };
    const int before = pagesOf();
    {
        TalkView talk(*session, visitOf("goran"));
        talk.show();
        ASSERT_TRUE(QTest::qWaitForWindowExposed(&talk));
        auto* sheet = talk.findChild<PenSheet*>();
        QTest::keyClick(&talk, Qt::Key_P);
        QTest::mouseClick(sheet, Qt::LeftButton, {}, {40, 40}); // a dot
        QTest::keyClick(&talk, Qt::Key_K);
        QTest::keyClick(&talk, Qt::Key_Escape);
    }
    TalkView again(*session, visitOf("goran"));
    EXPECT_EQ(again.findChild<PenSheet*>()->lines().size(), 1u);
    EXPECT_EQ(again.marks().chosen, std::set{0});
    EXPECT_EQ(pagesOf(), before + 1);
    EXPECT_TRUE(visitOf("dov").marks.empty()); // nobody else's
    // A dot is seen.
    QImage image(200, 100, QImage::Format_RGB32);
    image.fill(Qt::white);
    QPainter painter(&image);
    report::paintLines(painter, image.rect(), {{{0.5, 0.5}}}, 6.0, Qt::black);
    EXPECT_EQ(image.pixelColor(100, 50), QColor(Qt::black));
    EXPECT_EQ(image.pixelColor(20, 20), QColor(Qt::white));
}

TEST_F(Talk, ScenesAreOrderedAndLeftOut) {
    TalkView talk(*session, visitOf("goran"));
    const auto order = about(talk.scenes());
    QTest::keyClick(&talk, Qt::Key_Right, Qt::ShiftModifier); // today comes second
    EXPECT_EQ(talk.scene(), 1);
    EXPECT_EQ(talk.scenes().front().about, order[1]);
    EXPECT_EQ(talk.scenes()[1].about, order[0]);
    QTest::keyClick(&talk, Qt::Key_Left, Qt::ShiftModifier);
    QTest::keyClick(&talk, Qt::Key_Left, Qt::ShiftModifier); // there is no place before the first
    EXPECT_EQ(about(talk.scenes()), order);
    QTest::keyClick(&talk, Qt::Key_Space);
    QTest::keyClick(&talk, Qt::Key_X);
    QTest::keyClick(&talk, Qt::Key_Home);
    QTest::keyClick(&talk, Qt::Key_Space);
    EXPECT_EQ(talk.scene(), 2);
    QTest::keyClick(&talk, Qt::Key_Backspace);
    EXPECT_EQ(talk.scene(), 0);
}

TEST_F(Talk, ThePlanIsTriedWithinItsGuardsAndNothingIsStored) {
    TalkView talk(*session, visitOf("goran"));
    const auto plan = std::ranges::find(talk.scenes(), About::Plan, &report::TalkScene::about);
    ASSERT_NE(plan, talk.scenes().end());
    const double kept = visitOf("goran").plan->intake.value();
    talk.tryEnergy(KilocaloriesPerDay(-50.0)); // not before its scene is shown
    EXPECT_EQ(talk.scenes().front().headline, report::talkScenes(visitOf("goran")).front().headline);
    talk.goTo(static_cast<int>(plan - talk.scenes().begin()));
    const QString before = plan->headline, words = plan->below;
    QTest::keyClick(&talk, Qt::Key_Down);
    EXPECT_NE(talk.scenes()[static_cast<std::size_t>(talk.scene())].below, words);
    QTest::keyClick(&talk, Qt::Key_Up);
    EXPECT_EQ(talk.scenes()[static_cast<std::size_t>(talk.scene())].headline, before);
    for (int i = 0; i < 60; ++i)
        QTest::keyClick(&talk, Qt::Key_Down);
    const auto* refused = talk.findChild<QLabel*>(QStringLiteral("warning"));
    EXPECT_TRUE(refused->isVisibleTo(&talk));
    EXPECT_TRUE(refused->text().contains(QStringLiteral("rest"))) << refused->text().toStdString();
    EXPECT_EQ(visitOf("goran").plan->intake.value(), kept);
}

TEST_F(Talk, TheKeyOpensTheVisitOfTheChosenClient) {
    Shell shell(*session);
    shell.show();
    shell.activateWindow();
    ASSERT_TRUE(QTest::qWaitForWindowActive(&shell));
    shell.open(PlaceName::Clients);
    shell.clients().showClient(QStringLiteral("goran"));
    QString headline;
    QTimer::singleShot(0, &shell, [&] {
        auto* talk = qobject_cast<TalkView*>(QApplication::activeModalWidget());
        ASSERT_TRUE(talk);
        headline = talk->scenes().front().headline;
        QTest::keyClick(talk, Qt::Key_Escape);
    });
    QTest::keyClick(&shell, Qt::Key_F9);
    EXPECT_TRUE(headline.contains(QStringLiteral("30 %"))) << headline.toStdString();
}

} // namespace
} // namespace fusain::demo::talk_test
