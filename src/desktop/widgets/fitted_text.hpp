#pragma once
#include <QLabel>

namespace fusain::desktop {

/// A text that is as large as its place allows, for somebody two metres away.
class FittedText : public QLabel {
    Q_OBJECT
public:
    /// @param most pixels of the letters; a text that does not fit becomes smaller  @param figures in the
    /// typeface of numbers
    FittedText(int most, bool figures);
    void say(const QString& text);
    [[nodiscard]] QSize minimumSizeHint() const override { return {}; }

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void fit();
    int most_;
    bool figures_;
    int pixels_ = 0;
};

} // namespace fusain::desktop
