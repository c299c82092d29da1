#include "store/book/tables.hpp"

#include <algorithm>

namespace fusain::store {

const std::vector<Table>& projectedTables() {
    static const std::vector<Table> all{
        {"clients", {"id"}, {"id", "code", "name", "birth_date", "document"}},
        {"staff", {"id"}, {"id", "name", "document"}},
        {"visits", {"id"}, {"id", "client", "at", "method", "state", "test", "note"}},
        {"tests", {"id", "version"}, {"id", "version", "client", "method", "started_at", "state", "document"}},
        {"results", {"test", "test_version", "number"}, {"test", "test_version", "number", "at", "document"}},
        {"checks", {"id"}, {"id", "instrument", "kind", "at", "document"}},
        {"studies", {"id"}, {"id", "instrument", "at", "document"}},
        {"settings", {"key"}, {"key", "value"}}};
    return all;
}

const Table* tableNamed(std::string_view name) {
    const auto found = std::ranges::find(projectedTables(),
                                         QString::fromUtf8(name.data(), qsizetype(name.size())), &Table::name);
    return found == projectedTables().end() ? nullptr : &*found;
}

} // namespace fusain::store
