#pragma once
#include <QString>
#include <QStringList>

namespace fusain::desktop {

/// The lab books that this account opened on this computer, the latest first.
class RecentBooks {
public:
    /// @param file where they are kept; empty: among the account's own settings
    explicit RecentBooks(QString file = {});
    /// Paths, also of books whose disk is not connected at the moment.
    [[nodiscard]] QStringList paths() const;
    void opened(const QString& path);
    void forget(const QString& path);

private:
    void keep(const QStringList& paths);
    QString file_;
};

} // namespace fusain::desktop
