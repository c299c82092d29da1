#pragma once
#include "record/base/event.hpp"

#include <QSqlDatabase>
#include <QSqlQuery>
#include <memory>
#include <set>

namespace fusain::store {

class Identities;

/// Kinds of the events of the book that are no events of a test.
namespace kinds {
inline constexpr std::string_view clientSaved = "client.saved", staffSaved = "staff.saved",
                                  visitSaved = "visit.saved", resultStored = "result.stored",
                                  checkSaved = "check.saved", studySaved = "study.saved",
                                  settingChanged = "setting.changed", rowFound = "row.found",
                                  importMade = "import.made", importTakenBack = "import.taken-back";
} // namespace kinds

/// What the events of the journal leave in the tables of a book: every row follows from them, in one place, for
/// writing, for verifying and for bringing an older book forward.
class Projection {
public:
    /// When the document of a test is written: after every event of it, or once for many (`flush`).
    enum class Documents { AtOnce, AtFlush };

    /// @param database with the tables of the newest schema, and the events in its journal
    /// @param identities of the same database, for as long as this
    Projection(QSqlDatabase database, const Identities& identities, Documents documents = Documents::AtOnce);
    ~Projection();
    /// Writes the rows that follow from an event that is in the journal already.
    /// @return a Problem when the database or the event does not allow it
    [[nodiscard]] Expected<void> apply(const Event& event);
    /// Writes the documents that are ahead of their rows.
    [[nodiscard]] Expected<void> flush();
    /// Forgets the tests that are kept in memory: they may be ahead of the disk.
    void forget();
    void forget(const std::string& test);

private:
    struct OpenTests;
    [[nodiscard]] Expected<void> applyToTest(const Event& event);
    [[nodiscard]] Expected<void> replay(const Event& event);
    [[nodiscard]] Expected<void> writeRows(const Event& event);
    [[nodiscard]] Expected<void> write(const std::string& test);

    QSqlDatabase database_;
    const Identities& identities_;
    Documents documents_;
    std::unique_ptr<OpenTests> open_;
    std::set<std::string> ahead_; ///< ids of tests whose rows are behind
};

/// An event in a row of sequence, at, staff, kind, subject, data, hash; its data are "discarded" when they
/// cannot be read.
[[nodiscard]] Event eventIn(const QSqlQuery& row);
/// The events of a subject, in order; those of a test from when it began the last time.
[[nodiscard]] Expected<std::vector<Event>> journalOf(const QSqlDatabase& database, const std::string& subject);
/// Where the journal ends, as `meta` keeps it under "head".
[[nodiscard]] QString headText(std::int64_t sequence, const std::string& hash);
[[nodiscard]] Expected<void> setHead(const QSqlDatabase& database, std::int64_t sequence,
                                     const std::string& hash);
/// Puts an event with its number and hash into the journal.
[[nodiscard]] Expected<void> intoJournal(const QSqlDatabase& database, const Event& event);

} // namespace fusain::store
