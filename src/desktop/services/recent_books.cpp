#include "desktop/services/recent_books.hpp"

#include "desktop/services/own_settings.hpp"

#include <QSettings>

namespace fusain::desktop {
namespace {

constexpr qsizetype most = 8;
const QString key = QStringLiteral("recent-lab-books");

} // namespace

RecentBooks::RecentBooks(QString file) : file_(!file.isEmpty() ? std::move(file) : OwnSettings::ofAccount()) {}

QStringList RecentBooks::paths() const {
    return QSettings(file_, QSettings::IniFormat).value(key).toStringList();
}

void RecentBooks::opened(const QString& path) {
    QStringList all = paths();
    all.removeAll(path);
    all.prepend(path);
    keep(all.first(std::min(all.size(), most)));
}

void RecentBooks::forget(const QString& path) {
    QStringList all = paths();
    all.removeAll(path);
    keep(all);
}

void RecentBooks::keep(const QStringList& paths) {
    QSettings(file_, QSettings::IniFormat).setValue(key, paths);
}

} // namespace fusain::desktop
