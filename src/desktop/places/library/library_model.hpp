#pragma once
#include <QAbstractItemModel>
#include <QSortFilterProxyModel>
#include <QStringList>
#include <set>
#include <string>
#include <vector>

namespace fusain::desktop {

enum class LibraryKind { Equation = 1, Reference, Protocol, Policy, Term, Truth };

/// One thing of the Library, as its list shows it.
struct LibraryEntry {
    LibraryKind kind;
    QString title;
    QString id;
    QStringList methods; ///< that it is for; empty for any
    bool inForce = false;
};

/// Entries of one kind under their heading.
struct LibraryGroup {
    QString title;
    std::vector<LibraryEntry> entries;
};

/// The Library as a tree of two levels: headings, and entries under them.
class LibraryModel : public QAbstractItemModel {
    Q_OBJECT
public:
    enum Roles { KindRole = Qt::UserRole, IdRole, MethodsRole, InForceRole };
    using QAbstractItemModel::QAbstractItemModel;
    void setGroups(std::vector<LibraryGroup> groups);
    /// Marks the entries with these ids, and no others.
    void markInForce(const std::set<std::string>& ids);
    /// Where the entry with this id stands; not valid when there is none.
    [[nodiscard]] QModelIndex find(const QString& id) const;
    /// The first entry with these words in its title or id, in any case of letters.
    [[nodiscard]] QModelIndex findWords(const QString& words) const;

    [[nodiscard]] QModelIndex index(int row, int column, const QModelIndex& parent = {}) const override;
    [[nodiscard]] QModelIndex parent(const QModelIndex& index) const override;
    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;

private:
    [[nodiscard]] const LibraryEntry* entryAt(const QModelIndex& index) const;
    template <class Wanted>
    [[nodiscard]] QModelIndex first(Wanted wanted) const;

    std::vector<LibraryGroup> groups_;
};

/// Narrows the Library: a heading stays as long as one of its entries does.
class LibraryFilter : public QSortFilterProxyModel {
    Q_OBJECT
public:
    explicit LibraryFilter(QObject* parent = nullptr);
    /// @param words that a title or id must contain; empty for all
    /// @param method whose entries stay, with those of any method; empty for all
    void narrow(const QString& words, const QString& method, bool inForceOnly);

protected:
    [[nodiscard]] bool filterAcceptsRow(int row, const QModelIndex& parent) const override;

private:
    QString words_, method_;
    bool inForceOnly_ = false;
};

} // namespace fusain::desktop
