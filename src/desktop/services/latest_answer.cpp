#include "desktop/services/latest_answer.hpp"

#include <QCoreApplication>
#include <QPointer>
#include <utility>

namespace fusain::desktop {

LatestAnswer::LatestAnswer(QObject* parent) : QObject(parent) {
    pool_.setMaxThreadCount(1);
}

LatestAnswer::~LatestAnswer() {
    pool_.waitForDone();
}

void LatestAnswer::ask(Work work) {
    if (working_)
        next_ = std::move(work);
    else
        begin(std::move(work));
}

void LatestAnswer::begin(Work work) {
    working_ = true;
    pool_.start([self = QPointer(this), work = std::move(work)] {
        auto answer = work();
        QMetaObject::invokeMethod(QCoreApplication::instance(), [self, answer = std::move(answer)] {
            if (!self)
                return;
            self->working_ = false;
            if (self->next_)
                self->begin(std::exchange(self->next_, {})); // what was worked out is already of yesterday
            else
                answer();
        });
    });
}

void LatestAnswer::finish() {
    while (working_) {
        pool_.waitForDone();
        QCoreApplication::sendPostedEvents(QCoreApplication::instance(), QEvent::MetaCall);
    }
}

} // namespace fusain::desktop
