// The server or a workstation goes at any moment, and several write at once: what was said to be accepted is
// there afterwards, exactly once.
#include "procedure/method/journal.hpp"
#include "record/base/json.hpp"
#include "store/book/lab_book.hpp"
#include "support/engines.hpp"
#include "support/own_server.hpp"

#include <QFile>
#include <atomic>
#include <chrono>
#include <random>
#include <set>
#include <sys/wait.h>
#include <thread>
#include <unistd.h>

namespace fusain::store::server_faults_test {
namespace {

using namespace fusain::testing;
using std::chrono::milliseconds;

/// More are made by hand: FUSAIN_KILLS=200, FUSAIN_APPENDS=10000.
int often(const char* asked, int usually) {
    const int times = qEnvironmentVariableIntValue(asked);
    return times > 0 ? times : usually;
}

const Clock clock = [] { return *instantFromIso("2026-03-13T08:00:00.000Z"); };

/// Every number that the book holds, and how often.
std::map<int, int> numbersIn(LabBook& book) {
    std::map<int, int> found;
    for (const auto& [kind, subject] : book.subjectsSince(0))
        if (subject.starts_with("n-"))
            ++found[std::stoi(subject.substr(2))];
    return found;
}

Expected<void> keepNumber(LabBook& book, int number) {
    return book.setSetting("n-" + std::to_string(number), "kept", "bram");
}

// All that was accepted once, and nothing twice. What was on its way when the server went may be there or not.
void expectKept(LabBook& book, const std::set<int>& accepted) {
    const auto found = numbersIn(book);
    for (const int number : accepted)
        EXPECT_EQ(found.contains(number) ? found.at(number) : 0, 1) << number;
    for (const auto& [number, times] : found)
        EXPECT_EQ(times, 1) << number;
    const Verification verified = book.verify();
    EXPECT_TRUE(verified.sound()) << verified.faults.front().what.english();
}

TEST(ServerFaults, AKilledServerLosesNothingThatWasAccepted) {
    const OwnServer server;
    auto book = *LabBook::create(server.address(), clock);
    std::mt19937 random(22);
    std::set<int> accepted;
    int refused = 0, number = 0;
    std::atomic<bool> down = false;
    for (int kill = 0; kill < often("FUSAIN_KILLS", 5); ++kill) {
        std::thread killer([&] {
            std::this_thread::sleep_for(milliseconds(std::uniform_int_distribution(0, 120)(random)));
            EXPECT_TRUE(server.ask("kill"));
            down = true;
        });
        for (; !down; ++number) {
            if (keepNumber(*book, number))
                accepted.insert(number);
            else
                ++refused;
        }
        killer.join();
        EXPECT_FALSE(keepNumber(*book, number++));
        EXPECT_TRUE(server.ask("start"));
        down = false;
        EXPECT_TRUE(keepNumber(*book, number)); // without being opened anew
        accepted.insert(number++);
    }
    EXPECT_GT(accepted.size(), 20u);
    expectKept(*book, accepted);
    std::printf("[ %zu accepted, %d refused ]\n", accepted.size(), refused);
}

/// Does work in a process of its own, which says the numbers that were accepted as it goes.
class Workstation {
public:
    explicit Workstation(const std::function<void(const std::function<void(int)>& accepted)>& work) {
        EXPECT_EQ(::pipe(said_.data()), 0);
        child_ = ::fork();
        if (child_ != 0)
            return;
        work([this](int number) {
            [[maybe_unused]] const auto written = ::write(said_[1], &number, sizeof number);
        });
        ::_exit(0);
    }
    ~Workstation() {
        ::close(said_[0]);
        ::close(said_[1]);
    }
    Workstation(const Workstation&) = delete;
    Workstation& operator=(const Workstation&) = delete;
    void kill() const { ::kill(child_, SIGKILL); }
    /// Waits for its end. @return what it said
    std::set<int> ended() {
        ::close(std::exchange(said_[1], -1));
        std::set<int> numbers;
        for (int number = 0; ::read(said_[0], &number, sizeof number) == sizeof number;)
            numbers.insert(number);
        int state = 0;
        ::waitpid(child_, &state, 0);
        return numbers;
    }

private:
    std::array<int, 2> said_{};
    pid_t child_ = 0;
};

TEST(ServerFaults, AKilledWorkstationLosesNothingThatWasAccepted) {
    BookShelf shelf(Engine::Server);
    const QString address = shelf.address();
    { ASSERT_TRUE(LabBook::create(address, clock)); }
    std::mt19937 random(23);
    std::set<int> accepted;
    for (int kill = 0; kill < often("FUSAIN_KILLS", 8); ++kill) {
        Workstation victim([&](const auto& said) {
            auto book = LabBook::open(address, clock);
            for (int number = kill * 1'000'000; book; ++number)
                if (keepNumber(**book, number))
                    said(number);
        });
        std::this_thread::sleep_for(milliseconds(std::uniform_int_distribution(60, 260)(random)));
        victim.kill();
        accepted.merge(victim.ended());
    }
    EXPECT_GT(accepted.size(), 20u);
    expectKept(**LabBook::open(address, clock), accepted);
}

TEST(ServerFaults, FourWorkstationsWriteOneSoundJournal) {
    BookShelf shelf(Engine::Server);
    const QString address = shelf.address();
    { ASSERT_TRUE(LabBook::create(address, clock)); }
    const int each = often("FUSAIN_APPENDS", 150);
    std::set<int> accepted;
    {
        std::vector<std::unique_ptr<Workstation>> four;
        for (int workstation = 0; workstation < 4; ++workstation)
            four.push_back(std::make_unique<Workstation>([&](const auto& said) {
                auto book = LabBook::open(address, clock);
                for (int i = 0; book && i < each; ++i)
                    if (const int number = workstation * 1'000'000 + i; keepNumber(**book, number))
                        said(number);
            }));
        for (const auto& workstation : four)
            accepted.merge(workstation->ended());
    }
    EXPECT_EQ(accepted.size(), static_cast<std::size_t>(4 * each));
    auto book = *LabBook::open(address, clock);
    EXPECT_EQ(book->eventCount(), 4 * each);
    expectKept(*book, accepted);
}

TEST(ServerFaults, OfTwoThatOpenAnOlderBookAtOnceOneBringsItForward) {
    for (int round = 0; round < 5; ++round) {
        BookShelf shelf(Engine::Server);
        const QString address = shelf.address();
        { ASSERT_TRUE(keepNumber(**LabBook::create(address, clock), 1)); }
        shelf.tamper(QStringLiteral("DROP TABLE grants"));
        shelf.tamper(QStringLiteral("UPDATE meta SET value = '7' WHERE key = 'schema'"));
        std::set<int> opened;
        {
            std::vector<std::unique_ptr<Workstation>> two;
            for (int workstation = 0; workstation < 2; ++workstation)
                two.push_back(std::make_unique<Workstation>([&](const auto& said) {
                    if (const auto book = LabBook::open(address, clock);
                        book && keepNumber(**book, 10 + workstation))
                        said(10 + workstation);
                }));
            for (const auto& workstation : two)
                opened.merge(workstation->ended());
        }
        EXPECT_EQ(opened, (std::set{10, 11})) << round;
        expectKept(**LabBook::open(address, clock), {1, 10, 11});
    }
}

// By hand, on a small disk: FUSAIN_SMALL_DISK names a folder of about 200 MB (docs/reliability.md).
TEST(ServerFaults, AFullDiskAtTheServerIsSaidAndLosesNothing) {
    const QString disk = qEnvironmentVariable("FUSAIN_SMALL_DISK");
    if (disk.isEmpty())
        GTEST_SKIP() << "FUSAIN_SMALL_DISK names no folder";
    QFile ballast(disk + QStringLiteral("/ballast"));
    ASSERT_TRUE(ballast.open(QIODevice::WriteOnly));
    ASSERT_EQ(ballast.write(QByteArray(40 << 20, '0')), 40 << 20);
    ballast.close();
    const OwnServer server(disk + QStringLiteral("/server"));
    auto book = *LabBook::create(server.address(), clock);
    std::mt19937 random(25);
    std::string much(200'000, ' '); // that no engine makes smaller
    std::set<int> accepted;
    std::string said;
    for (int number = 0; said.empty() && number < 3000; ++number) {
        std::ranges::generate(
            much, [&] { return static_cast<char>(std::uniform_int_distribution(33, 126)(random)); });
        if (const auto kept = book->setSetting("n-" + std::to_string(number), much, "bram"))
            accepted.insert(number);
        else
            said = kept.error().english();
    }
    std::printf("[ %zu accepted, then: %s ]\n", accepted.size(), said.c_str());
    EXPECT_FALSE(said.empty());
    ASSERT_TRUE(ballast.remove());
    static_cast<void>(server.ask("start")); // an engine that could not write its log has stopped
    bool again = false;
    for (int attempt = 0; attempt < 20 && !again; ++attempt) {
        again = keepNumber(*book, 1'000'000).has_value();
        std::this_thread::sleep_for(milliseconds(500));
    }
    EXPECT_TRUE(again);
    accepted.insert(1'000'000);
    expectKept(*book, accepted);
}

} // namespace
} // namespace fusain::store::server_faults_test
