#pragma once
#include <QProcess>
#include <QString>
#include <gtest/gtest.h>
#include <unistd.h>

namespace fusain::testing {

/// A server of its own, that may be killed.
class OwnServer {
public:
    explicit OwnServer(QString folder = usualFolder()) : folder_(std::move(folder)) {
        EXPECT_TRUE(ask("start"));
    }
    ~OwnServer() { EXPECT_TRUE(ask("stop")); }
    OwnServer(const OwnServer&) = delete;
    OwnServer& operator=(const OwnServer&) = delete;
    [[nodiscard]] bool ask(const char* what) const {
        return QProcess::execute(QStringLiteral(FUSAIN_SOURCE_DIR "/scripts/server"),
                                 {QLatin1String(what), folder_}) == 0;
    }
    [[nodiscard]] QString address() const {
        return QStringLiteral("postgresql:///postgres?host=%1&user=lab").arg(folder_);
    }

private:
    static QString usualFolder() {
        return QString::fromLocal8Bit(FUSAIN_TEST_SERVER) + QStringLiteral("-own-%1").arg(::getpid());
    }
    QString folder_;
};

} // namespace fusain::testing
