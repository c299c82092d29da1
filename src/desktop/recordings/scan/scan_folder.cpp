#include "desktop/recordings/scan/scan_folder.hpp"

#include "record/base/json.hpp"

#include <QDir>
#include <QFile>
#include <algorithm>

namespace fusain::desktop {
namespace {

Expected<ScanFile> readScan(const QString& path, const std::string& name) {
    constexpr qint64 largest = 4 << 20;
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly) || file.size() > largest)
        return failure({FUSAIN_TEXT("The file cannot be read, or is too large for a scan."), {}}, name);
    const auto json = parseJson(file.readAll().toStdString(), name);
    if (!json)
        return tl::unexpected(json.error());
    return scanFileFromJson(*json, name);
}

} // namespace

std::vector<FoundScan> readScanFolder(const QString& folder, int most) {
    std::vector<FoundScan> found;
    if (folder.isEmpty())
        return found;
    const QDir place(folder);
    const QStringList names = place.entryList({QStringLiteral("*.json")}, QDir::Files, QDir::Time);
    for (const QString& name : names.mid(0, most))
        found.push_back({name, readScan(place.filePath(name), name.toStdString())});
    std::ranges::stable_sort(found, [](const FoundScan& a, const FoundScan& b) {
        if (!a.file || !b.file)
            return a.file && !b.file;
        return a.file->scannedAt > b.file->scannedAt;
    });
    return found;
}

} // namespace fusain::desktop
