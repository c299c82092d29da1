#pragma once
#include "core/base/problem.hpp"

#include <QSqlDatabase>
#include <QString>
#include <vector>

namespace fusain::store {

/// One step of the schema: what turns version n − 1 into version n. SQL that every engine reads once
/// its dialect has put in the engine's own types.
struct Migration {
    int version;
    std::vector<QString> statements;
    bool replaysTests = false; ///< whether the documents of all tests are then written anew from their events
    bool takesRecordingsOut =
        false; ///< whether what the documents of tests have recorded then goes into blocks
};

/// What the table `meta` says the file is.
inline const QString formatOfBooks = QStringLiteral("fusain-lab-book");

[[nodiscard]] const std::vector<Migration>& migrations();
[[nodiscard]] inline int newestSchema() {
    return migrations().back().version;
}

/// Makes the tables of a version from those of an earlier one; 0: there are none yet.
[[nodiscard]] Expected<void> makeTables(const QSqlDatabase& database, int version = 0);

} // namespace fusain::store
