#pragma once
#include "core/base/progress.hpp"
#include "record/base/calendar.hpp"

#include <QSqlDatabase>

namespace fusain::store {

/// Writes every row of a book into an empty one of the same schema, of whatever engine, as it is at one moment.
/// @param progress is told of each row, and can cancel: then nothing is to be kept of it
[[nodiscard]] Expected<void> copyRows(const QSqlDatabase& from, const QSqlDatabase& to,
                                      Progress* progress = nullptr);

} // namespace fusain::store
