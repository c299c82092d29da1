#pragma once
#include "core/base/problem.hpp"

#include <QObject>
#include <QString>
#include <QThreadPool>
#include <functional>

namespace fusain::desktop {

/// Long work beside the window: one piece after the other on a thread of its own. The window says what is under
/// way and goes on; what the work found comes back to its thread.
class Background : public QObject {
    Q_OBJECT
public:
    explicit Background(QObject* parent = nullptr);
    ~Background() override;
    /// @param name what is done, for people: "Backing up"
    /// @param work touches nothing of the window: connections and copies of its own
    /// @param then on the window's thread; not called when `owner` is gone by then
    void run(const QString& name, std::function<Expected<void>()> work, QObject* owner,
             std::function<void(const Expected<void>&)> then);
    /// What is under way; empty when nothing is.
    [[nodiscard]] QString underWay() const { return names_.isEmpty() ? QString() : names_.front(); }
    /// Waits for all of it.
    void finish();

Q_SIGNALS:
    void changed();

private:
    QThreadPool pool_;
    QStringList names_;
};

} // namespace fusain::desktop
