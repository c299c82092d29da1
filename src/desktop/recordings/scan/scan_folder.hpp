#pragma once
// First: the meta-object compiler does not read <compare> when nothing of the library came before it.
#include <QObject>

#include "record/scan/file.hpp"

#include <QFileSystemWatcher>
#include <map>
#include <memory>
#include <vector>

namespace fusain::desktop {

/// A file in the folder that the densitometer writes into.
struct FoundScan {
    QString name;            ///< without the folder
    Expected<ScanFile> file; ///< or why it is no scan
};

/// The folder that the densitometer writes into. It is read on another thread, so that a slow share or a
/// strange file stops no window; what was read once is read again only when it changes. Nothing is moved or
/// deleted.
class ScanFolder : public QObject {
    Q_OBJECT
public:
    explicit ScanFolder(QObject* parent = nullptr);
    /// Reads the folder now and whenever it changes. @param folder empty: none
    void watch(const QString& folder);
    /// As they were read last: the newest scan first, then what cannot be read.
    [[nodiscard]] const std::vector<FoundScan>& scans() const { return scans_; }

Q_SIGNALS:
    void read();

private:
    struct Known;
    void look();

    QString folder_;
    QFileSystemWatcher watcher_;
    std::vector<FoundScan> scans_;
    std::shared_ptr<Known> known_; ///< shared with the reading, which may outlive this
    int looks_ = 0;
};

} // namespace fusain::desktop
