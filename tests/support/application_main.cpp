#include "report/base/language.hpp"
#include "support/watched_application.hpp"

#include <gtest/gtest.h>
#include <map>
#include <string>

namespace {

using fusain::testing::WatchedApplication;

// Three pictures of a screen, on a machine that does the fixed work below in its usual time. A shared machine
// may be taken away for the length of one act, which no measure beside it sees: one slow act alone is a fault
// only when it is far beyond.
constexpr double mostMilliseconds = 50.0, mostOfOneAlone = 250.0, usualFixedWork = 6.0;

/// How many times slower than usual this machine computes just now, at least 1: the slowest of three goes.
double slowness() {
    double slowest = usualFixedWork;
    for (int go = 0; go < 3; ++go) {
        const double began = WatchedApplication::computed();
        std::map<std::string, std::size_t> words;
        for (std::size_t i = 0; i < 20000; ++i)
            words["word " + std::to_string((i * 7919) % 20011)] = i;
        slowest = std::max(slowest, WatchedApplication::computed() - began);
    }
    return slowest / usualFixedWork;
}

/// No case may leave the window without an answer for longer.
class Watchdog : public ::testing::EmptyTestEventListener {
public:
    explicit Watchdog(WatchedApplication& application) : application_(application) {}
    void OnTestStart(const ::testing::TestInfo& /*test*/) override {
        (void)application_.takeLongest(), (void)application_.takeSlowActs();
    }
    void OnTestEnd(const ::testing::TestInfo& /*test*/) override {
        const auto [milliseconds, act] = application_.takeLongest();
        if (qEnvironmentVariableIsSet("FUSAIN_WATCH"))
            std::cout << "[ watchdog ] " << milliseconds << " ms: " << act.toStdString() << '\n';
        const int slow = application_.takeSlowActs();
        if (milliseconds > mostMilliseconds * sanitizers &&
            (slow > 1 || milliseconds > mostOfOneAlone * sanitizers))
            ADD_FAILURE() << "The window was busy for " << milliseconds
                          << " ms with one act: " << act.toStdString();
    }

private:
#ifdef __SANITIZE_ADDRESS__
    static constexpr double sanitizers = 10.0; // times as slow
#else
    static constexpr double sanitizers = 1.0;
#endif
    WatchedApplication& application_;
};

} // namespace

int main(int argc, char** argv) {
    qputenv("QT_QPA_PLATFORM", "offscreen");
    WatchedApplication application(argc, argv);
    application.measureSlowness(mostMilliseconds, slowness);
    QApplication::setStyle(QStringLiteral("Fusion"));
    fusain::report::setLanguageFolder(QStringLiteral(FUSAIN_BUILD_DIR "/share/fusain/data/page-languages"));
    fusain::report::setWindowLanguage(QStringLiteral("en"));
    ::testing::InitGoogleTest(&argc, argv);
    ::testing::UnitTest::GetInstance()->listeners().Append(new Watchdog(application));
    return RUN_ALL_TESTS();
}
