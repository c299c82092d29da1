#include "store/book/dialect.hpp"

#include "store/book/engines.hpp"

namespace fusain::store {

const Dialect& dialectOf(const BookAddress& address) {
    return address.onServer() ? postgresDialect() : sqliteDialect();
}

const Dialect& dialectOf(const QSqlDatabase& database) {
    return database.driverName() == postgresDialect().driver() ? postgresDialect() : sqliteDialect();
}

} // namespace fusain::store
