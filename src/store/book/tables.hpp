#pragma once
#include <QStringList>
#include <string_view>
#include <vector>

namespace fusain::store {

/// A table whose rows follow from the events of the journal.
struct Table {
    QString name;
    QStringList key;     ///< columns that name a row
    QStringList columns; ///< all, the key among them
};

[[nodiscard]] const std::vector<Table>& projectedTables();
/// Null for any other.
[[nodiscard]] const Table* tableNamed(std::string_view name);

} // namespace fusain::store
