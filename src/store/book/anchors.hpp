#pragma once
#include "store/book/verification.hpp"

#include <QString>

namespace fusain::store {

/// The file in a folder of copies that has the head of each day, a line each: day, event, hash. Beside the book
/// it is as good as the book; in the second folder, on another machine, it is what a forger of the whole book
/// has not changed.
[[nodiscard]] QString headsFile(const QString& folder);
/// Notes the head of today at the end of the file; one that is there already is not noted again.
[[nodiscard]] Expected<void> noteHead(const QString& folder, Instant now, std::int64_t events,
                                      const std::string& head);
/// Heads that were noted and are not in the journal: it was rewritten since. A folder without the file says
/// nothing.
[[nodiscard]] std::vector<Fault> againstNotedHeads(const QString& folder, const QSqlDatabase& book);

} // namespace fusain::store
