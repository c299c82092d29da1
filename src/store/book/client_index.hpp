#pragma once
#include <QSqlDatabase>
#include <string>
#include <string_view>
#include <vector>

namespace fusain::store {

class Identities;

/// What clients are looked for by, in memory: one pass over names, codes and birth dates for each key that is
/// typed. Read from the table when it is asked for, and again after the table has changed.
class ClientIndex {
public:
    /// Ids of the clients in whose name, code or birth date a text occurs, in order of the name; of all for an
    /// empty text. @param most stops after so many
    [[nodiscard]] std::vector<std::string> find(const QSqlDatabase& database, const Identities& identities,
                                                const QString& searched, std::size_t most);
    /// Takes note of an event: of those that touch the table of clients, and of a change that was undone.
    void after(std::string_view kind);
    void forget() { known_ = false; }

private:
    struct Entry {
        std::string id;
        QString sought; ///< in small letters, one line each
    };
    void read(const QSqlDatabase& database, const Identities& identities);

    std::vector<Entry> entries_;
    bool known_ = false;
};

} // namespace fusain::store
