#pragma once
#include <QElapsedTimer>
#include <QObject>

namespace fusain::desktop {

/// Whoever types a word presses no button with it: for a moment after a letter or digit that no text field took,
/// Space does nothing. It watches the whole application.
class TypingPause : public QObject {
    Q_OBJECT
public:
    explicit TypingPause(QObject* parent);
    static constexpr qint64 milliseconds = 600;
    /// Whether Space does nothing now.
    [[nodiscard]] bool holds() const { return since_.isValid() && since_.elapsed() < milliseconds; }

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    QElapsedTimer since_;
};

} // namespace fusain::desktop
