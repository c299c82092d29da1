#include "desktop/services/background.hpp"

#include <QCoreApplication>
#include <QPointer>

namespace fusain::desktop {

Background::Background(QObject* parent) : QObject(parent) {
    pool_.setMaxThreadCount(1);
}

Background::~Background() {
    pool_.waitForDone();
}

void Background::finish() {
    pool_.waitForDone();
    QCoreApplication::processEvents(); // what came back is taken
}

void Background::run(const QString& name, std::function<Expected<void>()> work, QObject* owner,
                     std::function<void(const Expected<void>&)> then) {
    names_ << name;
    Q_EMIT changed();
    pool_.start(
        [self = QPointer(this), owner = QPointer(owner), work = std::move(work), then = std::move(then)] {
            const Expected<void> outcome = work();
            QMetaObject::invokeMethod(QCoreApplication::instance(), [self, owner, outcome, then] {
                if (!self)
                    return;
                self->names_.removeFirst();
                Q_EMIT self->changed();
                if (owner)
                    then(outcome);
            });
        });
}

} // namespace fusain::desktop

#include "moc_background.cpp"
