#include "demo/kept_demo.hpp"

#include "store/transfer/data_files.hpp"

#include <QCoreApplication>
#include <QCryptographicHash>
#include <QDateTime>
#include <QDir>
#include <QDirIterator>
#include <QFile>

namespace fusain::demo {
namespace {

constexpr std::uint64_t seed = 20260312;

void add(QCryptographicHash& hash, const QFileInfo& file) {
    hash.addData(file.filePath().toUtf8());
    hash.addData(QByteArray::number(file.size()));
    hash.addData(QByteArray::number(file.lastModified().toMSecsSinceEpoch()));
}

// What the book is made from: the program and the files that it reads.
QString nameOfThisBuild() {
    QCryptographicHash hash(QCryptographicHash::Sha256);
    add(hash, QFileInfo(QCoreApplication::applicationFilePath()));
    QStringList files;
    for (QDirIterator data(store::dataFolder(), QDir::Files, QDirIterator::Subdirectories); data.hasNext();)
        files << data.next();
    files.sort();
    for (const QString& file : files)
        add(hash, QFileInfo(file));
    return QStringLiteral("demo-%1").arg(QString::fromLatin1(hash.result().toHex().first(16)));
}

std::optional<Instant> clockIn(const QString& path) {
    QFile file(path);
    return file.open(QIODevice::ReadOnly) ? instantFromIso(file.readAll().trimmed().toStdString())
                                          : std::nullopt;
}

// The clock is written last: where it is, the book is whole. Older builds' books go.
void keep(const QString& book, const QDir& cache, const QString& name, Instant clock) {
    if (!cache.mkpath(QStringLiteral(".")))
        return;
    for (const QString& old : cache.entryList({QStringLiteral("demo-*")}, QDir::Files))
        QFile::remove(cache.filePath(old));
    if (!QFile::copy(book, cache.filePath(name + QStringLiteral(".fusain"))))
        return;
    if (QFile file(cache.filePath(name + QStringLiteral(".clock"))); file.open(QIODevice::WriteOnly))
        file.write(QByteArray::fromStdString(isoText(clock)));
}

} // namespace

Expected<void> demoBookAt(const QString& path, const LabCatalogue& catalogue, const Clock& now, Instant& clock,
                          const QString& cache) {
    const QDir folder(cache);
    const QString name = nameOfThisBuild(), kept = folder.filePath(name + QStringLiteral(".fusain"));
    if (const auto begins = clockIn(folder.filePath(name + QStringLiteral(".clock")));
        begins && QFile::copy(kept, path)) {
        if (store::LabBook::open(path, now)) {
            clock = *begins;
            return {};
        }
        QFile::remove(path);
    }
    {
        auto book = store::LabBook::create(path, now);
        if (!book)
            return tl::unexpected(book.error());
        if (auto filled = fillDemoBook(**book, catalogue, clock, seed); !filled)
            return filled;
    }
    keep(path, folder, name, clock);
    return {};
}

} // namespace fusain::demo
