// Whatever shows a result shows the same: value, interval and verdict on the screen, across the table, on the
// client's pages, on the lab's and in the exported document, for everybody of the made-up lab.
#include "demo_lab.hpp"
#include "desktop/services/computing.hpp"
#include "desktop/services/session.hpp"
#include "desktop/services/visit_reporter.hpp"
#include "desktop/views/findings_view.hpp"
#include "desktop/widgets/appearance.hpp"
#include "report/base/words.hpp"
#include "report/pages/talk_scenes.hpp"
#include "support/pdf_text.hpp"

#include <QLabel>

namespace fusain::demo::surfaces_test {
namespace {

using report::TalkScene;

QString textOnScreen(desktop::FindingsView& view) {
    QString all;
    for (const QLabel* label : view.findChildren<QLabel*>())
        if (!label->isHidden())
            all += label->text() + QLatin1Char('\n');
    return all;
}

class Surfaces : public DemoLab {
protected:
    void SetUp() override {
        report::loadFonts(QStringLiteral(FUSAIN_SOURCE_DIR "/data/fonts"));
        desktop::setTextScale(1.0);
        const Instant now = clock;
        session = std::make_unique<desktop::Session>(*store::LabBook::open(copied(), [now] { return now; }),
                                                     *catalogue, [now] { return now; });
    }
    // Calls with the last visit of everybody who has one.
    template <class Visit>
    int everybody(Visit visit) {
        int seen = 0;
        for (const Client& client : session->book().clients()) {
            const auto days = desktop::visitDays(*session, client.id);
            if (days.empty() || isOneOfManyAlike(client))
                continue;
            auto report = desktop::visitReportOn(*session, client, days.front());
            EXPECT_TRUE(report) << client.name;
            visit(*report);
            ++seen;
        }
        return seen;
    }
    std::unique_ptr<desktop::Session> session;
};

TEST_F(Surfaces, ScreenAndExportSayTheStatementsOfTheEngine) {
    int statements = 0;
    const int seen = everybody([&](const report::VisitReport& visit) {
        for (const report::TestReport& test : visit.tests) {
            desktop::FindingsView view(*session);
            view.showTest(test.computed.test);
            const QString screen = textOnScreen(view);
            const Json document = test.computed.document();
            for (const Statement& statement : test.statements.all()) {
                const QString sentence = report::sentence(labSentence(statement));
                if (const auto* place = std::get_if<PlaceStatement>(&statement);
                    place && place->quantity == Followed::FatPercent) {
                    ++statements;
                    EXPECT_TRUE(screen.contains(sentence)) << visit.client.name << '\n'
                                                           << sentence.toStdString();
                    const Json& fat = document.at("fat_percent");
                    EXPECT_NEAR(fat.at("value").get<double>(), place->value, 1e-9);
                    EXPECT_NEAR(fat.at("ci95_high").get<double>() - place->value, place->half, 1e-9);
                }
                const auto* change = std::get_if<ChangeStatement>(&statement);
                if (change &&
                    (change->quantity == Followed::FatMass || change->quantity == Followed::FatFreeMass)) {
                    ++statements;
                    EXPECT_TRUE(screen.contains(sentence)) << visit.client.name << '\n'
                                                           << sentence.toStdString();
                }
                if (std::holds_alternative<SidesStatement>(statement)) {
                    ++statements;
                    EXPECT_TRUE(screen.contains(sentence)) << visit.client.name << '\n'
                                                           << sentence.toStdString();
                }
            }
        }
    });
    EXPECT_GE(seen, 12);
    EXPECT_GE(statements, 40);
}

TEST_F(Surfaces, TheTalkAndBothPagesSayTheSameOfPlaceAndChange) {
    int places = 0, changes = 0;
    everybody([&](const report::VisitReport& visit) {
        const report::TestReport* richest = visit.richest();
        if (!richest || visit.withoutNumbers)
            return;
        const QString page = testing::textOf(clientCopy(visit)).simplified(),
                      own = testing::textOf(clientCopy(*richest)).simplified(),
                      lab = testing::textOf(labCopy(visit)).simplified();
        const auto scenes = report::talkScenes(visit);
        const auto scene = [&](TalkScene::About about) {
            const auto found = std::ranges::find(scenes, about, &TalkScene::about);
            return found == scenes.end() ? nullptr : &*found;
        };
        const auto& fat = richest->composition()->fatPercent;
        const QString interval = report::intervalForClient(fat);
        EXPECT_EQ(scene(TalkScene::About::Today)->below, interval) << visit.client.name;
        const QString between =
            QStringLiteral("very likely between %1 and %2 %")
                .arg(report::number(fat.low().value(), 0), report::number(fat.high().value(), 0));
        EXPECT_TRUE(page.contains(between)) << visit.client.name;
        EXPECT_TRUE(own.contains(between)) << visit.client.name;
        EXPECT_TRUE(lab.contains(report::number(fat.halfInterval().value(), 1))) << visit.client.name;
        if (const auto* place = richest->statements.place(Followed::FatPercent); place && !visit.minor()) {
            ++places;
            const QString verdict = report::placeForClient(place->place);
            EXPECT_EQ(scene(TalkScene::About::WhereYouAre)->headline, verdict) << visit.client.name;
            EXPECT_TRUE(page.contains(verdict)) << visit.client.name;
            EXPECT_TRUE(own.contains(verdict)) << visit.client.name;
        }
        const auto* began = scene(TalkScene::About::SinceWeBegan);
        const auto& since = visit.sinceFirst ? visit.sinceFirst : visit.since;
        EXPECT_EQ(began != nullptr, since.has_value()) << visit.client.name;
        if (!since)
            return;
        ++changes;
        const Change& change = since->balance.parts.front().change;
        const auto* statement =
            richest->statements.change(Followed::FatMass, visit.sinceFirst ? Since::First : Since::Last);
        ASSERT_TRUE(statement) << visit.client.name;
        EXPECT_NEAR(statement->comparison.change.difference, change.difference, 1e-12);
        EXPECT_NEAR(statement->comparison.change.leastSignificant, change.leastSignificant, 1e-12);
        EXPECT_EQ(statement->comparison.verdict == Verdict::Real, change.real());
        if (change.real()) {
            const QString size = report::massForClient(change.difference, forClient(visit));
            EXPECT_TRUE(began->headline.contains(size)) << visit.client.name;
            EXPECT_TRUE(page.contains(size)) << visit.client.name;
            EXPECT_TRUE(own.contains(size)) << visit.client.name;
        } else {
            EXPECT_TRUE(began->headline.startsWith(QStringLiteral("No measurable"))) << visit.client.name;
            EXPECT_TRUE(page.contains(QStringLiteral("no measurable change"))) << visit.client.name;
        }
    });
    EXPECT_GE(places, 8);
    EXPECT_GE(changes, 3);
}

} // namespace
} // namespace fusain::demo::surfaces_test
