#include "store/book/client_index.hpp"

#include "store/book/identity.hpp"
#include "store/book/projection.hpp"
#include "store/book/sql.hpp"

#include <QSqlQuery>
#include <QVariant>

namespace fusain::store {

void ClientIndex::read(const QSqlDatabase& database) {
    entries_.clear();
    auto rows =
        run(database, QStringLiteral("SELECT id, name, code, birth_date FROM clients ORDER BY name, id"));
    while (rows && rows->next())
        entries_.push_back(
            {rows->value(0).toString().toStdString(),
             QStringList{rows->value(1).toString(), rows->value(2).toString(), rows->value(3).toString()}
                 .join(QLatin1Char('\n'))
                 .toLower()});
    known_ = rows.has_value();
}

std::vector<std::string> ClientIndex::find(const QSqlDatabase& database, const QString& searched,
                                           std::size_t most) {
    if (!known_)
        read(database);
    const QString wanted = searched.toLower().simplified();
    std::vector<std::string> ids;
    for (const Entry& entry : entries_) {
        if (ids.size() >= most)
            break;
        if (wanted.isEmpty() || entry.sought.contains(wanted))
            ids.push_back(entry.id);
    }
    return ids;
}

void ClientIndex::after(std::string_view kind) {
    if (kind == kinds::clientSaved || kind == kinds::clientErased || kind == kinds::rowFound ||
        kind == kinds::importTakenBack)
        forget();
}

} // namespace fusain::store
