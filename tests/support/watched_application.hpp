#pragma once
#include <QApplication>
#include <QEvent>
#include <QThread>
#include <algorithm>
#include <ctime>
#include <utility>

namespace fusain::testing {

/// Measures how long the window is busy with one act: a key, a click, a timer, the painting after it. The time
/// is what this thread computed, so that a machine with other work to do makes no difference; an act inside of
/// another, in a dialog, counts for itself.
class WatchedApplication : public QApplication {
public:
    using QApplication::QApplication;

    bool notify(QObject* receiver, QEvent* event) override {
        if (QThread::currentThread() != thread())
            return QApplication::notify(receiver, event);
        const bool act = !inside_ || event->spontaneous() || loopsHere() > inside_->loops;
        if (!act)
            return QApplication::notify(receiver, event);
        // The receiver may be gone afterwards.
        const QString what =
            QStringLiteral("%1 to %2 “%3”")
                .arg(event->type())
                .arg(QLatin1String(receiver->metaObject()->className()), receiver->objectName());
        Act mine{inside_, loopsHere(), 0.0};
        inside_ = &mine;
        const double began = computed();
        const bool done = QApplication::notify(receiver, event);
        const double took = computed() - began;
        inside_ = mine.outer;
        if (inside_)
            inside_->inner += took;
        keep(took - mine.inner, what);
        return done;
    }
    /// From now on what took longer than `worthAsking` is divided by how many times slower than usual the
    /// machine computes just then: on a shared one that changes from second to second.
    void measureSlowness(double worthAsking, double (*slowness)()) {
        worthAsking_ = worthAsking;
        slowness_ = slowness;
    }
    /// Milliseconds of the longest act since the last call, and what it was.
    std::pair<double, QString> takeLongest() {
        return {std::exchange(longest_, 0.0), std::exchange(slowest_, QString())};
    }
    /// How many acts took longer than what is worth asking since the last call, on a machine of the usual
    /// speed.
    int takeSlowActs() { return std::exchange(slowActs_, 0); }
    /// The one that runs. @pre it is of this kind
    static WatchedApplication& instance() { return *static_cast<WatchedApplication*>(qApp); }
    /// Milliseconds that this thread has computed.
    static double computed() {
        std::timespec time{};
        clock_gettime(CLOCK_THREAD_CPUTIME_ID, &time);
        return static_cast<double>(time.tv_sec) * 1000.0 + static_cast<double>(time.tv_nsec) / 1e6;
    }

private:
    struct Act {
        Act* outer;
        int loops;
        double inner; // milliseconds that belong to acts inside of this one
    };
    void keep(double took, const QString& what) {
        if (took <= longest_ && took <= worthAsking_)
            return;
        if (slowness_ && took > worthAsking_) {
            const double began = computed();
            took /= slowness_();
            if (inside_)
                inside_->inner += computed() - began; // the outer act did not ask for it
        }
        slowActs_ += slowness_ && took > worthAsking_;
        if (took > longest_) {
            longest_ = took;
            slowest_ = what;
        }
    }
    static int loopsHere() { return QThread::currentThread()->loopLevel(); }

    Act* inside_ = nullptr;
    double longest_ = 0.0;
    int slowActs_ = 0;
    double worthAsking_ = 0.0;
    double (*slowness_)() = nullptr;
    QString slowest_;
};

} // namespace fusain::testing
