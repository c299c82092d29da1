// The program is killed inside an act on the lab book: the book is as before or as after, and so is every copy.
#include "procedure/all/procedure.hpp"
#include "record/all/record.hpp"
#include "record/base/json.hpp"
#include "store/transfer/client_transfer.hpp"
#include "support/hydrostatic_run.hpp"

#include <QDir>
#include <QFile>
#include <QTemporaryDir>
#include <chrono>
#include <random>
#include <sys/wait.h>
#include <thread>
#include <unistd.h>

namespace fusain::store::killed_acts_test {
namespace {

using namespace fusain::testing;
using std::chrono::microseconds;

/// More are made by hand: FUSAIN_KILLS=170 makes a thousand of all six.
int often(int usually) {
    const int asked = qEnvironmentVariableIntValue("FUSAIN_KILLS");
    return asked > 0 ? asked : usually;
}

/// Rows of every table and events, counted: an act leaves all of them or none.
struct Counted {
    std::int64_t events = 0;
    std::size_t clients = 0, tests = 0, results = 0, imports = 0;
    friend bool operator==(const Counted&, const Counted&) = default;
    friend std::ostream& operator<<(std::ostream& out, const Counted& counted) {
        return out << counted.events << " events, " << counted.clients << " clients, " << counted.tests
                   << " tests, " << counted.results << " results, " << counted.imports << " imports";
    }
};

Counted countedIn(LabBook& book) {
    Counted counted{book.eventCount(), 0, 0, 0, imports(book).size()};
    for (const Client& client : book.clients()) {
        ++counted.clients;
        for (const AnyTest& test : book.testsOf(client.id)) {
            ++counted.tests;
            counted.results += book.resultsOf(common(test).id).size();
        }
    }
    return counted;
}

class KilledActs : public ::testing::Test {
protected:
    using Act = std::function<bool()>;

    QString file(const char* name) const { return folder.filePath(QLatin1String(name)); }
    /// A book of schema 5 with tests by every method, as it was then.
    void putOldBook(const QString& path) const {
        for (const QString& left : QDir(folder.path()).entryList({QStringLiteral("lab.*")}, QDir::Files))
            QFile::remove(folder.filePath(left));
        ASSERT_TRUE(
            QFile::copy(QStringLiteral(FUSAIN_SOURCE_DIR "/tests/data/schema-5/lab-book-5.fusain"), path));
        QFile(path).setPermissions(QFile::ReadOwner | QFile::WriteOwner);
    }
    std::unique_ptr<LabBook> open(const QString& path) {
        auto book = LabBook::open(path, clock);
        EXPECT_TRUE(book) << book.error().english();
        return book ? std::move(*book) : nullptr;
    }
    /// The book as it is, which must be sound.
    Counted sound(const QString& path) {
        const auto book = open(path);
        if (!book)
            return {};
        const auto verified = book->verify();
        EXPECT_TRUE(verified.sound()) << verified.faults.front().what.english();
        return countedIn(*book);
    }
    /// Does the act in a process of its own, which is killed after a while. @return whether it had ended before
    static bool killed(const Act& act, microseconds after) {
        std::array<int, 2> ready{};
        EXPECT_EQ(::pipe(ready.data()), 0);
        const pid_t child = ::fork();
        if (child == 0) {
            [[maybe_unused]] const auto said = ::write(ready[1], "r", 1);
            ::_exit(act() ? 0 : 1);
        }
        char byte = 0;
        EXPECT_EQ(::read(ready[0], &byte, 1), 1);
        std::this_thread::sleep_for(after);
        ::kill(child, SIGKILL);
        int state = 0;
        ::waitpid(child, &state, 0);
        ::close(ready[0]);
        ::close(ready[1]);
        if (WIFEXITED(state)) {
            EXPECT_EQ(WEXITSTATUS(state), 0) << "the act was refused";
        }
        return WIFEXITED(state);
    }
    /// How long the act takes when nobody kills it.
    static microseconds lasts(const Act& act) {
        const auto begun = std::chrono::steady_clock::now();
        const pid_t child = ::fork();
        if (child == 0)
            ::_exit(act() ? 0 : 1);
        int state = 0;
        ::waitpid(child, &state, 0);
        EXPECT_EQ(WEXITSTATUS(state), 0);
        return std::chrono::duration_cast<microseconds>(std::chrono::steady_clock::now() - begun);
    }
    /// Kills the act at many moments of its way. @param before makes things as they are before it
    /// @param look at what is left
    void killMany(const Act& before, const Act& act, const std::function<void()>& look) {
        ASSERT_TRUE(before());
        const auto whole = lasts(act);
        look();
        int cut = 0;
        constexpr int most = 200; // a machine that was busy while it was measured cuts none of the first ones
        for (int i = 0; (i < often(8) || (cut == 0 && i < most)) && !HasFailure(); ++i) {
            ASSERT_TRUE(before());
            const microseconds moment(std::uniform_int_distribution<std::int64_t>(0, whole.count())(random));
            cut += !killed(act, moment);
            look();
        }
        EXPECT_GT(cut, 0) << "no act was cut in " << whole.count() << " µs";
    }

    QTemporaryDir folder;
    Clock clock = [] { return *instantFromIso("2026-03-13T08:00:00.000Z"); };
    std::mt19937 random{15};
};

TEST_F(KilledActs, BringingAnOldBookForward) {
    putOldBook(file("lab.fusain"));
    const Counted forward = sound(file("lab.fusain"));
    ASSERT_GT(forward.tests, 10u);
    killMany(
        [&] {
            putOldBook(file("lab.fusain"));
            return true;
        },
        [&] { return LabBook::open(file("lab.fusain"), clock).has_value(); },
        [&] { EXPECT_EQ(sound(file("lab.fusain")), forward); });
}

TEST_F(KilledActs, ACopyReplacesAnOlderOne) {
    const QString path = file("lab.fusain"), copy = file("copy.fusain");
    putOldBook(path);
    const Counted older = sound(path);
    ASSERT_TRUE(open(path)->backUp(copy));
    ASSERT_TRUE(open(path)->setSetting("units", "us", "bram"));
    const Counted newer = sound(path);
    ASSERT_TRUE(QFile::copy(copy, file("kept.fusain")));
    killMany(
        [&] {
            QFile::remove(copy);
            return QFile::copy(file("kept.fusain"), copy);
        },
        [&] {
            const auto book = LabBook::open(path, clock);
            return book && (*book)->backUp(copy);
        },
        [&] {
            const auto left = LabBook::openForReading(copy); // there is no moment without a copy
            ASSERT_TRUE(left) << left.error().english();
            EXPECT_TRUE((*left)->verify().sound());
            const Counted counted = countedIn(**left);
            EXPECT_TRUE(counted == older || counted == newer) << counted;
            EXPECT_EQ(sound(path), newer);
        });
}

TEST_F(KilledActs, ARestoredBookIsWholeOrNotThere) {
    const QString copy = file("copy.fusain"), restored = file("restored.fusain");
    putOldBook(copy);
    const Counted whole = sound(copy);
    killMany(
        [&] {
            QFile::remove(restored);
            return true;
        },
        [&] { return LabBook::restore(copy, restored).has_value(); },
        [&] {
            if (QFile::exists(restored)) {
                EXPECT_EQ(sound(restored), whole);
            }
        });
}

TEST_F(KilledActs, ANewBookIsWholeOrNotThere) {
    const QString made = file("made.fusain");
    killMany(
        [&] {
            QFile::remove(made);
            return true;
        },
        [&] { return LabBook::create(made, clock).has_value(); },
        [&] {
            if (QFile::exists(made)) {
                EXPECT_EQ(sound(made), Counted{});
            }
        });
}

class KilledImports : public KilledActs {
protected:
    KilledImports() {
        putOldBook(file("lab.fusain"));
        auto from = open(file("lab.fusain"));
        record = *takeOut(*from, from->clients().front().id);
        from.reset();
        EXPECT_TRUE(LabBook::create(empty, clock));
        EXPECT_TRUE(LabBook::create(full, clock));
        EXPECT_TRUE(putIn(*open(full), record, {"oriel", clock(), "a.json", "00"}));
        before = sound(empty);
        after = sound(full);
    }
    // The books are closed: their files are all there is.
    bool begin(const QString& from) {
        for (const QString& left : QDir(folder.path()).entryList({QStringLiteral("at-work.*")}, QDir::Files))
            QFile::remove(folder.filePath(left));
        return QFile::copy(from, path);
    }
    const QString path = file("at-work.fusain"), empty = file("empty.fusain"), full = file("full.fusain");
    ClientRecord record{};
    Counted before, after;
};

TEST_F(KilledImports, AClientsRecordIsInOrNot) {
    killMany([&] { return begin(empty); },
             [&] {
                 const auto book = LabBook::open(path, clock);
                 return book && putIn(**book, record, {"oriel", clock(), "a.json", "00"});
             },
             [&] {
                 const Counted left = sound(path);
                 EXPECT_TRUE(left == before || left == after) << left;
             });
}

TEST_F(KilledImports, AnImportIsTakenBackOrNot) {
    Counted back = before;
    back.events = after.events + 1;
    back.imports = 1;
    killMany([&] { return begin(full); },
             [&] {
                 const auto book = LabBook::open(path, clock);
                 return book && takeBack(**book, imports(**book).front(), "oriel", clock());
             },
             [&] {
                 const Counted left = sound(path);
                 EXPECT_TRUE(left == after || left == back) << left;
             });
}

} // namespace
} // namespace fusain::store::killed_acts_test
