#pragma once
#include "record/base/json_fwd.hpp"

#include <QSqlDatabase>
#include <set>
#include <string>

namespace fusain::store {

// Recordings stand once in a lab book, in a table of blocks beside the documents; events and records carry the
// name of the block, which is the hash of what it holds. docs/formats/lab-book.md has the layout.

/// Takes the recordings out of a document into the table of blocks and leaves their names.
[[nodiscard]] Expected<void> takeRecordingsOut(const QSqlDatabase& database, Json& document);
/// Puts the recordings of a document back where their blocks can be read; where one cannot, its name stays.
void putRecordingsBack(const QSqlDatabase& database, Json& document);
/// Whether a document has recordings written out in it.
[[nodiscard]] bool hasRecordings(const Json& document);
/// The names of the blocks that a document relies on.
[[nodiscard]] std::set<std::string> blocksNamedIn(const Json& document);

/// The names of all blocks of a book, as it says.
[[nodiscard]] Expected<std::set<std::string>> blocksOf(const QSqlDatabase& database);
/// Whether a block holds what its name says.
[[nodiscard]] bool blockIsWhole(const QSqlDatabase& database, const std::string& name);

} // namespace fusain::store
