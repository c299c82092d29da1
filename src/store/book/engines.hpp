#pragma once
#include "store/book/dialect.hpp"

namespace fusain::store {

/// A file, for one program at a time.
[[nodiscard]] const Dialect& sqliteDialect();
/// A server, for several workstations.
[[nodiscard]] const Dialect& postgresDialect();

} // namespace fusain::store
