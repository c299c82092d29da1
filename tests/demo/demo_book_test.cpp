// The made-up lab: everybody of the scenario is there, and their tests say what the scenario promises.
#include "demo_lab.hpp"
#include "procedure/meaning/across_methods.hpp"
#include "procedure/meaning/progress.hpp"

#include <QSqlDatabase>
#include <QSqlQuery>
#include <algorithm>

namespace fusain::demo::demo_book_test {
namespace {

TEST_F(DemoLab, EverybodyOfTheScenarioIsThere) {
    for (const char* id : {"ailsa", "teo", "ines", "goran", "mirren", "pau", "keziah", "ruan", "lotte", "yusuf",
                           "nerys", "dov", "wren", "caspian", "marit", "elio"})
        EXPECT_TRUE(book->client(id)) << id;
    EXPECT_EQ(book->clients().size(), 60u); // and fourteen dancers, and thirty volunteers
    EXPECT_TRUE(book->verify().sound());
}

// Thirty people by two methods on one day, so that agreement has something to rest on. The truth lies in the 95
// % interval of nearly all: of 30, at least 25 (a 95 % interval misses more than five of 30 in 0.3 % of
// studies).
TEST_F(DemoLab, ThirtyVolunteersHadTwoMethodsOnOneDay) {
    int people = 0, tankHolds = 0, scanHolds = 0;
    double least = 100.0, most = 0.0;
    for (const Client& client : book->clients()) {
        if (!client.id.starts_with("study-"))
            continue;
        const auto tests = testsOf(client.id.c_str());
        ASSERT_EQ(tests.size(), 2u) << client.id;
        EXPECT_EQ(isoText(dateOf(tests[0].record().startedAt)), isoText(dateOf(tests[1].record().startedAt)));
        const double truth = 100.0 * truthOf(client.id.c_str()).fatFraction;
        for (const ComputedTest& test : tests) {
            EXPECT_EQ(test.record().state, TestState::Signed);
            const auto& fat = test.composition()->fatPercent;
            const bool holds = fat.low().value() <= truth && truth <= fat.high().value();
            (methodOf(test.test) == methodDxa ? scanHolds : tankHolds) += holds;
        }
        least = std::min(least, truth);
        most = std::max(most, truth);
        ++people;
    }
    EXPECT_EQ(people, 30);
    EXPECT_GE(tankHolds, 25);
    EXPECT_GE(scanHolds, 25);
    EXPECT_LT(least, 18.0);
    EXPECT_GT(most, 33.0);
}

// Fifteen copies of a busy lab's book are kept.
TEST_F(DemoLab, TheRecordingsOfAChamberTestTakeLessThanItsWords) {
    QSqlDatabase database = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("sizes"));
    database.setDatabaseName(path());
    ASSERT_TRUE(database.open());
    QSqlQuery query(database);
    const auto one = [&](const QString& sql) {
        EXPECT_TRUE(query.exec(sql) && query.next()) << sql.toStdString();
        return query.value(0).toInt();
    };
    const QString chamber = QStringLiteral("(SELECT id FROM tests WHERE method = 'air-displacement')");
    const int tests = one(QStringLiteral("SELECT count(DISTINCT id) FROM tests WHERE id IN ") + chamber);
    const int words = one(QStringLiteral("SELECT sum(length(document)) FROM tests WHERE id IN ") + chamber) +
                      one(QStringLiteral("SELECT sum(length(data)) FROM journal WHERE subject IN ") + chamber);
    const int recordings =
        one(QStringLiteral("SELECT sum(length(data)) FROM recordings WHERE name IN (SELECT value FROM "
                           "journal, json_tree(journal.data) WHERE key = 'block' AND subject IN ") +
            chamber + QLatin1Char(')'));
    ASSERT_GE(tests, 4);
    ASSERT_GT(recordings, 0);
    EXPECT_LT(recordings / tests, 30'000);
    EXPECT_LT(words / tests, 52'000); // most of it the protocol as it was, twice
    RecordProperty("bytes_of_words", words / tests);
    RecordProperty("bytes_of_recordings", recordings / tests);
}

TEST_F(DemoLab, TheDayOfFourMethodsHoldsTheTruthInItsInterval) {
    const auto day = acrossMethods(testsOf("dov"));
    EXPECT_EQ(day.values.size(), 4u);
    ASSERT_FALSE(day.models.empty());
    EXPECT_EQ(day.models.front().model->components(), 4);
    const auto& fat = day.models.front().composition.fatPercent;
    EXPECT_NEAR(fat.estimate().value(), 100.0 * truthOf("dov").fatFraction,
                normal95 * fat.totalError().value());
    for (const MethodValue& value : day.values)
        EXPECT_NEAR(value.fatPercent.estimate().value(), 100.0 * truthOf("dov").fatFraction,
                    normal95 * value.fatPercent.totalError().value())
            << value.method;
}

TEST_F(DemoLab, GoransMiddleShrinksWhileTheScaleHardlyMoves) {
    const auto scans = testsOf("goran", methodDxa);
    ASSERT_EQ(scans.size(), 4u);
    EXPECT_LT(std::abs((scans.back().shared().mass - scans.front().shared().mass).value()), 1.5);
    EXPECT_LT(*scan(scans.back()).visceralFat, *scan(scans.front()).visceralFat);
    const auto balance = massBalance(scans.front(), scans.back());
    ASSERT_TRUE(balance);
    EXPECT_LT(balance->parts[0].change.difference, -2.0);
    EXPECT_GT(balance->parts[1].change.difference, 1.0);
}

TEST_F(DemoLab, ALimbThatIsThinnerIsSeenAndOneThatIsNotIsNot) {
    EXPECT_TRUE(scan(testsOf("ruan", methodDxa).back()).armLean.notable());
    EXPECT_GT(scan(testsOf("ruan", methodDxa).back()).armLean.difference.value(), 0.45);
    EXPECT_FALSE(scan(testsOf("lotte", methodDxa).back()).armLean.real());
}

TEST_F(DemoLab, MirrensLimbsLieBelowTheConsensus) {
    const auto& result = scan(testsOf("mirren", methodDxa).back());
    const auto* limit = catalogue->reference("limb-lean-index.ewgsop2-2019");
    ASSERT_TRUE(limit);
    EXPECT_LT(result.indices.limbLeanIndex.value(), limit->rowFor(Sex::Female, Years(67))->low);
    ASSERT_EQ(result.bone.size(), 1u);
    EXPECT_NE(result.bone[0].english().find("T-score"), std::string::npos); // after the menopause
}

TEST_F(DemoLab, CaspianLostLeanAsWell) {
    const auto scans = testsOf("caspian", methodDxa);
    ASSERT_EQ(scans.size(), 2u);
    const auto balance = massBalance(scans.front(), scans.back());
    EXPECT_NEAR(balance->mass.value(), -5.0, 0.5);
    const double lean = balance->parts[1].change.difference / balance->mass.value();
    EXPECT_GT(lean, 0.2);
    EXPECT_LT(lean, 0.5);
}

TEST_F(DemoLab, WhoMustNotBeMeasuredWasNot) {
    for (const auto& [client, words] : {std::pair("keziah", "pregnant"), std::pair("pau", "pacemaker")}) {
        bool refused = false;
        for (const AnyTest& test : book->testsOf(client))
            refused = refused || (common(test).state == TestState::Refused &&
                                  common(test).refusal.find(words) != std::string::npos);
        EXPECT_TRUE(refused) << client;
    }
}

TEST_F(DemoLab, TheChildIsReadWithoutTheHead) {
    const auto& result = scan(testsOf("wren", methodDxa).back());
    EXPECT_TRUE(std::ranges::any_of(result.flags, [](const Message& flag) {
        return flag.english().find("without the head") != std::string::npos;
    }));
}

} // namespace
} // namespace fusain::demo::demo_book_test
