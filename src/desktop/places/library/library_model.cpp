#include "desktop/places/library/library_model.hpp"

#include <algorithm>

namespace fusain::desktop {
namespace {

// What an index carries: 0 for a heading, otherwise the heading's place from 1.
constexpr quintptr heading = 0;

bool hasWords(const LibraryEntry& entry, const QString& words) {
    return entry.title.contains(words, Qt::CaseInsensitive) || entry.id.contains(words, Qt::CaseInsensitive);
}

} // namespace

void LibraryModel::setGroups(std::vector<LibraryGroup> groups) {
    beginResetModel();
    groups_ = std::move(groups);
    endResetModel();
}

// Whoever reads on keeps their place.
void LibraryModel::markInForce(const std::set<std::string>& ids) {
    for (int i = 0; i < rowCount(); ++i) {
        for (LibraryEntry& entry : groups_[static_cast<std::size_t>(i)].entries)
            entry.inForce = ids.contains(entry.id.toStdString());
        const QModelIndex group = index(i, 0);
        Q_EMIT dataChanged(index(0, 0, group), index(rowCount(group) - 1, 0, group), {InForceRole});
    }
}

template <class Wanted>
QModelIndex LibraryModel::first(Wanted wanted) const {
    for (int i = 0; i < rowCount(); ++i) {
        const auto& entries = groups_[static_cast<std::size_t>(i)].entries;
        const auto found = std::ranges::find_if(entries, wanted);
        if (found != entries.end())
            return index(static_cast<int>(found - entries.begin()), 0, index(i, 0));
    }
    return {};
}

QModelIndex LibraryModel::find(const QString& id) const {
    return first([&](const LibraryEntry& entry) { return entry.id == id; });
}

QModelIndex LibraryModel::findWords(const QString& words) const {
    return first([&](const LibraryEntry& entry) { return hasWords(entry, words); });
}

QModelIndex LibraryModel::index(int row, int column, const QModelIndex& parent) const {
    if (!hasIndex(row, column, parent))
        return {};
    return createIndex(row, column, parent.isValid() ? static_cast<quintptr>(parent.row()) + 1 : heading);
}

QModelIndex LibraryModel::parent(const QModelIndex& index) const {
    if (!index.isValid() || index.internalId() == heading)
        return {};
    return createIndex(static_cast<int>(index.internalId()) - 1, 0, heading);
}

int LibraryModel::rowCount(const QModelIndex& parent) const {
    if (!parent.isValid())
        return static_cast<int>(groups_.size());
    return parent.internalId() == heading
               ? static_cast<int>(groups_[static_cast<std::size_t>(parent.row())].entries.size())
               : 0;
}

int LibraryModel::columnCount(const QModelIndex& /*parent*/) const {
    return 1;
}

const LibraryEntry* LibraryModel::entryAt(const QModelIndex& index) const {
    if (!index.isValid() || index.internalId() == heading)
        return nullptr;
    return &groups_[index.internalId() - 1].entries[static_cast<std::size_t>(index.row())];
}

QVariant LibraryModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid())
        return {};
    const LibraryEntry* entry = entryAt(index);
    if (!entry)
        return role == Qt::DisplayRole ? groups_[static_cast<std::size_t>(index.row())].title : QVariant();
    switch (role) {
    case Qt::DisplayRole:
        return entry->title;
    case Qt::ToolTipRole:
        return entry->title.toHtmlEscaped();
    case Qt::AccessibleDescriptionRole:
        return entry->inForce ? entry->id + QStringLiteral(", ") + tr("in force") : entry->id;
    case KindRole:
        return static_cast<int>(entry->kind);
    case IdRole:
        return entry->id;
    case MethodsRole:
        return entry->methods;
    case InForceRole:
        return entry->inForce;
    default:
        return {};
    }
}

LibraryFilter::LibraryFilter(QObject* parent) : QSortFilterProxyModel(parent) {
    setRecursiveFilteringEnabled(true);
}

void LibraryFilter::narrow(const QString& words, const QString& method, bool inForceOnly) {
    words_ = words;
    method_ = method;
    inForceOnly_ = inForceOnly;
    invalidateFilter();
}

// A heading by itself is never wanted; an entry that is for any method is listed with each.
bool LibraryFilter::filterAcceptsRow(int row, const QModelIndex& parent) const {
    if (!parent.isValid())
        return false;
    const QModelIndex entry = sourceModel()->index(row, 0, parent);
    const QStringList those = entry.data(LibraryModel::MethodsRole).toStringList();
    const bool equation = entry.data(LibraryModel::KindRole).toInt() == static_cast<int>(LibraryKind::Equation);
    const bool ofMethod = method_.isEmpty() || those.contains(method_) || (those.isEmpty() && !equation);
    const bool named = entry.data().toString().contains(words_, Qt::CaseInsensitive) ||
                       entry.data(LibraryModel::IdRole).toString().contains(words_, Qt::CaseInsensitive);
    return ofMethod && named && (!inForceOnly_ || entry.data(LibraryModel::InForceRole).toBool());
}

} // namespace fusain::desktop

#include "moc_library_model.cpp"
