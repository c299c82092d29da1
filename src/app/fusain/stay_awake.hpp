#pragma once
#include <QObject>
#include <optional>

namespace fusain {

namespace desktop {
class Session;
}

/// Holds off the screen's blanking and the computer's sleep while a test is open, by asking the desktop. Where
/// there is no desktop to ask, nothing happens.
class StayAwake : public QObject {
    Q_OBJECT
public:
    explicit StayAwake(desktop::Session& session, QObject* parent = nullptr);
    ~StayAwake() override;

private:
    void follow();
    void release();

    desktop::Session& session_;
    std::optional<quint32> cookie_;
    bool asked_ = false;
};

} // namespace fusain
