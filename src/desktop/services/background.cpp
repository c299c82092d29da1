#include "desktop/services/background.hpp"

#include <QCoreApplication>
#include <QDeadlineTimer>
#include <QPointer>
#include <QTimer>

namespace fusain::desktop {
namespace {

constexpr std::chrono::milliseconds sliceTime{8}; // half of what passes between two pictures of a screen

} // namespace

Background::Background(QObject* parent) : QObject(parent) {
    pool_.setMaxThreadCount(1);
}

Background::~Background() {
    pool_.waitForDone();
}

void Background::finish() {
    while (!works_.empty()) {
        pool_.waitForDone();
        QCoreApplication::processEvents(); // what came back is taken
    }
}

std::optional<double> Background::share() const {
    return works_.empty() ? std::nullopt : works_.front().progress->share();
}

void Background::cancel() {
    if (!works_.empty())
        works_.front().progress->cancel();
}

void Background::run(const QString& name, std::function<Expected<void>(Progress&)> work, QObject* owner,
                     std::function<void(const Expected<void>&)> then) {
    const auto progress = begun(name);
    pool_.start([self = QPointer(this), owner = QPointer(owner), progress, work = std::move(work),
                 then = std::move(then)] {
        const Expected<void> outcome = work(*progress);
        QMetaObject::invokeMethod(QCoreApplication::instance(), [self, owner, outcome, then, progress] {
            if (!self)
                return;
            self->ended(progress);
            if (owner)
                then(outcome);
        });
    });
}

struct Background::Slices {
    std::size_t next, all;
    std::function<Expected<void>(std::size_t)> piece;
    QPointer<QObject> owner;
    std::function<void(const Expected<void>&)> then;
    std::shared_ptr<Progress> progress;
};

void Background::runInSlices(const QString& name, std::size_t pieces,
                             std::function<Expected<void>(std::size_t)> piece, QObject* owner,
                             std::function<void(const Expected<void>&)> then) {
    const auto slices =
        std::make_shared<Slices>(0, pieces, std::move(piece), owner, std::move(then), begun(name));
    QTimer::singleShot(0, this, [this, slices] { slice(slices); });
}

void Background::slice(const std::shared_ptr<Slices>& slices) {
    Expected<void> outcome;
    for (QDeadlineTimer time(sliceTime); outcome && slices->next < slices->all && !time.hasExpired();) {
        if (!slices->owner || slices->progress->cancelled())
            outcome = failure({FUSAIN_TEXT("Cancelled."), {}});
        else
            outcome = slices->piece(slices->next++);
        slices->progress->reached(slices->next, slices->all);
    }
    if (outcome && slices->next < slices->all) {
        QTimer::singleShot(0, this, [this, slices] { slice(slices); });
        return;
    }
    ended(slices->progress);
    if (slices->owner)
        slices->then(outcome);
}

std::shared_ptr<Progress> Background::begun(const QString& name) {
    auto progress = std::make_shared<Progress>();
    works_.push_back({name, progress});
    Q_EMIT changed();
    return progress;
}

void Background::ended(const std::shared_ptr<Progress>& progress) {
    std::erase_if(works_, [&](const Work& work) { return work.progress == progress; });
    Q_EMIT changed();
}

} // namespace fusain::desktop

#include "moc_background.cpp"
