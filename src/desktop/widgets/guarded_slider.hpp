#pragma once
#include <QSlider>
#include <QString>
#include <functional>
#include <vector>

namespace fusain::desktop {

/// A slider on which the stretches that must not be chosen are hatched and say why. The handle may be moved
/// there: what the choice would mean is then shown, and not offered.
class GuardedSlider : public QSlider {
    Q_OBJECT
public:
    struct Stretch {
        int from = 0, to = 0; ///< values, both included
        QString why;
    };
    GuardedSlider(int least, int most, int step, int value, const QString& accessibleName);
    void setForbidden(std::vector<Stretch> stretches);
    /// Why the stretch is hatched that lies next to a value; empty without one.
    [[nodiscard]] QString reasonNear(int value) const;
    [[nodiscard]] const std::vector<Stretch>& forbidden() const { return stretches_; }

protected:
    bool event(QEvent* event) override;
    void paintEvent(QPaintEvent* event) override;

private:
    [[nodiscard]] int placeOf(int value) const;
    std::vector<Stretch> stretches_;
};

/// Neighbouring values with one reason, put together.
/// @param reasonAt empty where the value may be chosen
[[nodiscard]] std::vector<GuardedSlider::Stretch> stretchesOf(int least, int most, int step,
                                                              const std::function<QString(int)>& reasonAt);

} // namespace fusain::desktop
