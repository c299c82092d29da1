#pragma once
#include <QObject>
#include <QThreadPool>
#include <functional>

namespace fusain::desktop {

/// Works out answers beside the window. A question that comes while another is worked on waits, and one that
/// comes after it takes its place: only the last one matters.
class LatestAnswer : public QObject {
public:
    /// Touches nothing of the window. What it gives back is done on the window's thread.
    using Work = std::function<std::function<void()>()>;

    explicit LatestAnswer(QObject* parent);
    ~LatestAnswer() override;
    void ask(Work work);
    /// Waits until the last question is answered.
    void finish();

private:
    void begin(Work work);

    QThreadPool pool_;
    bool working_ = false;
    Work next_;
};

} // namespace fusain::desktop
