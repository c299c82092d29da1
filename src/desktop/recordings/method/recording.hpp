#pragma once
#include "link/connection/instrument_hub.hpp"
#include "record/method/attribution.hpp"

#include <QObject>

namespace fusain::desktop {

/// For which test a recording is made.
struct RecordedFor {
    std::string test = {};                        ///< id; empty for a check of an instrument itself
    std::function<std::int64_t()> lastEvent = {}; ///< sequence of the test's last event
};

/// Takes the signal of one instrument for one test, whatever is on the screen: it knows no widget, and goes
/// when the test is closed. Only one recording at a time takes from an instrument.
class Recording : public QObject {
    Q_OBJECT
public:
    /// @param role of the instrument
    Recording(link::InstrumentHub& hub, QString role, RecordedFor whose, QObject* parent);
    ~Recording() override;

    [[nodiscard]] bool linked() const { return hub_.isLive(role_); }
    [[nodiscard]] bool recording() const { return recording_; }
    /// How many lines the link has lost since the recording began.
    [[nodiscard]] unsigned missingLines() const { return missingLines_; }
    /// Whose the signal is, how it came, and after which event it began: what was set up later is not what it
    /// was taken under.
    [[nodiscard]] Attribution from() const;

Q_SIGNALS:
    /// More has come, or the recording has begun, ended or been thrown away.
    void advanced();
    void finished();

protected:
    virtual void take(const link::Frame& frame) = 0;
    /// Begins to take frames and tells the instrument. @return a Problem when another test records from it
    [[nodiscard]] Expected<void> begin(const QString& cue);
    /// Takes a signal from a file instead.
    void beginFromFile(std::string name);
    void end();
    void send(const QString& cue) { hub_.send(role_, cue); }

private:
    void count(const link::Frame& frame);
    void remember();

    link::InstrumentHub& hub_;
    QString role_;
    RecordedFor whose_;
    std::string file_;
    std::optional<std::int64_t> afterEvent_;
    bool recording_ = false;
    std::optional<unsigned long> last_;
    unsigned missingLines_ = 0;
};

/// The recordings of one open test: each is made when it is first asked for.
class Recordings : public QObject {
    Q_OBJECT
public:
    Recordings(link::InstrumentHub& hub, RecordedFor whose, QObject* parent)
        : QObject(parent), hub_(hub), whose_(std::move(whose)) {}
    template <std::derived_from<Recording> Kind>
    [[nodiscard]] Kind& of() {
        if (Kind* made = findChild<Kind*>(QString(), Qt::FindDirectChildrenOnly))
            return *made;
        auto* made = new Kind(hub_, whose_, this);
        connect(made, &Recording::advanced, this, &Recordings::advanced);
        connect(made, &Recording::finished, this, &Recordings::advanced);
        return *made;
    }

Q_SIGNALS:
    void advanced();

private:
    link::InstrumentHub& hub_;
    RecordedFor whose_;
};

} // namespace fusain::desktop
