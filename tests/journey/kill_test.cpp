// Kills the real program at random moments and looks at what is left. Four shards of fifty make two hundred
// kills.
#include "record/all/record.hpp"
#include "store/book/lab_book.hpp"

#include <QProcess>
#include <QTemporaryDir>
#include <QThread>
#include <algorithm>
#include <gtest/gtest.h>
#include <random>

namespace fusain::kill_test {
namespace {

#if defined(__SANITIZE_ADDRESS__)
constexpr int kills = 8;
#else
constexpr int kills = 50;
#endif

// A signature without its signed number, an import without its reading, or a scan that was reassigned without a
// word in the other person's record is half an act.
void bothOrNeither(store::LabBook& book) {
    std::size_t reassigned = 0, noted = 0;
    for (const Client& client : book.clients()) {
        noted += static_cast<std::size_t>(
            std::ranges::count(book.eventsOf(client.id), "scan.reassigned", &Event::kind));
        for (const AnyTest& test : book.testsOf(client.id)) {
            reassigned += static_cast<std::size_t>(
                std::ranges::count(common(test).notes, NoteKind::ScanReassigned, &Note::kind));
            const RawTest& record = common(test);
            const auto results = book.resultsOf(record.id);
            const bool stored = std::ranges::any_of(
                results, [&](const store::StoredResult& each) { return each.testVersion == record.version; });
            ASSERT_EQ(stored, record.state == TestState::Signed) << record.id << ", version " << record.version;
            if (const auto* sweeps = std::get_if<ImpedanceTest>(&test);
                sweeps && std::ranges::any_of(record.notes,
                                              [](const Note& note) { return note.kind == NoteKind::Imported; }))
                ASSERT_TRUE(sweeps->sweep());
        }
    }
    ASSERT_EQ(reassigned, noted);
}

void killManyTimes(unsigned seed) {
    std::mt19937 random(seed);
    QTemporaryDir folder;
    // What a killed program leaves behind goes with the folder.
    QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
    environment.insert(QStringLiteral("TMPDIR"), folder.path());
    const QString path = folder.filePath(QStringLiteral("lab.fusain"));
    std::map<std::string, std::size_t> accepted; // test → most events that were shown as accepted
    int readings = 0;
    for (int kill = 0; kill < kills; ++kill) {
        QProcess victim;
        victim.setProcessEnvironment(environment);
        victim.start(QStringLiteral(FUSAIN_BUILD_DIR "/tests/kill_victim"), {path});
        ASSERT_TRUE(victim.waitForReadyRead(200000)) << victim.readAllStandardError().toStdString();
        QThread::usleep(std::uniform_int_distribution<unsigned>(0, 250000)(random));
        victim.kill();
        victim.waitForFinished();
        for (const QByteArray& line : victim.readAllStandardOutput().split('\n')) {
            const QList<QByteArray> words = line.split(' ');
            if (words.size() == 2 && !words[1].isEmpty()) {
                auto& most = accepted[words[0].toStdString()];
                most = std::max(most, static_cast<std::size_t>(words[1].toUInt()));
                ++readings;
            }
        }
        auto book = store::LabBook::open(path, [] { return Instant{}; });
        ASSERT_TRUE(book) << book.error().english();
        const auto verification = (*book)->verify();
        ASSERT_TRUE(verification.sound()) << verification.faults.front().what.english();
        bothOrNeither(**book);
        for (const auto& [test, events] : accepted)
            ASSERT_GE((*book)->eventsOf(test).size(), events)
                << "an accepted reading of " << test << " is gone after kill " << kill;
    }
    EXPECT_GT(readings, kills) << "the program was killed before it did any work";
}

// The guard of the real program: an exception in a slot costs that act, not the window.
TEST(GuardedWindow, SaysWhatHappenedAndGoesOn) {
    QTemporaryDir folder;
    QProcess program;
    program.start(QStringLiteral(FUSAIN_BUILD_DIR "/tests/kill_victim"),
                  {folder.filePath(QStringLiteral("lab.fusain")), QStringLiteral("--throw")});
    ASSERT_TRUE(program.waitForFinished(200000));
    const QByteArray said = program.readAllStandardOutput();
    EXPECT_TRUE(said.contains("said: That did not work")) << said.toStdString();
    EXPECT_TRUE(said.contains("went on: 1")) << said.toStdString();
    EXPECT_EQ(program.exitStatus(), QProcess::NormalExit);
    EXPECT_TRUE(program.readAllStandardError().contains("made for the test"));
}

TEST(KillTest, FiftyKillsA) {
    killManyTimes(1);
}
TEST(KillTest, FiftyKillsB) {
    killManyTimes(2);
}
TEST(KillTest, FiftyKillsC) {
    killManyTimes(3);
}
TEST(KillTest, FiftyKillsD) {
    killManyTimes(4);
}

} // namespace
} // namespace fusain::kill_test
