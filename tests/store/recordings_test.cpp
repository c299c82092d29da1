// Recordings stand once in a book, to the last bit, and in few bytes.
#include "procedure/all/procedure.hpp"
#include "record/all/record.hpp"
#include "record/base/json.hpp"
#include "store/book/lab_book.hpp"
#include "store/book/packing.hpp"
#include "support/engines.hpp"
#include "support/hydrostatic_run.hpp"

#include <cmath>
#include <limits>
#include <random>

namespace fusain::store::recordings_test {
namespace {

using namespace fusain::testing;

void comesBack(const Columns& columns) {
    const auto back = unpacked(packed(columns));
    ASSERT_TRUE(back);
    EXPECT_EQ(plain(*back), plain(columns)); // by the bits: a NaN is not equal to itself, −0 is to 0
}

TEST(Packing, EveryFloatComesBackToTheBit) {
    using Limits = std::numeric_limits<float>;
    comesBack({{"time_s", {0.0F, 0.01F, 0.02F, 0.03F}}, {"gross_kg", {7.44F, -7.4401F, 1e9F, -2e9F}}});
    comesBack({{"time_s",
                {-0.0F, Limits::denorm_min(), Limits::max(), Limits::lowest(), Limits::infinity(),
                 Limits::quiet_NaN(), 1.0F / 3.0F, 2147483648.0F}}});
    comesBack({{"time_s", {5.0F}}});
    std::mt19937 random(6);
    for (int i = 0; i < 200; ++i) {
        std::vector<float> numbers;
        const int decimals = i % 6; // one more than are kept as whole numbers
        std::normal_distribution<double> draw(0.0, std::pow(10.0, i % 9 - 3));
        for (int n = 0; n < 50; ++n)
            numbers.push_back(static_cast<float>(std::round(draw(random) * std::pow(10.0, decimals)) /
                                                 std::pow(10.0, decimals)));
        comesBack({{"time_s", numbers}, {"gross_kg", std::vector<float>(numbers.rbegin(), numbers.rend())}});
    }
}

TEST(Packing, NumbersOfFewDecimalsTakeFewBytes) {
    std::vector<float> times, noisy, exact;
    std::mt19937 random(7);
    std::normal_distribution<float> noise(0.0F, 0.15F);
    for (int i = 0; i < 5000; ++i) {
        times.push_back(static_cast<float>(0.01 * i));
        exact.push_back(150.0F * std::sin(0.19F * static_cast<float>(i)) + noise(random));
        noisy.push_back(static_cast<float>(std::round(exact.back() * 100.0) / 100.0));
    }
    EXPECT_LT(packed({{"time_s", times}}).size(), 100);
    EXPECT_LT(packed({{"time_s", noisy}}).size(), 8'000);
    EXPECT_LT(packed({{"time_s", exact}}).size(), 16'000); // of 20,000
}

TEST(Packing, ADamagedBlockIsNothing) {
    const QByteArray whole = packed({{"time_s", {0.0F, 0.5F}}, {"gross_kg", {7.0F, 8.0F}}});
    ASSERT_TRUE(unpacked(whole));
    for (qsizetype length = 0; length < whole.size(); ++length)
        EXPECT_FALSE(unpacked(whole.left(length))) << length;
    for (const char* head :
         {"time_s 2 gross_kg\n01234567", "time_s 2 gross_kg x\n01234567", "time_s 9 gross_kg 0\n01234567",
          "time_s -2 gross_kg 0\n01234567", "time_s 0 gross_kg 0\n0123456", "\n", "time_s 0"})
        EXPECT_FALSE(unpacked(qCompress(QByteArray(head)))) << head;
    QByteArray huge = whole;
    huge[0] = '\x7f'; // claims two gigabytes
    EXPECT_FALSE(unpacked(huge));
}

class Recordings : public ::testing::TestWithParam<Engine> {
protected:
    std::unique_ptr<LabBook> open() {
        auto book = LabBook::openOrCreate(shelf.address(), clock);
        EXPECT_TRUE(book) << book.error().english();
        return std::move(*book);
    }
    /// A test by the tank, ready for its first trial.
    HydrostaticProcedure begun(LabBook& book) {
        EXPECT_TRUE(book.save(Client{man.clientId, "SP-001", "Ailsa Brandvold", *dateFromIso("1984-06-02"),
                                     Sex::Male, man.height, UnitSystem::Metric, "", false},
                              "bram"));
        auto run = HydrostaticProcedure::begin(standardSetting(), "t1", man, technician, book, clock);
        EXPECT_TRUE(run) << run.error().english();
        prepare(*run);
        return std::move(*run);
    }
    BookShelf shelf{GetParam()};
    SteppingClock clock;
};
INSTANTIATE_TEST_SUITE_P(Engines, Recordings, bothEngines, nameOfEngine);

TEST_P(Recordings, StandOnceAndComeBackWhereTheyAreAskedFor) {
    auto book = open();
    auto run = begun(*book);
    MUST(run.acceptTrace(steadyTrace(), linked(run, "load-cell")));
    MUST(run.acceptTrace(steadyTrace(7.45), linked(run, "load-cell")));
    const auto& seen = run.test().trials.front().trace.samples;
    ASSERT_EQ(seen.size(), 400u);
    EXPECT_EQ(seen[7].gross.value(), double(float(steadyTrace()[7].gross.value()))); // as it will come back

    const auto listed = book->test("t1");
    ASSERT_TRUE(listed);
    const auto& trial = std::get<HydrostaticTest>(*listed).trials.front();
    EXPECT_TRUE(trial.trace.samples.empty());
    EXPECT_EQ(trial.trace.block.size(), 64u);
    EXPECT_FALSE(trial.trace.empty());
    EXPECT_LT(toJson(*listed).dump().size(), 30'000u);

    const auto whole = book->withRecordings(*listed);
    ASSERT_TRUE(whole);
    EXPECT_EQ(toJson(*whole), toJson(AnyTest(run.test())));
    const auto events = book->eventsOf("t1");
    EXPECT_EQ(events.back().data->at("trace").at("time_s").size(), 400u);
    const auto resumed = HydrostaticProcedure::resume(standardSetting(), events, technician, *book, clock);
    ASSERT_TRUE(resumed);
    EXPECT_EQ(toJson(resumed->test()), toJson(run.test()));
}

TEST_P(Recordings, OneThatIsNotThereIsRefusedAndAMissingOneLosesNothingElse) {
    {
        auto book = open();
        auto run = begun(*book);
        MUST(run.acceptTrace(steadyTrace(), linked(run, "load-cell")));
        Event dangling{0, clock(), "bram", "trial.accepted", "t1", book->eventsOf("t1").back().data, {}};
        (*dangling.data)["trace"] = Json{{"block", std::string(64, 'a')}};
        const auto refused = book->append(dangling);
        ASSERT_FALSE(refused);
        EXPECT_NE(refused.error().english().find("not in the lab book"), std::string::npos);
        EXPECT_TRUE(book->verify().sound());
    }
    shelf.tamper(QStringLiteral("DELETE FROM recordings"));
    auto book = open();
    EXPECT_FALSE(book->verify().sound());
    const auto whole = book->withRecordings(*book->test("t1"));
    ASSERT_TRUE(whole);
    const auto& trial = std::get<HydrostaticTest>(*whole).trials.front();
    EXPECT_TRUE(trial.trace.samples.empty());
    EXPECT_NEAR(trial.gross.value(), 7.44, 0.01);
    EXPECT_TRUE(
        HydrostaticProcedure::resume(standardSetting(), book->eventsOf("t1"), technician, *book, clock));
}

} // namespace
} // namespace fusain::store::recordings_test
