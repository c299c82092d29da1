#pragma once
#include "core/base/problem.hpp"
#include "core/base/progress.hpp"

#include <QObject>
#include <QString>
#include <QThreadPool>
#include <deque>
#include <functional>
#include <memory>

namespace fusain::desktop {

/// Long work beside the window: one piece after the other on a thread of its own. The window says what is under
/// way and goes on; what the work found comes back to its thread.
class Background : public QObject {
    Q_OBJECT
public:
    explicit Background(QObject* parent = nullptr);
    ~Background() override;
    /// @param name what is done, for people: "Backing up"
    /// @param work touches nothing of the window: connections and copies of its own; it tells how far it is and
    /// ends when it is cancelled
    /// @param then on the window's thread; not called when `owner` is gone by then
    void run(const QString& name, std::function<Expected<void>(Progress&)> work, QObject* owner,
             std::function<void(const Expected<void>&)> then);
    /// The same for work that needs the window's own book: piece after piece on the window's thread, in slices
    /// so short that nobody waits. @param piece number 0 to `pieces` − 1; the first Problem ends it
    void runInSlices(const QString& name, std::size_t pieces, std::function<Expected<void>(std::size_t)> piece,
                     QObject* owner, std::function<void(const Expected<void>&)> then);
    /// What is under way; empty when nothing is.
    [[nodiscard]] QString underWay() const { return works_.empty() ? QString() : works_.front().name; }
    /// How far it is, from 0 to 1; nothing while that is not known.
    [[nodiscard]] std::optional<double> share() const;
    /// Ends it before it is done, as soon as it asks.
    void cancel();
    /// Waits for all of it.
    void finish();

Q_SIGNALS:
    void changed();

private:
    struct Work {
        QString name;
        std::shared_ptr<Progress> progress;
    };
    struct Slices;
    std::shared_ptr<Progress> begun(const QString& name);
    void ended(const std::shared_ptr<Progress>& progress);
    void slice(const std::shared_ptr<Slices>& slices);
    QThreadPool pool_;
    std::deque<Work> works_;
};

} // namespace fusain::desktop
