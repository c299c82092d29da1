#pragma once
#include "record/base/event.hpp"

#include <QSqlDatabase>

namespace fusain::store {

namespace kinds {
inline constexpr std::string_view clientErased = "client.erased";
} // namespace kinds

/// Who a client is stands in the journal under a key of their own, which is kept beside it. When the key is
/// destroyed nobody can tell any more whose the measurements are, although no event was changed.

/// Seals what an event says of a client ("client.saved"); any other stays as it is. Makes the client's key when
/// there is none.
[[nodiscard]] Expected<void> sealIdentity(const QSqlDatabase& database, Event& event);
/// Opens it again; what is not sealed, or whose key is gone, stays as it is. @return whether it can be read now
bool openIdentity(const QSqlDatabase& database, Event& event);
/// Destroys the key of a client.
[[nodiscard]] Expected<void> forgetIdentity(const QSqlDatabase& database, const std::string& client);
/// Takes the keys of one book to another, for looking at its events there.
[[nodiscard]] Expected<void> takeKeys(const QSqlDatabase& from, const QSqlDatabase& to);

} // namespace fusain::store
