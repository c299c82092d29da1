#pragma once
#include "desktop/services/session.hpp"

#include <QTimer>
#include <map>

namespace fusain::desktop {

/// What a result of a team morning comes to, before it is signed.
struct TeamResult {
    std::string testId;
    QString signal; ///< of the sweep, in words
    std::optional<double> fatPercent, halfInterval;
    QString change;     ///< of % fat or fat mass since the last test: its verdict
    QStringList toLook; ///< why somebody looks at this one before it is signed; empty when nothing is unusual
    QString sentence;   ///< what the client would be told, in the client's language; may be empty
    bool isSigned = false;
};

/// Results of a team morning, worked out one by one while the window is free, and remembered until the record
/// changes.
class TeamResults : public QObject {
    Q_OBJECT
public:
    explicit TeamResults(Session& session, QObject* parent = nullptr);
    /// From now on these tests are wanted.
    void want(std::vector<std::string> testIds);
    /// Null until it has been worked out.
    [[nodiscard]] const TeamResult* of(const std::string& testId) const;
    /// Works out what is still missing at once: for whoever signs.
    void finish();

Q_SIGNALS:
    void cameIn();

private:
    void next();
    [[nodiscard]] bool workOutOne();
    [[nodiscard]] std::optional<TeamResult> resultOf(const std::string& testId);

    struct Known {
        std::int64_t upTo = 0; ///< number of the last event of the test
        TeamResult result;
    };
    Session& session_;
    std::vector<std::string> wanted_;
    std::map<std::string, Known> known_;
    QTimer turn_;
};

} // namespace fusain::desktop
