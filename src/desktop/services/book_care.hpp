#pragma once
#include "desktop/services/session.hpp"

#include <QThreadPool>
#include <QTimer>

namespace fusain::desktop {

/// Looks after the lab book while the window works: verifies it in the background, keeps its copies up to date,
/// and notices when its file is taken away. Nothing of it stops the window.
class BookCare : public QObject {
    Q_OBJECT
public:
    explicit BookCare(Session& session);
    ~BookCare() override;
    /// Verifies now and copies now, then copies every hour and after each signature.
    void begin();
    /// Verifies what was written since the last verification; all of the book once a week.
    void verify();
    /// Verifies all of the book, as work that can be cancelled.
    void verifyAll();
    void copy();
    /// What the last verification found; nothing before the first has ended.
    [[nodiscard]] const std::optional<store::Verification>& verification() const { return verification_; }
    /// Waits for what is under way.
    void finish();

Q_SIGNALS:
    void verified();
    /// Ended before all was looked at; nothing that was looked at was damaged.
    void verificationCancelled();
    /// A copy was made, or could not be.
    void copied(const QString& path);
    void copyFailed(const fusain::Problem& problem);
    /// The file of the book was removed, replaced or lost, or somebody else writes to it: nothing is accepted.
    void displaced(const fusain::Problem& problem);
    /// The server of the book is reached again.
    void back();

private:
    void take(const store::Verification& found);
    [[nodiscard]] QStringList copyFolders() const;
    void verifyAfter(const std::optional<store::Verified>& earlier);
    void lookAtTheFile();
    void copyInto(const QString& folder);

    Session& session_;
    QString path_;
    QThreadPool pool_;
    QTimer hourly_, looking_;
    std::optional<store::Verification> verification_;
    bool displaced_ = false;
};

/// What a verification found, for people: that all is sound, or since when it is not, what, and what to do.
[[nodiscard]] QString verificationWords(const store::Verification& verification);

} // namespace fusain::desktop
