#include "desktop/recordings/scan/scan_folder.hpp"

#include "record/base/json.hpp"

#include <QCoreApplication>
#include <QDateTime>
#include <QDir>
#include <QFile>
#include <QMutex>
#include <QPointer>
#include <QThreadPool>
#include <algorithm>

namespace fusain::desktop {
namespace {

constexpr int most = 200;           // files, the newest by their time in the folder
constexpr qint64 largest = 4 << 20; // bytes

Expected<ScanFile> readScan(const QString& path, const std::string& name) {
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly) || file.size() > largest)
        return failure({FUSAIN_TEXT("The file cannot be read, or is too large for a scan."), {}}, name);
    const auto json = parseJson(file.read(largest).toStdString(), name);
    if (!json)
        return tl::unexpected(json.error());
    return scanFileFromJson(*json, name);
}

} // namespace

/// What each file held when it was read, by its path, time and size.
struct ScanFolder::Known {
    QMutex reading; ///< one reading at a time
    struct Read {
        QDateTime changed;
        qint64 size = 0;
        Expected<ScanFile> file;
    };
    std::map<QString, Read> files;

    // Ordinary files only: a link, a pipe or a device may never end.
    std::vector<FoundScan> look(const QString& folder) {
        const QMutexLocker locked(&reading);
        std::vector<FoundScan> found;
        const QFileInfoList list =
            QDir(folder).entryInfoList({QStringLiteral("*.json")}, QDir::Files | QDir::NoSymLinks, QDir::Time);
        for (const QFileInfo& each : list.mid(0, most)) {
            const auto known = files.find(each.filePath());
            if (known == files.end() || known->second.changed != each.lastModified() ||
                known->second.size != each.size())
                files.insert_or_assign(each.filePath(),
                                       Read{each.lastModified(), each.size(),
                                            readScan(each.filePath(), each.fileName().toStdString())});
            found.push_back({each.fileName(), files.at(each.filePath()).file});
        }
        std::ranges::stable_sort(found, [](const FoundScan& a, const FoundScan& b) {
            if (!a.file || !b.file)
                return a.file && !b.file;
            return a.file->scannedAt > b.file->scannedAt;
        });
        return found;
    }
};

ScanFolder::ScanFolder(QObject* parent) : QObject(parent), known_(std::make_shared<Known>()) {
    connect(&watcher_, &QFileSystemWatcher::directoryChanged, this, &ScanFolder::look);
}

void ScanFolder::watch(const QString& folder) {
    if (folder != folder_ || (!folder.isEmpty() && watcher_.directories().isEmpty())) {
        folder_ = folder;
        scans_.clear();
        if (!watcher_.directories().isEmpty())
            watcher_.removePaths(watcher_.directories());
        if (!folder.isEmpty())
            watcher_.addPath(folder);
    }
    look();
}

void ScanFolder::look() {
    if (folder_.isEmpty())
        return;
    const int number = ++looks_;
    QThreadPool::globalInstance()->start([self = QPointer(this), known = known_, folder = folder_, number] {
        auto found = std::make_shared<std::vector<FoundScan>>(known->look(folder));
        QMetaObject::invokeMethod(QCoreApplication::instance(), [self, found, number] {
            if (!self || number != self->looks_)
                return; // gone, or a later look is under way
            self->scans_ = std::move(*found);
            Q_EMIT self->read();
        });
    });
}

} // namespace fusain::desktop

#include "moc_scan_folder.cpp"
