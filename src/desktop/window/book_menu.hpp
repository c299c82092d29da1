#pragma once
#include "desktop/services/recent_books.hpp"
#include "desktop/services/session.hpp"

#include <QMenu>

namespace fusain::desktop {

/// Everything about lab books that leads out of this window: open, new, recent, restored, the practice room.
/// Each book has a window and a program of its own, so that one never waits for another.
class BookMenu : public QMenu {
    Q_OBJECT
public:
    BookMenu(Session& session, RecentBooks recent, QWidget* window);
    /// Starts the program with these arguments; for tests another one. @return whether it could be started
    using Starter = std::function<bool(const QStringList&)>;
    void setStarter(Starter starter) { start_ = std::move(starter); }

    void openBook();
    void newBook();
    /// Checks a copy, makes a new lab book of it and opens that.
    void openOnServer();
    void restoreBook();
    /// Opens the book in a window of its own, after asking whether this one stays.
    void openPath(const QString& path);

Q_SIGNALS:
    /// This window is to be closed: another book takes its place.
    void replaced();

private:
    void fillRecent();
    void startWith(const QStringList& arguments);
    [[nodiscard]] QString folder() const;

    Session& session_;
    RecentBooks recentBooks_;
    QMenu* recent_;
    Starter start_;
};

} // namespace fusain::desktop
