#pragma once
#include "core/base/progress.hpp"
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

/// Up to where a book was found sound, and when all of it was last looked at.
struct Verified {
    std::int64_t events = 0;
    std::string head; ///< hash of the last of them
    Instant wholly;
};

/// What a verification found.
struct Verification {
    std::int64_t events = 0; ///< in the journal
    std::string head;        ///< hash of the last
    int signatures = 0;      ///< under tests, that were looked at
    std::int64_t before = 0; ///< events that an earlier verification vouches for; 0: all of them were looked at
    bool earlierSchema = false; ///< of an older Fusain: only the chain of events was looked at
    bool cancelled = false;     ///< not all of it was looked at
    std::vector<Fault> faults;  ///< empty when everything is as it was written
    [[nodiscard]] bool sound() const { return faults.empty() && !cancelled; }
    /// When the first thing was written that does not hold; nothing when the book is sound or it is not known.
    [[nodiscard]] std::optional<Instant> damagedSince() const;
};

/// Walks the chain of events, lets them write a fresh book beside this one, and compares every row of every
/// table in both directions. Reads only. @param progress is told of each event, and can cancel
[[nodiscard]] Verification verifyBook(const QSqlDatabase& database, Progress* progress = nullptr);
/// The same for what was written after an earlier verification: the chain from there, and the rows that the new
/// events are about. All of the book where that cannot be told apart, or the earlier end is not in the journal.
[[nodiscard]] Verification verifyNewPart(const QSqlDatabase& database, const Verified& earlier);

/// Where the last sound verification of the book at `path` is kept, beside it.
[[nodiscard]] QString verifiedFile(const QString& path);
/// Up to where the book at `path` was found sound; nothing when that is not known.
[[nodiscard]] std::optional<Verified> verifiedUpTo(const QString& path);
/// Remembers it. When it cannot be written, all of the book is looked at the next time.
void rememberVerified(const QString& path, const Verified& verified);

/// A row that is not what its events lead to.
struct Difference {
    QString table;
    std::map<QString, QString> key;                ///< by column
    std::optional<std::map<QString, QString>> row; ///< as it stands in the book; nothing when it is missing
    bool expected = true;                          ///< whether any event wrote it
};
/// Compares the rows of a book with what its events lead to. @param tell is given each event that cannot be
/// read or applied
/// @param wanted is asked with the number of each event; where it says no, nothing is compared
[[nodiscard]] Expected<std::vector<Difference>>
differences(const QSqlDatabase& database, const std::function<void(std::int64_t, const Message&)>& tell,
            const std::function<bool(std::int64_t)>& wanted = {});

} // namespace fusain::store
