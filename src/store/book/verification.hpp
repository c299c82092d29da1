#pragma once
#include "record/base/calendar.hpp"
#include "record/base/json_fwd.hpp"

#include <QSqlDatabase>
#include <map>
#include <vector>

namespace fusain::store {

/// One thing in a lab book that is not as it was written.
struct Fault {
    Message what;
    std::optional<Instant> written; ///< when what it differs from was written, where that is known
};

/// What a verification found.
struct Verification {
    std::int64_t events = 0;
    bool earlierSchema = false; ///< of an older Fusain: only the chain of events was looked at
    std::vector<Fault> faults;  ///< empty when everything is as it was written
    [[nodiscard]] bool sound() const { return faults.empty(); }
    /// When the first thing was written that does not hold; nothing when the book is sound or it is not known.
    [[nodiscard]] std::optional<Instant> damagedSince() const;
};

/// Walks the chain of events, lets them write a fresh book beside this one, and compares every row of every
/// table in both directions. Reads only.
[[nodiscard]] Verification verifyBook(const QSqlDatabase& database);

/// A row that is not what its events lead to.
struct Difference {
    QString table;
    std::map<QString, QString> key;               ///< by column
    std::optional<std::map<QString, QString>> row; ///< as it stands in the book; nothing when it is missing
    bool expected = true;                          ///< whether any event wrote it
};
/// Compares the rows of a book with what its events lead to. @param tell is given each event that cannot be read
/// or applied
[[nodiscard]] Expected<std::vector<Difference>>
differences(const QSqlDatabase& database, const std::function<void(std::int64_t, const Message&)>& tell);

} // namespace fusain::store
