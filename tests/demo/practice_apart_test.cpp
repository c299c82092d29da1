// Practice and clients never share a lab book, whichever way somebody opens them.
#include "demo/demo_book.hpp"
#include "fusain/run.hpp"

#include <QApplication>
#include <QTemporaryDir>
#include <QTimer>
#include <gtest/gtest.h>

namespace fusain::practice_apart_test {
namespace {

class PracticeApart : public ::testing::Test {
protected:
    [[nodiscard]] QString path() const { return folder.filePath(QStringLiteral("book.fusain")); }
    // Runs the real program on the book; the window closes as soon as it stands.
    [[nodiscard]] int run(bool practice) const {
        RunOptions options;
        options.book = path();
        options.practice = practice;
        return runDesktop(options, [](desktop::Shell& shell, desktop::Session&) {
            QTimer::singleShot(0, &shell, [] { QApplication::exit(0); });
        });
    }
    void keepAClient() {
        auto book = store::LabBook::openOrCreate(path(), [] { return demo::demoNow(); });
        ASSERT_TRUE(book);
        ASSERT_TRUE((*book)->save(Client{"c",
                                         "C-1",
                                         "Ailsa Brandvold",
                                         *dateFromIso("1990-01-01"),
                                         Sex::Female,
                                         Metres(1.7),
                                         UnitSystem::Metric,
                                         {},
                                         false},
                                  "bram"));
    }
    [[nodiscard]] std::vector<Client> clients() const {
        auto book = store::LabBook::openForReading(path());
        return book ? (*book)->clients() : std::vector<Client>{};
    }

    QTemporaryDir folder;
};

TEST_F(PracticeApart, ABookWithClientsIsNotPractisedIn) {
    keepAClient();
    EXPECT_EQ(run(true), 2);
    EXPECT_EQ(clients().size(), 1u) << "nothing in it was changed";
    EXPECT_EQ(run(false), 0) << "and it opens as what it is";
}

TEST_F(PracticeApart, APracticeBookTakesNoClients) {
    EXPECT_EQ(run(true), 0) << "an empty book becomes one of practice";
    EXPECT_EQ(run(false), 2);
    EXPECT_EQ(run(true), 0) << "and stays one";
}

} // namespace
} // namespace fusain::practice_apart_test
